// What lies between letters.
#include "mend/numbers.hpp"
#include "plane/gap.hpp"

namespace bollard::mend {

namespace {

/// How much farther apart two letters must stand.
double missing(const Finding& finding) {
    return finding.limit - finding.measured;
}
bool isGap(const Finding& finding, const card::Card& card) {
    return finding.kind == FindingKind::gapNarrow && isOfWords(finding, card);
}

/// Between neighbours of a line, mm; 0 where all run into each other.
double widestGap(const working::PlacedLetters& placed) {
    double widest = 0;
    const std::vector<setting::Letter>& letters = placed.setting->letters;
    for (size_t i = 1; i < letters.size(); ++i) {
        if (letters[i].line != letters[i - 1].line || letters[i].box.empty() || letters[i - 1].box.empty())
            continue;
        constexpr double anyway = 1e9;
        const plane::Gap gap = plane::gapBetween(setting::shapeOf(letters[i - 1]),
                                                 setting::shapeOf(letters[i]), {}, anyway, false);
        widest = std::max(widest, plane::toMillimetres(gap.least));
    }
    return widest;
}

} // namespace

/// One narrow pair is moved apart, the others stay.
Mend pairSpace() {
    constexpr int few = 2; // more of them are a matter of the letter space
    const auto isOnePair = [](const Finding& finding) {
        return !finding.places.empty() && int(finding.places.size()) <= few;
    };
    return {"pairSpace",
            [isOnePair](const Finding& finding, const card::Card& card) {
                return isGap(finding, card) && isOnePair(finding) &&
                       !setting::hasFields(of(card, finding).words);
            },
            [isOnePair](card::Card& card, const Matter& matter) {
                const working::PlacedLetters* const placed = placedOf(matter);
                const Finding& finding = matter.finding;
                if (!placed || !isOnePair(finding) || !(missing(finding) > 0))
                    return false;
                const auto letter = size_t(finding.places.front().letter);
                if (letter >= placed->setting->letters.size())
                    return false;
                const int index = placed->setting->letters[letter].index;
                std::vector<setting::Nudge>& nudges = of(card, finding).nudges;
                auto nudge = std::ranges::find(nudges, index, &setting::Nudge::letter);
                if (nudge == nudges.end()) {
                    nudges.emplace_back().letter = index;
                    nudge = nudges.end() - 1;
                }
                nudge->space = upTo(nudge->space + missing(finding), twentieths);
                std::ranges::sort(nudges, {}, &setting::Nudge::letter);
                return true;
            },
            [](const card::Card& card, const Finding& finding) {
                double most = 0;
                for (const setting::Nudge& nudge : of(card, finding).nudges)
                    most = std::max(most, nudge.space);
                return most;
            },
            {}};
}

/// Every gap between letters of a line grows by as much.
Mend letterSpace() {
    return {
        "letterSpace",
        isGap,
        [](card::Card& card, const Matter& matter) {
            if (!(missing(matter.finding) > 0))
                return false;
            double& space = of(card, matter.finding).style.letterSpace;
            space = upTo(space + missing(matter.finding), twentieths);
            return true;
        },
        [](const card::Card& card, const Finding& finding) { return of(card, finding).style.letterSpace; },
        {}};
}

/// Letters of one piece: they come closer until neighbours run into each other by a neck that holds.
Mend closingUp() {
    return {
        "closingUp",
        [](const Finding& finding, const card::Card& card) {
            const bool loose = finding.kind == FindingKind::letterLoose ||
                               finding.kind == FindingKind::neckNarrow ||
                               finding.kind == FindingKind::gapNarrow;
            return loose && isOfWords(finding, card) &&
                   of(card, finding).working.kind == working::Kind::freeStanding;
        },
        [](card::Card& card, const Matter& matter) {
            const working::PlacedLetters* const placed = placedOf(matter);
            if (!placed)
                return false;
            setting::TextStyle& style = of(card, matter.finding).style;
            const double neck = matter.least(process::Measured::neck).value_or(0.4);
            const double closer = widestGap(*placed) + neck / 2;
            style.letterSpace = downTo(style.letterSpace - closer, twentieths);
            return style.letterSpace > -style.size;
        },
        [](const card::Card& card, const Finding& finding) { return of(card, finding).style.letterSpace; },
        {}};
}

} // namespace bollard::mend
