#include "app/card/rows_table.hpp"
#include "app/controls/looks.hpp"
#include "card/own_row.hpp"
#include <QGridLayout>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QSignalBlocker>
#include <QTableWidget>
#include <QVBoxLayout>

namespace bollard::app {
namespace {

constexpr int lineHeight = 24, fewestLinesShown = 7;

QString valueAt(const setting::Rows& rows, int row, int field) {
    const auto& values = rows.values[size_t(row)];
    return size_t(field) < values.size() ? QString::fromStdString(values[size_t(field)]) : QString();
}

} // namespace

RowsTable::RowsTable(CardEditor& editor, QWidget* parent) : QWidget(parent), editor_(editor) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(4);
    auto* steps = new QHBoxLayout;
    steps->setSpacing(2);
    shownRow_ = new QLabel(this);
    steps->addWidget(shownRow_, 1);
    before_ = iconButton(QStringLiteral("up"), tr("Show the row before"), this);
    after_ = iconButton(QStringLiteral("down"), tr("Show the next row"), this);
    steps->addWidget(before_);
    steps->addWidget(after_);
    layout->addLayout(steps);
    connect(before_, &QPushButton::clicked, this, [this] { editor_.showRow(editor_.card().row - 1); });
    connect(after_, &QPushButton::clicked, this, [this] { editor_.showRow(editor_.card().row + 1); });

    table_ = new QTableWidget(this);
    table_->setAccessibleName(tr("Rows; the first line names the fields"));
    table_->horizontalHeader()->hide();
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    table_->verticalHeader()->setDefaultSectionSize(lineHeight);
    table_->verticalHeader()->setSectionResizeMode(QHeaderView::Fixed);
    table_->setSelectionMode(QAbstractItemView::SingleSelection);
    table_->setTabKeyNavigation(false);
    table_->verticalHeader()->setHighlightSections(false);
    layout->addWidget(table_, 1);
    connect(table_, &QTableWidget::cellChanged, this, &RowsTable::takeCell);
    connect(table_, &QTableWidget::currentCellChanged, this, [this](int line) {
        if (line > 0)
            editor_.showRow(line - 1);
    });

    auto* actions = new QGridLayout;
    actions->setVerticalSpacing(0);
    const auto link = [&](const QString& text, auto act) {
        auto* button = new QPushButton(text, this);
        button->setObjectName(QStringLiteral("link"));
        connect(button, &QPushButton::clicked, this, act);
        actions->addWidget(button, actions->count() / 2, actions->count() % 2);
        return button;
    };
    link(tr("Add row"), [this] { addRow(); });
    link(tr("Add field"), [this] { addField(); });
    removeRow_ = link(tr("Remove row"), [this] { removeRow(); });
    removeField_ = link(tr("Remove field"), [this] { removeField(); });
    layout->addLayout(actions);
    auto* file = new QPushButton(tr("Read rows from a CSV file…"), this);
    file->setObjectName(QStringLiteral("link"));
    layout->addWidget(file);
    layout->addStretch();
    connect(file, &QPushButton::clicked, this, &RowsTable::tableFileWanted);
}

void RowsTable::refresh() {
    const setting::Rows& rows = *editor_.card().rows;
    const QSignalBlocker quiet(table_);
    const int column = std::max(table_->currentColumn(), 0);
    const int lines = rows.fields.empty() ? 0 : int(rows.values.size()) + 1;
    table_->setVisible(lines > 0);
    table_->setColumnCount(int(rows.fields.size()));
    table_->setRowCount(lines);
    table_->setMaximumHeight(lines * lineHeight + 2);
    table_->setMinimumHeight(std::min(lines, fewestLinesShown) * lineHeight + 2);
    QStringList numbers{tr("field")};
    for (int line = 0; line < lines; ++line) {
        if (line > 0)
            numbers << QString::number(line);
        for (int field = 0; field < table_->columnCount(); ++field) {
            if (!table_->item(line, field))
                table_->setItem(line, field, new QTableWidgetItem);
            QTableWidgetItem* item = table_->item(line, field);
            const QString text = line == 0 ? QString::fromStdString(rows.fields[size_t(field)])
                                           : valueAt(rows, line - 1, field);
            if (item->text() != text)
                item->setText(text);
            QFont font = table_->font();
            font.setWeight(line == 0 ? QFont::DemiBold : QFont::Normal);
            item->setFont(font);
        }
    }
    table_->setVerticalHeaderLabels(numbers);
    const bool any = !rows.values.empty();
    if (any && table_->currentRow() != 0)
        table_->setCurrentCell(editor_.card().row + 1, std::min(column, table_->columnCount() - 1));
    shownRow_->setText(any ? tr("Row %1 of %2 is shown").arg(editor_.card().row + 1).arg(rows.values.size())
                           : tr("No rows: write {field} in the words to fill it from a row."));
    shownRow_->setWordWrap(!any);
    before_->setEnabled(any && editor_.card().row > 0);
    after_->setEnabled(any && editor_.card().row + 1 < rows.count());
    removeRow_->setEnabled(any);
    removeField_->setEnabled(!rows.fields.empty());
}

void RowsTable::editRows(const QString& name, const std::function<void(setting::Rows&)>& change) {
    editor_.edit(name, {}, [&](card::Card& card) { card.rows.edit(change); });
}

void RowsTable::takeCell(int line, int column) {
    const std::string text = table_->item(line, column)->text().toStdString();
    editRows(line == 0 ? tr("Rename field") : tr("Change row"), [&](setting::Rows& rows) {
        if (line == 0) {
            rows.fields[size_t(column)] = text;
            return;
        }
        auto& values = rows.values[size_t(line - 1)];
        values.resize(std::max(values.size(), size_t(column) + 1));
        values[size_t(column)] = text;
    });
}

void RowsTable::addRow() {
    editRows(tr("Add row"), [](setting::Rows& rows) {
        if (rows.fields.empty())
            rows.fields.push_back(tr("name").toStdString());
        rows.values.emplace_back(rows.fields.size());
    });
    editor_.showRow(editor_.card().rows->count() - 1);
    table_->setFocus();
}

void RowsTable::addField() {
    editRows(tr("Add field"), [](setting::Rows& rows) {
        rows.fields.push_back(tr("field %1").arg(rows.fields.size() + 1).toStdString());
        if (rows.values.empty())
            rows.values.emplace_back();
    });
    table_->setFocus();
    table_->setCurrentCell(0, table_->columnCount() - 1);
}

void RowsTable::removeRow() {
    editor_.edit(tr("Remove row"), {}, [](card::Card& card) {
        card.rows.edit([&](setting::Rows& rows) { card::removeRow(rows, card.row); });
        card.row = std::max(0, std::min(card.row, card.rows->count() - 1));
    });
}

void RowsTable::removeField() {
    const auto column = size_t(std::max(table_->currentColumn(), 0));
    editRows(tr("Remove field"), [&](setting::Rows& rows) {
        rows.fields.erase(rows.fields.begin() + std::ptrdiff_t(column));
        for (auto& values : rows.values)
            if (column < values.size())
                values.erase(values.begin() + std::ptrdiff_t(column));
        if (rows.fields.empty())
            rows.values.clear();
    });
}

} // namespace bollard::app
