#include "drawing/job_sheet.hpp"
#include "card/solid.hpp"
#include "drawing/flat_drawing.hpp"
#include "drawing/pdf_file.hpp"
#include "drawing/pictures.hpp"
#include "drawing/qr_code.hpp"
#include "wording/wording.hpp"
#include <QCoreApplication>
#include <QCryptographicHash>
#include <QImage>
#include <QPainter>
#include <functional>

namespace bollard::drawing {
namespace {

struct JobSheets {
    Q_DECLARE_TR_FUNCTIONS(JobSheet)
};

constexpr double edgeOfPage = 12, mmPerInch = 25.4;

/// Numbers as a machine shows them.
QString plain(double value, int decimals = 3) {
    return QString::fromStdString(quantity::roundedText(value, decimals));
}

QImage flatPicture(const card::Made& made, QSize size) {
    QImage image(size, QImage::Format_RGB32);
    image.fill(tokensOf(Look::light).ground);
    QPainter painter(&image);
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF area(0, 0, size.width(), size.height());
    const FlatDrawing flat(made);
    FlatExtras extras;
    extras.legend = false;
    flat.paint(painter, area, flat.fitted(area), extras);
    return image;
}

/// Lays out from above to below, on as many pages as it takes; in mm of the page.
class Layout {
  public:
    Layout(QPainter& painter, double dotsPerInch, QSizeF page, std::function<void()> newPage)
        : painter_(painter), perMm_(dotsPerInch / mmPerInch), page_(page), newPage_(std::move(newPage)) {}

    double width() const { return page_.width() - 2 * edgeOfPage; }
    double y() const { return y_; }
    void down(double mm) { y_ += mm; }
    /// What is this high stays together.
    void need(double high) {
        if (y_ + high <= page_.height() - edgeOfPage || y_ <= edgeOfPage)
            return;
        newPage_();
        y_ = edgeOfPage;
    }
    void use(double size, bool bold = false, QColor colour = Qt::black) {
        QFont font(painter_.font());
        font.setPixelSize(std::max(1, int(std::lround(size * perMm_))));
        font.setBold(bold);
        // Signs that a typeface puts in for others cannot be searched for.
        font.setStyleStrategy(QFont::PreferNoShaping);
        painter_.setFont(font);
        painter_.setPen(colour);
    }
    /// From `x` (of what is between the margins) on, in as many lines as it takes; how high it is.
    double text(double x, double wide, const QString& words) {
        const QRectF room = pixels(x, y_, wide, page_.height());
        QRectF used;
        painter_.drawText(room, int(Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap), words, &used);
        return used.height() / perMm_;
    }
    double heightOf(double wide, const QString& words) const {
        return painter_
                   .boundingRect(pixels(0, 0, wide, page_.height()),
                                 int(Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap), words)
                   .height() /
               perMm_;
    }
    void image(double x, double wide, double high, const QImage& image) {
        painter_.drawImage(pixels(x, y_, wide, high), image);
    }
    void rule() {
        painter_.setPen(QPen(QColor(160, 160, 160), 0.2 * perMm_));
        painter_.drawLine(pixels(0, y_, width(), 0).topLeft(), pixels(0, y_, width(), 0).topRight());
    }
    QRectF pixels(double x, double y, double wide, double high) const {
        return {(edgeOfPage + x) * perMm_, y * perMm_, wide * perMm_, high * perMm_};
    }
    double perMm() const { return perMm_; }
    QPainter& painter() { return painter_; }

  private:
    QPainter& painter_;
    double perMm_;
    QSizeF page_;
    std::function<void()> newPage_;
    double y_ = edgeOfPage;
};

class Laying {
  public:
    Laying(const JobSheet& sheet, Layout& page) : sheet_(sheet), card_(*sheet.made.card), page_(page) {}

    void lay() {
        head();
        pictures();
        part();
        if (!card_.operations.empty())
            cutting();
        findings();
        files();
    }

  private:
    static constexpr double body = 3.2, small = 2.7;

    void heading(const QString& words) {
        page_.need(16);
        page_.down(2);
        page_.rule();
        page_.down(1.5);
        page_.use(3.6, true);
        page_.down(page_.text(0, page_.width(), words) + 1);
    }
    /// "Material    brass", one line or more.
    void told(const QString& label, const QString& words) {
        if (words.isEmpty())
            return;
        constexpr double labels = 34;
        page_.use(body);
        page_.need(page_.heightOf(page_.width() - labels, words));
        page_.use(body, false, QColor(90, 90, 90));
        const double left = page_.text(0, labels - 2, label);
        page_.use(body);
        page_.down(std::max(left, page_.text(labels, page_.width() - labels, words)) + 0.8);
    }

