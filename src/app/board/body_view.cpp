#include "app/board/body_view.hpp"
#include "app/board/overlay_choice.hpp"
#include "app/controls/choice.hpp"
#include "app/controls/looks.hpp"
#include "body/probe.hpp"
#include "card/clashes.hpp"
#include "wording/wording.hpp"
#include "working/tiling.hpp"
#include <QCheckBox>
#include <QEvent>
#include <QGridLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QMouseEvent>
#include <QPainter>
#include <QPushButton>
#include <QSlider>
#include <cmath>

namespace bollard::app {

BodyCanvas::BodyCanvas(CardEditor& editor, Maker& maker, QWidget* parent)
    : SceneCanvas(parent), editor_(editor), maker_(maker) {
    connect(&editor_, &CardEditor::changed, this, [this] { update(); });
    connect(&editor_, &CardEditor::selectionChanged, this, [this] { update(); });
    setMouseTracking(true);
    setAccessibleName(tr("Body view"));
    setAccessibleDescription(tr("Arrow keys turn the body; plus and minus zoom; Home fits; Page up and Page "
                                "down change how high or deep "
                                "the selected words are, with Shift in hundredths."));
    connect(&maker_, &Maker::stageDone, this, &BodyCanvas::takeShown);
}

void BodyCanvas::takeShown() {
    const auto& now = maker_.shown().scene;
    if (now == scene())
        return update(); // the stock may lie elsewhere
    setScene(now);
}

void BodyCanvas::setPointing(const QString& asked) {
    pointing_ = asked;
    setCursor(pointing() ? Qt::CrossCursor : Qt::ArrowCursor);
    update();
}

void BodyCanvas::setSeeThrough(bool seeThrough) {
    picture::View now = view();
    now.seeThrough = seeThrough;
    setView(now);
}

void BodyCanvas::light(const std::vector<check::FindingPlace>& places, bool stops) {
    lit_ = places;
    litStops_ = stops;
    update();
}

double BodyCanvas::alongExtent(int axis, double share) const {
    if (!scene())
        return 0;
    const body::Extent& extent = scene()->extent;
    const double low = axis == 0 ? extent.low.x : axis == 1 ? extent.low.y : extent.low.z;
    const double high = axis == 0 ? extent.high.x : axis == 1 ? extent.high.y : extent.high.z;
    return low + share * (high - low);
}

void BodyCanvas::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const drawing::Tokens& t = drawing::tokens();
    paintFrame(painter);
    if (scene() && scene()->triangles.empty()) {
        painter.setPen(t.inkSoft);
        painter.drawText(rect(), Qt::AlignCenter, tr("Nothing to make yet: give the card a blank or words."));
    }
    painter.setRenderHint(QPainter::Antialiasing);
    paintStock(painter);
    paintOverlay(painter);
    for (const check::FindingPlace& place : lit_) {
        const QPointF at = pixelOf(placeInSpace(place));
        const double radius = std::max(9.0, place.width / view().camera.mmPerPixel);
        painter.setPen(QPen(t.paper, 5));
        painter.drawEllipse(at, radius, radius);
        painter.setPen(QPen(litStops_ ? t.stop : t.watch, 2.4));
        painter.drawEllipse(at, radius, radius);
    }
    if (maker_.shown().made.joining) { // what is seen is not what comes
        QColor veil = t.ground;
        veil.setAlpha(120);
        painter.fillRect(rect(), veil);
    }
    if (pointing()) {
        const QRectF label(12, 12, QFontMetricsF(painter.font()).horizontalAdvance(pointing_) + 20, 26);
        painter.setPen(t.tide);
        painter.setBrush(t.paper);
        painter.drawRoundedRect(label, 3, 3);
        painter.setPen(t.ink);
        painter.drawText(label, Qt::AlignCenter, pointing_);
        painter.setBrush(Qt::NoBrush);
    } else {
        paintHandle(painter);
    }
    if (hasFocus()) {
        painter.setRenderHint(QPainter::Antialiasing, false);
        painter.setPen(t.tide);
        painter.drawRect(rect().adjusted(0, 0, -1, -1));
    }
}

std::optional<HeightHandle> BodyCanvas::handle() const {
    const card::Inscription* inscription = editor_.inscription();
    return inscription ? heightHandleOf(maker_.shown().made, editor_.selected(), *inscription) : std::nullopt;
}

