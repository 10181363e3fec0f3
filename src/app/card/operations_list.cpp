#include "app/card/operations_list.hpp"
#include "app/controls/looks.hpp"
#include "app/controls/wrap_layout.hpp"
#include "cut/shop.hpp"
#include "wording/wording.hpp"
#include <QListWidget>
#include <QMenu>
#include <QPushButton>
#include <QSignalBlocker>
#include <QVBoxLayout>

namespace bollard::app {

OperationsList::OperationsList(CardEditor& editor, QWidget* parent) : QWidget(parent), editor_(editor) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    list_ = new QListWidget(this);
    list_->setAccessibleName(tr("Operations, in the order in which they are done"));
    list_->setMinimumHeight(60);
    list_->setSizeAdjustPolicy(QAbstractScrollArea::AdjustToContents);
    layout->addWidget(list_);
    auto* row = new WrapLayout(4);
    auto* add = new QPushButton(tr("Add operation"), this);
    add->setObjectName(QStringLiteral("link"));
    auto* kinds = new QMenu(add);
    for (int i = 0; i < cut::operationKinds; ++i) {
        const auto kind = static_cast<cut::OperationKind>(i);
        kinds->addAction(wording::nameOf(kind), this, [this, kind] { this->add(kind); });
    }
    add->setMenu(kinds);
    row->addWidget(add);
    up_ = iconButton(QStringLiteral("up"), tr("Do it earlier"), this);
    down_ = iconButton(QStringLiteral("down"), tr("Do it later"), this);
    remove_ = iconButton(QStringLiteral("remove"), tr("Take the operation away"), this);
    for (QPushButton* button : {up_, down_, remove_})
        row->addWidget(button);
    layout->addLayout(row);
    connect(up_, &QPushButton::clicked, this, [this] { move(-1); });
    connect(down_, &QPushButton::clicked, this, [this] { move(1); });
    connect(remove_, &QPushButton::clicked, this, &OperationsList::remove);
    connect(list_, &QListWidget::currentRowChanged, this, [this](int place) {
        chosen_ = place;
        refresh();
        emit picked();
    });
    connect(list_, &QListWidget::itemChanged, this, [this](QListWidgetItem* item) {
        const auto place = size_t(list_->row(item));
        const bool off = item->checkState() != Qt::Checked;
        editor_.edit(tr("Switch an operation"), {}, [&](card::Card& card) {
            if (place < card.operations.size())
                card.operations[place].off = off;
        });
    });
}

void OperationsList::refresh() {
    const QSignalBlocker quiet(list_);
    const auto& operations = editor_.card().operations;
    while (list_->count() > int(operations.size()))
        delete list_->takeItem(list_->count() - 1);
    for (size_t i = 0; i < operations.size(); ++i) {
        if (int(i) >= list_->count()) {
            auto* item = new QListWidgetItem(list_);
            item->setFlags(item->flags() | Qt::ItemIsUserCheckable);
        }
        QListWidgetItem* const item = list_->item(int(i));
        item->setText(wording::summaryOf(operations[i], editor_.card().unit));
        item->setCheckState(operations[i].off ? Qt::Unchecked : Qt::Checked);
    }
    chosen_ = operations.empty() ? -1 : std::clamp(chosen_, 0, int(operations.size()) - 1);
    list_->setCurrentRow(chosen_);
    list_->setVisible(!operations.empty());
    constexpr int most = 6;
    list_->setFixedHeight(
        (std::max(list_->sizeHintForRow(0), 20) + 4) * std::clamp(int(operations.size()), 1, most) + 10);
    up_->setEnabled(chosen_ > 0);
    down_->setEnabled(chosen_ >= 0 && chosen_ + 1 < int(operations.size()));
    remove_->setEnabled(chosen_ >= 0);
}

void OperationsList::choose(int place) {
    chosen_ = place;
    refresh();
    emit picked();
}

void OperationsList::add(cut::OperationKind kind) {
    chosen_ = int(editor_.card().operations.size());
    editor_.edit(tr("Add operation"), {}, [&](card::Card& card) {
        cut::Operation operation;
        operation.kind = kind;
        operation.tool = cut::shippedShop().usualTool(kind).tool;
        card.operations.push_back(std::move(operation));
    });
}

void OperationsList::move(int by) {
    const int from = chosen_, to = chosen_ + by;
    if (from < 0 || to < 0 || to >= int(editor_.card().operations.size()))
        return;
    chosen_ = to;
    editor_.edit(tr("Move operation"), {}, [&](card::Card& card) {
        std::swap(card.operations[size_t(from)], card.operations[size_t(to)]);
    });
}

void OperationsList::remove() {
    const int place = chosen_;
    editor_.edit(tr("Take operation away"), {}, [&](card::Card& card) {
        if (place >= 0 && place < int(card.operations.size()))
            card.operations.erase(card.operations.begin() + place);
    });
}

} // namespace bollard::app
