// An empty Qt window, ended once it is shown: what any start is measured against.
#include <QApplication>
#include <QMainWindow>
#include <QTimer>

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    QMainWindow window;
    window.resize(1280, 800);
    window.show();
    QTimer::singleShot(0, &application, [&] {
        window.repaint();
        std::_Exit(0);
    });
    return application.exec();
}
