#include "app/series/series_view.hpp"
#include "app/controls/choice.hpp"
#include "app/controls/looks.hpp"
#include "app/series/sheet_canvas.hpp"
#include "drawing/tokens.hpp"
#include "wording/wording.hpp"
#include <QCheckBox>
#include <QComboBox>
#include <QDir>
#include <QEvent>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QListView>
#include <QPainter>
#include <QProgressBar>
#include <QPushButton>
#include <QSettings>
#include <QStackedWidget>
#include <QStandardPaths>
#include <QStyledItemDelegate>

namespace bollard::app {
namespace {

QColor colourOf(check::Severity worst) {
    const drawing::Tokens& t = drawing::tokens();
    return worst == check::Severity::stop ? t.stop : worst == check::Severity::watch ? t.watch : t.sound;
}

/// A tag: the picture, below it the name and the verdict.
class RowTag : public QStyledItemDelegate {
  public:
    using QStyledItemDelegate::QStyledItemDelegate;
    static constexpr int edge = 8, text = 40;

    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override {
        return {rowPicture.width() + 2 * edge, rowPicture.height() + text + 2 * edge};
    }

    void paint(QPainter* painter, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override {
        const MadeRow& row = static_cast<const RowsModel*>(index.model())->at(index);
        const drawing::Tokens& t = drawing::tokens();
        painter->save();
        painter->setRenderHint(QPainter::Antialiasing);
        const QRect tag = option.rect.adjusted(4, 4, -4, -4);
        const bool chosen = option.state & QStyle::State_Selected;
        painter->setPen(QPen(chosen ? t.tide : t.line, chosen ? 2 : 1));
        painter->setBrush(t.paper);
        painter->drawRoundedRect(QRectF(tag).adjusted(0.5, 0.5, -0.5, -0.5), 4, 4);
        const QRect picture(tag.left() + 4, tag.top() + 4, tag.width() - 8, tag.height() - text - 4);
        if (row.picture.isNull())
            painter->fillRect(picture, t.ground);
        else
            painter->drawImage(picture, row.picture);
        if (!row.there) { // of before
            QColor veil = t.paper;
            veil.setAlphaF(0.6f);
            painter->fillRect(picture, veil);
        }
        const QRect words(tag.left() + 8, picture.bottom() + 4, tag.width() - 16, text - 4);
        painter->setPen(t.ink);
        painter->drawText(QRect(words.left(), words.top(), words.width(), 17),
                          Qt::AlignLeft | Qt::AlignVCenter,
                          painter->fontMetrics().elidedText(row.name, Qt::ElideRight, words.width()));
        painter->setPen(row.there ? colourOf(row.worst) : t.inkSoft);
        const QString verdict = !row.there ? SeriesView::tr("waits")
                                : row.own  ? SeriesView::tr("%1; its own").arg(row.verdict)
                                           : row.verdict;
        painter->drawText(QRect(words.left(), words.top() + 17, words.width(), 17),
                          Qt::AlignLeft | Qt::AlignVCenter,
                          painter->fontMetrics().elidedText(verdict, Qt::ElideRight, words.width()));
        painter->restore();
    }
};

} // namespace

RowsModel::RowsModel(RowMaker& maker, QObject* parent) : QAbstractListModel(parent), maker_(maker) {
    refresh();
}

void RowsModel::setWorstFirst(bool on) {
    worstFirst_ = on;
    refresh();
}

void RowsModel::sort() {
    order_.resize(maker_.rows().size());
    for (size_t i = 0; i < order_.size(); ++i)
        order_[i] = int(i);
    if (worstFirst_) // those that are not there yet last
        std::ranges::stable_sort(order_, {}, [&](int row) {
            const MadeRow& made = maker_.rows()[size_t(row)];
            return std::tuple(!made.there, -int(made.worst), -made.findings);
        });
}

void RowsModel::refresh() {
    beginResetModel();
    sort();
    endResetModel();
}

void RowsModel::refreshRow(int row) {
    if (const QModelIndex at = indexOf(row); at.isValid())
        emit dataChanged(at, at);
}

QModelIndex RowsModel::indexOf(int row) const {
    const auto at = std::ranges::find(order_, row);
    return at == order_.end() ? QModelIndex() : index(int(at - order_.begin()));
}

int RowsModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : int(order_.size());
}

QVariant RowsModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid())
        return {};
    const MadeRow& row = at(index);
    if (role == Qt::DisplayRole)
        return row.name;
    if (role == Qt::AccessibleTextRole || role == Qt::ToolTipRole)
        return row.there ? tr("%1: %2").arg(row.name, row.verdict) : row.name;
    return {};
}

