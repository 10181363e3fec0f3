// A device that a program is sent to.
#pragma once
#include "send/sender.hpp"
#include <QElapsedTimer>
#include <QObject>
#include <QStringList>
#include <QTimer>
#include <memory>

class QIODevice;

namespace bollard::sending {

/// Serial ports of this machine.
QStringList devices();

/// Protocols that ship and a person's own, by name; the first of two of a name counts. protocolBroken.
quantity::Result<std::vector<send::Protocol>> protocols();
/// The folder for those of one's own.
QString ownProtocolsFolder();

/// One program, from the device's opening to its end. Needs an event loop.
class Link : public QObject {
    Q_OBJECT

  public:
    Link(send::Program program, const send::Protocol& protocol, send::SendChoices choices,
         QObject* parent = nullptr);
    ~Link() override;

    /// A serial port, or a local socket. deviceUnopened.
    quantity::Result<quantity::Done> open(const QString& device);
    void hold();
    void resume();
    void stop();
    const send::Sender& sender() const { return sender_; }

  signals:
    void changed(); ///< at most every 50 ms, and when it is over
    void over();    ///< once; the device is closed

  private:
    double now() const { return double(clock_.nsecsElapsed()) / 1e9; }
    void read();
    void lose();
    void tick();
    void pass();

    send::Sender sender_;
    int baud_;
    QElapsedTimer clock_;
    QTimer ticks_;
    std::unique_ptr<QIODevice> device_{};
    bool told_ = false;
};

} // namespace bollard::sending
