#include "app/proof/proof_view.hpp"
#include "app/proof/proof_strip.hpp"
#include "cut/gcode.hpp"
#include "drawing/proof_picture.hpp"
#include "drawing/tokens.hpp"
#include "wording/wording.hpp"
#include <QEvent>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QListView>
#include <QMouseEvent>
#include <QPainter>
#include <QPushButton>
#include <QScrollBar>
#include <QSignalBlocker>
#include <QSlider>

namespace bollard::app {

namespace {

/// The stock on the plan that it is proved on: of a bar that is followed from above as wide as it is seen.
QRectF stockOnPlan(const cut::Cutting& cutting) {
    const cut::Block& stock = cutting.stock;
    QRectF rect(QPointF(stock.low.x, stock.low.y), QPointF(stock.high.x, stock.high.y));
    if (const cut::Mounting* const on = cutting.mounting.get(); on && !on->turns) {
        rect.setLeft(on->width / 2 - on->stock.radius);
        rect.setRight(on->width / 2 + on->stock.radius);
    }
    return rect;
}

} // namespace

ProofCanvas::ProofCanvas(QWidget* parent) : PlanCanvas(parent) {
    setAccessibleName(tr("Proof: the stock after the moves so far"));
}

void ProofCanvas::mousePressEvent(QMouseEvent* event) {
    const QPointF at = event->position();
    beginDrag(at);
    constexpr double near = 9; // pixels
    held_.reset();
    for (const Handle& handle : handles())
        if (QLineF(onScreen(handle.at.x(), handle.at.y()), at).length() < near)
            held_ = handle;
}
void ProofCanvas::mouseMoveEvent(QMouseEvent* event) {
    if (held_) {
        held_->at = onPlan(event->position());
        return update();
    }
    drag(event->position());
}
void ProofCanvas::show(std::shared_ptr<const proof::Proof> proof,
                       std::shared_ptr<const card::Cuttings> cuttings, QImage image, bool back) {
    back_ = back;
    proof_ = std::move(proof);
    cuttings_ = std::move(cuttings);
    image_ = std::move(image);
    done_ = proof_ ? proof_->program.motions.size() : 0;
    update();
}

void ProofCanvas::setImage(QImage image) {
    image_ = std::move(image);
    update();
}

void ProofCanvas::setDone(size_t moves) {
    done_ = moves;
    update();
}

QRectF ProofCanvas::all() const {
    const cut::Cutting& cut = cutting();
    const proof::HeightField& field = *proof_->field;
    const plane::Vector low = field.middle(0, 0);
    return stockOnPlan(cut).united(
        QRectF(low.x, low.y, field.columns() * field.cell(), field.rows() * field.cell()));
}
std::vector<ProofCanvas::Handle> ProofCanvas::handles() const {
    std::vector<Handle> found;
    if (!proof_ || !cuttings_ || !proof_->field)
        return found;
    const auto& paths = cutting().paths;
    for (size_t path = 0; path < paths.size(); ++path)
        for (const bool tab : {true, false}) {
            const auto& spots = tab ? paths[path].tabs : paths[path].starts;
            for (size_t place = 0; place < spots.size(); ++place)
                found.push_back({path, tab, place, {spots[place].x, spots[place].y}});
        }
    return found;
}

void ProofCanvas::mouseReleaseEvent(QMouseEvent*) {
    if (const auto held = std::exchange(held_, std::nullopt))
        emit dragged(held->path, held->tab, held->place, held->at);
}

void ProofCanvas::setTool(std::optional<std::array<double, 3>> at) {
    tool_ = at;
    update();
}

void ProofCanvas::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const drawing::Tokens& t = drawing::tokens();
    painter.fillRect(rect(), t.ground);
    if (!proof_ || !cuttings_ || !proof_->field) {
        painter.setPen(t.inkSoft);
        painter.drawText(rect().adjusted(20, 0, -20, 0), Qt::AlignCenter | Qt::TextWordWrap,
                         tr("Nothing to prove yet: give the card an operation in Process, or letters that "
                            "its process cuts."));
        return;
    }
    const cut::Cutting& cutting = this->cutting();
    const proof::HeightField& field = *proof_->field;
    const plane::Vector low = field.middle(0, 0);
    const double wide = field.columns() * field.cell(), high = field.rows() * field.cell(),
                 scale = this->scale();
    const QRectF stock = stockOnPlan(cutting);
    const auto at = [&](double x, double y) { return onScreen(x, y); };
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.fillRect(QRectF(at(stock.left(), stock.bottom()), at(stock.right(), stock.top())), t.material);
    painter.drawImage(QRectF(at(low.x, low.y + high), at(low.x + wide, low.y)), image_);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(t.inkSoft, 1, Qt::DashDotLine));
    painter.drawRect(QRectF(at(stock.left(), stock.bottom()), at(stock.right(), stock.top())));
    // Of a bar that goes round more than once: back to where its development is.
    const cut::Mounting* const mounting = cutting.mounting.get();
    const auto roundBack = [&](const proof::Motion& m) {
        if (!mounting || !mounting->turns)
            return 0.0;
        const double from = low.x, middle = (m.from.x + m.to.x) / 2;
        return mounting->width * std::floor((middle - from) / mounting->width);
    };
    // Moves in the air are broken lines, cuts full ones; what is still to come is faint.
    const auto& motions = proof_->over;
    const Painted now{proof_, done_, zoomed(), moved(), size()};
    if (!(paths_.of == now)) {
        paths_ = {now, {}, {}, {}, {}};
        const auto line = [&](QPainterPath& path, const proof::Motion& m) {
            const double back = roundBack(m);
            path.moveTo(at(m.from.x - back, m.from.y));
            path.lineTo(at(m.to.x - back, m.to.y));
        };
        constexpr size_t most = 60000;
        constexpr double between = 70, half = 3.5; // pixels from one arrow to the next, and how large it is
        double since = between / 2;
        const size_t from = done_ > most ? done_ - most : 1;
        for (size_t i = from; i < std::min(motions.size(), done_); ++i) {
            line(motions[i].rapid ? paths_.air : paths_.cut, motions[i]);
            if (motions[i].rapid) {
                since = between / 2;
                continue;
            }
            const double back = roundBack(motions[i]);
            const QPointF a = at(motions[i].from.x - back, motions[i].from.y),
                          b = at(motions[i].to.x - back, motions[i].to.y), way = b - a;
            const double length = std::hypot(way.x(), way.y());
            since += length;
            if (since < between || length < 0.5)
                continue;
            since = 0;
            const QPointF on = way / length, side(-on.y(), on.x()), tip = a + way / 2 + half * on;
            paths_.arrows.moveTo(tip);
            paths_.arrows.lineTo(tip - 2 * half * on + half * side);
            paths_.arrows.lineTo(tip - 2 * half * on - half * side);
            paths_.arrows.closeSubpath();
        }
        for (size_t i = std::max<size_t>(done_, 1); i < std::min(motions.size(), done_ + most); ++i)
            line(paths_.later, motions[i]);
    }
    QColor faint = t.inkSoft;
    faint.setAlphaF(0.35f);
    painter.setPen(QPen(faint, 0.6));
    painter.drawPath(paths_.later);
    painter.setPen(QPen(t.tide, 0.8));
    painter.drawPath(paths_.cut);
    painter.fillPath(paths_.arrows, t.tide);
    painter.setPen(QPen(t.ink, 1, Qt::DotLine));
    painter.drawPath(paths_.air);
    // Where cutting begins and ends
    const auto cuts = [](const proof::Motion& m) { return !m.rapid; };
    const auto first = std::ranges::find_if(motions, cuts);
    const auto last = std::ranges::find_if(motions.rbegin(), motions.rend(), cuts);
    if (first != motions.end()) {
        const QPointF from = at(first->from.x - roundBack(*first), first->from.y),
                      to = at(last->to.x - roundBack(*last), last->to.y);
        painter.setPen(QPen(t.ink, 1.3));
        painter.setBrush(t.paper);
        painter.drawPolygon(QPolygonF{from + QPointF(-4, -5), from + QPointF(6, 0), from + QPointF(-4, 5)});
        painter.drawRect(QRectF(to - QPointF(4, 4), QSizeF(8, 8)));
    }
    // Tabs and starts, to be dragged
    for (const Handle& handle : handles()) {
        const bool held =
            held_ && held_->path == handle.path && held_->tab == handle.tab && held_->place == handle.place;
        const QPointF where = held ? held_->at : handle.at, there = onScreen(where.x(), where.y());
        painter.setPen(QPen(held ? t.stop : t.ink, 1.3));
        painter.setBrush(t.paper);
        if (handle.tab)
            painter.drawRoundedRect(QRectF(there - QPointF(6, 3.5), QSizeF(12, 7)), 2, 2);
        else
            painter.drawEllipse(there, 3.5, 3.5);
    }
    // What comes loose, in its order
    int number = 0;
    painter.setPen(t.ink);
    for (const cut::Toolpath& path : cutting.paths)
        for (const cut::Freed& freed : path.freed)
            painter.drawText(at(freed.at.x, freed.at.y) + QPointF(5, -5), QString::number(++number));
    // The zero with its axes
    const QPointF zero = at(cutting.zero.x, cutting.zero.y);
    painter.setPen(QPen(t.stop, 2));
    painter.drawLine(zero, zero + QPointF(26, 0));
    painter.drawLine(zero, zero - QPointF(0, 26));
    painter.setBrush(t.paper);
    painter.drawEllipse(zero, 4, 4);
    painter.setPen(t.ink);
    const bool turns = mounting && mounting->turns;
    painter.drawText(zero + QPointF(29, 4),
                     turns ? QString(QLatin1Char(cutting.machine.axis.word())) : QStringLiteral("x"));
    painter.drawText(zero + QPointF(-3, -30), QStringLiteral("y"));
    if (done_ > 0 && done_ <= motions.size() && done_ < motions.size()) {
        const proof::Motion& latest = motions[done_ - 1];
        const std::vector<cut::Tool> tools = cutting.tools();
        const double radius = latest.tool >= 1 && size_t(latest.tool) <= tools.size()
                                  ? tools[size_t(latest.tool) - 1].radius() * scale
                                  : 4;
        const QPointF tip = at(latest.to.x - roundBack(latest), latest.to.y);
        painter.setPen(QPen(t.paper, 3));
        painter.setBrush(Qt::NoBrush);
        painter.drawEllipse(tip, std::max(3.0, radius), std::max(3.0, radius));
        painter.setPen(QPen(t.ink, 1.4));
        painter.drawEllipse(tip, std::max(3.0, radius), std::max(3.0, radius));
    }
    if (tool_ && !turns) {
        const QPointF tip = zero + QPointF((*tool_)[0], -(*tool_)[1]) * scale;
        constexpr double arm = 11;
        for (const auto& [colour, width] : {std::pair{t.paper, 4.0}, std::pair{t.stop, 1.8}}) {
            painter.setPen(QPen(colour, width));
            painter.drawLine(tip - QPointF(arm, arm), tip + QPointF(arm, arm));
            painter.drawLine(tip - QPointF(arm, -arm), tip + QPointF(arm, -arm));
        }
    }
    if (turns && done_ > 0 && done_ <= motions.size())
        paintBar(painter, proof_->program.motions[done_ - 1].turnedTo, cutting.machine.axis);
}

