#include "card/series.hpp"
#include "card/card_json.hpp"
#include "card/sheets.hpp"
#include "cli/command.hpp"
#include "drawing/output_formats.hpp"
#include "drawing/sheet_pages.hpp"
#include "files/csv.hpp"
#include "files/part_file.hpp"
#include "wording/wording.hpp"
#include <atomic>
#include <charconv>
#include <cmath>
#include <filesystem>
#include <iostream>
#include <mutex>
#include <nlohmann/json.hpp>
#include <set>
#include <thread>

namespace bollard::cli {
namespace {

using Json = nlohmann::ordered_json;
using quantity::Problem, quantity::ProblemKind;

/// What has become of a row.
struct Row {
    Json fields = Json::object(), findings = Json::array();
    std::string file{}, state = "failed";
    std::string from{}, holds{}; ///< digests of what it was made from and of the file's bytes
    plane::Region covered{};     ///< of a sheet
    card::SheetPart part{};
};

/// "600x400", mm.
std::optional<plane::Vector> sizeFrom(const std::string& text) {
    const size_t cross = text.find('x');
    if (cross == std::string::npos)
        return std::nullopt;
    const auto width = quantity::numberFromText(text.substr(0, cross)),
               height = quantity::numberFromText(text.substr(cross + 1));
    constexpr double most = 100000;
    if (!width || !height || !(*width > 0) || !(*height > 0) || *width > most || *height > most)
        return std::nullopt;
    return plane::Vector{*width, *height};
}

class Series {
  public:
    explicit Series(const Arguments& arguments) : arguments_(arguments), folder_(arguments.outputs.front()) {}

    int run() {
        if (const int code = prepare(); code != done)
            return code;
        take();
        std::atomic<int> next = first_;
        std::vector<std::thread> workers;
        const int jobs = std::clamp(arguments_.jobs, 1, std::max(1, last_ - first_));
        for (int i = 0; i < jobs; ++i)
            workers.emplace_back([&] {
                card::Pipeline pipeline(faces_);
                pipeline.useShop(shop_);
                for (int row = next++; row < last_; row = next++)
                    make(pipeline, row);
            });
        for (std::thread& worker : workers)
            worker.join();
        if (sheet_)
            laySheets();
        const bool told = tell();
        return !told || unwritten_ ? notWritten
               : std::ranges::all_of(
                     rows_, [](const Row& row) { return row.state == "made" || row.state == "kept"; })
                   ? done
                   : stopFinding;
    }

  private:
    int prepare() {
        auto read = cardOrComplaint(arguments_.card);
        if (!read)
            return unreadable;
        card_ = *std::move(read);
        if (!arguments_.table.empty()) {
            const auto text = files::readWhole(arguments_.table);
            if (!text)
                return complain(text.problem(), "", unreadable);
            auto table = files::tableFromCsv(*text);
            if (!table)
                return complain(table.problem(), arguments_.table, unreadable);
            if (table->size() < 2)
                return complain({ProblemKind::rowMissing, "1", "0"}, arguments_.table, unreadable);
            card_.rows.edit([&](setting::Rows& rows) {
                rows.fields = table->front();
                rows.values.assign(table->begin() + 1, table->end());
            });
        }
        last_ = card_.rows->count();
        if (const int code = range(); code != done)
            return code;
        format_ = formatOf("x." + arguments_.as);
        if (!format_)
            return complain({ProblemKind::unknownFormat, arguments_.as}, "", unreadable);
        if (const int code = board(); code != done)
            return code;
        shop_ = shopOrComplaint();
        if (!shop_)
            return unreadable;
        std::error_code problem;
        std::filesystem::create_directories(folder_, problem);
        if (problem || !std::filesystem::is_directory(folder_))
            return complain(
                {ProblemKind::fileUnwritable, folder_, problem ? problem.message() : "it is a file"}, "",
                notWritten);
        card::Card bare = card_;
        bare.rows = setting::Rows{};
        bare.row = 0;
        cardDigest_ = files::digestOf(card::jsonOf(bare) + "\n" + arguments_.as +
                                      (arguments_.accept ? " accepted" : ""));
        rows_.resize(size_t(last_ - first_));
        return done;
    }

