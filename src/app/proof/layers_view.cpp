#include "app/proof/layers_view.hpp"
#include "app/proof/proof_strip.hpp"
#include "card/printing.hpp"
#include "card/solid.hpp"
#include "drawing/paths.hpp"
#include "wording/wording.hpp"
#include <QSignalBlocker>
#include <QSlider>
#include <QStackedWidget>
#include <cmath>

namespace bollard::app {

LayerCanvas::LayerCanvas(QWidget* parent) : PlanCanvas(parent) {
    setAccessibleName(tr("Proof: one layer of the print from above"));
}

void LayerCanvas::show(std::shared_ptr<const proof::PrintProof> proof, double line_mm) {
    proof_ = std::move(proof);
    line_ = line_mm;
    plane::Box box;
    for (const proof::Layer& layer : proof_->layers)
        box.include(plane::boxOf(layer.shape));
    all_ = box.empty() ? QRectF(0, 0, 60, 30)
                       : QRectF(drawing::pointOf(plane::vectorOf(box.low)),
                                drawing::pointOf(plane::vectorOf(box.high)));
    layer_ = -1;
    update();
}

void LayerCanvas::setLayer(int layer) {
    if (!proof_ || layer < 0 || layer >= int(proof_->layers.size()) || layer == layer_)
        return;
    layer_ = layer;
    const proof::Layer& own = proof_->layers[size_t(layer)];
    const double half = line_ / 2 * plane::unitsPerMillimetre;
    paths_.below = layer > 0 ? drawing::pathOf(proof_->layers[size_t(layer) - 1].shape) : QPainterPath();
    paths_.shape = drawing::pathOf(own.shape);
    paths_.letters = drawing::pathOf(own.ofLetters);
    const plane::Region blank = plane::without(own.shape, own.ofLetters);
    paths_.blank = drawing::pathOf(blank);
    // Each body has a wall of its own.
    paths_.blankLines = drawing::pathOf(plane::grown(blank, -half));
    paths_.letterLines = drawing::pathOf(plane::grown(own.ofLetters, -half));
    update();
}

QRectF LayerCanvas::all() const {
    return all_;
}

void LayerCanvas::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const drawing::Tokens& t = drawing::tokens();
    painter.fillRect(rect(), t.ground);
    painter.setRenderHint(QPainter::Antialiasing);
    if (!proof_ || layer_ < 0) {
        painter.setPen(t.inkSoft);
        painter.drawText(rect().adjusted(20, 0, -20, 0), Qt::AlignCenter | Qt::TextWordWrap,
                         tr("No layers: there is nothing to print yet."));
        return;
    }
    const proof::Layer& layer = proof_->layers[size_t(layer_)];
    const QPointF origin = onScreen(0, 0);
    const auto thin = [&](const QColor& colour, double pixels, Qt::PenStyle style = Qt::SolidLine) {
        QPen pen(colour, pixels, style);
        pen.setCosmetic(true);
        return pen;
    };
    painter.save();
    painter.setTransform(QTransform(scale(), 0, 0, -scale(), origin.x(), origin.y()));
    painter.setPen(thin(t.line, 1, Qt::DashLine));
    painter.setBrush(Qt::NoBrush);
    painter.drawPath(paths_.below);
    // What fills it is fainter than its outer lines, which are as wide as they are printed.
    const auto faint = [&](QColor colour) {
        colour.setAlphaF(0.55f);
        return colour;
    };
    painter.setPen(Qt::NoPen);
    painter.setBrush(faint(t.material));
    painter.drawPath(paths_.blank);
    painter.setBrush(faint(t.letters));
    painter.drawPath(paths_.letters);
    painter.setBrush(Qt::NoBrush);
    const auto drawLines = [&](const QPainterPath& lines, QColor colour) {
        colour.setAlphaF(0.75f); // so that lines without room beside each other show
        painter.setPen(QPen(colour, line_, Qt::SolidLine, Qt::FlatCap, Qt::RoundJoin));
        painter.drawPath(lines);
    };
    drawLines(paths_.blankLines, t.materialEdge);
    drawLines(paths_.letterLines, t.letters);
    painter.setPen(thin(t.ink, 1));
    painter.drawPath(paths_.shape);
    painter.restore();
    // What is wrong with it
    const auto ring = [&](const std::vector<proof::LayerPlace>& places, const QColor& colour) {
        painter.setPen(QPen(colour, 2));
        painter.setBrush(Qt::NoBrush);
        for (const proof::LayerPlace& place : places) {
            const double radius = std::max(9.0, std::sqrt(place.area) * scale());
            painter.drawEllipse(onScreen(place.at.x, place.at.y), radius, radius);
        }
    };
    ring(layer.steep, t.watch);
    ring(layer.lost, t.watch);
    ring(layer.air, t.stop);
}

