#include "app/board/flat_view.hpp"
#include "app/board/overlay_choice.hpp"
#include "app/board/section_strip.hpp"
#include "app/board/side_choice.hpp"
#include "card/arranging.hpp"
#include "card/sides.hpp"
#include "drawing/paths.hpp"
#include "wording/wording.hpp"
#include <QMouseEvent>
#include <QPainter>
#include <cmath>

namespace bollard::app {
namespace {

constexpr double handleReach = 10, stem = 26, snapReach = 6; // pixels

} // namespace

FlatView::FlatView(CardEditor& editor, Maker& maker, QWidget* parent)
    : QWidget(parent), editor_(editor), maker_(maker), sides_(new SideChoice(editor, this)),
      overlays_(new OverlayChoice(this)), strip_(new SectionStrip(this)) {
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setLayoutDirection(Qt::LeftToRight); // a drawing, with x to the right
    setAttribute(Qt::WA_InputMethodEnabled, false);
    setAccessibleName(tr("Flat view"));
    setAccessibleDescription(tr(
        "Arrow keys move the selected words by 1 mm, with Shift by 0.1; F2 writes in place. Alt and left or "
        "right choose a letter, which the arrow keys then nudge. Hold M to measure."));
    setMinimumSize(200, 150);
    blink_.setInterval(530);
    connect(&blink_, &QTimer::timeout, this, [this] {
        caretShown_ = !caretShown_;
        if (const auto line = caretLine())
            update(QRectF(line->p1(), line->p2()).normalized().adjusted(-3, -3, 3, 3).toAlignedRect());
    });
    connect(overlays_, &OverlayChoice::chosen, this, [this](drawing::Overlay overlay) {
        extras_.overlay = overlay;
        update();
    });
    connect(strip_, &SectionStrip::closed, this, [this] {
        sectionLine_.reset();
        update();
    });
    connect(&maker_, &Maker::stageDone, this, &FlatView::takeShown);
    connect(&editor_, &CardEditor::selectionChanged, this, [this] {
        tie_ = -1;
        stopWriting();
        update();
    });
    connect(&editor_, &CardEditor::restarted, this, [this] {
        holdAt(std::nullopt);
        stopWriting();
        fitted_ = true;
    });
    connect(&editor_, &CardEditor::changed, this, [this] { update(); });
    connect(&editor_, &CardEditor::sideShown, this, &FlatView::fit);
    connect(sides_, &SideChoice::resized, this, &FlatView::placeSideChoice);
    placeSideChoice();
}

/// Where the inscription lies on the side that is shown; empty when it does not.
QPolygonF FlatView::frameOf(int inscription) const {
    const auto& flat = maker_.shown().flat;
    if (!flat || !flat->liesOn(inscription, editor_.side()))
        return {};
    const drawing::FlatExtras now = extras();
    const bool lifted = std::ranges::find(now.lifted, inscription) != now.lifted.end();
    return lifted ? flat->frameOf(inscription).translated(now.liftedBy) : flat->frameOf(inscription);
}

drawing::FlatExtras FlatView::extras() const {
    drawing::FlatExtras extras = extras_;
    extras.selected = editor_.selected();
    extras.side = editor_.side();
    constexpr double mostText = 1.35; // what rulers have room for
    extras.text = std::min(drawing::textScale(), mostText);
    const auto& flat = maker_.shown().flat;
    const card::Inscription* now = editor_.inscription();
    if (drag_ != Drag::move || !flat || !flat->made().card || !now)
        return extras;
    const auto& made = flat->made().card->inscriptions;
    const auto number = size_t(editor_.selected());
    if (number >= made.size() || made.size() != editor_.card().inscriptions.size())
        return extras;
    extras.lifted = card::withGroups(editor_.card(), editor_.chosen());
    extras.liftedBy = {now->placing.x - made[number].placing.x, now->placing.y - made[number].placing.y};
    return extras;
}

const QPixmap& FlatView::ground(const drawing::FlatExtras& extras) {
    const auto& flat = maker_.shown().flat;
    const double density = devicePixelRatioF();
    const QSize size = (QSizeF(this->size()) * density).toSize();
    std::optional<QRectF> dirty; // pixels; none: all of it
    const bool comparable = ground_.flat && ground_.picture.size() == size &&
                            ground_.scale.origin == scale_.origin &&
                            ground_.scale.pixelsPerMm == scale_.pixelsPerMm && ground_.side == extras.side &&
                            ground_.lifted == extras.lifted && ground_.look == drawing::currentLook() &&
                            ground_.overlay == extras.overlay && ground_.heldAt == extras.heldAt;
    if (comparable && ground_.flat == flat)
        return ground_.picture;
    if (comparable && extras.overlay == drawing::Overlay::none)
        if (const auto changed = flat->changedSince(*ground_.flat, extras.side, extras.lifted)) {
            constexpr double line = 4; // pens reach beyond shapes
            dirty = changed->isEmpty()
                        ? QRectF()
                        : QRectF(scale_.toPixels(changed->topLeft()), scale_.toPixels(changed->bottomRight()))
                              .normalized()
                              .adjusted(-line, -line, line, line);
        }
    if (ground_.picture.size() != size) {
        ground_.picture = QPixmap(size);
        ground_.picture.setDevicePixelRatio(density);
    }
    if (!dirty || !dirty->isEmpty()) {
        QPainter painter(&ground_.picture);
        painter.setFont(font());
        if (dirty)
            painter.setClipRect(dirty->toAlignedRect());
        flat->paintGround(painter, rect(), scale_, extras);
    }
    ground_ = {ground_.picture,        flat,           scale_,       extras.side, extras.lifted,
               drawing::currentLook(), extras.overlay, extras.heldAt};
    return ground_.picture;
}

void FlatView::takeShown() {
    if (fitted_ && drag_ == Drag::none)
        fit();
    if (drag_ == Drag::seam) { // its ends stay where they are
        const double by = card::seamOf(*maker_.shown().made.card, editor_.side()) - seamAtStart_;
        scale_.origin = originAtStart_ - QPointF(by * scale_.pixelsPerMm, 0);
    }
    if (sectionLine_ && drag_ != Drag::section)
        showSection();
    update();
}

void FlatView::showSection() {
    const auto& solid = maker_.shown().made.solid;
    const auto onSide = [](QPointF mm) { return plane::Vector{mm.x(), mm.y()}; };
    body::Section section;
    if (solid && !solid->problem && solid->panels)
        section = body::sectionOf(solid->parts(), editor_.side(), onSide(sectionLine_->p1()),
                                  onSide(sectionLine_->p2()));
    strip_->show(section, *sectionLine_, editor_.card().unit);
}

bool FlatView::onSeam(QPointF at) const {
    const double turn = blank::turnOf(editor_.card().blank, editor_.side());
    const QPointF mm = scale_.toMm(at);
    const double from = mm.x() - card::seamOf(editor_.card(), editor_.side());
    constexpr double reach = 5; // pixels
    return turn > 0 && mm.y() >= 0 && mm.y() <= blank::sizeOf(editor_.card().blank, editor_.side()).y &&
           std::min(std::fabs(from), std::fabs(from - turn)) * scale_.pixelsPerMm <= reach;
}

void FlatView::seamTo(double mm, bool free) {
    const double turn = blank::turnOf(editor_.card().blank, editor_.side());
    constexpr double step = 5; // degrees
    const double degrees = mm / turn * 360,
                 to = free ? std::round(degrees * 10) / 10 : std::round(degrees / step) * step;
    editor_.edit(tr("Move the seam"), QStringLiteral("seam"),
                 [&](card::Card& card) { card::moveSeam(card, editor_.side(), to / 360 * turn); });
}

void FlatView::holdAt(std::optional<QPointF> mm) {
    extras_.heldAt = mm;
    update();
}

void FlatView::fit() {
    fitted_ = true;
    if (const auto& flat = maker_.shown().flat)
        scale_ = flat->fitted(rect(), editor_.side());
    update();
}

void FlatView::placeSideChoice() {
    constexpr int inset = 10;
    overlays_->move(drawing::rulerSize + inset, drawing::rulerSize + inset);
    const int left = width() - sides_->width() - inset;
    const bool below = left < overlays_->geometry().right() + inset; // there is no room beside it
    sides_->move(left, drawing::rulerSize + inset + (below ? overlays_->height() + inset / 2 : 0));
    constexpr int stripHeight = 150;
    strip_->setGeometry(drawing::rulerSize, height() - stripHeight, width() - drawing::rulerSize,
                        stripHeight);
}

void FlatView::resizeEvent(QResizeEvent*) {
    placeSideChoice();
    if (fitted_)
        fit();
}

void FlatView::zoomTo(const std::vector<check::FindingPlace>& places) {
    QRectF box;
    for (const check::FindingPlace& place : places) {
        const QPointF at = drawing::pointOf(place.at);
        box |= QRectF(at - QPointF(4, 4), QSizeF(8, 8));
    }
    if (box.isEmpty())
        return;
    // With what stands around it, so that one sees where one is.
    constexpr double share = 0.4;
    if (const auto& flat = maker_.shown().flat) {
        const QSizeF about = share * flat->extent(editor_.side()).size();
        const double wider = std::max(0.0, about.width() - box.width()) / 2,
                     higher = std::max(0.0, about.height() - box.height()) / 2;
        box.adjust(-wider, -higher, wider, higher);
    }
    const QRectF area = QRectF(rect()).adjusted(drawing::rulerSize + 40, drawing::rulerSize + 40, -40, -60);
    scale_.pixelsPerMm = std::min({area.width() / box.width(), area.height() / box.height(), 60.0});
    scale_.origin = area.center() - QPointF(box.center().x(), -box.center().y()) * scale_.pixelsPerMm;
    fitted_ = false;
    update();
}

void FlatView::light(const std::vector<check::FindingPlace>& places, bool stops) {
    extras_.lit = places;
    extras_.litStops = stops;
    update();
}

QList<QPointF> FlatView::handles() const {
    QList<QPointF> handles;
    if (!maker_.shown().flat)
        return handles;
    const QPolygonF frame = frameOf(editor_.selected());
    if (frame.size() < 4)
        return handles;
    for (const QPointF& corner : frame)
        handles << scale_.toPixels(corner);
    const QPointF top = (handles[2] + handles[3]) / 2, foot = (handles[0] + handles[1]) / 2;
    const QLineF up(foot, top);
    const QPointF along = up.length() > 0 ? (top - foot) / up.length() : QPointF(0, -1);
    handles << top + along * stem;
    return handles;
}

void FlatView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const auto& flat = maker_.shown().flat;
    const drawing::FlatExtras now = extras();
    if (flat) {
        painter.drawPixmap(0, 0, ground(now));
        flat->paintOver(painter, rect(), scale_, now);
    } else {
        painter.fillRect(rect(), drawing::tokens().ground);
    }
    painter.setRenderHint(QPainter::Antialiasing);
    const drawing::Tokens& t = drawing::tokens();
    if (flat && editor_.card().inscriptions.empty()) {
        painter.setPen(t.inkSoft);
        painter.drawText(rect().adjusted(40, 0, -40, -60),
                         Qt::AlignHCenter | Qt::AlignBottom | Qt::TextWordWrap,
                         tr("No words yet: add an inscription under Lettering."));
    }
    painter.setPen(QPen(t.tide, 1, Qt::DashLine));
    for (const SnapLine& line : caught_) {
        const QPointF at = scale_.toPixels(QPointF(line.at, line.at));
        if (line.upright)
            painter.drawLine(QPointF(at.x(), 0), QPointF(at.x(), height()));
        else
            painter.drawLine(QPointF(0, at.y()), QPointF(width(), at.y()));
    }
    paintSelection(painter);
    // These are told from the letters as they were made, which may be on their way elsewhere.
    const bool lifted = std::ranges::find(now.lifted, editor_.selected()) != now.lifted.end();
    const QPointF by = lifted ? scale_.toPixels(now.liftedBy) - scale_.toPixels({}) : QPointF();
    painter.translate(by);
    paintLine(painter);
    paintTies(painter);
    paintChosenLetters(painter);
    paintMisspelt(painter);
    painter.translate(-by);
    paintCaret(painter);
    paintMeasure(painter);
    if (sectionLine_) {
        painter.setPen(QPen(t.tide, 2, Qt::DashDotLine));
        painter.drawLine(scale_.toPixels(sectionLine_->p1()), scale_.toPixels(sectionLine_->p2()));
    }
    if (hasFocus()) {
        painter.setBrush(Qt::NoBrush);
        painter.setPen(t.tide);
        painter.drawRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5));
    }
}