/// The bar as it is seen from its start, turned as it is now under the tool.
void ProofCanvas::paintBar(QPainter& painter, double degrees, const cut::RotaryAxis& axis) const {
    const drawing::Tokens& t = drawing::tokens();
    constexpr double radius = 30, from = 16, lines = 12;
    const QPointF middle(width() - from - radius, from + radius + 14);
    painter.setPen(QPen(t.materialEdge, 1.4));
    painter.setBrush(t.material);
    painter.drawEllipse(middle, radius, radius);
    // What lies at A = 0 is marked; growing A brings what is at +x up, which is seen on the left from there.
    const double turned = (axis.reverse ? -degrees : degrees) * M_PI / 180;
    for (int i = 0; i < int(lines); ++i) {
        const double a = 2 * M_PI * i / lines + turned;
        const QPointF out(std::sin(a), -std::cos(a));
        painter.setPen(QPen(i == 0 ? t.stop : t.inkSoft, i == 0 ? 3 : 1));
        painter.drawLine(middle + (i == 0 ? 0.2 : 0.8) * radius * out, middle + radius * out);
    }
    painter.setPen(QPen(t.ink, 1.2));
    painter.setBrush(t.paper);
    const QPointF tip = middle - QPointF(0, radius);
    painter.drawPolygon(QPolygonF{tip, tip + QPointF(-4, -12), tip + QPointF(4, -12)});
    painter.drawText(
        QRectF(middle.x() - 60, middle.y() + radius + 2, 120, 18), Qt::AlignCenter,
        QStringLiteral("%1 %2°").arg(QLatin1Char(axis.word())).arg(wording::fixedText(degrees, 1)));
}

