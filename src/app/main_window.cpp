#include "app/main_window.hpp"
#include "app/card/part_panel.hpp"
#include "app/card/rows_table.hpp"
#include "app/controls/drawer.hpp"
#include "app/controls/looks.hpp"
#include "app/controls/reading_order.hpp"
#include "app/desktop/recent_list.hpp"
#include "app/findings/plan_panel.hpp"
#include "app/help/help_panel.hpp"
#include "app/help/topic.hpp"
#include "app/preferences/preferences_panel.hpp"
#include "app/proof/layers_view.hpp"
#include "app/proof/proof_view.hpp"
#include "app/sending/send_panel.hpp"
#include "app/series/series_view.hpp"
#include "app/session/beginning.hpp"
#include "app/start/first_steps.hpp"
#include "card/card_json.hpp"
#include "card/part.hpp"
#include "card/printing.hpp"
#include "wording/language.hpp"
#include "wording/wording.hpp"
#include <QAction>
#include <QApplication>
#include <QCloseEvent>
#include <QComboBox>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QLabel>
#include <QMenu>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QSettings>
#include <QShortcut>
#include <QStackedWidget>
#include <QThreadPool>
#include <QTimer>

namespace bollard::app {
namespace {

const auto recentCards = QStringLiteral("cards/recent"), lastCard = QStringLiteral("last/card"),
           lastView = QStringLiteral("last/view"), lastStation = QStringLiteral("last/station"),
           lastGeometry = QStringLiteral("last/geometry");
constexpr int mostRecent = 8, wideEnoughForBoth = 1500, wideEnoughForFindings = 800;

} // namespace

MainWindow::MainWindow(Session& session)
    : session_(session), editor_(session.editor), maker_(session.maker), recovery_(session.recovery) {
    setWindowTitle(QStringLiteral("Bollard[*]"));
    setWindowIcon(icon(QStringLiteral("bollard")));
    setAcceptDrops(true);
    resize(1280, 800);
    setMinimumSize(1000, 600);
    buildBar();
    buildBody();
    buildActions();
    connect(&editor_, &CardEditor::changed, this, &MainWindow::refreshBar);
    connect(&editor_, &CardEditor::fileChanged, this, &MainWindow::refreshBar);
    connect(&editor_.history(), &QUndoStack::indexChanged, this, &MainWindow::refreshBar);
    connect(&recovery_, &Recovery::failed, this, &MainWindow::tellUnkept);
    writer_.setMaxThreadCount(1); // two writes to one path come in their order
    qApp->installEventFilter(this);
    firstSteps_ = new FirstSteps(*this);
    autosaveMinutes_ = preferences().autosave;
    connect(this, &MainWindow::preferencesChanged, this,
            [this] { autosaveMinutes_ = preferences().autosave; });
    autosave_.setSingleShot(true);
    connect(&autosave_, &QTimer::timeout, this, &MainWindow::saveByItself);
    connect(&editor_, &CardEditor::changed, this, [this] {
        if (autosaveMinutes_ > 0 && !autosave_.isActive())
            autosave_.start(std::chrono::minutes(autosaveMinutes_));
    });
    refreshBar();
    if (editor_.anythingOpen()) {
        pages_->setCurrentWidget(work_);
        editor_.tellAll();
    } else {
        showStart();
    }
}

MainWindow::~MainWindow() {
    writer_.waitForDone();
    // The panels watch the card and its worker, and a panel that loses the focus still edits: they go first.
    qApp->removeEventFilter(this);
    editor_.history().disconnect(this);
    editor_.disconnect(this);
    delete takeCentralWidget();
}

void MainWindow::tellUnkept(const quantity::Problem& problem) {
    notice_->say(tr("Unsaved work cannot be kept safe: %1").arg(wording::sentenceOf(problem)),
                 NoticeBar::Tone::problem);
}

void MainWindow::buildBar() {
    bar_ = new QWidget(this);
    bar_->setObjectName(QStringLiteral("bar"));
    bar_->setAttribute(Qt::WA_StyledBackground);
    bar_->setFixedHeight(drawing::scaled(44));
    auto* layout = new QHBoxLayout(bar_);
    layout->setContentsMargins(12, 0, 12, 0);
    layout->setSpacing(6);
    menuButton_ = new QPushButton(tr("&Card"), bar_);
    menuButton_->setIcon(icon(QStringLiteral("bollard")));
    menuButton_->setProperty("iconName", QStringLiteral("bollard"));
    menuButton_->setIconSize({drawing::scaled(20), drawing::scaled(20)});
    menuButton_->setMinimumWidth(drawing::scaled(86));
    menuButton_->setObjectName(QStringLiteral("plain"));
    layout->addWidget(menuButton_);
    layout->addSpacing(6);
    cardName_ = new QLabel(bar_);
    cardName_->setObjectName(QStringLiteral("cardName"));
    cardName_->setMinimumWidth(drawing::scaled(40)); // its tool tip says all of it
    editedMark_ = softLabel({}, bar_);
    layout->addWidget(cardName_);
    layout->addWidget(editedMark_);
    layout->addStretch(1);
    viewChoice_ = new Choice(tr("View"), {tr("Flat"), tr("Body"), tr("Proof"), tr("Rows"), tr("Both")}, bar_);
    for (int i = 0; i <= both; ++i)
        viewChoice_->button(i)->setMinimumWidth(64);
    layout->addWidget(viewChoice_);
    connect(viewChoice_, &Choice::picked, this, [this](int view) { showView(static_cast<View>(view)); });
    layout->addStretch(1);
    undo_ = iconButton(QStringLiteral("undo"), tr("Undo"), bar_);
    redo_ = iconButton(QStringLiteral("redo"), tr("Redo"), bar_);
    connect(undo_, &QPushButton::clicked, &editor_.history(), &QUndoStack::undo);
    connect(redo_, &QPushButton::clicked, &editor_.history(), &QUndoStack::redo);
    layout->addWidget(undo_);
    layout->addWidget(redo_);
    unit_ = new QComboBox(bar_);
    unit_->setObjectName(QStringLiteral("unit"));
    unit_->setAccessibleName(tr("Unit"));
    unit_->setMinimumWidth(drawing::scaled(58));
    for (const quantity::Unit unit : unitsOffered)
        unit_->addItem(
            QString::fromUtf8(quantity::symbolOf(unit).data(), qsizetype(quantity::symbolOf(unit).size())));
    connect(unit_, &QComboBox::activated, this, [this](int index) {
        editor_.edit(tr("Change unit"), {},
                     [&](card::Card& card) { card.unit = unitsOffered[size_t(index)]; });
    });
    layout->addWidget(unit_);
    write_ = new QPushButton(tr("Write files"), bar_);
    write_->setObjectName(QStringLiteral("main"));
    layout->addWidget(write_);
    connect(write_, &QPushButton::clicked, this, [this] {
        routeCard_->open(RouteCard::output);
        routeCard_->station(RouteCard::output).focusBody();
    });
}

void MainWindow::buildBody() {
    auto* centre = new QWidget(this);
    auto* outer = new QVBoxLayout(centre);
    outer->setContentsMargins(0, 0, 0, 0);
    outer->setSpacing(0);
    notice_ = new NoticeBar(centre);
    pages_ = new QStackedWidget(centre);
    outer->addWidget(bar_);
    outer->addWidget(notice_);
    outer->addWidget(pages_, 1);
    setCentralWidget(centre);

    startPage_ = new StartPage(pages_);
    pages_->addWidget(startPage_);
    work_ = new QWidget(pages_);
    pages_->addWidget(work_);
    columns_ = new QHBoxLayout(work_);
    columns_->setContentsMargins(0, 0, 0, 0);
    columns_->setSpacing(0);
    routeCard_ = new RouteCard(session_, work_);
    columns_->addWidget(routeCard_);
    auto* middle = new QVBoxLayout;
    middle->setSpacing(0);
    auto* board = new QHBoxLayout;
    board->setSpacing(1);
    flatView_ = new FlatView(editor_, maker_, work_);
    bodyView_ = new BodyView(editor_, maker_, work_);
    explain(flatView_, QStringLiteral("flat"));
    board->addWidget(flatView_, 1);
    proofView_ = new ProofView(editor_, maker_, work_);
    explain(bodyView_, QStringLiteral("body"));
    board->addWidget(bodyView_, 1);
    connect(bodyView_, &BodyView::sideOpened, this, [this] { showView(flat); });
    explain(proofView_, QStringLiteral("proof-cutting"));
    board->addWidget(proofView_, 1);
    layersView_ = new LayersView(editor_, maker_, work_);
    explain(layersView_, QStringLiteral("layers-view"));
    board->addWidget(layersView_, 1);
    seriesView_ = new SeriesView(editor_, maker_, work_);
    explain(seriesView_, QStringLiteral("series"));
    board->addWidget(seriesView_, 1);
    connect(seriesView_, &SeriesView::rowOpened, this, [this] { showView(flat); });
    connect(&maker_, &Maker::stageDone, this, [this] { // the card may be made another way now
        if (view_ == proof)
            showView(proof);
    });
    middle->addLayout(board, 1);
    gauge_ = new Gauge(editor_, maker_, work_);
    findings_ = new FindingsPanel(editor_, maker_, work_);
    openFindings_ = elidedButton(QString(), work_);
    openFindings_->setObjectName(QStringLiteral("value"));
    openFindings_->hide();
    connect(openFindings_, &QPushButton::clicked, this, &MainWindow::openFindings);
    connect(&maker_, &Maker::stageDone, this,
            [this] { openFindings_->setText(tr("Findings: %1").arg(findings_->verdict())); });
    middle->addWidget(openFindings_);
    middle->addWidget(gauge_);
    columns_->addLayout(middle, 1);
    columns_->addWidget(findings_);

    const auto light = [this](const std::vector<check::FindingPlace>& places, bool stops) {
        flatView_->light(places, stops);
        bodyView_->canvas().light(places, stops);
    };
    connect(findings_, &FindingsPanel::helpWanted, this, &MainWindow::showHelp);
    connect(findings_, &FindingsPanel::lit, this, light);
    connect(gauge_, &Gauge::lit, this, light);
    connect(findings_, &FindingsPanel::planWanted, this, [this] {
        if (!plan_) {
            plan_ = new PlanPanel(editor_, maker_, work_);
            connect(plan_, &PlanPanel::done, this, [this] { drawer_->shut(); });
        }
        drawer_->open(tr("Mend all"), plan_, [this] { plan_->stop(); });
        plan_->look();
    });
    connect(findings_, &FindingsPanel::opened, this, [this, light](const check::Finding& finding) {
        if (finding.inscription >= 0)
            editor_.select(finding.inscription);
        if (!finding.places.empty() && finding.places.front().onPart)
            showView(body); // Flat has no place for it
        else
            flatView_->zoomTo(finding.places);
        light(finding.places, finding.severity == check::Severity::stop);
    });
    drawer_ = new Drawer(routeCard_, pages_);
    connect(routeCard_, &RouteCard::drawerWanted, drawer_, &Drawer::open);
    // What is tried in the drawer is seen on the board beside it.
    connect(drawer_, &Drawer::widthTaken, this, [this, middle](int taken) {
        const bool fromRight = layoutDirection() == Qt::RightToLeft;
        middle->setContentsMargins(fromRight ? 0 : taken, 0, fromRight ? taken : 0, 0);
        drawerTakes_ = taken;
        placeFindings();
    });
    connect(routeCard_, &RouteCard::drawerDone, this, [this](QWidget* content) {
        if (drawer_->holds(content))
            drawer_->shut();
    });
    connect(routeCard_, &RouteCard::stationOpened, drawer_, &Drawer::shut);
    connect(&editor_, &CardEditor::restarted, drawer_, &Drawer::shut);
    connect(routeCard_, &RouteCard::filesWanted, this, &MainWindow::writeFiles);
    connect(routeCard_, &RouteCard::jobSheetWanted, this, &MainWindow::writeJobSheet);
    connect(routeCard_, &RouteCard::sendingWanted, this, &MainWindow::openSending);
    connect(routeCard_, &RouteCard::fontFileWanted, this, &MainWindow::askForFont);
    connect(routeCard_, &RouteCard::tableFileWanted, this, &MainWindow::askForTable);
    connect(&routeCard_->letteringBody(), &LetteringStation::wordsPasted, this, &MainWindow::offerRows);
    connect(routeCard_, &RouteCard::spellingChecked, flatView_, &FlatView::markMisspelt);
    connect(routeCard_, &RouteCard::artworkFileWanted, this, [this] { askForDrawing(DrawingUse::artwork); });
    connect(routeCard_, &RouteCard::curveFileWanted, this, [this] { askForDrawing(DrawingUse::line); });
    connect(routeCard_, &RouteCard::profileFileWanted, this, [this] { askForDrawing(DrawingUse::profile); });
    connect(routeCard_, &RouteCard::partFileWanted, this, &MainWindow::askForPart);
    connect(routeCard_, &RouteCard::pointingWanted, this,
            [this](bool wanted) { pointAt(wanted ? Pointing::side : Pointing::none); });
    connect(routeCard_, &RouteCard::lyingPointingWanted, this,
            [this](bool wanted) { pointAt(wanted ? Pointing::lying : Pointing::none); });
    connect(&bodyView_->canvas(), &BodyCanvas::placePointedAt, this, [this](double x, double y, double z) {
        takePointed({x, y, z});
    });
    connect(&bodyView_->canvas(), &BodyCanvas::pointingLeft, this, [this] { pointAt(Pointing::none); });
    connect(routeCard_, &RouteCard::outlineFileWanted, this, [this] { askForDrawing(DrawingUse::outline); });
    connect(flatView_, &FlatView::fieldsMet, this, [this] {
        routeCard_->letteringBody().words().setFocus();
        notice_->say(tr("These words hold fields; write them here."), NoticeBar::Tone::plain);
    });
    connect(&maker_, &Maker::catalogueReady, this, [this] { startPage_->setCatalogue(maker_.catalogue()); });
    connect(startPage_, &StartPage::newWanted, this, &MainWindow::newCard);
    connect(startPage_, &StartPage::openWanted, this, &MainWindow::askForCard);
    connect(startPage_, &StartPage::sampleWanted, this, &MainWindow::openSample);
    connect(startPage_, &StartPage::recentWanted, this, &MainWindow::openCard);
    connect(startPage_, &StartPage::recoverWanted, this, [this](const LeftOver& leftOver) {
        auto card = card::cardFromJson(leftOver.card);
        if (!card)
            return;
        editor_.startRecovered(*std::move(card), leftOver.path);
        if (const auto kept = recovery_.keepNow())
            Recovery::discard(leftOver);
        else // the old one is the only one there is
            tellUnkept(kept.problem());
        pages_->setCurrentWidget(work_);
        refreshBar();
    });
    connect(startPage_, &StartPage::discardWanted, this, [this](const LeftOver& leftOver) {
        Recovery::discard(leftOver);
        startPage_->setLeftOvers(recovery_.leftOvers());
    });
    showView(flat);
}

void MainWindow::buildActions() {
    auto* menu = new QMenu(this);
    menuButton_->setMenu(menu);
    const auto action = [&](QMenu* into, const QString& text, const QKeySequence& keys, auto act) {
        auto* made = new QAction(text, this);
        made->setShortcut(keys);
        connect(made, &QAction::triggered, this, act);
        addAction(made);
        if (into)
            into->addAction(made);
        return made;
    };
    action(menu, tr("New card"), QKeySequence::New, [this] { leaving([this] { newCard(); }); });
    action(menu, tr("Open…"), QKeySequence::Open, [this] { leaving([this] { askForCard(); }); });
    recentMenu_ = menu->addMenu(tr("Recent"));
    connect(recentMenu_, &QMenu::aboutToShow, this, [this] {
        recentMenu_->clear();
        for (const QString& path : recent())
            recentMenu_
                ->addAction(QFileInfo(path).completeBaseName(), this,
                            [this, path] { leaving([this, path] { openCard(path); }); })
                ->setToolTip(path);
        recentMenu_->setToolTipsVisible(true);
    });
    action(menu, tr("Start page"), {}, [this] { leaving([this] { showStart(); }); });
    menu->addSeparator();
    action(menu, tr("Save"), QKeySequence::Save, [this] { save(); });
    action(menu, tr("Save as…"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_S), [this] { saveAs(); });
    action(menu, tr("Keep as a starting card"), {}, [this] {
        const QString problem = keepStartingCard(editor_.card(), editor_.title());
        notice_->say(problem.isEmpty() ? tr("“%1” is on the start page now.").arg(editor_.title()) : problem,
                     problem.isEmpty() ? NoticeBar::Tone::plain : NoticeBar::Tone::problem);
    });
    auto* takes = action(menu, tr("Take typefaces and the part along in the card"), {}, [this] {
        editor_.setTravels(!editor_.card().travels);
        tellTaken();
    });
    takes->setCheckable(true);
    connect(menu, &QMenu::aboutToShow, this, [this, takes] { takes->setChecked(editor_.card().travels); });
    action(menu, tr("Write files"), QKeySequence(Qt::CTRL | Qt::Key_E), [this] { write_->click(); });
    action(menu, tr("Print at true size…"), QKeySequence::Print, [this] { print(); });
    menu->addSeparator();
    action(menu, tr("Cut inscriptions"), QKeySequence::Cut, [this] { copy(true); });
    action(menu, tr("Copy inscriptions"), QKeySequence::Copy, [this] { copy(false); });
    action(menu, tr("Paste"), QKeySequence::Paste, [this] { paste(); });
    menu->addSeparator();
    action(menu, tr("Light or dark look"), {}, [this] {
        using drawing::Look;
        const bool contrast =
            drawing::currentLook() == Look::contrastLight || drawing::currentLook() == Look::contrastDark;
        Preferences now = preferences();
        now.look = drawing::isDark(drawing::currentLook()) ? contrast ? Look::contrastLight : Look::light
                   : contrast                              ? Look::contrastDark
                                                           : Look::dark;
        keepPreferences(now);
        setLook(*now.look);
    });
    action(menu, tr("Preferences"), QKeySequence(Qt::CTRL | Qt::Key_Comma), [this] { showPreferences(); });
    action(menu, tr("First steps"), {}, [this] { leaving([this] { firstSteps_->start(); }); });
    action(menu, tr("Help"), QKeySequence::HelpContents, [this] { showHelp(); });
    menu->addSeparator();
    action(menu, tr("Quit"), QKeySequence::Quit, [this] { close(); });

    action(nullptr, tr("Undo"), QKeySequence::Undo, [this] { editor_.history().undo(); });
    auto* redo = action(nullptr, tr("Redo"), QKeySequence::Redo, [this] { editor_.history().redo(); });
    redo->setShortcuts({QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Z), QKeySequence(Qt::CTRL | Qt::Key_Y)});
    action(nullptr, tr("Flat"), QKeySequence(Qt::CTRL | Qt::Key_1), [this] { showView(flat); });
    action(nullptr, tr("Body"), QKeySequence(Qt::CTRL | Qt::Key_2), [this] { showView(body); });
    action(nullptr, tr("Proof"), QKeySequence(Qt::CTRL | Qt::Key_3), [this] { showView(proof); });
    action(nullptr, tr("Rows"), QKeySequence(Qt::CTRL | Qt::Key_4), [this] { showView(series); });
    action(nullptr, tr("Next finding"), QKeySequence(Qt::Key_F8), [this] {
        if (openFindings_->isVisible() && !drawer_->holds(findings_))
            openFindings();
        findings_->next();
    });
    action(nullptr, tr("Mend the finding"), QKeySequence(Qt::CTRL | Qt::Key_Period),
           [this] { findings_->mendFirst(); });
    action(nullptr, tr("Write on the board"), QKeySequence(Qt::Key_F2), [this] {
        if (view_ != flat && view_ != both)
            showView(flat);
        flatView_->startWriting();
    });
    for (int i = 0; i < RouteCard::count; ++i)
        action(nullptr, tr("Station %1").arg(i + 1), QKeySequence(Qt::ALT | Qt::Key(Qt::Key_1 + i)),
               [this, i] {
                   routeCard_->open(i);
                   routeCard_->station(i).focusBody();
               });
}

