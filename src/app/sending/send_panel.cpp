#include "app/sending/send_panel.hpp"
#include "app/controls/looks.hpp"
#include "cut/gcode.hpp"
#include "wording/wording.hpp"
#include <QCheckBox>
#include <QComboBox>
#include <QFormLayout>
#include <QLabel>
#include <QProgressBar>
#include <QPushButton>
#include <QSettings>
#include <QStyle>

namespace bollard::app {
namespace {

const auto keptDevice = QStringLiteral("send/device"), keptProtocol = QStringLiteral("send/protocol");

} // namespace

SendPanel::SendPanel(CardEditor& editor, Maker& maker, QWidget* parent)
    : QWidget(parent), editor_(editor), maker_(maker), background_(this) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    auto* form = new QFormLayout;
    device_ = new QComboBox(this);
    device_->setEditable(true);
    device_->setAccessibleName(tr("Serial port or local socket of the controller"));
    form->addRow(tr("Device"), device_);
    protocol_ = new QComboBox(this);
    protocol_->setAccessibleName(tr("How the controller is talked to"));
    form->addRow(tr("Protocol"), protocol_);
    column->addLayout(form);
    airRun_ = new QCheckBox(tr("Run round it in the air first"), this);
    column->addWidget(airRun_);
    start_ = new QPushButton(tr("Send the program"), this);
    start_->setObjectName(QStringLiteral("main"));
    column->addWidget(start_);
    connect(start_, &QPushButton::clicked, this, [this] { start(); });
    auto* buttons = new QHBoxLayout;
    hold_ = new QPushButton(tr("Hold"), this);
    stop_ = new QPushButton(tr("Stop"), this);
    buttons->addWidget(hold_);
    buttons->addWidget(stop_);
    column->addLayout(buttons);
    connect(hold_, &QPushButton::clicked, this, &SendPanel::hold);
    connect(stop_, &QPushButton::clicked, this, &SendPanel::stop);
    progress_ = new QProgressBar(this);
    progress_->setAccessibleName(tr("How much is confirmed"));
    progress_->setTextVisible(false);
    progress_->setFixedHeight(8);
    column->addWidget(progress_);
    lines_ = softLabel({}, this);
    time_ = softLabel({}, this);
    column->addWidget(lines_);
    column->addWidget(time_);
    told_ = new QLabel(this);
    told_->setWordWrap(true);
    told_->setAccessibleName(tr("What became of it"));
    column->addWidget(told_);
    goOn_ = new QPushButton(this);
    column->addWidget(goOn_);
    goOn_->hide();
    connect(goOn_, &QPushButton::clicked, this, [this] { start(std::max(1, lastLine_)); });
    column->addStretch(1);
    showState();
}

QString SendPanel::told() const {
    return told_->text();
}

void SendPanel::say(const QString& text, bool problem) {
    told_->setObjectName(problem ? QStringLiteral("problem") : QString());
    told_->style()->unpolish(told_);
    told_->style()->polish(told_);
    told_->setText(text);
}

void SendPanel::refresh() {
    const QString device =
        device_->currentText().isEmpty() ? QSettings().value(keptDevice).toString() : device_->currentText();
    device_->clear();
    device_->addItems(sending::devices());
    device_->setEditText(device.isEmpty() && device_->count() > 0 ? device_->itemText(0) : device);
    const QString protocol = QSettings().value(keptProtocol, QStringLiteral("plain")).toString();
    protocol_->clear();
    const auto all = sending::protocols();
    if (!all)
        return say(wording::sentenceOf(all.problem()), true);
    protocols_ = *all;
    for (const send::Protocol& one : protocols_)
        protocol_->addItem(QString::fromStdString(one.name));
    protocol_->setCurrentIndex(std::max(0, protocol_->findText(protocol)));
}

/// The program is written as the card is now, off this thread.
void SendPanel::start(int fromLine) {
    const card::Made& made = maker_.shown().made;
    if (link_)
        return;
    if (maker_.busy() || !made.checked || !made.lettering || !made.shop)
        return say(tr("The card is still being made; try again in a moment."), true);
    if (check::worstOf(made.checked->findings) == check::Severity::stop)
        return say(tr("%1. Mend it before it is sent.").arg(wording::verdictOf(made)), true);
    say(tr("Writing the program…"), false);
    goOn_->hide();
    background_.start([this, made, fromLine, title = editor_.title().toStdString(),
                       air = airRun_->isChecked() && fromLine == 0](const Background::Courier& courier) {
        const auto cuttings = card::cuttingsOf(made, courier.stop());
        const cut::Dialect* const dialect = made.shop->dialect(made.card->machine.dialect);
        std::vector<std::string> programs;
        std::optional<quantity::Problem> problem;
        const auto add = [&](quantity::Result<std::string> bytes) {
            if (bytes)
                programs.push_back(*std::move(bytes));
            else
                problem = bytes.problem();
        };
        if (!dialect) {
            problem = quantity::Problem{quantity::ProblemKind::dialectUnknown, made.card->machine.dialect};
        } else {
            if (air)
                add(cut::airRunOf(cuttings->front, *dialect, {title, {}}));
            add(cut::gcodeOf(cuttings->front, *dialect, {title, {}}));
        }
        courier.post([this, programs, problem, fromLine] {
            if (problem)
                return say(wording::sentenceOf(*problem), true);
            sendBytes(programs, fromLine);
        });
    });
}

