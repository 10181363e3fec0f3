#include "app/tour.hpp"
#include "app/board/overlay_choice.hpp"
#include "app/card/typeface_list.hpp"
#include "app/controls/drawer.hpp"
#include "app/desk.hpp"
#include "app/findings/plan_panel.hpp"
#include "app/proof/layers_view.hpp"
#include "app/proof/proof_view.hpp"
#include "app/sending/send_panel.hpp"
#include "app/series/series_view.hpp"
#include "card/card_json.hpp"
#include "drawing/job_sheet.hpp"
#include <QApplication>
#include <QComboBox>
#include <QDir>
#include <QElapsedTimer>
#include <QFileInfo>
#include <QListView>
#include <QProcess>
#include <QSlider>
#include <QTemporaryDir>
#include <QToolButton>

namespace bollard::app {
namespace {

constexpr int patience = 300000; // ms; only what hangs takes so long

template<class Ready> bool waitFor(Ready ready) {
    QElapsedTimer clock;
    clock.start();
    while (!ready() && clock.elapsed() < patience)
        QApplication::processEvents(QEventLoop::AllEvents, 20);
    return ready();
}

void rest(int milliseconds) {
    QElapsedTimer clock;
    clock.start();
    waitFor([&] { return clock.elapsed() >= milliseconds; });
}

QString sample(const char* name) {
    return drawing::shareFolder() + QStringLiteral("/samples/%1.bollard").arg(QLatin1String(name));
}

} // namespace

bool settle(MainWindow& window) {
    const bool made = waitFor([&] { return window.maker().catalogue() && !window.maker().busy(); });
    const bool drawn =
        !window.bodyView().isVisible() || waitFor([&] { return window.bodyView().canvas().sharp(); });
    // Each layout tells the one it lies in by an event of its own.
    constexpr int layoutsInEachOther = 6;
    for (int i = 0; i < layoutsInEachOther; ++i)
        QApplication::processEvents();
    return made && drawn;
}

namespace {

void openTypefaces(MainWindow& window) {
    LetteringStation& lettering = window.routeCard().letteringBody();
    lettering.openTypefaces();
    rest(300);
    waitFor([&] { return !lettering.typefaces().model().looking(); });
    rest(500);
}

/// With the stand-in as the machine, in the middle of a program.
void whileSending(MainWindow& window, const std::function<void()>& act) {
    const QTemporaryDir folder;
    const QString terminal = folder.filePath(QStringLiteral("machine"));
    QProcess standin;
    standin.start(QCoreApplication::applicationDirPath() + QStringLiteral("/bollard-standin"),
                  {QStringLiteral("--pty"), terminal, QStringLiteral("--fault"), QStringLiteral("slow")});
    waitFor([&] { return QFileInfo(terminal).isSymLink() || standin.state() == QProcess::NotRunning; });
    window.openSample(sample("valve-scribed"));
    window.routeCard().open(RouteCard::output);
    settle(window);
    window.openSending();
    waitFor([&] { return window.proofView().isCurrent(); });
    SendPanel& panel = window.sendPanel();
    panel.device().setEditText(terminal);
    panel.start();
    QElapsedTimer clock;
    clock.start();
    constexpr int most = 15000;
    waitFor([&] { return panel.confirmed() > 300 || clock.elapsed() > most; });
    panel.device().setEditText(QStringLiteral("/dev/ttyUSB0")); // a name that is not of the moment
    act();
    panel.stop();
    waitFor([&] { return !panel.running(); });
    standin.terminate();
    standin.waitForFinished();
}

/// A page, as a picture.
bool saveJobSheet(const card::Made& made, const QString& path) {
    drawing::JobSheet sheet;
    sheet.made = made;
    sheet.card = "valve-scribed";
    sheet.fileName = "valve-scribed.bollard";
    sheet.digest = drawing::sha256Of(card::jsonOf(*made.card));
    sheet.files.emplace_back(sheet.fileName, sheet.digest);
    const auto page = drawing::jobSheetPng(sheet);
    QImage image;
    if (!page || !image.loadFromData(QByteArray::fromStdString(*page)))
        return false;
    constexpr int height = 1100;
    return image.scaledToHeight(height, Qt::SmoothTransformation).save(path);
}

} // namespace

int takePictures(Desk& desk, const QString& folder) {
    MainWindow& window = desk.window();
    const QString ofHelp = folder + QStringLiteral("/help");
    QDir().mkpath(ofHelp);
    int saved = 0;
    const auto part = [&](QWidget& shown, const char* name) {
        constexpr int widest = 390; // what the drawer holds
        settle(window);
        QPixmap picture = shown.grab();
        if (picture.width() > widest)
            picture = picture.scaledToWidth(widest, Qt::SmoothTransformation);
        picture.save(QStringLiteral("%1/%2.png").arg(ofHelp, QLatin1String(name)));
    };
    const auto picture = [&](const char* name) {
        settle(window);
        rest(60);
        saved += window.grab().save(QStringLiteral("%1/%2.png").arg(folder, QLatin1String(name))) ? 1 : 0;
    };
    window.setLook(drawing::Look::light);
    settle(window);
    const QList<QToolButton*> samples = window.findChildren<QToolButton*>();
    waitFor([&] {
        return std::ranges::none_of(samples, [](QToolButton* s) {
            return s->accessibleName().startsWith(QStringLiteral("Sample: ")) && s->icon().isNull();
        });
    });
    picture("start");
    window.openSample(sample("berth-14"));
    window.showView(MainWindow::flat);
    picture("flat");
    part(window.routeCard(), "route-card");
    part(window.gauge(), "gauge");
    openTypefaces(window);
    picture("typefaces");
    window.drawer().shut();
    window.openSample(sample("berth-9"));
    window.routeCard().open(RouteCard::working);
    window.showView(MainWindow::body);
    picture("body");
    window.openSample(sample("valve-tag"));
    window.showView(MainWindow::flat);
    window.routeCard().open(RouteCard::placing);
    settle(window);
    window.findings().next();
    picture("findings");
    part(window.findings(), "findings");
    window.findings().setFocus();
    emit window.findings().helpWanted({QStringLiteral("strokeNarrow")});
    picture("help");
    window.drawer().shut();
    window.setLook(drawing::Look::dark);
    window.flatView().fit();
    window.routeCard().open(RouteCard::process);
    window.flatView().overlays().choose(drawing::Overlay::pieces);
    picture("pieces-dark");
    window.flatView().overlays().choose(drawing::Overlay::none);
    window.openSample(sample("horn-cleat"));
    window.showView(MainWindow::body);
    window.routeCard().open(RouteCard::working);
    window.bodyView().canvas().stand(-30, 50);
    window.openSample(sample("tidewater"));
    window.setLook(drawing::Look::light);
    window.routeCard().open(RouteCard::lettering);
    window.openSample(sample("crew-tags"));
    window.routeCard().open(RouteCard::output);
    window.showView(MainWindow::series);
    waitFor([&] { return window.seriesView().rowMaker().complete(); });
    window.seriesView().grid().setCurrentIndex(window.seriesView().model().indexOf(5));
    picture("rows");
    window.setLook(drawing::Look::dark);
    rest(100);
    waitFor([&] { return window.seriesView().rowMaker().complete(); });
    window.seriesView().showSheets(true);
    waitFor([&] { return window.seriesView().nest() != nullptr; });
    picture("sheets-dark");
    window.seriesView().showSheets(false);
    window.setLook(drawing::Look::light);
    whileSending(window, [&] { picture("sending"); });
    saved += saveJobSheet(window.maker().shown().made, folder + QStringLiteral("/job-sheet.png")) ? 1 : 0;
    window.drawer().shut();
    window.showView(MainWindow::flat);
    window.openSample(sample("valve-tag"));
    window.editor().edit({}, {}, [](card::Card& card) { card.process.kind = process::Laser{}; });
    settle(window);
    emit window.findings().planWanted();
    auto* plan = window.findChild<PlanPanel*>();
    waitFor([&] { return plan->plan().has_value(); });
    picture("mend-all");
    window.drawer().shut();
    window.openSample(sample("osprey-transom"));
    window.routeCard().open(RouteCard::process);
    window.showView(MainWindow::proof);
    settle(window);
    waitFor([&] { return window.proofView().isCurrent() && window.proofView().scrubber().maximum() > 9000; });
    window.proofView().scrubber().setValue(window.proofView().scrubber().maximum() / 3);
    rest(4000); // until the stock after so many moves is there
    picture("proof");
    part(window.proofView(), "proof");
    window.openSample(sample("float-seal"));
    window.routeCard().open(RouteCard::process);
    settle(window);
    waitFor([&] { return window.proofView().isCurrent() && window.proofView().scrubber().maximum() > 1000; });
    window.proofView().scrubber().setValue(2 * window.proofView().scrubber().maximum() / 3);
    rest(3000);
    picture("proof-turning");
    window.showView(MainWindow::flat);
    window.drawer().shut();
    window.openSample(sample("horn-cleat"));
    window.routeCard().open(RouteCard::blank);
    window.showView(MainWindow::body);
    window.bodyView().canvas().stand(30, 40);
    picture("part");
    window.resize(1600, 900);
    window.showView(MainWindow::both);
    window.openSample(sample("net-float"));
    window.editor().select(0);
    window.setLook(drawing::Look::dark);
    picture("turned-dark");
    window.setLook(drawing::Look::light);
    window.resize(1280, 800);
    window.drawer().shut();
    window.openSample(sample("buoy-tag"));
    window.routeCard().open(RouteCard::process);
    window.setLook(drawing::Look::dark);
    window.showView(MainWindow::proof);
    settle(window);
    waitFor([&] { return window.layersView().proof() != nullptr; });
    window.layersView().scrubber().setValue(2);
    picture("layers-dark");
    window.setLook(drawing::Look::contrastDark);
    window.openSample(sample("berth-14"));
    window.showView(MainWindow::flat);
    window.showPreferences();
    picture("preferences-contrast");
    window.drawer().shut();
    Preferences large = preferences();
    large.textSize = 200;
    large.look = drawing::Look::light;
    keepPreferences(large);
    desk.usePreferences(); // another window takes the place of this one
    settle(desk.window());
    rest(100);
    saved += desk.window().grab().save(folder + QStringLiteral("/large-text.png")) ? 1 : 0;
    return saved;
}

} // namespace bollard::app
