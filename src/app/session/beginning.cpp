#include "app/session/beginning.hpp"
#include "app/session/data_folder.hpp"
#include "card/card_json.hpp"
#include "files/whole_file.hpp"
#include "quantity/ranges.hpp"
#include "wording/wording.hpp"
#include <QCoreApplication>
#include <QDir>
#include <QSettings>
#include <QUrl>

namespace bollard::app {
namespace {

const auto processKey = QStringLiteral("beginning/process"), unitKey = QStringLiteral("beginning/unit"),
           widthKey = QStringLiteral("beginning/bedWidth"), depthKey = QStringLiteral("beginning/bedDepth");

QDir startingFolder() {
    return QDir(dataFolder() + QStringLiteral("/starting"));
}

} // namespace

const quantity::held::Kinds& processKinds() {
    const auto* const field = quantity::fieldsOf<process::Process>().find("kind");
    return std::get<quantity::held::Kinds>(field->holds);
}

Beginning beginning() {
    const QSettings settings;
    Beginning made;
    made.told = settings.contains(processKey);
    if (const auto process = card::processFromJson(settings.value(processKey).toString().toStdString()))
        made.process = *process;
    const int unit = settings.value(unitKey, int(made.unit)).toInt();
    if (unit >= 0 && unit <= int(quantity::Unit::point))
        made.unit = static_cast<quantity::Unit>(unit);
    const auto size = [&](const QString& key, double usual) {
        const double kept = settings.value(key, usual).toDouble();
        return quantity::ranges::blankSize.holds(kept) ? kept : usual;
    };
    made.bedWidth = size(widthKey, made.bedWidth);
    made.bedDepth = size(depthKey, made.bedDepth);
    return made;
}

void keepBeginning(const Beginning& beginning) {
    QSettings settings;
    settings.setValue(processKey, QString::fromStdString(card::jsonOf(beginning.process)));
    settings.setValue(unitKey, int(beginning.unit));
    settings.setValue(widthKey, beginning.bedWidth);
    settings.setValue(depthKey, beginning.bedDepth);
}

card::Card cardThatBegins(const Beginning& beginning, const std::string& words) {
    card::Card card;
    card.process = beginning.process;
    card.unit = beginning.unit;
    card.blank.width = std::min(card.blank.width, beginning.bedWidth);
    card.blank.height = std::min(card.blank.height, beginning.bedDepth);
    card::Inscription inscription;
    inscription.words = words;
    inscription.placing.x = card.blank.width / 2;
    inscription.placing.y = card.blank.height / 2;
    card.inscriptions.push_back(std::move(inscription));
    return card;
}

QStringList startingCards() {
    QStringList paths;
    for (const QString& file :
         startingFolder().entryList({QStringLiteral("*.bollard")}, QDir::Files, QDir::Name))
        paths << startingFolder().filePath(file);
    return paths;
}

QString keepStartingCard(const card::Card& card, const QString& name) {
    QDir().mkpath(startingFolder().path());
    const QString file = QString::fromLatin1(QUrl::toPercentEncoding(name, " ")) + QStringLiteral(".bollard");
    const auto written = files::writeWhole(startingFolder().filePath(file).toStdString(), card::jsonOf(card),
                                           files::IfThere::replace);
    return written ? QString() : wording::sentenceOf(written.problem());
}

QString forgetStartingCard(const QString& path) {
    return QFile::remove(path)
               ? QString()
               : QCoreApplication::translate("Beginning", "%1 could not be removed.").arg(path);
}

} // namespace bollard::app
