#include "card/joining.hpp"
#include "body/boolean.hpp"
#include "body/hollows.hpp"
#include "card/clashes.hpp"
#include <algorithm>
#include <atomic>
#include <map>
#include <mutex>
#include <tbb/parallel_for.h>

namespace bollard::card {
namespace {

using body::Boolean, body::Mesh, body::Selection;

/// The lettering without the letters of some inscriptions, which keep their places.
Lettering only(const Lettering& lettering, const std::function<bool(size_t)>& wanted) {
    Lettering some = lettering;
    for (size_t slot = 0; slot < some.inscriptions.size(); ++slot) {
        if (wanted(slot))
            continue;
        working::PlacedLetters& letters = some.inscriptions[slot];
        std::ranges::fill(letters.onSide, plane::Region{});
        std::ranges::fill(letters.strips, plane::Region{});
        letters.placedTies.clear();
    }
    return some;
}

/// Letters of one panel as bodies.
struct Apart {
    Mesh hollows{};        ///< in all there is
    Mesh hollowsOfBlank{}; ///< in the blank alone
    Mesh letters{};
    bool filling = false; ///< hollows, flush
};

/// By how much letters reach past the outline of their panel, mm.
double reachPast(const blank::Panel& panel, std::span<const working::Change> changes) {
    const plane::Box outline = plane::boxOf(panel.outline);
    std::int32_t past = 0;
    for (const working::Change& change : changes.subspan(std::min<size_t>(1, changes.size()))) {
        const plane::Box box = plane::boxOf(change.region);
        if (box.empty())
            continue;
        const std::int32_t around = change.outside ? change.reach() : 0;
        past = std::max({past, outline.low.y - box.low.y + around, box.high.y - outline.high.y + around});
        if (!panel.cuts.around)
            past = std::max({past, outline.low.x - box.low.x + around, box.high.x - outline.high.x + around});
    }
    constexpr double beside_mm = 1;
    return plane::toMillimetres(past) + beside_mm;
}

/// The columns of some letters on a panel that goes on past its outline.
quantity::Result<working::Columns> columnsOn(const blank::Panel& panel, const Lettering& lettering,
                                             const std::stop_token& stop) {
    const std::vector<working::PlanLetter> letters = working::lettersOf(panel, lettering.inscriptions);
    return working::columnsOf(changesOn(panel, panel.outline, lettering, letters, stop), stop, panel.cuts);
}

bool fills(const working::PlacedLetters& letters) {
    return letters.working.kind == working::Kind::inlaid;
}

quantity::Result<Apart> apartOf(const blank::Panel& panel, const Lettering& lettering,
                                const std::stop_token& stop) {
    const std::vector<working::PlanLetter> letters = working::lettersOf(panel, lettering.inscriptions);
    Apart apart;
    if (letters.empty())
        return apart;
    const blank::Panel on =
        body::goingOn(panel, reachPast(panel, changesOn(panel, panel.outline, lettering, letters, stop)));
    const auto columns = columnsOn(on, lettering, stop);
    if (!columns)
        return columns.problem();
    if (body::clashOf(std::vector<body::PanelColumns>{{on, *columns}}) == body::Clash::turnedOver)
        return quantity::Problem{quantity::ProblemKind::cutTooDeep};
    apart.filling = fills(lettering.inscriptions[size_t(letters.front().slot)]);
    apart.hollowsOfBlank = body::hollowsOf(on, *columns, Selection::blank, stop);
    apart.letters = body::lettersOf(on, *columns, stop);
    if (apart.filling) {
        apart.hollows = body::hollowsOf(on, *columns, Selection::everything, stop);
        return apart;
    }
    // What stands in a cut fills it, whatever came first: its walls must not be those of the cut.
    const Lettering cut = only(
        lettering, [&](size_t slot) { return working::cuts(lettering.inscriptions[slot].working.kind); });
    const auto cutColumns = columnsOn(on, cut, stop);
    if (!cutColumns)
        return cutColumns.problem();
    apart.hollows = body::hollowsOf(on, *cutColumns, Selection::everything, stop);
    return apart;
}

/// Letters that go round more than once, or lie farther past the edge than their side is high, are left: what
/// they would take grows beyond all use.
bool isWithinReason(std::span<const blank::Panel> panels, const Lettering& lettering) {
    for (const blank::Panel& panel : panels) {
        const plane::Box outline = plane::boxOf(panel.outline);
        const plane::Point room{panel.cuts.around ? 0 : outline.high.x - outline.low.x,
                                outline.high.y - outline.low.y};
        std::map<int, plane::Box> boxes; // by inscription
        for (const working::PlanLetter& letter : working::lettersOf(panel, lettering.inscriptions))
            boxes[letter.slot].include(letter.box);
        for (const auto& [slot, box] : boxes) {
            const bool beside = !panel.cuts.around &&
                                (box.low.x < outline.low.x - room.x || box.high.x > outline.high.x + room.x);
            const bool often = panel.cuts.around && box.high.x - box.low.x > panel.cuts.turn();
            if (beside || often || box.low.y < outline.low.y - room.y || box.high.y > outline.high.y + room.y)
                return false;
        }
    }
    return true;
}

bool isWorthJoining(const quantity::Problem& problem) {
    return problem.kind == quantity::ProblemKind::sidesMeet ||
           problem.kind == quantity::ProblemKind::rimCrossed;
}

/// What columns could make of a solid, and the letters that they could not.
struct Parted {
    Solid rest{};
    std::vector<Apart> letters{};
    std::vector<int> meeting{}; ///< inscriptions, by slot
};

/// What fills its hollows is a body of its own, and the rest is one without it.
std::optional<quantity::Problem> addApart(Parted& parted, std::span<const blank::Panel> panels,
                                          const Lettering& lettering,
                                          const std::function<bool(size_t)>& isApart,
                                          const std::stop_token& stop) {
    for (const bool filling : {false, true}) {
        const Lettering some = only(lettering, [&](size_t slot) {
            return isApart(slot) && fills(lettering.inscriptions[slot]) == filling;
        });
        for (const blank::Panel& panel : panels) {
            auto apart = apartOf(panel, some, stop);
            if (!apart)
                return apart.problem();
            parted.letters.push_back(*std::move(apart));
        }
    }
    return std::nullopt;
}

quantity::Result<Parted> partedOf(const Lettering& lettering, const Solid& failed, body::TileMemory& tiles,
                                  const std::stop_token& stop) {
    Parted parted;
    const std::span<const blank::Panel> panels = *failed.panels;
    if (lettering.part) {
        parted.rest = failed;
        if (!isWithinReason(panels, lettering))
            return quantity::Problem{quantity::ProblemKind::rimCrossed};
        if (const auto problem = impossible(panels, lettering))
            return *problem;
        if (const auto problem = addApart(
                parted, panels, lettering, [](size_t) { return true; }, stop))
            return *problem;
        return parted;
    }
    if (!failed.problem) {
        parted.rest = failed;
        return parted;
    }
    const std::vector<bool> meet = meeting(panels, lettering), cross = crossingRim(panels, lettering, stop);
    std::vector<bool> isApart(meet.size());
    for (size_t slot = 0; slot < meet.size(); ++slot)
        isApart[slot] = meet[slot] || cross[slot];
    if (!isWithinReason(panels, lettering))
        return *failed.problem;
    // On the same strips as the bodies that are put to it.
    std::vector<blank::Panel> asCut = *failed.panels;
    for (blank::Panel& panel : asCut)
        panel.turned = false;
    const auto onStrips = std::make_shared<const std::vector<blank::Panel>>(std::move(asCut));
    Solid& joined = parted.rest;
    joined = solidOf(only(lettering, [&](size_t slot) { return !isApart[slot]; }), onStrips, tiles, stop);
    if (joined.problem && isWorthJoining(*joined.problem)) { // found only when it is made
        isApart.assign(isApart.size(), true);
        joined = solidOf(only(lettering, [](size_t) { return false; }), onStrips, tiles, stop);
    }
    if (joined.problem)
        return *joined.problem;
    if (const auto problem = impossible(panels, lettering))
        return *problem;

    if (const auto problem = addApart(
            parted, panels, lettering, [&](size_t slot) { return bool(isApart[slot]); }, stop))
        return *problem;
    for (size_t slot = 0; slot < meet.size(); ++slot)
        if (meet[slot])
            parted.meeting.push_back(int(slot));
    return parted;
}

/// The ear of a turned blank.
quantity::Result<Mesh> earOf(const blank::Blank& blank, std::span<const blank::Panel> panels,
                             const std::stop_token& stop) {
    const blank::StandingEar ear = blank::standing(blank.ear, panels);
    const auto columns = working::columnsOf(working::changesOf(ear.outline, ear.thickness), stop);
    if (!columns)
        return columns.problem();
    Mesh mesh = body::meshOf(*columns, Selection::everything, stop);
    for (space::Vertex& v : mesh.vertices)
        v.z += ear.thickness / 2;
    return mesh;
}

} // namespace

bool isUnjoined(const Lettering& lettering, const Solid& solid) {
    if (solid.problem)
        return isWorthJoining(*solid.problem);
    return blank::hasEar(lettering.blank) || (lettering.part && lettering.letters() > 0);
}

Solid joinedOf(const Lettering& lettering, const Solid& unjoined, body::TileMemory& tiles,
               const std::stop_token& stop, const std::function<void(double)>& onProgress) {
    const auto refused = [&](const quantity::Problem& problem) {
        Solid none;
        none.panels = unjoined.panels;
        none.problem = problem;
        return none;
    };
    auto parted = partedOf(lettering, unjoined, tiles, stop);
    if (!parted)
        return refused(parted.problem());
    Solid joined = std::move(parted->rest);
    const bool ofFile = lettering.part != nullptr;
    if (ofFile)
        joined.bodies = Solid::Bodies{joined.mesh, {}};
    else
        joined.bodies = Solid::Bodies{joined.bodyOf(Selection::blank), joined.bodyOf(Selection::letters)};
    Solid::Bodies& bodies = *joined.bodies;
    // Step by step of each body; the bodies side by side.
    struct Work {
        const Mesh* with;
        Boolean what;
    };
    struct Works {
        Mesh* body;
        std::vector<Work> steps{};
        std::optional<quantity::Problem> problem{};
    };
    std::array<Works, 3> works{Works{&joined.mesh}, Works{&bodies.blank}, Works{&bodies.letters}};
    const auto add = [&](size_t body, const Mesh& with, Boolean what) {
        if (!with.empty())
            works[body].steps.push_back({&with, what});
    };
    for (const Apart& apart : parted->letters) {
        add(0, apart.hollows, Boolean::subtract);
        add(1, apart.hollowsOfBlank, Boolean::subtract);
    }
    for (const Apart& apart : parted->letters) {
        if (!apart.filling)
            add(0, apart.letters, Boolean::unite);
        add(2, apart.letters, Boolean::unite);
    }
    Mesh ear;
    if (blank::hasEar(lettering.blank)) {
        auto made = earOf(lettering.blank, *joined.panels, stop);
        if (!made)
            return refused(made.problem());
        ear = *std::move(made);
        add(0, ear, Boolean::unite);
        add(1, ear, Boolean::unite);
    }
    // Without letters of their own substance the blank is all there is.
    const bool alike = ofFile && works[2].steps.empty();
    if (alike)
        works[1].steps.clear();
    size_t all = 0;
    for (const Works& of : works)
        all += of.steps.size();
    std::atomic<size_t> done = 0;
    std::mutex guard;
    tbb::parallel_for(size_t(0), works.size(), [&](size_t i) {
        Works& of = works[i];
        for (const Work& work : of.steps) {
            auto made = body::booleanOf(*of.body, *work.with, work.what, stop);
            if (!made) {
                of.problem = made.problem();
                return;
            }
            *of.body = *std::move(made);
            const size_t now = ++done;
            if (onProgress) {
                const std::scoped_lock lock(guard);
                onProgress(double(now) / double(all));
            }
        }
    });
    for (const Works& of : works)
        if (of.problem)
            return refused(*of.problem);
    if (alike)
        bodies.blank = joined.mesh;
    joined.mesh.blocks.clear();
    joined.meeting = std::move(parted->meeting);
    joined.dropOuts.pieces = body::shellsOf(joined.mesh);
    const int told = int(joined.dropOuts.loose.size());
    const int whole = ofFile ? body::shellsOf(*lettering.part) : 1;
    joined.dropOuts.strayPieces = std::max(0, joined.dropOuts.pieces - whole - told);
    return joined;
}

} // namespace bollard::card