void MainWindow::showView(View view) {
    if (view == both && width() < wideEnoughForBoth)
        view = flat;
    view_ = view;
    viewChoice_->choose(view);
    flatView_->setVisible(view == flat || view == both);
    bodyView_->setVisible(view == body || view == both);
    const card::Card& card = editor_.card();
    const bool prints = card.operations.empty() && card::layersOf(card.process).has_value();
    proofView_->setVisible(view == proof && !prints);
    layersView_->setVisible(view == proof && prints);
    seriesView_->setVisible(view == series);
    gauge_->setVisible(view != proof && view != series); // which have strips of their own
    placeFindings();
}

/// Beside the board while there is room; where text is large, behind a button that tells the verdict.
void MainWindow::placeFindings() {
    const bool beside = width() >= drawing::scaled(wideEnoughForFindings);
    openFindings_->setVisible(!beside);
    if (drawer_->holds(findings_)) {
        if (beside)
            drawer_->shut();
        return;
    }
    if (findings_->parentWidget() != work_) // the drawer had it
        columns_->addWidget(findings_);
    findings_->setBeside(true);
    findings_->setVisible(beside && ((drawerTakes_ == 0 && view_ != series) || width() >= wideEnoughForBoth));
}

void MainWindow::openFindings() {
    findings_->setBeside(false);
    columns_->removeWidget(findings_);
    drawer_->open(tr("Findings"), findings_);
    findings_->setFocus();
}