void FlatView::beginDrag(Drag drag, QPointF at) {
    drag_ = drag;
    pressedAt_ = at;
    originAtStart_ = scale_.origin;
    seamAtStart_ = card::seamOf(editor_.card(), editor_.side());
    editor_.beginGesture();
    if (const card::Inscription* inscription = editor_.inscription()) {
        atStart_ = *inscription;
        nudgesAtStart_ = card::nudgesAsMade(editor_.card(), *inscription);
        chosenAtStart_ = editor_.card().inscriptions;
        lettersAtStart_.reset();
        if (const working::PlacedLetters* letters = shownLetters())
            lettersAtStart_ = *letters;
        frameAtStart_ = frameOf(editor_.selected());
        handleCentre_ = scale_.toPixels({inscription->placing.x, inscription->placing.y});
    }
}

const working::PlacedLetters* FlatView::shownLetters() const {
    const auto& flat = maker_.shown().flat;
    return flat && flat->liesOn(editor_.selected(), editor_.side()) ? flat->lettersOf(editor_.selected())
                                                                    : nullptr;
}

std::vector<LineHandle> FlatView::bendHandles() const {
    const working::PlacedLetters* letters = shownLetters();
    const card::Inscription* inscription = editor_.inscription();
    if (!letters || !inscription || inscription->isOrnament() || writing())
        return {};
    return lineHandles(*inscription, *letters);
}

