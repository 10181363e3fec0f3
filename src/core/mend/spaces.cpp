// What lies between letters.
#include "mend/numbers.hpp"
#include "plane/gap.hpp"
#include "setting/dots.hpp"

namespace bollard::mend {

namespace {

/// How much farther apart two letters must stand.
double missing(const Finding& finding) {
    return finding.limit - finding.measured;
}
bool isGap(const Finding& finding, const card::Card& card) {
    return finding.kind == FindingKind::gapNarrow && isOfWords(finding, card);
}

/// The space after the letter that begins at that code point.
double& spaceAfter(card::Inscription& inscription, int letter) {
    std::vector<setting::Nudge>& nudges = inscription.nudges;
    auto nudge = std::ranges::find(nudges, letter, &setting::Nudge::letter);
    if (nudge == nudges.end()) {
        setting::Nudge added;
        added.letter = letter;
        nudge = nudges.insert(std::ranges::lower_bound(nudges, letter, {}, &setting::Nudge::letter), added);
    }
    return nudge->space;
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
                double& space = spaceAfter(of(card, finding), index);
                space = upTo(space + missing(finding), twentieths);
                return true;
            },
            [](const card::Card& card, const Finding& finding) {
                double most = 0;
                for (const setting::Nudge& nudge : of(card, finding).nudges)
                    if (std::fabs(nudge.space) > std::fabs(most))
                        most = nudge.space;
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

/// Letters of one piece: neighbours come closer, each pair by itself, until they run into each other by a
/// neck that holds. Words with spaces would run into one.
Mend closingUp() {
    return {"closingUp",
            [](const Finding& finding, const card::Card& card) {
                const bool loose = finding.kind == FindingKind::letterLoose ||
                                   finding.kind == FindingKind::neckNarrow ||
                                   finding.kind == FindingKind::gapNarrow;
                return loose && isOfWords(finding, card) &&
                       of(card, finding).working.kind == working::Kind::freeStanding &&
                       of(card, finding).words.find_first_of(" \n") == std::string::npos &&
                       !setting::hasFields(of(card, finding).words);
            },
            [](card::Card& card, const Matter& matter) {
                const working::PlacedLetters* const placed = placedOf(matter);
                if (!placed)
                    return false;
                const double neck = matter.least(process::Measured::neck).value_or(0.4);
                card::Inscription& inscription = of(card, matter.finding);
                const std::vector<setting::Letter>& letters = placed->setting->letters;
                const auto isMeant = [&](size_t letter) {
                    return std::ranges::any_of(matter.finding.places, [&](const check::FindingPlace& place) {
                        return place.letter == int(letter);
                    });
                };
                bool any = false;
                if (inscription.style.joint < neck &&
                    std::ranges::any_of(letters, [](const setting::Letter& letter) {
                        return setting::hasDots(*letter.region);
                    })) {
                    inscription.style.joint = upTo(neck, hundredths); // spaces follow when they are down
                    return true;
                }
                for (size_t i = 1; i < letters.size(); ++i) {
                    if (letters[i].box.empty() || letters[i - 1].box.empty())
                        continue;
                    constexpr double anyway = 1e9;
                    const plane::Gap gap = plane::gapBetween(setting::shapeOf(letters[i - 1]),
                                                             setting::shapeOf(letters[i]), {}, anyway, false);
                    constexpr double deep = 0.6, deeper = 0.4; // of the neck that is wanted
                    double closer = 0;
                    if (gap.kind == plane::Gap::Kind::apart)
                        closer = plane::toMillimetres(gap.least) + deep * neck;
                    else if (isMeant(i) || isMeant(i - 1))
                        closer = deeper * neck;
                    if (closer == 0)
                        continue;
                    double& space = spaceAfter(inscription, letters[i - 1].index);
                    space = downTo(space - closer, hundredths);
                    any = true;
                }
                return any;
            },
            {},
            {}};
}

} // namespace bollard::mend