void MainWindow::resizeEvent(QResizeEvent* event) {
    QMainWindow::resizeEvent(event);
    const bool wide = width() >= wideEnoughForBoth;
    viewChoice_->button(both)->setVisible(wide);
    placeFindings();
    if (!wide && view_ == both)
        showView(flat);
}

bool MainWindow::isSending() const {
    return sending_ && sending_->running();
}

SendPanel& MainWindow::sendPanel() {
    if (!sending_) {
        sending_ = new SendPanel(editor_, maker_, work_);
        explain(sending_, QStringLiteral("sending"));
        connect(sending_, &SendPanel::moved, &proofView_->canvas(), &ProofCanvas::setTool);
    }
    return *sending_;
}

/// Putting the drawer away does not stop what is sent.
void MainWindow::openSending() {
    sendPanel().refresh();
    drawer_->open(tr("Send to the machine"), sending_, {});
    if (view_ != proof)
        showView(proof);
}

bool MainWindow::showsStart() const {
    return pages_->currentWidget() == startPage_;
}

void MainWindow::showStart() {
    recovery_.giveUp();
    editor_.start({}, {});
    startPage_->setLeftOvers(recovery_.leftOvers());
    startPage_->setRecent(recent());
    pages_->setCurrentWidget(startPage_);
    refreshBar();
}