void FlatView::mousePressEvent(QMouseEvent* event) {
    const QPointF at = event->position();
    if (event->button() == Qt::MiddleButton || event->button() == Qt::RightButton)
        return beginDrag(Drag::pan, at);
    if (event->button() != Qt::LeftButton || !maker_.shown().flat)
        return;
    const QList<QPointF> places = handles();
    const int hit = maker_.shown().flat->inscriptionAt(scale_.toMm(at), editor_.side());
    if (writing() && hit == editor_.selected())
        return placeCaret(at);
    stopWriting();
    if (measuring_) {
        const QPointF mm = scale_.toMm(at);
        measureLine_ = QLineF(mm, mm);
        drag_ = Drag::measure;
        return;
    }
    if (sectioning_) {
        const QPointF mm = scale_.toMm(at);
        sectionLine_ = QLineF(mm, mm);
        drag_ = Drag::section;
        return;
    }
    if (event->modifiers() & Qt::ControlModifier)
        return chooseLetter(at, event->modifiers() & Qt::ShiftModifier);
    if (event->modifiers() & Qt::ShiftModifier && hit >= 0)
        return editor_.toggle(hit);
    if (pressOnTies(at))
        return;
    const auto bends = bendHandles();
    for (auto handle = bends.rbegin(); handle != bends.rend(); ++handle)
        if (QLineF(scale_.toPixels({handle->at.x, handle->at.y}), at).length() <= handleReach) {
            handle_ = *handle;
            const bool ofPoint = handle->kind == LineHandle::Kind::point ||
                                 handle->kind == LineHandle::Kind::before ||
                                 handle->kind == LineHandle::Kind::after;
            if (ofPoint)
                editor_.chooseCurvePoint(handle->point);
            return beginDrag(Drag::line, at);
        }
    if (!editor_.letters().empty()) {
        const int letter = letterAt(at);
        if (std::ranges::count(editor_.letters(), letter) > 0)
            return beginDrag(Drag::letters, at);
        editor_.chooseLetters({});
    }
    for (int i = 0; i < int(places.size()); ++i)
        if (QLineF(places[i], at).length() <= handleReach)
            return beginDrag(i == 4 ? Drag::turn : Drag::size, at);
    if (hit < 0)
        return beginDrag(onSeam(at) ? Drag::seam : Drag::pan, at);
    if (std::ranges::count(editor_.chosen(), hit) == 0)
        editor_.select(hit);
    beginDrag(Drag::move, at);
}