/// On the letters that it is of, on whichever side they are.
space::Vertex BodyCanvas::placeInSpace(const check::FindingPlace& place) const {
    if (place.onPart)
        return *place.onPart;
    const card::Made& made = maker_.shown().made;
    const space::Vertex flat{plane::toMillimetres(place.at.x), plane::toMillimetres(place.at.y),
                             scene() ? scene()->extent.high.z : 0};
    if (!made.lettering || !made.solid || !made.solid->panels)
        return flat;
    const auto& all = made.lettering->inscriptions;
    const auto letters = std::ranges::find(all, place.inscription, &working::PlacedLetters::inscription);
    const blank::Panel* const panel =
        letters == all.end() ? nullptr : card::panelOf(*made.solid->panels, letters->side);
    if (!panel)
        return flat;
    const bool behind = panel->wall() && panel->back == letters->side;
    const plane::Point onPlan = working::drawnOn(*panel, *letters).toPlan(plane::onGrid(place.at));
    const double height = working::cuts(letters->working.kind) ? 0 : letters->working.height;
    return blank::standOn(*panel, behind, onPlan).at(height);
}

/// The stock's edges, what holds it, and the machine's zero with its axes, of cards that are cut.
void BodyCanvas::paintStock(QPainter& painter) const {
    const auto& cuttings = maker_.shown().made.cuttings;
    if (!cuttings || cuttings->front.stock.empty())
        return;
    const drawing::Tokens& t = drawing::tokens();
    const auto box = [&](const cut::Block& block) {
        const auto corner = [&](int which) {
            return pixelOf({which & 1 ? block.high.x : block.low.x, which & 2 ? block.high.y : block.low.y,
                            which & 4 ? block.high.z : block.low.z});
        };
        for (int from = 0; from < 8; ++from)
            for (const int along : {1, 2, 4})
                if (!(from & along))
                    painter.drawLine(corner(from), corner(from | along));
    };
    const cut::Cutting& cutting = cuttings->front;
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(t.inkSoft, 1, Qt::DashDotLine));
    space::Vertex zeroPlace = cutting.zero;
    if (const cut::Mounting* const on = cutting.mounting.get()) {
        zeroPlace = {0, on->zero.y, on->zero.height};
        const auto around = [&](double y, double radius) {
            QPolygonF circle;
            constexpr int corners = 72;
            for (int i = 0; i <= corners; ++i) {
                const double a = 2 * M_PI * i / corners;
                circle << pixelOf({radius * std::sin(a), y, radius * std::cos(a)});
            }
            painter.drawPolyline(circle);
        };
        const cut::RoundStock& bar = on->stock;
        for (const double y : {bar.from, bar.to})
            around(y, bar.radius);
        constexpr int lines = 8;
        for (int i = 0; i < lines; ++i) {
            const double a = 2 * M_PI * i / lines, x = bar.radius * std::sin(a), z = bar.radius * std::cos(a);
            painter.drawLine(pixelOf({x, bar.from, z}), pixelOf({x, bar.to, z}));
        }
        painter.setPen(QPen(t.ink, 1.4));
        if (bar.held()) { // wider, as what holds it is
            constexpr double wider = 1.15;
            for (const double y : {bar.chuckFrom, bar.chuckTo})
                around(y, wider * bar.radius);
        }
    } else {
        box(cutting.stock);
    }
    painter.setPen(QPen(t.inkSoft, 1));
    for (const cut::Clamp& clamp : cutting.clamps)
        box({{clamp.x, clamp.y, cutting.stock.high.z},
             {clamp.x + clamp.width, clamp.y + clamp.height, cutting.stock.high.z + clamp.top}});
    constexpr double axis = 28; // pixels, where it is seen from the side
    const double length = axis * view().camera.mmPerPixel;
    const QPointF zero = pixelOf(zeroPlace);
    for (const auto& [way, name] : {std::pair{space::Vertex{length, 0, 0}, "x"},
                                    {space::Vertex{0, length, 0}, "y"},
                                    {space::Vertex{0, 0, length}, "z"}}) {
        const QPointF end = pixelOf(zeroPlace + way);
        painter.setPen(QPen(t.stop, 2));
        painter.drawLine(zero, end);
        painter.setPen(t.ink);
        painter.drawText(end + QPointF(3, -2), QLatin1String(name));
    }
    painter.setPen(QPen(t.stop, 2));
    painter.setBrush(t.paper);
    painter.drawEllipse(zero, 4, 4);
}

std::optional<QPointF> BodyCanvas::heightTip() const {
    const auto now = handle();
    return now ? std::optional(pixelOf(now->tip())) : std::nullopt;
}

