// Toolpaths as a file for a machine: RS-274.
#pragma once
#include "cut/cutting.hpp"
#include "cut/dialect.hpp"
#include "quantity/result.hpp"

namespace bollard::cut {

struct GcodeTitle {
    std::string card{};                  ///< the file's name without its ending
    std::vector<std::string> accepted{}; ///< findings that were let stand
};

/// The bytes of the file: the same for the same cutting. nothingToMake without a move.
quantity::Result<std::string> gcodeOf(const Cutting& cutting, const Dialect& dialect,
                                      const GcodeTitle& title);
/// Round the work's bounds at the clearance, without cutting.
quantity::Result<std::string> airRunOf(const Cutting& cutting, const Dialect& dialect,
                                       const GcodeTitle& title);

/// The depths and feeds of a move: what goes down is never faster than `plunge`, mm/min.
double feedOf(const space::Vertex& from, const space::Vertex& to, double feed, double plunge);

} // namespace bollard::cut
