#include "drawing/flat_drawing.hpp"
#include "card/sides.hpp"
#include "drawing/paths.hpp"
#include "wording/wording.hpp"
#include <QCoreApplication>
#include <QFontMetricsF>
#include <QPainter>
#include <map>

namespace bollard::drawing {
namespace {

struct Flat {
    Q_DECLARE_TR_FUNCTIONS(Flat)
};

using working::Kind;

QPen thin(const QColor& colour, double width = 1, Qt::PenStyle style = Qt::SolidLine) {
    QPen pen(colour, width, style);
    pen.setCosmetic(true);
    return pen;
}

/// Hatching in pixels, whatever the zoom.
/// How letters of a kind of working are drawn.
struct KindLook {
    Kind kind;
    QColor Tokens::*fill;
    QColor Tokens::*line = &Tokens::materialEdge;
    double pen = 0;                            ///< pixels; 0 for none
    Qt::BrushStyle pattern = Qt::SolidPattern; ///< over the fill
    QColor Tokens::*hatching = &Tokens::line;
};
constexpr std::array looks{
    KindLook{Kind::raised, &Tokens::ink},
    KindLook{Kind::sunk, &Tokens::sunk, &Tokens::materialEdge, 1.2},
    KindLook{Kind::pierced, &Tokens::ground, &Tokens::ink, 1.4, Qt::BDiagPattern},
    KindLook{Kind::freeStanding, &Tokens::ink},
    KindLook{Kind::scribed, &Tokens::ink, &Tokens::materialEdge, 0.6},
    KindLook{Kind::carved, &Tokens::sunk, &Tokens::materialEdge, 1.2, Qt::VerPattern, &Tokens::materialEdge},
    KindLook{Kind::inlaid, &Tokens::letters, &Tokens::materialEdge, 0.8}};
static_assert(looks.size() == size_t(working::kinds));

const KindLook& lookOf(Kind kind) {
    return looks[size_t(kind)];
}

QBrush hatch(const QColor& colour, const FlatScale& scale, Qt::BrushStyle pattern = Qt::BDiagPattern) {
    QBrush brush(colour, pattern);
    brush.setTransform(QTransform::fromScale(1 / scale.pixelsPerMm, -1 / scale.pixelsPerMm));
    return brush;
}

/// A dimension with short end strokes and its number in the middle, on a patch of ground; where there is no
/// room for it, it stands above, or to the left or right of an upright one, and as far out as keeps it clear
/// of what is `taken`, to which it is added.
void dimension(QPainter& painter, QPointF from, QPointF to, const QString& text, QList<QRectF>& taken,
               bool toTheRight = false) {
    const Tokens& t = tokens();
    painter.setPen(thin(t.inkSoft));
    painter.drawLine(from, to);
    const bool flat = qAbs(to.x() - from.x()) >= qAbs(to.y() - from.y());
    const QPointF tick = flat ? QPointF(0, 5) : QPointF(5, 0);
    painter.drawLine(from - tick, from + tick);
    painter.drawLine(to - tick, to + tick);
    const QFontMetricsF metrics(painter.font());
    QRectF box(0, 0, metrics.horizontalAdvance(text) + 8, metrics.height());
    box.moveCenter((from + to) / 2);
    const double room = flat ? qAbs(to.x() - from.x()) : qAbs(to.y() - from.y());
    if (room < (flat ? box.width() : box.height()) + 6)
        box.translate(flat ? QPointF(0, -box.height() * 0.8)
                           : QPointF(box.width() * (toTheRight ? 0.7 : -0.7), 0));
    const auto isClear = [&](const QRectF& there) {
        return std::ranges::none_of(taken, [&](const QRectF& other) { return other.intersects(there); });
    };
    const QPointF aside = flat ? QPointF(0, box.height()) : QPointF(box.width() * (toTheRight ? 1 : -1), 0);
    const QPointF along = flat ? QPointF(box.width(), 0) : QPointF(0, box.height());
    for (const QPointF offset : {QPointF(), along, -along, aside, -aside, 2 * aside, -2 * aside, 3 * aside})
        if (isClear(box.translated(offset))) {
            box.translate(offset);
            break;
        }
    taken.push_back(box);
    painter.fillRect(box, t.ground);
    painter.setPen(t.ink);
    painter.drawText(box, Qt::AlignCenter, text);
}

QString shareText(double share) {
    return QStringLiteral("%1 %").arg(qRound(100 * share));
}

/// 1, 2 or 5 times a power of ten, so that marks are at least `pixels` apart.
double markStep(double pixelsPerUnit, double pixels) {
    double step = 1e-3;
    for (const double factor = 10; step * pixelsPerUnit < pixels; step *= factor)
        for (const double part : {2.0, 5.0})
            if (step * part * pixelsPerUnit >= pixels)
                return step * part;
    return step;
}

} // namespace

FlatDrawing::FlatDrawing(card::Made made, const FlatDrawing* before) : made_(std::move(made)) {
    if (!made_.lettering)
        return;
    const blank::Blank& blank = made_.card->blank;
    for (const std::string_view name : blank::sidesOf(blank)) {
        Side& side = sides_.emplace_back();
        side.name = name;
        side.turn = blank::turnOf(blank, name);
        side.seam = card::seamOf(*made_.card, name);
        side.facets = blank::facetBordersOf(blank, name);
        for (double& border : side.facets)
            border += border < side.seam ? side.turn : 0;
        side.radius = blank::radiusOf(blank, name);
        for (int i = 0; i <= 8 && side.radius.own > 0; ++i)
            side.narrows = side.narrows ||
                           side.radius.at(blank::sizeOf(blank, name).y * i / 8) < 0.999 * side.radius.own;
        side.blank = pathOf(blank::outlineOf(blank, name)).translated(side.seam, 0);
        const plane::Outline holes = blank::holesOf(blank, name), mouths = blank::mouthsOf(blank, name);
        side.blank.addPath(pathOf(holes));
        side.blank.setFillRule(Qt::OddEvenFill);
        side.mouths = pathOf(mouths);
        for (const plane::Outline* all : {&holes, &mouths})
            for (const plane::Contour& contour : all->contours)
                side.holes.push_back(pathOf(plane::Outline{{contour}}).boundingRect());
    }
    for (const working::PlacedLetters& letters : made_.lettering->inscriptions) {
        // What runs past an end of a side that closes comes in at the other.
        const Side& side = sideOf(letters.side);
        auto shapes = sharedShapes(before, letters, side);
        if (!shapes)
            shapes = std::make_shared<const std::vector<Shape>>(shapesOf(letters, side));
        const bool bent = letters.setting->baseline != setting::BaselineKind::straight;
        inscriptions_.push_back({letters.inscription, letters.side, letters.working.kind,
                                 letters.place.reading(), std::move(shapes),
                                 !letters.setting->typeface ? Picked::byShape
                                 : bent                     ? Picked::byBox
                                                            : Picked::byFrame,
                                 made_.card->inscriptions[size_t(letters.inscription)].ornament.kind ==
                                     setting::OrnamentKind::backing});
    }
    findStock();
}

void FlatDrawing::findStock() {
    const card::Card& card = *made_.card;
    if (card.operations.empty() || sides_.empty() || sides_.front().turn > 0)
        return;
    QRectF part = sides_.front().blank.boundingRect();
    if (part.isEmpty())
        for (const Inscription& inscription : inscriptions_)
            for (const Shape& shape : *inscription.shapes)
                part |= shape.box;
    const cut::Block stock =
        cut::blockOf(card.stock, {{part.left(), part.top(), -blank::depthBehind(card.blank)},
                                  {part.right(), part.bottom(), 0}});
    const space::Vertex zero = cut::placeOf(card.zero, stock);
    stock_ = QRectF(QPointF(stock.low.x, stock.low.y), QPointF(stock.high.x, stock.high.y));
    zero_ = {zero.x, zero.y};
}

void FlatDrawing::paintStock(QPainter& painter, const FlatScale& scale) const {
    const Tokens& t = tokens();
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(t.inkSoft, 1, Qt::DashDotLine));
    painter.drawRect(scale.transform().mapRect(*stock_));
    for (const cut::Clamp& clamp : made_.card->clamps) {
        painter.setBrush(QBrush(t.inkSoft, Qt::BDiagPattern));
        painter.drawRect(scale.transform().mapRect(QRectF(clamp.x, clamp.y, clamp.width, clamp.height)));
    }
    const QPointF zero = scale.toPixels(zero_);
    constexpr double axis = 26, knob = 4; // pixels
    painter.setPen(QPen(t.stop, 2));
    painter.drawLine(zero, zero + QPointF(axis, 0));
    painter.drawLine(zero, zero - QPointF(0, axis));
    painter.setBrush(t.paper);
    painter.drawEllipse(zero, knob, knob);
    painter.setPen(t.ink);
    painter.drawText(zero + QPointF(axis + 3, knob), QStringLiteral("x"));
    painter.drawText(zero - QPointF(3, axis + 4), QStringLiteral("y"));
}

