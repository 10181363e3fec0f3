#include "app/card/typeface_list.hpp"
#include "app/controls/looks.hpp"
#include "app/controls/wrapped_check_box.hpp"
#include "drawing/paths.hpp"
#include "setting/setting.hpp"
#include "wording/wording.hpp"
#include <QCheckBox>
#include <QComboBox>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QPainter>
#include <QPushButton>
#include <QSettings>
#include <QVBoxLayout>

namespace bollard::app {
namespace {

constexpr int mostRecent = 6, rowHeight = 64;
constexpr double largest = 26; // capitals, pixels
const auto recentKey = QStringLiteral("typefaces/recent");
const auto keptKey = QStringLiteral("typefaces/kept");

QString nameInSettings(const type::TypefaceEntry& entry) {
    return QString::fromStdString(entry.family + "\t" + entry.style);
}

QString fullName(const type::TypefaceEntry& entry) {
    return QString::fromStdString(entry.family + " " + entry.style);
}

/// The words set in the face, as one path with capitals 1 high and y down.
QPainterPath drawnWords(const type::Catalogue& catalogue, const type::TypefaceEntry& entry,
                        const std::string& words) {
    const auto typeface = catalogue.open({entry.family, entry.style});
    if (!typeface)
        return {};
    setting::TextStyle style;
    style.size = 10;
    style.align = setting::Align::left;
    const setting::Setting set = setting::set(words, *typeface, style);
    QPainterPath path;
    path.setFillRule(Qt::WindingFill);
    if ((*typeface)->singleLine()) {
        for (const setting::Letter& letter : set.letters)
            if (!letter.missing)
                path.addPath(drawing::pathOf(setting::shapeOf(letter)));
        return QTransform::fromScale(0.1, -0.1).map(path);
    }
    for (const setting::Letter& letter : set.letters) {
        if (letter.missing)
            continue;
        const QPointF at = drawing::pointOf(plane::vectorOf(letter.at));
        path.addPath(
            drawing::pathOf((*typeface)->glyph(letter.glyph).outline, set.scale / plane::unitsPerMillimetre)
                .translated(at));
    }
    return QTransform::fromScale(0.1, -0.1).map(path);
}

/// Where a row shows that its face is kept, and is clicked to keep it.
QRectF keepPlace(const QRect& row) {
    return {row.right() - 17.0, row.top() + 6.0, 9, 9};
}

/// Name above in small print, the words below in the face.
class RowPainter : public QStyledItemDelegate {
  public:
    RowPainter(const TypefaceModel& model, QObject* parent) : QStyledItemDelegate(parent), model_(model) {}

    QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex&) const override {
        return {option.rect.width(), rowHeight};
    }
    void paint(QPainter* painter, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override {
        const drawing::Tokens& t = drawing::tokens();
        const bool chosen = option.state & QStyle::State_Selected;
        painter->save();
        painter->setRenderHint(QPainter::Antialiasing);
        painter->setClipRect(option.rect);
        if (chosen)
            painter->fillRect(option.rect, t.tideWash);
        if (chosen)
            painter->fillRect(QRect(option.rect.topLeft(), QSize(3, rowHeight)), t.tide);
        painter->setPen(index.row() + 1 == model_.recentCount() ? t.inkSoft : t.line);
        painter->drawLine(option.rect.bottomLeft(), option.rect.bottomRight());
        QFont small = painter->font();
        small.setPixelSize(drawing::scaled(11));
        painter->setFont(small);
        painter->setPen(t.inkSoft);
        painter->drawText(option.rect.adjusted(10, 4, -24, 0), Qt::AlignTop, index.data().toString());
        const bool kept = model_.isKept(index.row());
        if (kept || chosen) {
            painter->setPen(QPen(t.tide, 1.5));
            painter->setBrush(kept ? QBrush(t.tide) : QBrush(Qt::NoBrush));
            painter->drawEllipse(keepPlace(option.rect));
        }
        const QPainterPath words = model_.preview(index.row());
        const QRectF box = words.boundingRect();
        const double fits = box.width() > 0 ? (option.rect.width() - 22) / box.width() : 16;
        const double size = std::clamp(fits, 9.0, largest);
        painter->translate(option.rect.left() + 10 - box.left() * size, option.rect.bottom() - 11);
        painter->scale(size, size);
        painter->fillPath(words, t.ink);
        painter->restore();
    }

  private:
    const TypefaceModel& model_;
};

} // namespace

TypefaceModel::TypefaceModel(QObject* parent) : QAbstractListModel(parent) {
    pool_.setMaxThreadCount(1);
}
TypefaceModel::~TypefaceModel() {
    pool_.clear();
    pool_.waitForDone();
}

void TypefaceModel::setCatalogue(std::shared_ptr<const type::Catalogue> catalogue) {
    catalogue_ = std::move(catalogue);
    arrange();
}

void TypefaceModel::setWords(const QString& words, const setting::TextStyle& style) {
    const QString line = words.section(QLatin1Char('\n'), 0, 0).trimmed();
    const QString wanted = line.isEmpty() ? tr("Harbour 123") : line.left(24);
    if (wanted == words_ && style == style_)
        return;
    words_ = wanted;
    style_ = style;
    for (Facts& facts : facts_) {
        facts.thinnest.reset();
        facts.drawsNothing = false;
    }
    previews_.clear();
    arrange();
}

void TypefaceModel::setFilter(const TypefaceFilter& filter) {
    filter_ = filter;
    arrange();
}

bool TypefaceModel::isKept(int row) const {
    return kept_.contains(nameInSettings(entry(row)));
}

void TypefaceModel::keep(int row, bool kept) {
    const QString name = nameInSettings(entry(row));
    kept_.removeAll(name);
    if (kept)
        kept_.prepend(name);
    QSettings().setValue(keptKey, kept_);
    emit dataChanged(index(row), index(row));
}

bool TypefaceModel::named(int number) const {
    const type::TypefaceEntry& e = catalogue_->entries()[size_t(number)];
    return fullName(e).contains(filter_.name, Qt::CaseInsensitive) &&
           (!filter_.keptOnly || kept_.contains(nameInSettings(e)));
}

bool TypefaceModel::wanted(int number) const {
    const Facts& facts = facts_[size_t(number)];
    return !facts.drawsNothing && named(number) && (!filter_.kind || facts.kind == filter_.kind) &&
           (filter_.thinnest <= 0 || (facts.thinnest && *facts.thinnest >= filter_.thinnest));
}

void TypefaceModel::judgeAll() {
    waiting_ = 0;
    const bool kinds = filter_.kind.has_value(), strokes = filter_.thinnest > 0;
    if (!catalogue_ || (!kinds && !strokes))
        return;
    std::vector<int> unknown;
    for (size_t i = 0; i < facts_.size(); ++i)
        if (named(int(i)) && ((kinds && !facts_[i].kind) || (strokes && !facts_[i].thinnest)))
            unknown.push_back(int(i));
    constexpr size_t atATime = 24;
    for (size_t from = 0; from < unknown.size(); from += atATime) {
        const std::vector<int> some(unknown.begin() + std::ptrdiff_t(from),
                                    unknown.begin() +
                                        std::ptrdiff_t(std::min(from + atATime, unknown.size())));
        ++waiting_;
        pool_.start([this, some, kinds, strokes, catalogue = catalogue_, words = words_.toStdString(),
                     style = style_, generation = generation_.load()] {
            std::vector<std::pair<int, Facts>> found;
            for (const int number : some) {
                if (generation != generation_)
                    return;
                const type::TypefaceEntry& e = catalogue->entries()[size_t(number)];
                const auto typeface = catalogue->open({e.family, e.style});
                Facts facts;
                facts.drawsNothing = !typeface;
                if (typeface && kinds)
                    facts.kind = (*typeface)->kind();
                if (typeface && strokes)
                    facts.thinnest = check::thinnestStroke(setting::set(words, *typeface, style));
                found.emplace_back(number, facts);
            }
            QMetaObject::invokeMethod(this, [this, generation, found] { learn(generation, found); });
        });
    }
}

void TypefaceModel::learn(int generation, const std::vector<std::pair<int, Facts>>& found) {
    if (generation != generation_)
        return;
    --waiting_;
    for (const auto& [number, facts] : found) {
        Facts& kept = facts_[size_t(number)];
        const bool was = wanted(number);
        kept.drawsNothing = kept.drawsNothing || facts.drawsNothing;
        if (facts.kind)
            kept.kind = facts.kind;
        if (facts.thinnest)
            kept.thinnest = facts.thinnest;
        if (was || !wanted(number))
            continue;
        const auto place = std::lower_bound(rows_.begin() + recentCount_, rows_.end(), number);
        if (place != rows_.end() && *place == number)
            continue;
        const int row = int(place - rows_.begin());
        beginInsertRows({}, row, row);
        rows_.insert(place, number);
        endInsertRows();
    }
    emit judged();
}

void TypefaceModel::noteUse(const type::TypefaceChoice& choice) {
    if (!choice.file.empty())
        return;
    QSettings settings;
    QStringList recent = settings.value(recentKey).toStringList();
    const QString name = QString::fromStdString(choice.family + "\t" + choice.style);
    recent.removeAll(name);
    recent.prepend(name);
    settings.setValue(recentKey, recent.mid(0, mostRecent));
}

void TypefaceModel::arrange() {
    beginResetModel();
    ++generation_;
    pool_.clear(); // what was asked for another list
    rows_.clear();
    recentCount_ = 0;
    if (catalogue_) {
        const auto& all = catalogue_->entries();
        asked_.assign(all.size(), false);
        facts_.resize(all.size());
        kept_ = QSettings().value(keptKey).toStringList();
        for (const QString& name : QSettings().value(recentKey).toStringList()) {
            const QStringList parts = name.split(QLatin1Char('\t'));
            const auto* found = catalogue_->find(parts.value(0).toStdString(), parts.value(1).toStdString());
            if (found && wanted(int(found - all.data())))
                rows_.push_back(int(found - all.data()));
        }
        recentCount_ = int(rows_.size());
        for (size_t i = 0; i < all.size(); ++i)
            if (wanted(int(i)) && std::find(rows_.begin(), rows_.begin() + recentCount_, int(i)) ==
                                      rows_.begin() + recentCount_)
                rows_.push_back(int(i));
    }
    endResetModel();
    judgeAll();
    emit judged();
}

const type::TypefaceEntry& TypefaceModel::entry(int row) const {
    return catalogue_->entries()[size_t(rows_[size_t(row)])];
}

int TypefaceModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : int(rows_.size());
}

