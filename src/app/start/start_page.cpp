#include "app/start/start_page.hpp"
#include "app/controls/empty_out.hpp"
#include "app/controls/looks.hpp"
#include "app/controls/number_field.hpp"
#include "app/help/topic.hpp"
#include "app/session/beginning.hpp"
#include "card/card_json.hpp"
#include "card/pipeline.hpp"
#include "drawing/flat_drawing.hpp"
#include "drawing/pictures.hpp"
#include "files/whole_file.hpp"
#include "wording/wording.hpp"
#include <QComboBox>
#include <QFileInfo>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QStyle>
#include <QTimer>
#include <QToolButton>
#include <QUrl>

namespace bollard::app {
namespace {

constexpr QSize pictureSize(240, 104);
constexpr int samplesInRow = 4;

struct Sample {
    const char* file;
    QString title;
};
QList<Sample> samples() {
    return {{"berth-14", StartPage::tr("Berth sign, raised and sunk")},
            {"valve-tag", StartPage::tr("Valve tag, cut right through")},
            {"tidewater", StartPage::tr("Free-standing word")},
            {"mooring-ring", StartPage::tr("Mooring ring, words all round")},
            {"transom", StartPage::tr("Transom name along a curve")},
            {"valve-serial", StartPage::tr("Scribed tags with serial numbers")},
            {"tide-board", StartPage::tr("Tide board, figures and bars")},
            {"fender-pin", StartPage::tr("Fender pin, words round a bar")},
            {"berth-9", StartPage::tr("Berth sign, edges broken")},
            {"store-tag", StartPage::tr("Store tag with an ear and a slot")},
            {"oak-name", StartPage::tr("Name carved in oak")},
            {"mooring-tag", StartPage::tr("Mooring tag, inlaid on both faces")},
            {"harbour-ties", StartPage::tr("Pierced sign, held by ties")},
            {"quay-bars", StartPage::tr("Word on bars behind it")},
            {"tern-plate", StartPage::tr("Word on a plate along its outline")},
            {"hull-closed", StartPage::tr("Word closed up to one piece")},
            {"pilot-loose-dot", StartPage::tr("A dot that nothing holds yet")},
            {"osprey-transom", StartPage::tr("Transom name, V-carved")},
            {"valve-scribed", StartPage::tr("Brass valve tags, scribed")},
            {"valve-hundred", StartPage::tr("A hundred valve tags with serials")},
            {"crew-tags", StartPage::tr("Thirty crew name tags for two sheets")},
            {"berth-monogram", StartPage::tr("Monogram in a ring, by torch")},
            {"slate-ground", StartPage::tr("Slate, its ground cleared")},
            {"boat-block", StartPage::tr("Block with a boat on each face")},
            {"ring-band", StartPage::tr("Band of a mooring ring, two rows")},
            {"float-roller", StartPage::tr("Roller, read in its impression")},
            {"net-float", StartPage::tr("Egg-shaped net float")},
            {"signet", StartPage::tr("Signet ring, letters on its flat")},
            {"key-ring", StartPage::tr("Key ring, a letter to each facet")},
            {"bollard-cap", StartPage::tr("Bollard cap, words round a dome")},
            {"buoy-tag", StartPage::tr("Buoy tag in two colours, face down")},
            {"buoy-ball", StartPage::tr("Buoy ball in two colours")},
            {"horn-cleat", StartPage::tr("Horn cleat from a file")},
            {"brass-bar", StartPage::tr("Brass bar, scribed as it turns")},
            {"float-seal", StartPage::tr("Float roller, its words left standing")},
            {"net-egg", StartPage::tr("Egg, scribed from above")}};
}

QString pathOf(const Sample& sample) {
    return drawing::shareFolder() + QStringLiteral("/samples/%1.bollard").arg(QLatin1String(sample.file));
}

QImage drawn(const QString& path, const std::shared_ptr<const type::Catalogue>& catalogue, double ratio,
             const std::stop_token& stop) {
    const auto text = files::readWhole(path.toStdString());
    auto card = text ? card::cardFromJson(*text) : quantity::Result<card::Card>(text.problem());
    if (!card)
        return {};
    card::Pipeline pipeline(catalogue);
    const card::Made made = pipeline.run(std::make_shared<const card::Card>(*std::move(card)),
                                         QFileInfo(path).path().toStdString(), stop);
    if (!made.solid)
        return {};
    const drawing::FlatDrawing flat(made);
    QImage image(pictureSize * ratio, QImage::Format_RGB32);
    image.setDevicePixelRatio(ratio);
    QPainter painter(&image);
    drawing::paintBare(painter, flat, QRectF(QPointF(0, 0), QSizeF(pictureSize)), {14, 12});
    return image;
}

} // namespace

StartPage::StartPage(QWidget* parent) : QScrollArea(parent), background_(this) {
    setWidgetResizable(true);
    setAccessibleName(tr("Start page"));
    explain(this, QStringLiteral("start-page"));
}

void StartPage::showEvent(QShowEvent* event) {
    if (!layout_)
        build();
    QScrollArea::showEvent(event);
}

void StartPage::build() {
    auto* page = new QWidget(this);
    page->setObjectName(QStringLiteral("startPage"));
    setWidget(page);
    layout_ = new QVBoxLayout(page);
    layout_->setContentsMargins(64, 48, 64, 32);
    layout_->setSpacing(10);
    auto* title = new QLabel(tr("Lettering for things that are made"), page);
    QFont large = title->font();
    large.setPixelSize(drawing::scaled(26));
    large.setWeight(QFont::DemiBold);
    title->setFont(large);
    title->setStyleSheet(QStringLiteral("font-size: %1px").arg(drawing::scaled(26)));
    layout_->addWidget(title);
    layout_->addWidget(
        softLabel(tr("Type words, see them on the piece, see what cannot be made, write the solid."), page));
    layout_->addSpacing(14);
    auto* buttons = new QHBoxLayout;
    auto* fresh = new QPushButton(tr("New card"), page);
    fresh->setObjectName(QStringLiteral("main"));
    auto* open = new QPushButton(tr("Open a card…"), page);
    connect(fresh, &QPushButton::clicked, this, &StartPage::newWanted);
    connect(open, &QPushButton::clicked, this, &StartPage::openWanted);
    buttons->addWidget(fresh);
    buttons->addWidget(open);
    buttons->addStretch();
    layout_->addLayout(buttons);
    layout_->addWidget(makeBeginning(page));
    layout_->addSpacing(12);
    layout_->addWidget(softLabel(tr("Start from a sample"), page));
    auto* grid = new QGridLayout;
    grid->setSpacing(16);
    for (const Sample& sample : samples()) {
        auto* button = new QToolButton(page);
        button->setToolButtonStyle(Qt::ToolButtonTextUnderIcon);
        button->setText(sample.title);
        button->setAccessibleName(tr("Sample: %1").arg(sample.title));
        button->setIconSize(pictureSize);
        button->setFixedSize(pictureSize + QSize(16, drawing::scaled(44)));
        button->setStyleSheet(
            QStringLiteral("QToolButton{border:1px solid %1;background:transparent;padding:6px}"
                           "QToolButton:hover,QToolButton:focus{border-color:%2}")
                .arg(drawing::tokens().line.name(), drawing::tokens().tide.name()));
        connect(button, &QToolButton::clicked, this, [this, sample] { emit sampleWanted(pathOf(sample)); });
        grid->addWidget(button, int(samples_.size()) / samplesInRow, int(samples_.size()) % samplesInRow);
        samples_ << button;
    }
    grid->setColumnStretch(samplesInRow, 1);
    layout_->addLayout(grid);
    layout_->addSpacing(18);
    lists_ = new QWidget(page);
    auto* list = new QVBoxLayout(lists_);
    list->setContentsMargins(0, 0, 0, 0);
    list->setSpacing(4);
    layout_->addWidget(lists_);
    layout_->addStretch();
    refresh();
    drawSamples();
}

QWidget* StartPage::makeBeginning(QWidget* page) {
    auto* row = new QWidget(page);
    auto* line = new QHBoxLayout(row);
    line->setContentsMargins(0, 4, 0, 0);
    line->setSpacing(8);
    const Beginning now = beginning();
    begins_ = softLabel({}, row);
    line->addWidget(begins_);
    process_ = new QComboBox(row);
    process_->setAccessibleName(tr("What new cards are made with"));
    const quantity::held::Kinds& kinds = processKinds();
    for (const quantity::held::Kinds::Kind& kind : kinds.kinds)
        process_->addItem(wording::nameOfProcess(kind.name));
    process_->setCurrentIndex(int(kinds.get(&now.process)));
    line->addWidget(process_);
    const auto size = [&](const QString& name, double value) {
        auto* field = new NumberField(name, NumberField::Kind::length, quantity::ranges::blankSize, 10, row);
        field->setUnit(now.unit);
        field->setValue(value);
        field->setFixedWidth(drawing::scaled(84));
        connect(field, &NumberField::edited, this, &StartPage::takeBeginning);
        line->addWidget(field);
        return field;
    };
    line->addWidget(softLabel(tr("on"), row));
    bedWidth_ = size(tr("Width of the bed or the machine's travel"), now.bedWidth);
    line->addWidget(softLabel(QStringLiteral("×"), row));
    bedDepth_ = size(tr("Depth of the bed or the machine's travel"), now.bedDepth);
    line->addWidget(softLabel(tr("in"), row));
    unit_ = new QComboBox(row);
    unit_->setAccessibleName(tr("Unit of new cards"));
    for (const quantity::Unit unit : unitsOffered) {
        const auto symbol = quantity::symbolOf(unit);
        unit_->addItem(QString::fromUtf8(symbol.data(), qsizetype(symbol.size())), int(unit));
    }
    unit_->setCurrentIndex(unit_->findData(int(now.unit)));
    line->addWidget(unit_);
    line->addStretch();
    for (QComboBox* choice : {process_, unit_})
        connect(choice, &QComboBox::activated, this, &StartPage::takeBeginning);
    tellBeginning(now.told);
    return row;
}

void StartPage::showBeginning() {
    if (!layout_)
        return;
    const Beginning now = beginning();
    process_->setCurrentIndex(int(processKinds().get(&now.process)));
    unit_->setCurrentIndex(unit_->findData(int(now.unit)));
    for (const auto& [field, value] : {std::pair(bedWidth_, now.bedWidth), {bedDepth_, now.bedDepth}}) {
        field->setUnit(now.unit);
        field->setValue(value);
    }
    tellBeginning(now.told);
}

void StartPage::tellBeginning(bool told) {
    begins_->setText(told ? tr("New cards are for") : tr("First of all: what do you make with?"));
    begins_->setObjectName(told ? QStringLiteral("soft") : QStringLiteral("asked"));
    begins_->style()->unpolish(begins_);
    begins_->style()->polish(begins_);
}

void StartPage::takeBeginning() {
    Beginning now = beginning();
    quantity::chooseKind(processKinds(), &now.process, size_t(process_->currentIndex()));
    now.unit = static_cast<quantity::Unit>(unit_->currentData().toInt());
    now.bedWidth = bedWidth_->value();
    now.bedDepth = bedDepth_->value();
    keepBeginning(now);
    for (NumberField* field : {bedWidth_, bedDepth_})
        field->setUnit(now.unit);
    tellBeginning(true);
}

void StartPage::setCatalogue(const std::shared_ptr<const type::Catalogue>& catalogue) {
    catalogue_ = catalogue;
    drawSamples();
}

void StartPage::drawSamples() {
    if (!catalogue_)
        return;
    const double ratio = devicePixelRatioF();
    background_.stop(); // what was drawn in another look
    for (int i = 0; i < samples_.size(); ++i)
        background_.start([this, i, catalogue = catalogue_, ratio,
                           path = pathOf(samples()[i])](const Background::Courier& courier) {
            const QImage image = drawn(path, catalogue, ratio, courier.stop());
            courier.post([this, i, image] { samples_[i]->setIcon(QPixmap::fromImage(image)); });
        });
}

void StartPage::setLeftOvers(const std::vector<LeftOver>& leftOvers) {
    leftOvers_ = leftOvers;
    refresh();
}

void StartPage::setRecent(const QStringList& paths) {
    recent_ = paths;
    refresh();
}

void StartPage::refresh() {
    if (!layout_)
        return;
    emptyOut(*lists_);
    auto* list = static_cast<QVBoxLayout*>(lists_->layout());
    if (!leftOvers_.empty())
        list->addWidget(softLabel(tr("Not saved when Bollard ended"), lists_));
    for (const LeftOver& leftOver : leftOvers_) {
        auto* row = new QHBoxLayout;
        if (!leftOver.readable) {
            auto* told = softLabel(tr("“%1” was kept, but cannot be read. It is left as it is: %2")
                                       .arg(leftOver.title, leftOver.file),
                                   lists_);
            told->setWordWrap(true);
            told->setTextInteractionFlags(Qt::TextSelectableByMouse | Qt::TextSelectableByKeyboard);
            row->addWidget(told, 1);
            list->addLayout(row);
            continue;
        }
        auto* recover = new QPushButton(tr("Recover %1").arg(leftOver.title), lists_);
        auto* discard = new QPushButton(tr("Discard"), lists_);
        discard->setObjectName(QStringLiteral("plain"));
        discard->setAccessibleName(tr("Discard the unsaved %1").arg(leftOver.title));
        connect(recover, &QPushButton::clicked, this, [this, leftOver] { emit recoverWanted(leftOver); });
        connect(discard, &QPushButton::clicked, this, [this, leftOver] { emit discardWanted(leftOver); });
        row->addWidget(recover);
        row->addWidget(discard);
        row->addStretch();
        list->addLayout(row);
    }
    const QStringList starting = startingCards();
    if (!starting.isEmpty())
        list->addWidget(softLabel(tr("Starting cards of your own"), lists_));
    for (const QString& path : starting) {
        auto* row = new QHBoxLayout;
        const QString name = QUrl::fromPercentEncoding(QFileInfo(path).completeBaseName().toLatin1());
        auto* start = new QPushButton(name, lists_);
        start->setObjectName(QStringLiteral("link"));
        connect(start, &QPushButton::clicked, this, [this, path] { emit sampleWanted(path); });
        QPushButton* forget =
            iconButton(QStringLiteral("remove"), tr("Forget the starting card %1").arg(name), lists_);
        connect(forget, &QPushButton::clicked, this, [this, path] {
            forgetStartingCard(path);
            QTimer::singleShot(0, this, &StartPage::refresh); // the button goes with its row
        });
        row->addWidget(start);
        row->addWidget(forget);
        row->addStretch();
        list->addLayout(row);
    }
    if (!recent_.isEmpty())
        list->addWidget(softLabel(tr("Recent cards"), lists_));
    for (const QString& path : recent_) {
        auto* button = new QPushButton(QFileInfo(path).completeBaseName(), lists_);
        button->setObjectName(QStringLiteral("link"));
        button->setToolTip(path);
        connect(button, &QPushButton::clicked, this, [this, path] { emit recentWanted(path); });
        list->addWidget(button, 0, Qt::AlignLeft);
    }
}

} // namespace bollard::app
