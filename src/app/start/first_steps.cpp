#include "app/start/first_steps.hpp"
#include "app/controls/looks.hpp"
#include "app/help/topic.hpp"
#include "app/main_window.hpp"
#include <QKeyEvent>

namespace bollard::app {
namespace {

/// Lets everything below it be clicked.
class Frame : public QWidget {
  public:
    explicit Frame(QWidget* parent) : QWidget(parent) { setAttribute(Qt::WA_TransparentForMouseEvents); }

  protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.setPen(QPen(drawing::tokens().tide, 3));
        painter.drawRect(rect().adjusted(1, 1, -2, -2));
    }
};

} // namespace

FirstSteps::FirstSteps(MainWindow& window) : QFrame(&window), window_(window) {
    setObjectName(QStringLiteral("firstSteps"));
    explain(this, QStringLiteral("first-steps"));
    auto* layout = new QVBoxLayout(this);
    title_ = new QLabel(this);
    title_->setObjectName(QStringLiteral("title"));
    told_ = new QLabel(this);
    told_->setWordWrap(true);
    layout->addWidget(title_);
    layout->addWidget(told_);
    auto* buttons = new QHBoxLayout;
    next_ = new QPushButton(tr("Next step"), this);
    leave_ = new QPushButton(tr("Leave the steps"), this);
    leave_->setObjectName(QStringLiteral("plain"));
    buttons->addWidget(next_);
    buttons->addWidget(leave_);
    buttons->addStretch();
    layout->addLayout(buttons);
    frame_ = new Frame(&window);
    hide();
    frame_->hide();
    connect(next_, &QPushButton::clicked, this, [this] { show(step_ + 1); });
    connect(leave_, &QPushButton::clicked, this, &FirstSteps::leave);
    connect(&window.maker(), &Maker::stageDone, this, &FirstSteps::look);
    connect(&window.editor(), &CardEditor::fileChanged, this, &FirstSteps::look);
    connect(&window.routeCard(), &RouteCard::filesWanted, this, [this] {
        if (step_ == count - 1)
            show(count);
    });
    window.installEventFilter(this);
}

void FirstSteps::start() {
    window_.openSample(drawing::shareFolder() + QStringLiteral("/samples/pilot-loose-dot.bollard"));
    if (!window_.showsStart())
        show(0);
}

void FirstSteps::leave() {
    step_ = -1;
    hide();
    frame_->hide();
}

void FirstSteps::show(int step) {
    step_ = step;
    if (step_ >= count) {
        hide();
        frame_->hide();
        window_.notice().say(tr("That is the way of every part: words, findings, files. F1 tells the rest."),
                             NoticeBar::Tone::plain);
        return;
    }
    const std::array titles{tr("1 of 3: words"), tr("2 of 3: what cannot be made"), tr("3 of 3: files")};
    const std::array texts{
        tr("These words are cut out. Write others, or some more, in Lettering: the board follows."),
        tr("A part that is joined to nothing falls off. Press one of the buttons below the finding: it mends "
           "it."),
        tr("Tick a format in Output and press “Write what is ticked”. Files are written whole, or not at "
           "all.")};
    title_->setText(titles[size_t(step_)]);
    told_->setText(texts[size_t(step_)]);
    next_->setText(step_ + 1 < count ? tr("Next step") : tr("Done"));
    window_.showView(MainWindow::flat);
    if (step_ == 0)
        window_.routeCard().open(RouteCard::lettering);
    if (step_ == 2)
        window_.routeCard().open(RouteCard::output);
    if (const card::Inscription* inscription = window_.editor().inscription())
        words_ = QString::fromStdString(inscription->words);
    QFrame::show();
    place();
}

void FirstSteps::look() {
    if (step_ < 0 || step_ >= count)
        return;
    const card::Inscription* inscription = window_.editor().inscription();
    if (step_ == 1 && window_.editor().beforeMend())
        return show(2);
    if (step_ == 0 && inscription && QString::fromStdString(inscription->words) != words_)
        next_->setFocus();
    place();
}

QWidget* FirstSteps::spokenOf() const {
    return step_ == 1 ? static_cast<QWidget*>(&window_.findings())
                      : &window_.routeCard().station(step_ == 0 ? RouteCard::lettering : RouteCard::output);
}

void FirstSteps::place() {
    if (step_ < 0 || step_ >= count)
        return;
    const QWidget* about = spokenOf();
    const QRect there(about->mapTo(&window_, QPoint(0, 0)), about->size());
    frame_->setGeometry(there);
    frame_->setVisible(about->isVisible());
    frame_->raise();
    const int wide = drawing::scaled(300);
    const int high = std::max(sizeHint().height(), layout()->heightForWidth(wide));
    const int left = step_ == 1 ? there.left() - wide - 12 : there.right() + 12;
    setGeometry(std::clamp(left, 0, std::max(0, window_.width() - wide)),
                std::clamp(there.top() + 24, 0, std::max(0, window_.height() - high)), wide, high);
    raise();
}

bool FirstSteps::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::Resize || event->type() == QEvent::LayoutRequest)
        place();
    return QFrame::eventFilter(watched, event);
}

void FirstSteps::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape)
        return leave();
    QFrame::keyPressEvent(event);
}

} // namespace bollard::app