void FlatView::mouseMoveEvent(QMouseEvent* event) {
    if (measuring_)
        return measureAt(event->position());
    if (drag_ != Drag::none)
        return dragTo(event->position(), event->modifiers() & Qt::AltModifier);
    const QList<QPointF> places = handles();
    Qt::CursorShape shape = Qt::ArrowCursor;
    if (maker_.shown().flat &&
        maker_.shown().flat->inscriptionAt(scale_.toMm(event->position()), editor_.side()) >= 0)
        shape = writing() ? Qt::IBeamCursor : Qt::SizeAllCursor;
    if (tieAt(event->position()) >= 0)
        shape = Qt::OpenHandCursor;
    if (shape == Qt::ArrowCursor && onSeam(event->position()))
        shape = Qt::SplitHCursor;
    for (int i = 0; i < int(places.size()); ++i)
        if (!writing() && QLineF(places[i], event->position()).length() <= handleReach)
            shape = i == 4 ? Qt::CrossCursor : i % 2 == 0 ? Qt::SizeBDiagCursor : Qt::SizeFDiagCursor;
    setCursor(shape);
}

void FlatView::dragTo(QPointF at, bool free) {
    caught_.clear();
    if (drag_ == Drag::section) {
        QPointF to = scale_.toMm(at);
        const QPointF from = sectionLine_->p1();
        constexpr double nearly = 0.06; // of its length off level or upright
        if (!free && std::fabs(to.y() - from.y()) < nearly * std::fabs(to.x() - from.x()))
            to.setY(from.y());
        if (!free && std::fabs(to.x() - from.x()) < nearly * std::fabs(to.y() - from.y()))
            to.setX(from.x());
        sectionLine_->setP2(to);
        showSection();
        return update();
    }
    if (drag_ == Drag::pan) {
        scale_.origin = originAtStart_ + at - pressedAt_;
        fitted_ = false;
        return update();
    }
    if (drag_ == Drag::seam) // what is seen rolls along with the pointer
        return seamTo(seamAtStart_ - (at.x() - pressedAt_.x()) / scale_.pixelsPerMm, free);
    if (QLineF(at, pressedAt_).length() < 3 && editor_.inscription() && *editor_.inscription() == atStart_)
        return; // a click is no drag
    if (drag_ == Drag::tie || drag_ == Drag::tieTurn)
        return dragTie(at);
    const QPointF start = scale_.toMm(pressedAt_), now = scale_.toMm(at);
    const auto exact = [](double value, double step) { return std::round(value / step) * step; };
    if (drag_ == Drag::move) {
        QPointF anchor = QPointF(atStart_.placing.x, atStart_.placing.y) + now - start;
        if (!free)
            anchor = snapped(anchor, frameAtStart_);
        const double dx = exact(anchor.x(), 0.01) - atStart_.placing.x;
        const double dy = exact(anchor.y(), 0.01) - atStart_.placing.y;
        editor_.edit(tr("Move words"), QStringLiteral("move"), [&](card::Card& card) {
            for (const int number : card::withGroups(card, editor_.chosen())) {
                setting::Placing& placing = card.inscriptions[size_t(number)].placing;
                const setting::Placing& before = chosenAtStart_[size_t(number)].placing;
                placing.x = exact(before.x + dx, 0.001);
                placing.y = exact(before.y + dy, 0.001);
            }
        });
    } else if (drag_ == Drag::line && lettersAtStart_) {
        const card::Inscription changed = dragged(atStart_, *lettersAtStart_, handle_, {now.x(), now.y()});
        editor_.editInscription(tr("Bend the line"), QStringLiteral("line"),
                                [&](card::Inscription& inscription) {
                                    inscription.baseline = changed.baseline;
                                    inscription.placing = changed.placing;
                                });
    } else if (drag_ == Drag::letters && lettersAtStart_) {
        // Along and off the line of the letters, whichever way it runs there.
        const setting::Letter* letter = nullptr;
        for (const setting::Letter& one : lettersAtStart_->setting->letters)
            if (std::ranges::count(editor_.letters(), one.index) > 0 && !letter)
                letter = &one;
        const setting::Nudge* before =
            letter ? setting::nudgeOf(nudgesAtStart_, editor_.letters().front()) : nullptr;
        const double own = letter ? letter->turn - (before ? before->turn : 0) : 0;
        const double angle = (own + atStart_.placing.turn) * M_PI / 180;
        const QPointF by = now - start;
        const double along = by.x() * std::cos(angle) + by.y() * std::sin(angle);
        const double off = by.y() * std::cos(angle) - by.x() * std::sin(angle);
        editor_.nudge(tr("Nudge letters"), QStringLiteral("nudge"), [&](setting::Nudge& nudge) {
            const setting::Nudge* was = setting::nudgeOf(atStart_.nudges, nudge.letter, nudge.within);
            nudge.x = exact((was ? was->x : 0) + along, 0.01);
            nudge.y = exact((was ? was->y : 0) + off, 0.01);
        });
    } else if (drag_ == Drag::size && atStart_.isOrnament()) {
        const double factor =
            QLineF(handleCentre_, at).length() / std::max(QLineF(handleCentre_, pressedAt_).length(), 1.0);
        editor_.editInscription(
            tr("Size ornament"), QStringLiteral("size"), [&](card::Inscription& inscription) {
                const auto sized = [&](double value, card::Range range) {
                    return std::clamp(exact(value * factor, 0.1), range.least, range.most);
                };
                setting::Ornament& ornament = inscription.ornament;
                ornament.width = sized(atStart_.ornament.width, card::ranges::ornamentSize);
                ornament.height = ornament.kind == setting::OrnamentKind::bar
                                      ? atStart_.ornament.height
                                      : sized(atStart_.ornament.height, card::ranges::ornamentSize);
                ornament.scale = sized(atStart_.ornament.scale, card::ranges::scale);
            });
    } else if (drag_ == Drag::size) {
        const double before = QLineF(handleCentre_, pressedAt_).length(),
                     after = QLineF(handleCentre_, at).length();
        const double size = atStart_.style.size * after / std::max(before, 1.0);
        editor_.editInscription(
            tr("Size words"), QStringLiteral("size"), [&](card::Inscription& inscription) {
                inscription.style.size =
                    std::clamp(exact(size, 0.1), card::ranges::size.least, card::ranges::size.most);
            });
    } else if (drag_ == Drag::turn) {
        const double by = QLineF(handleCentre_, at).angle() - QLineF(handleCentre_, pressedAt_).angle();
        double turn = std::remainder(atStart_.placing.turn + by, 360);
        const double square = exact(turn, 45);
        turn = !free && std::fabs(turn - square) < 2 ? square : exact(turn, 0.5);
        editor_.editInscription(tr("Turn words"), QStringLiteral("turn"),
                                [&](card::Inscription& inscription) { inscription.placing.turn = turn; });
    }
    update();
}