void BodyCanvas::paintHandle(QPainter& painter) const {
    const auto now = handle();
    if (!now || !scene())
        return;
    const drawing::Tokens& t = drawing::tokens();
    const QPointF foot = pixelOf(now->foot), tip = pixelOf(now->tip());
    painter.setPen(QPen(t.paper, 4));
    painter.drawLine(foot, tip);
    painter.setPen(QPen(t.tide, 2));
    painter.drawLine(foot, tip);
    painter.setBrush(dragged_ ? t.tide : t.paper);
    painter.drawRect(QRectF(tip - QPointF(4, 4), QSizeF(8, 8)));
    painter.setBrush(Qt::NoBrush);
    const QString text = wording::lengthText(std::fabs(now->reach), editor_.card().unit);
    const QRectF label(tip + QPointF(10, -9),
                       QSizeF(QFontMetricsF(painter.font()).horizontalAdvance(text) + 8, 18));
    painter.fillRect(label, t.paper);
    painter.setPen(t.ink);
    painter.drawText(label, Qt::AlignCenter, text);
}

void BodyCanvas::setOverlay(drawing::Overlay overlay) {
    overlay_ = overlay;
    update();
}

/// The side lies in a plane, which the picture shows without perspective: a plain transform.
void BodyCanvas::paintOverlay(QPainter& painter) const {
    const auto& flat = maker_.shown().flat;
    if (overlay_ == drawing::Overlay::none || !flat || flat->empty() || !flat->made().card)
        return;
    const blank::Blank& blank = flat->made().card->blank;
    const bool none = blank.kind == blank::Kind::none;
    const std::string_view first = blank::sidesOf(blank).front(), across = blank::sideAcross(blank, first);
    if (across.empty() && !none)
        return; // it goes round
    const auto transformOf = [&](bool behind) {
        double top = behind ? -blank::depthBehind(blank) : 0;
        for (const working::PlacedLetters& letters : flat->made().lettering->inscriptions)
            if (!behind && letters.side == first && !working::cuts(letters.working.kind))
                top = std::max(top, letters.working.height);
        const auto at = [&](double x, double y) {
            return pixelOf({behind ? blank::sizeOf(blank).x - x : x, y, top});
        };
        const QPointF origin = at(0, 0), x = at(1, 0) - origin, y = at(0, 1) - origin;
        return QTransform(x.x(), x.y(), y.x(), y.y(), origin.x(), origin.y());
    };
    drawing::Laid laid{transformOf(false), 1};
    drawing::FlatExtras extras;
    extras.overlay = overlay_;
    extras.side = first;
    if (laid.toPixels.determinant() >= 0) { // seen from behind
        if (across.empty())
            return;
        laid.toPixels = transformOf(true);
        extras.side = across;
    }
    const double seen = std::fabs(laid.toPixels.determinant()) * view().camera.mmPerPixel;
    constexpr double edgeOn = 0.05;
    if (seen * view().camera.mmPerPixel < edgeOn)
        return;
    laid.pixelsPerMm = std::sqrt(std::fabs(laid.toPixels.determinant()));
    painter.save();
    painter.setFont(font());
    flat->paintOverlay(painter, rect(), laid, extras);
    painter.restore();
}

void BodyCanvas::setReachTo(double reach_mm) {
    editor_.editInscription(tr("Change how high it is"), QStringLiteral("reach"),
                            [&](card::Inscription& inscription) { setReach(inscription.working, reach_mm); });
}

void BodyCanvas::stepReach(double by_mm) {
    if (const auto now = handle())
        setReachTo(now->reach < 0 ? now->reach - by_mm : now->reach + by_mm); // up is more, of depths too
}

void BodyCanvas::mousePressEvent(QMouseEvent* event) {
    last_ = event->position();
    if (pointing()) {
        if (event->button() == Qt::LeftButton)
            pressed_ = last_;
        return;
    }
    constexpr double near = 9; // pixels
    const auto tip = heightTip();
    if (event->button() == Qt::LeftButton && tip && QLineF(*tip, last_).length() <= near) {
        dragged_ = handle();
        draggedFrom_ = last_;
        editor_.beginGesture();
        update();
    }
}

void BodyCanvas::mouseReleaseEvent(QMouseEvent* event) {
    if (const auto pressed = std::exchange(pressed_, std::nullopt); pressed && pointing()) {
        if (const auto point = placeUnder(event->position()))
            emit placePointedAt(point->x, point->y, point->z);
        return;
    }
    if (!dragged_)
        return;
    dragged_.reset();
    editor_.endGesture();
    update();
}