ProofView::ProofView(CardEditor& editor, Maker& maker, QWidget* parent)
    : QWidget(parent), editor_(editor), maker_(maker), background_(this), scrubbing_(this) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    auto* middle = new QHBoxLayout;
    middle->setSpacing(1);
    canvas_ = new ProofCanvas(this);
    connect(canvas_, &ProofCanvas::dragged, this, &ProofView::putBySpot);
    middle->addWidget(canvas_, 1);
    lines_ = new QListView(this);
    lines_->setAccessibleName(tr("Lines of the program"));
    lines_->setUniformItemSizes(true);
    lines_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    lines_->setFixedWidth(drawing::scaled(190));
    lines_->setFrameShape(QFrame::NoFrame);
    program_ = new QStringListModel(this);
    lines_->setModel(program_);
    middle->addWidget(lines_);
    layout->addLayout(middle, 1);
    auto* strip =
        new ProofStrip(tr("One move back"), tr("One move on"), tr("How many moves have been made"), this);
    told_ = &strip->told();
    place_ = &strip->place();
    scrubber_ = &strip->scrubber();
    front_ = new QPushButton(tr("Front"), strip);
    behind_ = new QPushButton(tr("Back"), strip);
    for (QPushButton* button : {front_, behind_}) {
        button->setProperty("segment", true);
        button->setCheckable(true);
        button->setAutoExclusive(true);
        strip->addBefore(button);
        connect(button, &QPushButton::clicked, this, [this, button] {
            back_ = button == behind_;
            asked_ = {};
            prove();
        });
    }
    play_ = new QPushButton(tr("Play"), strip);
    play_->setCheckable(true);
    strip->addBefore(play_);
    auto* end = new QPushButton(tr("End"), strip);
    end->setAccessibleName(tr("To the last move"));
    strip->add(end);
    layout->addWidget(strip);

    connect(&maker_, &Maker::stageDone, this, [this] {
        if (isVisible())
            prove();
    });
    connect(scrubber_, &QSlider::valueChanged, this, &ProofView::go);
    connect(end, &QPushButton::clicked, this, [this] { scrubber_->setValue(scrubber_->maximum()); });
    connect(play_, &QPushButton::toggled, this, &ProofView::play);
    constexpr int frame = 40, rest = 60; // ms
    playing_.setInterval(frame);
    connect(&playing_, &QTimer::timeout, this, [this] {
        const int step = std::max(1, scrubber_->maximum() / 500);
        scrubber_->setValue(scrubber_->value() + step);
        if (scrubber_->value() == scrubber_->maximum())
            play_->setChecked(false);
    });
    resting_.setSingleShot(true);
    resting_.setInterval(rest);
    connect(&resting_, &QTimer::timeout, this, &ProofView::showPartly);
    connect(lines_, &QListView::clicked, this, [this](const QModelIndex& index) {
        if (!proof_)
            return;
        const auto& motions = proof_->program.motions;
        const auto found = std::ranges::find_if(
            motions, [&](const proof::Motion& motion) { return motion.line > index.row(); });
        scrubber_->setValue(int(found - motions.begin()) + 1);
    });
}

