#include "artwork/artwork.hpp"
#include "plane/region.hpp"
#include <QPaintDevice>
#include <QPaintEngine>
#include <QPainter>
#include <QPainterPathStroker>
#include <QSvgRenderer>
#include <QXmlStreamReader>
#include <QXmlStreamWriter>
#include <cmath>

namespace bollard::artwork {

using plane::Contour, plane::Outline, plane::Segment, plane::Vector;
using quantity::Problem, quantity::ProblemKind;

namespace {

Outline outlineOf(const QPainterPath& path) {
    Outline outline;
    const auto at = [&](int i) { return Vector{path.elementAt(i).x, path.elementAt(i).y}; };
    for (int i = 0; i < path.elementCount(); ++i) {
        switch (path.elementAt(i).type) {
        case QPainterPath::MoveToElement:
            outline.contours.push_back({at(i), {}, true});
            break;
        case QPainterPath::LineToElement:
            outline.contours.back().segments.push_back({Segment::Kind::line, {}, {}, at(i)});
            break;
        case QPainterPath::CurveToElement:
            outline.contours.back().segments.push_back({Segment::Kind::cubic, at(i), at(i + 1), at(i + 2)});
            i += 2;
            break;
        case QPainterPath::CurveToDataElement:
            break;
        }
    }
    std::erase_if(outline.contours, [](const Contour& contour) { return contour.segments.empty(); });
    for (Contour& contour : outline.contours) {
        const Vector end = contour.segments.back().end;
        contour.open = plane::length(end - contour.start) > 1e-6;
    }
    return outline;
}

/// What a stroke covers. Of short strokes the curves are kept; Qt takes its time over long ones that cross
/// themselves, so they are flattened and united.
Outline strokeOf(const QPainterPath& stroke) {
    constexpr int fewElements = 200;
    if (stroke.elementCount() <= fewElements) {
        Outline area = outlineOf(stroke.simplified());
        for (Contour& contour : area.contours)
            contour.open = false;
        orientByDepth(area);
        return area;
    }
    Outline drawn = outlineOf(stroke);
    for (Contour& contour : drawn.contours)
        contour.open = false;
    const QRectF box = stroke.controlPointRect();
    const double size =
        std::max({box.width(), box.height(), std::fabs(box.left()), std::fabs(box.top()), 1e-9});
    constexpr double grid = 1e7, tolerance = 500; // of the drawing's size: a twenty-thousandth
    const double scale = grid / size;
    Outline area;
    for (const plane::Ring& ring : plane::filled(plane::flattened(drawn, scale, tolerance)).rings) {
        Contour contour{(1 / scale) * plane::vectorOf(ring.front()), {}};
        for (size_t i = 1; i < ring.size(); ++i)
            contour.segments.push_back({Segment::Kind::line, {}, {}, (1 / scale) * plane::vectorOf(ring[i])});
        area.contours.push_back(std::move(contour));
    }
    return area;
}

void close(Outline& outline) {
    for (Contour& contour : outline.contours)
        contour.open = false;
}

/// Takes down every path that is painted, as it would lie on the page.
class PathEngine : public QPaintEngine {
  public:
    PathEngine(double thinnest, std::stop_token stop)
        : QPaintEngine(AllFeatures), thinnest_(thinnest), stop_(std::move(stop)) {}

