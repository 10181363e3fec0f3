#include "app/card/trace_panel.hpp"
#include "app/controls/looks.hpp"
#include "app/controls/number_field.hpp"
#include "app/controls/wrapped_check_box.hpp"
#include "drawing/paths.hpp"
#include "wording/wording.hpp"
#include <QCheckBox>
#include <QGridLayout>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QSlider>

namespace bollard::app {

/// The picture, pale, with what was traced over it.
class TracePreview : public QWidget {
  public:
    explicit TracePreview(QWidget* parent) : QWidget(parent) {
        setMinimumHeight(180);
        setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
        setAccessibleName(TracePanel::tr("The picture, and what is traced of it"));
    }
    void show(const QImage& picture, const QPainterPath& traced) {
        picture_ = picture;
        traced_ = traced;
        update();
    }

  protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        const drawing::Tokens& t = drawing::tokens();
        painter.fillRect(rect(), t.field);
        if (picture_.isNull())
            return;
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setRenderHint(QPainter::SmoothPixmapTransform);
        const QSizeF size =
            QSizeF(picture_.size()).scaled(QSizeF(this->size()) - QSizeF(8, 8), Qt::KeepAspectRatio);
        const QRectF box(QPointF((width() - size.width()) / 2, (height() - size.height()) / 2), size);
        painter.setOpacity(0.35);
        painter.drawImage(box, picture_);
        painter.setOpacity(1);
        painter.translate(box.bottomLeft());
        const double scale = size.width() / picture_.width();
        painter.scale(scale, -scale);
        QColor fill = t.tide;
        fill.setAlphaF(0.45F);
        QPen line(t.tide, 1.2);
        line.setCosmetic(true);
        painter.setPen(line);
        painter.setBrush(fill);
        painter.drawPath(traced_);
    }

  private:
    QImage picture_;
    QPainterPath traced_;
};

TracePanel::TracePanel(QWidget* parent) : QWidget(parent), background_(this) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    preview_ = new TracePreview(this);
    layout->addWidget(preview_, 1);
    auto* grid = new QGridLayout;
    grid->setColumnStretch(1, 1);
    layout->addLayout(grid);
    const auto row = [&](const QString& label, QWidget* widget) {
        const int at = grid->rowCount();
        auto* name = softLabel(label, this);
        name->setBuddy(widget);
        widget->setAccessibleName(label);
        grid->addWidget(name, at, 0);
        grid->addWidget(widget, at, 1);
    };
    const auto slider = [&](const QString& label, int least, int most, int now, auto take) {
        auto* made = new QSlider(Qt::Horizontal, this);
        made->setRange(least, most);
        made->setValue(now);
        row(label, made);
        connect(made, &QSlider::valueChanged, this, [this, take](int value) {
            take(how_, value);
            trace();
        });
        return made;
    };
    constexpr double hundredth = 0.01;
    threshold_ = slider(tr("Darker than"), 2, 98, 50,
                        [](artwork::Tracing& how, int value) { how.threshold = value * hundredth; });
    smoothing_ = slider(tr("Smoothing"), 0, 130, 100,
                        [](artwork::Tracing& how, int value) { how.smoothing = value * hundredth; });
    spot_ = slider(tr("Smallest spot"), 0, 200, 8,
                   [](artwork::Tracing& how, int value) { how.smallestSpot = value; });
    lightInk_ = new WrappedCheckBox(tr("Light ink on dark paper"), this);
    grid->addWidget(lightInk_, grid->rowCount(), 0, 1, 2);
    connect(lightInk_, &QCheckBox::toggled, this, [this](bool light) {
        how_.lightInk = light;
        trace();
    });
    width_ = new NumberField(tr("Width of the ink"), NumberField::Kind::length,
                             quantity::ranges::ornamentSize, 1, this);
    row(tr("Width of the ink"), width_);
    told_ = softLabel({}, this);
    told_->setWordWrap(true);
    layout->addWidget(told_);
    take_ = new QPushButton(tr("Put it on the blank"), this);
    take_->setObjectName(QStringLiteral("main"));
    layout->addWidget(take_);
    connect(take_, &QPushButton::clicked, this, [this] {
        if (const double ink = widthOfInk(); ink > 0 && !tracing_)
            emit taken(drawing_, width_->value() / ink);
    });
}

void TracePanel::start(const QString& path, double width_mm, quantity::Unit unit) {
    path_ = path;
    picture_ = {};
    drawing_ = {};
    preview_->show({}, {});
    width_->setUnit(unit);
    width_->setValue(width_mm);
    trace();
    threshold_->setFocus();
}

void TracePanel::trace() {
    if (path_.isEmpty())
        return;
    background_.stop();
    tracing_ = true;
    take_->setEnabled(false);
    background_.start([this, path = path_, known = picture_, how = how_](const Background::Courier& courier) {
        using Made = quantity::Result<artwork::Drawing>;
        const auto read =
            known.isNull() ? artwork::pictureFromFile(path.toStdString()) : quantity::Result<QImage>(known);
        const auto made = std::make_shared<const Made>(read ? artwork::traced(*read, how, courier.stop())
                                                            : Made(read.problem()));
        courier.post([this, path, how, picture = read ? *read : QImage(), made] {
            if (path != path_ || !(how == how_))
                return; // others were wanted meanwhile
            picture_ = picture;
            show(*made);
        });
    });
}

void TracePanel::show(const quantity::Result<artwork::Drawing>& made) {
    tracing_ = false;
    drawing_ = made ? *made : artwork::Drawing{};
    preview_->show(picture_, drawing::pathOf(drawing_.outline));
    const bool empty = !made && made.problem().kind == quantity::ProblemKind::artworkEmpty;
    told_->setText(made    ? tr("%n shape(s)", nullptr, int(drawing_.outline.contours.size()))
                   : empty ? tr("Nothing is darker than that. Move the first slider to the right.")
                           : wording::sentenceOf(made.problem()));
    take_->setEnabled(bool(made));
    emit changed();
}

double TracePanel::widthOfInk() const {
    return drawing::pathOf(drawing_.outline).boundingRect().width();
}

} // namespace bollard::app