std::shared_ptr<const std::vector<FlatDrawing::Shape>>
FlatDrawing::sharedShapes(const FlatDrawing* before, const working::PlacedLetters& letters,
                          const Side& side) {
    const working::PlacedLetters* then = before ? before->lettersOf(letters.inscription) : nullptr;
    const bool alike = then && then->setting == letters.setting && then->place == letters.place &&
                       then->altered.empty() && letters.altered.empty() &&
                       before->sideOf(then->side).turn == side.turn &&
                       before->sideOf(then->side).seam == side.seam;
    if (!alike)
        return nullptr;
    return std::ranges::find(before->inscriptions_, letters.inscription, &Inscription::number)->shapes;
}

/// Letters that overlap others are drawn as one shape; all others with the typeface's own curves.
std::vector<FlatDrawing::Shape> FlatDrawing::shapesOf(const working::PlacedLetters& letters,
                                                      const Side& side) const {
    std::vector<Shape> shapes;
    const auto& all = letters.setting->letters;
    std::vector<int> group(all.size());
    for (size_t i = 0; i < all.size(); ++i) {
        group[i] = int(i);
        for (size_t back = 1; back <= 4 && back <= i; ++back)
            if (!all[i].box.empty() && all[i].box.meets(all[i - back].box))
                group[i] = group[i - back];
    }
    std::map<int, std::vector<size_t>> members;
    for (size_t i = 0; i < all.size(); ++i)
        if (!all[i].region->empty())
            members[group[i]].push_back(i);
    std::map<std::uint32_t, QPainterPath> glyphs;
    const QPointF origin = pointOf(letters.place.toSide({0, 0}));
    QTransform place = QTransform::fromTranslate(origin.x(), origin.y());
    place.rotate(letters.place.turn());
    if (letters.place.mirrors())
        place.scale(-1, 1);
    const auto add = [&](QPainterPath path) {
        const QRectF box = path.boundingRect();
        if (!(side.turn > 0))
            return shapes.push_back({std::move(path), box});
        const int first = int(std::floor((side.seam - box.right()) / side.turn)) + 1,
                  last = int(std::floor((side.seam + side.turn - box.left()) / side.turn));
        for (int i = first; i <= last; ++i)
            shapes.push_back({path.translated(i * side.turn, 0), box.translated(i * side.turn, 0)});
    };
    if (letters.slab.does == working::Slab::Does::standsClear)
        for (const plane::Region& bar : letters.strips)
            add(pathOf(bar));
    for (const auto& [first, indices] : members) {
        std::vector<plane::Region> regions;
        double separate = 0;
        for (const size_t i : indices) {
            regions.push_back(letters.onSide[i]);
            separate += plane::areaOf(regions.back());
        }
        if (indices.size() > 1) {
            const plane::Region joined = plane::united(regions);
            if (separate - plane::areaOf(joined) > 1) {
                add(pathOf(joined));
                continue;
            }
        }
        for (const size_t i : indices) {
            const bool changed = letters.setting->form != type::GlyphForm{} || !letters.asDrawn(i);
            if (changed || letters.setting->typeface->glyph(all[i].glyph).mended) {
                add(pathOf(letters.onSide[i]));
                continue;
            }
            const type::Glyph& glyph = letters.setting->typeface->glyph(all[i].glyph);
            auto [path, isNew] = glyphs.try_emplace(all[i].glyph);
            if (isNew)
                path->second = pathOf(glyph.outline, letters.setting->scale / plane::unitsPerMillimetre);
            const QPointF at = pointOf(plane::vectorOf(all[i].at));
            QTransform own;
            own.translate(at.x(), at.y());
            own.rotate(all[i].turn);
            own.scale(all[i].zoom, all[i].zoom);
            add((own * place).map(path->second));
        }
    }
    return shapes;
}

