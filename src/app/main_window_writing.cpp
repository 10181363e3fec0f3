// Files and paper that leave the window.
#include "app/main_window.hpp"
#include "card/card_json.hpp"
#include "card/output.hpp"
#include "drawing/job_sheet.hpp"
#include "drawing/output_formats.hpp"
#include "drawing/paper.hpp"
#include "wording/wording.hpp"
#include <QBuffer>
#include <QFileInfo>
#include <QPrintDialog>
#include <QPrinter>

namespace bollard::app {

void MainWindow::writeFiles(const QStringList& paths) {
    const auto& checked = maker_.shown().made.checked;
    const bool pictureOnly =
        std::ranges::all_of(paths, [](const QString& path) { return path.endsWith(QLatin1String(".png")); });
    const bool stops = !pictureOnly && checked && check::worstOf(checked->findings) == check::Severity::stop;
    const auto go = [this, paths](files::IfThere ifThere) { write(paths, ifThere); };
    const auto afterStops = [this, paths, go] {
        QStringList there;
        for (const QString& path : paths)
            if (QFileInfo::exists(path))
                there << QFileInfo(path).fileName();
        if (there.isEmpty())
            return go(files::IfThere::refuse);
        const QString told = there.size() == 1
                                 ? tr("“%1” is already there.").arg(there.first())
                                 : tr("These are already there: %1.").arg(wording::listOf(there));
        notice_->say(told, NoticeBar::Tone::plain,
                     {{tr("Leave it"), {}}, {tr("Replace it"), [go] { go(files::IfThere::replace); }}});
    };
    if (!stops)
        return afterStops();
    notice_->say(tr("%1. Write it all the same?").arg(wording::verdictOf(maker_.shown().made)),
                 NoticeBar::Tone::problem, {{tr("Go back"), {}}, {tr("Write all the same"), afterStops}});
}

void MainWindow::write(const QStringList& paths, files::IfThere ifThere) {
    std::vector<files::WholeFile> pictures; // the view as it is shown
    std::vector<std::string> others;
    for (const QString& path : paths) {
        if (!path.endsWith(QLatin1String(".png"))) {
            others.push_back(path.toStdString());
            continue;
        }
        QByteArray bytes;
        QBuffer buffer(&bytes);
        QWidget* const shownView = view_ == body ? static_cast<QWidget*>(&bodyView_->canvas()) : flatView_;
        shownView->grab().save(&buffer, "PNG");
        pictures.push_back({path.toStdString(), bytes.toStdString()});
    }
    if (!others.empty() && (maker_.busy() || !maker_.shown().made.solid))
        return tellWritten(tr("The solid is still being made; try again in a moment."), true);
    tellWritten(tr("Writing…"), false);
    writer_.start([this, made = maker_.shown().made, pictures = std::move(pictures), others, ifThere] {
        std::vector<files::WholeFile> all = pictures;
        std::optional<quantity::Problem> problem;
        for (const std::string& path : others) {
            auto output = card::outputOf(made, *drawing::formatOf(path), path);
            if (!output && !problem)
                problem = output.problem();
            if (output)
                std::ranges::move(*output, std::back_inserter(all));
        }
        const auto written =
            problem ? quantity::Result<quantity::Done>(*problem) : files::writeTogether(all, ifThere);
        QStringList told;
        for (const files::WholeFile& file : all)
            told << tr("%1, %2").arg(QFileInfo(QString::fromStdString(file.path)).fileName(),
                                     QLocale().formattedDataSize(qint64(file.bytes.size())));
        for (const files::WholeFile& file : all)
            if (file.note)
                told << wording::sentenceOf(*file.note);
        const QString folder =
            QFileInfo(QString::fromStdString(all.empty() ? others.front() : all.front().path)).path();
        std::optional<cut::LastJob> cuts;
        for (const std::string& path : others)
            if (drawing::formatOf(path)->what == card::Output::cuts)
                cuts = cut::LastJob{std::string(made.card->process.kind.name()), made.card->zero};
        QMetaObject::invokeMethod(this, [this, told, folder, written, cuts] {
            if (!written)
                return tellWritten(wording::sentenceOf(written.problem()), true);
            tellWritten(tr("Written at %1: %2")
                            .arg(QTime::currentTime().toString(QStringLiteral("HH:mm")),
                                 told.join(QStringLiteral("; "))),
                        false);
            routeCard_->outputBody().noteFolder(folder);
            if (cuts)
                if (const QString wrong = session_.shop.keep(*cuts); !wrong.isEmpty())
                    notice_->say(wrong, NoticeBar::Tone::problem);
        });
    });
}

void MainWindow::writeJobSheet(const QString& path) {
    const card::Made made = maker_.shown().made;
    if (maker_.busy() || !made.solid || !made.checked)
        return tellWritten(tr("The solid is still being made; try again in a moment."), true);
    if (check::worstOf(made.checked->findings) == check::Severity::stop)
        return tellWritten(tr("%1. Mend it, or accept it with a reason, which the sheet then tells.")
                               .arg(wording::verdictOf(made)),
                           true);
    const auto write = [this, path, made](files::IfThere ifThere) {
        drawing::JobSheet sheet;
        sheet.made = made;
        sheet.card = editor_.title().toStdString();
        const QString file = editor_.path().isEmpty() ? editor_.title() + QStringLiteral(".bollard")
                                                      : QFileInfo(editor_.path()).fileName();
        sheet.fileName = file.toStdString();
        // As it lies on the disk, else as it would be saved now.
        const auto onDisk = files::readWhole(editor_.path().toStdString());
        const std::string text = onDisk && !editor_.edited() ? *onDisk : card::jsonOf(editor_.card());
        sheet.digest = drawing::sha256Of(text);
        sheet.files.emplace_back(sheet.fileName, sheet.digest);
        tellWritten(tr("Writing…"), false);
        writer_.start([this, sheet, path, ifThere] {
            const auto bytes = drawing::jobSheetPdf(sheet);
            const auto written = bytes ? files::writeWhole(path.toStdString(), *bytes, ifThere)
                                       : quantity::Result<quantity::Done>(bytes.problem());
            QMetaObject::invokeMethod(this, [this, written, path] {
                if (!written)
                    return tellWritten(wording::sentenceOf(written.problem()), true);
                tellWritten(tr("Written: %1").arg(QFileInfo(path).fileName()), false);
                routeCard_->outputBody().noteFolder(QFileInfo(path).path());
            });
        });
    };
    if (!QFileInfo::exists(path))
        return write(files::IfThere::refuse);
    notice_->say(tr("“%1” is already there.").arg(QFileInfo(path).fileName()), NoticeBar::Tone::plain,
                 {{tr("Leave it"), {}}, {tr("Replace it"), [write] { write(files::IfThere::replace); }}});
}

void MainWindow::print() {
    const card::Made made = maker_.shown().made;
    if (!made.lettering)
        return notice_->say(tr("There is nothing to print yet."), NoticeBar::Tone::plain);
    QPrinter printer(QPrinter::HighResolution);
    printer.setDocName(editor_.title());
    QPrintDialog dialog(&printer, this);
    if (dialog.exec() == QDialog::Accepted && !drawing::Paper(made).paint(printer, editor_.title()))
        notice_->say(tr("There is nothing to print yet."), NoticeBar::Tone::plain);
}

void MainWindow::tellWritten(const QString& text, bool problem) {
    routeCard_->outputBody().tell(text, problem);
}

} // namespace bollard::app
