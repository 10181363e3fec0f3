// What comes to the card from outside: font files, tables, drawings and pictures, the clipboard, what is
// dropped.
#include "app/card/part_panel.hpp"
#include "app/card/rows_table.hpp"
#include "app/card/stations.hpp"
#include "app/card/trace_panel.hpp"
#include "app/controls/drawer.hpp"
#include "app/main_window.hpp"
#include "card/arranging.hpp"
#include "card/card_json.hpp"
#include "card/clipping.hpp"
#include "card/free_room.hpp"
#include "card/part.hpp"
#include "files/csv.hpp"
#include "files/part_file.hpp"
#include "plane/path_data.hpp"
#include "type/line_font.hpp"
#include "wording/wording.hpp"
#include <QApplication>
#include <QClipboard>
#include <QDragEnterEvent>
#include <QFileDialog>
#include <QFileInfo>
#include <QMimeData>
#include <QPlainTextEdit>
#include <QTimer>

namespace bollard::app {
namespace {

bool isFontFile(const QString& path) {
    const QString ending = QFileInfo(path).suffix().toLower();
    if (ending == QLatin1String("svg")) // a font or a drawing
        return !type::nameOfSvgFont(path.toStdString()).first.empty();
    return QStringList{"ttf", "otf", "ttc", "otc", "woff", "woff2", "jhf"}.contains(ending);
}

} // namespace

void MainWindow::askForFont() {
    const QString path = QFileDialog::getOpenFileName(
        this, tr("Open a font file"), {}, tr("Fonts (*.ttf *.otf *.ttc *.otc *.woff *.woff2 *.svg *.jhf)"));
    if (!path.isEmpty())
        useFontFile(path);
}

void MainWindow::useFontFile(const QString& path) {
    const auto opened = type::openTypeface(path.toStdString());
    if (!opened)
        return notice_->say(wording::sentenceOf(opened.problem()), NoticeBar::Tone::problem);
    if (!editor_.inscription())
        return notice_->say(tr("Add an inscription first; then the typeface can be given to it."),
                            NoticeBar::Tone::plain);
    editor_.editInscription(tr("Choose typeface"), {}, [&](card::Inscription& inscription) {
        inscription.typeface = {{}, {}, path.toStdString()};
    });
}

void MainWindow::askForTable() {
    const QString path = QFileDialog::getOpenFileName(this, tr("Read rows"), editor_.folder(),
                                                      tr("Tables (*.csv *.txt *.tsv)"));
    if (!path.isEmpty())
        readTable(path);
}

void MainWindow::readTable(const QString& path) {
    const auto problem = [&](const quantity::Problem& met) {
        notice_->say(tr("%1: %2").arg(QFileInfo(path).fileName(), wording::sentenceOf(met)),
                     NoticeBar::Tone::problem);
    };
    const auto text = files::readWhole(path.toStdString());
    if (!text)
        return problem(text.problem());
    auto table = files::tableFromCsv(*text);
    if (!table)
        return problem(table.problem());
    if (table->size() < 2)
        return notice_->say(tr("%1 has no rows: its first line names the fields, the next ones are the rows.")
                                .arg(QFileInfo(path).fileName()),
                            NoticeBar::Tone::problem);
    editor_.edit(tr("Read rows"), {}, [&](card::Card& card) {
        card.rows.edit([&](setting::Rows& rows) {
            rows.fields = table->front();
            rows.values.assign(table->begin() + 1, table->end());
        });
        card.row = 0;
    });
    notice_->dismiss();
}

namespace {

const auto clippingType = QStringLiteral("application/x-bollard-card+json");

} // namespace

void MainWindow::copy(bool cut) {
    if (showsStart() || !editor_.inscription())
        return;
    const card::Card clipping =
        card::clippingOf(editor_.card(), card::withGroups(editor_.card(), editor_.chosen()));
    auto* copied = new QMimeData;
    copied->setData(clippingType, QByteArray::fromStdString(card::jsonOf(clipping)));
    copied->setText(QString::fromStdString(card::wordsOf(clipping)));
    QApplication::clipboard()->setMimeData(copied);
    if (cut)
        editor_.deleteChosen(tr("Cut"));
}

void MainWindow::paste() {
    if (showsStart())
        return;
    const QMimeData* copied = QApplication::clipboard()->mimeData();
    if (!copied)
        return;
    const QString text = copied->text();
    if (const QWidget* at = focusWidget(); at && qobject_cast<RowsTable*>(at->parentWidget())) { // the table
        auto table = files::tableFromText(text.toStdString(), '\t');
        return table && !table->empty() ? takeRows(*std::move(table), false, {}) : void();
    }
    if (flatView_->writing())
        return text.isEmpty() ? void() : flatView_->write(text);
    const bool own = copied->hasFormat(clippingType);
    const std::string json = own ? copied->data(clippingType).toStdString() : text.toStdString();
    if (own || text.trimmed().startsWith(QLatin1Char('{'))) // a card copied as text is a card too
        if (const auto clipping = card::cardFromJson(json))
            return editor_.add(tr("Paste"), card::insertable(*clipping, editor_.card()));
    if (!text.trimmed().isEmpty())
        pasteWords(text);
}

void MainWindow::pasteWords(const QString& text) {
    QString words = text;
    words.replace(QStringLiteral("\r\n"), QStringLiteral("\n"));
    while (words.endsWith(QLatin1Char('\n')))
        words.chop(1);
    editor_.add(tr("Paste"),
                {card::newInscription(editor_.card(), maker_.lettering(), editor_.inscription(),
                                      words.toStdString(), maker_.catalogue().get(), editor_.sideOfNew())});
    offerRows(words);
}

void MainWindow::offerRows(const QString& pasted) {
    constexpr int list = 3; // two lines are as often two lines
    const auto table = files::tableFromText(pasted.toStdString(), '\t');
    if (!table || table->empty() || (table->size() < list && table->front().size() < 2))
        return;
    const auto take = [this, table = *table, pasted](bool headed) { takeRows(table, headed, pasted); };
    std::vector<NoticeBar::Answer> answers{{tr("Keep them as words"), {}},
                                           {tr("A row each"), [take] { take(false); }}};
    if (table->size() > 1)
        answers.push_back({tr("A row each, the first line names the fields"), [take] { take(true); }});
    notice_->say(
        tr("%n line(s) were pasted. They can be rows instead: one part each.", nullptr, int(table->size())),
        NoticeBar::Tone::plain, answers);
}

void MainWindow::takeRows(files::Table table, bool headed, const QString& pasted) {
    std::vector<std::string> fields;
    if (headed) {
        fields = table.front();
        table.erase(table.begin());
    }
    size_t columns = fields.size();
    for (const auto& row : table)
        columns = std::max(columns, row.size());
    for (size_t i = fields.size(); i < columns; ++i)
        fields.push_back(i == 0 ? tr("name").toStdString() : tr("field %1").arg(i + 1).toStdString());
    QStringList braced;
    for (const std::string& field : fields)
        braced << QLatin1Char('{') + QString::fromStdString(field) + QLatin1Char('}');
    editor_.edit(tr("Take rows"), {}, [&](card::Card& card) {
        card.rows.edit([&](setting::Rows& rows) {
            rows.fields = fields;
            rows.values = table;
        });
        card.row = 0;
        // The words that were pasted give way to the fields they are now.
        const int selected = editor_.selected();
        if (selected < 0 || size_t(selected) >= card.inscriptions.size())
            return;
        std::string& words = card.inscriptions[size_t(selected)].words;
        QString shown = QString::fromStdString(words);
        if (shown.contains(pasted))
            words = shown.replace(pasted, braced.join(QLatin1Char(' '))).toStdString();
    });
    routeCard_->open(RouteCard::output);
}

void MainWindow::askForDrawing(DrawingUse use) {
    const QString path = QFileDialog::getOpenFileName(
        this, tr("Read a drawing"), editor_.folder(),
        use == DrawingUse::line ? tr("Drawings (*.svg *.dxf)")
                                : tr("Drawings and pictures (*.svg *.dxf *.png *.jpg *.jpeg)"));
    if (!path.isEmpty())
        readDrawing(path, use);
}

void MainWindow::askForPart() {
    QStringList patterns;
    for (const std::string& ending : files::partEndings())
        patterns << QStringLiteral("*") + QString::fromStdString(ending);
    const QString path = QFileDialog::getOpenFileName(this, tr("Choose a part"), editor_.folder(),
                                                      tr("Parts (%1)").arg(patterns.join(QLatin1Char(' '))));
    if (!path.isEmpty())
        usePart(path);
}

void MainWindow::usePart(const QString& path) {
    // Beside the card it is found again wherever both go.
    const std::string file = card::partPathFrom(path.toStdString(), {}, editor_.folder().toStdString());
    editor_.edit(tr("Take a part from a file"), {}, [&](card::Card& card) {
        card.blank = blank::asKind(card.blank, blank::Kind::file);
        blank::PartFile& part = card.blank.part;
        part.file = file;
        part.digest.clear();
        for (blank::PartSide& side : part.sides)
            side.found = {};
    });
    showView(body);
}

void MainWindow::pointAt(Pointing what) {
    const Pointing before = std::exchange(pointing_, what);
    if (what != Pointing::none)
        showView(body);
    bodyView_->canvas().setPointing(
        what == Pointing::side    ? tr("Click the side that words are to lie on; Escape leaves.")
        : what == Pointing::lying ? tr("Click the face that the print is to lie on; Escape leaves.")
                                  : QString());
    if (what == Pointing::side || before == Pointing::side)
        routeCard_->blankBody().part().setPointing(what == Pointing::side);
    if (what == Pointing::lying || before == Pointing::lying)
        routeCard_->processBody().setPointing(what == Pointing::lying);
    if (what != Pointing::none)
        bodyView_->canvas().setFocus();
}

void MainWindow::takePointed(const space::Vertex& place) {
    const Pointing what = pointing_;
    pointAt(Pointing::none);
    if (what == Pointing::side)
        return routeCard_->blankBody().part().addSideAt(place);
    const auto& solid = maker_.shown().made.solid;
    if (!solid || solid->mesh.empty())
        return;
    const card::Lying lying = card::lyingOnFaceAt(place, solid->mesh);
    editor_.edit(tr("Change the lying position"), {}, [&](card::Card& card) {
        card.lying.on = lying.on;
        card.lying.at = lying.at;
    });
}

void MainWindow::tracePicture(const QString& path, DrawingUse use) {
    if (!trace_)
        trace_ = new TracePanel(work_);
    trace_->disconnect(this);
    const QString name = QFileInfo(path).fileName();
    connect(trace_, &TracePanel::taken, this,
            [this, name, use](const artwork::Drawing& drawing, double millimetresPerUnit) {
                drawer_->shut();
                takeDrawing(drawing, millimetresPerUnit, name, use);
            });
    drawer_->open(tr("Trace %1").arg(name), trace_);
    const plane::Vector size = blank::sizeOf(editor_.card().blank, editor_.side());
    constexpr double whereThereIsNoBlank = 60; // mm
    trace_->start(path, size.x > 0 ? std::round(size.x / 2) : whereThereIsNoBlank, editor_.card().unit);
}

void MainWindow::readDrawing(const QString& path, DrawingUse use) {
    if (artwork::isPicture(path.toStdString()))
        return tracePicture(path, use);
    const QString name = QFileInfo(path).fileName();
    drawings_.read(path, [this, name, use](const DrawingReader::Read& read) {
        notice_->dismiss();
        const quantity::Result<artwork::Drawing>& drawing = *read;
        if (!drawing)
            return notice_->say(wording::sentenceOf(drawing.problem()), NoticeBar::Tone::problem);
        const auto take = [this, name, use, read](double millimetresPerUnit) {
            takeDrawing(**read, millimetresPerUnit, name, use);
        };
        if (drawing->millimetresPerUnit > 0)
            return take(drawing->millimetresPerUnit);
        constexpr double inch = 25.4, pixel = inch / 96;
        notice_->say(tr("“%1” does not tell its unit. What is 1 in it?").arg(name), NoticeBar::Tone::plain,
                     {{tr("1 mm"), [take] { take(1); }},
                      {tr("1 inch"), [take] { take(inch); }},
                      {tr("1/96 inch"), [take] { take(pixel); }}});
    });
    constexpr int moment = 200; // ms; what is read at once needs no word
    QTimer::singleShot(moment, this, [this, name] {
        if (drawings_.reading())
            notice_->say(tr("Reading “%1”…").arg(name), NoticeBar::Tone::plain,
                         {{tr("Stop"), [this] { drawings_.stop(); }}});
    });
}

void MainWindow::takeDrawing(const artwork::Drawing& drawing, double millimetresPerUnit, const QString& name,
                             DrawingUse use) {
    const plane::Outline outline = artwork::asArtwork(drawing, millimetresPerUnit);
    if (const std::string tooMuch = plane::tooMuchOf(outline); !tooMuch.empty())
        return notice_->say(
            wording::sentenceOf({quantity::ProblemKind::tooMany, name.toStdString(), tooMuch}),
            NoticeBar::Tone::problem);
    if (use == DrawingUse::line) {
        editor_.editInscription(tr("Take the line from a drawing"), {}, [&](card::Inscription& inscription) {
            inscription.baseline.kind = setting::BaselineKind::curve;
            inscription.baseline.points = setting::pointsOf(outline.contours.front());
            inscription.baseline.closed = !outline.contours.front().open;
        });
    } else if (use == DrawingUse::outline) {
        const blank::PlateOutline taken = blank::outlineFrom(outline);
        if (taken.path->contours.empty())
            return notice_->say(tr("“%1” holds no closed shape that could be an outline.").arg(name),
                                NoticeBar::Tone::problem);
        editor_.edit(tr("Take the outline from a drawing"), {}, [&](card::Card& card) {
            card.blank.outline.kind = blank::OutlineKind::drawing;
            card.blank.outline.path = taken.path;
            card.blank.outline.source = name.toStdString();
            const plane::Vector size = blank::sizeOf(taken);
            card.blank.width = size.x;
            card.blank.height = size.y;
        });
    } else if (use == DrawingUse::profile) {
        plane::Outline sized = drawing.outline;
        for (plane::Contour& contour : sized.contours)
            contour =
                plane::mapped(std::move(contour), [&](plane::Vector p) { return millimetresPerUnit * p; });
        const std::vector<blank::ProfilePoint> profile = blank::profileFrom(sized);
        if (profile.empty())
            return notice_->say(tr("“%1” holds no line that could be a profile.").arg(name),
                                NoticeBar::Tone::problem);
        editor_.edit(tr("Take the profile from a drawing"), {}, [&](card::Card& card) {
            card.blank.kind = blank::Kind::turned;
            card.blank.profile = profile;
        });
    } else {
        setting::Ornament ornament;
        ornament.kind = setting::OrnamentKind::artwork;
        ornament.artwork = outline;
        ornament.source = name.toStdString();
        editor_.add(tr("Add ornament"),
                    {card::newOrnament(editor_.card(), maker_.lettering(), editor_.inscription(), ornament,
                                       editor_.sideOfNew())});
    }
    QStringList left;
    if (drawing.texts > 0)
        left << tr("%n text(s), which must be turned into curves first", nullptr, drawing.texts);
    if (drawing.others > 0)
        left << tr("%n picture(s), dimension(s) or fill(s)", nullptr, drawing.others);
    if (left.isEmpty())
        notice_->dismiss();
    else
        notice_->say(tr("Left out of “%1”: %2.").arg(name, wording::listOf(left)), NoticeBar::Tone::plain);
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasUrls())
        event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event) {
    QStringList paths;
    for (const QUrl& url : event->mimeData()->urls())
        if (url.isLocalFile())
            paths << url.toLocalFile();
    take(paths);
}

void MainWindow::take(const QStringList& paths) {
    QStringList drawings;
    for (const QString& path : paths) {
        const QString ending = QFileInfo(path).suffix().toLower();
        const bool part =
            std::ranges::find(files::partEndings(), '.' + ending.toStdString()) != files::partEndings().end();
        const bool font = isFontFile(path);
        const bool drawing = !font && (ending == QLatin1String("svg") || ending == QLatin1String("dxf") ||
                                       artwork::isPicture(path.toStdString()));
        const bool table = QStringList{"csv", "tsv", "txt"}.contains(ending);
        if (!part && !font && !drawing && !table) {
            leaving([this, path] { openCard(path); });
            continue;
        }
        if (showsStart()) // there is nothing yet that it could be taken into
            newCard();
        if (font)
            useFontFile(path);
        else if (drawing)
            drawings << path;
        else if (table)
            readTable(path);
        else
            usePart(path);
    }
    if (drawings.size() == 1)
        readDrawing(drawings.front(), DrawingUse::artwork);
    else if (!drawings.isEmpty()) // each may have a question
        notice_->say(tr("Drop one drawing at a time."), NoticeBar::Tone::problem);
}

} // namespace bollard::app