QString ProofView::told() const {
    return told_->text();
}
QString ProofView::lineNow() const {
    return lines_->currentIndex().data().toString();
}

void ProofView::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    prove();
}

void ProofView::changeEvent(QEvent* event) {
    QWidget::changeEvent(event);
    if (event->type() == QEvent::PaletteChange && proof_)
        showPartly();
}

/// Writes the program and reads it back, off this thread; the newest card wins.
void ProofView::prove() {
    const card::Made& made = maker_.shown().made;
    if (!made.lettering || !made.solid || (asked_.card == made.card && asked_.solid == made.solid))
        return;
    asked_ = made;
    current_ = false;
    told_->setText(tr("Writing the program and proving it…"));
    background_.stop();
    background_.start([this, made, back = back_](const Background::Courier& courier) {
        const auto cuttings = card::cuttingsOf(made, courier.stop());
        const cut::Dialect* const dialect = made.shop->dialect(made.card->machine.dialect);
        const bool behind = cuttings->back.cuts() && (back || !cuttings->front.cuts());
        const cut::Cutting& cutting = behind ? cuttings->back : cuttings->front;
        const auto bytes = dialect ? cut::gcodeOf(cutting, *dialect, {})
                                   : quantity::Result<std::string>(quantity::Problem{});
        std::shared_ptr<const proof::Proof> proof;
        QImage image;
        if (bytes && !courier.stop().stop_requested()) {
            proof = std::make_shared<const proof::Proof>(proof::proofOf(*bytes, cutting, {}, courier.stop()));
            image = drawing::imageOf(*proof, cutting);
        }
        if (courier.stop().stop_requested())
            return;
        const QString program = bytes ? QString::fromStdString(*bytes) : QString();
        courier.post([this, cuttings, program, proof, image] { take(cuttings, program, proof, image); });
    });
}