SeriesView::SeriesView(CardEditor& editor, Maker& maker, QWidget* parent)
    : QWidget(parent), editor_(editor), rowMaker_(editor, maker, this), nestWork_(this), writeWork_(this) {
    model_ = new RowsModel(rowMaker_, this);
    auto* columns = new QHBoxLayout(this);
    columns->setContentsMargins(0, 0, 0, 0);
    columns->setSpacing(0);
    pages_ = new QStackedWidget(this);
    grid_ = new QListView(pages_);
    grid_->setAccessibleName(tr("Rows of the card"));
    grid_->setModel(model_);
    grid_->setItemDelegate(new RowTag(grid_));
    grid_->setViewMode(QListView::IconMode);
    grid_->setResizeMode(QListView::Adjust);
    grid_->setMovement(QListView::Static);
    grid_->setUniformItemSizes(true);
    grid_->setSpacing(2);
    grid_->setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    pages_->addWidget(grid_);
    sheets_ = new SheetCanvas(pages_);
    pages_->addWidget(sheets_);
    columns->addWidget(pages_, 1);
    columns->addWidget(makeControls());
    connect(grid_->selectionModel(), &QItemSelectionModel::currentChanged, this,
            [this](const QModelIndex& now) { showRow(now.isValid() ? model_->rowAt(now) : -1); });
    connect(grid_, &QListView::activated, this, &SeriesView::rowOpened);
    connect(sheets_, &SheetCanvas::picked, this, &SeriesView::showRow);
    connect(&rowMaker_, &RowMaker::restarted, this, [this] {
        model_->refresh();
        chooseShown();
        nest_.reset();
        sheets_->show({}, board(), {}, nullptr);
        refreshTold();
    });
    connect(&rowMaker_, &RowMaker::rowMade, this, [this](int row) {
        model_->refreshRow(row);
        refreshTold();
    });
    connect(&rowMaker_, &RowMaker::busyChanged, this, [this] {
        if (!rowMaker_.busy() && rowMaker_.complete()) {
            if (order_->currentIndex() == 1)
                model_->refresh();
            chooseShown();
            renest();
        }
        refreshTold();
    });
    connect(&editor_, &CardEditor::changed, this, [this] {
        if (isVisible())
            chooseShown();
        refreshTold();
    });
    renesting_.setSingleShot(true);
    constexpr int moment = 300;
    renesting_.setInterval(moment);
    connect(&renesting_, &QTimer::timeout, this, &SeriesView::renest);
}

NumberField* SeriesView::length(QFormLayout* form, const QString& label, const char* key, double usual,
                                card::Range range, NumberField::Kind kind) {
    const QString kept = QStringLiteral("sheets/") + QLatin1String(key);
    auto* field = new NumberField(label, kind, range, kind == NumberField::Kind::plain ? 1 : 5, sheetFields_);
    const double value = QSettings().value(kept, usual).toDouble();
    field->setValue(range.holds(value) ? value : usual);
    form->addRow(label, field);
    connect(field, &NumberField::edited, this, [this, kept](double now) {
        QSettings().setValue(kept, now);
        renesting_.start();
    });
    return field;
}

