// Work off the interface thread that can be left behind.
#pragma once
#include <QObject>
#include <functional>
#include <memory>
#include <stop_token>

class QThreadPool;

namespace bollard::app {

/// Work done one piece after another on a thread of its own. When its owner goes it is stopped and waited
/// for, but no longer than a moment: what does not stop by then is left to itself, and nobody hears of it.
class Background {
    struct Link;

  public:
    /// What a piece of work is given: when to stop, and the way back to the owner's thread.
    class Courier {
      public:
        Courier(std::shared_ptr<Link> link, std::stop_token stop);
        const std::stop_token& stop() const { return stop_; }
        /// Calls in the owner's thread while the owner is there.
        void post(std::function<void()> act) const;

      private:
        std::shared_ptr<Link> link_;
        std::stop_token stop_;
    };

    explicit Background(QObject* owner);
    ~Background();
    Background(const Background&) = delete;
    Background& operator=(const Background&) = delete;

    void start(std::function<void(const Courier&)> work);
    /// Stops what runs, and takes back what waits.
    void stop();
    /// Stops what runs; what waits comes next.
    void stopRunning();

    /// Leaves what runs to itself, as its owner's end does; nobody hears of it, and what starts now does not
    /// wait.
    void leaveBehind();

    /// Work that did not stop in time is still running somewhere; the process must end without tidying up.
    static bool anyLeftBehind();

  private:
    void letGo();

    std::shared_ptr<Link> link_;
    std::unique_ptr<QThreadPool> pool_;
    std::stop_source stop_;
};

} // namespace bollard::app
