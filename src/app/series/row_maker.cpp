#include "app/series/row_maker.hpp"
#include "card/output.hpp"
#include "card/series.hpp"
#include "card/sheets.hpp"
#include "drawing/paths.hpp"
#include "drawing/pictures.hpp"
#include "wording/wording.hpp"
#include <QPainter>

namespace bollard::app {
namespace {

QString nameOf(const setting::Rows& rows, int row) {
    QStringList fields;
    for (const auto& [name, value] : card::fieldsOfRow(rows, row))
        if (!value.empty())
            fields << QString::fromStdString(value);
    const QString number = QString::number(row + 1);
    return fields.isEmpty() ? number : number + QStringLiteral("  ") + fields.join(QStringLiteral(", "));
}

QImage pictureOf(const card::Made& made, QSize size, double pixels) {
    QImage image(size * pixels, QImage::Format_RGB32);
    image.fill(drawing::tokens().ground);
    QPainter painter(&image);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.scale(pixels, pixels);
    const drawing::FlatDrawing flat(made);
    constexpr double room = 6;
    drawing::paintBare(painter, flat, QRectF(QPointF(0, 0), QSizeF(size)), {room, room});
    return image;
}

MadeRow rowOf(const card::Made& made, double pixels, bool own) {
    MadeRow row;
    row.there = true;
    row.name = nameOf(*made.card->rows, made.card->row);
    row.verdict = wording::verdictOf(made);
    row.worst = check::worstOf(made.checked->findings);
    row.own = own;
    for (const check::Finding& finding : made.checked->findings)
        row.findings += finding.severity != check::Severity::note && !finding.accepted;
    row.picture = pictureOf(made, rowPicture, pixels);
    row.covered = card::coveredBy(made, card::Output::drawing);
    for (const files::DrawingLayer& layer : card::layersOf(made, blank::sidesOf(made.card->blank).front()))
        row.lines.addPath(drawing::pathOf(plane::outlineOf(layer.stamps)));
    return row;
}

} // namespace

RowMaker::RowMaker(CardEditor& editor, Maker& maker, QObject* parent)
    : QObject(parent), editor_(editor), maker_(maker), background_(this) {
    patience_.setSingleShot(true);
    constexpr int moment = 400; // ms, for someone who types
    patience_.setInterval(moment);
    connect(&patience_, &QTimer::timeout, this, &RowMaker::restart);
    const auto changed = [this] {
        card::Card now = editor_.card();
        now.row = 0;
        if (started_ && now == of_)
            return;
        if (started_ && onlyOwn(now))
            return;
        background_.stop();
        busy_ = false;
        stopped_ = false;
        if (wanted_)
            patience_.start();
        else
            started_ = false;
    };
    connect(&editor_, &CardEditor::changed, this, changed);
    connect(&editor_, &CardEditor::restarted, this, changed);
    connect(&maker_, &Maker::catalogueReady, this, [this] {
        if (wanted_ && !started_)
            restart();
    });
}

/// Where only what is changed for single rows is different, only those are made anew.
bool RowMaker::onlyOwn(const card::Card& now) {
    const auto without = [](card::Card card) {
        card.rows.edit([](setting::Rows& rows) { rows.own.clear(); });
        return card;
    };
    if (!(without(now) == without(of_)))
        return false;
    const auto own = [](const card::Card& card, int row) {
        const auto at = card.rows->own.find(row);
        return at == card.rows->own.end() ? std::string() : at->second;
    };
    background_.stop();
    for (size_t i = 0; i < rows_->size(); ++i) {
        MadeRow& row = (*rows_)[i];
        if (row.there && own(now, int(i)) != own(of_, int(i))) {
            row.there = false;
            --made_;
            emit rowMade(int(i));
        }
    }
    of_ = now;
    if (wanted_ && !stopped_)
        start();
    return true;
}

void RowMaker::want(bool wanted) {
    wanted_ = wanted;
    if (!wanted) {
        background_.stop();
        if (std::exchange(busy_, false))
            emit busyChanged();
        return;
    }
    if (!started_)
        restart();
    else if (!complete() && !stopped_)
        start();
}

void RowMaker::stop() {
    stopped_ = true;
    background_.stop();
    if (std::exchange(busy_, false))
        emit busyChanged();
}

void RowMaker::repaint() {
    if (started_ && wanted_)
        restart();
    else
        started_ = false;
}

void RowMaker::goOn() {
    stopped_ = false;
    if (wanted_ && !complete())
        start();
}

void RowMaker::restart() {
    if (!maker_.catalogue())
        return;
    started_ = true;
    of_ = editor_.card();
    of_.row = 0;
    const auto before = std::move(rows_);
    rows_ = std::make_shared<std::vector<MadeRow>>(size_t(of_.rows->count()));
    for (size_t i = 0; i < rows_->size(); ++i) {
        if (i < before->size())
            (*rows_)[i].picture = (*before)[i].picture;
        (*rows_)[i].name = nameOf(*of_.rows, int(i));
    }
    made_ = 0;
    stopped_ = false;
    emit restarted();
    start();
}

void RowMaker::start() {
    std::vector<int> open;
    for (size_t i = 0; i < rows_->size(); ++i)
        if (!(*rows_)[i].there)
            open.push_back(int(i));
    // What is looked at comes first.
    const auto shown = std::ranges::find(open, editor_.card().row);
    if (shown != open.end())
        std::rotate(open.begin(), shown, shown + 1);
    background_.stop();
    busy_ = !open.empty();
    emit busyChanged();
    if (open.empty())
        return;
    background_.start([this, card = of_, open, home = editor_.folder().toStdString(),
                       faces = maker_.catalogue(), shop = maker_.shown().made.shop,
                       rows = std::weak_ptr(rows_), pixels = 2.0](const Background::Courier& courier) {
        card::Pipeline pipeline(faces);
        if (shop)
            pipeline.useShop(shop);
        for (const int number : open) {
            auto own = std::make_shared<card::Card>(card);
            own->row = number;
            const card::Made made = pipeline.run(own, home, courier.stop());
            if (courier.stop().stop_requested() || !made.checked || !made.lettering)
                return;
            courier.post([this, rows, number, row = rowOf(made, pixels, card.rows->own.contains(number))] {
                const auto all = rows.lock();
                if (!all || all != rows_ || (*all)[size_t(number)].there)
                    return; // another card by now
                (*all)[size_t(number)] = row;
                ++made_;
                emit rowMade(number);
                if (complete()) {
                    busy_ = false;
                    emit busyChanged();
                }
            });
        }
    });
}

} // namespace bollard::app