QWidget* SeriesView::makeControls() {
    auto* panel = new QWidget(this);
    panel->setObjectName(QStringLiteral("panel"));
    panel->setAttribute(Qt::WA_StyledBackground);
    panel->setFixedWidth(drawing::scaled(232));
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(12, 12, 12, 12);
    what_ = new Choice(tr("What is shown of the rows"), {tr("Rows"), tr("Sheets")}, panel);
    what_->choose(0);
    column->addWidget(what_);
    connect(what_, &Choice::picked, this, [this](int which) { showSheets(which == 1); });
    auto* form = new QFormLayout;
    form->setRowWrapPolicy(QFormLayout::WrapLongRows);
    order_ = new QComboBox(panel);
    order_->setAccessibleName(tr("Order of the rows"));
    order_->addItems({tr("as they come"), tr("worst first")});
    form->addRow(tr("Order"), order_);
    connect(order_, &QComboBox::activated, this, [this](int which) {
        model_->setWorstFirst(which == 1);
        chooseShown();
    });
    column->addLayout(form);
    sheetFields_ = new QWidget(panel);
    auto* sheet = new QFormLayout(sheetFields_);
    sheet->setContentsMargins(0, 0, 0, 0);
    width_ = length(sheet, tr("Sheet width"), "width", 300, {10, 10000});
    height_ = length(sheet, tr("Sheet height"), "height", 200, {10, 10000});
    spacing_ = length(sheet, tr("Between parts"), "spacing", 3, {0, 1000});
    margin_ = length(sheet, tr("At the edge"), "margin", 5, {0, 1000});
    copies_ = length(sheet, tr("Copies of each"), "copies", 1, {1, 1000}, NumberField::Kind::plain);
    turning_ = new QComboBox(sheetFields_);
    turning_->setAccessibleName(tr("How parts may be turned on sheets"));
    turning_->addItems({tr("not at all"), tr("half round"), tr("by quarters"), tr("any way")});
    turning_->setCurrentIndex(
        std::clamp(QSettings().value(QStringLiteral("sheets/turning"), 0).toInt(), 0, 3));
    sheet->addRow(tr("Turned"), turning_);
    connect(turning_, &QComboBox::activated, this, [this](int which) {
        QSettings().setValue(QStringLiteral("sheets/turning"), which);
        renesting_.start();
    });
    sheetFields_->hide();
    column->addWidget(sheetFields_);
    told_ = softLabel({}, panel);
    told_->setWordWrap(true);
    column->addWidget(told_);
    progress_ = new QProgressBar(panel);
    progress_->setAccessibleName(tr("Rows that are done"));
    progress_->setTextVisible(false);
    progress_->setFixedHeight(6);
    column->addWidget(progress_);
    stop_ = new QPushButton(tr("Stop"), panel);
    column->addWidget(stop_);
    connect(stop_, &QPushButton::clicked, this, [this] {
        if (writing_)
            return writeWork_.stop();
        if (rowMaker_.busy())
            rowMaker_.stop();
        else
            rowMaker_.goOn();
        refreshTold();
    });
    likeOthers_ = new QPushButton(panel);
    column->addWidget(likeOthers_);
    connect(likeOthers_, &QPushButton::clicked, this, [this] {
        editor_.edit(tr("Make a row like the others"), {}, [](card::Card& card) {
            card.rows.edit([&](setting::Rows& rows) { rows.own.erase(card.row); });
        });
    });
    column->addStretch(1);
    auto* files = new QFormLayout;
    format_ = new QComboBox(panel);
    format_->setAccessibleName(tr("What kind of files is written"));
    files->addRow(tr("Written as"), format_);
    column->addLayout(files);
    accept_ = new QCheckBox(tr("Let stop findings pass"), panel);
    column->addWidget(accept_);
    write_ = new QPushButton(panel);
    write_->setObjectName(QStringLiteral("main"));
    column->addWidget(write_);
    connect(write_, &QPushButton::clicked, this, [this] { writeTo(folder()); });
    wrote_ = softLabel({}, panel);
    wrote_->setWordWrap(true);
    column->addWidget(wrote_);
    showSheets(false);
    return panel;
}

bool SeriesView::showsSheets() const {
    return pages_->currentIndex() == 1;
}