void MainWindow::refreshBar() {
    const bool working = !showsStart();
    cardName_->setText(working ? editor_.title() : QStringLiteral("Bollard"));
    cardName_->setToolTip(cardName_->text());
    editedMark_->setText(working && editor_.edited() ? tr("· edited") : QString());
    setWindowTitle(working ? tr("%1[*] – Bollard").arg(editor_.title()) : QStringLiteral("Bollard[*]"));
    setWindowModified(working && editor_.edited());
    undo_->setEnabled(editor_.history().canUndo());
    redo_->setEnabled(editor_.history().canRedo());
    undo_->setToolTip(editor_.history().canUndo() ? tr("Undo: %1").arg(editor_.history().undoText())
                                                  : tr("Undo"));
    redo_->setToolTip(editor_.history().canRedo() ? tr("Redo: %1").arg(editor_.history().redoText())
                                                  : tr("Redo"));
    const auto at = std::ranges::find(unitsOffered, editor_.card().unit);
    unit_->setCurrentIndex(at == unitsOffered.end() ? -1 : int(at - unitsOffered.begin()));
    for (QWidget* widget : std::initializer_list<QWidget*>{viewChoice_, undo_, redo_, unit_, write_})
        widget->setVisible(working);
}

void MainWindow::newCard() {
    recovery_.giveUp();
    editor_.start(cardThatBegins(beginning(), tr("QUAY 7").toStdString()), {});
    pages_->setCurrentWidget(work_);
    refreshBar();
}

