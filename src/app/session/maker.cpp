#include "app/session/maker.hpp"
#include "card/solid.hpp"

namespace bollard::app {
namespace {

constexpr size_t lettersWorthStages = 200;

} // namespace

Maker::Maker(QObject* parent)
    : QObject(parent), pipeline_(std::make_shared<std::unique_ptr<card::Pipeline>>()), background_(this) {
    constexpr int moment = 150; // ms
    patience_.setSingleShot(true);
    patience_.setInterval(moment);
    connect(&patience_, &QTimer::timeout, this, [this] {
        background_.stopRunning();
        overdue_.start();
    });
    // What is in a step that knows no stop is left behind with its memory; the newest card does not wait for
    // it.
    constexpr int longest = 200; // ms
    overdue_.setSingleShot(true);
    overdue_.setInterval(longest);
    connect(&overdue_, &QTimer::timeout, this, [this] {
        if (!busy_ || !waiting_ || !catalogue_)
            return;
        background_.leaveBehind();
        pipeline_ =
            std::make_shared<std::unique_ptr<card::Pipeline>>(std::make_unique<card::Pipeline>(catalogue_));
        finish(0);
    });
    background_.start([this, pipeline = pipeline_](const Background::Courier& courier) {
        const auto read =
            std::make_shared<const type::Catalogue>((drawing::shareFolder() + "/fonts").toStdString());
        *pipeline = std::make_unique<card::Pipeline>(read);
        courier.post([this, read] {
            catalogue_ = read;
            emit catalogueReady();
        });
    });
}

const card::Lettering& Maker::lettering() const {
    static const card::Lettering none;
    return shown_.made.lettering ? *shown_.made.lettering : none;
}

void Maker::make(const card::Card& card, const QString& folder) {
    newest_ = {std::make_shared<const card::Card>(card), folder.toStdString(), newest_.revision + 1, shop_};
    waiting_ = true;
    if (!busy_)
        start();
    else if (!patience_.isActive())
        patience_.start();
}

void Maker::start() {
    waiting_ = false;
    if (!busy_) {
        busy_ = true;
        emit busyChanged();
    }
    const bool boardIsBare = !shown_.made.lettering || shown_.made.lettering->letters() == 0;
    background_.start([this, boardIsBare, request = newest_, pipeline = pipeline_, flat = shown_.flat,
                       mass = shown_.mass, widths = shown_.widths](const Background::Courier& courier) {
        Shown shown{request.revision, {}, flat, {}, mass, widths};
        (*pipeline)->useShop(request.shop);
        (*pipeline)->run(request.card, request.folder, courier.stop(), [&](const card::Made& made) {
            // Small cards are done within a frame: one change of the picture is calmer than two. The
            // first letters of all come as soon as they can.
            if (!made.solid && !made.joining && !boardIsBare &&
                made.lettering->letters() < lettersWorthStages)
                return;
            const bool solidIsNew = made.solid && made.solid != shown.made.solid;
            shown.made = made;
            shown.flat = std::make_shared<const drawing::FlatDrawing>(made, shown.flat.get());
            if (made.checked && (!shown.widths || shown.widths->measures != made.checked->measures))
                shown.widths =
                    std::make_shared<const check::WidthCounts>(check::countsOf(made.checked->measures));
            shown.mass = made.solid ? card::massOf(made) : shown.mass;
            // A part that cannot be had is shown as it is, so that what is wrong with it can be.
            const bool asRead = made.solid && made.solid->problem && made.lettering->partAsRead;
            if (solidIsNew)
                shown.scene = std::make_shared<const picture::Scene>(
                    picture::sceneOf(asRead ? *made.lettering->partAsRead : made.solid->mesh));
            courier.post([this, shown] { take(shown); });
        });
        courier.post([this, revision = request.revision] { finish(revision); });
    });
}

void Maker::take(const Shown& shown) {
    if (shown.revision < shown_.revision)
        return;
    Shown next = shown;
    // Until the new solid is there the old one stays to be looked at.
    if (!next.scene)
        next.scene = shown_.scene;
    if (!next.made.checked) {
        next.made.checked = shown_.made.checked;
        next.widths = shown_.widths;
    }
    shown_ = std::move(next);
    emit stageDone();
}

void Maker::finish(int) {
    patience_.stop();
    overdue_.stop();
    if (waiting_)
        return start();
    busy_ = false;
    emit busyChanged();
}

} // namespace bollard::app
