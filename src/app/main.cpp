// bollard [CARD] [--pictures FOLDER]
#include "app/controls/looks.hpp"
#include "app/main_window.hpp"
#include "app/tour.hpp"
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
    // Said in the person's language; files keep to one of their own.
    const QString language =
        wording::useLanguage(QLocale::system(), drawing::shareFolder() + QStringLiteral("/translations"));
    QGuiApplication::setLayoutDirection(QLocale(language).textDirection());
    QCommandLineParser options;
    options.setApplicationDescription(
        QCoreApplication::translate("main", "Lettering for printing, engraving and cutting."));
    QCoreApplication::setApplicationVersion(QStringLiteral(BOLLARD_VERSION));
    options.addHelpOption();
    options.addVersionOption();
    options.addPositionalArgument(QStringLiteral("CARD"),
                                  QCoreApplication::translate("main", "A card to open."));
    const QCommandLineOption pictures(
        QStringLiteral("pictures"),
        QCoreApplication::translate("main", "Save a picture of each view and end."),
        QCoreApplication::translate("main", "FOLDER"));
    options.addOption(pictures);
    options.process(application);

    // A tour leaves no trace in the user's settings and unsaved work.
    QTemporaryDir aside;
    if (options.isSet(pictures))
        QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, aside.path());
    drawing::useInterfaceFont(drawing::shareFolder() + QStringLiteral("/fonts"));
    const bool dark = QSettings().value(QStringLiteral("look")).toString() == QLatin1String("dark");
    app::applyLook(application, dark ? drawing::Look::dark : drawing::Look::light);

    app::Session session(options.isSet(pictures) ? aside.path() : QString());
    app::MainWindow window(session);
    if (!options.positionalArguments().isEmpty())
        window.openCard(options.positionalArguments().constFirst());
    window.show();
    if (options.isSet(pictures)) {
        const int saved = app::takePictures(window, options.value(pictures));
        QTextStream(stdout) << saved << " pictures in " << options.value(pictures) << "\n";
        return saved > 0 ? 0 : 1;
    }
    return application.exec();
}

} // namespace

int main(int argc, char** argv) {
    // Also where there is no display
    for (int i = 1; i < argc; ++i)
        if (const std::string_view option = argv[i]; option == "--version" || option == "-v") {
            std::puts("bollard " BOLLARD_VERSION);
            return 0;
        }
    const int result = run(argc, argv);
    if (app::Background::anyLeftBehind())
        std::_Exit(result); // it still uses what tidying up would take away; all files are written
    return result;
}
