#include "card/arranging.hpp"
#include "card/fit.hpp"
#include "mend/numbers.hpp"

namespace bollard::mend {
namespace {

using quantity::ProblemKind;

bool isProblem(const Finding& finding, std::initializer_list<ProblemKind> kinds) {
    return finding.kind == FindingKind::solidFailed &&
           std::ranges::find(kinds, finding.problem.kind) != kinds.end();
}

constexpr double smaller = 0.8; // each time

} // namespace

/// Words that are longer than it is round go once round.
Mend onceRound() {
    return {"onceRound",
            [](const Finding& finding, const card::Card& card) {
                return isOfWords(finding, card) && finding.kind == FindingKind::turnExceeded;
            },
            [](card::Card& card, const Matter& matter) {
                double& size = of(card, matter.finding).style.size;
                const double fits = downTo(size * matter.finding.limit / matter.finding.measured, tenths);
                size = fits < size ? fits : size - 1 / tenths;
                return size > 0;
            },
            [](const card::Card& card, const Finding& finding) { return of(card, finding).style.size; },
            {}};
}

/// Letters that lie across the borders of facets go one to a facet.
Mend oneByOne() {
    return {"oneByOne",
            [](const Finding& finding, const card::Card& card) {
                return isOfWords(finding, card) && finding.kind == FindingKind::facetCrossed;
            },
            [](card::Card& card, const Matter& matter) {
                card::Inscription& inscription = of(card, matter.finding);
                const working::PlacedLetters* const placed = placedOf(matter);
                if (!placed || int(placed->setting->letters.size()) > card.blank.facets)
                    return false;
                if (inscription.giveOut.by != setting::GiveOut::By::no) { // they are wider than their facets
                    inscription.style.size = downTo(inscription.style.size * smaller, tenths);
                    return inscription.style.size > 0;
                }
                inscription.giveOut.by = setting::GiveOut::By::letter;
                const plane::Box first = plane::boxOf(placed->onSide.front());
                inscription.placing.x =
                    downTo(plane::toMillimetres((double(first.low.x) + first.high.x) / 2), hundredths);
                return true;
            },
            {},
            {}};
}

/// What goes too deep, or meets another side's, goes less deep; what stands too high in a hollow less high.
Mend shallower() {
    return {"shallower",
            [](const Finding& finding, const card::Card&) {
                return finding.kind == check::FindingKind::lettersMeet ||
                       isProblem(finding, {ProblemKind::cutTooDeep, ProblemKind::sidesMeet});
            },
            [](card::Card& card, const Matter&) {
                bool any = false;
                for (card::Inscription& inscription : card.inscriptions) {
                    working::Working& w = inscription.working;
                    const std::string_view side = blank::sideOf(card.blank, inscription.side);
                    if (side.empty() || inscription.hidden)
                        continue;
                    const double behind = blank::depthBehind(card.blank, side);
                    if (w.kind == working::Kind::pierced) { // no more than a quarter of what is there
                        w.kind = working::Kind::sunk;
                        w.depth = downTo(behind / 4, tenths);
                        any = w.depth > 0;
                        continue;
                    }
                    double& reach = working::rowOf(w.kind).has(working::Uses::depth) ? w.depth : w.height;
                    reach = downTo(reach * smaller, hundredths);
                    any = any || reach > 0;
                }
                return any;
            },
            {},
            {}};
}

/// Letters that run over the edge of their side are moved off it, and made smaller where there is no room.
Mend offTheRim() {
    return {"offTheRim",
            [](const Finding& finding, const card::Card& card) {
                const bool onRound = finding.kind == check::FindingKind::outsideBlank &&
                                     finding.inscription >= 0 &&
                                     blank::turnOf(card.blank, of(card, finding).side) > 0;
                return onRound || isProblem(finding, {ProblemKind::rimCrossed, ProblemKind::facetPierced});
            },
            [](card::Card& card, const Matter& matter) {
                bool any = false;
                for (size_t i = 0; i < card.inscriptions.size(); ++i) {
                    card::Inscription& inscription = card.inscriptions[i];
                    const auto extent = card::extentOf(*matter.made.lettering, int(i));
                    const plane::Outline outline = blank::outlineOf(card.blank, inscription.side);
                    if (!extent || outline.contours.empty())
                        continue;
                    const plane::Box box = plane::boxOf(blank::wholeRegionOf(card.blank, inscription.side));
                    constexpr double clear = 0.1; // mm
                    const double low = plane::toMillimetres(box.low.y) + clear,
                                 high = plane::toMillimetres(box.high.y) - clear;
                    const bool slant = matter.finding.problem.kind == ProblemKind::facetPierced;
                    if (!slant && extent->low.y >= low && extent->high.y <= high)
                        continue;
                    any = true;
                    if (slant || extent->high.y - extent->low.y > high - low) {
                        inscription.style.size = downTo(inscription.style.size * smaller, tenths);
                        any = any && inscription.style.size > 0;
                    }
                    const double middle = (extent->low.y + extent->high.y) / 2, to = (low + high) / 2;
                    const double by = extent->high.y - extent->low.y > high - low ? to - middle
                                      : extent->low.y < low                       ? low - extent->low.y
                                      : extent->high.y > high                     ? high - extent->high.y
                                                                                  : 0;
                    inscription.placing.y =
                        std::round((inscription.placing.y + by) * hundredths) / hundredths;
                }
                return any;
            },
            {},
            {}};
}

} // namespace bollard::mend
