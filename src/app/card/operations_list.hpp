// The operations of the card in order, to be put in, moved, left out and taken away.
#pragma once
#include "app/session/card_editor.hpp"
#include <QWidget>

class QListWidget;
class QPushButton;

namespace bollard::app {

class OperationsList : public QWidget {
    Q_OBJECT
  public:
    OperationsList(CardEditor& editor, QWidget* parent);
    void refresh();
    /// The place of the chosen one on the card; -1: there is none.
    int chosen() const { return chosen_; }
    void choose(int place);

  signals:
    void picked();

  private:
    void add(cut::OperationKind kind);
    void move(int by);
    void remove();

    CardEditor& editor_;
    QListWidget* list_;
    QPushButton *up_, *down_, *remove_;
    int chosen_ = -1;
};

} // namespace bollard::app
