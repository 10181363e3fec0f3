// What is taken from a body and put to it as closed surfaces. Slow: only for what columns cannot say.
#pragma once
#include "body/mesh.hpp"
#include "quantity/result.hpp"

namespace bollard::body {

enum class Boolean {
    unite,   ///< what is in either
    subtract ///< what is in the first only
};

/// Both surfaces must be closed and cross neither themselves; faces keep what they are. The result is closed.
/// geometryFailed (detail: why) for surfaces that are not so, and for what cannot be made: nothing is then
/// known of it. Exact but for the rounding of new corners. An empty mesh is nothing. Stopped, `stopped`.
quantity::Result<Mesh> booleanOf(const Mesh& first, const Mesh& second, Boolean what,
                                 const std::stop_token& stop = {});

} // namespace bollard::body