    void head() {
        constexpr double code = 32;
        const double top = page_.y();
        const QImage qr = qrCode(sheet_.card + " " + sheet_.digest);
        const QRectF place = page_.pixels(page_.width() - code, page_.y(), code, code);
        const double module = place.width() / std::max(1, qr.width());
        for (int y = 0; y < qr.height(); ++y)
            for (int x = 0; x < qr.width(); ++x)
                if (qGray(qr.pixel(x, y)) < 128) // each as a whole, so that edges are sharp
                    page_.painter().fillRect(QRectF(std::round(place.left() + x * module),
                                                    std::round(place.top() + y * module), std::ceil(module),
                                                    std::ceil(module)),
                                             Qt::black);
        page_.use(7, true);
        const double wide = page_.width() - code - 6;
        page_.down(page_.text(0, wide, QString::fromStdString(sheet_.card)) + 1);
        page_.use(body);
        page_.down(page_.text(0, wide, JobSheets::tr("Job sheet")) + 1);
        page_.use(small, false, QColor(90, 90, 90));
        page_.down(
            page_.text(0, wide, JobSheets::tr("Card file %1").arg(QString::fromStdString(sheet_.fileName))) +
            0.5);
        page_.down(
            page_.text(0, wide,
                       JobSheets::tr("SHA-256 %1").arg(QString::fromStdString(sheet_.digest.substr(0, 16)))) +
            0.5);
        page_.down(std::max(0.0, top + code - page_.y()) + 3);
    }

    void pictures() {
        const double wide = (page_.width() - 4) / 2, high = wide * 0.62;
        const double dots = 8; // a mm
        const QSize size(int(wide * dots), int(high * dots));
        page_.image(0, wide, high, flatPicture(sheet_.made, size));
        page_.image(wide + 4, wide, high, bodyImage(sheet_.made.solid->mesh, size));
        page_.down(high + 2);
    }

    bool isRound() const {
        const auto sides = blank::sidesOf(card_.blank);
        return blank::turnOf(card_.blank, sides.front()) > 0;
    }

    QString sizeText() const {
        const body::Extent extent = body::extentOf(sheet_.made.solid->mesh);
        QStringList lengths;
        for (const double length :
             {extent.high.x - extent.low.x, extent.high.y - extent.low.y, extent.high.z - extent.low.z})
            lengths << plain(length, isRound() ? 1 : 2); // round ones are of facets
        return JobSheets::tr("%1 mm").arg(lengths.join(QStringLiteral(" x ")));
    }

    void part() {
        heading(JobSheets::tr("Part"));
        for (size_t i = 0; i < card_.inscriptions.size(); ++i) {
            const card::Inscription& inscription = card_.inscriptions[i];
            if (inscription.isOrnament())
                continue;
            QString words =
                QString::fromStdString(setting::filled(inscription.words, *card_.rows, card_.row).words);
            told(JobSheets::tr("Words"), words);
            told(QString(), JobSheets::tr("%1; %2").arg(wording::letteringSummary(card_, int(i)),
                                                        wording::summaryOf(inscription.working, card_.unit)));
        }
        const blank::Blank& blank = card_.blank;
        told(JobSheets::tr("Blank"), wording::summaryOf(blank, card_.unit));
        if (blank.kind != blank::Kind::none) {
            const plane::Vector size = blank::sizeOf(blank);
            told(isRound() ? JobSheets::tr("Round it, along it") : JobSheets::tr("Width, height"),
                 JobSheets::tr("%1 x %2 mm").arg(plain(size.x), plain(size.y)));
        }
        told(JobSheets::tr("Over all"), sizeText());
        const std::string& material = card_.stock.material.empty() ? blank.material : card_.stock.material;
        told(JobSheets::tr("Material"), QString::fromStdString(material));
        if (const double mass = card::massOf(sheet_.made); mass > 0)
            told(JobSheets::tr("Mass"), wording::massText(mass));
        told(JobSheets::tr("Process"), wording::summaryOf(card_.process, card_.unit));
    }