void BodyCanvas::mouseMoveEvent(QMouseEvent* event) {
    const QPointF by = event->position() - last_;
    constexpr double still = 4; // pixels
    if (pressed_ && QLineF(*pressed_, event->position()).length() > still)
        pressed_.reset(); // it is turned
    last_ = event->position();
    if (dragged_) {
        // Along the line as it is seen; seen from its end, upwards on the screen.
        const QPointF perMm = pixelOf(dragged_->foot + dragged_->along) - pixelOf(dragged_->foot);
        const double length = QPointF::dotProduct(perMm, perMm);
        const QPointF moved = last_ - draggedFrom_;
        constexpr double tooShort = 1;
        const double up = length > tooShort ? QPointF::dotProduct(moved, perMm) / length
                                            : -moved.y() * view().camera.mmPerPixel;
        const double step = event->modifiers() & Qt::AltModifier ? 0.01 : 0.1;
        const double reach = std::round((dragged_->reach + up) / step) * step;
        return setReachTo(dragged_->reach < 0 ? std::min(reach, -step) : std::max(reach, step));
    }
    if (event->buttons() != Qt::NoButton)
        return drag(by, event->buttons() != Qt::LeftButton || event->modifiers() & Qt::ShiftModifier);
    const auto point = placeUnder(event->position());
    if (!point || !maker_.shown().made.card)
        return emit pointed({});
    const quantity::Unit unit = maker_.shown().made.card->unit;
    const auto text = [unit](double mm) { return wording::lengthText(mm, unit); };
    QString where = tr("x %1  y %2  z %3").arg(text(point->x), text(point->y), text(point->z));
    if (const auto on = sideUnder(*point)) {
        where = tr("%1: x %2  y %3  height %4")
                    .arg(wording::nameOfSide(on->side), text(on->x), text(on->y), text(on->height)) +
                QStringLiteral("   ") + where;
        const auto& solid = maker_.shown().made.solid;
        if (const auto thick = body::thicknessAt(solid->mesh, *point, -1 * on->outwards))
            where += tr("   %1 thick").arg(text(*thick));
    }
    emit pointed(where);
}

std::optional<blank::OnSide> BodyCanvas::sideUnder(const space::Vertex& point) const {
    const card::Made& made = maker_.shown().made;
    if (!made.solid || !made.solid->panels || made.card->blank.kind == blank::Kind::none)
        return std::nullopt;
    const auto on = blank::nearestSide(*made.solid->panels, point);
    // Edges and hollows are panels too, which no words lie on.
    return on && !blank::sideOf(made.card->blank, on->side).empty() ? on : std::nullopt;
}

void BodyCanvas::mouseDoubleClickEvent(QMouseEvent* event) {
    const auto point = placeUnder(event->position());
    if (event->button() != Qt::LeftButton || !point || !maker_.shown().made.card)
        return;
    if (const auto on = sideUnder(*point)) {
        editor_.showSide(std::string(on->side));
        emit sideOpened();
    }
}

void BodyCanvas::leaveEvent(QEvent*) {
    emit pointed({});
}

void BodyCanvas::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
    case Qt::Key_Escape:
        return pointing() ? emit pointingLeft() : SceneCanvas::keyPressEvent(event);
    case Qt::Key_PageUp:
        return stepReach(event->modifiers() & Qt::ShiftModifier ? 0.01 : 0.1);
    case Qt::Key_PageDown:
        return stepReach(event->modifiers() & Qt::ShiftModifier ? -0.01 : -0.1);
    default:
        SceneCanvas::keyPressEvent(event);
    }
}