bool MainWindow::readCard(const QString& path) {
    const auto opened = editor_.open(path);
    if (!opened) {
        notice_->say(tr("%1: %2").arg(QFileInfo(path).fileName(), wording::sentenceOf(opened.problem())),
                     NoticeBar::Tone::problem);
        return false;
    }
    recovery_.giveUp();
    notice_->dismiss();
    if (editor_.openElsewhere())
        notice_->say(tr("“%1” is open in another window too. What is saved last stays.")
                         .arg(QFileInfo(path).fileName()),
                     NoticeBar::Tone::plain);
    pages_->setCurrentWidget(work_);
    refreshBar();
    return true;
}

void MainWindow::openCard(const QString& path) {
    if (readCard(path))
        noteRecent(editor_.path());
}

void MainWindow::openSample(const QString& path) {
    if (!readCard(path))
        return;
    card::Card sample = editor_.card();
    std::string& part = sample.blank.part.file;
    part = card::partPathFrom(part, editor_.folder().toStdString(), {});
    editor_.start(std::move(sample), {}, QFileInfo(path).completeBaseName());
}

QStringList MainWindow::recent() const {
    QStringList there;
    for (const QString& path : QSettings().value(recentCards).toStringList())
        if (QFileInfo::exists(path))
            there << path;
    return there;
}

