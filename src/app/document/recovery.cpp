#include "app/document/recovery.hpp"
#include "card/card_json.hpp"
#include "files/whole_file.hpp"
#include <QDir>
#include <QFile>
#include <QJsonDocument>
#include <QJsonObject>
#include <QStandardPaths>
#include <QUuid>

namespace bollard::app {
namespace {

constexpr int delay = 2000; // ms

QString lockOf(const QString& file) {
    return file + QStringLiteral(".lock");
}

} // namespace

Recovery::Recovery(CardEditor& editor, const QString& folder, QObject* parent)
    : QObject(parent), editor_(editor), folder_(folder) {
    QDir().mkpath(folder_);
    file_ = folder_ + QLatin1Char('/') + QUuid::createUuid().toString(QUuid::WithoutBraces) +
            QStringLiteral(".unsaved");
    lock_ = std::make_unique<QLockFile>(lockOf(file_));
    lock_->setStaleLockTime(0);
    lock_->tryLock();
    timer_.setSingleShot(true);
    timer_.setInterval(delay);
    connect(&timer_, &QTimer::timeout, this, &Recovery::keepNow);
    connect(&editor_, &CardEditor::changed, this, [this] {
        if (!timer_.isActive())
            timer_.start();
    });
    connect(&editor_, &CardEditor::fileChanged, this, [this] {
        if (!editor_.edited())
            giveUp();
    });
}

Recovery::~Recovery() = default;

QString Recovery::defaultFolder() {
    return QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + QStringLiteral("/unsaved");
}

void Recovery::keepNow() {
    if (!editor_.edited())
        return;
    QJsonObject kept;
    kept[QStringLiteral("path")] = editor_.path();
    kept[QStringLiteral("card")] = QString::fromStdString(card::jsonOf(editor_.card()));
    const QByteArray bytes = QJsonDocument(kept).toJson();
    const auto written = files::writeWhole(file_.toStdString(), {bytes.constData(), size_t(bytes.size())},
                                           files::IfThere::replace);
    if (!written)
        emit failed(written.problem());
}

void Recovery::giveUp() {
    timer_.stop();
    QFile::remove(file_);
}

std::vector<LeftOver> Recovery::leftOvers() const {
    std::vector<LeftOver> found;
    const QDir folder(folder_);
    for (const QString& name : folder.entryList({QStringLiteral("*.unsaved")}, QDir::Files, QDir::Time)) {
        LeftOver leftOver{folder.filePath(name), {}, {}, {}};
        if (leftOver.file == file_)
            continue;
        QLockFile lock(lockOf(leftOver.file));
        lock.setStaleLockTime(0);
        if (!lock.tryLock(0))
            continue; // another Bollard is working on it
        lock.unlock();
        const auto text = files::readWhole(leftOver.file.toStdString());
        if (!text)
            continue;
        const QJsonObject kept = QJsonDocument::fromJson(QByteArray::fromStdString(*text)).object();
        leftOver.path = kept[QStringLiteral("path")].toString();
        leftOver.card = kept[QStringLiteral("card")].toString().toStdString();
        leftOver.title =
            leftOver.path.isEmpty() ? tr("Unnamed card") : QFileInfo(leftOver.path).completeBaseName();
        if (card::cardFromJson(leftOver.card))
            found.push_back(std::move(leftOver));
    }
    return found;
}

void Recovery::discard(const LeftOver& leftOver) {
    QFile::remove(leftOver.file);
}

} // namespace bollard::app
