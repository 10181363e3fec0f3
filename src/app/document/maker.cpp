#include "app/document/maker.hpp"

namespace bollard::app {
namespace {

constexpr size_t lettersWorthStages = 200;

} // namespace

Maker::Maker(QObject* parent) : QObject(parent) {
    pool_.setMaxThreadCount(1);
    constexpr int moment = 150; // ms
    patience_.setSingleShot(true);
    patience_.setInterval(moment);
    connect(&patience_, &QTimer::timeout, this, [this] { stop_.request_stop(); });
    pool_.start([this] {
        const auto read =
            std::make_shared<const type::Catalogue>((drawing::shareFolder() + "/fonts").toStdString());
        pipeline_ = std::make_unique<card::Pipeline>(read);
        QMetaObject::invokeMethod(this, [this, read] {
            catalogue_ = read;
            emit catalogueReady();
        });
    });
}

Maker::~Maker() {
    stop_.request_stop();
    pool_.waitForDone();
}

void Maker::make(const card::Card& card, const QString& folder) {
    newest_ = {std::make_shared<const card::Card>(card), folder.toStdString(), newest_.revision + 1};
    waiting_ = true;
    if (!busy_)
        start();
    else if (!patience_.isActive())
        patience_.start();
}

void Maker::start() {
    waiting_ = false;
    stop_ = std::stop_source();
    if (!busy_) {
        busy_ = true;
        emit busyChanged();
    }
    const bool boardIsBare = !shown_.made.lettering || shown_.made.lettering->letters() == 0;
    pool_.start([this, boardIsBare, request = newest_, stop = stop_.get_token()] {
        Shown shown{request.revision, {}, {}, {}};
        pipeline_->run(request.card, request.folder, stop, [&](const card::Made& made) {
            // Small cards are done within a frame: one change of the picture is calmer than two. The first
            // letters of all come as soon as they can.
            if (!made.solid && !boardIsBare && made.lettering->letters() < lettersWorthStages)
                return;
            const bool solidIsNew = made.solid && made.solid != shown.made.solid;
            shown.made = made;
            shown.flat = std::make_shared<const drawing::FlatDrawing>(made);
            if (solidIsNew)
                shown.scene = std::make_shared<const picture::Scene>(picture::sceneOf(made.solid->mesh));
            QMetaObject::invokeMethod(this, [this, shown] { take(shown); });
        });
        QMetaObject::invokeMethod(this, [this, revision = request.revision] { finish(revision); });
    });
}

void Maker::take(const Shown& shown) {
    if (shown.revision < shown_.revision)
        return;
    Shown next = shown;
    // Until the new solid is there the old one stays to be looked at.
    if (!next.scene)
        next.scene = shown_.scene;
    if (!next.made.checked)
        next.made.checked = shown_.made.checked;
    shown_ = std::move(next);
    emit stageDone();
}

void Maker::finish(int) {
    patience_.stop();
    if (waiting_)
        return start();
    busy_ = false;
    emit busyChanged();
}

} // namespace bollard::app
