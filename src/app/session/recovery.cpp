#include "app/session/recovery.hpp"
#include "app/session/data_folder.hpp"
#include "card/card_json.hpp"
#include "files/whole_file.hpp"
#include <QDir>
#include <QElapsedTimer>
#include <QFile>
#include <QJsonDocument>
#include <QJsonObject>
#include <QUuid>

namespace bollard::app {
namespace {

quantity::Result<quantity::Done> keep(const card::Card& card, const QString& path, const QString& file) {
    QJsonObject kept;
    kept[QStringLiteral("path")] = path;
    kept[QStringLiteral("card")] = QString::fromStdString(card::jsonOf(card));
    const QByteArray bytes = QJsonDocument(kept).toJson();
    return files::writeWhole(file.toStdString(), {bytes.constData(), size_t(bytes.size())},
                             files::IfThere::replace);
}

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
    writer_.setMaxThreadCount(1);
    // Queued: only once the edit is in history does the card count as edited.
    connect(&editor_, &CardEditor::changed, this, &Recovery::keepSoon, Qt::QueuedConnection);
    connect(&editor_, &CardEditor::stepBegins, this, &Recovery::keepBeforeNext);
    connect(&editor_, &CardEditor::fileChanged, this, [this] {
        if (!editor_.edited())
            giveUp();
    });
}

Recovery::~Recovery() {
    writer_.waitForDone();
}

QString Recovery::defaultFolder() {
    return dataFolder() + QStringLiteral("/unsaved");
}

void Recovery::keepSoon() {
    if (!editor_.edited())
        return;
    if (writing_)
        again_ = true;
    else
        start();
}

void Recovery::keepBeforeNext() {
    constexpr int longest = 250; // ms that a person may be kept waiting by a slow disk
    QElapsedTimer waited;
    waited.start();
    if (writing_ && writer_.waitForDone(longest) && again_) {
        start();
        writer_.waitForDone(int(std::max<qint64>(0, longest - waited.elapsed())));
    }
}

void Recovery::start() {
    writing_ = true;
    again_ = false;
    writer_.start([this, card = editor_.card(), path = editor_.path(), file = file_] {
        const auto written = keep(card, path, file);
        QMetaObject::invokeMethod(this, [this, written] {
            writing_ = false;
            if (!written)
                emit failed(written.problem());
            if (again_ && editor_.edited())
                start();
        });
    });
}

quantity::Result<quantity::Done> Recovery::keepNow() {
    if (!editor_.edited())
        return quantity::Done{};
    writer_.waitForDone();
    return keep(editor_.card(), editor_.path(), file_);
}

void Recovery::giveUp() {
    again_ = false;
    writer_.waitForDone();
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
        if (!text) {
            leftOver.title = QFileInfo(leftOver.file).fileName();
            leftOver.readable = false;
            found.push_back(std::move(leftOver));
            continue;
        }
        const QJsonObject kept = QJsonDocument::fromJson(QByteArray::fromStdString(*text)).object();
        leftOver.path = kept[QStringLiteral("path")].toString();
        leftOver.card = kept[QStringLiteral("card")].toString().toStdString();
        leftOver.title =
            leftOver.path.isEmpty() ? tr("Unnamed card") : QFileInfo(leftOver.path).completeBaseName();
        leftOver.readable = bool(card::cardFromJson(leftOver.card));
        found.push_back(std::move(leftOver));
    }
    return found;
}

void Recovery::discard(const LeftOver& leftOver) {
    QFile::remove(leftOver.file);
}

} // namespace bollard::app
