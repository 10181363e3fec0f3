// dragging: what the interface thread does while one of n inscriptions is dragged: its processor time a move,
// and the longest time it answered nothing.
#include "app/controls/looks.hpp"
#include "app/main_window.hpp"
#include "clocks.hpp"
#include <QApplication>
#include <QElapsedTimer>
#include <QMouseEvent>
#include <QTemporaryDir>
#include <cstdio>

using namespace bollard;

namespace {

using bench::threadSeconds;

card::Card cardOf(int inscriptions) {
    card::Card card;
    card.blank.width = 700;
    card.blank.height = 420;
    for (int i = 0; i < inscriptions; ++i) {
        card::Inscription words;
        words.words = "QUAY " + std::to_string(i % 10);
        words.style.size = 5;
        words.placing = {setting::Anchor::centre, 40.0 + 44 * (i % 15), 20.0 + 19 * (i / 15), 0};
        card.inscriptions.push_back(words);
    }
    return card;
}

struct Result {
    double msPerMove = 0, longest = 0;
};

Result drag(app::MainWindow& window, int inscriptions) {
    window.editor().edit(QStringLiteral("new card"), {},
                         [&](card::Card& card) { card = cardOf(inscriptions); });
    window.editor().select(0);
    const auto settle = [&] {
        QElapsedTimer still;
        still.start();
        while (still.elapsed() < 1000) { // rows are laid out once more when mends are found
            QCoreApplication::processEvents(QEventLoop::AllEvents, 10);
            if (window.maker().busy())
                still.restart();
        }
    };
    settle();
    app::FlatView& view = window.flatView();
    const auto send = [&](QEvent::Type type, QPointF at) {
        QMouseEvent event(type, at, view.mapToGlobal(at),
                          type == QEvent::MouseMove ? Qt::NoButton : Qt::LeftButton,
                          type == QEvent::MouseButtonRelease ? Qt::NoButton : Qt::LeftButton, Qt::NoModifier);
        QCoreApplication::sendEvent(&view, &event);
    };
    const card::Inscription& first = window.editor().card().inscriptions.front();
    const QPointF start = view.scale().toPixels({first.placing.x, first.placing.y});
    send(QEvent::MouseButtonPress, start);
    Result result;
    constexpr int moves = 60, frame = 16; // ms
    const double before = threadSeconds();
    for (int i = 0; i < moves; ++i) {
        QElapsedTimer whole;
        whole.start();
        const double begun = threadSeconds();
        send(QEvent::MouseMove, start + QPointF(4 + i, 3 + i / 2.0));
        double used = threadSeconds() - begun;
        while (whole.elapsed() < frame) {
            const double step = threadSeconds();
            QCoreApplication::processEvents(QEventLoop::AllEvents, 1);
            used = std::max(used, threadSeconds() - step);
        }
        result.longest = std::max(result.longest, 1e3 * used);
    }
    result.msPerMove = 1e3 * (threadSeconds() - before) / moves;
    send(QEvent::MouseButtonRelease, start);
    settle();
    return result;
}

} // namespace

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    const QTemporaryDir aside;
    drawing::useInterfaceFont(QStringLiteral(BOLLARD_SOURCE "/fonts"));
    app::applyLook(application, drawing::Look::light);
    app::Session session(aside.path());
    app::MainWindow window(session);
    window.resize(1280, 800);
    window.show();
    while (!window.maker().catalogue())
        application.processEvents();
    window.newCard();
    for (const int inscriptions : {10, 30, 300}) {
        const Result result = drag(window, inscriptions);
        std::printf("%4d inscriptions: %6.2f ms a move, %6.1f ms at most\n", inscriptions, result.msPerMove,
                    result.longest);
    }
    return 0;
}
