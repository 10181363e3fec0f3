// bollard [CARD...] [--new-window] [--pictures FOLDER]
#include "app/desk.hpp"
#include "app/tour.hpp"
#include "quantity/memory.hpp"
#include "type/catalogue.hpp"
#include "wording/language.hpp"
#include <QApplication>
#include <QCommandLineParser>
#include <QSettings>
#include <QTemporaryDir>
#include <QTextStream>
#include <clocale>
#include <cstdio>
#include <cstdlib>
#include <future>
#include <string_view>

using namespace bollard;

namespace {

int run(int argc, char** argv) {
    const auto fonts = std::async(std::launch::async, type::readInstalledFonts);
    QApplication application(argc, argv);
    std::setlocale(LC_NUMERIC, "C"); // Qt takes the person's; numbers in files have a point everywhere
    QCoreApplication::setOrganizationName(QStringLiteral("Bollard"));
    QCoreApplication::setApplicationName(QStringLiteral("bollard"));
    QCoreApplication::setApplicationVersion(QStringLiteral(BOLLARD_VERSION));
    QGuiApplication::setDesktopFileName(QStringLiteral("bollard"));
    // Errors and --help are said in the person's language too.
    wording::useLanguage(QLocale::system(), app::translationsFolder());
    QCommandLineParser options;
    options.setApplicationDescription(
        QCoreApplication::translate("main", "Lettering for printing, engraving and cutting."));
    options.addHelpOption();
    options.addVersionOption();
    options.addPositionalArgument(
        QStringLiteral("CARD"),
        QCoreApplication::translate("main", "Cards to open; the first one opens in the window "
                                            "that is there."),
        QStringLiteral("[CARD...]"));
    const QCommandLineOption pictures(
        QStringLiteral("pictures"),
        QCoreApplication::translate("main", "Save a picture of each view and end."),
        QCoreApplication::translate("main", "FOLDER"));
    const QCommandLineOption alone(
        QStringLiteral("new-window"),
        QCoreApplication::translate("main", "Open a window of its own, also where one is there."));
    options.addOptions({pictures, alone});
    options.process(application);

    const bool tour = options.isSet(pictures);
    if (!tour && !options.isSet(alone) && app::FirstWindow::handOver(options.positionalArguments()))
        std::_Exit(0); // nothing is open here, and the typefaces need not be waited for
    // A tour leaves no trace in the user's settings and unsaved work.
    QTemporaryDir aside;
    if (tour)
        QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, aside.path());
    app::Desk desk(tour ? aside.path() : QString());
    if (!tour) {
        if (!options.isSet(alone))
            desk.listen();
        desk.start(options.positionalArguments());
        return application.exec();
    }
    desk.window().show();
    const int saved = app::takePictures(desk, options.value(pictures));
    QTextStream(stdout) << saved << " pictures in " << options.value(pictures) << "\n";
    return saved > 0 ? 0 : 1;
}

} // namespace

int main(int argc, char** argv) {
    // Also where there is no display
    for (int i = 1; i < argc; ++i)
        if (const std::string_view option = argv[i]; option == "--version" || option == "-v") {
            std::puts("bollard " BOLLARD_VERSION);
            return 0;
        }
    quantity::keepWithinMemory();
    const int result = run(argc, argv);
    if (app::Background::anyLeftBehind())
        std::_Exit(result); // it still uses what tidying up would take away; all files are written
    return result;
}
