// The verdict and the findings, worst first.
#pragma once
#include "app/session/background.hpp"
#include "app/session/card_editor.hpp"
#include "app/session/maker.hpp"
#include "mend/mend.hpp"
#include <QFrame>
#include <span>

class QCheckBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QVBoxLayout;

namespace bollard::app {

/// One finding: pointing at it lights its places, a click (or Enter) zooms to them.
class FindingRow : public QFrame {
    Q_OBJECT
  public:
    explicit FindingRow(QWidget* parent);
    /// Tells another finding, or the same anew.
    void tell(const check::Finding& finding, const card::Card& card);
    /// Goes to the next of its places, the worst first, and tells which it is: the finding with only that
    /// place.
    check::Finding step();
    void endSteps();
    const check::Finding& finding() const { return finding_; }
    /// What clears it now; empty while that is looked for.
    std::span<const mend::Offer> offers() const {
        return stale_ ? std::span<const mend::Offer>() : std::span(offers_);
    }
    /// The card has changed: what is offered cannot be pressed until it is offered anew.
    void staleOffers();
    /// Shows what would clear it, a button each, in place of what it showed.
    void offer(const std::vector<mend::Offer>& offers);

  signals:
    void pointed(bool on);
    void opened();
    void mendWanted(const mend::Offer& offer);
    void acceptWanted(const QString& reason); ///< let it stand
    void countWanted();                       ///< no more
    void helpWanted();                        ///< on its kind

  protected:
    void enterEvent(QEnterEvent* event) override;
    void leaveEvent(QEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;
    void paintEvent(QPaintEvent* event) override;

  private:
    check::Finding finding_;
    void placeMeasured();
    void showStanding();
    void askReason();

    int place_ = -1; ///< that was stepped to
    QPushButton* stand_;
    QLineEdit* reason_;
    QString whyItStands_;
    QLabel *title_, *measured_, *where_, *why_, *step_;
    QVBoxLayout* mends_;
    void enableMends(bool on);
    std::vector<mend::Offer> offers_;
    bool stale_ = false;
};

class FindingsPanel : public QFrame {
    Q_OBJECT
  public:
    FindingsPanel(CardEditor& editor, Maker& maker, QWidget* parent = nullptr);

    void setBeside(bool beside); ///< the board, with a width of its own; else as wide as what holds it
    QString verdict() const;
    QList<FindingRow*> rows() const;
    void next(); ///< opens the finding after the one opened last
    /// Makes the first mend of the finding opened last, or of the worst that has one.
    void mendFirst();

  signals:
    void lit(const std::vector<check::FindingPlace>& places, bool stops);
    void opened(const check::Finding& finding);
    void planWanted(); ///< mends for all that stops
    void helpWanted(const QStringList& topics);

  private:
    void takeShown();
    void announce(check::Severity worst);
    FindingRow* newRow();
    void open(FindingRow* row);
    /// Tries what could clear the findings, off this thread.
    void lookForMends();
    void mend(const mend::Offer& offer);

    card::Card offeredFor_; ///< the card that mends were looked for
    CardEditor& editor_;
    Maker& maker_;
    QLabel* verdict_;
    QPushButton* mendAll_;
    QCheckBox* oneRow_; ///< mends are for the row that is shown alone
    QVBoxLayout* list_;
    std::shared_ptr<const card::Checked> checked_;
    quantity::Unit unit_{}; ///< that the rows tell lengths in
    int last_ = -1;
    QString announced_; ///< the verdict that was told last
    Background mending_;
};

/// The mark of a severity: an octagon, a triangle, or a dot.
void paintMark(QPainter& painter, const QRectF& box, check::Severity severity);

} // namespace bollard::app
