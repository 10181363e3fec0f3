// Where words lie.
#include "card/arranging.hpp"
#include "card/fit.hpp"
#include "mend/numbers.hpp"

namespace bollard::mend {

namespace {

/// Off the blank, or too near its edge; of cuts what is left there is land.
bool isBeyond(const Finding& finding, const card::Card& card) {
    return isOfOne(finding) &&
           (finding.kind == FindingKind::outsideBlank || finding.kind == FindingKind::insideMargin ||
            (finding.kind == FindingKind::gapNarrow && working::cuts(of(card, finding).working.kind)));
}

/// The blank's middle and size on the side, less its margin.
struct Room {
    plane::Vector low{}, high{};
};
Room roomOn(const card::Card& card, const std::string& side) {
    const plane::Vector size = blank::sizeOf(card.blank, side);
    const double margin = card.blank.margin;
    return {{margin, margin}, {size.x - margin, size.y - margin}};
}

} // namespace

/// Moved as little as brings them within the margin.
Mend inwards() {
    return {"inwards",
            isBeyond,
            [](card::Card& card, const Matter& matter) {
                card::Inscription& inscription = of(card, matter.finding);
                const auto extent = card::extentOf(*matter.made.lettering, matter.finding.inscription);
                if (!extent)
                    return false;
                const Room room = roomOn(*matter.made.card, inscription.side);
                const auto shift = [](double low, double high, double from, double to) {
                    if (high - low > to - from)
                        return 0.0;
                    return low < from ? from - low : high > to ? to - high : 0.0;
                };
                double x = shift(extent->low.x, extent->high.x, room.low.x, room.high.x);
                double y = shift(extent->low.y, extent->high.y, room.low.y, room.high.y);
                if (x == 0 && y == 0 && matter.finding.kind == FindingKind::gapNarrow)
                    return false; // it is no matter of the edge
                if (x == 0 && y == 0) {
                    // Something else is in the way: towards the middle, a tenth of the way each time.
                    const plane::Vector middle = 0.5 * (room.low + room.high),
                                        own = 0.5 * (extent->low + extent->high);
                    x = (middle.x - own.x) / 4;
                    y = (middle.y - own.y) / 4;
                }
                const double toX = std::round((inscription.placing.x + x) * hundredths) / hundredths;
                const double toY = std::round((inscription.placing.y + y) * hundredths) / hundredths;
                const auto beyond = [](double way, double to) { // rounded the way it goes
                    return way > 0 ? to + 1 / hundredths : way < 0 ? to - 1 / hundredths : to;
                };
                inscription.placing.x = beyond(x, toX);
                inscription.placing.y = beyond(y, toY);
                return x != 0 || y != 0;
            },
            {},
            {}};
}

/// The largest size that fits where they are.
Mend smallerWords() {
    return {"smallerWords",
            [](const Finding& finding, const card::Card& card) {
                return isOfWords(finding, card) &&
                       (isBeyond(finding, card) || finding.kind == FindingKind::baselineShort);
            },
            [](card::Card& card, const Matter& matter) {
                card::Inscription& inscription = of(card, matter.finding);
                const working::PlacedLetters* const placed = placedOf(matter);
                if (!placed || !placed->setting->typeface)
                    return false;
                double& size = inscription.style.size;
                if (matter.finding.kind == FindingKind::baselineShort) {
                    const double all = matter.finding.limit + matter.finding.measured;
                    size = downTo(size * matter.finding.limit / all, tenths);
                    return size > 0;
                }
                const auto fit =
                    card::largestThatFits(*matter.made.card, inscription, placed->setting->typeface);
                if (!fit || !(fit->size < size))
                    return false;
                size = downTo(fit->size, hundredths);
                return true;
            },
            [](const card::Card& card, const Finding& finding) { return of(card, finding).style.size; },
            {}};
}

/// A plate or disc with room for them, the words staying where they are to its lower left or its middle.
Mend largerBlank() {
    return {
        "largerBlank",
        [](const Finding& finding, const card::Card& card) {
            const bool grows = card.blank.kind == blank::Kind::plate ||
                               card.blank.kind == blank::Kind::wedge || card.blank.kind == blank::Kind::disc;
            return isBeyond(finding, card) && grows && !card.blank.followsWords();
        },
        [](card::Card& card, const Matter& matter) {
            const auto extent = card::extentOf(*matter.made.lettering, matter.finding.inscription);
            if (!extent)
                return false;
            blank::Blank& blank = card.blank;
            const Room room = roomOn(card, of(card, matter.finding).side);
            const double missingX = std::max({room.low.x - extent->low.x, extent->high.x - room.high.x, 0.0});
            const double missingY = std::max({room.low.y - extent->low.y, extent->high.y - room.high.y, 0.0});
            constexpr double least = 1;
            double x = 2 * missingX, y = 2 * missingY;
            if (x == 0 && y == 0 && matter.finding.kind == FindingKind::gapNarrow)
                return false;
            if (x == 0 && y == 0 && matter.finding.kind == FindingKind::gapNarrow)
                return false;
            if (x == 0 && y == 0) // corners, holes, a round edge
                x = y = least;
            const bool disc = blank.kind == blank::Kind::disc;
            if (disc)
                x = y = std::max(x, y);
            x = upTo(x, 1);
            y = upTo(y, 1);
            if (disc)
                blank.diameter += x;
            else {
                blank.width += x;
                blank.height += y;
            }
            // It grows on all sides
            for (card::Inscription& inscription : card.inscriptions) {
                inscription.placing.x += x / 2;
                inscription.placing.y += y / 2;
            }
            for (blank::Hole& hole : blank.holes) {
                hole.x += x / 2;
                hole.y += y / 2;
            }
            return true;
        },
        [](const card::Card& card, const Finding&) { return blank::sizeOf(card.blank).x; },
        {}};
}

/// Words for a side that the blank lacks go on its first.
Mend firstSide() {
    return {"firstSide",
            [](const Finding& finding, const card::Card&) {
                return isOfOne(finding) &&
                       (finding.kind == FindingKind::sideMissing || finding.kind == FindingKind::sideNotCut);
            },
            [](card::Card& card, const Matter& matter) {
                card::Inscription& inscription = of(card, matter.finding);
                if (inscription.side.empty())
                    return false;
                inscription.side.clear();
                return true;
            },
            {},
            [](const card::Card& card, const Finding&) {
                return std::string(blank::sidesOf(card.blank).front());
            }};
}

Mend readOnPart() {
    return {"readOnPart",
            [](const Finding& finding, const card::Card&) {
                return isOfOne(finding) && finding.kind == FindingKind::readingSide;
            },
            [](card::Card& card, const Matter& matter) {
                setting::ReadingSide& reading = of(card, matter.finding).placing.reading;
                if (reading == setting::ReadingSide::onPart)
                    return false;
                reading = setting::ReadingSide::onPart;
                return true;
            },
            {},
            {}};
}

} // namespace bollard::mend
