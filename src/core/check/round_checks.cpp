#include "check/checks.hpp"
#include "working/flat_tops.hpp"

namespace bollard::check {
namespace {

void checkTurn(Looking& looking, int slot, const plane::Box& all) {
    const working::PlacedLetters& letters = looking.letters(slot);
    const double turn = blank::turnOf(looking.in.blank, letters.side) * letters.narrowing;
    const double width = plane::toMillimetres(double(all.high.x) - all.low.x);
    constexpr double grid = 1e-3; // mm: a border is once round, as rounded
    if (!(turn > 0) || width <= turn + grid)
        return;
    Finding f = looking.finding(FindingKind::turnExceeded, Severity::stop, slot);
    f.measured = width;
    f.limit = turn;
    f.whenAbove = true;
    looking.found.push_back(std::move(f));
}

void checkFacets(Looking& looking, int slot) {
    const working::PlacedLetters& letters = looking.letters(slot);
    const std::vector<double> borders = blank::facetBordersOf(looking.in.blank, letters.side);
    if (borders.empty())
        return;
    const double turn = blank::turnOf(looking.in.blank, letters.side);
    Finding f = looking.finding(FindingKind::facetCrossed, Severity::watch, slot);
    for (size_t i = 0; i < letters.onSide.size(); ++i) {
        const plane::Box box = plane::boxOf(letters.onSide[i]);
        if (box.empty())
            continue;
        const double low = plane::toMillimetres(box.low.x), high = plane::toMillimetres(box.high.x);
        const double from = low - std::floor(low / turn) * turn, to = from + high - low;
        const bool crosses = std::ranges::any_of(
            borders, [&](double x) { return (from < x && x < to) || (from < x + turn && x + turn < to); });
        if (crosses)
            f.places.push_back(
                looking.place(slot, int(i), 0.5 * (plane::vectorOf(box.low) + plane::vectorOf(box.high))));
    }
    looking.addCounted(std::move(f));
}

void checkTops(Looking& looking, int slot) {
    const working::PlacedLetters& letters = looking.letters(slot);
    const blank::Radius radius = blank::radiusOf(looking.in.blank, letters.side);
    if (!working::hasFlatTops(letters.working) || !(radius.own > 0))
        return;
    double widest = 0;
    for (const plane::Region& letter : letters.onSide)
        if (const plane::Box box = plane::boxOf(letter); !box.empty())
            widest = std::max(widest, plane::toMillimetres(double(box.high.x) - box.low.x));
    const double height = letters.working.height;
    Finding f = looking.finding(FindingKind::topsUneven, Severity::note, slot);
    f.measured = std::fabs(
        working::unevennessOf(radius.own * letters.narrowing, letters.side == "inside", height, widest / 2));
    constexpr double seen = 0.01, much = 0.25; // mm; of the height
    if (f.measured < seen)
        return;
    if (f.measured > much * height)
        f.severity = Severity::watch;
    looking.found.push_back(std::move(f));
}

void checkLatitude(Looking& looking, int slot, const plane::Box& all) {
    constexpr double seen = 0.98, much = 0.9; // of the width
    const working::PlacedLetters& letters = looking.letters(slot);
    const blank::Radius radius = blank::radiusOf(looking.in.blank, letters.side);
    if (!(radius.own > 0))
        return;
    const double drawnFor = radius.own * letters.narrowing;
    const double share =
        std::min(radius.at(plane::toMillimetres(all.low.y)), radius.at(plane::toMillimetres(all.high.y))) /
        drawnFor;
    if (share >= seen)
        return;
    Finding f =
        looking.finding(FindingKind::latitudeUneven, share < much ? Severity::watch : Severity::note, slot);
    f.measured = 100 * share;
    f.limit = 100;
    looking.found.push_back(std::move(f));
}

} // namespace

void checkRound(Looking& looking, int slot) {
    plane::Box all;
    for (const plane::Region& letter : looking.letters(slot).onSide)
        all.include(plane::boxOf(letter));
    if (all.empty() || !(blank::turnOf(looking.in.blank, looking.letters(slot).side) > 0))
        return;
    checkTurn(looking, slot, all);
    checkFacets(looking, slot);
    checkTops(looking, slot);
    if (looking.letters(slot).place.shape() != setting::LetterShape::rigid)
        checkLatitude(looking, slot, all);
}

} // namespace bollard::check
