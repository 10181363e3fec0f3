// The steps from a card to letters, measures, body and findings, each done again only when what it depends on
// has changed.
#pragma once
#include "body/tile.hpp"
#include "card/card.hpp"
#include "check/findings.hpp"
#include "cut/cutting.hpp"
#include "type/catalogue.hpp"
#include <functional>
#include <memory>
#include <stop_token>

namespace bollard::card {

/// The letters of all shown inscriptions where they lie, and the blank.
struct Lettering {
    std::vector<working::PlacedLetters> inscriptions{};
    std::vector<check::Finding> problems{}; ///< typefaces that could not be opened, sides that are not there
    blank::Blank blank{};                   ///< as the words make it, where its outline follows them
    plane::Region firstSide{};              ///< of the blank
    std::vector<check::SideBounds> sides{}; ///< of sides with letters
    std::shared_ptr<const body::Mesh> part{};       ///< of a blank from a file; null where it cannot be had
    std::optional<quantity::Problem> partProblem{}; ///< why not
    std::shared_ptr<const body::Mesh> partAsRead{}; ///< of one that cannot be had, where its file tells it

    size_t letters() const; ///< of all inscriptions
};

/// The solid part. When it could not be built the problem tells why and the rest is empty.
struct Solid {
    std::shared_ptr<const std::vector<blank::Panel>> panels{};
    std::vector<working::Columns> columns{}; ///< by panel; of a flat wall what its tiles leave
    std::vector<body::PlacedTile> tiles{};   ///< of the first panel, where it is a flat wall or turned
    body::Mesh mesh{};
    check::DropOuts dropOuts{};
    std::optional<quantity::Problem> problem{};
    /// Blank and letters, where they are not as the columns have them: bodies were joined (card/joining), and
    /// columns and tiles are what is left without those.
    struct Bodies {
        body::Mesh blank{}, letters{};
    };
    std::optional<Bodies> bodies{};
    std::vector<int> meeting{}; ///< of those: inscriptions, by slot, that reach into each other

    /// Panels with their columns, then the tiles.
    std::vector<body::PanelColumns> parts() const;
    /// The blank or the letters alone.
    body::Mesh bodyOf(body::Selection selection) const;
};

struct Checked {
    std::shared_ptr<const check::Measures> measures{};
    std::vector<check::Finding> findings{};
    bool complete = false; ///< false: the solid is not there yet, and pieces are not counted
};

/// What machines that cut are told: the toolpaths of the first side, and of the one behind it.
struct Cuttings {
    cut::Cutting front{}, back{};
};

/// What has been made of a card so far. Parts are immutable and shared; null when not there yet.
struct Made {
    std::shared_ptr<const Card> card{}; ///< with the blank as the words make it
    std::shared_ptr<const Lettering> lettering{};
    std::shared_ptr<const Checked> checked{};
    std::shared_ptr<const Solid> solid{};
    std::shared_ptr<const Cuttings> cuttings{}; ///< of cards with operations
    std::shared_ptr<const cut::Shop> shop{};    ///< it was made with
    std::optional<double> joining{};            ///< how much of joining bodies is done, while that goes on
};

/// The toolpaths of a card whose letters were made; those of its own operations, else the usual ones. What is
/// there already is not worked out again.
std::shared_ptr<const Cuttings> cuttingsOf(const Made& made, const std::stop_token& stop = {});

class Journal;

/// Runs the steps and remembers their last results. One run at a time.
class Pipeline {
  public:
    /// `catalogue` is shared with others; null finds typefaces by file only.
    explicit Pipeline(std::shared_ptr<const type::Catalogue> catalogue);
    ~Pipeline();

    using OnStage = std::function<void(const Made&)>;

    /// What machines and tools there are, from the next run on; before it is told those that ship.
    void useShop(std::shared_ptr<const cut::Shop> shop) { shop_ = std::move(shop); }

    /// Makes everything. Relative typeface files start at `folder`. `onStage` hears of each stage as it is
    /// done: letters; letters and findings but for pieces, when the solid takes longer; everything. Stopped
    /// in between it returns what it has, with `solid` null, and `lettering` too when it came to nothing.
    /// Exceptions of any step end in a stepFailed finding, with nothing made.
    Made run(std::shared_ptr<const Card> card, const std::string& folder, const std::stop_token& stop = {},
             const OnStage& onStage = {});

    /// How often each step did work, for tests: settings, measures, solids, findings.
    struct Counts {
        int settings = 0, measures = 0, solids = 0, findings = 0;
    };
    const Counts& counts() const { return counts_; }
    /// What the steps of the last run did and how long they took.
    const Journal& journal() const;

  private:
    Made runSteps(const std::shared_ptr<const Card>& card, const std::string& folder,
                  const std::stop_token& stop, const OnStage& onStage);
    struct Memory;
    std::shared_ptr<const type::Catalogue> catalogue_;
    std::shared_ptr<const cut::Shop> shop_;
    std::unique_ptr<Journal> journal_; ///< the steps in memory_ write to it
    std::unique_ptr<Memory> memory_;
    Counts counts_;
};

} // namespace bollard::card