    bool begin(QPaintDevice*) override { return true; }
    bool end() override { return true; }
    Type type() const override { return User; }
    void updateState(const QPaintEngineState& now) override {
        if (now.state() & DirtyTransform)
            transform_ = now.transform();
        if (now.state() & DirtyPen)
            pen_ = now.pen();
        if (now.state() & DirtyBrush)
            brush_ = now.brush();
    }
    void drawPath(const QPainterPath& path) override {
        if (stop_.stop_requested())
            return; // the renderer goes on, but nothing is left to do
        if (brush_.style() != Qt::NoBrush) {
            Outline filled = outlineOf(transform_.map(path));
            close(filled);
            orientByDepth(filled);
            add(filled);
        }
        const double scale = std::sqrt(std::fabs(transform_.determinant()));
        const double width = pen_.isCosmetic() ? 0 : pen_.widthF() * scale;
        if (pen_.style() == Qt::NoPen)
            return;
        if (width >= thinnest_) {
            QPainterPathStroker stroker(pen_);
            stroker.setCurveThreshold(0.05);
            add(strokeOf(transform_.map(stroker.createStroke(path))));
        } else if (brush_.style() == Qt::NoBrush) {
            add(outlineOf(transform_.map(path)));
        }
    }
    void drawPolygon(const QPointF* points, int count, PolygonDrawMode mode) override {
        QPainterPath path;
        path.addPolygon(QPolygonF(QList<QPointF>(points, points + count)));
        if (mode != PolylineMode)
            path.closeSubpath();
        drawPath(path);
    }
    void drawEllipse(const QRectF& box) override {
        QPainterPath path;
        path.addEllipse(box);
        drawPath(path);
    }
    void drawRects(const QRectF* boxes, int count) override {
        for (int i = 0; i < count; ++i) {
            QPainterPath path;
            path.addRect(boxes[i]);
            drawPath(path);
        }
    }
    void drawLines(const QLineF* lines, int count) override {
        for (int i = 0; i < count; ++i) {
            QPainterPath path(lines[i].p1());
            path.lineTo(lines[i].p2());
            drawPath(path);
        }
    }
    void drawPixmap(const QRectF&, const QPixmap&, const QRectF&) override { ++pictures_; }
    void drawImage(const QRectF&, const QImage&, const QRectF&, Qt::ImageConversionFlags) override {
        ++pictures_;
    }
    void drawTextItem(const QPointF&, const QTextItem&) override {}

    const Outline& outline() const { return outline_; }
    int pictures() const { return pictures_; }

  private:
    void add(const Outline& more) {
        outline_.contours.insert(outline_.contours.end(), more.contours.begin(), more.contours.end());
    }

    double thinnest_;
    std::stop_token stop_;
    QTransform transform_;
    QPen pen_;
    QBrush brush_;
    Outline outline_;
    int pictures_ = 0;
};

class PathDevice : public QPaintDevice {
  public:
    PathDevice(QSizeF size, double thinnest, std::stop_token stop)
        : size_(size), engine_(thinnest, std::move(stop)) {}
    QPaintEngine* paintEngine() const override { return &engine_; }

  protected:
    int metric(PaintDeviceMetric metric) const override {
        constexpr int dotsPerInch = 96;
        switch (metric) {
        case PdmWidth:
            return std::max(1, int(std::ceil(size_.width())));
        case PdmHeight:
            return std::max(1, int(std::ceil(size_.height())));
        case PdmDpiX:
        case PdmDpiY:
        case PdmPhysicalDpiX:
        case PdmPhysicalDpiY:
            return dotsPerInch;
        case PdmDevicePixelRatio:
            return 1;
        case PdmDevicePixelRatioScaled:
            return int(QPaintDevice::devicePixelRatioFScale());
        case PdmDepth:
            return 32;
        default:
            return 0;
        }
    }