void ProofView::take(std::shared_ptr<const card::Cuttings> cuttings, const QString& program,
                     std::shared_ptr<const proof::Proof> proof, const QImage& image) {
    current_ = true;
    cuttings_ = std::move(cuttings);
    proof_ = std::move(proof);
    const bool both = cuttings_->front.cuts() && cuttings_->back.cuts(),
               behind = &cutting() == &cuttings_->back;
    for (QPushButton* button : {front_, behind_})
        button->setVisible(both);
    (behind ? behind_ : front_)->setChecked(true);
    canvas_->show(proof_, cuttings_, image, behind);
    program_->setStringList(program.split(QLatin1Char('\n')));
    const QSignalBlocker quiet(scrubber_);
    scrubber_->setMaximum(proof_ ? int(proof_->program.motions.size()) : 0);
    scrubber_->setValue(scrubber_->maximum());
    if (!proof_) {
        told_->setText(tr("No program: nothing is cut."));
        place_->clear();
        return emit proved();
    }
    const quantity::Unit unit = editor_.card().unit;
    const auto told = [&](const QString& what, const proof::Extent& extent, bool bad) {
        const QString text = tr("%1 %2").arg(what, wording::lengthText(extent.largest, unit));
        return bad ? QStringLiteral("<b style='color:%1'>%2</b>").arg(drawing::tokens().stop.name(), text)
                   : text;
    };
    QStringList parts{told(tr("gouged"), proof_->gouge, proof_->gouge.largest > proof::Proof::tolerance),
                      told(tr("left"), proof_->left, false),
                      told(tr("out of the tools' reach"), proof_->unreachable, false)};
    if (proof_->outsideStock > 0)
        parts << QStringLiteral("<b style='color:%1'>%2</b>")
                     .arg(drawing::tokens().stop.name(), tr("cuts beside the stock"));
    int waste = 0, wholes = 0;
    for (const cut::Toolpath& path : cutting().paths)
        for (const cut::Freed& freed : path.freed)
            (freed.isPart ? wholes : waste) += 1;
    if (waste > 0)
        parts << tr("%n loose piece(s)", nullptr, waste);
    if (wholes > 0)
        parts << tr("then the part");
    const int seconds = int(std::lround(proof_->seconds));
    parts << wording::timeText(double(seconds));
    told_->setText(parts.join(QStringLiteral(" · ")));
    go(scrubber_->value());
    emit proved();
}

