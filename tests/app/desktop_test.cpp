// With the desktop: later starts, recent files, its looks, the card of last time, preferences.
#include "app/controls/drawer.hpp"
#include "app/desk.hpp"
#include "app/desktop/recent_list.hpp"
#include "app/preferences/preferences_panel.hpp"
#include "app/session/beginning.hpp"
#include "app/session/kept_processes.hpp"
#include "card/card_json.hpp"
#include "window_fixture.hpp"
#include "wording/language.hpp"
#include <QComboBox>
#include <QDBusConnection>
#include <QDBusMessage>
#include <QDBusVariant>
#include <QDragEnterEvent>
#include <QLocalSocket>
#include <QMimeData>
#include <QProcess>
#include <QStandardPaths>

using namespace bollard;
using namespace bollard::app;

namespace {

QString sample(const char* name) {
    return QStringLiteral(BOLLARD_SOURCE "/samples/%1.bollard").arg(QLatin1String(name));
}

/// A desktop's settings, as its portal answers.
class Portal : public QObject {
    Q_OBJECT
    Q_CLASSINFO("D-Bus Interface", "org.freedesktop.portal.Settings")
  public:
    uint scheme = 0, contrast = 0;
    double text = 1;

  public slots:
    QDBusVariant Read(const QString& group, const QString& key) {
        Q_UNUSED(group);
        const QVariant value = key == "color-scheme" ? QVariant(scheme)
                               : key == "contrast"   ? QVariant(contrast)
                                                     : QVariant(text);
        return QDBusVariant(QVariant::fromValue(QDBusVariant(value)));
    }
  signals:
    void SettingChanged(const QString& group, const QString& key, const QDBusVariant& value);
};

/// Where settings, data and sockets of a person's own lie for one test.
class Home {
  public:
    Home() {
        for (const char* name : {"XDG_DATA_HOME", "XDG_CONFIG_HOME", "XDG_RUNTIME_DIR"})
            qputenv(name, folder.path().toUtf8());
        QFile::setPermissions(folder.path(), QFile::ReadOwner | QFile::WriteOwner | QFile::ExeOwner);
        QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, folder.path());
        QCoreApplication::setOrganizationName("Bollard");
        QCoreApplication::setApplicationName("bollard");
    }
    QString copyOf(const char* name) const {
        const QString path = folder.filePath(QStringLiteral("%1.bollard").arg(QLatin1String(name)));
        QFile::copy(sample(name), path);
        QFile::setPermissions(path, QFile::ReadOwner | QFile::WriteOwner);
        return path;
    }
    QTemporaryDir folder;
};

} // namespace

class DesktopTest : public QObject {
    Q_OBJECT

  private slots:
    void initTestCase() {
        bus_.start("dbus-daemon", {"--session", "--nofork", "--print-address"});
        QVERIFY(bus_.waitForStarted());
        QVERIFY(bus_.waitForReadyRead(10000));
        qputenv("DBUS_SESSION_BUS_ADDRESS", bus_.readLine().trimmed());
    }
    void cleanupTestCase() {
        bus_.terminate();
        bus_.waitForFinished();
    }
    void init() { home_ = std::make_unique<Home>(); }
    void cleanup() {
        home_.reset();
        drawing::setTextScale(1);
        applyLook(*qApp, drawing::Look::light);
        QGuiApplication::setLayoutDirection(Qt::LeftToRight);
        wording::useLanguage(QLocale("en"), {});
    }

    void aSecondStartHandsItsCardToTheWindow() {
        Desk desk(home_->folder.filePath("unsaved"));
        desk.listen();
        desk.start({});
        QVERIFY(desk.window().showsStart());
        QProcess second;
        second.start(QStringLiteral(BOLLARD_BIN "/bollard"), {home_->copyOf("berth-9")});
        QTRY_VERIFY_WITH_TIMEOUT(!desk.window().showsStart(), 30000);
        QTRY_COMPARE_WITH_TIMEOUT(second.state(), QProcess::NotRunning, 30000);
        QCOMPARE(second.exitCode(), 0);
        QCOMPARE(desk.session().editor.title(), QString("berth-9"));
        // With changes in the way it is asked, and nothing is lost.
        desk.session().editor.edit("x", {}, [](card::Card& card) { card.blank.width = 77; });
        QProcess third;
        third.start(QStringLiteral(BOLLARD_BIN "/bollard"), {home_->copyOf("oak-name")});
        QTRY_VERIFY_WITH_TIMEOUT(desk.window().notice().isVisible(), 30000);
        QTRY_COMPARE_WITH_TIMEOUT(third.state(), QProcess::NotRunning, 30000);
        QCOMPARE(desk.session().editor.title(), QString("berth-9"));
        QCOMPARE(desk.session().editor.card().blank.width, 77.0);
    }

