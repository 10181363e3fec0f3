// Every number of a card with the range that its file allows.
#pragma once
#include "card/card.hpp"

namespace bollard::card {

/// Calls `visit(number, range)` with each number of the card, double or int, in the order of the file.
template<class CardType, class Visit> void eachNumber(CardType& card, Visit visit) {
    auto& blank = card.blank;
    visit(blank.width, ranges::blankSize);
    visit(blank.height, ranges::blankSize);
    visit(blank.corner, ranges::corner);
    visit(blank.diameter, ranges::blankSize);
    visit(blank.centreHole, ranges::centreHole);
    visit(blank.thickness, ranges::thickness);
    visit(blank.margin, ranges::margin);
    for (auto& hole : blank.holes) {
        visit(hole.x, ranges::position);
        visit(hole.y, ranges::position);
        visit(hole.diameter, ranges::holeDiameter);
    }
    for (auto& inscription : card.inscriptions) {
        auto& ornament = inscription.ornament;
        visit(ornament.width, ranges::ornamentSize);
        visit(ornament.height, ranges::ornamentSize);
        visit(ornament.corner, ranges::corner);
        visit(ornament.band, ranges::band);
        visit(ornament.distance, ranges::margin);
        visit(ornament.around, ranges::around);
        visit(ornament.stroke, ranges::stroke);
        visit(ornament.scale, ranges::scale);
        visit(inscription.typeface.index, ranges::faceIndex);
        for (auto& [tag, value] : inscription.typeface.axes)
            visit(value, ranges::axis);
        auto& style = inscription.style;
        visit(style.size, ranges::size);
        visit(style.width, ranges::width);
        visit(style.slant, ranges::slant);
        visit(style.weight, ranges::weight);
        visit(style.stroke, ranges::stroke);
        visit(style.letterSpace, ranges::space);
        visit(style.wordSpace, ranges::space);
        visit(style.lineSpace, ranges::space);
        for (auto& [tag, value] : style.features)
            visit(value, ranges::feature);
        auto& baseline = inscription.baseline;
        visit(baseline.radius, ranges::radius);
        visit(baseline.offset, ranges::position);
        visit(baseline.slide, ranges::position);
        for (auto& point : baseline.points)
            for (auto* number :
                 {&point.x, &point.y, &point.before.x, &point.before.y, &point.after.x, &point.after.y})
                visit(*number, ranges::position);
        for (auto& nudge : inscription.nudges) {
            visit(nudge.letter, ranges::letter);
            visit(nudge.within, ranges::letter);
            visit(nudge.x, ranges::position);
            visit(nudge.y, ranges::position);
            visit(nudge.turn, ranges::turn);
            visit(nudge.size, ranges::scale);
            visit(nudge.space, ranges::space);
        }
        visit(inscription.placing.x, ranges::position);
        visit(inscription.placing.y, ranges::position);
        visit(inscription.placing.turn, ranges::turn);
        visit(inscription.working.height, ranges::height);
        visit(inscription.working.depth, ranges::height);
        visit(inscription.working.bedding, ranges::bedding);
        visit(inscription.group, ranges::group);
    }
    visit(card.process.nozzle, ranges::nozzle);
    visit(card.process.layer, ranges::layer);
    for (auto& [which, limit] : card.process.own)
        visit(limit, ranges::limit);
}

/// Brings every number of the card into the range its file allows, so that what is edited can always be saved
/// and opened again. Turns beyond a whole one go on from its start; no number becomes the least.
void keepWithinRanges(Card& card);

} // namespace bollard::card
