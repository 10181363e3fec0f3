#include "app/card/route_card.hpp"
#include "app/controls/looks.hpp"
#include "app/help/topic.hpp"
#include "wording/wording.hpp"
#include <QVBoxLayout>

namespace bollard::app {

RouteCard::RouteCard(Session& session, QWidget* parent)
    : QFrame(parent), editor_(session.editor), maker_(session.maker) {
    setObjectName(QStringLiteral("routeCard"));
    setFixedWidth(panelWidth(usualWidth));
    setAccessibleName(tr("Route card"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);

    const std::array<std::pair<QString, Station::MakeBody>, count> makes{{
        {tr("Blank"),
         [this](QWidget* p) {
             auto* body = new BlankStation(editor_, maker_, p);
             connect(body, &BlankStation::outlineFileWanted, this, &RouteCard::outlineFileWanted);
             connect(body, &BlankStation::profileFileWanted, this, &RouteCard::profileFileWanted);
             connect(body, &BlankStation::partFileWanted, this, &RouteCard::partFileWanted);
             connect(body, &BlankStation::pointingWanted, this, &RouteCard::pointingWanted);
             return body;
         }},
        {tr("Lettering"),
         [this](QWidget* p) {
             auto* body = new LetteringStation(editor_, maker_, p);
             connect(body, &LetteringStation::fontFileWanted, this, &RouteCard::fontFileWanted);
             connect(body, &LetteringStation::artworkFileWanted, this, &RouteCard::artworkFileWanted);
             connect(body, &LetteringStation::spellingChecked, this,
                     [this, body] { emit spellingChecked(body->spelling().misspelt()); });
             return body;
         }},
        {tr("Placing"),
         [this](QWidget* p) {
             auto* body = new PlacingStation(editor_, maker_, p);
             connect(body, &PlacingStation::curveFileWanted, this, &RouteCard::curveFileWanted);
             return body;
         }},
        {tr("Working"), [this](QWidget* p) { return new WorkingStation(editor_, p); }},
        {tr("Process"),
         [this, &session](QWidget* p) {
             auto* body = new ProcessStation(session, p);
             connect(body, &ProcessStation::lyingPointingWanted, this, &RouteCard::lyingPointingWanted);
             return body;
         }},
        {tr("Output"),
         [this](QWidget* p) {
             auto* body = new OutputStation(editor_, p);
             connect(body, &OutputStation::filesWanted, this, &RouteCard::filesWanted);
             connect(body, &OutputStation::jobSheetWanted, this, &RouteCard::jobSheetWanted);
             connect(body, &OutputStation::sendingWanted, this, &RouteCard::sendingWanted);
             connect(body, &OutputStation::tableFileWanted, this, &RouteCard::tableFileWanted);
             connect(body, &OutputStation::formatsTicked, this, &RouteCard::noteFormats);
             return body;
         }},
    }};
    for (int i = 0; i < count; ++i) {
        auto* station = new Station(i + 1, makes[size_t(i)].first, makes[size_t(i)].second, this);
        constexpr std::array topics{"station-blank",   "station-lettering", "station-placing",
                                    "station-working", "station-process",   "station-output"};
        explain(station, QLatin1String(topics[size_t(i)]));
        stations_[size_t(i)] = station;
        layout->addWidget(station);
        connect(station, &Station::openWanted, this, [this, i] { open(i); });
        connect(station, &Station::drawerWanted, this, &RouteCard::drawerWanted);
        connect(station, &Station::drawerDone, this, &RouteCard::drawerDone);
    }
    layout->addStretch();
    connect(&editor_, &CardEditor::changed, this, &RouteCard::refresh);
    connect(&editor_, &CardEditor::selectionChanged, this, &RouteCard::refresh);
    connect(&maker_, &Maker::stageDone, this, &RouteCard::markFindings);
    noteFormats(OutputStation::ticked());
    open(lettering);
}

void RouteCard::noteFormats(const QStringList& ticked) {
    QStringList names;
    for (const QString& ending : ticked)
        names << ending.toUpper();
    formats_ = names.isEmpty() ? tr("no format ticked") : wording::listOf(names);
    refresh();
}

void RouteCard::open(int number) {
    if (number == open_)
        return;
    // The focus must not wander off to another panel when the widget that has it is hidden.
    const bool hadFocus = open_ >= 0 && station(open_).isAncestorOf(window()->focusWidget());
    open_ = number;
    if (hadFocus)
        station(number).focusHead();
    for (int i = 0; i < count; ++i)
        station(i).setOpen(i == number);
    emit stationOpened();
}

BlankStation& RouteCard::blankBody() {
    open(blank);
    return static_cast<BlankStation&>(*station(blank).body());
}

LetteringStation& RouteCard::letteringBody() {
    open(lettering);
    return static_cast<LetteringStation&>(*station(lettering).body());
}

ProcessStation& RouteCard::processBody() {
    open(process);
    return static_cast<ProcessStation&>(*station(process).body());
}

OutputStation& RouteCard::outputBody() {
    open(output);
    return static_cast<OutputStation&>(*station(output).body());
}

void RouteCard::refresh() {
    const card::Card& card = editor_.card();
    const int selected = editor_.selected();
    station(blank).setSummary(wording::summaryOf(card.blank, card.unit));
    station(lettering).setSummary(wording::letteringSummary(card, selected));
    station(placing).setSummary(wording::placingSummary(card, selected));
    station(working).setSummary(editor_.inscription()
                                    ? wording::summaryOf(editor_.inscription()->working, card.unit)
                                    : tr("nothing to work"));
    station(process).setSummary(wording::summaryOf(card.process, card.unit));
    station(output).setSummary(
        card.rows->values.empty()
            ? formats_
            : tr("%1; row %2 of %3").arg(formats_).arg(card.row + 1).arg(card.rows->count()));
    for (Station* s : stations_)
        s->refresh();
}

void RouteCard::markFindings() {
    std::array<int, count> stops{}, watches{};
    if (const auto& checked = maker_.shown().made.checked)
        for (const check::Finding& finding : checked->findings) {
            if (finding.accepted)
                continue;
            const auto at = size_t(check::aboutOf(finding.kind).station);
            stops[at] += finding.severity == check::Severity::stop ? 1 : 0;
            watches[at] += finding.severity == check::Severity::watch ? 1 : 0;
        }
    for (int i = 0; i < count; ++i)
        station(i).setMark(stops[size_t(i)], watches[size_t(i)]);
}

} // namespace bollard::app
