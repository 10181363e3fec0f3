// STEP (AP242): named bodies with colours as solids with true curves, in mm.
#pragma once
#include "body/boundary.hpp"
#include "files/three_mf.hpp"

namespace bollard::files {

struct NamedBoundary {
    std::string name{};
    Rgb colour{};
    const body::Boundary* boundary = nullptr; ///< not null
};

/// The bytes of a STEP file with one product per body; each of its pieces is a solid. The same bodies give
/// the same bytes. geometryFailed when the library refuses.
quantity::Result<std::string> stepOf(const std::vector<NamedBoundary>& bodies, const std::string& title);

} // namespace bollard::files
