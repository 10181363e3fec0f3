// Parts from files.
#include "mend/mend.hpp"
#include <algorithm>

namespace bollard::mend {

using check::Finding, check::FindingKind;

/// Another file in the place of the one that the sides were found on.
Mend sidesAnew() {
    return {"sidesAnew",
            [](const Finding& finding, const card::Card&) {
                return finding.kind == FindingKind::partProblem &&
                       finding.problem.kind == quantity::ProblemKind::partChanged;
            },
            [](card::Card& card, const Matter&) {
                blank::PartFile& part = card.blank.part;
                if (part.digest.empty())
                    return false;
                part.digest.clear();
                for (blank::PartSide& side : part.sides)
                    side.found = {};
                return true;
            },
            {},
            {}};
}

/// A side that is not where it was pointed at; words that were for it go on the first.
Mend withoutSide() {
    return {
        "withoutSide",
        [](const Finding& finding, const card::Card&) { return finding.kind == FindingKind::sideUnfound; },
        [](card::Card& card, const Matter& matter) {
            const std::string& name = matter.finding.subject;
            if (std::erase_if(card.blank.part.sides,
                              [&](const blank::PartSide& side) { return side.name == name; }) == 0)
                return false;
            for (card::Inscription& inscription : card.inscriptions)
                if (inscription.side == name)
                    inscription.side.clear();
            return true;
        },
        {},
        [](const card::Card&, const Finding& finding) { return finding.subject; }};
}

} // namespace bollard::mend
