// A shown window with settings and unsaved work of its own, and the ways a person works it.
#pragma once
#include "app/controls/looks.hpp"
#include "app/controls/number_field.hpp"
#include "app/main_window.hpp"
#include "app/tour.hpp"
#include "wording/plurals.hpp"
#include <QInputMethodEvent>
#include <QPushButton>
#include <QSettings>
#include <QTemporaryDir>
#include <QtTest>

namespace bollard::app {

class WindowFixture {
  public:
    WindowFixture() {
        qputenv("XDG_DATA_HOME", folder.path().toUtf8());
        QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, folder.path());
        QSettings::setPath(QSettings::IniFormat, QSettings::UserScope, folder.path());
        wording::usePlurals();
        QCoreApplication::setOrganizationName("BollardTest");
        QCoreApplication::setApplicationName(QString("test-%1").arg(QCoreApplication::applicationPid()));
        drawing::useInterfaceFont(QStringLiteral(BOLLARD_SOURCE "/fonts"));
        applyLook(*qApp, drawing::Look::light);
        session = std::make_unique<Session>(folder.filePath("unsaved"));
        window = std::make_unique<MainWindow>(*session);
        window->show();
        activate();
    }
    void activate() {
        (void)QTest::qWaitForWindowExposed(window.get());
        window->activateWindow();
        (void)QTest::qWaitForWindowActive(window.get());
    }
    void openSample(const char* name) {
        window->openSample(QStringLiteral(BOLLARD_SOURCE "/samples/%1.bollard").arg(QLatin1String(name)));
        settle(*window);
    }
    const card::Inscription& inscription() const { return *window->editor().inscription(); }
    QString path(const char* name) const { return folder.filePath(QLatin1String(name)); }
    /// What an input method or a keyboard layout of any language sends.
    static void commit(QWidget* into, const QString& text) {
        QInputMethodEvent event;
        event.setCommitString(text);
        QApplication::sendEvent(into, &event);
    }
    static void typeInto(NumberField& field, const QString& text) {
        field.setFocus();
        field.selectAll();
        QTest::keyClicks(&field, text);
        QTest::keyClick(&field, Qt::Key_Return);
    }
    QPushButton* button(const QString& text) const {
        for (auto* found : window->findChildren<QPushButton*>())
            if (found->text() == text && found->isVisible())
                return found;
        return nullptr;
    }

    QTemporaryDir folder;
    std::unique_ptr<Session> session;
    std::unique_ptr<MainWindow> window; ///< goes first
};

} // namespace bollard::app
