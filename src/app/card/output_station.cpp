#include "app/card/rows_table.hpp"
#include "app/card/stations.hpp"
#include "app/controls/looks.hpp"
#include "app/preferences/preferences.hpp"
#include "drawing/output_formats.hpp"
#include "wording/wording.hpp"
#include <QCheckBox>
#include <QDesktopServices>
#include <QDir>
#include <QFileDialog>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSettings>
#include <QStandardPaths>
#include <QStyle>
#include <QUrl>

namespace bollard::app {
namespace {

const auto tickedFormats = QStringLiteral("output/formats");

} // namespace

OutputStation::OutputStation(CardEditor& editor, QWidget* parent) : StationBody(editor, parent) {
    makeFormats();
    makeRows();
    told_ = new QLabel(this);
    told_->setWordWrap(true);
    told_->setAccessibleName(tr("What was written"));
    told_->hide();
    wide(told_);
    openFolder_ = new QPushButton(tr("Open the folder"), this);
    openFolder_->setObjectName(QStringLiteral("link"));
    openFolder_->hide();
    wide(openFolder_);
    connect(openFolder_, &QPushButton::clicked, this,
            [this] { QDesktopServices::openUrl(QUrl::fromLocalFile(writtenTo_)); });
    connect(&editor_, &CardEditor::restarted, this, [this] {
        chosenFolder_.clear();
        name_->setModified(false);
        tell({}, false);
        openFolder_->hide();
    });
}

QStringList OutputStation::ticked() {
    return QSettings().value(tickedFormats, QStringList{QStringLiteral("3mf")}).toStringList();
}

void OutputStation::makeFormats() {
    const QStringList wanted = ticked();
    auto* list = new QWidget(this);
    auto* grid = new QGridLayout(list);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setVerticalSpacing(5);
    grid->setColumnStretch(1, 1);
    for (const card::OutputFormat& format : drawing::outputFormats()) {
        const QString ending = QString::fromStdString(format.ending);
        auto* box = new QCheckBox(ending.toUpper(), list);
        box->setChecked(wanted.contains(ending));
        auto* purpose = softLabel(wording::purposeOf(format.ending), list);
        purpose->setWordWrap(true);
        box->setAccessibleDescription(purpose->text());
        const int row = grid->rowCount();
        grid->addWidget(box, row, 0, Qt::AlignTop);
        grid->addWidget(purpose, row, 1);
        formats_.emplace_back(box, ending);
        connect(box, &QCheckBox::toggled, this, [this] {
            QStringList now;
            for (const auto& [one, name] : formats_)
                if (one->isChecked())
                    now << name;
            QSettings().setValue(tickedFormats, now);
            emit formatsTicked(now);
        });
    }
    about("files");
    wide(list);
    name_ = new QLineEdit(this);
    name_->setAccessibleName(tr("Name of the files, without their endings"));
    row(tr("Name"), name_);
    folder_ = elidedButton(QString(), this);
    folder_->setObjectName(QStringLiteral("value"));
    row(tr("Folder"), folder_);
    connect(folder_, &QPushButton::clicked, this, [this] {
        const QString chosen = QFileDialog::getExistingDirectory(this, tr("Write to"), folder());
        if (!chosen.isEmpty())
            chosenFolder_ = chosen;
        refresh();
    });
    auto* go = new QPushButton(tr("Write what is ticked"), this);
    go->setObjectName(QStringLiteral("main"));
    wide(go);
    connect(go, &QPushButton::clicked, this, &OutputStation::write);
    auto* sheet = new QPushButton(tr("Write the job sheet"), this);
    about("job-sheet");
    wide(sheet);
    connect(sheet, &QPushButton::clicked, this, [this] {
        const QString name = name_->text().trimmed();
        if (name.isEmpty() || name.contains(QLatin1Char('/')))
            return tell(tr("The files need a name, without a slash."), true);
        emit jobSheetWanted(QDir(folder()).filePath(name + QStringLiteral("-job.pdf")));
    });
    send_ = new QPushButton(tr("Send to the machine…"), this);
    about("sending");
    wide(send_);
    connect(send_, &QPushButton::clicked, this, &OutputStation::sendingWanted);
    colours_ = softLabel({}, this);
    colours_->setWordWrap(true);
    wide(colours_);
}

void OutputStation::makeRows() {
    rowsPanel_ = new QWidget(this);
    rowsPanel_->hide();
    auto* column = new QVBoxLayout(rowsPanel_);
    column->setContentsMargins(0, 0, 0, 0);
    rows_ = new RowsTable(editor_, rowsPanel_);
    column->addWidget(rows_, 1);
    connect(rows_, &RowsTable::tableFileWanted, this, &OutputStation::tableFileWanted);
    openRows_ = elidedButton(QString(), this);
    openRows_->setObjectName(QStringLiteral("value"));
    about("rows");
    row(tr("Rows"), openRows_);
    connect(openRows_, &QPushButton::clicked, this, [this] {
        emit drawerWanted(tr("Rows for fields in the words"), rowsPanel_, [this] { openRows_->setFocus(); });
        rows_->setFocus();
    });
    numbering_ = new QLineEdit(this);
    numbering_->setPlaceholderText(tr("none"));
    row(tr("Counting field"), numbering_);
    numbering_->setAccessibleName(tr("Field that counts the rows"));
    connect(numbering_, &QLineEdit::editingFinished, this, [this] {
        editor_.edit(tr("Name the counting field"), {}, [this](card::Card& card) {
            card.rows.edit([this](setting::Rows& rows) {
                rows.numbering.field = numbering_->text().trimmed().toStdString();
            });
        });
    });
    const auto counting = [this](const QString& label, card::Range range, int setting::Numbering::*member) {
        return number(label, NumberField::Kind::plain, range, 1, [this, label, member](double value) {
            editor_.edit(tr("Change the numbering"), label, [&](card::Card& card) {
                card.rows.edit(
                    [&](setting::Rows& rows) { rows.numbering.*member = int(std::lround(value)); });
            });
        });
    };
    start_ = counting(tr("Starts at"), card::ranges::numberingStart, &setting::Numbering::start);
    step_ = counting(tr("Steps by"), card::ranges::numberingStart, &setting::Numbering::step);
    putBeside(step_, start_, tr("step"));
    digits_ = counting(tr("Digits"), card::ranges::numberingDigits, &setting::Numbering::digits);
}

QString OutputStation::folder() const {
    if (!chosenFolder_.isEmpty())
        return chosenFolder_;
    if (const QString preferred = preferences().filesFolder; !preferred.isEmpty() && QDir(preferred).exists())
        return preferred;
    if (!editor_.folder().isEmpty())
        return editor_.folder();
    return QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation);
}

