// The Rows view: every row of the card as it comes out, and laid on sheets.
#pragma once
#include "app/controls/number_field.hpp"
#include "app/series/row_maker.hpp"
#include "series/series.hpp"
#include <QAbstractListModel>
#include <QWidget>

class QCheckBox;
class QComboBox;
class QFormLayout;
class QLabel;
class QListView;
class QProgressBar;
class QPushButton;
class QStackedWidget;

namespace bollard::app {

class Choice;
class SheetCanvas;

/// The rows in the order they are shown in.
class RowsModel : public QAbstractListModel {
    Q_OBJECT
  public:
    explicit RowsModel(RowMaker& maker, QObject* parent);
    void setWorstFirst(bool on);
    void refresh(); ///< there are others
    void refreshRow(int row);
    int rowAt(const QModelIndex& index) const { return order_[size_t(index.row())]; }
    QModelIndex indexOf(int row) const;

    int rowCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    const MadeRow& at(const QModelIndex& index) const { return maker_.rows()[size_t(rowAt(index))]; }

  private:
    void sort();
    RowMaker& maker_;
    std::vector<int> order_;
    bool worstFirst_ = false;
};

class SeriesView : public QWidget {
    Q_OBJECT
  public:
    SeriesView(CardEditor& editor, Maker& maker, QWidget* parent);

    RowMaker& rowMaker() { return rowMaker_; }
    QListView& grid() { return *grid_; }
    RowsModel& model() { return *model_; }
    SheetCanvas& sheets() { return *sheets_; }
    void showSheets(bool on);
    bool showsSheets() const;
    /// Null until it has been found.
    const std::shared_ptr<const nest::Nest>& nest() const { return nest_; }
    QString told() const;
    /// Writes the rows, or sheets, into that folder.
    void writeTo(const QString& folder);
    bool writing() const { return writing_; }

  signals:
    void nested();
    void written();
    void rowOpened(); ///< to be looked at closely

  protected:
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override;
    void changeEvent(QEvent* event) override;

  private:
    QWidget* makeControls();
    NumberField* length(QFormLayout* form, const QString& label, const char* key, double usual,
                        card::Range range, NumberField::Kind kind = NumberField::Kind::length);
    nest::Board board() const;
    void renest();
    void refreshTold();
    void chooseShown();
    void showRow(int row);
    QString folder() const;

    CardEditor& editor_;
    RowMaker rowMaker_;
    RowsModel* model_;
    Choice* what_;
    QStackedWidget* pages_;
    QListView* grid_;
    SheetCanvas* sheets_;
    QComboBox *order_, *turning_, *format_;
    QWidget* sheetFields_;
    NumberField *width_, *height_, *spacing_, *margin_, *copies_;
    QCheckBox* accept_;
    QLabel *told_, *wrote_;
    QProgressBar* progress_;
    QPushButton *stop_, *write_, *likeOthers_;
    QTimer renesting_;
    std::shared_ptr<const nest::Nest> nest_;
    bool nesting_ = false, writing_ = false;
    Background nestWork_, writeWork_;
};

} // namespace bollard::app
