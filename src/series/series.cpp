#include "series/series.hpp"
#include "card/card_json.hpp"
#include "card/series.hpp"
#include "drawing/output_formats.hpp"
#include "drawing/sheet_pages.hpp"
#include "files/part_file.hpp"
#include "wording/wording.hpp"
#include <algorithm>
#include <cmath>
#include <filesystem>
#include <thread>

namespace bollard::series {

using Json = nlohmann::ordered_json;
using quantity::Done, quantity::Problem, quantity::ProblemKind, quantity::Result;

namespace {

constexpr std::array<std::string_view, 4> stateNames{"failed", "stop", "made", "kept"};
constexpr std::array severityNames{"note", "watch", "stop"};

void fail(Row& row, const Problem& problem) {
    row.findings.push_back({check::Severity::stop, wording::sentenceOf(problem).toStdString()});
    row.state = RowState::failed;
    row.file.clear();
}

double rounded(double mm) {
    return std::round(mm * 1e4) / 1e4;
}

} // namespace

std::string_view nameOf(RowState state) {
    return stateNames[size_t(state)];
}

std::string whyNot(const Row& row) {
    const auto stops = std::ranges::find(row.findings, check::Severity::stop, &RowFinding::severity);
    return stops == row.findings.end() ? std::string() : stops->what;
}

Result<std::unique_ptr<Series>> Series::of(Choices choices) {
    std::unique_ptr<Series> series(new Series(std::move(choices)));
    if (auto prepared = series->prepare(); !prepared)
        return prepared.problem();
    return series;
}

Result<Done> Series::prepare() {
    format_ = drawing::formatOf("x." + c_.as);
    if (!format_)
        return Problem{ProblemKind::unknownFormat, c_.as};
    if (c_.board) {
        // A page is a drawing too.
        const std::string as = c_.as == "pdf" ? "svg" : c_.as;
        const auto& formats = card::sheetFormats();
        const auto sheet = std::ranges::find(formats, as, &card::SheetFormat::ending);
        if (sheet == formats.end())
            return Problem{ProblemKind::fieldWrong, "--as", "stl | 3mf | svg | dxf | nc | pdf, on sheets"};
        sheet_ = &*sheet;
    }
    std::error_code problem;
    std::filesystem::create_directories(c_.folder, problem);
    if (problem || !std::filesystem::is_directory(c_.folder))
        return Problem{ProblemKind::fileUnwritable, c_.folder, problem ? problem.message() : "it is a file"};
    card::Card bare = c_.card;
    bare.rows = setting::Rows{};
    bare.row = 0;
    cardDigest_ = files::digestOf(card::jsonOf(bare) + "\n" + c_.as + (c_.accept ? " accepted" : ""));
    rows_.resize(size_t(c_.last - c_.first));
    return Done{};
}

Result<Done> Series::run(const std::function<void(const Row&)>& onRow, const std::stop_token& stop) {
    onRow_ = &onRow;
    lastTold_ = std::chrono::steady_clock::now();
    take();
    std::atomic<int> next = c_.first;
    std::vector<std::thread> workers;
    const int jobs = std::clamp(c_.jobs, 1, std::max(1, c_.last - c_.first));
    for (int i = 0; i < jobs; ++i)
        workers.emplace_back([&] {
            card::Pipeline pipeline(c_.faces);
            pipeline.useShop(c_.shop);
            for (int row = next++; row < c_.last && !stop.stop_requested(); row = next++)
                make(pipeline, row);
        });
    for (std::thread& worker : workers)
        worker.join();
    if (sheet_ && !stop.stop_requested())
        laySheets(stop);
    return files::writeWhole(listPath(), told().dump() + "\n", files::IfThere::replace);
}

std::string Series::listPath() const {
    return c_.folder + "/series" +
           (c_.some ? "-" + std::to_string(c_.first + 1) + "-" + std::to_string(c_.last) : std::string()) +
           ".json";
}

/// What an earlier run tells of its files.
void Series::take() {
    const auto text = files::readWhole(listPath());
    const Json known = text ? Json::parse(*text, nullptr, false) : Json();
    if (!known.is_object() || !known.contains("rows") || !known["rows"].is_array())
        return;
    for (const Json& row : known["rows"])
        if (row.is_object() && row.value("file", Json()).is_string() &&
            row.value("from", Json()).is_string() && row.value("holds", Json()).is_string())
            known_[row["file"].get<std::string>()] = row;
}

void Series::make(card::Pipeline& pipeline, int number) {
    Row row;
    row.number = number;
    row.fields = card::fieldsOfRow(*c_.card.rows, number);
    std::string from = cardDigest_;
    for (const auto& [name, value] : row.fields)
        from += "\n" + name + "=" + value;
    if (const auto own = c_.card.rows->own.find(number); own != c_.card.rows->own.end())
        from += "\n" + own->second;
    row.from = files::digestOf(from);
    if (sheet_) {
        takePart(pipeline, number, row);
        return put(std::move(row));
    }
    row.file = card::nameOfRow(*c_.card.rows, number) + "." + c_.as;
    const std::string path = c_.folder + "/" + row.file;
    const auto there = files::readWhole(path);
    std::error_code unknown;
    const bool inTheWay = std::filesystem::exists(path, unknown);
    const auto known = known_.find(row.file);
    if (there && known != known_.end() && known->second["from"] == row.from &&
        known->second["holds"] == files::digestOf(*there)) {
        row.state = RowState::kept;
        row.holds = known->second["holds"].get<std::string>();
        const Json findings = known->second.value("findings", Json::array());
        for (const Json& finding : findings) {
            const auto severity = std::ranges::find(severityNames, finding.value("severity", std::string()));
            if (severity != severityNames.end())
                row.findings.push_back({check::Severity(severity - severityNames.begin()),
                                        finding.value("what", std::string())});
        }
        return put(std::move(row));
    }
    makeAnew(pipeline, number, row, path, there ? &*there : nullptr, inTheWay);
    put(std::move(row));
}

/// The row made, and its findings told; nothing when they let it be written nowhere.
std::optional<card::Made> Series::madeOf(card::Pipeline& pipeline, int number, Row& row) {
    auto own = std::make_shared<card::Card>(c_.card);
    own->row = number;
    card::Made made = pipeline.run(own, c_.home);
    bool unopened = false;
    for (const check::Finding& finding : made.checked->findings) {
        if (finding.accepted)
            continue;
        row.findings.push_back({finding.severity, wording::lineOf(finding, *made.card).toStdString()});
        unopened = unopened || finding.kind == check::FindingKind::typefaceProblem;
    }
    const bool stops = !c_.accept && check::worstOf(made.checked->findings) == check::Severity::stop;
    if (!unopened && !stops)
        return made;
    row.state = unopened ? RowState::failed : RowState::stop;
    row.file.clear();
    return std::nullopt;
}

void Series::makeAnew(card::Pipeline& pipeline, int number, Row& row, const std::string& path,
                      const std::string* there, bool inTheWay) {
    const std::optional<card::Made> made = madeOf(pipeline, number, row);
    if (!made)
        return;
    const auto output = card::outputOf(*made, *format_, path, {});
    if (!output)
        return fail(row, output.problem());
    // Most rows come to one file; what is cut on the back, or with each tool, has one of its own beside it.
    // Those are compared each time.
    const bool one = output->size() == 1;
    row.file = std::filesystem::path(output->front().path).filename().string();
    row.holds = one ? files::digestOf(output->front().bytes) : std::string();
    bool same = true, others = false;
    for (const files::WholeFile& file : *output) {
        const bool isFirst = file.path == path;
        const auto now =
            isFirst ? Result<std::string>(there ? *there : std::string()) : files::readWhole(file.path);
        std::error_code unknown;
        const bool alike = (isFirst ? there != nullptr : bool(now)) && *now == file.bytes;
        same = same && alike;
        others = others || (!alike && (isFirst ? inTheWay : std::filesystem::exists(file.path, unknown)));
    }
    if (same) {
        row.state = RowState::kept;
        return;
    }
    if (others && !c_.force)
        return fail(row, {ProblemKind::fileExists, path});
    // What is there and the same may be put in its own place.
    const bool replaces = c_.force || !one;
    const auto written =
        files::writeTogether(*output, replaces ? files::IfThere::replace : files::IfThere::refuse);
    if (!written) {
        unwritten_ = unwritten_ || written.problem().kind != ProblemKind::fileExists;
        return fail(row, written.problem());
    }
    row.state = RowState::made;
}

/// What of the row goes onto a sheet. Solids, which are large, are made again when their sheet is written.
void Series::takePart(card::Pipeline& pipeline, int number, Row& row) {
    const auto made = madeOf(pipeline, number, row);
    if (!made)
        return;
    auto part = sheet_->partOf(*made);
    if (!part)
        return fail(row, part.problem());
    row.covered = card::coveredBy(*made, sheet_->what);
    if (sheet_->what != card::Output::body)
        row.part = *std::move(part);
    row.state = RowState::made;
}

void Series::tell(const Row& row) {
    if (*onRow_)
        (*onRow_)(row);
}

/// Told as it goes, so that a run after this one, however this one ends, knows what is there.
void Series::put(Row row) {
    const std::scoped_lock lock(guard_);
    tell(row);
    rows_[size_t(row.number - c_.first)] = std::move(row);
    ++ready_;
    const auto now = std::chrono::steady_clock::now();
    constexpr auto moment = std::chrono::seconds(2);
    if (!sheet_ && ready_ < rows_.size() && now - lastTold_ > moment) {
        lastTold_ = now;
        (void)files::writeWhole(listPath(), told().dump() + "\n", files::IfThere::replace);
    }
}

/// Rows that could be made, onto sheets, and a file for each sheet.
void Series::laySheets(const std::stop_token& stop) {
    std::vector<int> laid; // which of the rows
    std::vector<plane::Region> parts;
    for (size_t i = 0; i < rows_.size(); ++i)
        for (int copy = 0; copy < c_.copies && rows_[i].state == RowState::made; ++copy) {
            laid.push_back(int(i));
            parts.push_back(rows_[i].covered);
        }
    const nest::Nest nest = nest::nestOf(parts, *c_.board, stop);
    std::set<int> large;
    for (const int part : nest.tooLarge)
        large.insert(laid[size_t(part)]);
    for (const int which : large) {
        fail(rows_[size_t(which)],
             {ProblemKind::partBeyondSheet,
              quantity::roundedText(c_.board->width, 3) + "x" + quantity::roundedText(c_.board->height, 3)});
        tell(rows_[size_t(which)]);
    }
    const bool pages = c_.as == "pdf";
    card::Pipeline pipeline(c_.faces);
    pipeline.useShop(c_.shop);
    std::vector<std::vector<files::DrawingLayer>> drawn;
    std::set<int> onPages;
    for (size_t i = 0; i < nest.sheets.size() && !stop.stop_requested(); ++i) {
        std::set<int> rows;
        std::vector<card::LaidPart> onSheet;
        Json places = Json::array();
        for (const nest::Place& place : nest.sheets[i].places) {
            const int which = laid[size_t(place.part)], number = c_.first + which;
            Row& row = rows_[size_t(which)];
            if (sheet_->what == card::Output::body && row.part.bodies.empty()) {
                auto own = std::make_shared<card::Card>(c_.card);
                own->row = number;
                if (auto part = sheet_->partOf(pipeline.run(own, c_.home)))
                    row.part = *std::move(part);
            }
            rows.insert(which);
            onSheet.push_back({&row.part, card::placeOf(place), card::nameOfRow(*c_.card.rows, number)});
            places.push_back({{"row", number + 1},
                              {"x", rounded(place.at.x)},
                              {"y", rounded(place.at.y)},
                              {"turn", place.turn}});
        }
        const std::string file =
            pages ? nameOfSheet("sheets", 0, 0) : nameOfSheet("sheet", i, nest.sheets.size());
        if (pages)
            drawn.push_back(card::layersOf(onSheet));
        else
            writeSheet(file, sheet_->bytesOf(onSheet, *c_.board, file.substr(0, file.rfind('.'))), rows);
        sheets_.push_back({{"file", file},
                           {"used", std::round(nest.sheets[i].used * 1e6) / 1e6},
                           {"reach", rounded(nest.sheets[i].reach)},
                           {"parts", std::move(places)}});
        onPages.insert(rows.begin(), rows.end());
        if (sheet_->what == card::Output::body)
            for (const int which : rows)
                rows_[size_t(which)].part = {};
    }
    if (pages && !drawn.empty())
        writeSheet(nameOfSheet("sheets", 0, 0),
                   drawing::sheetPages(drawn, c_.board->width, c_.board->height, "sheets"), onPages);
    for (Json& sheet : sheets_) // what could not be written is not there
        if (unwrittenSheets_.contains(sheet["file"].get<std::string>()))
            sheet["file"] = Json();
}

/// "sheet-01.dxf"; with only some rows "sheet-5-24-1.dxf", so that those of other runs are not in the way.
std::string Series::nameOfSheet(const std::string& what, size_t number, size_t count) const {
    std::string name = what;
    if (c_.some)
        name += "-" + std::to_string(c_.first + 1) + "-" + std::to_string(c_.last);
    if (count > 0) {
        std::string digits = std::to_string(number + 1);
        digits.insert(0, std::to_string(count).size() - digits.size(), '0');
        name += "-" + digits;
    }
    return name + "." + c_.as;
}

void Series::writeSheet(const std::string& file, const Result<std::string>& bytes,
                        const std::set<int>& rows) {
    const std::string path = c_.folder + "/" + file;
    const auto failed = [&](const Problem& problem) {
        unwrittenSheets_.insert(file);
        sheetProblems_.emplace_back(file, problem);
        for (const int which : rows)
            fail(rows_[size_t(which)], problem);
    };
    if (!bytes)
        return failed(bytes.problem());
    const auto there = files::readWhole(path);
    std::error_code unknown;
    const bool same = there && *there == *bytes;
    if (!same && std::filesystem::exists(path, unknown) && !c_.force)
        return failed({ProblemKind::fileExists, path});
    if (!same)
        if (const auto written =
                files::writeWhole(path, *bytes, c_.force ? files::IfThere::replace : files::IfThere::refuse);
            !written) {
            unwritten_ = unwritten_ || written.problem().kind != ProblemKind::fileExists;
            return failed(written.problem());
        }
    for (const int which : rows) {
        rows_[size_t(which)].file = file;
        rows_[size_t(which)].state = same ? RowState::kept : RowState::made;
    }
}

int Series::count(RowState state) const {
    return int(std::ranges::count_if(
        rows_, [&](const Row& row) { return !row.from.empty() && row.state == state; }));
}

bool Series::allMade() const {
    return std::ranges::all_of(
        rows_, [](const Row& row) { return row.state == RowState::made || row.state == RowState::kept; });
}

Json Series::told() const {
    Json list{{"rows", Json::array()}, {"sheets", sheets_}};
    for (const Row& row : rows_) {
        if (row.from.empty())
            continue; // not there yet
        Json fields = Json::object(), findings = Json::array();
        for (const auto& [name, value] : row.fields)
            fields[name] = value;
        for (const RowFinding& finding : row.findings)
            findings.push_back(
                {{"severity", severityNames[size_t(finding.severity)]}, {"what", finding.what}});
        list["rows"].push_back({{"row", row.number + 1},
                                {"fields", fields},
                                {"file", row.file.empty() ? Json() : Json(row.file)},
                                {"state", nameOf(row.state)},
                                {"findings", findings},
                                {"from", row.from},
                                {"holds", row.holds}});
    }
    list["made"] = count(RowState::made);
    list["kept"] = count(RowState::kept);
    list["stopped"] = count(RowState::stop);
    list["failed"] = count(RowState::failed);
    return list;
}

} // namespace bollard::series
