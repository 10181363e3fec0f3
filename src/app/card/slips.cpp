#include "app/card/slips.hpp"
#include "app/controls/empty_out.hpp"
#include "app/controls/looks.hpp"
#include "app/controls/wrap_layout.hpp"
#include "card/free_room.hpp"
#include "wording/wording.hpp"
#include <QApplication>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QMenu>
#include <QPainter>
#include <QPointer>
#include <QPushButton>
#include <QScrollArea>

namespace bollard::app {
namespace {

/// One inscription: its words and how they are worked. Up and down go to the neighbours.
class Slip : public QPushButton {
  public:
    Slip(CardEditor& editor, int number, QWidget* parent) : QPushButton(parent) {
        setCheckable(true);
        setMinimumHeight(28);
        auto* layout = new QHBoxLayout(this);
        layout->setContentsMargins(10, 0, 8, 0);
        words_ = new QLabel(this);
        how_ = softLabel({}, this);
        words_->setAttribute(Qt::WA_TransparentForMouseEvents);
        how_->setAttribute(Qt::WA_TransparentForMouseEvents);
        layout->addWidget(words_, 1);
        layout->addWidget(how_);
        QObject::connect(this, &QPushButton::clicked, &editor, [&editor, number] {
            if (QApplication::keyboardModifiers() & Qt::ShiftModifier)
                editor.toggle(number);
            else
                editor.select(number);
        });
    }

    /// Shows the inscription; what is as it was is left alone.
    void tell(const CardEditor& editor, int number) {
        const card::Inscription& inscription = editor.card().inscriptions[size_t(number)];
        const QString words = wording::nameOf(inscription, 20);
        QString how = inscription.hidden    ? QObject::tr("hidden")
                      : inscription.cutsOut ? QObject::tr("cuts out")
                                            : wording::nameOf(inscription.working.kind);
        if (!inscription.side.empty() && inscription.side != blank::sidesOf(editor.card().blank).front())
            how = QObject::tr("%1, %2").arg(wording::nameOfSide(inscription.side), how);
        if (inscription.group > 0)
            how += QObject::tr(" · group %1").arg(inscription.group);
        const QString name = QObject::tr("Inscription %1: %2, %3").arg(number + 1).arg(words, how);
        if (name != accessibleName()) {
            setAccessibleName(name);
            words_->setText(words.isEmpty() ? QObject::tr("(no words)") : words);
            how_->setText(how);
        }
        const bool selected = number == editor.selected();
        if (words_->font().weight() != (selected ? QFont::DemiBold : QFont::Normal)) {
            QFont font = words_->font();
            font.setWeight(selected ? QFont::DemiBold : QFont::Normal);
            words_->setFont(font);
        }
        setChecked(selected);
        const bool chosen = std::ranges::count(editor.chosen(), number) > 0;
        if (chosen != chosen_)
            update();
        chosen_ = chosen;
    }

  protected:
    void paintEvent(QPaintEvent* event) override {
        QPushButton::paintEvent(event);
        if (!chosen_)
            return;
        QPainter painter(this);
        painter.fillRect(QRect(0, 0, 4, height()), drawing::tokens().tide);
    }

