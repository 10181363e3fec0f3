#include "process/rule.hpp"
#include "quantity/sentence.hpp"

namespace bollard::process {

void addPair(std::vector<Rule>& rules, Measured what, std::string_view stopName, std::string_view watchName,
             const Pair& pair) {
    if (pair.stop > 0)
        rules.push_back({stopName, what, Severity::stop, Bound::least, pair.stop, pair.whyStop});
    if (pair.watch > 0)
        rules.push_back({watchName, what, Severity::watch, Bound::least, pair.watch, pair.whyWatch});
}

void addWidths(std::vector<Rule>& rules, const Situation& situation, const Pair& material,
               const Pair& opening) {
    const bool cut = working::cuts(situation.working);
    addPair(rules, Measured::stroke, "strokeStop", "strokeWatch", cut ? opening : material);
    for (const Measured between : {Measured::gap, Measured::counter, Measured::opening})
        addPair(rules, between, "gapStop", "gapWatch", cut ? material : opening);
}

void addWorn(std::vector<Rule>& rules, const Situation& situation) {
    constexpr double highest_mm = 0.65;
    if (situation.worn)
        rules.push_back(
            {"heightWorn", Measured::height, Severity::watch, Bound::most, highest_mm,
             QT_TRANSLATE_NOOP("Rules", "So high, letters on something worn catch on cloth and skin.")});
}

void addThrough(std::vector<Rule>& rules, const Situation& situation) {
    constexpr double hair_mm = 0.001;
    if (working::leavesFloor(situation.working))
        addPair(rules, Measured::floor, "floorStop", {},
                {hair_mm, 0, QT_TRANSLATE_NOOP("Rules", "Nothing is left under the letters."), ""});
}

} // namespace bollard::process
