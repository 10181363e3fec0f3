// The inscriptions of the card, to choose and arrange.
#pragma once
#include "app/session/card_editor.hpp"
#include "app/session/maker.hpp"
#include <QWidget>

class QPushButton;
class QScrollArea;
class QVBoxLayout;

namespace bollard::app {

/// The inscriptions of the card, one slip each.
class Slips : public QWidget {
    Q_OBJECT
  public:
    Slips(CardEditor& editor, Maker& maker, QWidget* parent);
    void refresh();

  signals:
    void artworkFileWanted();
    void wordsWanted(); ///< an inscription was added, and its words are to be typed

  private:
    void addInscription();
    void addOrnament(setting::OrnamentKind kind);
    CardEditor& editor_;
    Maker& maker_;
    QScrollArea* scroll_;
    QVBoxLayout* list_;
    int inView_ = -1, shownCount_ = 0; ///< the slip that was scrolled to, of so many
    QPushButton *copy_, *remove_, *up_, *down_, *hide_;
};

} // namespace bollard::app
