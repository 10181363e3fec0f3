// The bodies of the six stations.
#pragma once
#include "app/card/station.hpp"

class QComboBox;
class QPlainTextEdit;
class QPushButton;
class QVBoxLayout;

namespace bollard::app {

class RowsTable;
class TypefaceList;

class BlankStation : public StationBody {
    Q_OBJECT
  public:
    BlankStation(CardEditor& editor, QWidget* parent);
    void refresh() override;

  private:
    void rebuildHoles();
    Choice* kind_;
    NumberField *width_, *height_, *corner_, *diameter_, *centreHole_, *thickness_, *margin_;
    QWidget* holes_;
    QPushButton* addHole_;
    size_t shownHoles_ = 0;
};

/// The inscriptions of the card, one slip each.
class Slips : public QWidget {
    Q_OBJECT
  public:
    Slips(CardEditor& editor, QWidget* parent);
    void refresh();

  private:
    CardEditor& editor_;
    QVBoxLayout* list_;
    QPushButton *copy_, *remove_, *up_, *down_, *hide_;
};

class LetteringStation : public StationBody {
    Q_OBJECT
  public:
    LetteringStation(CardEditor& editor, Maker& maker, QWidget* parent);
    void refresh() override;
    QPlainTextEdit& words() { return *words_; }
    void openTypefaces();
    TypefaceList& typefaces() { return *typefaces_; } ///< there once opened

  signals:
    void fontFileWanted();

  private:
    void previewFace(const type::TypefaceChoice& choice);
    void closeTypefaces();
    void makeTypefaces();
    /// Gives the size by another measure; the letters stay as large as they are.
    void changeMeasure(setting::SizeBy by);

    Maker& maker_;
    Slips* slips_;
    QPlainTextEdit* words_;
    QPushButton* face_;
    TypefaceList* typefaces_ = nullptr;
    QWidget* typefacePlace_;
    type::TypefaceChoice faceBefore_;
    QComboBox* sizeBy_;
    NumberField *size_, *letterSpace_, *wordSpace_, *lineSpace_, *width_, *slant_, *weight_;
    Choice* align_;
};

class PlacingStation : public StationBody {
    Q_OBJECT
  public:
    PlacingStation(CardEditor& editor, Maker& maker, QWidget* parent);
    void refresh() override;

  private:
    void fitLargest();
    /// Gives the inscription the size found for it, unless it changed meanwhile.
    void takeLargest(int selected, const card::Inscription& inscription, std::optional<double> size);
    Maker& maker_;
    Choice* anchor_;
    NumberField *x_, *y_, *turn_, *margin_;
    QComboBox* reading_;
    QPushButton* largest_;
    QLabel* told_;
};

class WorkingStation : public StationBody {
    Q_OBJECT
  public:
    WorkingStation(CardEditor& editor, QWidget* parent);
    void refresh() override;

  private:
    Choice* kind_;
    NumberField *height_, *depth_, *bedding_;
    QLabel* told_;
};

class ProcessStation : public StationBody {
    Q_OBJECT
  public:
    ProcessStation(CardEditor& editor, QWidget* parent);
    void refresh() override;

  private:
    working::Kind kind() const;
    NumberField *nozzle_, *layer_;
    std::vector<std::pair<check::Limit, NumberField*>> limits_;
    QPushButton* start_;
};

class OutputStation : public StationBody {
    Q_OBJECT
  public:
    OutputStation(CardEditor& editor, QWidget* parent);
    void refresh() override;
    RowsTable& rows() { return *rows_; }
    /// What was written last, or why it was not.
    void tell(const QString& text, bool problem);

  signals:
    void writeWanted(const QString& ending); ///< stl, 3mf or png
    void tableFileWanted();

  private:
    RowsTable* rows_;
    QLineEdit* numbering_;
    NumberField *start_, *step_, *digits_;
    QLabel* told_;
};

} // namespace bollard::app
