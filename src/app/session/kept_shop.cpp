#include "app/session/kept_shop.hpp"
#include "app/session/data_folder.hpp"
#include "card/card_json.hpp"
#include "files/whole_file.hpp"
#include "wording/wording.hpp"
#include <QDir>
#include <QFileInfo>

namespace bollard::app {

QString KeptShop::file() {
    return dataFolder() + QStringLiteral("/shop.json");
}

KeptShop::KeptShop(QObject* parent) : QObject(parent) {
    if (QFileInfo::exists(file())) {
        const auto text = files::readWhole(file().toStdString());
        const auto own = text ? card::shopFromJson(*text) : quantity::Result<cut::Shop>(text.problem());
        if (own)
            own_ = *own;
        else
            problem_ = tr("%1: %2").arg(file(), wording::sentenceOf(own.problem()));
    }
    shop_ = std::make_shared<const cut::Shop>(cut::withOwn(own_));
}

QString KeptShop::write(const cut::Shop& own) {
    if (!problem_.isEmpty())
        return problem_;
    QDir().mkpath(QFileInfo(file()).path());
    const auto written = files::writeWhole(file().toStdString(), card::jsonOf(own), files::IfThere::replace);
    if (!written)
        return wording::sentenceOf(written.problem());
    own_ = own;
    shop_ = std::make_shared<const cut::Shop>(cut::withOwn(own_));
    emit changed();
    return {};
}

} // namespace bollard::app