void SendPanel::sendBytes(std::vector<std::string> programs, int fromLine) {
    QSettings().setValue(keptDevice, device_->currentText());
    QSettings().setValue(keptProtocol, protocol_->currentText());
    programs_ = std::move(programs);
    fromLine_ = fromLine;
    sendNext();
}

void SendPanel::sendNext() {
    const std::string text = programs_.front();
    programs_.erase(programs_.begin());
    inAir_ = !programs_.empty();
    auto program = send::programFrom(text, editor_.title().toStdString());
    if (!program)
        return say(wording::sentenceOf(program.problem()), true);
    const auto protocol =
        std::ranges::find(protocols_, protocol_->currentText().toStdString(), &send::Protocol::name);
    if (protocol == protocols_.end())
        return say(tr("No protocol is chosen."), true);
    auto link =
        std::make_unique<sending::Link>(*std::move(program), *protocol, send::SendChoices{fromLine_, 10});
    if (const auto opened = link->open(device_->currentText()); !opened)
        return say(wording::sentenceOf(opened.problem()), true);
    link_ = std::move(link);
    ended_.reset();
    say(inAir_ ? tr("It runs round the work in the air.") : QString(), false);
    connect(link_.get(), &sending::Link::changed, this, &SendPanel::showState);
    connect(link_.get(), &sending::Link::over, this, &SendPanel::finish, Qt::QueuedConnection);
    showState();
}

void SendPanel::hold() {
    if (!link_)
        return;
    if (link_->sender().state() == send::SendState::holding)
        link_->resume();
    else
        link_->hold();
    showState();
}

void SendPanel::stop() {
    programs_.clear();
    if (link_)
        link_->stop();
}

void SendPanel::showState() {
    const bool runs = link_ != nullptr;
    start_->setEnabled(!runs);
    device_->setEnabled(!runs);
    protocol_->setEnabled(!runs);
    airRun_->setEnabled(!runs);
    for (QWidget* widget : std::initializer_list<QWidget*>{hold_, stop_, progress_, lines_, time_})
        widget->setVisible(runs || (ended_ && widget != hold_ && widget != stop_));
    if (!runs)
        return;
    const send::Sender& sender = link_->sender();
    const bool holds = sender.state() == send::SendState::holding;
    hold_->setText(holds ? tr("Go on") : tr("Hold"));
    progress_->setRange(0, std::max(1, sender.count()));
    progress_->setValue(sender.confirmed());
    lines_->setText(sender.state() == send::SendState::greeting ? tr("Waiting for the controller…")
                                                                : tr("Line %1; %2 of %3 confirmed")
                                                                      .arg(sender.line())
                                                                      .arg(sender.confirmed())
                                                                      .arg(sender.count()));
    const double done = sender.secondsDone(), all = sender.secondsAll();
    time_->setText(tr("%1 of %2 at full feed").arg(wording::timeText(done), wording::timeText(all)));
    emit moved(sender.position());
}

void SendPanel::finish() {
    const auto link = std::move(link_);
    if (!link)
        return;
    const send::Sender& sender = link->sender();
    ended_ = sender.state();
    lastLine_ = sender.line();
    emit moved(std::nullopt);
    if (sender.state() == send::SendState::done && !programs_.empty()) {
        sendNext();
        return;
    }
    programs_.clear();
    if (sender.state() == send::SendState::done)
        say(tr("Sent to “%1”: all %2 lines are confirmed.")
                .arg(QString::fromStdString(sender.controller()))
                .arg(sender.confirmed()),
            false);
    else if (sender.problem())
        say(wording::sentenceOf(*sender.problem()), true);
    else
        say(tr("Stopped. The last line that was confirmed is %1.").arg(sender.line()), false);
    const bool broke = sender.state() != send::SendState::done &&
                       sender.state() != send::SendState::refused && sender.line() > 0 && !inAir_;
    goOn_->setText(tr("Go on from a safe line before %1").arg(lastLine_));
    goOn_->setVisible(broke);
    showState();
    emit over();
}

} // namespace bollard::app
