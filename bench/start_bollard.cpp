// start_bollard [letters]: starts Bollard as its main does, with the demo card, and ends when the window is
// drawn and takes input, or, with "letters", when the card's letters stand on the board.
#include "app/controls/looks.hpp"
#include "app/main_window.hpp"
#include "type/catalogue.hpp"
#include <QApplication>
#include <QTemporaryDir>
#include <QTimer>
#include <future>

int main(int argc, char** argv) {
    const auto fonts = std::async(std::launch::async, bollard::type::readInstalledFonts);
    QApplication application(argc, argv);
    const QTemporaryDir aside;
    bollard::drawing::useInterfaceFont(bollard::drawing::shareFolder() + "/fonts");
    bollard::app::applyLook(application, bollard::drawing::Look::light);
    bollard::app::Session session(aside.path());
    bollard::app::MainWindow window(session);
    window.openCard(QStringLiteral(BOLLARD_SOURCE "/samples/berth-14.bollard"));
    window.show();
    const auto end = [&window] {
        window.repaint();
        std::_Exit(0);
    };
    if (argc == 1)
        QTimer::singleShot(0, &application, end);
    else
        QObject::connect(
            &window.maker(), &bollard::app::Maker::stageDone, &application,
            [&] {
                const auto& lettering = window.maker().shown().made.lettering;
                if (lettering && !lettering->inscriptions.empty()) // else of the empty card before
                    end();
            },
            Qt::QueuedConnection);
    return application.exec();
}