    void whatIsNoListOfPathsIsNotTaken() {
        FirstWindow first;
        QVERIFY(first.listen());
        QSignalSpy taken(&first, &FirstWindow::handedOver);
        QLocalSocket socket;
        socket.connectToServer(QString::fromUtf8(qgetenv("XDG_RUNTIME_DIR")) + "/bollard-window");
        QVERIFY(socket.waitForConnected());
        socket.write("{\"card\": 1}\n");
        QTRY_COMPARE(socket.state(), QLocalSocket::UnconnectedState);
        QCOMPARE(taken.count(), 0);
    }

    void whereNothingRunsAndAfterAKillTheSocketIsHadAgain() {
        QVERIFY(!FirstWindow::handOver({sample("berth-9")}));
        QFile left(QString::fromUtf8(qgetenv("XDG_RUNTIME_DIR")) + "/bollard-window");
        QVERIFY(left.open(QIODevice::WriteOnly));
        left.close();
        FirstWindow first;
        QVERIFY(first.listen());
    }

    void theCardOfLastTimeIsThereAgainAsItWasLookedAt() {
        const QString path = home_->copyOf("valve-tag");
        {
            Desk desk(home_->folder.filePath("unsaved"));
            desk.start({path});
            desk.window().showView(MainWindow::body);
            desk.window().routeCard().open(RouteCard::working);
            desk.window().close();
        }
        {
            Desk desk(home_->folder.filePath("unsaved"));
            desk.start({});
            QCOMPARE(desk.session().editor.path(), path);
            QCOMPARE(desk.window().view(), MainWindow::body);
            QCOMPARE(desk.window().routeCard().openStation(), int(RouteCard::working));
            desk.window().close();
        }
        Preferences other = preferences();
        other.openLast = false;
        keepPreferences(other);
        Desk desk(home_->folder.filePath("unsaved"));
        desk.start({});
        QVERIFY(desk.window().showsStart());
    }

    void aCardThatIsGoneLeavesTheStartPage() {
        const QString path = home_->copyOf("valve-tag");
        {
            Desk desk(home_->folder.filePath("unsaved"));
            desk.start({path});
            desk.window().close();
        }
        QVERIFY(QFile::remove(path));
        Desk desk(home_->folder.filePath("unsaved"));
        desk.start({});
        QVERIFY(desk.window().showsStart() && !desk.window().notice().isVisible());
    }

    void theDesktopsListOfRecentFilesKeepsWhatItHad() {
        QFile list(recentListFile());
        QVERIFY(list.open(QIODevice::WriteOnly));
        list.write("<?xml version=\"1.0\"?>\n<xbel version=\"1.0\"><bookmark href=\"file:///tide.odt\" "
                   "added=\"2026-01-01T00:00:00Z\"/></xbel>");
        list.close();
        const QString path = home_->copyOf("berth-9");
        for (int time = 0; time < 2; ++time)
            QVERIFY(noteForDesktop(path, "application/x-bollard-card"));
        QVERIFY(list.open(QIODevice::ReadOnly));
        const QString text = QString::fromUtf8(list.readAll());
        QVERIFY(text.contains("file:///tide.odt"));
        QCOMPARE(text.count(QUrl::fromLocalFile(path).toString()), 1);
        QVERIFY(text.contains("count=\"2\"") && text.contains("application/x-bollard-card"));
        list.close();
        QVERIFY(list.open(QIODevice::WriteOnly));
        list.write("no list at all");
        list.close();
        QVERIFY(!noteForDesktop(path, "application/x-bollard-card"));
        QVERIFY(list.open(QIODevice::ReadOnly));
        QCOMPARE(list.readAll(), QByteArray("no list at all"));
    }

    void openingACardTellsTheDesktop() {
        Desk desk(home_->folder.filePath("unsaved"));
        desk.start({home_->copyOf("berth-9")});
        const auto told = [] {
            QFile list(recentListFile());
            return list.open(QIODevice::ReadOnly) ? list.readAll() : QByteArray();
        };
        QTRY_VERIFY(told().contains("berth-9.bollard"));
        // A sample is a new card, and no file of the person's.
        desk.window().openSample(QStringLiteral(BOLLARD_SOURCE "/samples/berth-14.bollard"));
        QThreadPool::globalInstance()->waitForDone();
        QVERIFY(!told().contains("berth-14.bollard"));
        const QStringList own = QSettings().value("cards/recent").toStringList();
        QCOMPARE(own.size(), 1);
        QVERIFY(own.front().contains("berth-9.bollard"));
    }