    void cutting() {
        const auto cuttings = card::cuttingsOf(sheet_.made);
        double seconds = 0;
        heading(JobSheets::tr("Operations, in order"));
        const std::array<std::pair<QString, double>, 7> columns{{{JobSheets::tr("No."), 10},
                                                                 {JobSheets::tr("Operation"), 30},
                                                                 {JobSheets::tr("Tool"), 46},
                                                                 {JobSheets::tr("Feed"), 24},
                                                                 {JobSheets::tr("Plunge"), 24},
                                                                 {JobSheets::tr("Speed"), 24},
                                                                 {JobSheets::tr("Time"), 24}}};
        const auto row = [&](const std::array<QString, 7>& cells, bool head) {
            page_.use(head ? small : body, false, head ? QColor(90, 90, 90) : QColor(Qt::black));
            double high = 0, x = 0;
            for (size_t i = 0; i < cells.size(); ++i)
                high = std::max(high, page_.heightOf(columns[i].second - 2, cells[i]));
            page_.need(high);
            for (size_t i = 0; i < cells.size(); ++i) {
                page_.text(x, columns[i].second - 2, cells[i]);
                x += columns[i].second;
            }
            page_.down(high + 0.8);
        };
        std::array<QString, 7> heads;
        for (size_t i = 0; i < columns.size(); ++i)
            heads[i] = columns[i].first;
        row(heads, true);
        for (const cut::Cutting* cutting : {&cuttings->front, &cuttings->back})
            for (const cut::Toolpath& path : cutting->paths) {
                const cut::Operation& operation = path.job.operation;
                const cut::Tool& tool = operation.tool;
                seconds += path.seconds;
                QString size = tool.burns() ? JobSheets::tr("kerf %1").arg(plain(tool.kerf))
                                            : JobSheets::tr("diameter %1").arg(plain(tool.diameter));
                if (tool.tapers())
                    size += QStringLiteral(", ") + JobSheets::tr("angle %1°").arg(plain(tool.angle));
                row({QString::number(path.number + 1), wording::nameOf(operation.kind),
                     JobSheets::tr("%1, %2").arg(wording::nameOf(tool.kind), size), plain(operation.feed),
                     tool.burns() ? QString() : plain(operation.plunge),
                     tool.turns() ? plain(operation.speed) : QString(), wording::timeText(path.seconds)},
                    false);
            }
        page_.use(small, false, QColor(90, 90, 90));
        page_.down(
            page_.text(0, page_.width(), JobSheets::tr("Feeds and plunges in mm/min, speeds in 1/min.")) + 1);
        told(JobSheets::tr("Time"), wording::timeText(seconds));
        constexpr double sketch = 24; // mm high
        page_.need(sketch + 2);
        const double top = page_.y();
        paintZero(cuttings->front, sketch);
        told(JobSheets::tr("Zero"), wording::sentenceOf(card_.zero));
        told(JobSheets::tr("Stock"), wording::stockText(cuttings->front));
        if (!card_.machine.name.empty())
            told(JobSheets::tr("Machine"), QString::fromStdString(card_.machine.name));
        page_.down(std::max(0.0, top + sketch - page_.y()));
    }

    /// The stock from above with the zero on it.
    void paintZero(const cut::Cutting& cutting, double high) {
        constexpr double wide = 44;
        const double top = page_.y();
        const bool round = cutting.mounting != nullptr;
        const double low = round ? cutting.mounting->stock.from : cutting.stock.low.x,
                     across = round ? 2 * cutting.mounting->stock.radius
                                    : cutting.stock.high.x - cutting.stock.low.x,
                     along = round ? cutting.mounting->stock.to - cutting.mounting->stock.from
                                   : cutting.stock.high.y - cutting.stock.low.y;
        const QRectF room = page_.pixels(page_.width() - wide, top, wide, high);
        if (!(across > 0) || !(along > 0))
            return;
        // A bar lies along its y.
        const double w = round ? along : across, h = round ? across : along;
        const double scale = std::min(room.width() / w, room.height() / h) * 0.8;
        QRectF stock(0, 0, w * scale, h * scale);
        stock.moveCenter(room.center());
        QPainter& painter = page_.painter();
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(Qt::black, 0.3 * page_.perMm()));
        painter.drawRect(stock);
        const QPointF at =
            round ? QPointF(stock.left() + (cutting.mounting->zero.y - low) * scale, stock.center().y())
                  : QPointF(stock.left() + (cutting.zero.x - cutting.stock.low.x) * scale,
                            stock.bottom() - (cutting.zero.y - cutting.stock.low.y) * scale);
        const double arm = 3 * page_.perMm();
        painter.setPen(QPen(QColor(0x1F, 0x5F, 0x86), 0.5 * page_.perMm()));
        painter.drawLine(at - QPointF(arm, 0), at + QPointF(arm, 0));
        painter.drawLine(at - QPointF(0, arm), at + QPointF(0, arm));
        painter.drawEllipse(at, arm / 2, arm / 2);
    }