void MainWindow::noteRecent(const QString& path) {
    QStringList list = recent();
    list.removeAll(path);
    list.prepend(path);
    QSettings().setValue(recentCards, QStringList(list.mid(0, mostRecent)));
    QThreadPool::globalInstance()->start(
        [path] { (void)noteForDesktop(path, QStringLiteral("application/x-bollard-card")); });
}

void MainWindow::askForCard() {
    const QString path =
        QFileDialog::getOpenFileName(this, tr("Open a card"), editor_.folder(), tr("Cards (*.bollard)"));
    if (!path.isEmpty())
        openCard(path);
}

void MainWindow::save(const std::function<void()>& afterwards) {
    if (editor_.path().isEmpty())
        return saveAs(afterwards);
    const QString name = QFileInfo(editor_.path()).fileName();
    const auto otherName =
        NoticeBar::Answer{tr("Save under another name"), [this, afterwards] { saveAs(afterwards); }};
    const auto over = NoticeBar::Answer{tr("Save over it"), [this, afterwards] {
                                            saveTo(editor_.path(), files::IfThere::replace, afterwards);
                                        }};
    if (editor_.changedOnDisk())
        return notice_->say(tr("“%1” was changed by someone else since it was opened here.").arg(name),
                            NoticeBar::Tone::problem,
                            {otherName,
                             {tr("Open what is there"),
                              [this, path = editor_.path()] { leaving([this, path] { openCard(path); }); }},
                             over});
    if (editor_.openElsewhere())
        return notice_->say(tr("“%1” is open in another window too.").arg(name), NoticeBar::Tone::problem,
                            {otherName, over});
    saveTo(editor_.path(), files::IfThere::replace, afterwards);
}