  private:
    QSizeF size_;
    mutable PathEngine engine_;
};

/// What the root element tells of its size, and what is in the file that is not drawn as paths.
struct Head {
    QRectF viewBox{};
    QSizeF size{};  ///< mm; empty where no real unit is given
    QSizeF plain{}; ///< in user units
    int texts = 0;
    bool isSvg = false;
    int line = 0;
    QString problem{};
    QByteArray
        withoutTexts{}; ///< the drawing but for its texts, which would be drawn in whatever font is there
};

double millimetresIn(const QString& unit) {
    constexpr double inch = 25.4;
    if (unit == QLatin1String("mm"))
        return 1;
    if (unit == QLatin1String("cm"))
        return 10;
    if (unit == QLatin1String("in"))
        return inch;
    if (unit == QLatin1String("pt"))
        return inch / 72;
    if (unit == QLatin1String("pc"))
        return inch / 6;
    return 0;
}

std::pair<double, double> lengthOf(QStringView text) {
    qsizetype digits = 0;
    while (digits < text.size() && (text[digits].isDigit() || QStringLiteral("+-.eE").contains(text[digits])))
        ++digits;
    if (text.endsWith(QLatin1String("em")))
        digits = text.size() - 2;
    return {text.left(digits).toDouble(), millimetresIn(text.mid(digits).trimmed().toString())};
}

Head headOf(const QByteArray& text) {
    Head head;
    QXmlStreamReader xml(text);
    QXmlStreamWriter rest(&head.withoutTexts);
    while (!xml.atEnd()) {
        const QXmlStreamReader::TokenType token = xml.readNext();
        if (token == QXmlStreamReader::StartElement && xml.name() == QLatin1String("text")) {
            ++head.texts;
            xml.skipCurrentElement();
            continue;
        }
        if (token == QXmlStreamReader::Invalid)
            break;
        rest.writeCurrentToken(xml);
        if (token != QXmlStreamReader::StartElement)
            continue;
        if (xml.name() == QLatin1String("svg") && !head.isSvg) {
            head.isSvg = true;
            const auto attributes = xml.attributes();
            const auto [width, widthUnit] = lengthOf(attributes.value(QLatin1String("width")));
            const auto [height, heightUnit] = lengthOf(attributes.value(QLatin1String("height")));
            head.plain = QSizeF(width, height);
            if (widthUnit > 0 && heightUnit > 0)
                head.size = QSizeF(width * widthUnit, height * heightUnit);
            const auto box = attributes.value(QLatin1String("viewBox"))
                                 .toString()
                                 .replace(QLatin1Char(','), QLatin1Char(' '))
                                 .split(QLatin1Char(' '), Qt::SkipEmptyParts);
            if (box.size() == 4)
                head.viewBox =
                    QRectF(box[0].toDouble(), box[1].toDouble(), box[2].toDouble(), box[3].toDouble());
        }
    }
    if (xml.hasError()) {
        head.problem = xml.errorString();
        head.line = int(xml.lineNumber());
    }
    return head;
}

} // namespace

quantity::Result<Drawing> drawingFromSvg(const std::string& text, const std::string& path,
                                         std::stop_token stop) {
    const QByteArray bytes = QByteArray::fromStdString(text);
    const Head head = headOf(bytes);
    if (!head.problem.isEmpty())
        return Problem{ProblemKind::artworkBroken, path, head.problem.toStdString(), head.line};
    QSvgRenderer renderer;
    if (!head.isSvg || !renderer.load(head.withoutTexts))
        return Problem{ProblemKind::artworkBroken, path, "it is not an SVG drawing"};
    renderer.setAspectRatioMode(Qt::KeepAspectRatio);
    QRectF box = head.viewBox;
    if (box.isEmpty())
        box = head.plain.isEmpty() ? renderer.viewBoxF() : QRectF(QPointF(0, 0), head.plain);
    if (box.isEmpty())
        return Problem{ProblemKind::artworkEmpty, path};

    Drawing drawing;
    if (!head.size.isEmpty())
        drawing.millimetresPerUnit = head.size.width() / box.width();
    constexpr double thinnest_mm = 0.3, pixel_mm = 25.4 / 96;
    const double unit = drawing.millimetresPerUnit > 0 ? drawing.millimetresPerUnit : pixel_mm;
    PathDevice device(box.size(), thinnest_mm / unit, stop);
    {
        QPainter painter(&device);
        // In the file's own units: the page is drawn as large as its box.
        renderer.render(&painter, QRectF(QPointF(0, 0), box.size()));
    }
    if (stop.stop_requested())
        return Problem{ProblemKind::stopped};
    const auto* engine = static_cast<const PathEngine*>(device.paintEngine());
    drawing.outline = plane::mapped(engine->outline(), [](Vector v) { return Vector{v.x, -v.y}; }); // y up
    drawing.texts = head.texts;
    drawing.others = engine->pictures();
    if (drawing.outline.contours.empty())
        return Problem{ProblemKind::artworkEmpty, path};
    return drawing;
}

} // namespace bollard::artwork