  private:
    QLabel *words_, *how_;
    bool chosen_ = false;
};

} // namespace

Slips::Slips(CardEditor& editor, Maker& maker, QWidget* parent)
    : QWidget(parent), editor_(editor), maker_(maker) {
    setAccessibleName(tr("Inscriptions"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 4);
    layout->setSpacing(4);
    scroll_ = new QScrollArea(this);
    scroll_->setWidgetResizable(true);
    scroll_->setFocusPolicy(Qt::NoFocus);
    scroll_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* inside = new QWidget(scroll_);
    list_ = new QVBoxLayout(inside);
    list_->setContentsMargins(0, 0, 0, 0);
    list_->setSpacing(4);
    scroll_->setWidget(inside);
    layout->addWidget(scroll_);
    auto* row = new QHBoxLayout;
    row->setSpacing(2);
    auto* add = new QPushButton(tr("Add inscription"), this);
    add->setObjectName(QStringLiteral("link"));
    connect(add, &QPushButton::clicked, this, &Slips::addInscription);
    auto* ornament = new QPushButton(tr("Add ornament"), this);
    ornament->setObjectName(QStringLiteral("link"));
    auto* kinds = new QMenu(ornament);
    for (int i = 1; i < setting::ornamentKinds; ++i) {
        const auto kind = static_cast<setting::OrnamentKind>(i);
        const bool fromFile = kind == setting::OrnamentKind::artwork;
        kinds->addAction(fromFile ? tr("artwork from a file…") : wording::nameOf(kind), this,
                         [this, kind, fromFile] {
                             if (fromFile)
                                 emit artworkFileWanted();
                             else
                                 addOrnament(kind);
                         });
    }
    ornament->setMenu(kinds);
    auto* adds = new WrapLayout(16);
    adds->addWidget(add);
    adds->addWidget(ornament);
    layout->addLayout(adds);
    const auto tool = [&](const char* iconName, const QString& text, auto act) {
        QPushButton* button = iconButton(QString::fromLatin1(iconName), text, this);
        connect(button, &QPushButton::clicked, this, act);
        row->addWidget(button);
        return button;
    };
    copy_ = tool("copy", tr("Copy inscription"), [this] { editor_.copyInscription(); });
    up_ = tool("up", tr("Move inscription up"), [this] { editor_.moveInscription(-1); });
    down_ = tool("down", tr("Move inscription down"), [this] { editor_.moveInscription(1); });
    hide_ = tool("hide", tr("Hide or show inscription"), [this] {
        editor_.editInscription(tr("Hide or show inscription"), {}, [](card::Inscription& inscription) {
            inscription.hidden = !inscription.hidden;
        });
    });
    remove_ = tool("remove", tr("Delete inscription"), [this] { editor_.deleteInscription(); });
    row->addStretch();
    layout->addLayout(row);
}

void Slips::addInscription() {
    editor_.add(
        tr("Add inscription"),
        {card::newInscription(editor_.card(), maker_.lettering(), editor_.inscription(),
                              tr("new words").toStdString(), maker_.catalogue().get(), editor_.sideOfNew())});
    emit wordsWanted();
}

void Slips::addOrnament(setting::OrnamentKind kind) {
    setting::Ornament ornament;
    ornament.kind = kind;
    const plane::Vector size = blank::sizeOf(editor_.card().blank, editor_.side());
    const card::Inscription* words = editor_.inscription();
    const bool goesWithWords = kind == setting::OrnamentKind::frame || kind == setting::OrnamentKind::backing;
    if (goesWithWords && words && !words->isOrnament())
        ornament.around = card::idsOf(editor_.card())[size_t(editor_.selected())];
    if (size.x > 0) {
        ornament.width = std::round(size.x * 0.6);
        ornament.height = kind == setting::OrnamentKind::bar ? 1.5 : std::round(size.y * 0.6);
    }
    editor_.add(tr("Add ornament"),
                {card::newOrnament(editor_.card(), maker_.lettering(), editor_.inscription(), ornament,
                                   editor_.sideOfNew())});
}

void Slips::refresh() {
    const bool hadFocus = list_->parentWidget() && isAncestorOf(QWidget::window()->focusWidget()) &&
                          dynamic_cast<Slip*>(QWidget::window()->focusWidget());
    const int wanted = int(editor_.card().inscriptions.size());
    for (int i = list_->count(); i < wanted; ++i)
        list_->addWidget(new Slip(editor_, i, this));
    while (list_->count() > wanted)
        takeOut(*list_->itemAt(list_->count() - 1)->widget());
    QWidget* shown = nullptr;
    for (int i = 0; i < wanted; ++i) {
        auto* slip = static_cast<Slip*>(list_->itemAt(i)->widget());
        slip->tell(editor_, i);
        if (hadFocus && slip->isChecked())
            slip->setFocus();
        if (slip->isChecked())
            shown = slip;
    }
    // A long card does not push its fields out of sight.
    const int slipHeight = drawing::scaled(32);
    constexpr int mostSlips = 6;
    const int count = std::clamp(wanted, 0, mostSlips);
    scroll_->setFixedHeight(std::max(0, count * slipHeight - 4));
    if (shown && (editor_.selected() != inView_ || wanted != shownCount_))
        QMetaObject::invokeMethod(
            this,
            [this, slip = QPointer<QWidget>(shown)] {
                if (slip)
                    scroll_->ensureWidgetVisible(slip, 0, 0);
            },
            Qt::QueuedConnection); // once it has its place
    inView_ = editor_.selected();
    shownCount_ = wanted;
    const bool any = editor_.inscription() != nullptr;
    for (QPushButton* button : {copy_, remove_, hide_})
        button->setEnabled(any);
    up_->setEnabled(any && editor_.selected() > 0);
    down_->setEnabled(any && editor_.selected() + 1 < int(editor_.card().inscriptions.size()));
}

} // namespace bollard::app
