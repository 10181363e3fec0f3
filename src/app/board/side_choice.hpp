// Which side of the blank the Flat view shows.
#pragma once
#include "app/session/card_editor.hpp"
#include <QWidget>

namespace bollard::app {

class Choice;

/// A row of buttons, one a side; hidden where the blank has only one.
class SideChoice : public QWidget {
    Q_OBJECT
  public:
    SideChoice(CardEditor& editor, QWidget* parent);

  signals:
    void resized(); ///< it has other sides to choose from

  private:
    void refresh();

    CardEditor& editor_;
    Choice* choice_ = nullptr;
    std::vector<std::string_view> sides_;
};

} // namespace bollard::app