void OutputStation::write() {
    const QString name = name_->text().trimmed();
    QStringList paths;
    for (const auto& [box, ending] : formats_)
        if (box->isChecked())
            paths << QDir(folder()).filePath(
                QString::fromStdString(files::withEnding(name.toStdString(), ending.toStdString())));
    if (name.isEmpty() || name.contains(QLatin1Char('/')))
        return tell(tr("The files need a name, without a slash."), true);
    if (paths.isEmpty())
        return tell(tr("No format is ticked."), true);
    emit filesWanted(paths);
}

void OutputStation::refresh() {
    rows_->refresh();
    if (!name_->isModified())
        name_->setText(editor_.title());
    const QDir there(folder());
    folder_->setText((there.dirName().isEmpty() ? there.path() : there.dirName()) + QChar(0x2026)); // asks
    folder_->setToolTip(there.path());
    folder_->setAccessibleName(tr("Folder: %1").arg(there.path()));
    colours_->setText(wording::colourChangesOf(editor_.card()));
    setRowVisible(colours_, !colours_->text().isEmpty());
    send_->setVisible(!editor_.card().operations.empty());
    const setting::Numbering& numbering = editor_.card().rows->numbering;
    const int fields = int(editor_.card().rows->fields.size()), parts = editor_.card().rows->count();
    openRows_->setText(fields == 0 ? tr("none") : tr("%n part(s)", nullptr, parts));
    if (!numbering_->hasFocus() || !numbering_->isModified())
        numbering_->setText(QString::fromStdString(numbering.field));
    start_->setValue(numbering.start);
    step_->setValue(numbering.step);
    digits_->setValue(numbering.digits);
    for (NumberField* field : {start_, step_, digits_})
        setRowVisible(field, !numbering.field.empty());
}

void OutputStation::tell(const QString& text, bool problem) {
    told_->setObjectName(problem ? QStringLiteral("problem") : QString());
    told_->style()->unpolish(told_);
    told_->style()->polish(told_);
    told_->setText(text);
    told_->setVisible(!text.isEmpty());
}

void OutputStation::noteFolder(const QString& folder) {
    writtenTo_ = folder;
    openFolder_->setVisible(true);
}

} // namespace bollard::app