const FlatDrawing::Side& FlatDrawing::sideOf(std::string_view name) const {
    static const Side none{};
    const auto found = std::ranges::find(sides_, name, &Side::name);
    return found != sides_.end() ? *found : sides_.empty() ? none : sides_.front();
}

bool FlatDrawing::liesOn(int inscription, std::string_view side) const {
    const working::PlacedLetters* letters = lettersOf(inscription);
    return letters && letters->side == sideOf(side).name;
}

QRectF FlatDrawing::extent(std::string_view name) const {
    const Side& side = sideOf(name);
    QRectF extent = side.blank.boundingRect();
    for (const Inscription& inscription : inscriptions_)
        if (inscription.side == side.name && side.turn == 0) // else all of it is within
            for (const Shape& shape : *inscription.shapes)
                extent |= shape.box;
    if (stock_ && side.name == sides_.front().name)
        extent |= *stock_;
    return extent.isEmpty() ? QRectF(0, 0, 60, 30) : extent;
}

FlatScale FlatDrawing::fitted(const QRectF& area, std::string_view side) const {
    const QRectF mm = extent(side);
    constexpr double sides = 64, ends = 84; // room for rulers, dimensions and the legend
    FlatScale scale;
    scale.pixelsPerMm = std::max(0.01, std::min((area.width() - rulerSize - 2 * sides) / mm.width(),
                                                (area.height() - rulerSize - 2 * ends) / mm.height()));
    const QPointF middle = area.center() + QPointF(rulerSize, rulerSize) / 2;
    scale.origin = middle - QPointF(mm.center().x(), -mm.center().y()) * scale.pixelsPerMm;
    return scale;
}

