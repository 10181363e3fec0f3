// Reads drawings off the interface thread.
#pragma once
#include "app/session/background.hpp"
#include "artwork/artwork.hpp"
#include <QObject>
#include <memory>

namespace bollard::app {

class DrawingReader : public QObject {
    Q_OBJECT
  public:
    using Read = std::shared_ptr<const quantity::Result<artwork::Drawing>>;

    explicit DrawingReader(QObject* parent = nullptr);

    /// Calls `take` with the drawing, or the problem met, on the interface thread; never when stop() or
    /// another read() came first.
    void read(const QString& path, std::function<void(const Read&)> take);
    void stop();
    bool reading() const { return reading_; }

  private:
    bool reading_ = false;
    Background background_;
};

} // namespace bollard::app