    /// What rows are laid on, where they are.
    int board() {
        if (arguments_.sheet.empty())
            return done;
        const auto size = sizeFrom(arguments_.sheet);
        if (!size)
            return complain({ProblemKind::fieldWrong, "--sheet", "WIDTHxHEIGHT, in mm"}, "", unreadable);
        const auto turning = nest::turningCalled(arguments_.turn);
        board_ = {size->x, size->y, arguments_.spacing, arguments_.margin,
                  turning.value_or(nest::Turning::none)};
        const auto& formats = card::sheetFormats();
        // A page is a drawing too.
        const std::string as = arguments_.as == "pdf" ? "svg" : arguments_.as;
        const auto sheet = std::ranges::find(formats, as, &card::SheetFormat::ending);
        if (sheet == formats.end())
            return complain({ProblemKind::fieldWrong, "--as", "stl | 3mf | svg | dxf | nc | pdf, on sheets"},
                            "", unreadable);
        sheet_ = &*sheet;
        return done;
    }

    int range() {
        const std::string& asked = arguments_.rows;
        if (asked.empty())
            return done;
        const size_t dots = asked.find("..");
        const auto number = [](std::string_view text) {
            int value = 0;
            const auto [end, wrong] = std::from_chars(text.data(), text.data() + text.size(), value);
            return wrong == std::errc() && end == text.data() + text.size() ? value : 0;
        };
        const int from = dots == std::string::npos ? 0 : number(std::string_view(asked).substr(0, dots)),
                  to = dots == std::string::npos ? 0 : number(std::string_view(asked).substr(dots + 2));
        if (from < 1 || to < from || to > last_)
            return complain({ProblemKind::rowMissing, asked, std::to_string(last_)}, arguments_.card,
                            unreadable);
        first_ = from - 1;
        last_ = to;
        return done;
    }

    std::string listPath() const {
        return folder_ + "/series" +
               (arguments_.rows.empty() ? std::string()
                                        : "-" + std::to_string(first_ + 1) + "-" + std::to_string(last_)) +
               ".json";
    }

    /// What an earlier run tells of its files.
    void take() {
        const auto text = files::readWhole(listPath());
        const Json known = text ? Json::parse(*text, nullptr, false) : Json();
        if (!known.is_object() || !known.contains("rows") || !known["rows"].is_array())
            return;
        for (const Json& row : known["rows"])
            if (row.is_object() && row.value("file", Json()).is_string() &&
                row.value("from", Json()).is_string() && row.value("holds", Json()).is_string())
                known_[row["file"].get<std::string>()] = row;
    }

    void make(card::Pipeline& pipeline, int number) {
        Row row;
        const setting::Rows& rows = *card_.rows;
        std::string from = cardDigest_;
        for (const auto& [name, value] : card::fieldsOfRow(rows, number)) {
            row.fields[name] = value;
            from += "\n" + name + "=" + value;
        }
        row.from = files::digestOf(from);
        if (sheet_) {
            takePart(pipeline, number, row);
            return put(number, std::move(row));
        }
        row.file = card::nameOfRow(rows, number) + "." + arguments_.as;
        const std::string path = folder_ + "/" + row.file;
        const auto there = files::readWhole(path);
        std::error_code unknown;
        const bool inTheWay = std::filesystem::exists(path, unknown);
        const auto known = known_.find(row.file);
        if (there && known != known_.end() && known->second["from"] == row.from &&
            known->second["holds"] == files::digestOf(*there)) {
            row.state = "kept";
            row.holds = known->second["holds"].get<std::string>();
            row.findings = known->second.value("findings", Json::array());
            return put(number, std::move(row));
        }
        makeAnew(pipeline, number, row, path, there ? &*there : nullptr, inTheWay);
        put(number, std::move(row));
    }

