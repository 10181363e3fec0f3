#include "app/card/stations.hpp"
#include "app/controls/looks.hpp"
#include "wording/wording.hpp"
#include <QLabel>
#include <QPushButton>

namespace bollard::app {

using Kind = NumberField::Kind;

ProcessStation::ProcessStation(CardEditor& editor, QWidget* parent) : StationBody(editor, parent) {
    const auto field = [this](const QString& label, card::Range range, double step,
                              double check::FilamentProcess::*member) {
        return number(label, Kind::length, range, step, [this, label, member](double value) {
            editor_.edit(tr("Change %1").arg(label.toLower()), label,
                         [&](card::Card& card) { card.process.*member = value; });
        });
    };
    wide(softLabel(tr("Filament print"), this));
    nozzle_ = field(tr("Nozzle"), card::ranges::nozzle, 0.1, &check::FilamentProcess::nozzle);
    layer_ = field(tr("Layer"), card::ranges::layer, 0.05, &check::FilamentProcess::layer);
    wide(softLabel(tr("Limits for the selected words"), this));
    for (int i = 0; i < check::limits; ++i) {
        const auto limit = static_cast<check::Limit>(i);
        const bool length = limit != check::Limit::heightPerStroke;
        NumberField* made =
            number(wording::nameOf(limit, working::Kind::raised), length ? Kind::length : Kind::plain,
                   card::ranges::limit, 0.05, [this, limit](double value) {
                       const auto key = std::pair(kind(), limit);
                       editor_.edit(tr("Change a limit"), QStringLiteral("limit"),
                                    [&](card::Card& card) { card.process.own[key] = value; });
                   });
        limits_.emplace_back(limit, made);
    }
    start_ = new QPushButton(tr("Limits from nozzle and layer again"), this);
    start_->setObjectName(QStringLiteral("link"));
    wide(start_);
    connect(start_, &QPushButton::clicked, this, [this] {
        editor_.edit(tr("Limits from nozzle and layer"), {},
                     [](card::Card& card) { card.process.own.clear(); });
    });
}

working::Kind ProcessStation::kind() const {
    return editor_.inscription() ? editor_.inscription()->working.kind : working::Kind::raised;
}

void ProcessStation::refresh() {
    const check::FilamentProcess& process = editor_.card().process;
    nozzle_->setUnit(editor_.card().unit);
    nozzle_->setValue(process.nozzle);
    layer_->setUnit(editor_.card().unit);
    layer_->setValue(process.layer);
    for (const auto& [limit, field] : limits_) {
        field->setUnit(editor_.card().unit);
        field->setValue(check::limitOf(process, kind(), limit));
        setRowLabel(field, wording::nameOf(limit, kind()));
        setRowVisible(field, check::startingLimit(process, kind(), limit) > 0);
    }
    start_->setVisible(!process.own.empty());
}

} // namespace bollard::app
