// Mends that together clear all that stops, with a picture of the outcome before they are made.
#pragma once
#include "app/session/background.hpp"
#include "app/session/card_editor.hpp"
#include "app/session/maker.hpp"
#include "mend/mend.hpp"
#include <QWidget>
#include <optional>

class QLabel;
class QPushButton;
class QVBoxLayout;

namespace bollard::app {

class OutcomePicture;

/// What the drawer holds: it looks for a plan off the interface thread, tells it, and makes it as one step.
class PlanPanel : public QWidget {
    Q_OBJECT
  public:
    PlanPanel(CardEditor& editor, Maker& maker, QWidget* parent);
    ~PlanPanel() override;

    /// Looks for mends of the card as it is now.
    void look();
    void stop();
    /// Nothing while it is looking.
    const std::optional<mend::Plan>& plan() const { return plan_; }

  signals:
    void done(); ///< the plan was made, or turned down

  private:
    void tell();
    void take();
    void line(const QString& text, bool soft);

    CardEditor& editor_;
    Maker& maker_;
    card::Card from_; ///< that the plan is for
    std::optional<mend::Plan> plan_;
    QLabel* told_;
    OutcomePicture* picture_;
    QVBoxLayout* lines_;
    QPushButton *take_, *leave_;
    Background looking_;
};

} // namespace bollard::app