void FlatDrawing::paint(QPainter& painter, const QRectF& area, const FlatScale& scale,
                        const FlatExtras& extras) const {
    paintGround(painter, area, scale, extras);
    paintOver(painter, area, scale, extras);
}

namespace {

void beginLayer(QPainter& painter, const QRectF& area, double text) {
    painter.save();
    painter.setClipRect(area, Qt::IntersectClip);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setLayoutDirection(Qt::LeftToRight);
    QFont small = painter.font();
    small.setPixelSize(int(std::lround(11 * text)));
    painter.setFont(small);
}

bool isLifted(const FlatExtras& extras, int inscription) {
    return std::ranges::find(extras.lifted, inscription) != extras.lifted.end();
}

} // namespace

void FlatDrawing::paintGround(QPainter& painter, const QRectF& area, const FlatScale& scale,
                              const FlatExtras& extras) const {
    beginLayer(painter, area, extras.text);
    painter.fillRect(area, tokens().ground);
    const Side& side = sideOf(extras.side);
    if (!empty()) {
        paintBlank(painter, scale, side, extras.measures);
        paintLetters(painter, scale, area & painter.clipBoundingRect(), side,
                     [&](int inscription) { return !isLifted(extras, inscription); });
        paintDropOuts(painter, scale, side, extras);
        paintOverlay(painter, area, {scale.transform(), scale.pixelsPerMm}, extras);
        if (stock_ && extras.measures && side.name == sides_.front().name)
            paintStock(painter, scale);
        if (extras.measures)
            paintBlankDimensions(painter, scale, side);
    }
    if (extras.measures)
        paintRulers(painter, area, scale);
    painter.restore();
}

void FlatDrawing::paintOver(QPainter& painter, const QRectF& area, const FlatScale& scale,
                            const FlatExtras& extras) const {
    if (empty())
        return;
    const double rulers = extras.measures ? rulerSize : 0;
    beginLayer(painter, area.adjusted(rulers, rulers, 0, 0), extras.text);
    const Side& side = sideOf(extras.side);
    if (!extras.lifted.empty()) {
        FlatScale shifted = scale;
        shifted.origin = scale.toPixels(extras.liftedBy);
        paintLetters(painter, shifted, area, side,
                     [&](int inscription) { return isLifted(extras, inscription); });
    }
    if (extras.measures)
        paintDimensions(painter, scale, extras, side);
    paintLit(painter, scale, extras, side);
    if (extras.legend)
        paintLegend(painter, area, side);
    painter.restore();
}

std::optional<QRectF> FlatDrawing::changedSince(const FlatDrawing& before, std::string_view side,
                                                const std::vector<int>& except) const {
    const Side &now = sideOf(side), &then = before.sideOf(side);
    const bool sameGround = !empty() && !before.empty() && stock_ == before.stock_ && zero_ == before.zero_ &&
                            made_.card->clamps == before.made_.card->clamps && now.name == then.name &&
                            now.blank == then.blank && made_.card->unit == before.made_.card->unit &&
                            inscriptions_.size() == before.inscriptions_.size();
    if (!sameGround)
        return std::nullopt;
    QRectF changed;
    const auto excepted = [&](int inscription) {
        return std::ranges::find(except, inscription) != except.end();
    };
    for (size_t i = 0; i < inscriptions_.size(); ++i) {
        const Inscription &one = inscriptions_[i], &other = before.inscriptions_[i];
        const bool alike = one.shapes == other.shapes && one.kind == other.kind && one.side == other.side;
        if (one.number != other.number)
            return std::nullopt;
        if (alike || excepted(one.number))
            continue;
        for (const auto* shapes : {one.shapes.get(), other.shapes.get()})
            for (const Shape& shape : *shapes)
                changed |= shape.box;
    }
    static const std::vector<check::DropOut> none;
    const auto looseOf = [](const FlatDrawing& drawing) -> const std::vector<check::DropOut>& {
        const auto& solid = drawing.made_.solid;
        return solid && !solid->problem ? solid->dropOuts.loose : none;
    };
    const auto &loose = looseOf(*this), &looseThen = looseOf(before);
    for (const auto* all : {&loose, &looseThen})
        for (const check::DropOut& one : *all)
            changed |= pathOf(one.shape).boundingRect();
    return changed;
}

