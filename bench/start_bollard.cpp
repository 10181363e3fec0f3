// Starts Bollard as its main does, with the demo card, and ends when the window shows its letters.
#include "app/controls/looks.hpp"
#include "app/main_window.hpp"
#include <QApplication>
#include <QTemporaryDir>

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    const QTemporaryDir aside;
    bollard::drawing::useInterfaceFont(bollard::drawing::shareFolder() + "/fonts");
    bollard::app::applyLook(application, bollard::drawing::Look::light);
    bollard::app::MainWindow window(aside.path());
    window.openCard(QStringLiteral(BOLLARD_SOURCE "/samples/berth-14.bollard"));
    window.show();
    QObject::connect(
        &window.maker(), &bollard::app::Maker::stageDone, &application,
        [&] {
            window.repaint();
            std::_Exit(0);
        },
        Qt::QueuedConnection);
    return application.exec();
}
