#include "app/findings/plan_panel.hpp"
#include "app/controls/empty_out.hpp"
#include "app/controls/looks.hpp"
#include "drawing/flat_drawing.hpp"
#include "wording/wording.hpp"
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QVBoxLayout>

namespace bollard::app {

/// The part as it would be.
class OutcomePicture : public QWidget {
  public:
    explicit OutcomePicture(QWidget* parent) : QWidget(parent) {
        constexpr int high = 220;
        setFixedHeight(high);
    }
    void show(const card::Made& made, const std::string& side) {
        flat_ = drawing::FlatDrawing(made);
        side_ = side;
        update();
    }

  protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.fillRect(rect(), drawing::tokens().ground);
        if (flat_.empty())
            return;
        drawing::FlatExtras extras;
        extras.side = side_;
        extras.measures = false;
        constexpr double room = 12; // pixels
        const QRectF mm = flat_.extent(side_), area = QRectF(rect()).adjusted(room, room, -room, -room);
        drawing::FlatScale scale;
        scale.pixelsPerMm = std::min(area.width() / mm.width(), area.height() / mm.height());
        scale.origin = area.center() - QPointF(mm.center().x(), -mm.center().y()) * scale.pixelsPerMm;
        extras.legend = false;
        flat_.paint(painter, rect(), scale, extras);
    }

  private:
    drawing::FlatDrawing flat_;
    std::string side_;
};

PlanPanel::PlanPanel(CardEditor& editor, Maker& maker, QWidget* parent)
    : QWidget(parent), editor_(editor), maker_(maker), looking_(this) {
    auto* layout = new QVBoxLayout(this);
    layout->setSpacing(8);
    told_ = new QLabel(this);
    told_->setWordWrap(true);
    layout->addWidget(told_);
    picture_ = new OutcomePicture(this);
    picture_->setAccessibleName(tr("The part with all mends made"));
    layout->addWidget(picture_);
    lines_ = new QVBoxLayout;
    lines_->setSpacing(4);
    layout->addLayout(lines_);
    take_ = new QPushButton(tr("Mend all of it"), this);
    leave_ = new QPushButton(tr("Leave it as it is"), this);
    layout->addWidget(take_);
    layout->addWidget(leave_);
    layout->addStretch();
    connect(take_, &QPushButton::clicked, this, &PlanPanel::take);
    connect(leave_, &QPushButton::clicked, this, &PlanPanel::done);
}

PlanPanel::~PlanPanel() = default;

void PlanPanel::look() {
    plan_.reset();
    from_ = editor_.card();
    const card::Made& made = maker_.shown().made;
    tell();
    if (!made.checked || !made.checked->complete)
        return;
    looking_.stop();
    looking_.start([this, made, card = from_, folder = editor_.folder().toStdString(),
                    catalogue = maker_.catalogue()](const Background::Courier& courier) {
        card::Pipeline trial(catalogue);
        mend::Plan plan = mend::planFor({card, made, folder}, trial, catalogue.get(), courier.stop());
        if (!courier.stop().stop_requested())
            courier.post([this, plan = std::move(plan)] {
                plan_ = plan;
                tell();
            });
    });
}

void PlanPanel::stop() {
    looking_.stop();
}

void PlanPanel::line(const QString& text, bool soft) {
    auto* label = soft ? softLabel(text, this) : new QLabel(text, this);
    label->setWordWrap(true);
    lines_->addWidget(label);
}

void PlanPanel::tell() {
    while (lines_->count() > 0) {
        QWidget* const label = lines_->itemAt(0)->widget();
        lines_->removeWidget(label);
        takeOut(*label);
    }
    picture_->setVisible(plan_ && !plan_->steps.empty());
    take_->setVisible(plan_ && !plan_->steps.empty());
    if (!plan_)
        return told_->setText(tr("Mends are tried, one after the other…"));
    const auto steps = int(plan_->steps.size()), left = int(plan_->left.size());
    told_->setText(steps == 0 && left == 0 ? tr("Nothing stops.")
                   : left == 0             ? tr("With this nothing stops any more:")
                   : steps == 0            ? tr("What stops cannot be mended here:")
                                           : tr("Some of it can be mended, not all:"));
    for (const mend::Offer& step : plan_->steps)
        line(QStringLiteral("• ") + wording::sentenceOf(step), false);
    for (const check::Finding& finding : plan_->left) {
        const wording::FindingText text = wording::textOf(finding, *plan_->made.card);
        line(tr("Still stops: %1, %2").arg(text.title, text.where), false);
        const auto tried = plan_->tried.find(finding.id);
        line(tried == plan_->tried.end() || tried->second.empty()
                 ? tr("No mend is known for it.")
                 : tr("Tried in vain: %1.").arg(wording::namesOfMends(tried->second)),
             true);
    }
    if (!plan_->steps.empty())
        picture_->show(plan_->made, editor_.side());
    take_->setText(left == 0 ? tr("Mend all of it") : tr("Mend what can be mended"));
    if (take_->isVisibleTo(this))
        take_->setFocus();
}

void PlanPanel::take() {
    if (!plan_)
        return;
    if (!editor_.isStill(from_)) // it has been changed meanwhile
        return look();
    editor_.mend(tr("Mend all"), plan_->card);
    emit done();
}

} // namespace bollard::app