QPointF FlatView::snapped(QPointF anchor, const QPolygonF& frameAtStart) {
    const blank::Blank& blank = editor_.card().blank;
    const plane::Vector size = blank::sizeOf(blank, editor_.side());
    if (frameAtStart.size() < 4 || !(size.x > 0))
        return anchor;
    const QPointF by = anchor - QPointF(atStart_.placing.x, atStart_.placing.y);
    const QRectF box = frameAtStart.boundingRect().translated(by);
    const double reach = snapReach / scale_.pixelsPerMm;
    const auto caught = [&](double low, double high, double whole, bool upright) {
        struct Pair {
            double own, line;
        };
        const double middle = (low + high) / 2;
        const Pair pairs[]{
            {middle, whole / 2}, {low, blank.margin}, {high, whole - blank.margin}, {low, 0}, {high, whole},
            {low, whole / 2},    {high, whole / 2}};
        const Pair* best = nullptr;
        for (const Pair& pair : pairs)
            if (std::fabs(pair.own - pair.line) < (best ? std::fabs(best->own - best->line) : reach))
                best = &pair;
        if (!best)
            return 0.0;
        caught_.push_back({upright, best->line});
        return best->line - best->own;
    };
    const double dx = caught(box.left(), box.right(), size.x, true);
    const double dy = caught(box.top(), box.bottom(), size.y, false);
    return anchor + QPointF(dx, dy);
}

