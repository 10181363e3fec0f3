// The bodies of the six stations.
#pragma once
#include "app/card/station.hpp"
#include "app/session/background.hpp"
#include "app/session/session.hpp"
#include "app/session/spelling_checker.hpp"
#include "card/arranging.hpp"
#include "card/fit.hpp"
#include "card/lines.hpp"

class QCheckBox;
class QComboBox;
class QLineEdit;
class QPlainTextEdit;
class QPushButton;
class QScrollArea;
class QVBoxLayout;

namespace bollard::app {

class LimitSketch;

class HolesTable;
class PartPanel;
class ProfileEditor;
class MisspeltRow;
class RowsTable;
class Slips;
class TypefaceControls;
class ToolSketch;
class TypefaceList;

class BlankStation : public StationBody {
    Q_OBJECT
  public:
    BlankStation(CardEditor& editor, Maker& maker, QWidget* parent);
    void refresh() override;
    PartPanel& part() { return *part_; }

  signals:
    void outlineFileWanted();
    void profileFileWanted();
    void partFileWanted();
    void pointingWanted(bool wanted);

  private:
    void addKinds();
    void addOutline();
    void addRingSize();
    void refreshRingSize();
    void showMass();
    Maker& maker_;
    Choice* kind_;
    QComboBox* ready_;
    QComboBox* ringScale_;
    QLineEdit* ringSize_;
    ProfileEditor* profile_;
    PartPanel* part_;
    QPushButton* outlineFile_;
    EdgeRows edge_;
    QCheckBox* edgeBoth_;
    QComboBox* material_;
    QLabel* mass_;
    HolesTable* holes_;
};

class LetteringStation : public StationBody {
    Q_OBJECT
  public:
    LetteringStation(CardEditor& editor, Maker& maker, QWidget* parent);
    void refresh() override;
    QPlainTextEdit& words() { return *words_; }
    SpellingChecker& spelling() { return spelling_; }
    void openTypefaces();
    TypefaceList& typefaces() { return *typefaces_; } ///< there once opened

  signals:
    void fontFileWanted();
    void artworkFileWanted();
    void spellingChecked(); ///< spelling() has more
    void wordsPasted(const QString& text);

  private:
    void makeOrnament();
    void makeNudges();
    void makeSpelling();
    void refreshWords(const card::Inscription* inscription);
    void refreshOrnament(const setting::Ornament& ornament);
    void refreshNudges(const card::Inscription* inscription);
    /// Of the selected inscription, as it was made last; null for ornaments and before anything was made.
    std::shared_ptr<const type::Typeface> shownTypeface() const;
    bool drawsLines() const; ///< a single-line typeface
    bool isScribed() const;
    void previewFace(const type::TypefaceChoice& choice);
    void makeTypefaces();
    /// Gives the size by another measure; the letters stay as large as they are.
    void changeMeasure(setting::SizeBy by);

    Maker& maker_;
    SpellingChecker spelling_;
    QComboBox* language_;
    Slips* slips_;
    QPlainTextEdit* words_;
    QPushButton* face_;
    TypefaceList* typefaces_ = nullptr;
    type::TypefaceChoice faceBefore_;
    QComboBox* sizeBy_;
    NumberField *size_, *letterSpace_, *wordSpace_, *lineSpace_, *width_, *slant_, *weight_, *stroke_;
    Choice *align_, *ends_;
    QCheckBox *cutsOut_, *centreline_, *kerning_;
    QWidget* emphasis_;
    TypefaceControls* typefaceControls_;
    QPushButton *bold_, *italic_;
    QComboBox *around_, *frameShape_, *backingForm_;
    NumberField *frameWidth_, *frameHeight_, *distance_, *band_, *frameCorner_, *scale_, *lineWidth_, *reach_,
        *clear_, *closes_;
    QLabel* nudged_;
    NumberField *nudgeX_, *nudgeY_, *nudgeTurn_, *nudgeSize_, *nudgeSpace_;
    QPushButton* clearNudges_;
    int shapeFold_ = 0, nudgeFold_ = 0;
};

class PlacingStation : public StationBody {
    Q_OBJECT
  public:
    PlacingStation(CardEditor& editor, Maker& maker, QWidget* parent);
    void refresh() override;

  signals:
    void curveFileWanted(); ///< a drawing whose first line the words shall follow

  private:
    void makePlace();
    void makeLine();
    void makeCurvePoints();
    void makeCurveNumbers();
    void makeArranging();
    void makeLargest();
    void refreshLine(const card::Inscription& inscription);
    void refreshSides(const card::Inscription& inscription);
    void refreshCurvePoint(const setting::Baseline& baseline);
    /// Changes the baseline of the selected inscription.
    void editLine(const QString& name, const QString& key,
                  const std::function<void(setting::Baseline&)>& change);
    const working::PlacedLetters* shownLetters() const;
    void changeLine(setting::BaselineKind kind);
    void arrange(card::Arrangement how);
    void fitLargest();
    /// Gives the inscription the size found for it, unless it changed meanwhile.
    void takeLargest(int selected, const card::Inscription& inscription, std::optional<card::Fit> fit);

