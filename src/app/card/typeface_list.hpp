// The typefaces, each showing the person's own words.
#pragma once
#include "app/document/maker.hpp"
#include <QAbstractListModel>
#include <QCache>
#include <QPainterPath>
#include <QStyledItemDelegate>
#include <QThreadPool>
#include <QWidget>

class QLineEdit;
class QListView;
class QPushButton;

namespace bollard::app {

/// Faces used lately first, then all by name; narrowed by a typed filter.
class TypefaceModel : public QAbstractListModel {
    Q_OBJECT
  public:
    explicit TypefaceModel(QObject* parent = nullptr);
    ~TypefaceModel() override;

    void setCatalogue(std::shared_ptr<const type::Catalogue> catalogue);
    void setWords(const QString& words);
    void setFilter(const QString& filter);
    void noteUse(const type::TypefaceChoice& choice); ///< puts it on top the next time the list is shown

    int rowCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    type::TypefaceChoice choiceAt(int row) const;
    int rowOf(const type::TypefaceChoice& choice) const; ///< -1 when filtered out
    int recentCount() const { return recentCount_; }
    /// The words in the face, capitals 1 high, y down; empty until drawn, then dataChanged tells.
    QPainterPath preview(int row) const;

  private:
    void arrange();
    const type::TypefaceEntry& entry(int row) const;

    std::shared_ptr<const type::Catalogue> catalogue_;
    QString words_, filter_;
    std::vector<int> rows_; ///< into the catalogue
    int recentCount_ = 0;
    mutable QThreadPool pool_;
    mutable QCache<int, QPainterPath> previews_{400};
    mutable std::vector<bool> asked_;
    int generation_ = 0;
};

class TypefaceList : public QWidget {
    Q_OBJECT
  public:
    TypefaceList(Maker& maker, QWidget* parent = nullptr);

    /// Shows the list with the face chosen now and the words to show.
    void start(const type::TypefaceChoice& now, const QString& words);
    QListView& view() { return *view_; }
    TypefaceModel& model() { return model_; }

  signals:
    void previewed(const type::TypefaceChoice& choice); ///< while moving through the list
    void chosen(const type::TypefaceChoice& choice);    ///< Enter or click
    void abandoned();                                   ///< Esc
    void fileWanted();

  protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

  private:
    TypefaceModel model_;
    QLineEdit* filter_;
    QListView* view_;
};

} // namespace bollard::app
