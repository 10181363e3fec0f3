// The inscriptions of the card, to choose and arrange.
#pragma once
#include "app/document/card_editor.hpp"
#include <QWidget>

class QPushButton;
class QScrollArea;
class QVBoxLayout;

namespace bollard::app {

/// The inscriptions of the card, one slip each.
class Slips : public QWidget {
    Q_OBJECT
  public:
    Slips(CardEditor& editor, QWidget* parent);
    void refresh();

  signals:
    void artworkFileWanted();

  private:
    void addOrnament(setting::OrnamentKind kind);
    CardEditor& editor_;
    QScrollArea* scroll_;
    QVBoxLayout* list_;
    QPushButton *copy_, *remove_, *up_, *down_, *hide_;
};

} // namespace bollard::app
