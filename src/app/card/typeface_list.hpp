// The typefaces, each showing the person's own words.
#pragma once
#include "app/session/maker.hpp"
#include <QAbstractListModel>
#include <QCache>
#include <QPainterPath>
#include <QStyledItemDelegate>
#include <QThreadPool>
#include <QWidget>
#include <atomic>
#include <optional>

class QCheckBox;
class QComboBox;
class QLabel;
class QLineEdit;
class QListView;
class QPushButton;

namespace bollard::app {

/// What narrows the list.
struct TypefaceFilter {
    QString name{};
    bool keptOnly = false;
    std::optional<type::TypefaceKind> kind{};
    double thinnest = 0; ///< strokes of the words at `style` must be as wide, mm; 0 for any
    bool operator==(const TypefaceFilter&) const = default;
};

/// Faces used lately first, then all by name; narrowed by a filter. Faces that turn out to draw nothing of
/// the words are taken out.
class TypefaceModel : public QAbstractListModel {
    Q_OBJECT
  public:
    explicit TypefaceModel(QObject* parent = nullptr);
    ~TypefaceModel() override;

    void setCatalogue(std::shared_ptr<const type::Catalogue> catalogue);
    /// The words shown, and the style they have on the card, which their strokes are measured at.
    void setWords(const QString& words, const setting::TextStyle& style);
    void setFilter(const TypefaceFilter& filter);
    const TypefaceFilter& filter() const { return filter_; }
    /// Faces the person keeps at hand.
    bool isKept(int row) const;
    void keep(int row, bool kept);
    bool looking() const { return waiting_ > 0; }     ///< faces are still being judged for the filter
    void noteUse(const type::TypefaceChoice& choice); ///< puts it on top the next time the list is shown

    int rowCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    type::TypefaceChoice choiceAt(int row) const;
    int rowOf(const type::TypefaceChoice& choice) const; ///< -1 when filtered out
    int recentCount() const { return recentCount_; }
    /// The words in the face, capitals 1 high, y down; empty until drawn, then dataChanged tells.
    QPainterPath preview(int row) const;

  signals:
    void judged(); ///< looking() may have changed

  private:
    /// What is found out of a face off the interface thread.
    struct Facts {
        bool drawsNothing = false;
        std::optional<type::TypefaceKind> kind{};
        std::optional<double> thinnest{}; ///< mm, of the words at the style
    };
    void arrange();
    bool named(int number) const;  ///< as far as it is known without opening the face
    bool wanted(int number) const; ///< by all the filter asks
    /// Finds out what the filter asks of all faces, some at a time.
    void judgeAll();
    void learn(int generation, const std::vector<std::pair<int, Facts>>& found);
    const type::TypefaceEntry& entry(int row) const;

    std::shared_ptr<const type::Catalogue> catalogue_;
    QString words_;
    setting::TextStyle style_;
    TypefaceFilter filter_;
    std::vector<int> rows_; ///< into the catalogue
    int recentCount_ = 0;
    QStringList kept_;
    mutable QThreadPool pool_;
    mutable QCache<int, QPainterPath> previews_{400};
    mutable std::vector<bool> asked_;
    std::vector<Facts> facts_; ///< by catalogue number
    int waiting_ = 0;
    std::atomic<int> generation_ = 0;
};

class TypefaceList : public QWidget {
    Q_OBJECT
  public:
    TypefaceList(Maker& maker, QWidget* parent = nullptr);

    /// Shows the list with the face chosen now, the words to show in their style, and how thick their strokes
    /// must be to be made.
    void start(const type::TypefaceChoice& now, const QString& words, const setting::TextStyle& style,
               double thinnest);
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
    void takeFilter();
    void keepCurrent();

    TypefaceModel model_;
    QLineEdit* filter_;
    QComboBox* kind_;
    QCheckBox* thick_;
    QLabel* told_;
    QListView* view_;
    double thinnest_ = 0;
};

} // namespace bollard::app
