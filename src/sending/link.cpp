#include "sending/link.hpp"
#include <QCoreApplication>
#include <QDir>
#include <QFileInfo>
#include <QLocalSocket>
#include <QSerialPort>
#include <QSerialPortInfo>
#include <QStandardPaths>
#include <sys/stat.h>

namespace bollard::sending {

using quantity::Problem, quantity::ProblemKind, quantity::Result;

QStringList devices() {
    QStringList all;
    for (const QSerialPortInfo& port : QSerialPortInfo::availablePorts())
        all << port.systemLocation();
    return all;
}

QString ownProtocolsFolder() {
    return QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) +
           QStringLiteral("/Bollard/bollard/protocols");
}

Result<std::vector<send::Protocol>> protocols() {
    std::vector<send::Protocol> all;
    const QString shipped =
        QCoreApplication::applicationDirPath() + QStringLiteral("/../share/bollard/protocols");
    for (const QString& folder : {shipped, ownProtocolsFolder()}) {
        auto some = send::protocolsIn(folder.toStdString());
        if (!some)
            return some.problem();
        for (const send::Protocol& one : *some)
            if (std::ranges::find(all, one.name, &send::Protocol::name) == all.end())
                all.push_back(one);
    }
    return all;
}

Link::Link(send::Program program, const send::Protocol& protocol, send::SendChoices choices, QObject* parent)
    : QObject(parent), sender_(std::move(program), protocol, choices), baud_(protocol.baud) {
    constexpr int interval = 50; // ms
    ticks_.setInterval(interval);
    connect(&ticks_, &QTimer::timeout, this, &Link::tick);
}

Link::~Link() = default;

Result<quantity::Done> Link::open(const QString& path) {
    struct stat what {};
    const QString device = QFileInfo(path).absoluteFilePath();
    const auto fail = [&](const QString& why) {
        device_.reset();
        return Problem{ProblemKind::deviceUnopened, path.toStdString(), why.toStdString()};
    };
    if (stat(device.toLocal8Bit().constData(), &what) != 0)
        return fail(QStringLiteral("it is not there"));
    if (S_ISSOCK(what.st_mode)) {
        auto socket = std::make_unique<QLocalSocket>();
        connect(socket.get(), &QLocalSocket::disconnected, this, &Link::lose);
        socket->connectToServer(device);
        constexpr int patience = 3000;
        if (!socket->waitForConnected(patience))
            return fail(socket->errorString());
        device_ = std::move(socket);
    } else if (S_ISCHR(what.st_mode)) {
        auto port = std::make_unique<QSerialPort>(device);
        port->setBaudRate(baud_);
        if (!port->open(QIODevice::ReadWrite))
            return fail(port->errorString());
        connect(port.get(), &QSerialPort::errorOccurred, this, [this](QSerialPort::SerialPortError error) {
            if (error == QSerialPort::ResourceError || error == QSerialPort::ReadError ||
                error == QSerialPort::WriteError)
                lose();
        });
        device_ = std::move(port);
    } else {
        return fail(QStringLiteral("it is neither a serial port nor a local socket"));
    }
    connect(device_.get(), &QIODevice::readyRead, this, &Link::read);
    clock_.start();
    sender_.opened(now());
    ticks_.start();
    read();
    return quantity::Done{};
}

void Link::read() {
    if (!device_)
        return;
    const QByteArray bytes = device_->readAll();
    sender_.received({bytes.constData(), size_t(bytes.size())}, now());
    pass();
}

void Link::lose() {
    sender_.closed(now());
    pass();
}

void Link::tick() {
    sender_.tick(now());
    pass();
    emit changed();
}

void Link::hold() {
    sender_.hold(now());
    pass();
}

void Link::resume() {
    sender_.resume(now());
    pass();
}

void Link::stop() {
    sender_.stop(now());
    pass();
}

/// What is to be written goes out; at the end the device is closed.
void Link::pass() {
    const std::string bytes = sender_.take();
    if (device_ && !bytes.empty())
        device_->write(bytes.data(), qint64(bytes.size()));
    if (!sender_.over() || told_)
        return;
    told_ = true;
    ticks_.stop();
    // Not within a signal of the device itself
    QMetaObject::invokeMethod(
        this,
        [this] {
            constexpr int patience = 500; // ms, for the last bytes
            if (device_ && device_->bytesToWrite() > 0)
                device_->waitForBytesWritten(patience);
            device_.reset();
            emit changed();
            emit over();
        },
        Qt::QueuedConnection);
}

} // namespace bollard::sending