    static void failRow(Row& row, const Problem& problem) {
        row.findings.push_back({{"severity", "stop"}, {"what", wording::sentenceOf(problem).toStdString()}});
        row.state = "failed";
        row.file.clear();
    }

    /// The row made, and its findings told; nothing when they let it be written nowhere.
    std::optional<card::Made> madeOf(card::Pipeline& pipeline, int number, Row& row) {
        auto own = std::make_shared<card::Card>(card_);
        own->row = number;
        const std::string home = std::filesystem::path(arguments_.card).parent_path().string();
        card::Made made = pipeline.run(own, home);
        bool unopened = false;
        for (const check::Finding& finding : made.checked->findings) {
            constexpr std::array names{"note", "watch", "stop"};
            if (finding.accepted)
                continue;
            row.findings.push_back(
                {{"severity", names[size_t(finding.severity)]}, {"what", lineOf(finding, *made.card)}});
            unopened = unopened || finding.kind == check::FindingKind::typefaceProblem;
        }
        if (unopened) {
            row.file.clear();
            return std::nullopt;
        }
        if (!arguments_.accept && check::worstOf(made.checked->findings) == check::Severity::stop) {
            row.state = "stop";
            row.file.clear();
            return std::nullopt;
        }
        return made;
    }

    /// What of the row goes onto a sheet. Solids, which are large, are made again when their sheet is
    /// written.
    void takePart(card::Pipeline& pipeline, int number, Row& row) {
        const auto made = madeOf(pipeline, number, row);
        if (!made)
            return;
        auto part = sheet_->partOf(*made);
        if (!part)
            return failRow(row, part.problem());
        row.covered = card::coveredBy(*made, sheet_->what);
        if (sheet_->what != card::Output::body)
            row.part = *std::move(part);
        row.state = "made";
    }

    /// Rows that could be made, onto sheets, and a file for each sheet.
    void laySheets() {
        std::vector<int> laid; // rows, from the first asked for
        std::vector<plane::Region> parts;
        for (size_t i = 0; i < rows_.size(); ++i)
            if (rows_[i].state == "made") {
                laid.push_back(int(i));
                parts.push_back(rows_[i].covered);
            }
        const nest::Nest nest = nest::nestOf(parts, board_);
        for (const int part : nest.tooLarge) {
            failRow(rows_[size_t(laid[size_t(part)])], {ProblemKind::partBeyondSheet, arguments_.sheet});
            if (!arguments_.json)
                std::cout << first_ + laid[size_t(part)] + 1 << ": "
                          << rows_[size_t(laid[size_t(part)])].findings.back()["what"].get<std::string>()
                          << std::endl;
        }
        const bool pages = arguments_.as == "pdf";
        card::Pipeline pipeline(faces_);
        pipeline.useShop(shop_);
        std::vector<std::vector<files::DrawingLayer>> drawn;
        for (size_t i = 0; i < nest.sheets.size(); ++i) {
            std::vector<int> rows;
            std::vector<card::LaidPart> onSheet;
            Json places = Json::array();
            for (const nest::Place& place : nest.sheets[i].places) {
                const int which = laid[size_t(place.part)];
                Row& row = rows_[size_t(which)];
                if (sheet_->what == card::Output::body) {
                    auto own = std::make_shared<card::Card>(card_);
                    own->row = first_ + which;
                    const std::string home = std::filesystem::path(arguments_.card).parent_path().string();
                    if (auto part = sheet_->partOf(pipeline.run(own, home)))
                        row.part = *std::move(part);
                }
                rows.push_back(which);
                onSheet.push_back(
                    {&row.part, card::placeOf(place), card::nameOfRow(*card_.rows, first_ + which)});
                places.push_back({{"row", first_ + which + 1},
                                  {"x", rounded(place.at.x)},
                                  {"y", rounded(place.at.y)},
                                  {"turn", place.turn}});
            }
            std::string file;
            if (pages) {
                drawn.push_back(card::layersOf(onSheet));
                file = nameOfSheet("sheets", 0, 0);
            } else {
                file = nameOfSheet("sheet", i, nest.sheets.size());
                const auto bytes = sheet_->bytesOf(onSheet, board_, file.substr(0, file.rfind('.')));
                writeSheet(file, bytes, rows);
            }
            sheets_.push_back({{"file", file},
                               {"used", std::round(nest.sheets[i].used * 1e6) / 1e6},
                               {"reach", rounded(nest.sheets[i].reach)},
                               {"parts", std::move(places)}});
            for (const int which : rows)
                rows_[size_t(which)].part = {};
        }
        if (pages && !drawn.empty())
            writeSheet(nameOfSheet("sheets", 0, 0),
                       drawing::sheetPages(drawn, board_.width, board_.height, "sheets"),
                       laidRows(nest, laid));
        for (Json& sheet : sheets_) // what could not be written is not there
            if (const std::string file = sheet["file"].get<std::string>(); unwrittenSheets_.contains(file))
                sheet["file"] = Json();
    }

