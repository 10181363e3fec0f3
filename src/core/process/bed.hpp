// How much room a printer has.
#pragma once

namespace bollard::process {

/// mm; 0: not known.
struct Bed {
    double bedWidth = 0; ///< along x
    double bedDepth = 0; ///< along y
    double bedHeight = 0;
    bool operator==(const Bed&) const = default;
};

} // namespace bollard::process
