#include "working/tiling.hpp"
#include "plane/gap.hpp"
#include "plane/near_boxes.hpp"
#include "quantity/groups.hpp"
#include "working/flat_tops.hpp"
#include <optional>

namespace bollard::working {
namespace {

constexpr std::int32_t room = 500; // grid units; pads where columns only touch are smaller

plane::Box withRoom(plane::Box box, std::int32_t beyond) {
    const plane::Point by{room + beyond, room + beyond};
    return {box.low - by, box.high + by};
}

double areaOf(const plane::Box& box) {
    return (double(box.high.x) - box.low.x) * (double(box.high.y) - box.low.y);
}

/// Letters in boxes that grow together.
class Boxes {
  public:
    /// `upright`: those that lie above each other meet too.
    explicit Boxes(const std::vector<PlanLetter>& letters, bool upright = false)
        : letters_(letters), upright_(upright) {
        for (size_t i = 0; i < letters.size(); ++i) {
            boxes_.push_back(letters[i].box);
            of_.push_back(i);
        }
    }

    /// Until no two boxes meet.
    void growTogether() {
        for (;;) {
            std::vector<plane::Box> boxes = boxes_;
            for (plane::Box& box : boxes)
                if (upright_)
                    box = {{box.low.x, 0}, {box.high.x, 0}};
            const auto meeting = plane::nearBoxes(boxes);
            if (meeting.empty())
                return;
            quantity::Groups groups(boxes_.size());
            for (const auto& [a, b] : meeting)
                groups.join(size_t(a), size_t(b));
            join(groups);
        }
    }

    /// Letters that follow each other closely, so that there are fewer boxes and the blank around them is
    /// simple, but not so many that a change to one of them costs much; never into a box that may not be.
    template<class MayBe> void joinNeighbours(int mostLetters, MayBe mayBe) {
        constexpr double mostWaste = 2; // area of the box in those of its letters'
        struct Run {
            size_t box = 0;
            int slot = -1, last = 0, count = 0;
            plane::Box around{};
            double area = 0;
        };
        std::vector<int> count(boxes_.size()), last(boxes_.size(), -1);
        for (size_t i = 0; i < letters_.size(); ++i) {
            ++count[of_[i]];
            last[of_[i]] = std::max(last[of_[i]], letters_[i].letter);
        }
        quantity::Groups groups(boxes_.size());
        std::vector<bool> seen(boxes_.size());
        Run run;
        for (size_t i = 0; i < letters_.size(); ++i) {
            const size_t box = of_[i];
            if (seen[box])
                continue;
            seen[box] = true;
            Run longer = run;
            longer.count += count[box];
            longer.around.include(boxes_[box]);
            longer.area += areaOf(boxes_[box]);
            longer.last = std::max(run.last, last[box]);
            const bool follows = letters_[i].slot == run.slot && letters_[i].letter == run.last + 1;
            if (follows && longer.count <= mostLetters && areaOf(longer.around) <= mostWaste * longer.area &&
                mayBe(longer.around)) {
                groups.join(run.box, box);
                run = longer;
            } else {
                run = {box, letters_[i].slot, last[box], count[box], boxes_[box], areaOf(boxes_[box])};
            }
        }
        join(groups);
    }

    const std::vector<plane::Box>& boxes() const { return boxes_; }
    size_t of(size_t letter) const { return of_[letter]; }

  private:
    void join(quantity::Groups& groups) {
        std::vector<plane::Box> grown;
        std::vector<std::optional<size_t>> number(boxes_.size());
        for (size_t i = 0; i < boxes_.size(); ++i) {
            std::optional<size_t>& own = number[groups.of(i)];
            if (!own) {
                own = grown.size();
                grown.emplace_back();
            }
            grown[*own].include(boxes_[i]);
        }
        for (size_t& box : of_)
            box = *number[groups.of(box)];
        boxes_ = std::move(grown);
    }