void FlatView::mouseReleaseEvent(QMouseEvent*) {
    drag_ = Drag::none;
    caught_.clear();
    editor_.endGesture();
    update();
}

void FlatView::mouseDoubleClickEvent(QMouseEvent* event) {
    if (!maker_.shown().flat)
        return;
    const int hit = maker_.shown().flat->inscriptionAt(scale_.toMm(event->position()), editor_.side());
    if (hit < 0)
        return fit();
    editor_.select(hit);
    startWriting();
    placeCaret(event->position());
}

void FlatView::wheelEvent(QWheelEvent* event) {
    zoom(std::pow(1.0015, event->angleDelta().y()), event->position());
}

void FlatView::zoom(double factor, QPointF around) {
    const QPointF mm = scale_.toMm(around);
    scale_.pixelsPerMm = std::clamp(scale_.pixelsPerMm * factor, 0.02, 2000.0);
    scale_.origin = around - QPointF(mm.x(), -mm.y()) * scale_.pixelsPerMm;
    fitted_ = false;
    update();
}

void FlatView::moveBy(double dx, double dy) {
    if (!editor_.letters().empty())
        return nudgeBy(dx, dy);
    editor_.editChosen(tr("Move words"), QStringLiteral("arrow"), [&](card::Inscription& inscription) {
        inscription.placing.x = std::round((inscription.placing.x + dx) * 1000) / 1000;
        inscription.placing.y = std::round((inscription.placing.y + dy) * 1000) / 1000;
    });
}

