// Cards with operations that the tests share.
#pragma once
#include "cut/gcode.hpp"
#include "proof/proof.hpp"
#include "sample_cards.hpp"

namespace samples {

inline bollard::card::Card cutCard(const std::string& words, bollard::working::Kind kind,
                                   bollard::cut::OperationKind operation) {
    using namespace bollard;
    card::Card card = plate(words, kind);
    card.blank.thickness = 6;
    card.stock.margin = 8;
    card.stock.thickness = 6;
    card::Inscription& inscription = card.inscriptions[0];
    inscription.style.size = 14;
    inscription.working.depth = 1.2;
    inscription.working.angle = 60;
    cut::Operation one;
    one.kind = operation;
    one.of = {"i0"};
    card.operations = {one};
    return card;
}

inline bollard::cut::Tool tool(bollard::cut::ToolKind kind, double size) {
    bollard::cut::Tool made;
    made.kind = kind;
    made.diameter = made.kerf = size;
    return made;
}
inline bollard::cut::Tool taper(double angle, double tip) {
    bollard::cut::Tool made = tool(bollard::cut::ToolKind::vBit, 12);
    made.angle = angle;
    made.tip = tip;
    return made;
}

inline std::string programOf(const bollard::card::Made& made) {
    const auto bytes =
        bollard::cut::gcodeOf(made.cuttings->front, *made.shop->dialect(made.card->machine.dialect), {});
    return bytes ? *bytes : std::string();
}

} // namespace samples
