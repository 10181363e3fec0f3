#include "app/card/typeface_controls.hpp"
#include "app/card/station.hpp"
#include "app/controls/empty_out.hpp"
#include "app/controls/looks.hpp"
#include "app/controls/wrapped_check_box.hpp"
#include "wording/wording.hpp"
#include <QCheckBox>
#include <QHBoxLayout>
#include <QLabel>

namespace bollard::app {
namespace {

/// On without being asked for.
bool isUsual(const std::string& tag) {
    return tag == "liga";
}

} // namespace

TypefaceControls::TypefaceControls(CardEditor& editor, QWidget* parent) : QWidget(parent), editor_(editor) {
    (new QVBoxLayout(this))->setContentsMargins(0, 0, 0, 0);
}

void TypefaceControls::show(const std::shared_ptr<const type::Typeface>& typeface) {
    const bool alike = typeface && typeface_ && typeface->axes() == typeface_->axes() &&
                       typeface->features() == typeface_->features();
    const bool known = typeface == typeface_ || alike;
    typeface_ = typeface;
    if (known) // the same face with another weight is another typeface, but its fields stay
        return refresh();
    axes_.clear();
    features_.clear();
    emptyOut(*this);
    if (!typeface)
        return;
    for (const type::Axis& axis : typeface->axes())
        addAxis(axis);
    for (const std::string& tag : typeface->features())
        addFeature(tag);
    refresh();
}

void TypefaceControls::addAxis(const type::Axis& axis) {
    const QString name = QString::fromStdString(axis.name);
    auto* line = new QWidget(this);
    auto* row = new QHBoxLayout(line);
    row->setContentsMargins(0, 0, 0, 0);
    auto* label = softLabel(name, line);
    label->setFixedWidth(drawing::scaled(StationBody::labelWidth));
    constexpr int steps = 20; // from end to end
    auto* field = new NumberField(name, NumberField::Kind::plain, {axis.least, axis.most},
                                  (axis.most - axis.least) / steps, line);
    row->addWidget(label);
    row->addWidget(field, 1);
    layout()->addWidget(line);
    axes_.emplace_back(axis, field);
    connect(field, &NumberField::edited, this, [this, axis, name](double value) {
        editor_.editInscription(tr("Change %1").arg(name), QString::fromStdString(axis.tag),
                                [&](card::Inscription& inscription) {
                                    if (value == axis.usual)
                                        inscription.typeface.axes.erase(axis.tag);
                                    else
                                        inscription.typeface.axes[axis.tag] = value;
                                });
    });
}

void TypefaceControls::addFeature(const std::string& tag) {
    auto* box = new WrappedCheckBox(wording::nameOfFeature(tag), this);
    layout()->addWidget(box);
    features_.emplace_back(tag, box);
    connect(box, &QCheckBox::clicked, this, [this, tag](bool on) {
        editor_.editInscription(wording::nameOfFeature(tag), {}, [&](card::Inscription& inscription) {
            if (on == isUsual(tag))
                inscription.style.features.erase(tag);
            else
                inscription.style.features[tag] = on ? 1 : 0;
        });
    });
}

void TypefaceControls::refresh() {
    const card::Inscription* inscription = editor_.inscription();
    if (!inscription)
        return;
    for (const auto& [axis, field] : axes_) {
        const auto set = inscription->typeface.axes.find(axis.tag);
        field->setValue(set == inscription->typeface.axes.end() ? axis.usual : set->second);
    }
    for (const auto& [tag, box] : features_) {
        const auto set = inscription->style.features.find(tag);
        box->setChecked(set == inscription->style.features.end() ? isUsual(tag) : set->second > 0);
    }
}

} // namespace bollard::app
