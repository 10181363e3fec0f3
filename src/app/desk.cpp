#include "app/desk.hpp"
#include "app/controls/looks.hpp"
#include "wording/language.hpp"
#include <QApplication>
#include <QProcess>
#include <QTimer>

namespace bollard::app {

Desk::Desk(const QString& recoveryFolder) : session_(recoveryFolder) {
    usePreferences();
    makeWindow();
    // Queued: a panel of the window may have said so, and the window may be made anew.
    connect(&appearance_, &Appearance::changed, this, &Desk::usePreferences, Qt::QueuedConnection);
    connect(&first_, &FirstWindow::handedOver, this, [this](const QStringList& paths) {
        open(paths);
        window_->setWindowState(window_->windowState() & ~Qt::WindowMinimized);
        window_->raise();
        window_->activateWindow();
    });
}

void Desk::listen() {
    first_.listen();
}

void Desk::start(const QStringList& paths) {
    if (!paths.isEmpty())
        open(paths);
    else if (preferences().openLast && session_.recovery.leftOvers().empty())
        window_->reopenLast();
    window_->show();
}

void Desk::open(const QStringList& paths) {
    if (paths.isEmpty())
        return;
    QStringList here, elsewhere;
    for (const QString& path : paths)
        (here.isEmpty() || !path.endsWith(QLatin1String(".bollard")) ? here : elsewhere) << path;
    window_->take(here);
    for (const QString& path : elsewhere)
        QProcess::startDetached(QCoreApplication::applicationFilePath(),
                                {QStringLiteral("--new-window"), path});
}

void Desk::makeWindow() {
    window_ = std::make_unique<MainWindow>(session_);
    connect(window_.get(), &MainWindow::preferencesChanged, this, &Desk::usePreferences,
            Qt::QueuedConnection);
}

void Desk::makeAnew() {
    const MainWindow::State state = window_->state();
    const bool shown = window_->isVisible();
    const std::unique_ptr<MainWindow> before = std::move(window_);
    before->hide();
    makeWindow();
    window_->restore(state);
    if (shown)
        window_->show();
}

void Desk::usePreferences() {
    const Preferences now = preferences();
    const QLocale locale = now.language.isEmpty() ? QLocale::system() : QLocale(now.language);
    const double scale = now.textSize > 0 ? now.textSize / 100.0 : appearance_.textScale();
    const drawing::Look look = now.look.value_or(appearance_.look());
    const QString language = locale.name();
    const bool anew = language != language_ || scale != textScale_;
    if (anew && window_ && window_->isSending()) {
        window_->notice().say(tr("Language and size of text change once nothing is sent any more."),
                              NoticeBar::Tone::plain);
        constexpr int moment = 2000; // ms
        return QTimer::singleShot(moment, this, &Desk::usePreferences);
    }
    if (anew) {
        language_ = language;
        textScale_ = scale;
        const QString spoken = wording::useLanguage(locale, translationsFolder());
        QGuiApplication::setLayoutDirection(QLocale(spoken).textDirection());
        drawing::setTextScale(scale);
        drawing::useInterfaceFont(drawing::shareFolder() + QStringLiteral("/fonts"));
    }
    if (!window_)
        return applyLook(*qApp, look);
    if (anew) {
        applyLook(*qApp, look);
        makeAnew();
    } else if (look != drawing::currentLook()) {
        window_->setLook(look);
    }
}

} // namespace bollard::app