void SeriesView::showSheets(bool on) {
    what_->choose(on ? 1 : 0);
    pages_->setCurrentIndex(on ? 1 : 0);
    sheetFields_->setVisible(on);
    order_->setEnabled(!on);
    const QString chosen = format_->currentText();
    format_->clear();
    for (const char* name : {"stl", "3mf", "step", "nc", "dxf", "svg", "pdf", "png"})
        if (!on ||
            (QLatin1String(name) != QLatin1String("step") && QLatin1String(name) != QLatin1String("png")))
            format_->addItem(QString::fromLatin1(name).toUpper());
    format_->setCurrentIndex(
        std::max(0, format_->findText(chosen.isEmpty() ? QStringLiteral("3MF") : chosen)));
    write_->setText(on ? tr("Write the sheets") : tr("Write the rows"));
    refreshTold();
}

nest::Board SeriesView::board() const {
    return {width_->value(), height_->value(), spacing_->value(), margin_->value(),
            nest::Turning(turning_->currentIndex())};
}

/// Off this thread; the newest wins.
void SeriesView::renest() {
    if (!rowMaker_.complete() || rowMaker_.rows().empty())
        return;
    std::vector<plane::Region> parts;
    std::vector<int> rowOf;
    const int copies = int(copies_->value());
    for (size_t i = 0; i < rowMaker_.rows().size(); ++i)
        for (int copy = 0; copy < copies; ++copy)
            if (rowMaker_.rows()[i].worst != check::Severity::stop) {
                parts.push_back(rowMaker_.rows()[i].covered);
                rowOf.push_back(int(i));
            }
    nesting_ = true;
    refreshTold();
    nestWork_.stop();
    nestWork_.start([this, parts, rowOf, board = board()](const Background::Courier& courier) {
        auto nest = std::make_shared<const nest::Nest>(nest::nestOf(parts, board, courier.stop()));
        if (courier.stop().stop_requested())
            return;
        courier.post([this, nest, board, rowOf] {
            nesting_ = false;
            nest_ = nest;
            sheets_->show(nest, board, rowOf, &rowMaker_.rows());
            refreshTold();
            emit nested();
        });
    });
}

QString SeriesView::told() const {
    return told_->text();
}

void SeriesView::refreshTold() {
    const std::vector<MadeRow>& rows = rowMaker_.rows();
    int stops = 0, watches = 0;
    for (const MadeRow& row : rows) {
        stops += row.there && row.worst == check::Severity::stop;
        watches += row.there && row.worst == check::Severity::watch;
    }
    QStringList parts;
    if (!rowMaker_.complete())
        parts << tr("%1 of %2 made").arg(rowMaker_.made()).arg(rows.size());
    else
        parts << tr("%n row(s)", nullptr, int(rows.size()));
    if (stops > 0)
        parts << tr("%n stop(s)", nullptr, stops);
    if (watches > 0)
        parts << tr("%n to watch", nullptr, watches);
    QString text = parts.join(QStringLiteral(", "));
    if (showsSheets()) {
        if (nesting_)
            text += QStringLiteral("\n") + tr("Laying them on sheets…");
        else if (nest_) {
            text += QStringLiteral("\n") + tr("%n sheet(s)", nullptr, int(nest_->sheets.size()));
            if (!nest_->tooLarge.empty())
                text += QStringLiteral("\n") +
                        tr("%n part(s) larger than a sheet", nullptr, int(nest_->tooLarge.size()));
            if (stops > 0)
                text += QStringLiteral("\n") + tr("Rows that stop are left out.");
        }
    }
    told_->setText(text);
    if (!writing_) {
        progress_->setRange(0, std::max(1, int(rows.size())));
        progress_->setValue(rowMaker_.made());
    }
    progress_->setVisible(writing_ || !rowMaker_.complete());
    stop_->setVisible(writing_ || !rowMaker_.complete());
    stop_->setText(writing_ || rowMaker_.busy() ? tr("Stop") : tr("Go on"));
    write_->setEnabled(!writing_);
    const int shown = editor_.card().row;
    likeOthers_->setText(tr("Make row %1 like the others").arg(shown + 1));
    likeOthers_->setVisible(editor_.card().rows->own.contains(shown));
}