    const std::vector<PlanLetter>& letters_;
    bool upright_;
    std::vector<plane::Box> boxes_;
    std::vector<size_t> of_; // the box of each letter
};

} // namespace

blank::Drawn drawnOn(const blank::Panel& panel, const PlacedLetters& letters) {
    const plane::Point at = letters.place.at();
    return blank::drawnOn(panel, letters.side != panel.front, plane::toMillimetres(at.x),
                          plane::toMillimetres(at.y));
}

std::vector<PlanLetter> lettersOf(const blank::Panel& panel, std::span<const PlacedLetters> inscriptions) {
    std::vector<PlanLetter> letters;
    for (size_t slot = 0; slot < inscriptions.size(); ++slot) {
        const PlacedLetters& some = inscriptions[slot];
        const bool back = some.side != panel.front;
        if (back && (!panel.wall() || some.side != panel.back))
            continue;
        const std::int32_t beyond = plane::toUnits(reachBeyond(some.working, panel.thickness));
        const blank::Drawn drawn = drawnOn(panel, some);
        const bool liesBent = hasFlatTops(some.working) && !panel.cuts.empty();
        for (size_t i = 0; i < some.onSide.size(); ++i) {
            plane::Box box = plane::boxOf(some.onSide[i]);
            if (i < some.strips.size())
                box.include(plane::boxOf(some.strips[i]));
            if (!box.empty())
                letters.push_back({int(slot), int(i), back,
                                   plane::stretched(withRoom(drawn.unstretched(box), beyond), drawn.stretch),
                                   liesBent});
        }
    }
    return letters;
}

namespace {

Tiling tiled(const plane::Region& blank, std::vector<PlanLetter> letters, bool upright, int mostLetters) {
    Boxes together(letters, upright);
    together.growTogether();
    plane::Box about;
    for (const plane::Box& box : together.boxes())
        about.include(box);
    const plane::BoundaryIndex edges(blank, about);
    const auto isClear = [&](const plane::Box& box) {
        return blank.empty() || (edges.clearOf(box) && edges.holds(box.low));
    };
    together.joinNeighbours(mostLetters, isClear);
    together.growTogether();
    const std::vector<plane::Box>& boxes = together.boxes();
    std::vector<TileLetters> tiles(boxes.size());
    for (size_t i = 0; i < letters.size(); ++i)
        tiles[together.of(i)].letters.push_back(letters[i]);
    Tiling tiling;
    for (size_t i = 0; i < tiles.size(); ++i) {
        tiles[i].box = boxes[i];
        if (isClear(boxes[i]) && std::ranges::none_of(tiles[i].letters, &PlanLetter::unlike))
            tiling.tiles.push_back(std::move(tiles[i]));
        else
            std::ranges::move(tiles[i].letters, std::back_inserter(tiling.rest));
    }
    std::ranges::sort(tiling.rest, {}, [](const PlanLetter& l) { return std::pair(l.slot, l.letter); });
    return tiling;
}

/// The middle of the widest stretch round a plan where no letter lies; nothing where there is none.
std::optional<std::int32_t> emptiestOf(const std::vector<PlanLetter>& letters, std::int32_t turn) {
    std::vector<std::pair<std::int32_t, std::int32_t>> taken; // from, to; some past the turn
    for (const PlanLetter& letter : letters) {
        if (letter.box.high.x - letter.box.low.x >= turn)
            return std::nullopt;
        const std::int32_t low = (letter.box.low.x % turn + turn) % turn;
        taken.emplace_back(low, low + letter.box.high.x - letter.box.low.x);
    }
    std::ranges::sort(taken);
    std::int32_t widest = 0, middle = 0, end = taken.front().second;
    for (const auto& [low, high] : taken)
        end = std::max(end, high);
    end -= turn; // the last one's, before the first
    for (const auto& [low, high] : taken) {
        if (low - end > widest) {
            widest = low - end;
            middle = end + widest / 2;
        }
        end = std::max(end, high);
    }
    constexpr std::int32_t least = 100;
    if (widest < least)
        return std::nullopt;
    return (middle % turn + turn) % turn;
}

} // namespace

Tiling tilingOf(const plane::Region& blank, std::vector<PlanLetter> letters) {
    constexpr int mostLetters = 12;
    return tiled(blank, std::move(letters), false, mostLetters);
}

TurnedTiling turnedTilingOf(const blank::Panel& panel, std::vector<PlanLetter> letters) {
    // Stretched boxes are a grid unit wider or narrower from place to place; tiles of one size are not.
    constexpr std::int32_t step = 64;
    constexpr int mostLetters = 3; // strips are not much wider, and the blank around has those anyway
    TurnedTiling turned;
    const std::int32_t turn = panel.cuts.turn();
    const std::optional<std::int32_t> start =
        letters.empty() || turn == 0 ? std::nullopt : emptiestOf(letters, turn);
    if (!start) {
        turned.tiling.rest = std::move(letters);
        return turned;
    }
    for (PlanLetter& letter : letters) {
        const std::int32_t low = letter.box.low.x - *start;
        letter.brought = (low % turn + turn) % turn - low;
        letter.box = plane::shifted(letter.box, {letter.brought, 0});
        letter.box.high.x += step;
    }
    const plane::Box whole = plane::boxOf(panel.outline);
    const plane::Point low{*start, whole.low.y}, high{*start + turn, whole.high.y};
    turned.tiling =
        tiled({{{low, {high.x, low.y}, high, {low.x, high.y}}}}, std::move(letters), true, mostLetters);
    turned.ends.push_back(*start);
    for (TileLetters& tile : turned.tiling.tiles) {
        tile.box.high.x -= (tile.box.high.x - tile.box.low.x) % step;
        turned.ends.push_back(tile.box.low.x);
        turned.ends.push_back(tile.box.high.x);
    }
    std::ranges::sort(turned.ends);
    return turned;
}

std::vector<WorkedLetters> lettersOn(const blank::Panel& panel, std::span<const PlacedLetters> inscriptions,
                                     std::span<const PlanLetter> chosen, bool behind, plane::Point from) {
    std::vector<WorkedLetters> result;
    for (auto one = chosen.begin(); one != chosen.end();) {
        const int slot = one->slot;
        const PlacedLetters& letters = inscriptions[size_t(slot)];
        const blank::Drawn drawn = drawnOn(panel, letters);
        const auto inPlan = [&](const plane::Region& region, std::int32_t brought) {
            const plane::Region own = drawn.unstretched(region);
            if (from == plane::Point{})
                return own;
            const double across = drawn.stretch.toDrawn(double(from.x) - brought);
            return plane::shifted(own, {-plane::onGrid(across), -from.y});
        };
        WorkedLetters some{letters.working, {}, {}, drawn.stretch, {}},
            strips{letters.working, {}, letters.slab, drawn.stretch, {}};
        std::vector<plane::Box> boxes;
        for (; one != chosen.end() && (one->slot == slot || one->behind != behind); ++one) {
            if (one->behind != behind)
                continue;
            const auto letter = size_t(one->letter);
            some.letters.push_back(inPlan(letters.onSide[letter], one->brought));
            boxes.push_back(one->box);
            if (letter < letters.strips.size() && !letters.strips[letter].empty())
                strips.letters.push_back(inPlan(letters.strips[letter], one->brought));
        }
        if (hasFlatTops(letters.working) && !panel.cuts.empty())
            some.lift = flatTops(panel, behind, letters.working.height, std::move(boxes));
        for (WorkedLetters* group : {&some, &strips})
            if (!group->letters.empty())
                result.push_back(std::move(*group));
    }
    return result;
}

} // namespace bollard::working
