// One station of the route card: a head that always tells what is set, and a body to set it.
#pragma once
#include "app/controls/choice.hpp"
#include "app/controls/number_field.hpp"
#include "app/session/card_editor.hpp"
#include "app/session/maker.hpp"
#include "quantity/field.hpp"
#include <QWidget>
#include <functional>

class QComboBox;
class QGridLayout;
class QLabel;
class QPushButton;
class QScrollArea;
class QVBoxLayout;

namespace bollard::app {

/// What a station shows when it is open. Bodies are made when first opened.
class StationBody : public QWidget {
    Q_OBJECT
  public:
    StationBody(CardEditor& editor, QWidget* parent);
    virtual void refresh() = 0; ///< shows the card's values
    /// Pixels of the route card that a body has, without its margins.
    static int room();
    /// Least width of labels, in pixels of plain text.
    static constexpr int labelWidth = 88;

  signals:
    /// Something of the station that needs more width than it has; `shut` is called when it is put away.
    void drawerWanted(const QString& title, QWidget* content, const std::function<void()>& shut);
    void drawerDone(QWidget* content);

  protected:
    /// A labelled length (or angle) that edits the card; a refused number is explained below it.
    NumberField* number(const QString& label, NumberField::Kind kind, card::Range range, double step,
                        const std::function<void(double)>& edited);
    /// Where a part with fields lies on a card; null where there is none of it.
    using PartOf = std::function<void*(card::Card&)>;
    /// A part of the selected inscription, by a member or a function to it.
    template<class Get> PartOf ofSelected(Get get) {
        return [this, get](card::Card& card) -> void* {
            return editor_.inscription() ? &std::invoke(get, card.inscriptions[size_t(editor_.selected())])
                                         : nullptr;
        };
    }
    /// A labelled number of a part by its field, which says what it is a number of, its range, and when it
    /// matters. `shown`, where it is told, says so instead. `of` several numbers the one.
    NumberField* fieldRow(const QString& label, const quantity::PartFields& fields, std::string_view name,
                          double step, PartOf part, std::function<bool()> shown = {}, size_t of = 0);
    /// A labelled choice of a part by its field; `names` are what its options are called.
    QComboBox* choiceRow(const QString& label, const QString& accessibleName, const QString& undoName,
                         const QStringList& names, const quantity::PartFields& fields, std::string_view name,
                         PartOf part, std::function<bool()> shown = {});
    /// The rows of an edge: its kind, its size or radius, its angle.
    struct EdgeRows {
        NumberField* size = nullptr;
        PartOf edge{};
    };
    EdgeRows edgeRows(const QString& label, const QString& accessibleName, const QString& undoName,
                      double sizeStep, const PartOf& edge, const std::function<bool()>& shown);
    void refreshEdge(const EdgeRows& rows);
    /// Shows the values of all field rows, those that matter.
    void refreshFields();
    /// A labelled widget.
    void row(const QString& label, QWidget* widget);
    void wide(QWidget* widget);
    /// What of the help explains the rows from here on, until it is said again.
    void about(const char* topic) { topic_ = topic; }
    /// Puts a row into the right half of the row of `first`, with a short label; they show side by side while
    /// both are there. Its full name stays what screen readers say.
    void putBeside(QWidget* widget, QWidget* first, const QString& label);
    /// Rows from here on stand under a heading that opens and closes them; the last one stays open to the
    /// end.
    int fold(const QString& title);
    void openFold(int fold, bool open);
    /// A whole fold with its heading.
    void setFoldVisible(int fold, bool visible);
    void setRowVisible(QWidget* widget, bool visible);
    void setRowLabel(QWidget* widget, const QString& label);
    /// What is shown where there is a heading above that says the rest; screen readers still say all of it.
    void setShortLabel(QWidget* widget, const QString& label);
    /// A small picture before the label of a row.
    void putBefore(QWidget* picture, QWidget* widget);

    CardEditor& editor_;

  private:
    QGridLayout* grid_;
    int labels_ = 0; ///< width of their column
    struct Row {
        QWidget* widget;
        QLabel* label; ///< null where the widget stands alone
        QLabel* problem;
        int fold; ///< -1 for none
        bool wanted;
        int line = 0;           ///< of the grid
        QWidget* beside{};      ///< in the right half of the same line; null for none
        QWidget* after{};       ///< in whose right half it is to stand itself
        bool isRight = false;   ///< stands there, as there is room
        QString full{}, half{}; ///< labels of its own line and there
        int own = 0;            ///< its own line
        int needs = 0;          ///< width of the label's longest word
    };
    bool isShown(const Row& row) const;
    void showProblem(const Row& row, const QString& sentence);
    Row& rowOf(const QWidget* widget);
    void fitLabels();
    void nameRow(Row& row, const QString& label);
    void placeBeside(Row& row);
    static constexpr int columns = 4;
    struct Fold {
        QPushButton* heading;
        bool open;
        bool wanted;
    };
    struct FieldRow {
        QWidget* widget; ///< a number field or a combo box
        const quantity::Field* field;
        PartOf part;
        std::function<bool()> shown;
        size_t of = 0; ///< several numbers the one
    };
    void add(QWidget* widget, QLabel* label, QLabel* problem);
    void show(const Row& row);
    const char* topic_ = "";
    std::vector<Row> rows_;
    std::vector<FieldRow> fieldRows_;
    std::vector<Fold> folds_;
};

/// Number, title, summary and mark; a click or Enter opens the station.
class Station : public QWidget {
    Q_OBJECT
  public:
    using MakeBody = std::function<StationBody*(QWidget*)>;
    Station(int number, const QString& title, MakeBody makeBody, QWidget* parent);

    void setOpen(bool open);
    bool isOpen() const { return open_; }
    void setSummary(const QString& summary);
    QString summary() const;
    void setMark(int stops, int watches);
    void refresh();
    StationBody* body() const { return body_; }
    void focusBody();
    void focusHead();

  signals:
    void openWanted();
    void drawerWanted(const QString& title, QWidget* content, const std::function<void()>& shut);
    void drawerDone(QWidget* content);

  protected:
    void paintEvent(QPaintEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

  private:
    int number_;
    MakeBody makeBody_;
    QWidget* head_;
    QLabel* title_;
    QLabel* summary_;
    QLabel* mark_;
    QScrollArea* scroll_ = nullptr; ///< around the body: only that scrolls, so that all heads stay in sight
    StationBody* body_ = nullptr;
    bool open_ = false;
    int stops_ = 0, watches_ = 0;
};

} // namespace bollard::app