/// What lies evenly is by hand from then on, each where it was, but for the one that was dragged.
void ProofView::putBySpot(size_t path, bool tab, size_t place, QPointF to) {
    const cut::Toolpath& of = cutting().paths[path];
    std::vector<cut::Spot> spots = tab ? of.tabs : of.starts;
    // On the way itself, wherever it is let go
    double least = 1e9;
    for (const cut::Chain& chain : of.chains)
        for (size_t i = chain.leadIn; i + 1 + chain.leadOut < chain.points.size(); ++i) {
            const plane::Vector a{chain.points[i].x, chain.points[i].y},
                b{chain.points[i + 1].x, chain.points[i + 1].y}, side = b - a, drop{to.x(), to.y()};
            const double squared = plane::dot(side, side);
            const double share = squared > 0 ? std::clamp(plane::dot(drop - a, side) / squared, 0.0, 1.0) : 0;
            const plane::Vector on = a + share * side;
            if (const double far = plane::length(drop - on); far < least) {
                least = far;
                spots[place] = {on.x, on.y};
            }
        }
    const auto number = size_t(of.number);
    if (number >= editor_.card().operations.size()) // the usual ones of its process
        return;
    editor_.edit(tab ? tr("Move a tab") : tr("Move where a cut begins"), {}, [&](card::Card& card) {
        (tab ? card.operations[number].tabsAt : card.operations[number].startsAt) = spots;
    });
}

const cut::Cutting& ProofView::cutting() const {
    const bool behind = cuttings_->back.cuts() && (back_ || !cuttings_->front.cuts());
    return behind ? cuttings_->back : cuttings_->front;
}

void ProofView::go(int move) {
    if (!proof_)
        return;
    canvas_->setDone(size_t(move));
    const auto& motions = proof_->program.motions;
    if (move > 0 && move <= int(motions.size())) {
        const proof::Motion& now = motions[size_t(move) - 1];
        lines_->setCurrentIndex(program_->index(now.line - 1));
        const quantity::Unit unit = editor_.card().unit;
        place_->setText(tr("move %1 of %2 · line %3 · %4 · x %5  y %6  z %7")
                            .arg(move)
                            .arg(motions.size())
                            .arg(now.line)
                            .arg(now.rapid ? tr("in the air") : tr("cut"),
                                 wording::lengthText(now.to.x, unit), wording::lengthText(now.to.y, unit),
                                 wording::lengthText(now.to.z, unit)) +
                        (proof_->program.axis == ' ' ? QString()
                                                     : QStringLiteral("  %1 %2°")
                                                           .arg(QLatin1Char(proof_->program.axis))
                                                           .arg(wording::fixedText(now.turnedTo, 1))));
    } else {
        place_->setText(tr("before the first move"));
    }
    resting_.start();
}

/// The stock after the moves so far.
void ProofView::showPartly() {
    if (!proof_ || !cuttings_)
        return;
    scrubbing_.stop();
    scrubbing_.start([this, proof = proof_, cuttings = cuttings_, &cutting = cutting(),
                      moves = size_t(scrubber_->value())](const Background::Courier& courier) {
        const auto partly = proof::partly(*proof, cutting, moves, courier.stop());
        if (courier.stop().stop_requested())
            return;
        const QImage image = drawing::imageOf(partly, cutting);
        courier.post([this, image, proof] {
            if (proof == proof_)
                canvas_->setImage(image);
        });
    });
}

void ProofView::play(bool on) {
    play_->setText(on ? tr("Pause") : tr("Play"));
    if (on && scrubber_->value() == scrubber_->maximum())
        scrubber_->setValue(0);
    on ? playing_.start() : playing_.stop();
}

} // namespace bollard::app