void FlatDrawing::paintBlank(QPainter& painter, const FlatScale& scale, const Side& side,
                             bool measures) const {
    if (side.blank.isEmpty())
        return;
    const Tokens& t = tokens();
    painter.save();
    painter.setTransform(scale.transform(), true);
    painter.setPen(thin(t.materialEdge, 1.5));
    painter.setBrush(t.material);
    if (!side.mouths.isEmpty()) { // seen from above: what slopes down lies around what is open
        painter.setPen(Qt::NoPen);
        painter.drawPath(side.blank);
        painter.setPen(thin(t.materialEdge));
        painter.setBrush(t.sunk);
        painter.drawPath(side.mouths & side.blank);
        painter.setPen(thin(t.materialEdge, 1.5));
        painter.setBrush(Qt::NoBrush);
    }
    painter.drawPath(side.blank);
    const QRectF box = side.blank.boundingRect();
    if (side.turn > 0)
        paintRound(painter, scale, side, measures);
    const double beyond = 14 / scale.pixelsPerMm;
    QPen centre = thin(t.tide, 1);
    centre.setDashPattern({10, 3, 2, 3});
    painter.setPen(centre);
    painter.drawLine(QPointF(box.left() - beyond, box.center().y()),
                     QPointF(box.right() + beyond, box.center().y()));
    painter.drawLine(QPointF(box.center().x(), box.top() - beyond),
                     QPointF(box.center().x(), box.bottom() + beyond));
    painter.restore();
}

void FlatDrawing::paintRound(QPainter& painter, const FlatScale& scale, const Side& side,
                             bool measures) const {
    const Tokens& t = tokens();
    const QRectF box = side.blank.boundingRect();
    const auto upright = [&](double x) { painter.drawLine(QPointF(x, box.top()), QPointF(x, box.bottom())); };
    for (const double x : {box.left(), box.right()}) { // the seam, where the side goes on at its other end
        painter.setPen(thin(t.material, 2.5));
        upright(x);
        painter.setPen(thin(t.materialEdge, 1.2, Qt::DashLine));
        upright(x);
    }
    painter.setPen(thin(t.materialEdge, 1.2));
    for (const double x : side.facets)
        upright(x);
    struct Note {
        QPointF at; // mm, of its middle
        QString text;
        bool above;
    };
    std::vector<Note> notes;
    if (side.facets.empty())
        for (int quarter = int(std::ceil(4 * side.seam / side.turn - 1e-9));
             side.turn * quarter / 4 <= box.right() + 1e-9; ++quarter) {
            const double x = side.turn * quarter / 4;
            painter.setPen(thin(t.line, 1, Qt::DotLine));
            if (x > box.left() + 1e-9 && x < box.right() - 1e-9 && quarter % 4 != 2)
                upright(x);
            const int degrees = side.seam == 0 ? quarter * 90 : quarter * 90 % 360;
            notes.push_back({{x, box.bottom()}, QStringLiteral("%1°").arg(degrees), true});
        }
    for (int i = 1; side.narrows && i < 8; ++i) {
        const double y = box.top() + box.height() * i / 8;
        painter.setPen(thin(t.line, 1, Qt::DotLine));
        painter.drawLine(QPointF(box.left(), y), QPointF(box.right(), y));
        notes.push_back({{box.left(), y}, shareText(side.radius.at(y) / side.radius.own), false});
    }
    if (!measures)
        return;
    painter.save();
    painter.resetTransform();
    painter.setPen(t.inkSoft);
    for (const Note& note : notes) {
        const QPointF at = scale.toPixels(note.at);
        const QRectF place =
            note.above ? QRectF(at.x() - 30, at.y() - 17, 60, 14) : QRectF(at.x() - 50, at.y() - 8, 44, 16);
        painter.drawText(place, note.above ? Qt::AlignCenter : Qt::AlignRight | Qt::AlignVCenter, note.text);
    }
    painter.restore();
}

void FlatDrawing::paintNarrowing(QPainter& painter, const FlatScale& scale, const Side& side,
                                 const working::PlacedLetters& letters, const QRectF& box) const {
    if (letters.place.shape() == setting::LetterShape::rigid)
        return; // as wide everywhere
    const double drawnFor = side.radius.own * letters.narrowing;
    const Tokens& t = tokens();
    const QFontMetricsF metrics(painter.font());
    for (const bool top : {true, false}) {
        const double y = top ? box.bottom() : box.top();
        const double share = side.radius.at(y) / drawnFor;
        constexpr double seen = 0.005;
        if (std::fabs(share - 1) < seen)
            continue;
        const QString text = shareText(share);
        QRectF place(0, 0, metrics.horizontalAdvance(text) + 8, metrics.height());
        place.moveCenter(scale.toPixels({box.right(), y}) + QPointF(0, top ? -9 : 9));
        painter.fillRect(place, t.ground);
        painter.setPen(share < 0.9 ? t.watch : t.ink);
        painter.drawText(place, Qt::AlignCenter, text);
    }
}

template<class Which>
void FlatDrawing::paintLetters(QPainter& painter, const FlatScale& scale, const QRectF& area,
                               const Side& side, Which which) const {
    const auto paintAll = [&](const QRectF& visible) {
        for (const bool behind : {true, false})
            for (const Inscription& inscription : inscriptions_)
                if (inscription.side == side.name && inscription.behind == behind &&
                    which(inscription.number))
                    paintShapes(painter, scale, visible, inscription);
    };
    const QRectF visible(scale.toMm(area.bottomLeft()), scale.toMm(area.topRight()));
    painter.save();
    painter.setTransform(scale.transform(), true);
    if (side.turn > 0) { // past the ends only a shadow of what comes in at the other
        painter.save();
        painter.setOpacity(0.25);
        paintAll(visible);
        painter.restore();
        painter.setClipRect(side.blank.boundingRect(), Qt::IntersectClip);
    }
    paintAll(visible);
    painter.restore();
}

