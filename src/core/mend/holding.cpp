// What is cut through, and would fall out.
#include "mend/numbers.hpp"

namespace bollard::mend {

namespace {

bool fallsOut(const Finding& finding) {
    return finding.kind == FindingKind::counterLoose || finding.kind == FindingKind::pieceLoose ||
           finding.kind == FindingKind::letterLoose;
}

/// What is left between cuts, and would break.
bool isLand(const Finding& finding) {
    using enum FindingKind;
    return finding.kind == gapNarrow || finding.kind == counterNarrow || finding.kind == openingNarrow ||
           finding.kind == neckNarrow;
}

bool isMeant(const card::Card& card, const Finding& finding, size_t i) {
    const card::Inscription& inscription = card.inscriptions[i];
    return (finding.inscription < 0 || finding.inscription == int(i)) && !inscription.hidden &&
           !inscription.cutsOut;
}

/// The pierced inscriptions that the finding may be about.
std::vector<size_t> piercedOf(const card::Card& card, const Finding& finding) {
    std::vector<size_t> all;
    for (size_t i = 0; i < card.inscriptions.size(); ++i)
        if (isMeant(card, finding, i) && card.inscriptions[i].working.kind == working::Kind::pierced)
            all.push_back(i);
    return all;
}
/// Those that come out at the back, pierced or too deep.
std::vector<size_t> throughOf(const card::Card& card, const Finding& finding) {
    std::vector<size_t> all;
    for (size_t i = 0; i < card.inscriptions.size(); ++i) {
        const card::Inscription& one = card.inscriptions[i];
        const bool deep = working::leavesFloor(one.working.kind) &&
                          one.working.depth >= blank::depthBehind(card.blank, one.side);
        if (isMeant(card, finding, i) && (deep || one.working.kind == working::Kind::pierced))
            all.push_back(i);
    }
    return all;
}

} // namespace

double tieWidthFor(const card::Card& card, const card::Inscription& inscription,
                   const std::vector<process::Rule>& rules) {
    using process::Measured;
    double stops = 0, watches = 0;
    for (const process::Rule& rule : rules)
        if (rule.bound == process::Bound::least &&
            (rule.what == Measured::gap || rule.what == Measured::counter || rule.what == Measured::opening ||
             rule.what == Measured::neck)) {
            double& most = rule.severity == process::Severity::stop ? stops : watches;
            most = std::max(most, rule.value);
        }
    constexpr double ofHeight = 0.125, least = 0.2;
    const double tall = inscription.isOrnament()
                            ? std::min(blank::sizeOf(card.blank, inscription.side).x, 100.0)
                            : inscription.style.size;
    const double looksRight = std::max(std::min(watches, ofHeight * tall), stops);
    return std::max(upTo(looksRight, tenths), least);
}

/// Ties through the whole thickness; where there are some already, wider ones.
Mend ties() {
    return {"ties",
            [](const Finding& finding, const card::Card& card) {
                return fallsOut(finding) && !piercedOf(card, finding).empty();
            },
            [](card::Card& card, const Matter& matter) {
                bool any = false;
                for (const size_t i : piercedOf(card, matter.finding)) {
                    card::Inscription& inscription = card.inscriptions[i];
                    if (inscription.ties.kind == working::TieKind::automatic)
                        continue;
                    inscription.ties.kind = working::TieKind::automatic;
                    inscription.ties.width =
                        tieWidthFor(card, inscription, card::rulesFor(card, &inscription));
                    any = true;
                }
                return any;
            },
            [](const card::Card& card, const Finding& finding) {
                const auto pierced = piercedOf(card, finding);
                return pierced.empty() ? 0 : card.inscriptions[pierced.front()].ties.width;
            },
            {}};
}

/// Not through: sunk, with as much left under the letters as the process asks for.
Mend floor() {
    return {"floor",
            [](const Finding& finding, const card::Card& card) {
                return (fallsOut(finding) || isLand(finding)) && !throughOf(card, finding).empty() &&
                       card.blank.kind != blank::Kind::none;
            },
            [](card::Card& card, const Matter& matter) {
                bool any = false;
                for (const size_t i : throughOf(card, matter.finding)) {
                    working::Working& working = card.inscriptions[i].working;
                    const double all = blank::depthBehind(card.blank, card.inscriptions[i].side);
                    if (working.kind == working::Kind::pierced)
                        working.kind = working::Kind::sunk;
                    double left = 0;
                    for (const process::Rule& rule : card::rulesFor(card, &card.inscriptions[i]))
                        if (rule.what == process::Measured::floor && rule.bound == process::Bound::least)
                            left = std::max(left, rule.value);
                    working.depth = downTo(all - std::max(left, 0.1), tenths);
                    any = working.depth > 0;
                }
                return any;
            },
            [](const card::Card& card, const Finding& finding) {
                return isOfOne(finding) ? of(card, finding).working.depth : 0;
            },
            {}};
}

} // namespace bollard::mend
