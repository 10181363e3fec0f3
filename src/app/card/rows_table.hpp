// The rows that fields in the words are filled from, as a table to type in.
#pragma once
#include "app/session/card_editor.hpp"
#include <QWidget>

class QLabel;
class QPushButton;
class QTableWidget;

namespace bollard::app {

/// The first line of the table names the fields; every other line is a row of the card. The line that the
/// cursor is on is the row that the board shows.
class RowsTable : public QWidget {
    Q_OBJECT
  public:
    RowsTable(CardEditor& editor, QWidget* parent);
    void refresh();
    QTableWidget& table() { return *table_; }

  signals:
    void tableFileWanted();

  private:
    void editRows(const QString& name, const std::function<void(setting::Rows&)>& change);
    void takeCell(int line, int column);
    void addRow();
    void addField();
    void removeRow();
    void removeField();

    CardEditor& editor_;
    QTableWidget* table_;
    QLabel* shownRow_;
    QPushButton *before_, *after_, *removeRow_, *removeField_;
};

} // namespace bollard::app
