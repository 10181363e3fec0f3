// The time from opening a list of 3,000 typefaces to its first paint, and the longest the interface stood
// still while all its previews of a first page came in.
#include "app/card/typeface_list.hpp"
#include "app/controls/looks.hpp"
#include <QApplication>
#include <QElapsedTimer>
#include <QListView>
#include <QPainter>
#include <cstdio>

using namespace bollard;

namespace {

class Watched : public QListView {
  public:
    bool painted = false;

  protected:
    void paintEvent(QPaintEvent* event) override {
        QListView::paintEvent(event);
        painted = true;
    }
};

} // namespace

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    drawing::useInterfaceFont(QStringLiteral(BOLLARD_SOURCE "/fonts"));
    app::applyLook(application, drawing::Look::light);
    const type::Catalogue installed(BOLLARD_SOURCE "/fonts");
    std::vector<type::TypefaceEntry> entries;
    constexpr size_t wanted = 3000;
    for (size_t i = 0; entries.size() < wanted; ++i) {
        type::TypefaceEntry entry = installed.entries()[i % installed.entries().size()];
        entry.family += " " + std::to_string(i / installed.entries().size());
        entries.push_back(std::move(entry));
    }
    std::ranges::sort(entries, {}, &type::TypefaceEntry::family);
    const auto catalogue = std::make_shared<const type::Catalogue>(std::move(entries));

    QElapsedTimer clock;
    clock.start();
    app::TypefaceModel model;
    model.setWords(QStringLiteral("BERTH 14 NORTH QUAY"), {});
    model.setCatalogue(catalogue);
    Watched view;
    view.setModel(&model);
    view.setUniformItemSizes(true);
    view.resize(290, 320);
    view.show();
    while (!view.painted)
        application.processEvents();
    const double firstPaint = double(clock.nsecsElapsed()) / 1e6;

    double longest = 0;
    for (int row = 0; row < model.rowCount(); row += 40) { // scrolling through all of it
        QElapsedTimer step;
        step.start();
        view.scrollTo(model.index(row));
        for (int k = 0; k < 8 && row + k < model.rowCount(); ++k)
            (void)model.preview(row + k);
        application.processEvents();
        longest = std::max(longest, double(step.nsecsElapsed()) / 1e6);
    }
    std::printf("{\"faces\": %d, \"first_paint_ms\": %.1f, \"longest_still_ms\": %.1f}\n", model.rowCount(),
                firstPaint, longest);
    return 0;
}