void FlatDrawing::paintShapes(QPainter& painter, const FlatScale& scale, const QRectF& visible,
                              const Inscription& inscription) const {
    const Tokens& t = tokens();
    for (const Shape& shape : *inscription.shapes) {
        if (!shape.box.intersects(visible))
            continue;
        const KindLook& look = lookOf(inscription.kind);
        painter.setPen(look.pen > 0 ? thin(t.*look.line, look.pen) : QPen(Qt::NoPen));
        painter.setBrush(t.*look.fill);
        if (inscription.behind) {
            painter.setPen(thin(t.materialEdge, 1.2));
            painter.setBrush(t.material);
        }
        if (look.pattern != Qt::SolidPattern) {
            painter.drawPath(shape.path);
            painter.setBrush(hatch(t.*look.hatching, scale, look.pattern));
        }
        painter.drawPath(shape.path);
    }
}

void FlatDrawing::paintDropOuts(QPainter& painter, const FlatScale& scale, const Side& side,
                                const FlatExtras& extras) const {
    if (!made_.solid)
        return;
    const Tokens& t = tokens();
    painter.save();
    painter.setTransform(scale.transform(), true);
    painter.setPen(thin(t.stop, 1.8, Qt::DashLine));
    for (const check::DropOut& loose : made_.solid->dropOuts.loose) {
        const working::PlacedLetters& letters = made_.lettering->inscriptions[size_t(loose.inscription)];
        if (letters.side != side.name || isLifted(extras, letters.inscription))
            continue;
        const bool counter = loose.kind == check::DropOut::Kind::counter;
        painter.setBrush(counter ? hatch(t.stop, scale) : Qt::NoBrush);
        painter.drawPath(pathOf(loose.shape));
    }
    painter.restore();
}

void FlatDrawing::paintBlankDimensions(QPainter& painter, const FlatScale& scale, const Side& side) const {
    if (side.blank.isEmpty())
        return;
    const auto text = [&](double mm) { return wording::lengthText(mm, made_.card->unit); };
    const QRectF blank = side.blank.boundingRect();
    const QPointF low = scale.toPixels(blank.topLeft()), high = scale.toPixels(blank.bottomRight());
    QList<QRectF> taken;
    dimension(painter, {low.x(), low.y() + 44}, {high.x(), low.y() + 44}, text(blank.width()), taken);
    dimension(painter, {high.x() + 40, low.y()}, {high.x() + 40, high.y()}, text(blank.height()), taken);
}

/// Of the selected inscription.
void FlatDrawing::paintDimensions(QPainter& painter, const FlatScale& scale, const FlatExtras& extras,
                                  const Side& side) const {
    const auto text = [&](double mm) { return wording::lengthText(mm, made_.card->unit); };
    const QRectF blank = side.blank.boundingRect();
    const working::PlacedLetters* letters = lettersOf(extras.selected);
    if (!letters || letters->setting->letters.empty() || letters->side != side.name)
        return;
    QPolygonF frame = frameOf(extras.selected);
    if (isLifted(extras, extras.selected))
        frame.translate(extras.liftedBy);
    const auto inPixels = [&](const QRectF& mm) {
        return QRectF(scale.toPixels(mm.bottomLeft()), scale.toPixels(mm.topRight()));
    };
    QList<QRectF> taken;
    for (const QRectF& hole : side.holes)
        taken.push_back(inPixels(hole));
    for (const Inscription& other : inscriptions_)
        if (other.number != extras.selected && other.side == side.name && !other.behind)
            taken.push_back(inPixels(frameOf(other.number).boundingRect()));
    const bool straight =
        letters->setting->typeface && letters->setting->baseline == setting::BaselineKind::straight;
    if (letters->place.turn() == 0 && straight) {
        const double capital = setting::measureOf(*letters->setting, setting::SizeBy::capital);
        const QPointF foot = scale.toPixels(frame[0]) - QPointF(20, 0);
        const QPointF base = foot - QPointF(0, (frame[3].y() - frame[0].y() - capital) * scale.pixelsPerMm);
        dimension(painter, base, base - QPointF(0, capital * scale.pixelsPerMm), text(capital), taken);
    } else if (letters->place.turn() == 0) {
        const QPointF beside(20, 0);
        dimension(painter, scale.toPixels(frame[1]) + beside, scale.toPixels(frame[2]) + beside,
                  text(frame[3].y() - frame[0].y()), taken, true);
    }
    if (side.narrows)
        paintNarrowing(painter, scale, side, *letters, frame.boundingRect());
    // The words' width, between their distances to the edges where they lie on the blank.
    const QRectF box = frame.boundingRect();
    const bool onBlank = !side.blank.isEmpty() && blank.contains(box);
    double foot = onBlank ? blank.top() : box.top();
    if (!onBlank) // below all that lies there
        for (const Inscription& other : inscriptions_)
            if (other.side == side.name)
                for (const Shape& shape : *other.shapes)
                    if (shape.box.left() < box.right() && shape.box.right() > box.left())
                        foot = std::min(foot, shape.box.top());
    const double y = scale.toPixels({0, foot}).y() + 20;
    const auto across = [&](double from, double to) {
        if (to - from > 1e-6)
            dimension(painter, {scale.toPixels({from, 0}).x(), y}, {scale.toPixels({to, 0}).x(), y},
                      text(to - from), taken);
    };
    across(box.left(), box.right());
    if (onBlank) {
        across(blank.left(), box.left());
        across(box.right(), blank.right());
    }
}

