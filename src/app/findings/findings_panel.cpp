#include "app/findings/findings_panel.hpp"
#include "app/controls/empty_out.hpp"
#include "app/controls/looks.hpp"
#include "app/controls/wrap_layout.hpp"
#include "app/controls/wrapped_check_box.hpp"
#include "app/help/topic.hpp"
#include "card/own_row.hpp"
#include "wording/wording.hpp"
#include <QAccessible>
#include <QCheckBox>
#include <QElapsedTimer>
#include <QGridLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>
#include <QPushButton>
#include <QScrollArea>
#include <QStyle>
#include <map>

namespace bollard::app {
namespace {

constexpr int usualWidth = 280;

QColor colourOf(check::Severity severity) {
    const drawing::Tokens& t = drawing::tokens();
    return severity == check::Severity::stop    ? t.stop
           : severity == check::Severity::watch ? t.watch
                                                : t.inkSoft;
}

QString nameOf(check::Severity severity) {
    return severity == check::Severity::stop    ? FindingsPanel::tr("Stop")
           : severity == check::Severity::watch ? FindingsPanel::tr("Watch")
                                                : FindingsPanel::tr("Note");
}

/// What is about the same is one row: its places all together, those that stop first.
std::vector<check::Finding> oneForEachMatter(const std::vector<check::Finding>& findings) {
    std::vector<check::Finding> rows;
    std::map<std::pair<check::FindingKind, int>, size_t> known;
    for (const check::Finding& finding : findings) {
        const bool apart = finding.places.empty() || finding.inscription < 0 || finding.accepted;
        const auto [row, isNew] = known.try_emplace({finding.kind, finding.inscription}, rows.size());
        if (apart || isNew) {
            rows.push_back(finding);
            continue;
        }
        check::Finding& worse = rows[row->second];
        worse.places.insert(worse.places.end(), finding.places.begin(), finding.places.end());
        worse.count += finding.count;
    }
    return rows;
}

QLabel* wrapped(const QString& text, QWidget* parent) {
    auto* label = new QLabel(text, parent);
    label->setWordWrap(true);
    label->setTextFormat(Qt::PlainText);
    return label;
}

} // namespace

void paintMark(QPainter& painter, const QRectF& box, check::Severity severity) {
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(Qt::NoPen);
    painter.setBrush(colourOf(severity));
    const int corners = severity == check::Severity::stop ? 8 : 3;
    if (severity == check::Severity::note)
        return painter.drawEllipse(box.adjusted(3, 3, -3, -3));
    QPolygonF shape;
    for (int i = 0; i < corners; ++i) {
        const double angle = (corners == 8 ? M_PI / 8 : -M_PI / 2) + 2 * M_PI * i / corners;
        shape << box.center() +
                     QPointF(std::cos(angle), std::sin(angle)) * box.width() * (corners == 8 ? 0.54 : 0.58);
    }
    painter.drawPolygon(corners == 3 ? shape.translated(0, 1.5) : shape);
}

FindingRow::FindingRow(QWidget* parent) : QFrame(parent) {
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
    auto* grid = new QGridLayout(this);
    const bool fromRight = layoutDirection() == Qt::RightToLeft;
    grid->setContentsMargins(fromRight ? 14 : 40, 12, fromRight ? 40 : 14, 12);
    grid->setHorizontalSpacing(8);
    grid->setVerticalSpacing(3);
    title_ = wrapped({}, this);
    QFont bold = title_->font();
    bold.setWeight(QFont::DemiBold);
    title_->setFont(bold);
    measured_ = new QLabel(this);
    measured_->setFont(bold);
    where_ = wrapped({}, this);
    why_ = wrapped({}, this);
    why_->setObjectName(QStringLiteral("soft"));
    grid->addWidget(title_, 0, 0);
    grid->addWidget(measured_, 0, 1, Qt::AlignRight | Qt::AlignTop);
    grid->addWidget(where_, 2, 0, 1, 2);
    step_ = softLabel({}, this);
    step_->hide();
    grid->addWidget(step_, 5, 0, 1, 2);
    grid->addWidget(why_, 3, 0, 1, 2);
    grid->setColumnStretch(0, 1);
    mends_ = new QVBoxLayout;
    mends_->setSpacing(2);
    grid->addLayout(mends_, 4, 0, 1, 2);
    stand_ = new QPushButton(this);
    stand_->setObjectName(QStringLiteral("link"));
    auto* why = new QPushButton(tr("Why?"), this);
    why->setObjectName(QStringLiteral("link"));
    why->setAccessibleName(tr("Help on this finding"));
    connect(why, &QPushButton::clicked, this, &FindingRow::helpWanted);
    auto* links = new WrapLayout(16);
    links->addWidget(stand_);
    links->addWidget(why);
    grid->addLayout(links, 6, 0, 1, 2);
    reason_ = new QLineEdit(this);
    reason_->setPlaceholderText(tr("why it may stand; Return"));
    reason_->setAccessibleName(tr("Why the finding may stand"));
    reason_->hide();
    grid->addWidget(reason_, 7, 0, 1, 2);
    connect(stand_, &QPushButton::clicked, this, [this] {
        if (finding_.accepted)
            emit countWanted();
        else
            askReason();
    });
    connect(reason_, &QLineEdit::returnPressed, this, [this] {
        reason_->hide();
        emit acceptWanted(reason_->text().trimmed());
    });
}

/// Asks in place for a reason; Esc leaves it.
void FindingRow::askReason() {
    reason_->clear();
    reason_->show();
    reason_->setFocus();
}

void FindingRow::showStanding() {
    const bool may = finding_.severity != check::Severity::note;
    stand_->setVisible(may || finding_.accepted);
    stand_->setText(finding_.accepted ? tr("Count it again") : tr("Let it stand"));
    if (!finding_.accepted)
        return;
    reason_->hide();
    why_->setText(whyItStands_.isEmpty() ? tr("You let it stand.")
                                         : tr("You let it stand: %1").arg(whyItStands_));
}

void FindingRow::tell(const check::Finding& finding, const card::Card& card) {
    if (finding_.places.size() != finding.places.size())
        endSteps();
    finding_ = finding;
    explain(this, QString::fromUtf8(check::nameOf(finding.kind).data(),
                                    qsizetype(check::nameOf(finding.kind).size())));
    const wording::FindingText text = wording::textOf(finding, card);
    const auto set = [](QLabel* label, const QString& now) {
        if (label->text() != now)
            label->setText(now);
    };
    set(title_, text.title);
    set(measured_, text.measured);
    placeMeasured();
    set(where_, text.where);
    where_->setVisible(!text.where.isEmpty());
    set(why_, text.why);
    whyItStands_.clear();
    for (const card::Accepted& accepted : card.accepted)
        if (accepted.finding == finding.id)
            whyItStands_ = QString::fromStdString(accepted.reason);
    showStanding();
    setAccessibleName(QStringLiteral("%1: %2 %3").arg(nameOf(finding.severity), text.title, text.measured));
    setAccessibleDescription(text.where + QStringLiteral(". ") + text.why);
    update();
}

/// Beside the title, or below it where its longest word leaves no room.
void FindingRow::placeMeasured() {
    auto* const grid = static_cast<QGridLayout*>(layout());
    int longest = 0;
    for (const QString& word : title_->text().split(QLatin1Char(' ')))
        longest = std::max(longest, title_->fontMetrics().horizontalAdvance(word));
    const QMargins margins = grid->contentsMargins();
    const bool beside = longest + grid->horizontalSpacing() + measured_->sizeHint().width() <=
                        panelWidth(usualWidth) - margins.left() - margins.right();
    grid->removeWidget(title_);
    grid->removeWidget(measured_);
    grid->addWidget(title_, 0, 0, 1, beside ? 1 : 2);
    if (beside)
        grid->addWidget(measured_, 0, 1, Qt::AlignRight | Qt::AlignTop);
    else
        grid->addWidget(measured_, 1, 0, 1, 2);
}

check::Finding FindingRow::step() {
    check::Finding there = finding_;
    const int places = int(finding_.places.size());
    if (places < 2)
        return there;
    place_ = (place_ + 1) % places;
    there.places = {finding_.places[size_t(place_)]};
    step_->setText(tr("Place %1 of %2").arg(place_ + 1).arg(places));
    step_->show();
    return there;
}

void FindingRow::endSteps() {
    place_ = -1;
    step_->hide();
}

void FindingRow::staleOffers() {
    stale_ = true;
    enableMends(false);
}

void FindingRow::enableMends(bool on) {
    for (int i = 0; i < mends_->count(); ++i)
        mends_->itemAt(i)->widget()->setEnabled(on);
}

void FindingRow::offer(const std::vector<mend::Offer>& offers) {
    const auto alike = [](const mend::Offer& a, const mend::Offer& b) {
        return a.mend == b.mend && a.card == b.card;
    };
    stale_ = false;
    if (std::ranges::equal(offers, offers_, alike))
        return enableMends(true);
    offers_ = offers;
    const QWidget* focused = window()->focusWidget();
    const bool hadFocus = focused && focused != this && isAncestorOf(focused);
    while (mends_->count() > 0) {
        QWidget* button = mends_->itemAt(0)->widget();
        mends_->removeWidget(button);
        takeOut(*button);
    }
    for (const mend::Offer& offer : offers) {
        const QString sentence = wording::sentenceOf(offer);
        QPushButton* button = elidedButton(wording::buttonOf(offer), this);
        button->setAccessibleName(tr("Mend: %1").arg(sentence));
        button->setToolTip(sentence);
        connect(button, &QPushButton::clicked, this, [this, offer] { emit mendWanted(offer); });
        mends_->addWidget(button);
    }
    if (hadFocus)
        setFocus();
}

void FindingRow::paintEvent(QPaintEvent* event) {
    QFrame::paintEvent(event);
    QPainter painter(this);
    const drawing::Tokens& t = drawing::tokens();
    if (hasFocus() || underMouse())
        painter.fillRect(rect(), t.tideWash);
    painter.setPen(t.line);
    painter.drawLine(16, height() - 1, width() - 16, height() - 1);
    paintMark(painter, QStyle::visualRect(layoutDirection(), rect(), QRect(16, 14, 14, 14)),
              finding_.severity);
}

void FindingRow::enterEvent(QEnterEvent*) {
    update();
    emit pointed(true);
}
void FindingRow::leaveEvent(QEvent*) {
    update();
    emit pointed(hasFocus());
}
void FindingRow::focusInEvent(QFocusEvent*) {
    update();
    emit pointed(true);
}
void FindingRow::focusOutEvent(QFocusEvent*) {
    update();
    emit pointed(false);
}
void FindingRow::mousePressEvent(QMouseEvent*) {
    setFocus();
    emit opened();
}
void FindingRow::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape && reason_->isVisible()) {
        reason_->hide();
        return setFocus();
    }
    if (reason_->hasFocus())
        return;
    if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter || event->key() == Qt::Key_Space)
        emit opened();
    else
        QFrame::keyPressEvent(event);
}

