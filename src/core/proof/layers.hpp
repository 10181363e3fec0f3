// A print before it is printed: its layers, one by one.
#pragma once
#include "body/mesh.hpp"
#include "plane/region.hpp"
#include <functional>
#include <stop_token>
#include <vector>

namespace bollard::proof {

/// mm.
struct LayerChoices {
    double layer = 0.2;    ///< how high layers are
    double firstLayer = 0; ///< the lowest; 0: as the others
    double line = 0.42;    ///< how wide a printed line is
    double overhang = 50;  ///< degrees from upright up to which a layer is held by the one below
};

/// A stretch of a layer: where it is thickest, how large, how wide (twice its area by half its border).
struct LayerPlace {
    plane::Vector at{}; ///< mm on the bed
    double area = 0;    ///< mm²
    double width = 0;   ///< mm
};

struct Layer {
    double low = 0, high = 0;        ///< mm above the bed
    plane::Region shape{};           ///< of the body in its middle
    double area = 0;                 ///< mm²
    double lines = 0;                ///< length of what is printed, mm: the outer lines, and what fills them
    plane::Region ofLetters{};       ///< what of it is letters
    double letters = 0;              ///< how large that is, mm²
    double between = 0;              ///< mm of border between letters and blank: each has a wall of its own
    bool showsBoth = false;          ///< letters and blank of it are both seen on the finished part
    std::vector<LayerPlace> lost{};  ///< thinner than a line: nothing is printed
    std::vector<LayerPlace> air{};   ///< parts that begin with nothing below them
    std::vector<LayerPlace> steep{}; ///< what hangs over farther than the angle allows

    double lostArea() const;
};

/// Where a printer with one nozzle changes its material.
struct ColourChange {
    double above = 0;       ///< mm over the bed
    bool toLetters = false; ///< else to that of the blank
    bool operator==(const ColourChange&) const = default;
};

struct PrintProof {
    std::vector<Layer> layers{};         ///< upwards
    std::vector<ColourChange> changes{}; ///< none where one material does, or two nozzles are needed
    bool oneNozzle = true;               ///< no layer shows both materials
    LayerPlace largestLost{};            ///< the largest of all; area 0: nothing is lost
    double lines = 0;                    ///< mm
    bool stands = true;                  ///< nothing begins in the air
};

/// A part as it is printed, its lowest point at z = 0; the blank and the letters alone too, for their
/// colours.
struct Lain {
    body::Mesh all{}, blank{}, letters{};
};

/// Stopped, it returns what there is. O(layers times what they cross).
PrintProof printProofOf(const Lain& part, const LayerChoices& choices, const std::stop_token& stop = {},
                        const std::function<void(double)>& progress = {});

/// What an even plane cuts out of a closed mesh.
plane::Region sliceOf(const body::Mesh& mesh, double z);

} // namespace bollard::proof