void MainWindow::saveAs(const std::function<void()>& afterwards) {
    const QString proposed =
        editor_.path().isEmpty() ? editor_.title() + QStringLiteral(".bollard") : editor_.path();
    const QString path =
        QFileDialog::getSaveFileName(this, tr("Save the card as"), proposed, tr("Cards (*.bollard)"));
    if (!path.isEmpty())
        saveTo(path, files::IfThere::replace, afterwards);
}

void MainWindow::saveTo(const QString& path, files::IfThere ifThere,
                        const std::function<void()>& afterwards) {
    const auto written = editor_.saveAs(path, ifThere);
    if (!written) {
        std::vector<NoticeBar::Answer> answers;
        if (written.problem().kind == quantity::ProblemKind::fileReadOnly)
            answers = {{tr("Save under another name"), [this, afterwards] { saveAs(afterwards); }},
                       {tr("Replace it all the same"), [this, path, afterwards] {
                            saveTo(path, files::IfThere::replaceReadOnly, afterwards);
                        }}};
        return notice_->say(wording::sentenceOf(written.problem()), NoticeBar::Tone::problem, answers);
    }
    noteRecent(editor_.path());
    if (!editor_.leftBehind().empty())
        tellTaken();
    if (afterwards)
        afterwards();
}

void MainWindow::tellTaken() {
    const card::Card& card = editor_.card();
    QStringList sentences;
    double bytes = 0;
    for (const type::CarriedTypeface& taken : card.typefaces)
        bytes += double(taken.bytes->size());
    if (!card.travels)
        sentences << tr("The card carries nothing along again.");
    else if (card.typefaces.empty())
        sentences << tr("The card takes no typeface along: those that come with Bollard are everywhere.");
    else
        sentences << tr("The card takes %n typeface(s) along, %1.", nullptr, int(card.typefaces.size()))
                         .arg(QLocale().formattedDataSize(qint64(bytes)));
    if (const auto size = card.blank.part.carried->size(); card.travels && size > 0)
        sentences << tr("The part's file comes along, %1.").arg(QLocale().formattedDataSize(qint64(size)));
    for (const quantity::Problem& left : editor_.leftBehind())
        sentences << wording::sentenceOf(left);
    notice_->say(sentences.join(QLatin1Char(' ')),
                 editor_.leftBehind().empty() ? NoticeBar::Tone::plain : NoticeBar::Tone::problem);
}

void MainWindow::leaving(const std::function<void()>& act) {
    if (!editor_.edited() || showsStart())
        return act();
    notice_->say(tr("“%1” has changes that are not saved.").arg(editor_.title()), NoticeBar::Tone::plain,
                 {{tr("Save them"), [this, act] { save(act); }},
                  {tr("Drop them"),
                   [this, act] {
                       recovery_.giveUp();
                       act();
                   }},
                  {tr("Stay here"), {}}});
}

void MainWindow::closeEvent(QCloseEvent* event) {
    if (closing_ || !editor_.edited() || showsStart()) {
        noteLast();
        recovery_.giveUp();
        return event->accept();
    }
    event->ignore();
    leaving([this] {
        closing_ = true;
        close();
    });
}

void MainWindow::setLook(drawing::Look look) {
    applyLook(*qApp, look);
    for (QPushButton* button : findChildren<QPushButton*>())
        if (const QString name = button->property("iconName").toString(); !name.isEmpty())
            button->setIcon(icon(name));
    if (maker_.catalogue())
        startPage_->setCatalogue(maker_.catalogue());
    maker_.make(editor_.card(), editor_.folder());
    emit maker_.stageDone();
}

HelpPanel& MainWindow::help() {
    if (!help_)
        help_ = new HelpPanel(
            HelpBook(drawing::shareFolder() + QStringLiteral("/help"), wording::currentLanguage()), drawer_);
    return *help_;
}

void MainWindow::showHelp(const QStringList& topics) {
    const QStringList asked = topics.isEmpty() ? topicsOf(focusWidget()) : topics;
    if (topics.isEmpty() && drawer_->holds(&help()))
        return drawer_->shut();
    help().showTopic(asked);
    drawer_->open(tr("Help"), help_);
    help_->setFocus();
}