void FlatDrawing::paintLit(QPainter& painter, const FlatScale& scale, const FlatExtras& extras,
                           const Side& side) const {
    const Tokens& t = tokens();
    const QColor colour = extras.litStops ? t.stop : t.watch;
    for (const check::FindingPlace& place : extras.lit) {
        const bool here =
            place.inscription >= 0 ? liesOn(place.inscription, side.name) : side.name == sideOf({}).name;
        if (!here)
            continue;
        if (!place.shape.empty()) { // what falls out is shown itself; a ring would only hide it
            painter.save();
            painter.setTransform(scale.transform(), true);
            painter.setPen(thin(colour, 3));
            QColor wash = colour;
            wash.setAlphaF(0.6f);
            painter.setBrush(wash);
            painter.drawPath(pathOf(place.shape));
            painter.restore();
            continue;
        }
        const QPointF at = scale.toPixels(pointOf(place.at));
        const double radius = std::max(9.0, place.width * scale.pixelsPerMm * 0.75);
        painter.setBrush(Qt::NoBrush);
        painter.setPen(thin(t.paper, 5));
        painter.drawEllipse(at, radius, radius);
        painter.setPen(thin(colour, 2.4));
        painter.drawEllipse(at, radius, radius);
        painter.setBrush(colour);
        painter.setPen(Qt::NoPen);
        if (place.width > 0)
            painter.drawEllipse(at, 2.4, 2.4);
    }
}

void FlatDrawing::paintRulers(QPainter& painter, const QRectF& area, const FlatScale& scale) const {
    const Tokens& t = tokens();
    const quantity::Unit unit = made_.card ? made_.card->unit : quantity::Unit::millimetre;
    const double pixelsPerUnit = scale.pixelsPerMm * quantity::millimetresIn(unit);
    const double step = markStep(pixelsPerUnit, 64), small = step / 5;
    const QRectF top(area.left(), area.top(), area.width(), rulerSize);
    const QRectF left(area.left(), area.top(), rulerSize, area.height());
    painter.fillRect(top, t.paper);
    painter.fillRect(left, t.paper);
    painter.setPen(thin(t.line));
    painter.drawLine(top.bottomLeft(), top.bottomRight());
    painter.drawLine(left.topRight(), left.bottomRight());
    const auto label = [](double value) { return wording::numberText(value, 3); };
    painter.save();
    painter.setClipRect(top.adjusted(rulerSize, 0, 0, 0), Qt::IntersectClip);
    const double fromX = (top.left() - scale.origin.x()) / pixelsPerUnit;
    const double toX = (top.right() - scale.origin.x()) / pixelsPerUnit;
    for (double k = std::floor(fromX / small); k * small <= toX; ++k) {
        const double x = scale.origin.x() + k * small * pixelsPerUnit;
        const bool major = std::fmod(std::fabs(k), 5) < 0.5;
        painter.setPen(thin(major ? t.inkSoft : t.line));
        painter.drawLine(QPointF(x, top.bottom() - (major ? 8 : 4)), QPointF(x, top.bottom()));
        if (major)
            painter.drawText(QPointF(x + 3, top.bottom() - 8), label(k * small));
    }
    painter.restore();
    painter.save();
    painter.setClipRect(left.adjusted(0, rulerSize, 0, 0), Qt::IntersectClip);
    const double fromY = (scale.origin.y() - left.bottom()) / pixelsPerUnit;
    const double toY = (scale.origin.y() - left.top()) / pixelsPerUnit;
    for (double k = std::floor(fromY / small); k * small <= toY; ++k) {
        const double y = scale.origin.y() - k * small * pixelsPerUnit;
        const bool major = std::fmod(std::fabs(k), 5) < 0.5;
        painter.setPen(thin(major ? t.inkSoft : t.line));
        painter.drawLine(QPointF(left.right() - (major ? 8 : 4), y), QPointF(left.right(), y));
        if (major) {
            painter.save();
            painter.translate(left.right() - 8, y - 3);
            painter.rotate(-90);
            painter.drawText(QPointF(0, -2), label(k * small));
            painter.restore();
        }
    }
    painter.restore();
    const QRectF corner(area.left(), area.top(), rulerSize, rulerSize);
    painter.fillRect(corner.adjusted(0, 0, -1, -1), t.paper);
    painter.setPen(t.inkSoft);
    const auto symbol = quantity::symbolOf(unit);
    painter.drawText(corner, Qt::AlignCenter, QString::fromUtf8(symbol.data(), qsizetype(symbol.size())));
}