BodyView::BodyView(CardEditor& editor, Maker& maker, QWidget* parent) : QWidget(parent), maker_(maker) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    canvas_ = new BodyCanvas(editor, maker, this);
    layout->addWidget(canvas_, 1);
    auto* stands = new QWidget(canvas_);
    auto* standRow = new QVBoxLayout(stands);
    standRow->setContentsMargins(8, 8, 8, 8);
    standRow->setSpacing(2);
    auto* overCanvas = new QGridLayout(canvas_);
    overCanvas->setContentsMargins(0, 0, 0, 0);
    overCanvas->addWidget(stands, 0, 1, Qt::AlignTop | Qt::AlignRight);
    auto* row = new QHBoxLayout;
    row->setContentsMargins(12, 6, 8, 6);
    row->setSpacing(6);
    layout->addLayout(row);

    struct Stand {
        const char* iconName;
        QString text;
        double turn, tilt;
    };
    const picture::Camera usual;
    for (const Stand& stand :
         {Stand{"front", tr("Look at the front"), 0, 0}, Stand{"back", tr("Look at the back"), 180, 180},
          Stand{"side", tr("Look from the side"), 0, 90},
          Stand{"corner", tr("Look from a corner"), usual.turn, usual.tilt}}) {
        QPushButton* button = iconButton(QString::fromLatin1(stand.iconName), stand.text, stands);
        connect(button, &QPushButton::clicked, this,
                [this, stand] { canvas_->stand(stand.turn, stand.tilt); });
        standRow->addWidget(button);
    }
    QPushButton* fit = iconButton(QStringLiteral("fit"), tr("Fit the body into the view"), stands);
    connect(fit, &QPushButton::clicked, canvas_, &BodyCanvas::fit);
    standRow->addWidget(fit);
    row->addWidget(softLabel(tr("Section"), this));
    axis_ = new Choice(tr("Section along"),
                       {tr("none"), QStringLiteral("x"), QStringLiteral("y"), QStringLiteral("z")}, this);
    axis_->choose(0);
    row->addWidget(axis_);
    section_ = new QSlider(Qt::Horizontal, this);
    section_->setRange(0, 1000);
    section_->setValue(500);
    section_->setEnabled(false);
    section_->setMinimumWidth(48);
    section_->setAccessibleName(tr("Where the section cuts"));
    row->addWidget(section_, 1);
    sectionText_ = softLabel({}, this);
    row->addWidget(sectionText_);
    for (int i = 0; i < 4; ++i)
        axis_->button(i)->setMinimumWidth(i == 0 ? 48 : 26);
    seeThrough_ = new QCheckBox(tr("See-through"), this);
    seeThrough_->setToolTip(tr("See through the blank"));
    row->addWidget(seeThrough_);
    point_ = new QLabel(canvas_);
    point_->setObjectName(QStringLiteral("soft"));
    point_->setAttribute(Qt::WA_TransparentForMouseEvents);
    overlays_ = new OverlayChoice(canvas_);
    auto* corner = new QVBoxLayout;
    corner->setContentsMargins(10, 10, 0, 0);
    corner->addWidget(overlays_, 0, Qt::AlignLeft);
    corner->addWidget(point_, 0, Qt::AlignLeft);
    overCanvas->addLayout(corner, 0, 0, Qt::AlignTop | Qt::AlignLeft);
    connect(overlays_, &OverlayChoice::chosen, canvas_, &BodyCanvas::setOverlay);
    connect(&maker, &Maker::stageDone, this, [this] {
        const auto& card = maker_.shown().made.card;
        overlays_->setVisible(
            card && (card->blank.kind == blank::Kind::none || !blank::sideAcross(card->blank, {}).empty()));
    });
    overCanvas->setColumnStretch(0, 1);
    overCanvas->setRowStretch(1, 1);
    point_->setContentsMargins(2, 2, 0, 0);

    connect(axis_, &Choice::picked, this, &BodyView::applySection);
    connect(section_, &QSlider::valueChanged, this, &BodyView::applySection);
    connect(&maker, &Maker::stageDone, this, [this] {
        if (axis_->chosen() > 0)
            applySection();
    });
    connect(seeThrough_, &QCheckBox::toggled, canvas_, &BodyCanvas::setSeeThrough);
    connect(canvas_, &BodyCanvas::pointed, point_, &QLabel::setText);
    connect(canvas_, &BodyCanvas::sideOpened, this, &BodyView::sideOpened);
}

void BodyView::keyPressEvent(QKeyEvent* event) {
    if (!overlays_->isVisible() || !overlays_->takeKey(event->key()))
        QWidget::keyPressEvent(event);
}

void BodyView::setSection(int axis, double share) {
    axis_->choose(axis + 1);
    section_->setValue(int(share * section_->maximum()));
    applySection();
}

void BodyView::applySection() {
    const int axis = axis_->chosen() - 1;
    section_->setEnabled(axis >= 0);
    if (axis < 0) {
        sectionText_->clear();
        return canvas_->setSection(std::nullopt);
    }
    const double at = canvas_->alongExtent(axis, double(section_->value()) / section_->maximum());
    const auto& card = maker_.shown().made.card;
    sectionText_->setText(wording::lengthText(at, card ? card->unit : quantity::Unit::millimetre));
    canvas_->setSection(picture::Section{axis, at});
}

} // namespace bollard::app
