// What a written program makes of the stock, held against what was meant.
#pragma once
#include "cut/cutting.hpp"
#include "proof/height_field.hpp"
#include "proof/rs274.hpp"
#include <memory>

namespace bollard::proof {

/// The worst of something, mm, and how much of the plan it takes, mm².
struct Extent {
    double largest = 0;
    double area = 0;
    plane::Vector at{}; ///< where it is worst, on the side

    void note(double size, plane::Vector where, double cellArea, double tolerance) {
        if (size > largest) {
            largest = size;
            at = where;
        }
        area += size > tolerance ? cellArea : 0;
    }
};

struct Proof {
    Program program{};
    std::vector<Motion> over{}; ///< its moves over the side, or its development, one for one
    Extent gouge{};       ///< taken and not meant: the smaller of the depth too much and the way sideways to
                          ///< where that depth is allowed
    Extent left{};        ///< what the tools could have reached and did not
    Extent unreachable{}; ///< what no tool of the operations can reach
    double seconds = 0;
    double cutLength = 0, rapidLength = 0; ///< mm
    space::Vertex low{}, high{};           ///< of all moves, in the program's coordinates
    int rapidsBelowClearance = 0;
    int outsideStock = 0; ///< moves that cut beside the stock, or too far below it
    std::shared_ptr<const HeightField> field{};
    std::vector<float> allowed{}, wanted{};  ///< of each cell, heights
    plane::Vector windowLow{}, windowHigh{}; ///< of the field

    bool isSound() const { return gouge.largest <= tolerance && outsideStock == 0; }
    static constexpr double tolerance = 0.01; ///< mm
};

struct ProofChoices {
    double cell = 0; ///< mm; 0: as fine as the work is small
};

/// Whether there is stock below a place of the plan.
bool isInStock(const cut::Cutting& cutting, plane::Vector at);

/// Cells as fine as the smallest tool asks for, and no more than there is room for.
double cellFor(const cut::Cutting& cutting);

/// Reads the program and cuts the stock with it. Stopped, it returns what there is.
Proof proofOf(std::string_view program, const cut::Cutting& cutting, const ProofChoices& choices = {},
              const std::stop_token& stop = {}, const std::function<void(double)>& progress = {});

/// The stock after so many of the program's moves; only what is missing in the end is told as left.
Proof partly(const Proof& proof, const cut::Cutting& cutting, size_t moves, const std::stop_token& stop = {});

} // namespace bollard::proof