QVariant TypefaceModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || index.row() >= rowCount())
        return {};
    if (role == Qt::DisplayRole || role == Qt::AccessibleTextRole)
        return fullName(entry(index.row()));
    return {};
}

type::TypefaceChoice TypefaceModel::choiceAt(int row) const {
    return {entry(row).family, entry(row).style};
}

int TypefaceModel::rowOf(const type::TypefaceChoice& choice) const {
    for (int row = 0; row < rowCount(); ++row)
        if (entry(row).family == choice.family && entry(row).style == choice.style && choice.file.empty())
            return row;
    return -1;
}

QPainterPath TypefaceModel::preview(int row) const {
    const int number = rows_[size_t(row)];
    if (const QPainterPath* drawn = previews_.object(number))
        return *drawn;
    if (asked_[size_t(number)])
        return {};
    asked_[size_t(number)] = true;
    pool_.start(
        [this, number, catalogue = catalogue_, words = words_.toStdString(),
         generation = generation_.load()] {
            const QPainterPath path = drawnWords(*catalogue, catalogue->entries()[size_t(number)], words);
            auto* model = const_cast<TypefaceModel*>(this); // the model hears of it in its own thread
            QMetaObject::invokeMethod(model, [model, number, path, generation] {
                if (generation != model->generation_)
                    return;
                model->previews_.insert(number, new QPainterPath(path));
                const auto place = std::ranges::find(model->rows_, number);
                if (place == model->rows_.end())
                    return;
                const int shown = int(place - model->rows_.begin());
                if (path.isEmpty()) { // it draws nothing of these words: not on offer
                    model->facts_[size_t(number)].drawsNothing = true;
                    model->beginRemoveRows({}, shown, shown);
                    model->rows_.erase(place);
                    model->recentCount_ -= shown < model->recentCount_ ? 1 : 0;
                    model->endRemoveRows();
                } else {
                    emit model->dataChanged(model->index(shown), model->index(shown));
                }
            });
        },
        1);
    return {};
}

