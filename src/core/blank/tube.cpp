#include "blank/revolved.hpp"
#include "blank/shape.hpp"

namespace bollard::blank {
namespace {

/// What is left between outside and inside at least, mm.
constexpr double leastWall = 0.01;

double boreOf(const Blank& b) {
    return std::clamp(b.bore, 2 * leastWall, std::max(2 * leastWall, b.diameter - 2 * leastWall));
}
double wallOf(const Blank& b) {
    return (b.diameter - boreOf(b)) / 2;
}

} // namespace

Shape tube() {
    return {Kind::tube,
            "tube",
            {"outside", "inside", "start", "end"},
            [](const Blank& b, std::string_view side) {
                if (side == "start" || side == "end")
                    return plane::Vector{b.diameter, b.diameter};
                return plane::Vector{M_PI * (side == "inside" ? boreOf(b) : b.diameter), b.length};
            },
            [](const Blank& b, std::string_view side) {
                if (side == "outside" || side == "inside")
                    return plane::Outline{{plane::roundedRectangle(
                        {0, 0}, {M_PI * (side == "inside" ? boreOf(b) : b.diameter), b.length}, 0)}};
                return plane::Outline{{plane::circle({b.diameter / 2, b.diameter / 2}, b.diameter / 2)}};
            },
            [](const Blank& b, std::string_view side, double) {
                return side == "outside" || side == "inside" ? wallOf(b) : b.length;
            },
            false,
            [](const Blank& b, std::string_view side) { // through its ends
                const bool ofEnd = side == "start" || side == "end";
                return Hole{b.diameter / 2, b.diameter / 2, ofEnd ? boreOf(b) : 0};
            },
            {"outside", "inside"},
            [](const Blank& b, double tallest) {
                const double outer = b.diameter / 2, inner = boreOf(b) / 2;
                const Meridian outside{[=](double v) { return Meridian::Place{outer, v, 1, 0}; }, b.length};
                const Meridian inside{[=](double v) { return Meridian::Place{inner, v, -1, 0}; }, b.length};
                const int around = stripsOf(outer, tallest), within = stripsOf(inner, tallest);
                const Panel bore = revolved("inside", inside, inner, {0, b.length}, within);
                return std::vector{revolved("outside", outside, outer, {0, b.length}, around), bore,
                                   endFace("start", outside, outer, around, false, &bore),
                                   endFace("end", outside, outer, around, true, &bore)};
            }};
}

} // namespace bollard::blank