    static double rounded(double mm) { return std::round(mm * 1e4) / 1e4; }

    static std::vector<int> laidRows(const nest::Nest& nest, const std::vector<int>& laid) {
        std::vector<int> rows;
        for (const nest::Sheet& sheet : nest.sheets)
            for (const nest::Place& place : sheet.places)
                rows.push_back(laid[size_t(place.part)]);
        return rows;
    }

    /// "sheet-01.dxf"; with only some rows "sheet-5-24-1.dxf", so that those of other runs are not in the
    /// way.
    std::string nameOfSheet(const std::string& what, size_t number, size_t count) const {
        std::string name = what;
        if (!arguments_.rows.empty())
            name += "-" + std::to_string(first_ + 1) + "-" + std::to_string(last_);
        if (count > 0) {
            std::string digits = std::to_string(number + 1);
            digits.insert(0, std::to_string(count).size() - digits.size(), '0');
            name += "-" + digits;
        }
        return name + "." + arguments_.as;
    }

    void writeSheet(const std::string& file, const quantity::Result<std::string>& bytes,
                    const std::vector<int>& rows) {
        const std::string path = folder_ + "/" + file;
        const auto fail = [&](const Problem& problem) {
            unwrittenSheets_.insert(file);
            for (const int which : rows)
                failRow(rows_[size_t(which)], problem);
            if (!arguments_.json)
                std::cout << file << ": " << wording::sentenceOf(problem).toStdString() << std::endl;
        };
        if (!bytes)
            return fail(bytes.problem());
        const auto there = files::readWhole(path);
        std::error_code unknown;
        const bool same = there && *there == *bytes;
        if (!same && std::filesystem::exists(path, unknown) && !arguments_.force)
            return fail({ProblemKind::fileExists, path});
        if (!same)
            if (const auto written = files::writeWhole(path, *bytes, ifThere(arguments_)); !written) {
                unwritten_ = unwritten_ || written.problem().kind != ProblemKind::fileExists;
                return fail(written.problem());
            }
        for (const int which : rows) {
            Row& row = rows_[size_t(which)];
            row.file = file;
            row.state = same ? "kept" : "made";
        }
    }