void FlatView::keyPressEvent(QKeyEvent* event) {
    const double step = event->modifiers() & Qt::ShiftModifier ? 0.1 : 1;
    if (event->key() == Qt::Key_S && event->modifiers() == Qt::NoModifier && !writing()) {
        sectioning_ = true;
        return;
    }
    if (event->key() == Qt::Key_Escape && sectionLine_ && !writing()) {
        sectionLine_.reset();
        strip_->hide();
        return update();
    }
    if (event->key() == Qt::Key_M && !writing() && !event->isAutoRepeat()) {
        measuring_ = true;
        return measureAt(mapFromGlobal(QCursor::pos()));
    }
    if (!writing()) {
        const bool letters = event->modifiers() & Qt::AltModifier;
        if (!letters && keyOnTie(event))
            return;
        switch (letters ? event->key() : 0) {
        case Qt::Key_Left:
            return stepLetter(-1, event->modifiers() & Qt::ShiftModifier);
        case Qt::Key_Right:
            return stepLetter(1, event->modifiers() & Qt::ShiftModifier);
        default:
            break;
        }
        switch (event->key()) {
        case Qt::Key_Escape:
            if (editor_.letters().empty())
                return QWidget::keyPressEvent(event);
            return editor_.chooseLetters({});
        case Qt::Key_Left:
            return moveBy(-step, 0);
        case Qt::Key_Right:
            return moveBy(step, 0);
        case Qt::Key_Up:
            return moveBy(0, step);
        case Qt::Key_Down:
            return moveBy(0, -step);
        case Qt::Key_BracketLeft:
        case Qt::Key_BracketRight: {
            constexpr double degrees = 5;
            const double turn = blank::turnOf(editor_.card().blank, editor_.side());
            if (!(turn > 0))
                return QWidget::keyPressEvent(event);
            const double by = event->key() == Qt::Key_BracketLeft ? -degrees : degrees;
            return seamTo(card::seamOf(editor_.card(), editor_.side()) + by / 360 * turn, true);
        }
        case Qt::Key_H: {
            // Where the pointer is the blank is held; once more there, and it is its outer edge again.
            if (extras_.overlay != drawing::Overlay::pieces)
                return QWidget::keyPressEvent(event);
            const QPointF at = scale_.toMm(mapFromGlobal(QCursor::pos()));
            holdAt(extras_.heldAt ? std::nullopt : std::optional(at));
            return;
        }
        case Qt::Key_W:
        case Qt::Key_P:
            overlays_->takeKey(event->key());
            return;
        case Qt::Key_F2:
            return startWriting();
        case Qt::Key_Home:
            return fit();
        case Qt::Key_Plus:
            return zoom(1.25, rect().center());
        case Qt::Key_Minus:
            return zoom(0.8, rect().center());
        case Qt::Key_Delete:
            return editor_.deleteInscription();
        default:
            return QWidget::keyPressEvent(event);
        }
    }
    const int count = int(type::codePoints(editor_.inscription()->words).size());
    switch (event->key()) {
    case Qt::Key_Escape:
        return stopWriting();
    case Qt::Key_Left:
        caret_ = std::max(0, *caret_ - 1);
        break;
    case Qt::Key_Right:
        caret_ = std::min(count, *caret_ + 1);
        break;
    case Qt::Key_Up:
        moveCaretUpright(-1);
        break;
    case Qt::Key_Down:
        moveCaretUpright(1);
        break;
    case Qt::Key_Home:
        caret_ = 0;
        break;
    case Qt::Key_End:
        caret_ = count;
        break;
    case Qt::Key_Backspace:
        if (*caret_ > 0)
            erase(*caret_ - 1, 1);
        break;
    case Qt::Key_Delete:
        erase(*caret_, 1);
        break;
    case Qt::Key_Return:
    case Qt::Key_Enter:
        write(QStringLiteral("\n"));
        break;
    default:
        if (event->text().isEmpty() || !event->text().front().isPrint())
            return QWidget::keyPressEvent(event);
        write(event->text());
    }
    caretShown_ = true;
    update();
}

void FlatView::keyReleaseEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_S && !event->isAutoRepeat())
        sectioning_ = false;
    if (event->key() != Qt::Key_M || event->isAutoRepeat() || !measuring_)
        return QWidget::keyReleaseEvent(event);
    measuring_ = false;
    drag_ = Drag::none;
    measureLine_.reset();
    measurePoint_.reset();
    measured_.clear();
    update();
}

