// The rows of a card made into a folder: a file a row, or laid on sheets; for the window and the command
// line.
#pragma once
#include "card/output.hpp"
#include "card/sheets.hpp"
#include "type/catalogue.hpp"
#include <atomic>
#include <functional>
#include <map>
#include <memory>
#include <mutex>
#include <nlohmann/json.hpp>
#include <set>
#include <stop_token>
#include <string>
#include <vector>

namespace bollard::series {

struct Choices {
    card::Card card{};
    std::string home{};   ///< folder that the card's own files are found from
    std::string folder{}; ///< made when it is not there
    std::string as = "stl";
    bool accept = false;     ///< stop findings are let pass
    bool force = false;      ///< files in the way are replaced
    int first = 0, last = 1; ///< rows, from 0, the last excluded
    bool some = false;       ///< only these of the table: told in the names of the list and of sheets
    int jobs = 1;
    std::optional<nest::Board> board{}; ///< nothing: a file a row
    int copies = 1;                     ///< of each row, on sheets
    std::shared_ptr<const type::Catalogue> faces{};
    std::shared_ptr<const cut::Shop> shop{};
};

enum class RowState { failed, stop, made, kept };
std::string_view nameOf(RowState state);

struct RowFinding {
    check::Severity severity{};
    std::string what{};
};

/// What has become of a row.
struct Row {
    int number = 0; ///< from 0
    std::vector<std::pair<std::string, std::string>> fields{};
    std::vector<RowFinding> findings{};
    std::string file{}; ///< its name; empty: there is none
    RowState state = RowState::failed;
    std::string from{}, holds{}; ///< digests of what it was made from and of the file's bytes
    plane::Region covered{};     ///< of a sheet
    card::SheetPart part{};
};

/// Why it was not made, where it was not: the first of its findings that stops.
std::string whyNot(const Row& row);

class Series {
  public:
    /// Finds wrong choices, and makes the folder: fieldWrong with the option, unknownFormat, or
    /// fileUnwritable.
    static quantity::Result<std::unique_ptr<Series>> of(Choices choices);

    /// All of it; `onRow` is called from any thread, one at a time. Stopped, what is there stays, and the
    /// next run goes on from it. fileUnwritable when the list of what was made could not be written.
    quantity::Result<quantity::Done> run(const std::function<void(const Row&)>& onRow,
                                         const std::stop_token& stop = {});

    const std::vector<Row>& rows() const { return rows_; }
    int count(RowState state) const;
    /// Something could not be written for another reason than that a file is in the way.
    bool unwritten() const { return unwritten_; }
    bool allMade() const;
    /// As series.json has it.
    nlohmann::ordered_json told() const;
    /// Of sheets that could not be written.
    const std::vector<std::pair<std::string, quantity::Problem>>& sheetProblems() const {
        return sheetProblems_;
    }

  private:
    explicit Series(Choices choices) : c_(std::move(choices)) {}
    quantity::Result<quantity::Done> prepare();
    void take();
    std::string listPath() const;
    void make(card::Pipeline& pipeline, int number);
    std::optional<card::Made> madeOf(card::Pipeline& pipeline, int number, Row& row);
    void makeAnew(card::Pipeline& pipeline, int number, Row& row, const std::string& path,
                  const std::string* there, bool inTheWay);
    void takePart(card::Pipeline& pipeline, int number, Row& row);
    void put(Row row);
    void laySheets(const std::stop_token& stop);
    std::string nameOfSheet(const std::string& what, size_t number, size_t count) const;
    void writeSheet(const std::string& file, const quantity::Result<std::string>& bytes,
                    const std::set<int>& rows);
    void tell(const Row& row);

    Choices c_;
    const card::OutputFormat* format_ = nullptr;
    const card::SheetFormat* sheet_ = nullptr; ///< null: a file a row
    std::string cardDigest_{};
    std::map<std::string, nlohmann::ordered_json> known_{}; ///< by file, from the run before
    std::mutex guard_{};
    std::vector<Row> rows_{};
    size_t ready_ = 0;
    nlohmann::ordered_json sheets_ = nlohmann::ordered_json::array();
    std::set<std::string> unwrittenSheets_{};
    std::vector<std::pair<std::string, quantity::Problem>> sheetProblems_{};
    std::chrono::steady_clock::time_point lastTold_{};
    std::atomic<bool> unwritten_ = false;
    const std::function<void(const Row&)>* onRow_ = nullptr;
};

} // namespace bollard::series
