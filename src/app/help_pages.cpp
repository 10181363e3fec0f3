#include "app/help_pages.hpp"
#include "app/controls/choice.hpp"
#include "app/controls/looks.hpp"
#include <QGridLayout>
#include <QLabel>
#include <QScrollArea>
#include <QStackedWidget>

namespace bollard::app {
namespace {

QScrollArea* scrolling(QWidget* page, QWidget* parent) {
    auto* scroll = new QScrollArea(parent);
    scroll->setWidgetResizable(true);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setWidget(page);
    return scroll;
}

QLabel* heading(const QString& text, QWidget* parent) {
    auto* label = new QLabel(text, parent);
    QFont font = label->font();
    font.setWeight(QFont::DemiBold);
    label->setFont(font);
    return label;
}

} // namespace

HelpPages::HelpPages(QWidget* parent) : QWidget(parent) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    which_ = new Choice(tr("Page of the help"),
                        {tr("Keys"), tr("The way of a card"), tr("Numbers and words")}, this);
    layout->addWidget(which_);
    stack_ = new QStackedWidget(this);
    layout->addWidget(stack_, 1);
    stack_->addWidget(keysPage());
    stack_->addWidget(textPage(
        {{tr("From top to bottom"), tr("The route card on the left has six stations in working order: what "
                                       "carries the words, the words, "
                                       "where they lie, how they meet the material, what it is made with, "
                                       "and the files. One is open; the "
                                       "others tell in a line what is set.")},
         {tr("What cannot be made"), tr("Findings on the right are judged again after every change. A stop "
                                        "keeps the part from being made, a "
                                        "watch is worth a look, a note is told. A press goes to the place; "
                                        "where a change of the card clears "
                                        "it, a button offers it.")},
         {tr("How wide everything is"),
          tr("The gauge below the board counts the strokes and gaps by their width. Its marks are the limits "
             "of the "
             "process and can be dragged; resting on a bar shows where on the letters it is.")},
         {tr("Flat and Body"), tr("Flat shows one side at true proportions with rulers. Body shows the part "
                                  "as it will be, from all "
                                  "sides, and cut open along x, y or z.")},
         {tr("Nothing is lost"),
          tr("Every change can be undone. What is not saved yet is kept as you go, and offered again after a "
             "crash.")}}));
    stack_->addWidget(textPage(
        {{tr("Numbers"),
          tr("Fields take units and sums: 3/16 in, 12+0.4, 2*8. Up and Down step, with Shift in tenths. Esc "
             "brings "
             "back what stood there. What cannot be is told below the field, and the value before stays.")},
         {tr("Fields in the words"),
          tr("A name in braces, like {boat}, is filled in from the rows of the Output station, one part a "
             "row. "
             "Rows can be typed, pasted from a spreadsheet, or read from a CSV file.")},
         {tr("Sides"), tr("Words lie on a side of the blank: front and back of a plate, outside, start and "
                          "end of a bar. The "
                          "board shows one side at a time, seen from outside.")},
         {tr("Single lines"), tr("A single-line typeface has strokes without width. Scribed, a tool follows "
                                 "them; with a stroke they "
                                 "are worked like any other letters.")}}));
    connect(which_, &Choice::picked, stack_, &QStackedWidget::setCurrentIndex);
    show(0);
}

void HelpPages::show(int page) {
    which_->choose(page);
    stack_->setCurrentIndex(page);
}

QWidget* HelpPages::keysPage() {
    auto* page = new QWidget(this);
    auto* grid = new QGridLayout(page);
    grid->setContentsMargins(0, 8, 8, 8);
    grid->setHorizontalSpacing(18);
    grid->setVerticalSpacing(4);
    grid->setColumnStretch(1, 1);
    const auto area = [&](const QString& title, const QList<QPair<QString, QString>>& keys) {
        if (grid->rowCount() > 1)
            grid->setRowMinimumHeight(grid->rowCount(), 8);
        grid->addWidget(heading(title, page), grid->rowCount(), 0, 1, 2);
        for (const auto& [key, does] : keys) {
            const int row = grid->rowCount();
            grid->addWidget(new QLabel(key, page), row, 0, Qt::AlignTop);
            auto* told = softLabel(does, page);
            told->setWordWrap(true);
            grid->addWidget(told, row, 1);
        }
    };
    area(tr("Everywhere"), {{tr("Alt+1 … Alt+6"), tr("the stations")},
                            {tr("Ctrl+1 to Ctrl+4"), tr("Flat, Body, Proof, Rows")},
                            {tr("Ctrl+Z, Ctrl+Shift+Z"), tr("undo, redo")},
                            {tr("F8"), tr("the next finding")},
                            {tr("Ctrl+."), tr("mend it by its first mend")},
                            {tr("B held"), tr("the card before the last mend")},
                            {tr("Ctrl+E"), tr("write files")},
                            {tr("Ctrl+P"), tr("print at true size")},
                            {tr("F1"), tr("this help")}});
    area(tr("On the board"),
         {{tr("F2"), tr("write the words right there")},
          {tr("Arrows"), tr("move by 1 mm, with Shift by 0.1")},
          {tr("Shift and a click"), tr("choose several")},
          {tr("Alt and left, right"), tr("choose a letter, which the arrows nudge by 0.1")},
          {tr("Ctrl and a click"), tr("choose letters to be nudged")},
          {tr("M held"), tr("measure")},
          {tr("S held, and a drag"), tr("the section along a line; Esc puts it away")},
          {tr("[, ]"), tr("the seam of a round side by 5°; it can be dragged by its line")},
          {tr("W"), tr("colour widths: all, only those too narrow, none")},
          {tr("P"), tr("show the pieces that it comes to")},
          {tr("H"), tr("among the pieces: what is held is under the pointer, or the outer edge again")},
          {tr("T"),
           tr("the next tie; arrows move it by 0.1, Page up and down turn it by 5°, Delete takes it")},
          {tr("Insert"), tr("put a tie under the pointer")},
          {tr("Home, +, −"), tr("fit the view, nearer, farther")},
          {tr("Delete"), tr("delete what is chosen")}});
    area(tr("On the body"),
         {{tr("Arrows, or a drag"), tr("turn it; with Shift a drag shifts it")},
          {tr("Page up, Page down"), tr("higher or deeper letters, less so; with Shift by 0.01")},
          {tr("A drag at the handle"), tr("the same; with Alt by 0.01")}});
    area(tr("Among the typefaces"), {{tr("Up, Down"), tr("try a face on the board")},
                                     {tr("Return"), tr("take it")},
                                     {tr("Esc"), tr("go back to the face before")},
                                     {tr("Ctrl+K"), tr("keep it on top")}});
    area(tr("In number fields"), {{tr("Up, Down"), tr("step, with Shift in tenths")},
                                  {tr("Return"), tr("take the number")},
                                  {tr("Esc"), tr("bring back what stood there")}});
    grid->setRowStretch(grid->rowCount(), 1);
    return scrolling(page, this);
}

QWidget* HelpPages::textPage(const QList<QPair<QString, QString>>& parts) {
    auto* page = new QWidget(this);
    auto* layout = new QVBoxLayout(page);
    layout->setContentsMargins(0, 8, 8, 8);
    for (const auto& [title, text] : parts) {
        layout->addWidget(heading(title, page));
        auto* told = softLabel(text, page);
        told->setWordWrap(true);
        layout->addWidget(told);
        layout->addSpacing(8);
    }
    layout->addStretch(1);
    return scrolling(page, this);
}

} // namespace bollard::app