int FlatView::letterAt(QPointF at) const {
    const working::PlacedLetters* letters = shownLetters();
    if (!letters || !letters->setting->typeface)
        return -1;
    const QPointF mm = scale_.toMm(at);
    const plane::Point point{plane::toUnits(mm.x()), plane::toUnits(mm.y())};
    for (size_t i = 0; i < letters->onSide.size(); ++i) {
        const plane::Box box = plane::boxOf(letters->onSide[i]);
        if (!box.empty() && box.low.x <= point.x && point.x <= box.high.x && box.low.y <= point.y &&
            point.y <= box.high.y)
            return letters->setting->letters[i].index;
    }
    return -1;
}

void FlatView::chooseLetter(QPointF at, bool more) {
    const int hit = maker_.shown().flat->inscriptionAt(scale_.toMm(at), editor_.side());
    if (hit >= 0 && hit != editor_.selected())
        editor_.select(hit);
    const int letter = letterAt(at);
    if (letter < 0)
        return editor_.chooseLetters({});
    std::vector<int> letters = more ? editor_.letters() : std::vector<int>{};
    if (more && !letters.empty()) { // a range, from the nearest chosen one
        const working::PlacedLetters* shown = shownLetters();
        const auto [low, high] =
            std::minmax(letter, letter < letters.front() ? letters.front() : letters.back());
        for (const setting::Letter& one : shown->setting->letters)
            if (one.index >= low && one.index <= high && std::ranges::count(letters, one.index) == 0)
                letters.push_back(one.index);
    } else {
        letters = {letter};
    }
    editor_.chooseLetters(std::move(letters));
}

void FlatView::stepLetter(int by, bool more) {
    const working::PlacedLetters* shown = shownLetters();
    if (!shown || !shown->setting->typeface || shown->setting->letters.empty())
        return;
    std::vector<int> all;
    for (const setting::Letter& letter : shown->setting->letters)
        if (std::ranges::count(all, letter.index) == 0)
            all.push_back(letter.index);
    std::ranges::sort(all);
    std::vector<int> letters = editor_.letters();
    if (letters.empty())
        return editor_.chooseLetters({by > 0 ? all.front() : all.back()});
    const auto at = std::ranges::find(all, by > 0 ? letters.back() : letters.front());
    const auto next = std::clamp<std::ptrdiff_t>(at - all.begin() + by, 0, std::ptrdiff_t(all.size()) - 1);
    if (!more)
        letters.clear();
    if (std::ranges::count(letters, all[size_t(next)]) == 0)
        letters.push_back(all[size_t(next)]);
    editor_.chooseLetters(std::move(letters));
}

void FlatView::nudgeBy(double dx, double dy) {
    editor_.nudge(tr("Nudge letters"), QStringLiteral("nudgeArrow"), [&](setting::Nudge& nudge) {
        nudge.x = std::round((nudge.x + dx / 10) * 1000) / 1000; // letters want finer steps than words
        nudge.y = std::round((nudge.y + dy / 10) * 1000) / 1000;
    });
}

/// What is told while M is held: the distance dragged, or the width of the stroke or gap under the pointer.
void FlatView::measureAt(QPointF at) {
    const QPointF mm = scale_.toMm(at);
    const quantity::Unit unit = editor_.card().unit;
    measurePoint_.reset();
    if (drag_ == Drag::measure && measureLine_) {
        measureLine_->setP2(mm);
        measured_ = tr("%1 (across %2, up %3)")
                        .arg(wording::lengthText(measureLine_->length(), unit),
                             wording::lengthText(std::fabs(measureLine_->dx()), unit),
                             wording::lengthText(std::fabs(measureLine_->dy()), unit));
        return update();
    }
    std::optional<check::Reading> nearest;
    double least = 24 / scale_.pixelsPerMm; // pixels around the pointer
    if (const auto& checked = maker_.shown().made.checked)
        checked->measures->readings.forEach([&](const check::Reading& reading) {
            if (const double far = QLineF(drawing::pointOf(reading.at), mm).length(); far < least) {
                least = far;
                nearest = reading;
            }
        });
    if (nearest) {
        measurePoint_ = drawing::pointOf(nearest->at);
        measuredWidth_ = nearest->width;
        measured_ =
            tr("%1 %2").arg(wording::nameOf(nearest->kind), wording::lengthText(nearest->width, unit));
    } else {
        measured_ = tr("%1, %2").arg(wording::lengthText(mm.x(), unit), wording::lengthText(mm.y(), unit));
    }
    update();
}

void FlatView::markMisspelt(const std::vector<type::Misspelling>& misspelt) {
    misspelt_ = misspelt;
    update();
}

} // namespace bollard::app
