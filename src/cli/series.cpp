#include "card/series.hpp"
#include "card/card_json.hpp"
#include "cli/command.hpp"
#include "drawing/output_formats.hpp"
#include "files/csv.hpp"
#include "files/part_file.hpp"
#include "wording/wording.hpp"
#include <atomic>
#include <charconv>
#include <filesystem>
#include <iostream>
#include <mutex>
#include <nlohmann/json.hpp>
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
};

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

    void makeAnew(card::Pipeline& pipeline, int number, Row& row, const std::string& path,
                  const std::string* there, bool inTheWay) {
        auto own = std::make_shared<card::Card>(card_);
        own->row = number;
        const std::string home = std::filesystem::path(arguments_.card).parent_path().string();
        const card::Made made = pipeline.run(own, home);
        const auto fail = [&](const Problem& problem) {
            row.findings.push_back(
                {{"severity", "stop"}, {"what", wording::sentenceOf(problem).toStdString()}});
            row.state = "failed";
            row.file.clear();
        };
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
            return;
        }
        if (!arguments_.accept && check::worstOf(made.checked->findings) == check::Severity::stop) {
            row.state = "stop";
            row.file.clear();
            return;
        }
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
        Json list{{"rows", Json::array()}, {"sheets", Json::array()}};
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
    return {"series",
            "Make a file of each row into a folder; those that are there already and the same are kept. Exit "
            "1 when "
            "some cannot be made, 2 for rows that are not there, 3 when something could not be written.",
            {"CARD", "folder", "table", "rows", "as", "jobs", "accept", "force", "json"},
            makeSeries,
            true};
}

} // namespace bollard::cli
