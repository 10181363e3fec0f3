#include "app/session/background.hpp"
#include <QThreadPool>
#include <atomic>
#include <mutex>

namespace bollard::app {
namespace {

std::atomic<bool> leftBehind = false;

} // namespace

struct Background::Link {
    std::mutex guard;
    QObject* owner;
};

Background::Courier::Courier(std::shared_ptr<Link> link, std::stop_token stop)
    : link_(std::move(link)), stop_(std::move(stop)) {}

void Background::Courier::post(std::function<void()> act) const {
    const std::scoped_lock lock(link_->guard);
    if (link_->owner)
        QMetaObject::invokeMethod(link_->owner, std::move(act), Qt::QueuedConnection);
}

Background::Background(QObject* owner)
    : link_(std::make_shared<Link>()), pool_(std::make_unique<QThreadPool>()) {
    link_->owner = owner;
    pool_->setMaxThreadCount(1);
}

Background::~Background() {
    stop();
    letGo();
}

void Background::letGo() {
    {
        const std::scoped_lock lock(link_->guard);
        link_->owner = nullptr;
    }
    constexpr int moment = 150; // ms
    if (pool_->waitForDone(moment))
        return;
    leftBehind = true;
    (void)pool_.release(); // its own end would wait
}

void Background::leaveBehind() {
    QObject* const owner = link_->owner;
    stop();
    letGo();
    link_ = std::make_shared<Link>();
    link_->owner = owner;
    pool_ = std::make_unique<QThreadPool>();
    pool_->setMaxThreadCount(1);
}

void Background::start(std::function<void(const Courier&)> work) {
    pool_->start([work = std::move(work), courier = Courier(link_, stop_.get_token())] { work(courier); });
}

void Background::stop() {
    pool_->clear();
    stopRunning();
}

void Background::stopRunning() {
    stop_.request_stop();
    stop_ = std::stop_source();
}

bool Background::anyLeftBehind() {
    return leftBehind;
}

} // namespace bollard::app