LayersView::LayersView(CardEditor& editor, Maker& maker, QWidget* parent)
    : QWidget(parent), editor_(editor), maker_(maker), background_(this) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    canvas_ = new LayerCanvas(this);
    solid_ = new LayerBody(this);
    canvases_ = new QStackedWidget(this);
    canvases_->addWidget(canvas_);
    canvases_->addWidget(solid_);
    layout->addWidget(canvases_, 1);
    auto* strip = new ProofStrip(tr("One layer down"), tr("One layer up"),
                                 tr("Which layer is shown, from the bed upwards"), this);
    told_ = &strip->told();
    place_ = &strip->place();
    scrubber_ = &strip->scrubber();
    const auto button = [&](const QString& text, const QString& name) {
        auto* made = new QPushButton(text, strip);
        made->setAccessibleName(name);
        made->setToolTip(name);
        strip->add(made);
        return made;
    };
    before_ = button(tr("Trouble below"), tr("To the nearest layer below where something is lost or unheld"));
    onSolid_ = new QPushButton(tr("On the solid"), strip);
    onSolid_->setCheckable(true);
    onSolid_->setProperty("segment", true);
    onSolid_->setAccessibleName(tr("Show the layers on the solid as it lies, else from above"));
    onSolid_->setToolTip(onSolid_->accessibleName());
    strip->addBefore(onSolid_);
    connect(onSolid_, &QPushButton::toggled, this, &LayersView::showSolid);
    next_ = button(tr("Trouble above"), tr("To the nearest layer above where something is lost or unheld"));
    layout->addWidget(strip);
    connect(&maker_, &Maker::stageDone, this, [this] {
        if (isVisible())
            prove();
    });
    scrubber_->setRange(0, 0);
    before_->setEnabled(false); // until there are layers
    next_->setEnabled(false);
    connect(scrubber_, &QSlider::valueChanged, this, &LayersView::go);
    connect(before_, &QPushButton::clicked, this, [this] { stepToTrouble(-1); });
    connect(next_, &QPushButton::clicked, this, [this] { stepToTrouble(1); });
}

void LayersView::showSolid(bool solid) {
    onSolid_->setChecked(solid);
    canvases_->setCurrentIndex(solid ? 1 : 0);
}

bool LayersView::showsSolid() const {
    return canvases_->currentIndex() == 1;
}

QString LayersView::told() const {
    return told_->text();
}
QString LayersView::toldOfLayer() const {
    return place_->text();
}

void LayersView::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    prove();
}

/// Off this thread; the newest card wins.
void LayersView::prove() {
    const card::Made& made = maker_.shown().made;
    if (!made.solid || (asked_.card == made.card && asked_.solid == made.solid))
        return;
    const auto choices = card::layersOf(made.card->process);
    asked_ = made;
    current_ = false;
    background_.stop();
    if (!choices || made.solid->problem) {
        take({std::make_shared<const proof::PrintProof>(), nullptr, 0}, made);
        return;
    }
    told_->setText(tr("Cutting the part into layers…"));
    background_.start([this, made, line = choices->line](const Background::Courier& courier) {
        double last = 0;
        const auto progress = [&](double done) {
            constexpr double step = 0.1;
            if (done < last + step)
                return;
            last = done;
            courier.post([this, done] {
                if (!current_)
                    told_->setText(tr("Cutting the part into layers… %1 %").arg(int(100 * done)));
            });
        };
        std::mutex guard; // layers are cut side by side
        auto proof = std::make_shared<const proof::PrintProof>(
            card::printProofOf(made, courier.stop(), [&](double done) {
                const std::scoped_lock lock(guard);
                progress(done);
            }));
        const auto lying = std::make_shared<const picture::Scene>(
            picture::sceneOf(card::posed(made.solid->mesh, card::poseOnBed(made))));
        if (!courier.stop().stop_requested())
            courier.post([this, laid = Laid{proof, lying, line}, made] { take(laid, made); });
    });
}

