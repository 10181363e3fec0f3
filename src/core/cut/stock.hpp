// The raw piece that a part is cut from, where it is held, and where the machine's zero lies on it.
#pragma once
#include "quantity/fields_of.hpp"
#include "space/vertex.hpp"
#include <string>
#include <vector>

namespace bollard::cut {

/// What holds a bar at one of its ends, so far from the stock's own end, mm.
enum class ChuckEnd { none, start, end };
struct Chuck {
    ChuckEnd end = ChuckEnd::none;
    double reach = 15;
    bool operator==(const Chuck&) const = default;
};

/// mm. All 0: the blank itself.
struct Stock {
    double margin = 0;   ///< round the blank, where no size is told
    double x = 0, y = 0; ///< lower left on the front
    double width = 0, height = 0;
    double thickness = 0; ///< 0: the blank's
    double top = 0;       ///< how far above the blank's front
    std::string material{};
    // Of blanks that go round; the numbers above do not count then.
    double diameter = 0, length = 0; ///< 0: the blank's
    double before = -1;              ///< how much of it lies before the blank's start; below 0: not told
    Chuck chuck{};
    bool operator==(const Stock&) const = default;
};

/// The nine points of the stock's plan, from the top left, row by row.
/// Or a place of its own; of bars the stock's ends.
enum class ZeroAt {
    topLeft,
    top,
    topRight,
    left,
    centre,
    right,
    bottomLeft,
    bottom,
    bottomRight,
    point,
    start,
    end
};
enum class ZeroOn { top, bottom, part, axis };

struct ZeroPlace {
    ZeroAt at = ZeroAt::bottomLeft;
    double x = 0, y = 0; ///< of a point of its own, mm on the front
    bool operator==(const ZeroPlace&) const = default;
};
struct Zero {
    ZeroPlace place{};
    ZeroOn on = ZeroOn::top;
    bool operator==(const Zero&) const = default;
};

/// What holds the stock down: a box on its top that stands so high above it, mm.
struct Clamp {
    double x = 0, y = 0, width = 20, height = 20, top = 10;
    bool operator==(const Clamp&) const = default;
};

/// A box in space, mm.
struct Block {
    space::Vertex low{}, high{};
    bool operator==(const Block&) const = default;
    bool empty() const { return !(low.x < high.x) || !(low.y < high.y) || !(low.z < high.z); }
};

/// The stock where it lies: round a part of that box, whose front is z = 0 and which is so thick.
Block blockOf(const Stock& stock, const Block& part);

/// The same stock as it lies when it is turned over about its upright middle: its numbers as they are told
/// from the side behind of a part of that box.
Stock turnedOver(Stock stock, const Block& part);

/// The machine's zero in the part's coordinates, mm.
space::Vertex placeOf(const Zero& zero, const Block& stock);

} // namespace bollard::cut

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::cut::Chuck>();
template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::cut::Stock>();
template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::cut::ZeroPlace>();
template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::cut::Zero>();
template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::cut::Clamp>();
