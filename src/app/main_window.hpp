// The window: bar, route card, board, findings, gauge.
#pragma once
#include "app/board/body_view.hpp"
#include "app/board/flat_view.hpp"
#include "app/card/route_card.hpp"
#include "app/controls/notice_bar.hpp"
#include "app/findings/findings_panel.hpp"
#include "app/gauge/gauge.hpp"
#include "app/session/drawing_reader.hpp"
#include "app/session/session.hpp"
#include "app/start/start_page.hpp"
#include "files/csv.hpp"
#include "files/whole_file.hpp"
#include <QMainWindow>
#include <QThreadPool>

class QComboBox;
class QHBoxLayout;
class QMenu;
class QPushButton;
class QStackedWidget;

namespace bollard::app {

class Drawer;
class FirstSteps;
class HelpPanel;
class PlanPanel;
class PreferencesPanel;
class LayersView;
class ProofView;
class SendPanel;
class SeriesView;
class TracePanel;

class MainWindow : public QMainWindow {
    Q_OBJECT
  public:
    explicit MainWindow(Session& session);
    ~MainWindow() override; ///< waits for files that are being written

    enum View { flat, body, proof, series, both };
    void showView(View view);
    View view() const { return view_; }

    CardEditor& editor() { return editor_; }
    Maker& maker() { return maker_; }
    Recovery& recovery() { return recovery_; }
    RouteCard& routeCard() { return *routeCard_; }
    FlatView& flatView() { return *flatView_; }
    BodyView& bodyView() { return *bodyView_; }
    ProofView& proofView() { return *proofView_; }
    LayersView& layersView() { return *layersView_; }
    SeriesView& seriesView() { return *seriesView_; }
    SendPanel& sendPanel(); ///< made when it is first asked for
    void openSending();
    FindingsPanel& findings() { return *findings_; }
    Gauge& gauge() { return *gauge_; }
    NoticeBar& notice() { return *notice_; }
    Drawer& drawer() { return *drawer_; }
    /// Help on these topics, or on what has the focus; puts it away where it was open.
    void showHelp(const QStringList& topics = {});
    HelpPanel& help(); ///< made when it is first asked for
    void showPreferences();
    FirstSteps& firstSteps() { return *firstSteps_; }
    bool isSending() const; ///< a program, to a machine

    /// What another window on the same session takes over.
    struct State {
        View view = flat;
        int station = -1;
        QByteArray geometry;
        bool preferences = false; ///< are open in the drawer
    };
    State state() const;
    void restore(const State& state);
    /// Opens the card that was open last, as it was looked at then; nothing where it is gone.
    void reopenLast();
    /// Saves a card that has a file and that nobody else has changed or opened; see Preferences::autosave.
    void saveByItself();
    /// Cards, typefaces, drawings, tables and parts, as they are dropped.
    void take(const QStringList& paths);
    StartPage& startPage() { return *startPage_; }
    bool showsStart() const;

    void openCard(const QString& path);
    void openSample(const QString& path); ///< as a new card without a file
    void newCard();
    void useFontFile(const QString& path);
    /// Replaces the card's rows by those of a CSV file; tells in place what is wrong with it.
    void readTable(const QString& path);
    /// Makes the blank that part, or tells in place that no such file is read.
    void usePart(const QString& path);
    /// An ornament, what the selected words run along, or the blank's outline.
    enum class DrawingUse { artwork, line, outline, profile };
    void readDrawing(const QString& path, DrawingUse use);
    /// Writes all of them or none, each as its ending says; asks in place before replacing a file, or when a
    /// stop finding stands.
    void writeFiles(const QStringList& paths);
    void setLook(drawing::Look look); ///< paints everything in it

  signals:
    void preferencesChanged();

  protected:
    void closeEvent(QCloseEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void keyReleaseEvent(QKeyEvent* event) override;
    void changeEvent(QEvent* event) override;
    bool focusNextPrevChild(bool next) override;
    bool eventFilter(QObject* watched, QEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

  private:
    void buildBar();
    void buildBody();
    void buildActions();
    void refreshBar();
    void noteLast(); ///< for reopenLast()
    void placeFindings();
    void openFindings(); ///< in the drawer, where there is no room beside the board
    void showStart();
    void save(const std::function<void()>& afterwards = {});
    void saveAs(const std::function<void()>& afterwards = {});
    void saveTo(const QString& path, files::IfThere ifThere, const std::function<void()>& afterwards);
    void tellUnkept(const quantity::Problem& problem);
    void copy(bool cut);
    void paste();
    void pasteWords(const QString& text);
    void offerRows(const QString& pasted);
    void takeRows(files::Table table, bool headed, const QString& pasted);
    void showAfterMend();                           ///< B is let go
    void tellTaken();                               ///< which typefaces travel with the card, and which not
    void leaving(const std::function<void()>& act); ///< asks about unsaved changes first
    void askForCard();
    void askForFont();
    void askForTable();
    void askForDrawing(DrawingUse use);
    void askForPart();
    /// What a click on the body is for; `none` leaves it.
    enum class Pointing { none, side, lying };
    void pointAt(Pointing what);
    void takePointed(const space::Vertex& place);
    void tracePicture(const QString& path, DrawingUse use);
    void takeDrawing(const artwork::Drawing& drawing, double millimetresPerUnit, const QString& name,
                     DrawingUse use);
    void write(const QStringList& paths, files::IfThere ifThere);
    void print();
    void writeJobSheet(const QString& path);
    void tellWritten(const QString& text, bool problem);
    bool readCard(const QString& path); ///< into the editor; false where it could not be, which is told
    void noteRecent(const QString& path);
    QStringList recent() const;

    Session& session_;
    CardEditor& editor_;
    Maker& maker_;
    Recovery& recovery_;
    QStackedWidget* pages_ = nullptr;
    QWidget* work_ = nullptr;
    QWidget* bar_ = nullptr;
    QLabel* cardName_ = nullptr;
    QLabel* editedMark_ = nullptr;
    QPushButton *undo_ = nullptr, *redo_ = nullptr, *write_ = nullptr, *menuButton_ = nullptr;
    QMenu* recentMenu_ = nullptr;
    Choice* viewChoice_ = nullptr;
    QComboBox* unit_ = nullptr;
    RouteCard* routeCard_ = nullptr;
    FlatView* flatView_ = nullptr;
    BodyView* bodyView_ = nullptr;
    ProofView* proofView_ = nullptr;   ///< of what is cut
    LayersView* layersView_ = nullptr; ///< in its place, of what is printed
    SeriesView* seriesView_ = nullptr;
    SendPanel* sending_ = nullptr;
    FindingsPanel* findings_ = nullptr;
    QPushButton* openFindings_ = nullptr; ///< in its place where text is so large that it has none
    QHBoxLayout* columns_ = nullptr;
    Gauge* gauge_ = nullptr;
    NoticeBar* notice_ = nullptr;
    Drawer* drawer_ = nullptr;
    HelpPanel* help_ = nullptr;
    PreferencesPanel* preferences_ = nullptr;
    FirstSteps* firstSteps_ = nullptr;
    TracePanel* trace_ = nullptr;
    PlanPanel* plan_ = nullptr;
    StartPage* startPage_ = nullptr;
    View view_ = flat;
    int drawerTakes_ = 0; ///< of the board's width
    Pointing pointing_ = Pointing::none;
    bool closing_ = false;
    bool showsBefore_ = false; ///< B is held
    DrawingReader drawings_;
    QThreadPool writer_;
    QTimer autosave_;
    int autosaveMinutes_ = 0; ///< as preferred; 0: never
};

} // namespace bollard::app
