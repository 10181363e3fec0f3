#include "app/session/kept_processes.hpp"
#include "app/session/data_folder.hpp"
#include "card/card_json.hpp"
#include "files/whole_file.hpp"
#include "wording/wording.hpp"
#include <QCoreApplication>
#include <QDir>
#include <QUrl>

namespace bollard::app {
namespace {

QDir folder() {
    return QDir(dataFolder() + QStringLiteral("/processes"));
}

/// Names may hold signs that file names must not.
std::string fileOf(const std::string& name) {
    const QByteArray file = QUrl::toPercentEncoding(QString::fromStdString(name)) + ".json";
    return folder().filePath(QString::fromLatin1(file)).toStdString();
}

} // namespace

std::vector<process::Process> keptProcesses() {
    std::vector<process::Process> kept;
    for (const QString& file : folder().entryList({QStringLiteral("*.json")}, QDir::Files, QDir::Name)) {
        const auto text = files::readWhole(folder().filePath(file).toStdString());
        auto process = text ? card::processFromJson(*text) : text.problem();
        if (process && !process->name.empty())
            kept.push_back(*std::move(process));
    }
    return kept;
}

QString keepProcess(const process::Process& process) {
    QDir().mkpath(folder().path());
    const auto written =
        files::writeWhole(fileOf(process.name), card::jsonOf(process), files::IfThere::replace);
    return written ? QString() : wording::sentenceOf(written.problem());
}

QString forgetProcess(const std::string& name) {
    const QString file = QString::fromStdString(fileOf(name));
    return QFile::remove(file)
               ? QString()
               : QCoreApplication::translate("KeptProcesses", "%1 could not be removed.").arg(file);
}

} // namespace bollard::app
