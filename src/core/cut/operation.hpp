// One tool doing one thing.
#pragma once
#include "cut/tool.hpp"
#include <string>
#include <vector>

namespace bollard::cut {

enum class OperationKind { scribe, carve, pocket, cutOut, clear, drill, raster };
constexpr int operationKinds = 7;

/// Of a raster: ways along the bar, or round it.
enum class RasterAlong { axis, round };
/// On curved sides followed from above: how depths are measured.
enum class DepthAlong { normal, z };

enum class LeadKind { none, line, arc };

/// The way in and out of a cut, in the waste.
struct Lead {
    LeadKind kind = LeadKind::none;
    double length = 3; ///< mm
    double angle = 90; ///< to the cut, degrees
    bool operator==(const Lead&) const = default;
};

/// A bit of stock left that holds the part while it is cut out: as much as stays, mm.
struct Tab {
    double width = 4;
    double height = 1;
    bool operator==(const Tab&) const = default;
};

/// A place on the side, mm.
struct Spot {
    double x = 0, y = 0;
    bool operator==(const Spot&) const = default;
};

/// Lengths in mm, feeds in mm/min, speed in 1/min; 0 where it says so: not told, and worked out.
struct Operation {
    std::string id{};
    OperationKind kind = OperationKind::scribe;
    std::vector<std::string> of{};     ///< inscriptions by id or place ("i0"); empty: all it can be done to
    std::vector<std::string> around{}; ///< clear: raised words that stay
    std::string within{};              ///< clear: the ornament whose outside bounds it; empty: the blank
    Tool tool{};
    double depth = 0;       ///< 0: its working's
    double depthCap = 0;    ///< v-carve: no deeper; 0: its working's depth
    double pass = 0;        ///< how deep at a time; 0: all at once
    double stepover = 0;    ///< between neighbouring passes; 0: worked out
    bool rest = false;      ///< pocket: only what wider tools of pockets before it left
    bool raster = false;    ///< pocket, clear: in straight ways side by side, else along the walls inwards
    double allowance = 0;   ///< pocket: left at the walls, then taken by a last pass
    double through = 0.3;   ///< cut-out: below the stock
    double cutHeight = 1.5; ///< torch, laser: above the stock's top
    double clearance = 5;   ///< above the stock's top
    double peck = 0;        ///< drill: how deep at a time; 0: at once
    double feed = 0, plunge = 0, speed = 0;
    int tabs = 0;          ///< cut-out: on each outline
    double tabSpacing = 0; ///< without a count: so far apart; 0: none
    Tab tab{};
    std::vector<Spot>
        tabsAt{}; ///< cut-out: by hand, instead of evenly; of outlines that have any of them near
    std::vector<Spot> startsAt{}; ///< cut-out: by hand, where outlines near to them are begun
    Lead lead{};
    DepthAlong depthAlong = DepthAlong::normal;
    RasterAlong along = RasterAlong::axis;
    double scallop = 0;      ///< raster: height of what stays between ways, where no stepover is told
    double from = 0, to = 0; ///< raster: where the tool's middle goes along the blank
    bool oneWay = false;     ///< raster: all ways the same way
    bool off = false;        ///< kept, not made
    bool reading = false;    ///< letter by letter as they are read, not by the shortest way
    bool conventional = false;
    bool back = false; ///< on the blank's back, in a file of its own
    bool operator==(const Operation&) const = default;

    /// A tapering tool whose depth follows how wide what it cuts is.
    bool followsWidth() const {
        return kind == OperationKind::carve || (kind == OperationKind::clear && tool.tapers());
    }
};

std::string_view nameOf(OperationKind kind);

} // namespace bollard::cut

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::cut::Lead>();
template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::cut::Tab>();
template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::cut::Spot>();
template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::cut::Operation>();