    void looksAndTextFollowTheDesktopUnlessOneIsPreferred() {
        QDBusConnection bus =
            QDBusConnection::connectToBus(QString::fromUtf8(qgetenv("DBUS_SESSION_BUS_ADDRESS")), "portal");
        QVERIFY(bus.isConnected());
        Portal portal;
        portal.scheme = 1;
        QVERIFY(bus.registerObject("/org/freedesktop/portal/desktop", &portal,
                                   QDBusConnection::ExportAllSlots | QDBusConnection::ExportAllSignals));
        QVERIFY(bus.registerService("org.freedesktop.portal.Desktop"));
        Desk desk(home_->folder.filePath("unsaved"));
        desk.start({home_->copyOf("berth-9")});
        QTRY_COMPARE(drawing::currentLook(), drawing::Look::dark);
        const auto tell = [&](const char* group, const char* key, const QVariant& value) {
            emit portal.SettingChanged(group, key, QDBusVariant(value));
        };
        tell("org.freedesktop.appearance", "contrast", QVariant(1u));
        QTRY_COMPARE(drawing::currentLook(), drawing::Look::contrastDark);
        tell("org.freedesktop.appearance", "color-scheme", QVariant(0u));
        QTRY_COMPARE(drawing::currentLook(), drawing::Look::contrastLight);
        MainWindow* const before = &desk.window();
        desk.session().editor.edit("x", {}, [](card::Card& card) { card.blank.width = 77; });
        tell("org.gnome.desktop.interface", "text-scaling-factor", QVariant(1.5));
        QTRY_COMPARE(drawing::textScale(), 1.5);
        QVERIFY(&desk.window() != before || desk.window().fontMetrics().height() > 20);
        QCOMPARE(desk.session().editor.card().blank.width, 77.0); // the same card, with its history
        QVERIFY(desk.session().editor.history().canUndo());
        Preferences own = preferences();
        own.look = drawing::Look::light;
        own.textSize = 100;
        keepPreferences(own);
        desk.usePreferences();
        QCOMPARE(drawing::currentLook(), drawing::Look::light);
        QCOMPARE(drawing::textScale(), 1.0);
        tell("org.freedesktop.appearance", "contrast", QVariant(0u));
        QTest::qWait(50);
        QCOMPARE(drawing::currentLook(), drawing::Look::light);
        bus.unregisterService("org.freedesktop.portal.Desktop");
    }

    void preferencesTakeEffectAtOnce() {
        Desk desk(home_->folder.filePath("unsaved"));
        desk.start({home_->copyOf("berth-9")});
        desk.window().showPreferences();
        const auto choose = [&](const char* name, int option) {
            for (auto* box : desk.window().findChildren<QComboBox*>())
                if (box->isVisible() && box->accessibleName() == QLatin1String(name)) {
                    box->setCurrentIndex(option);
                    emit box->activated(option);
                    QApplication::processEvents();
                    return true;
                }
            return false;
        };
        QVERIFY(choose("Look", 2));
        QTRY_COMPARE(drawing::currentLook(), drawing::Look::dark);
        QVERIFY(choose("Unit of new cards", 2));
        QCOMPARE(beginning().unit, unitsOffered[2]);
        const int panel = desk.window().routeCard().width();
        QVERIFY(choose("Size of text", 5));
        QTRY_COMPARE(drawing::textScale(), 2.0);
        QTRY_VERIFY(desk.window().routeCard().width() > panel); // another window, with the drawer open
        QCOMPARE(desk.session().editor.title(), QString("berth-9"));
        QTRY_VERIFY(desk.window().findChild<PreferencesPanel*>() != nullptr);
        QVERIFY(choose("Saves a card", 1));
        QCOMPARE(preferences().autosave, 1);
    }

    void whatIsOnesOwnIsListedAndForgotten() {
        KeptShop shop;
        cut::Machine machine;
        machine.name = "Boatyard";
        QVERIFY(shop.keep(machine).isEmpty());
        cut::RackTool tool;
        tool.tool.name = "Long 2";
        QVERIFY(shop.keep(tool).isEmpty());
        process::Process process;
        process.name = "Slow resin";
        QVERIFY(keepProcess(process).isEmpty());
        PreferencesPanel panel(shop, nullptr);
        panel.show();
        const auto forget = [&](const char* name) {
            for (auto* button : panel.findChildren<QPushButton*>())
                if (button->accessibleName() == QLatin1String(name)) {
                    button->click();
                    QApplication::processEvents();
                    return true;
                }
            return false;
        };
        QVERIFY(forget("Forget Machine: Boatyard"));
        QVERIFY(shop.own().machines.empty() && shop.own().rack.size() == 1);
        QVERIFY(forget("Forget Tool: Long 2"));
        QVERIFY(forget("Forget Limits: Slow resin"));
        QVERIFY(shop.own().rack.empty() && keptProcesses().empty());
        const KeptShop again; // and not only here
        QVERIFY(again.own().machines.empty() && again.own().rack.empty());
    }

