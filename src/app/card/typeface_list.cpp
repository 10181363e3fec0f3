#include "app/card/typeface_list.hpp"
#include "app/controls/looks.hpp"
#include "drawing/paths.hpp"
#include "setting/setting.hpp"
#include <QKeyEvent>
#include <QLineEdit>
#include <QListView>
#include <QPainter>
#include <QPushButton>
#include <QSettings>
#include <QVBoxLayout>

namespace bollard::app {
namespace {

constexpr int mostRecent = 6, rowHeight = 52;
const auto recentKey = QStringLiteral("typefaces/recent");

QString fullName(const type::TypefaceEntry& entry) {
    return QString::fromStdString(entry.family + " " + entry.style);
}

/// The words set in the face, as one path with capitals 1 high and y down.
QPainterPath drawnWords(const type::Catalogue& catalogue, const type::TypefaceEntry& entry,
                        const std::string& words) {
    const auto typeface = catalogue.open({entry.family, entry.style, {}, 0});
    if (!typeface)
        return {};
    setting::TextStyle style;
    style.size = 10;
    style.align = setting::Align::left;
    const setting::Setting set = setting::set(words, *typeface, style);
    QPainterPath path;
    path.setFillRule(Qt::WindingFill);
    for (const setting::Letter& letter : set.letters) {
        const QPointF at = drawing::pointOf(plane::vectorOf(letter.at));
        path.addPath(
            drawing::pathOf((*typeface)->glyph(letter.glyph).outline, set.scale / plane::unitsPerMillimetre)
                .translated(at));
    }
    return QTransform::fromScale(0.1, -0.1).map(path);
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
        small.setPixelSize(11);
        painter->setFont(small);
        painter->setPen(t.inkSoft);
        painter->drawText(option.rect.adjusted(10, 4, -8, 0), Qt::AlignTop, index.data().toString());
        const QPainterPath words = model_.preview(index.row());
        const QRectF box = words.boundingRect();
        const double fits = box.width() > 0 ? (option.rect.width() - 22) / box.width() : 16;
        const double size = std::clamp(fits, 9.0, 15.0);
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

void TypefaceModel::setWords(const QString& words) {
    const QString line = words.section(QLatin1Char('\n'), 0, 0).trimmed();
    const QString wanted = line.isEmpty() ? tr("Harbour 123") : line.left(24);
    if (wanted == words_)
        return;
    words_ = wanted;
    arrange();
}

void TypefaceModel::setFilter(const QString& filter) {
    filter_ = filter;
    arrange();
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
    rows_.clear();
    previews_.clear();
    recentCount_ = 0;
    if (catalogue_) {
        const auto& all = catalogue_->entries();
        asked_.assign(all.size(), false);
        const auto wanted = [&](const type::TypefaceEntry& e) {
            return fullName(e).contains(filter_, Qt::CaseInsensitive);
        };
        for (const QString& name : QSettings().value(recentKey).toStringList()) {
            const QStringList parts = name.split(QLatin1Char('\t'));
            const auto* found = catalogue_->find(parts.value(0).toStdString(), parts.value(1).toStdString());
            if (found && wanted(*found))
                rows_.push_back(int(found - all.data()));
        }
        recentCount_ = int(rows_.size());
        for (size_t i = 0; i < all.size(); ++i)
            if (wanted(all[i]) && std::ranges::find(rows_, int(i)) == rows_.end())
                rows_.push_back(int(i));
    }
    endResetModel();
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
    return {entry(row).family, entry(row).style, {}, 0};
}

int TypefaceModel::rowOf(const type::TypefaceChoice& choice) const {
    for (int row = 0; row < rowCount(); ++row)
        if (choiceAt(row) == choice)
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
        [this, number, catalogue = catalogue_, words = words_.toStdString(), generation = generation_] {
            const QPainterPath path = drawnWords(*catalogue, catalogue->entries()[size_t(number)], words);
            auto* model = const_cast<TypefaceModel*>(this); // the model hears of it in its own thread
            QMetaObject::invokeMethod(model, [model, number, path, generation] {
                if (generation != model->generation_)
                    return;
                model->previews_.insert(number, new QPainterPath(path));
                const auto place = std::ranges::find(model->rows_, number);
                if (place != model->rows_.end()) {
                    const QModelIndex index = model->index(int(place - model->rows_.begin()));
                    emit model->dataChanged(index, index);
                }
            });
        });
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
    view_ = new QListView(this);
    view_->setModel(&model_);
    view_->setItemDelegate(new RowPainter(model_, view_));
    view_->setUniformItemSizes(true);
    view_->setFixedHeight(6 * rowHeight + 10);
    view_->setAccessibleName(tr("Typefaces"));
    view_->installEventFilter(this);
    auto* file = new QPushButton(tr("Open a font file…"), this);
    file->setObjectName(QStringLiteral("link"));
    layout->addWidget(filter_);
    layout->addWidget(view_);
    layout->addWidget(file);
    model_.setCatalogue(maker.catalogue());
    connect(&maker, &Maker::catalogueReady, this, [this, &maker] { model_.setCatalogue(maker.catalogue()); });
    connect(file, &QPushButton::clicked, this, &TypefaceList::fileWanted);
    connect(filter_, &QLineEdit::textEdited, this, [this](const QString& text) {
        model_.setFilter(text);
        if (model_.rowCount() > 0)
            view_->setCurrentIndex(model_.index(0));
    });
    connect(view_->selectionModel(), &QItemSelectionModel::currentChanged, this,
            [this](const QModelIndex& index) {
                if (index.isValid() && isVisible())
                    emit previewed(model_.choiceAt(index.row()));
            });
    connect(view_, &QListView::clicked, this, [this](const QModelIndex& index) {
        model_.noteUse(model_.choiceAt(index.row()));
        emit chosen(model_.choiceAt(index.row()));
    });
}

void TypefaceList::start(const type::TypefaceChoice& now, const QString& words) {
    {
        const QSignalBlocker quiet(view_->selectionModel());
        filter_->clear();
        model_.setWords(words);
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
