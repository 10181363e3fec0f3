// A blank from a file: which file, and the sides of it that words lie on.
#pragma once
#include "app/session/background.hpp"
#include "app/session/card_editor.hpp"
#include "app/session/maker.hpp"
#include <QWidget>

class QLabel;
class QLineEdit;
class QPushButton;

namespace bollard::app {

class PartPanel : public QWidget {
    Q_OBJECT
  public:
    PartPanel(CardEditor& editor, Maker& maker, QWidget* parent);
    void refresh();
    /// Adds the side that a place of the part (mm) lies on, once it is found; tells in place why there is
    /// none.
    void addSideAt(const space::Vertex& place);
    /// A place is pointed at on the body, or no more.
    void setPointing(bool pointing);
    QString told() const;

  signals:
    void fileWanted();
    void pointingWanted(bool wanted);

  private:
    void addTyped();
    void take(const quantity::Result<blank::FoundSide>& found, const space::Vertex& place);
    void addRow(const blank::PartSide& side, size_t number);
    void tell(const QString& text, bool problem);

    CardEditor& editor_;
    Maker& maker_;
    QPushButton* file_;
    QWidget* rows_;
    QPushButton* point_;
    QLineEdit* place_;
    QLabel* told_;
    std::vector<blank::PartSide> shown_{};
    Background background_;
};

} // namespace bollard::app
