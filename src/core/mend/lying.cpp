// How a print lies.
#include "body/overhangs.hpp"
#include "card/printing.hpp"
#include "mend/numbers.hpp"
#include <array>

namespace bollard::mend {
namespace {

constexpr std::array<const char*, 6> ways{"back", "front", "bottom", "top", "left", "right"};

/// How much hangs out when it lies so, mm²; with what begins in the air counted as much.
double hangingOut(const card::Made& made, const std::string& on, double degrees) {
    const auto pose = card::poseOf({on, 0}, *made.solid->panels, made.solid->mesh);
    if (!pose)
        return 0;
    constexpr double asMuch = 1000;
    const body::Overhangs hangs = body::overhangsOf(card::posed(made.solid->mesh, *pose), degrees);
    return hangs.steep + asMuch * double(hangs.inTheAir.size());
}

} // namespace

/// On the side on which least hangs out.
Mend lieOtherwise() {
    return {"lieOtherwise",
            [](const Finding& finding, const card::Card&) {
                return finding.kind == FindingKind::overhangSteep || finding.kind == FindingKind::beginsInAir;
            },
            [](card::Card& card, const Matter& matter) {
                const auto choices = card::layersOf(card.process);
                if (!choices || !matter.made.solid || matter.made.solid->problem)
                    return false;
                const std::string before = card.lying.on;
                double least = hangingOut(matter.made, before, choices->overhang);
                for (const char* way : ways)
                    if (const double hangs = hangingOut(matter.made, way, choices->overhang); hangs < least) {
                        least = hangs;
                        card.lying.on = way;
                    }
                return card.lying.on != before;
            },
            {},
            [](const card::Card& card, const Finding&) { return card.lying.on; }};
}

/// As large as the bed, or smaller, is for a person to choose; turned by a quarter it may fit.
Mend turnOnBed() {
    return {"turnOnBed",
            [](const Finding& finding, const card::Card&) { return finding.kind == FindingKind::beyondBed; },
            [](card::Card& card, const Matter&) {
                if (card.lying.on.empty())
                    card.lying.on = "back";
                card.lying.turn = card.lying.turn == 0 ? 90 : 0;
                return true;
            },
            {},
            {}};
}

} // namespace bollard::mend