    Maker& maker_;
    Choice* anchor_;
    NumberField *x_, *y_, *turn_, *margin_;
    bool goesRound() const; ///< the words' side does
    QComboBox *side_, *reading_, *line_, *arrangeTo_, *leastWidth_;
    NumberField *radius_, *offset_, *slide_;
    Choice *reads_, *circleSide_, *bend_, *closed_;
    QWidget* curvePoints_;
    QLabel* curvePoint_;
    NumberField *pointX_, *pointY_;
    std::array<NumberField*, 4> handles_{}; ///< before: across, up; after: across, up
    Choice* pointKind_;
    QWidget* arrangeButtons_;
    QPushButton *largest_, *centre_, *group_, *toSides_, *seam_;
    QLabel* told_;
    int arrangeFold_ = 0, pointFold_ = 0;
    Background fitting_;
};

class WorkingStation : public StationBody {
    Q_OBJECT
  public:
    WorkingStation(CardEditor& editor, QWidget* parent);
    void refresh() override;

  private:
    void addTies();

    Choice* kind_;
    EdgeRows edge_;
    QComboBox* held_ = nullptr;
    QCheckBox* tapered_ = nullptr;
    QLabel* told_;
};

class OperationsList;

class ProcessStation : public StationBody {
    Q_OBJECT
  public:
    ProcessStation(Session& session, QWidget* parent);
    void refresh() override;
    void setPointing(bool pointing);

  signals:
    void lyingPointingWanted(bool wanted);

  private:
    working::Kind kind() const; ///< of the selected words
    void addLimits();
    void addCutting();
    void listKinds();
    void choose(int item);
    void keep();
    void refreshKeeping();

    using Limit = std::pair<std::string_view, NumberField*>;
    QComboBox* kind_;
    std::vector<Limit> limits_;
    using Sketch = std::pair<std::string_view, LimitSketch*>;
    std::vector<Sketch> sketches_; ///< of the limits that have a row of their own
    bool isPaired(std::string_view name) const;
    void addField(size_t kind, const quantity::Field& field);
    void addLying();
    QCheckBox* worn_;
    int lyingFold_ = -1;
    QComboBox* lying_;
    QPushButton* pointLying_;
    int lyingSides_ = 0; ///< that any blank may have, in the choice
    QPushButton *start_, *keep_, *forget_;
    QLineEdit* name_;
    QLabel* told_;
    /// A box of the chosen operation, where it matters.
    struct Flag {
        QCheckBox* box;
        bool cut::Operation::*member;
        std::function<bool(const cut::Operation&)> matters;
    };
    Flag addFlag(const QString& label, bool cut::Operation::*member,
                 std::function<bool(const cut::Operation&)> matters);
    std::vector<Flag> flags_;
    void addKeeping();
    void refreshCutting();
    cut::Operation* chosenOperation(card::Card& card) const;
    void chooseMachine(int item);
    void listShop();
    void refreshTool();
    /// What the chosen operation is cut with; nothing where none is chosen.
    std::optional<cut::Tool> toolNow() const;
    KeptShop& shop_;
    Maker& maker_;
    OperationsList* operations_;
    QComboBox *rackTool_, *machine_, *zero_, *dialect_;
    ToolSketch* toolSketch_;
    QLineEdit *toolName_, *machineName_;
    QLabel* toldShop_;
    QCheckBox *fileATool_, *airRun_;
    int cutting_ = 0;     ///< the fold
    bool opened_ = false; ///< for a card with operations
    std::vector<process::Process> kept_;
    int firstKept_ = 0; ///< item of kept_.front()
};

class OutputStation : public StationBody {
    Q_OBJECT
  public:
    OutputStation(CardEditor& editor, QWidget* parent);
    void refresh() override;
    /// The endings that are ticked, as the person left them.
    static QStringList ticked();
    RowsTable& rows() { return *rows_; }
    /// What was written last, or why it was not.
    void tell(const QString& text, bool problem);
    /// The folder written to last can be opened from here.
    void noteFolder(const QString& folder);

  signals:
    void filesWanted(const QStringList& paths); ///< all that are ticked
    void jobSheetWanted(const QString& path);
    void sendingWanted();
    void formatsTicked(const QStringList& endings);
    void tableFileWanted();

  private:
    void makeFormats();
    void makeRows();
    QString folder() const;
    void write();

    std::vector<std::pair<QCheckBox*, QString>> formats_; ///< with their endings
    QLineEdit* name_;
    QPushButton *folder_, *openFolder_, *openRows_, *send_;
    QString chosenFolder_, writtenTo_;
    QWidget* rowsPanel_;
    RowsTable* rows_;
    QLineEdit* numbering_;
    NumberField *start_, *step_, *digits_;
    QLabel *colours_, *told_;
};

} // namespace bollard::app