void FlatDrawing::paintLegend(QPainter& painter, const QRectF& area, const Side& shown) const {
    const Tokens& t = tokens();
    double x = area.left() + rulerSize + 12;
    const double y = area.bottom() - 24;
    const auto entry = [&](const QPen& pen, const QBrush& brush, const QString& text) {
        painter.setPen(pen);
        painter.setBrush(brush);
        painter.drawRect(QRectF(x, y, 16, 11));
        painter.setPen(t.ink);
        painter.drawText(QPointF(x + 22, y + 10), text);
        x += 22 + QFontMetricsF(painter.font()).horizontalAdvance(text) + 20;
    };
    const auto note = [&](const QString& text) {
        painter.setPen(t.tide);
        painter.drawText(QPointF(x, y + 10), text);
        x += QFontMetricsF(painter.font()).horizontalAdvance(text) + 20;
    };
    const auto any = [&](Kind kind) {
        return std::ranges::any_of(
            inscriptions_, [&](const Inscription& i) { return i.kind == kind && i.side == shown.name; });
    };
    for (const KindLook& look : looks)
        if (any(look.kind))
            entry(look.pen > 0 ? thin(t.*look.line) : QPen(Qt::NoPen),
                  look.pattern == Qt::SolidPattern ? QBrush(t.*look.fill) : QBrush(t.inkSoft, look.pattern),
                  wording::nameOf(look.kind));
    for (const auto side : {setting::ReadingSide::impression, setting::ReadingSide::throughBack})
        if (std::ranges::any_of(inscriptions_, [&](const Inscription& i) {
                return i.reading == side && i.side == shown.name;
            }))
            note(Flat::tr("mirrored: reads %1").arg(wording::nameOf(side)));
    if (!made_.solid || made_.solid->problem)
        return;
    const check::DropOuts& dropOuts = made_.solid->dropOuts;
    if (std::ranges::any_of(dropOuts.loose, [&](const check::DropOut& loose) {
            return made_.lettering->inscriptions[size_t(loose.inscription)].side == shown.name;
        }))
        entry(thin(t.stop, 1.4, Qt::DashLine), QBrush(t.stop, Qt::BDiagPattern), Flat::tr("falls out"));
    const auto loose = dropOuts.loose.size();
    QString count = Flat::tr("%n piece(s)", nullptr, dropOuts.pieces);
    if (loose > 0)
        count += Flat::tr(" · %1 loose").arg(loose);
    painter.setPen(loose > 0 ? t.stop : t.inkSoft);
    painter.drawText(QRectF(area.left(), y - 4, area.width() - 14, 18), Qt::AlignRight | Qt::AlignVCenter,
                     count);
}

const working::PlacedLetters* FlatDrawing::lettersOf(int inscription) const {
    if (made_.lettering)
        for (const working::PlacedLetters& letters : made_.lettering->inscriptions)
            if (letters.inscription == inscription)
                return &letters;
    return nullptr;
}

QPolygonF FlatDrawing::frameOf(int inscription) const {
    QPolygonF frame;
    if (const working::PlacedLetters* letters = lettersOf(inscription))
        for (const plane::Vector corner : setting::frameOnSide(*letters->setting, letters->place))
            frame << pointOf(corner);
    return frame;
}

int FlatDrawing::inscriptionAt(QPointF mm, std::string_view side) const {
    const std::string_view shown = sideOf(side).name;
    std::vector<const Inscription*> fromTop;
    for (const bool behind : {false, true})
        for (auto one = inscriptions_.rbegin(); one != inscriptions_.rend(); ++one)
            if (one->side == shown && one->behind == behind)
                fromTop.push_back(&*one);
    for (const Inscription* inscription : fromTop) {
        if (inscription->picked == Picked::byFrame &&
            frameOf(inscription->number).containsPoint(mm, Qt::WindingFill))
            return inscription->number;
        for (const Shape& shape : *inscription->shapes)
            if (shape.box.contains(mm) && (inscription->picked == Picked::byBox || shape.path.contains(mm)))
                return inscription->number;
    }
    return -1;
}

} // namespace bollard::drawing