/// The row that the board shows is the one that is chosen, also after the rows were put in another order.
void SeriesView::chooseShown() {
    if (const QModelIndex now = model_->indexOf(editor_.card().row);
        now.isValid() && now != grid_->currentIndex()) {
        const QSignalBlocker quiet(grid_->selectionModel());
        grid_->setCurrentIndex(now);
        grid_->viewport()->update();
    }
    sheets_->choose(editor_.card().row);
}

void SeriesView::showRow(int row) {
    if (row < 0)
        return;
    sheets_->choose(row);
    if (editor_.card().row != row)
        editor_.showRow(row);
    refreshTold();
}

QString SeriesView::folder() const {
    const QString home = editor_.folder().isEmpty()
                             ? QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation)
                             : editor_.folder();
    return QDir(home).filePath(editor_.title() + (showsSheets() ? tr("-sheets") : tr("-rows")));
}

void SeriesView::writeTo(const QString& folder) {
    if (writing_)
        return;
    series::Choices choices;
    choices.card = editor_.card();
    choices.home = editor_.folder().toStdString();
    choices.folder = folder.toStdString();
    choices.as = format_->currentText().toLower().toStdString();
    choices.accept = accept_->isChecked();
    choices.last = choices.card.rows->count();
    choices.jobs = 2;
    choices.faces = rowMaker_.catalogue();
    choices.shop = rowMaker_.shop();
    if (showsSheets()) {
        choices.board = board();
        choices.copies = int(copies_->value());
    }
    auto made = series::Series::of(std::move(choices));
    if (!made)
        return wrote_->setText(wording::sentenceOf(made.problem()));
    writing_ = true;
    wrote_->setText(tr("Writing…"));
    progress_->setRange(0, int((*made)->rows().size()));
    progress_->setValue(0);
    refreshTold();
    std::shared_ptr<series::Series> all = *std::move(made);
    writeWork_.start([this, all, folder](const Background::Courier& courier) {
        const auto done = all->run(
            [&](const series::Row&) {
                courier.post([this] { progress_->setValue(progress_->value() + 1); });
            },
            courier.stop());
        const bool stopped = courier.stop().stop_requested();
        const auto tell = [this, all, folder, done, stopped] {
            writing_ = false;
            using series::RowState;
            QStringList parts;
            if (stopped)
                parts << tr("Stopped; the next time it goes on from there.");
            parts << tr("%1 made, %2 there already, %3 that stop, %4 failed, in “%5”.")
                         .arg(all->count(RowState::made))
                         .arg(all->count(RowState::kept))
                         .arg(all->count(RowState::stop))
                         .arg(all->count(RowState::failed))
                         .arg(QDir(folder).dirName());
            for (const auto& [file, problem] : all->sheetProblems())
                parts << tr("%1: %2").arg(QString::fromStdString(file), wording::sentenceOf(problem));
            const auto failed = std::ranges::find_if(all->rows(), [](const series::Row& row) {
                return row.state == RowState::failed && !row.from.empty();
            });
            if (failed != all->rows().end() && all->sheetProblems().empty())
                parts << tr("Row %1: %2")
                             .arg(failed->number + 1)
                             .arg(QString::fromStdString(series::whyNot(*failed)));
            if (!done)
                parts << wording::sentenceOf(done.problem());
            wrote_->setText(parts.join(QStringLiteral(" ")));
            refreshTold();
            emit written();
        };
        courier.post(tell);
    });
}

void SeriesView::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    rowMaker_.want(true);
    model_->refresh();
    chooseShown();
}

void SeriesView::hideEvent(QHideEvent* event) {
    QWidget::hideEvent(event);
    rowMaker_.want(false);
}

void SeriesView::changeEvent(QEvent* event) {
    QWidget::changeEvent(event);
    if (event->type() == QEvent::PaletteChange)
        rowMaker_.repaint();
}

} // namespace bollard::app
