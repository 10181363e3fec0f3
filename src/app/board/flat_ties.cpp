// Ties on the Flat view: seen as strips, dragged, turned at their knob, put and taken away.
#include "app/board/flat_view.hpp"
#include "card/tying.hpp"
#include "drawing/paths.hpp"
#include <QPainter>

namespace bollard::app {

namespace {

constexpr double knobAway = 16, knobSize = 5; // pixels

} // namespace

const working::PlacedTie* FlatView::tie() const {
    const working::PlacedLetters* const letters = shownLetters();
    return letters && tie_ >= 0 && size_t(tie_) < letters->placedTies.size()
               ? &letters->placedTies[size_t(tie_)]
               : nullptr;
}

std::optional<QPointF> FlatView::tieKnob() const {
    const working::PlacedTie* const chosen = tie();
    if (!chosen)
        return std::nullopt;
    const double turn = chosen->place.turn * M_PI / 180;
    const QPointF along(std::cos(turn), -std::sin(turn));
    const double half = plane::toMillimetres(chosen->place.length) / 2 * scale_.pixelsPerMm;
    return scale_.toPixels(drawing::pointOf(chosen->place.at)) + (half + knobAway) * along;
}

int FlatView::tieAt(QPointF at) const {
    const working::PlacedLetters* const letters = shownLetters();
    if (!letters || writing())
        return -1;
    const QPointF mm = scale_.toMm(at);
    const plane::Point point{plane::toUnits(mm.x()), plane::toUnits(mm.y())};
    for (size_t i = 0; i < letters->placedTies.size(); ++i) {
        const working::PlacedTie& one = letters->placedTies[i];
        const QPointF middle = scale_.toPixels(drawing::pointOf(one.place.at));
        if (plane::contains(one.strip, point) || QLineF(middle, at).length() <= knobSize)
            return int(i);
    }
    return -1;
}

bool FlatView::pressOnTies(QPointF at) {
    if (const auto knob = tieKnob(); knob && QLineF(*knob, at).length() <= 2 * knobSize) {
        beginDrag(Drag::tieTurn, at);
        return true;
    }
    const int hit = tieAt(at);
    if (hit != tie_) {
        tie_ = hit;
        update();
    }
    if (hit < 0)
        return false;
    beginDrag(Drag::tie, at);
    return true;
}

void FlatView::changeTie(const QString& name, const QString& key,
                         const std::function<void(const card::Tied&)>& change) {
    const working::PlacedLetters* const letters = lettersAtStart_ ? &*lettersAtStart_ : shownLetters();
    const int number = editor_.selected();
    if (letters && letters->inscription == number)
        editor_.edit(name, key, [&](card::Card& card) { change({card, number, *letters}); });
}

void FlatView::dragTie(QPointF at) {
    if (!lettersAtStart_ || tie_ < 0 || size_t(tie_) >= lettersAtStart_->placedTies.size())
        return;
    const working::TiePlace& start = lettersAtStart_->placedTies[size_t(tie_)].place;
    const QPointF middle = scale_.toPixels(drawing::pointOf(start.at));
    if (drag_ == Drag::tieTurn) {
        constexpr double step = 1, square = 3; // degrees
        double turn = std::round(QLineF(middle, at).angle() / step) * step;
        const double nearest = std::round(turn / 90) * 90;
        turn = std::fabs(turn - nearest) < square ? nearest : turn;
        return changeTie(tr("Turn a tie"), QStringLiteral("tieTurn"),
                         [&](const card::Tied& tied) { card::moveTie(tied, tie_, start.at, turn); });
    }
    const QPointF by = scale_.toMm(at) - scale_.toMm(pressedAt_);
    const plane::Vector to = start.at + plane::unitsPerMillimetre * plane::Vector{by.x(), by.y()};
    changeTie(tr("Move a tie"), QStringLiteral("tie"),
              [&](const card::Tied& tied) { card::moveTie(tied, tie_, to, start.turn); });
}

void FlatView::stepTie() {
    const working::PlacedLetters* const letters = shownLetters();
    const int count = letters ? int(letters->placedTies.size()) : 0;
    tie_ = count == 0 ? -1 : (tie_ + 1) % count;
    update();
}

void FlatView::putTie(QPointF at) {
    const QPointF mm = scale_.toMm(at);
    lettersAtStart_.reset();
    changeTie(tr("Put a tie"), {}, [&](const card::Tied& tied) {
        card::addTie(tied, plane::unitsPerMillimetre * plane::Vector{mm.x(), mm.y()});
    });
}

bool FlatView::keyOnTie(QKeyEvent* event) {
    if (event->key() == Qt::Key_T && event->modifiers() == Qt::NoModifier) {
        stepTie();
        return true;
    }
    if (event->key() == Qt::Key_Insert) {
        putTie(mapFromGlobal(QCursor::pos()));
        return true;
    }
    const working::PlacedTie* const chosen = tie();
    if (!chosen)
        return false;
    const bool fine = event->modifiers() & Qt::ShiftModifier;
    const double step = fine ? 0.01 : 0.1, degrees = fine ? 1 : 5;
    plane::Vector by{};
    double turn = 0;
    switch (event->key()) {
    case Qt::Key_Left:
        by.x = -step;
        break;
    case Qt::Key_Right:
        by.x = step;
        break;
    case Qt::Key_Up:
        by.y = step;
        break;
    case Qt::Key_Down:
        by.y = -step;
        break;
    case Qt::Key_PageUp:
        turn = degrees;
        break;
    case Qt::Key_PageDown:
        turn = -degrees;
        break;
    case Qt::Key_Delete:
        lettersAtStart_.reset();
        changeTie(tr("Take a tie away"), {}, [&](const card::Tied& tied) { card::removeTie(tied, tie_); });
        tie_ = -1;
        return true;
    case Qt::Key_Escape:
        tie_ = -1;
        update();
        return true;
    default:
        return false;
    }
    lettersAtStart_.reset();
    const plane::Vector to = chosen->place.at + plane::unitsPerMillimetre * by;
    changeTie(turn != 0 ? tr("Turn a tie") : tr("Move a tie"), QStringLiteral("tieArrow"),
              [&](const card::Tied& tied) { card::moveTie(tied, tie_, to, chosen->place.turn + turn); });
    return true;
}

void FlatView::paintTies(QPainter& painter) const {
    const working::PlacedLetters* const letters = shownLetters();
    if (!letters || writing())
        return;
    const drawing::Tokens& t = drawing::tokens();
    for (size_t i = 0; i < letters->placedTies.size(); ++i) {
        const bool chosen = int(i) == tie_;
        QColor wash = t.tide;
        wash.setAlphaF(chosen ? 0.55f : 0.2f);
        painter.setPen(QPen(t.tide, chosen ? 1.8 : 1));
        painter.setBrush(wash);
        painter.drawPath(scale_.transform().map(drawing::pathOf(letters->placedTies[i].strip)));
    }
    if (const auto knob = tieKnob()) {
        painter.setPen(QPen(t.tide, 1.5));
        painter.drawLine(scale_.toPixels(drawing::pointOf(tie()->place.at)), *knob);
        painter.setBrush(t.paper);
        painter.drawEllipse(*knob, knobSize, knobSize);
    }
}

} // namespace bollard::app
