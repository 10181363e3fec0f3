// Reads drawings off the interface thread.
#pragma once
#include "artwork/artwork.hpp"
#include <QObject>
#include <QThreadPool>
#include <memory>
#include <stop_token>

namespace bollard::app {

class DrawingReader : public QObject {
    Q_OBJECT
  public:
    using Read = std::shared_ptr<const quantity::Result<artwork::Drawing>>;

    explicit DrawingReader(QObject* parent = nullptr);
    ~DrawingReader() override; ///< stops what is being read and waits for it

    /// Calls `take` with the drawing, or the problem met, on the interface thread; never when stop() or
    /// another read() came first.
    void read(const QString& path, std::function<void(const Read&)> take);
    void stop();
    bool reading() const { return reading_; }

  private:
    QThreadPool pool_;
    std::stop_source stop_;
    bool reading_ = false;
};

} // namespace bollard::app