void MainWindow::showPreferences() {
    if (!preferences_) {
        preferences_ = new PreferencesPanel(session_.shop, drawer_);
        connect(preferences_, &PreferencesPanel::changed, this, &MainWindow::preferencesChanged);
        connect(preferences_, &PreferencesPanel::changed, routeCard_, &RouteCard::refreshBodies);
        connect(preferences_, &PreferencesPanel::beginningChanged, startPage_, &StartPage::showBeginning);
        connect(preferences_, &PreferencesPanel::told, this,
                [this](const QString& problem) { notice_->say(problem, NoticeBar::Tone::problem); });
    }
    if (drawer_->holds(preferences_))
        return drawer_->shut();
    preferences_->refresh();
    drawer_->open(tr("Preferences"), preferences_);
    preferences_->setFocus();
}

MainWindow::State MainWindow::state() const {
    return {view_, routeCard_->openStation(), saveGeometry(), preferences_ && drawer_->holds(preferences_)};
}

void MainWindow::restore(const State& state) {
    restoreGeometry(state.geometry);
    showView(state.view);
    if (state.station >= 0 && state.station < RouteCard::count)
        routeCard_->open(state.station);
    if (state.preferences)
        showPreferences();
}

void MainWindow::noteLast() {
    QSettings settings;
    settings.setValue(lastCard, showsStart() ? QString() : editor_.path());
    settings.setValue(lastView, int(view_));
    settings.setValue(lastStation, routeCard_->openStation());
    settings.setValue(lastGeometry, saveGeometry());
}

void MainWindow::reopenLast() {
    const QSettings settings;
    restoreGeometry(settings.value(lastGeometry).toByteArray());
    const QString path = settings.value(lastCard).toString();
    if (path.isEmpty() || !QFileInfo::exists(path))
        return;
    openCard(path);
    if (!showsStart())
        restore({static_cast<View>(std::clamp(settings.value(lastView).toInt(), 0, int(both))),
                 settings.value(lastStation).toInt(),
                 {},
                 false});
}

/// A card that has a file, and that nobody else has changed or opened; else it waits for the person.
void MainWindow::saveByItself() {
    if (preferences().autosave == 0 || showsStart() || editor_.path().isEmpty() || !editor_.edited() ||
        editor_.changedOnDisk() || editor_.openElsewhere())
        return;
    saveTo(editor_.path(), files::IfThere::replace, {});
}

bool MainWindow::focusNextPrevChild(bool next) {
    const QList<QWidget*> order = inReadingOrder(*this);
    if (order.isEmpty())
        return false;
    const qsizetype at = order.indexOf(focusWidget());
    const qsizetype to =
        at < 0 ? (next ? 0 : order.size() - 1) : (at + (next ? 1 : order.size() - 1)) % order.size();
    order[to]->setFocus(next ? Qt::TabFocusReason : Qt::BacktabFocusReason);
    return true;
}

/// Held, B shows the card as it was before the last mend.
void MainWindow::keyPressEvent(QKeyEvent* event) {
    if (event->key() != Qt::Key_B || event->modifiers() != Qt::NoModifier || !editor_.beforeMend())
        return QMainWindow::keyPressEvent(event);
    if (event->isAutoRepeat() || showsBefore_)
        return;
    showsBefore_ = true;
    maker_.make(*editor_.beforeMend(), editor_.folder());
    notice_->say(tr("As it was before the last mend, while B is held."), NoticeBar::Tone::plain);
}

void MainWindow::keyReleaseEvent(QKeyEvent* event) {
    if (event->key() != Qt::Key_B || event->isAutoRepeat() || !showsBefore_)
        return QMainWindow::keyReleaseEvent(event);
    showAfterMend();
}

void MainWindow::changeEvent(QEvent* event) {
    if (event->type() == QEvent::ActivationChange && !isActiveWindow() && showsBefore_)
        showAfterMend(); // the key is let go elsewhere
    QMainWindow::changeEvent(event);
}

void MainWindow::showAfterMend() {
    showsBefore_ = false;
    maker_.make(editor_.card(), editor_.folder());
    notice_->dismiss();
}

bool MainWindow::eventFilter(QObject* watched, QEvent* event) {
    // Text fields would keep undo and redo for themselves; the card's history has them all.
    if (event->type() == QEvent::ShortcutOverride) {
        auto* key = static_cast<QKeyEvent*>(event);
        if (key->matches(QKeySequence::Undo) || key->matches(QKeySequence::Redo)) {
            event->ignore();
            return true;
        }
    }
    return QMainWindow::eventFilter(watched, event);
}

} // namespace bollard::app
