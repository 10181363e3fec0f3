// The holes of the blank, a few numbers each.
#pragma once
#include "app/session/card_editor.hpp"
#include "quantity/field.hpp"
#include <QWidget>

class QComboBox;
class QPushButton;

namespace bollard::app {

class NumberField;

class HolesTable : public QWidget {
    Q_OBJECT
  public:
    HolesTable(CardEditor& editor, QWidget* parent);
    void refresh();

  private:
    /// One hole: where and how wide, what kind, and what that kind has besides.
    struct Row {
        QComboBox* kind = nullptr;
        std::vector<std::pair<NumberField*, const quantity::Field*>> numbers{};
    };
    void rebuild(size_t count);
    void addRow(size_t number);

    CardEditor& editor_;
    QWidget* rows_;
    QPushButton* add_;
    std::vector<Row> shown_;
};

} // namespace bollard::app