TypefaceList::TypefaceList(Maker& maker, QWidget* parent) : QWidget(parent) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(4);
    filter_ = new QLineEdit(this);
    filter_->setPlaceholderText(tr("Type a name"));
    filter_->setAccessibleName(tr("Typeface name"));
    filter_->installEventFilter(this);
    kind_ = new QComboBox(this);
    kind_->addItem(tr("all typefaces"), -2);
    kind_->addItem(tr("kept ones"), -1);
    const std::array<QString, type::typefaceKinds> kinds{tr("sans serif"), tr("serif"),       tr("script"),
                                                         tr("stencil"),    tr("single-line"), tr("other")};
    for (int i = 0; i < type::typefaceKinds; ++i)
        kind_->addItem(kinds[size_t(i)], i);
    kind_->setAccessibleName(tr("Kind of typeface"));
    thick_ = new WrappedCheckBox(this);
    told_ = softLabel({}, this);
    view_ = new QListView(this);
    view_->setModel(&model_);
    view_->setItemDelegate(new RowPainter(model_, view_));
    view_->setUniformItemSizes(true);
    view_->setMinimumHeight(3 * rowHeight);
    view_->setAccessibleName(tr("Typefaces"));
    view_->installEventFilter(this);
    auto* file = new QPushButton(tr("Open a font file…"), this);
    file->setObjectName(QStringLiteral("link"));
    auto* line = new QHBoxLayout;
    line->setSpacing(4);
    line->addWidget(filter_, 1);
    line->addWidget(kind_, 1);
    kind_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    kind_->setMinimumContentsLength(8);
    layout->addLayout(line);
    layout->addWidget(thick_);
    layout->addWidget(told_);
    layout->addWidget(view_, 1);
    layout->addWidget(file);
    model_.setCatalogue(maker.catalogue());
    connect(&maker, &Maker::catalogueReady, this, [this, &maker] { model_.setCatalogue(maker.catalogue()); });
    connect(file, &QPushButton::clicked, this, &TypefaceList::fileWanted);
    connect(filter_, &QLineEdit::textEdited, this, &TypefaceList::takeFilter);
    connect(kind_, &QComboBox::activated, this, &TypefaceList::takeFilter);
    connect(thick_, &QCheckBox::toggled, this, &TypefaceList::takeFilter);
    connect(&model_, &TypefaceModel::judged, this, [this] {
        told_->setText(model_.looking() ? tr("%1 so far; looking through the others…").arg(model_.rowCount())
                       : model_.rowCount() == 0 ? tr("No typeface is like that.")
                                                : QString());
        told_->setVisible(!told_->text().isEmpty());
    });
    told_->hide();
    connect(view_->selectionModel(), &QItemSelectionModel::currentChanged, this,
            [this](const QModelIndex& index) {
                if (index.isValid() && isVisible())
                    emit previewed(model_.choiceAt(index.row()));
            });
    connect(view_, &QListView::clicked, this, [this](const QModelIndex& index) {
        const QPointF at = view_->viewport()->mapFromGlobal(QCursor::pos());
        if (keepPlace(view_->visualRect(index)).adjusted(-6, -6, 8, 6).contains(at))
            return keepCurrent();
        model_.noteUse(model_.choiceAt(index.row()));
        emit chosen(model_.choiceAt(index.row()));
    });
}

void TypefaceList::takeFilter() {
    const int kind = kind_->currentData().toInt();
    TypefaceFilter filter{filter_->text(), kind == -1, {}, thick_->isChecked() ? thinnest_ : 0};
    if (kind >= 0)
        filter.kind = static_cast<type::TypefaceKind>(kind);
    if (filter == model_.filter())
        return;
    model_.setFilter(filter);
    if (model_.rowCount() > 0)
        view_->setCurrentIndex(model_.index(0));
}

void TypefaceList::keepCurrent() {
    const QModelIndex current = view_->currentIndex();
    if (current.isValid())
        model_.keep(current.row(), !model_.isKept(current.row()));
}

void TypefaceList::start(const type::TypefaceChoice& now, const QString& words,
                         const setting::TextStyle& style, double thinnest) {
    {
        const QSignalBlocker quiet(view_->selectionModel());
        const QSignalBlocker noKind(kind_), noThick(thick_);
        filter_->clear();
        kind_->setCurrentIndex(0);
        thick_->setChecked(false);
        thinnest_ = thinnest;
        thick_->setText(tr("Strokes of at least %1 mm at this size").arg(wording::fixedText(thinnest, 2)));
        thick_->setVisible(thinnest > 0);
        model_.setWords(words, style);
        model_.setFilter({});
        const int row = model_.rowOf(now);
        view_->setCurrentIndex(model_.index(std::max(row, 0)));
        view_->scrollTo(view_->currentIndex(), QAbstractItemView::PositionAtCenter);
    }
    view_->viewport()->update();
    filter_->setFocus();
}

bool TypefaceList::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() != QEvent::KeyPress)
        return QWidget::eventFilter(watched, event);
    const auto* key = static_cast<QKeyEvent*>(event);
    const QModelIndex current = view_->currentIndex();
    const auto go = [&](int by) {
        const int row = std::clamp(current.row() + by, 0, std::max(model_.rowCount() - 1, 0));
        view_->setCurrentIndex(model_.index(row));
    };
    switch (key->key()) {
    case Qt::Key_Escape:
        emit abandoned();
        return true;
    case Qt::Key_Return:
    case Qt::Key_Enter:
        if (current.isValid()) {
            model_.noteUse(model_.choiceAt(current.row()));
            emit chosen(model_.choiceAt(current.row()));
        }
        return true;
    case Qt::Key_Up:
        go(-1);
        return true;
    case Qt::Key_Down:
        go(1);
        return true;
    case Qt::Key_K:
        if (!(key->modifiers() & Qt::ControlModifier))
            break;
        keepCurrent();
        return true;
    case Qt::Key_PageUp:
        go(-5);
        return true;
    case Qt::Key_PageDown:
        go(5);
        return true;
    default:
        break;
    }
    // Letters typed in the list narrow it, as in the field.
    if (watched == view_ && !key->text().isEmpty() && key->text().front().isPrint()) {
        filter_->setFocus();
        filter_->insert(key->text());
        emit filter_->textEdited(filter_->text());
        return true;
    }
    return QWidget::eventFilter(watched, event);
}

} // namespace bollard::app