    void makeAnew(card::Pipeline& pipeline, int number, Row& row, const std::string& path,
                  const std::string* there, bool inTheWay) {
        const std::optional<card::Made> run = madeOf(pipeline, number, row);
        if (!run)
            return;
        const card::Made& made = *run;
        const auto fail = [&](const Problem& problem) { failRow(row, problem); };
        const auto output = card::outputOf(made, *format_, path, {});
        if (!output)
            return fail(output.problem());
        if (output->size() != 1)
            return fail({ProblemKind::fileExists, path});
        const std::string& bytes = output->front().bytes;
        row.holds = files::digestOf(bytes);
        if (there && *there == bytes) {
            row.state = "kept";
            return;
        }
        if (inTheWay && !arguments_.force)
            return fail({ProblemKind::fileExists, path});
        const auto written = files::writeWhole(path, bytes, ifThere(arguments_));
        if (!written) {
            unwritten_ = unwritten_ || written.problem().kind != ProblemKind::fileExists;
            return fail(written.problem());
        }
        row.state = "made";
    }

    /// Told as it goes, so that a run after this one, however this one ends, knows what is there.
    void put(int number, Row row) {
        const std::scoped_lock lock(guard_);
        if (!arguments_.json && row.state != "made" && row.state != "kept") {
            std::string why;
            for (const Json& finding : row.findings)
                if (why.empty() && finding["severity"] == "stop")
                    why = finding["what"].get<std::string>();
            std::cout << number + 1 << ": " << why << std::endl;
        }
        rows_[size_t(number - first_)] = std::move(row);
        ++ready_;
        const auto now = std::chrono::steady_clock::now();
        constexpr auto moment = std::chrono::seconds(2);
        if (ready_ < rows_.size() && now - lastTold_ > moment) {
            lastTold_ = now;
            (void)files::writeWhole(listPath(), all().dump() + "\n", files::IfThere::replace);
        }
    }

    Json all() const {
        Json list{{"rows", Json::array()}, {"sheets", sheets_}};
        std::map<std::string, int> counts;
        for (size_t i = 0; i < rows_.size(); ++i) {
            const Row& row = rows_[i];
            if (row.from.empty())
                continue; // not there yet
            ++counts[row.state];
            list["rows"].push_back({{"row", first_ + int(i) + 1},
                                    {"fields", row.fields},
                                    {"file", row.file.empty() ? Json() : Json(row.file)},
                                    {"state", row.state},
                                    {"findings", row.findings},
                                    {"from", row.from},
                                    {"holds", row.holds}});
        }
        list["made"] = counts["made"];
        list["kept"] = counts["kept"];
        list["stopped"] = counts["stop"];
        list["failed"] = counts["failed"];
        return list;
    }

    bool tell() const {
        const std::string text = all().dump();
        const auto written = files::writeWhole(listPath(), text + "\n", files::IfThere::replace);
        if (arguments_.json)
            std::cout << text << std::endl;
        if (!written)
            complain(written.problem(), "", notWritten);
        return bool(written);
    }

    const Arguments& arguments_;
    std::string folder_;
    card::Card card_;
    const card::OutputFormat* format_ = nullptr;
    std::shared_ptr<const type::Catalogue> faces_ = catalogue();
    std::shared_ptr<const cut::Shop> shop_;
    std::string cardDigest_;
    const card::SheetFormat* sheet_ = nullptr; ///< null: a file a row
    nest::Board board_{};
    Json sheets_ = Json::array();
    std::set<std::string> unwrittenSheets_{};
    int first_ = 0, last_ = 0; ///< the last excluded
    std::map<std::string, Json> known_;
    std::mutex guard_;
    std::vector<Row> rows_;
    size_t ready_ = 0;
    std::chrono::steady_clock::time_point lastTold_ = std::chrono::steady_clock::now();
    std::atomic<bool> unwritten_ = false;
};

int makeSeries(const Arguments& arguments) {
    return Series(arguments).run();
}

} // namespace

Command seriesCommand() {
    return {
        "series",
        "Make a file of each row into a folder, or lay the rows on sheets; files that are there already and "
        "the same are kept. Exit 1 when some cannot be made, 2 for rows that are not there, 3 when something "
        "could not be written.",
        {"CARD", "folder", "table", "rows", "as", "sheet", "spacing", "margin", "turning", "jobs", "accept",
         "force", "json"},
        makeSeries,
        true};
}

} // namespace bollard::cli
