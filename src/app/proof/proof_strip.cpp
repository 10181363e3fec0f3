#include "app/proof/proof_strip.hpp"
#include "app/controls/looks.hpp"
#include <QSlider>

namespace bollard::app {

ProofStrip::ProofStrip(const QString& back, const QString& on, const QString& scrubber, QWidget* parent)
    : QWidget(parent) {
    setObjectName(QStringLiteral("gauge"));
    setAttribute(Qt::WA_StyledBackground);
    setFixedHeight(drawing::scaled(104));
    auto* rows = new QVBoxLayout(this);
    rows->setContentsMargins(14, 8, 14, 8);
    told_ = new QLabel(this);
    told_->setTextFormat(Qt::RichText);
    rows->addWidget(told_);
    row_ = new QHBoxLayout;
    scrubber_ = new QSlider(Qt::Horizontal, this);
    scrubber_->setAccessibleName(scrubber);
    const auto addStep = [this](const QString& text, const QString& name, int by) {
        auto* step = new QPushButton(text, this);
        step->setAccessibleName(name);
        step->setFixedWidth(drawing::scaled(40));
        row_->addWidget(step);
        connect(step, &QPushButton::clicked, this,
                [this, by] { scrubber_->setValue(scrubber_->value() + by); });
    };
    addStep(QStringLiteral("−1"), back, -1);
    addStep(QStringLiteral("+1"), on, 1);
    row_->addWidget(scrubber_, 1);
    rows->addLayout(row_);
    place_ = softLabel({}, this);
    rows->addWidget(place_);
}

void ProofStrip::add(QPushButton* button) {
    row_->addWidget(button);
}
void ProofStrip::addBefore(QPushButton* button) {
    row_->insertWidget(before_++, button);
}

} // namespace bollard::app
