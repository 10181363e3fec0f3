#include "app/preferences/preferences_panel.hpp"
#include "app/controls/empty_out.hpp"
#include "app/controls/looks.hpp"
#include "app/help/topic.hpp"
#include "app/session/beginning.hpp"
#include "app/session/data_folder.hpp"
#include "app/session/kept_processes.hpp"
#include <QComboBox>
#include <QDesktopServices>
#include <QDir>
#include <QFileDialog>
#include <QGridLayout>
#include <QLocale>
#include <QUrl>

namespace bollard::app {
namespace {

constexpr std::array textSizes{0, 100, 125, 150, 175, 200};
constexpr std::array autosaveMinutes{0, 1, 5, 15};

template<size_t n> int placeOf(const std::array<int, n>& values, int value) {
    const auto at = std::ranges::find(values, value);
    return at == values.end() ? 0 : int(at - values.begin());
}

QLabel* heading(const QString& text, QWidget* parent) {
    auto* label = new QLabel(text, parent);
    QFont font = label->font();
    font.setWeight(QFont::DemiBold);
    label->setFont(font);
    label->setWordWrap(true);
    return label;
}

} // namespace

PreferencesPanel::PreferencesPanel(KeptShop& shop, QWidget* parent) : QScrollArea(parent), shop_(shop) {
    setWidgetResizable(true);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    explain(this, QStringLiteral("preferences"));
    auto* page = new QWidget(this);
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(0, 4, 10, 8);
    grid_ = new QGridLayout;
    grid_->setColumnStretch(1, 1);
    grid_->setVerticalSpacing(8);
    column->addLayout(grid_);
    languages_ = QStringList(QString()) + languagesIn(translationsFolder());
    QStringList names{tr("As the system")};
    for (const QString& language : languages_.mid(1)) {
        QString name = QLocale(language).nativeLanguageName();
        names << (language == QLatin1String("en") ? QStringLiteral("English")
                                                  : name.replace(0, 1, name.left(1).toUpper()));
    }
    language_ = choice(tr("Language"), "language", names);
    look_ = choice(tr("Look"), "look",
                   {tr("As the desktop"), tr("Light"), tr("Dark"), tr("High contrast, light"),
                    tr("High contrast, dark")});
    QStringList sizes{tr("As the desktop")};
    for (const int percent : textSizes)
        if (percent > 0)
            sizes << tr("%1 %").arg(percent);
    text_ = choice(tr("Size of text"), "textSize", sizes);
    QStringList units;
    for (const quantity::Unit unit : unitsOffered)
        units << QString::fromUtf8(quantity::symbolOf(unit).data(),
                                   qsizetype(quantity::symbolOf(unit).size()));
    unit_ = choice(tr("Unit of new cards"), "newCards", units);
    begin_ = choice(tr("Begins with"), "openLast", {tr("The start page"), tr("The card of last time")});
    QStringList minutes{tr("Only when you say so")};
    for (const int time : autosaveMinutes)
        if (time > 0)
            minutes << tr("%n minute(s) after a change", nullptr, time);
    autosave_ = choice(tr("Saves a card"), "autosave", minutes);
    auto* label = softLabel(tr("Files go"), page);
    label->setWordWrap(true);
    folder_ = elidedButton(QString(), page);
    folder_->setObjectName(QStringLiteral("value"));
    explain(folder_, QStringLiteral("filesFolder"));
    const int line = grid_->rowCount();
    grid_->addWidget(label, line, 0);
    grid_->addWidget(folder_, line, 1);
    beside_ = new QPushButton(tr("Beside the card"), page);
    beside_->setObjectName(QStringLiteral("link"));
    grid_->addWidget(beside_, line + 1, 1);
    connect(folder_, &QPushButton::clicked, this, [this] {
        const QString chosen = QFileDialog::getExistingDirectory(this, tr("Where files go"), filesFolder_);
        if (chosen.isEmpty())
            return;
        filesFolder_ = chosen;
        keep();
    });
    connect(beside_, &QPushButton::clicked, this, [this] {
        filesFolder_.clear();
        keep();
    });
    own_ = new QWidget(page);
    auto* own = new QVBoxLayout(own_);
    own->setContentsMargins(0, 8, 0, 0);
    own->setSpacing(2);
    explain(own_, QStringLiteral("own-limits"));
    column->addWidget(own_);
    column->addWidget(heading(tr("Where Bollard keeps its data"), page));
    QString folder = dataFolder();
    if (folder.startsWith(QDir::homePath() + QLatin1Char('/')))
        folder.replace(0, QDir::homePath().size(), QLatin1Char('~'));
    auto* where = softLabel(folder, page);
    where->setWordWrap(true);
    where->setTextInteractionFlags(Qt::TextSelectableByMouse | Qt::TextSelectableByKeyboard);
    column->addWidget(where);
    auto* openFolder = new QPushButton(tr("Open the folder"), page);
    openFolder->setObjectName(QStringLiteral("link"));
    explain(openFolder, QStringLiteral("data-folder"));
    connect(openFolder, &QPushButton::clicked, this, [] {
        QDir().mkpath(dataFolder());
        QDesktopServices::openUrl(QUrl::fromLocalFile(dataFolder()));
    });
    column->addWidget(openFolder, 0, Qt::AlignLeft);
    column->addStretch();
    setWidget(page);
    setFocusProxy(language_);
    connect(&shop_, &KeptShop::changed, this, &PreferencesPanel::listOwn);
    refresh();
}

QComboBox* PreferencesPanel::choice(const QString& label, const char* topic, const QStringList& options) {
    auto* name = softLabel(label, this);
    name->setWordWrap(true);
    auto* made = new QComboBox(this);
    made->setAccessibleName(label);
    made->addItems(options);
    mayShrink(made);
    name->setBuddy(made);
    explain(made, QLatin1String(topic));
    const int line = grid_->rowCount();
    grid_->addWidget(name, line, 0);
    grid_->addWidget(made, line, 1);
    connect(made, &QComboBox::activated, this, &PreferencesPanel::keep);
    return made;
}

void PreferencesPanel::refresh() {
    const Preferences now = preferences();
    language_->setCurrentIndex(std::max(0, int(languages_.indexOf(now.language))));
    look_->setCurrentIndex(now.look ? 1 + int(*now.look) : 0);
    text_->setCurrentIndex(placeOf(textSizes, now.textSize));
    const auto unit = std::ranges::find(unitsOffered, beginning().unit);
    unit_->setCurrentIndex(int(unit - unitsOffered.begin()));
    begin_->setCurrentIndex(now.openLast ? 1 : 0);
    autosave_->setCurrentIndex(placeOf(autosaveMinutes, now.autosave));
    filesFolder_ = now.filesFolder;
    folder_->setText(filesFolder_.isEmpty() ? tr("beside the card") : QDir(filesFolder_).dirName());
    folder_->setAccessibleName(tr("Files go: %1").arg(folder_->text()));
    folder_->setToolTip(filesFolder_);
    beside_->setVisible(!filesFolder_.isEmpty());
    listOwn();
}

void PreferencesPanel::keep() {
    Preferences now = preferences();
    now.language = languages_.value(language_->currentIndex());
    now.look.reset();
    if (look_->currentIndex() > 0)
        now.look = static_cast<drawing::Look>(look_->currentIndex() - 1);
    now.textSize = textSizes[size_t(text_->currentIndex())];
    now.openLast = begin_->currentIndex() == 1;
    now.autosave = autosaveMinutes[size_t(autosave_->currentIndex())];
    now.filesFolder = filesFolder_;
    keepPreferences(now);
    Beginning begins = beginning();
    if (const auto unit = unitsOffered[size_t(unit_->currentIndex())]; unit != begins.unit) {
        begins.unit = unit;
        keepBeginning(begins);
        emit beginningChanged();
    }
    refresh();
    emit changed();
}

/// Limits, machines and tools of one's own, each with a way to forget it.
void PreferencesPanel::listOwn() {
    emptyOut(*own_);
    auto* column = static_cast<QVBoxLayout*>(own_->layout());
    const auto add = [&](const QString& name, const std::function<QString()>& forget) {
        auto* row = new QHBoxLayout;
        auto* label = new QLabel(name, own_);
        label->setWordWrap(true);
        QPushButton* button = iconButton(QStringLiteral("remove"), tr("Forget %1").arg(name), own_);
        connect(button, &QPushButton::clicked, this, [this, forget] {
            if (const QString problem = forget(); !problem.isEmpty())
                emit told(problem);
            listOwn();
        });
        row->addWidget(label, 1);
        row->addWidget(button);
        column->addLayout(row);
    };
    column->addWidget(heading(tr("Limits, machines and tools of your own"), own_));
    for (const process::Process& process : keptProcesses())
        add(tr("Limits: %1").arg(QString::fromStdString(process.name)),
            [name = process.name] { return forgetProcess(name); });
    for (const cut::Machine& machine : shop_.own().machines)
        add(tr("Machine: %1").arg(QString::fromStdString(machine.name)),
            [this, machine] { return shop_.forget(machine); });
    for (const cut::RackTool& tool : shop_.own().rack)
        add(tr("Tool: %1").arg(QString::fromStdString(tool.tool.name)),
            [this, tool] { return shop_.forget(tool); });
    if (column->count() == 1) {
        auto* none = softLabel(tr("None yet. “Keep as” in Process keeps them for all cards."), own_);
        none->setWordWrap(true);
        column->addWidget(none);
    }
}

} // namespace bollard::app
