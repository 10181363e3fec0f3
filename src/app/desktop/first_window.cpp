#include "app/desktop/first_window.hpp"
#include <QDir>
#include <QFileInfo>
#include <QJsonArray>
#include <QJsonDocument>
#include <QLocalSocket>
#include <QStandardPaths>

namespace bollard::app {
namespace {

constexpr int patience = 5000; // ms; who runs but hangs is not waited for
constexpr qint64 mostBytes = 1 << 20;
constexpr char taken[] = "taken\n";

QString socketPath() {
    const QString folder = QStandardPaths::writableLocation(QStandardPaths::RuntimeLocation);
    return folder.isEmpty() ? QString() : folder + QStringLiteral("/bollard-window");
}

} // namespace

FirstWindow::FirstWindow(QObject* parent) : QObject(parent) {
    connect(&server_, &QLocalServer::newConnection, this, [this] {
        while (QLocalSocket* const from = server_.nextPendingConnection()) {
            connect(from, &QLocalSocket::readyRead, this, [this, from] { take(from); });
            connect(from, &QLocalSocket::disconnected, from, &QObject::deleteLater);
        }
    });
}

bool FirstWindow::handOver(const QStringList& paths) {
    QLocalSocket socket;
    socket.connectToServer(socketPath());
    if (socketPath().isEmpty() || !socket.waitForConnected(patience))
        return false;
    QStringList absolute;
    for (const QString& path : paths)
        absolute << QFileInfo(path).absoluteFilePath();
    socket.write(QJsonDocument(QJsonArray::fromStringList(absolute)).toJson(QJsonDocument::Compact) + '\n');
    socket.flush();
    return socket.waitForReadyRead(patience) && socket.readAll() == taken;
}

bool FirstWindow::listen() {
    const QString path = socketPath();
    if (path.isEmpty())
        return false;
    server_.setSocketOptions(QLocalServer::UserAccessOption);
    // What a killed run left is in the way; one that runs has answered handOver() before.
    return server_.listen(path) || (QLocalServer::removeServer(path) && server_.listen(path));
}

void FirstWindow::take(QLocalSocket* from) {
    if (!from->canReadLine()) {
        if (from->bytesAvailable() > mostBytes)
            from->abort();
        return;
    }
    const QJsonDocument said = QJsonDocument::fromJson(from->readLine());
    if (!said.isArray())
        return from->abort();
    QStringList paths;
    for (const QJsonValue& path : said.array())
        paths << path.toString();
    from->write(taken);
    from->flush();
    from->disconnectFromServer();
    emit handedOver(paths);
}

} // namespace bollard::app