FindingsPanel::FindingsPanel(CardEditor& editor, Maker& maker, QWidget* parent)
    : QFrame(parent), editor_(editor), maker_(maker), mending_(this) {
    setObjectName(QStringLiteral("findings"));
    setFixedWidth(panelWidth(usualWidth));
    setAccessibleName(tr("Findings"));
    explain(this, QStringLiteral("findings"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    auto* head = new QVBoxLayout;
    head->setContentsMargins(16, 14, 14, 12);
    head->setSpacing(4);
    auto* title = new QLabel(tr("Findings"), this);
    title->setObjectName(QStringLiteral("title"));
    verdict_ = wrapped({}, this);
    verdict_->setAccessibleName(tr("Verdict"));
    QFont bold = verdict_->font();
    bold.setWeight(QFont::DemiBold);
    verdict_->setFont(bold);
    head->addWidget(title);
    head->addWidget(verdict_);
    mendAll_ = new QPushButton(tr("Mend all…"), this);
    mendAll_->setAccessibleName(tr("Look for mends of all that stops"));
    head->addWidget(mendAll_);
    connect(mendAll_, &QPushButton::clicked, this, &FindingsPanel::planWanted);
    oneRow_ = new WrappedCheckBox(this);
    oneRow_->hide();
    head->addWidget(oneRow_);
    layout->addLayout(head);

    auto* scroll = new QScrollArea(this);
    scroll->setWidgetResizable(true);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setFocusPolicy(Qt::NoFocus);
    auto* inside = new QWidget(scroll);
    list_ = new QVBoxLayout(inside);
    list_->setContentsMargins(0, 0, 0, 0);
    list_->setSpacing(0);
    list_->addStretch();
    scroll->setWidget(inside);
    layout->addWidget(scroll, 1);
    connect(&maker_, &Maker::stageDone, this, &FindingsPanel::takeShown);
    takeShown();
}

void FindingsPanel::setBeside(bool beside) {
    if (beside)
        return setFixedWidth(panelWidth(usualWidth));
    setMinimumWidth(0);
    setMaximumWidth(QWIDGETSIZE_MAX);
}

QString FindingsPanel::verdict() const {
    return verdict_->text();
}

QList<FindingRow*> FindingsPanel::rows() const {
    QList<FindingRow*> rows;
    for (int i = 0; i < list_->count(); ++i)
        if (auto* row = qobject_cast<FindingRow*>(list_->itemAt(i)->widget()))
            rows << row;
    return rows;
}

void FindingsPanel::takeShown() {
    const auto& checked = maker_.shown().made.checked;
    const check::Severity worst = checked ? check::worstOf(checked->findings) : check::Severity::note;
    verdict_->setText(wording::verdictOf(maker_.shown().made));
    QPalette palette = verdict_->palette();
    palette.setColor(QPalette::WindowText, worst != check::Severity::note ? colourOf(worst)
                                           : checked && checked->complete ? drawing::tokens().sound
                                                                          : drawing::tokens().inkSoft);
    verdict_->setPalette(palette);
    if (checked && checked->complete)
        announce(worst);
    mendAll_->setVisible(worst == check::Severity::stop && checked && checked->complete);
    oneRow_->setText(tr("Mends only for row %1").arg(editor_.card().row + 1));
    oneRow_->setVisible(editor_.card().rows->count() > 1 && worst != check::Severity::note);
    const quantity::Unit unit = editor_.card().unit;
    if (checked == checked_ && unit == unit_)
        return;
    checked_ = checked;
    unit_ = unit;
    mending_.stop();
    const QList<FindingRow*> before = rows();
    const int focused = int(before.indexOf(qobject_cast<FindingRow*>(focusWidget())));
    emit lit({}, true);
    // A row stays with its finding, so that only what is different is laid out again.
    std::multimap<std::string, FindingRow*> known;
    for (FindingRow* row : before)
        known.emplace(row->finding().id, row);
    int place = 0;
    if (checked)
        for (const check::Finding& finding : oneForEachMatter(checked->findings)) {
            const auto kept = known.find(finding.id);
            FindingRow* row = kept != known.end() ? kept->second : newRow();
            if (kept != known.end())
                known.erase(kept);
            if (list_->indexOf(row) != place) {
                list_->removeWidget(row);
                list_->insertWidget(place, row);
            }
            ++place;
            row->staleOffers();
            row->tell(finding, editor_.card());
        }
    for (const auto& [id, row] : known)
        takeOut(*row);
    if (checked && checked->complete)
        lookForMends();
    if (const auto now = rows(); focused >= 0 && !now.isEmpty()) {
        FindingRow* row = before[focused];
        (now.contains(row) ? row : now[std::min(focused, int(now.size()) - 1)])->setFocus();
        if (now.contains(row))
            emit row->pointed(true);
    }
}

/// Whoever listens to the window hears another verdict; a stop is said at once.
void FindingsPanel::announce(check::Severity worst) {
    const QString verdict = verdict_->text();
    if (verdict == announced_)
        return;
    announced_ = verdict;
    verdict_->setAccessibleName(tr("Verdict: %1").arg(verdict));
    if (worst == check::Severity::stop) {
        QAccessibleEvent alert(verdict_, QAccessible::Alert);
        QAccessible::updateAccessibility(&alert);
    }
}

FindingRow* FindingsPanel::newRow() {
    auto* row = new FindingRow(this);
    connect(row, &FindingRow::pointed, this, [this, row](bool on) {
        emit lit(on ? row->finding().places : std::vector<check::FindingPlace>{},
                 row->finding().severity == check::Severity::stop);
    });
    connect(row, &FindingRow::opened, this, [this, row] { open(row); });
    connect(row, &FindingRow::mendWanted, this, &FindingsPanel::mend);
    connect(row, &FindingRow::helpWanted, this, [this, row] { emit helpWanted(topicsOf(row)); });
    connect(row, &FindingRow::acceptWanted, this, [this, row](const QString& reason) {
        editor_.edit(tr("Let a finding stand"), {}, [&](card::Card& card) {
            std::erase_if(card.accepted,
                          [&](const card::Accepted& one) { return one.finding == row->finding().id; });
            card.accepted.push_back({row->finding().id, reason.toStdString(), row->finding().measured});
        });
    });
    connect(row, &FindingRow::countWanted, this, [this, row] {
        editor_.edit(tr("Count a finding again"), {}, [&](card::Card& card) {
            std::erase_if(card.accepted,
                          [&](const card::Accepted& one) { return one.finding == row->finding().id; });
        });
    });
    return row;
}

void FindingsPanel::lookForMends() {
    const card::Made& made = maker_.shown().made;
    offeredFor_ = editor_.card();
    const card::Card card = *card::cardOfRow(std::make_shared<const card::Card>(offeredFor_));
    if (std::ranges::none_of(made.checked->findings, [&](const check::Finding& finding) {
            return mend::mayBeMended(finding, card);
        })) {
        for (FindingRow* row : rows())
            row->offer({});
        return;
    }
    mending_.start([this, made, card, folder = editor_.folder().toStdString(),
                    catalogue = maker_.catalogue()](const Background::Courier& courier) {
        card::Pipeline trial(catalogue);
        // Together, a few times a second: each time the rows are laid out anew.
        std::map<std::string, std::vector<mend::Offer>> found;
        const auto tell = [&] {
            courier.post([this, checked = made.checked, found] {
                if (checked != checked_)
                    return; // the card has changed
                for (FindingRow* row : rows())
                    if (const auto offers = found.find(row->finding().id); offers != found.end())
                        row->offer(offers->second);
            });
            found.clear();
        };
        constexpr int often = 200; // ms
        QElapsedTimer sinceTold;
        sinceTold.start();
        for (const check::Finding& finding : made.checked->findings) {
            if (courier.stop().stop_requested())
                return;
            found[finding.id] =
                mend::offersFor({card, made, folder}, finding, trial, catalogue.get(), courier.stop());
            if (sinceTold.hasExpired(often)) {
                tell();
                sinceTold.restart();
            }
        }
        tell();
    });
}

void FindingsPanel::mend(const mend::Offer& offer) {
    if (!editor_.isStill(offeredFor_))
        return lookForMends(); // it has changed a moment ago
    const card::Card& card = editor_.card();
    const card::Card ofRow = *card::cardOfRow(std::make_shared<const card::Card>(card));
    editor_.mend(wording::buttonOf(offer), !oneRow_->isHidden() && oneRow_->isChecked()
                                               ? card::withOwnRow(card, offer.card)
                                               : card::withForAll(card, ofRow, offer.card));
}

void FindingsPanel::open(FindingRow* row) {
    last_ = int(rows().indexOf(row));
    for (FindingRow* other : rows())
        if (other != row)
            other->endSteps();
    emit opened(row->step());
}

void FindingsPanel::mendFirst() {
    const QList<FindingRow*> all = rows();
    const auto hasOne = [](const FindingRow* row) { return !row->offers().empty(); };
    const bool opened = last_ >= 0 && last_ < all.size() && hasOne(all[last_]);
    const auto row = opened ? all.begin() + last_ : std::ranges::find_if(all, hasOne);
    if (row != all.end())
        mend((*row)->offers().front());
}

void FindingsPanel::next() {
    const QList<FindingRow*> all = rows();
    if (all.isEmpty())
        return;
    last_ = (last_ + 1) % int(all.size());
    all[last_]->setFocus();
    open(all[last_]);
}

} // namespace bollard::app