void LayersView::take(const Laid& laid, const card::Made& made) {
    // The same height as before, where there is one.
    const double height =
        proof_ && scrubber_->value() >= 1 && scrubber_->value() <= int(proof_->layers.size())
            ? proof_->layers[size_t(scrubber_->value()) - 1].high
            : 0;
    proof_ = laid.proof;
    current_ = true;
    canvas_->show(proof_, laid.line);
    solid_->show(proof_, laid.lying);
    const auto& layers = proof_->layers;
    const QSignalBlocker quiet(scrubber_);
    scrubber_->setRange(layers.empty() ? 0 : 1, int(layers.size()));
    const auto same =
        std::ranges::find_if(layers, [&](const proof::Layer& l) { return l.high > height - 1e-6; });
    scrubber_->setValue(height > 0 && same != layers.end() ? int(same - layers.begin()) + 1
                                                           : int(layers.size()));
    if (layers.empty()) {
        told_->setText(tr("No layers: nothing is printed."));
        place_->clear();
        before_->setEnabled(false);
        next_->setEnabled(false);
        return;
    }
    const quantity::Unit unit = editor_.card().unit;
    constexpr double perCubicCentimetre = 1000, aMinute = 60;
    QStringList parts{
        tr("%n layer(s)", nullptr, int(layers.size())),
        tr("%1 cm³").arg(wording::fixedText(body::volumeOf(made.solid->mesh) / perCubicCentimetre, 1))};
    if (const double mass = card::massOf(made); mass > 0)
        parts << wording::massText(mass);
    parts << tr("roughly %1 min")
                 .arg(std::max(1, int(std::lround(card::secondsOf(*proof_, made.card->process) / aMinute))));
    for (const proof::ColourChange& change : proof_->changes)
        parts << (change.toLetters ? tr("the letters' colour above %1") : tr("the blank's colour above %1"))
                     .arg(wording::lengthText(change.above, unit));
    if (!proof_->oneNozzle)
        parts << tr("both colours in one layer: two nozzles");
    parts << (proof_->largestLost.area > 0
                  ? tr("the largest lost %1 mm²").arg(wording::fixedText(proof_->largestLost.area, 2))
                  : tr("nothing is lost"));
    if (!proof_->stands)
        parts << QStringLiteral("<b style='color:%1'>%2</b>")
                     .arg(drawing::tokens().stop.name(), tr("something begins in the air"));
    told_->setText(parts.join(QStringLiteral(" · ")));
    go(scrubber_->value());
}

namespace {

bool isTroubled(const proof::Layer& layer) {
    return !layer.lost.empty() || !layer.air.empty() || !layer.steep.empty();
}

} // namespace

void LayersView::go(int number) {
    if (!proof_ || number < 1 || number > int(proof_->layers.size()))
        return;
    canvas_->setLayer(number - 1);
    solid_->setLayer(number - 1);
    constexpr double aMetre = 1000;
    const proof::Layer& layer = proof_->layers[size_t(number) - 1];
    const quantity::Unit unit = editor_.card().unit;
    QStringList parts{
        tr("layer %1 of %2").arg(number).arg(proof_->layers.size()),
        tr("%1 to %2").arg(wording::lengthText(layer.low, unit), wording::lengthText(layer.high, unit)),
        tr("%1 mm²").arg(wording::fixedText(layer.area, 1)),
        tr("lines %1 m").arg(wording::fixedText(layer.lines / aMetre, 1))};
    if (layer.letters > 0 && layer.between > 0)
        parts << tr("%1 of wall between letters and blank").arg(wording::lengthText(layer.between, unit));
    if (!layer.lost.empty())
        parts << tr("lost in %n place(s)", nullptr, int(layer.lost.size()));
    if (!layer.steep.empty())
        parts << tr("hangs over in %n place(s)", nullptr, int(layer.steep.size()));
    if (!layer.air.empty())
        parts << tr("begins in the air in %n place(s)", nullptr, int(layer.air.size()));
    place_->setText(parts.join(QStringLiteral(" · ")));
    const auto& layers = proof_->layers;
    const auto here = layers.begin() + number - 1;
    before_->setEnabled(std::any_of(layers.begin(), here, isTroubled));
    next_->setEnabled(std::any_of(here + 1, layers.end(), isTroubled));
}

void LayersView::stepToTrouble(int by) {
    if (!proof_)
        return;
    for (int number = scrubber_->value() + by; number >= 1 && number <= scrubber_->maximum(); number += by)
        if (isTroubled(proof_->layers[size_t(number) - 1]))
            return scrubber_->setValue(number);
}

} // namespace bollard::app
