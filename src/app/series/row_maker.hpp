// Makes every row of the open card, off the interface thread.
#pragma once
#include "app/session/background.hpp"
#include "app/session/card_editor.hpp"
#include "app/session/maker.hpp"
#include "nest/nest.hpp"
#include <QImage>
#include <QObject>
#include <QPainterPath>
#include <memory>
#include <vector>

namespace bollard::app {

/// What is shown of a row.
struct MadeRow {
    bool there = false; ///< it has been made
    QString name{};     ///< number and fields
    QString verdict{};
    bool own = false; ///< something is changed for it alone
    check::Severity worst = check::Severity::note;
    int findings = 0; ///< stops and watches
    QImage picture{};
    plane::Region covered{}; ///< of a sheet, grid units
    QPainterPath lines{};    ///< as it is drawn, mm
};

/// Works while it is wanted, from the row that is shown on; an edit of the card begins anew, and until then
/// the pictures are those of before.
class RowMaker : public QObject {
    Q_OBJECT
  public:
    RowMaker(CardEditor& editor, Maker& maker, QObject* parent);

    void want(bool wanted); ///< goes on, or rests
    void stop();            ///< until the card changes, or go on is asked for
    void goOn();
    const std::vector<MadeRow>& rows() const { return *rows_; }
    int made() const { return made_; }
    bool busy() const { return busy_; }
    const std::shared_ptr<const type::Catalogue>& catalogue() const { return maker_.catalogue(); }
    const std::shared_ptr<const cut::Shop>& shop() const { return maker_.shown().made.shop; }
    void repaint(); ///< in another look
    /// All rows are those of the card as it is.
    bool complete() const { return made_ == int(rows_->size()); }

  signals:
    void restarted(); ///< there may be more rows, or fewer
    void rowMade(int row);
    void busyChanged();

  private:
    bool onlyOwn(const card::Card& now);
    void restart();
    void start();

    CardEditor& editor_;
    Maker& maker_;
    std::shared_ptr<std::vector<MadeRow>> rows_ = std::make_shared<std::vector<MadeRow>>();
    card::Card of_{}; ///< that they are made of, without what row is shown
    bool started_ = false, wanted_ = false, busy_ = false, stopped_ = false;
    int made_ = 0, round_ = 0;
    QTimer patience_;
    Background background_;
};

constexpr QSize rowPicture(196, 118);

} // namespace bollard::app