    void findings() {
        struct Line {
            QString what, why;
        };
        std::vector<Line> lines;
        for (const check::Finding& finding : sheet_.made.checked->findings) {
            const bool let = sheet_.accepts && finding.severity == check::Severity::stop && !finding.accepted;
            if (!finding.accepted && !let)
                continue;
            const wording::FindingText text = wording::textOf(finding, card_);
            QString what = text.title;
            if (!text.where.isEmpty())
                what += QStringLiteral(", ") + text.where;
            if (!text.measured.isEmpty())
                what += QStringLiteral(" (%1)").arg(text.measured);
            const auto own = std::ranges::find(card_.accepted, finding.id, &card::Accepted::finding);
            lines.push_back({what, QString::fromStdString(let                           ? sheet_.reason
                                                          : own == card_.accepted.end() ? std::string()
                                                                                        : own->reason)});
        }
        if (lines.empty())
            return;
        heading(JobSheets::tr("Findings that are accepted"));
        for (const Line& line : lines)
            told(line.why.isEmpty() ? JobSheets::tr("no reason told") : line.why, line.what);
    }

    void files() {
        if (sheet_.files.empty())
            return;
        heading(JobSheets::tr("Files"));
        for (const auto& [name, digest] : sheet_.files)
            told(QString::fromStdString(name),
                 JobSheets::tr("SHA-256 %1").arg(QString::fromStdString(digest.substr(0, 16))));
    }

    const JobSheet& sheet_;
    const card::Card& card_;
    Layout& page_;
};

QSizeF sizeOf(QPageSize::PageSizeId paper) {
    return QPageSize(paper).size(QPageSize::Millimeter);
}

} // namespace

std::string sha256Of(const std::string& bytes) {
    return QCryptographicHash::hash(QByteArray::fromStdString(bytes), QCryptographicHash::Sha256)
        .toHex()
        .toStdString();
}

quantity::Result<std::string> jobSheetPdf(const JobSheet& sheet) {
    const wording::PlainNumbers plainNumbers;
    PdfFile file(QPageSize(sheet.paper), 0,
                 JobSheets::tr("%1, job sheet").arg(QString::fromStdString(sheet.card)));
    QPainter painter(&file.writer());
    Layout page(painter, file.writer().logicalDpiX(), sizeOf(sheet.paper), [&] { file.writer().newPage(); });
    Laying(sheet, page).lay();
    painter.end();
    return file.take();
}

quantity::Result<std::string> jobSheetPng(const JobSheet& sheet) {
    const wording::PlainNumbers plainNumbers;
    constexpr double dotsPerInch = 200;
    const QSizeF size = sizeOf(sheet.paper);
    std::vector<QImage> pages;
    QPainter painter;
    const auto begin = [&] {
        if (painter.isActive())
            painter.end();
        QImage& page = pages.emplace_back(int(std::lround(size.width() / mmPerInch * dotsPerInch)),
                                          int(std::lround(size.height() / mmPerInch * dotsPerInch)),
                                          QImage::Format_RGB32);
        page.fill(Qt::white);
        page.setDotsPerMeterX(int(std::lround(dotsPerInch / mmPerInch * 1000)));
        page.setDotsPerMeterY(page.dotsPerMeterX());
        painter.begin(&page);
        painter.setRenderHint(QPainter::Antialiasing);
    };
    pages.reserve(100); // they are painted on where they are
    begin();
    Layout page(painter, dotsPerInch, size, begin);
    Laying(sheet, page).lay();
    painter.end();
    QImage whole(pages.front().width(), pages.front().height() * int(pages.size()), QImage::Format_RGB32);
    whole.setDotsPerMeterX(pages.front().dotsPerMeterX());
    whole.setDotsPerMeterY(pages.front().dotsPerMeterY());
    QPainter joining(&whole);
    for (size_t i = 0; i < pages.size(); ++i)
        joining.drawImage(0, int(i) * pages[i].height(), pages[i]);
    joining.end();
    return pngOf(whole);
}

} // namespace bollard::drawing
