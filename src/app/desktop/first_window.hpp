// One running Bollard for a person's desktop: a later start hands its cards to it.
#pragma once
#include <QLocalServer>
#include <QObject>
#include <QStringList>

namespace bollard::app {

/// Listens at a local socket of the person's runtime folder; only the same person reaches it.
class FirstWindow : public QObject {
    Q_OBJECT
  public:
    explicit FirstWindow(QObject* parent = nullptr);

    /// Gives the paths to the Bollard that runs already. False: none does, or it does not answer.
    static bool handOver(const QStringList& paths);
    /// From now on later starts come here. False where the socket cannot be had.
    bool listen();

  signals:
    void handedOver(const QStringList& paths); ///< absolute; none: only to come to the front

  private:
    void take(QLocalSocket* from);
    QLocalServer server_;
};

} // namespace bollard::app