    void filesGoWhereTheyArePreferred() {
        Desk desk(home_->folder.filePath("unsaved"));
        desk.start({home_->copyOf("berth-9")});
        RouteCard& card = desk.window().routeCard();
        card.open(RouteCard::output);
        const auto told = [&] {
            card.refreshBodies();
            for (const auto* button : card.findChildren<QPushButton*>())
                if (button->accessibleName().startsWith("Folder: "))
                    return button->accessibleName().mid(8);
            return QString();
        };
        QCOMPARE(told(), home_->folder.path());
        QTemporaryDir other;
        Preferences own = preferences();
        own.filesFolder = other.path();
        keepPreferences(own);
        QCOMPARE(told(), other.path());
        own.filesFolder = other.path() + "/gone";
        keepPreferences(own);
        QCOMPARE(told(), home_->folder.path()); // where it is not there, beside the card
    }

    void preferencesThatCannotBeAreNotThere() {
        QSettings settings;
        settings.setValue("textSize", 900);
        settings.setValue("look", "tartan");
        settings.setValue("autosave", -4);
        const Preferences read = preferences();
        QCOMPARE(read.textSize, 0);
        QVERIFY(!read.look);
        QCOMPARE(read.autosave, 0);
    }

    void whatIsDroppedIsTakenByItsKind() {
        WindowFixture f;
        const auto drop = [&](const QStringList& paths) {
            QMimeData data;
            QList<QUrl> urls;
            for (const QString& path : paths)
                urls << QUrl::fromLocalFile(path);
            data.setUrls(urls);
            QDragEnterEvent enter(QPoint(10, 10), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
            QApplication::sendEvent(f.window.get(), &enter);
            QVERIFY(enter.isAccepted());
            QDropEvent event({10, 10}, Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
            QApplication::sendEvent(f.window.get(), &event);
        };
        QFile drawing(f.path("ring.svg"));
        QVERIFY(drawing.open(QIODevice::WriteOnly));
        drawing.write(
            "<svg xmlns='http://www.w3.org/2000/svg' width='20mm' height='20mm' viewBox='0 0 20 20'>"
            "<rect x='2' y='2' width='9' height='7'/></svg>");
        drawing.close();
        QVERIFY(f.window->showsStart());
        drop({f.path("ring.svg")}); // nothing is open: a new card takes it
        QVERIFY(!f.window->showsStart());
        QTRY_COMPARE(f.window->editor().card().inscriptions.size(), size_t(2));
        QFile table(f.path("names.csv"));
        QVERIFY(table.open(QIODevice::WriteOnly));
        table.write("name\nIda\nOle\n");
        table.close();
        drop({f.path("names.csv")});
        QCOMPARE(f.window->editor().card().rows->count(), 2);
        drop({QStringLiteral(BOLLARD_SOURCE "/fonts/allerta_stencil.otf")});
        QCOMPARE(f.inscription().typeface.file, std::string(BOLLARD_SOURCE "/fonts/allerta_stencil.otf"));
        while (f.window->editor().history().canUndo())
            f.window->editor().history().undo();
        drop({sample("berth-9")});
        QCOMPARE(f.window->editor().title(), QString("berth-9"));
    }

    void aCardIsSavedByItselfOnlyWhereNobodyElseChangedIt() {
        Preferences own = preferences();
        own.autosave = 1;
        keepPreferences(own);
        WindowFixture f;
        keepPreferences(own); // the fixture has settings of its own
        const QString path = f.path("quay.bollard");
        f.window->newCard();
        QVERIFY(f.window->editor().saveAs(path));
        f.window->editor().edit("x", {}, [](card::Card& card) { card.blank.width = 77; });
        QVERIFY(f.window->editor().edited());
        f.window->saveByItself();
        QVERIFY(!f.window->editor().edited());
        f.window->editor().edit("x", {}, [](card::Card& card) { card.blank.width = 78; });
        QFile other(path);
        QVERIFY(other.open(QIODevice::Append));
        other.write("\n\n");
        other.close();
        f.window->saveByItself();
        QVERIFY(f.window->editor().edited()); // it waits for the person
    }

  private:
    QProcess bus_;
    std::unique_ptr<Home> home_;
};

QTEST_MAIN(DesktopTest)
#include "desktop_test.moc"
