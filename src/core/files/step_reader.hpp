// STEP files, read by a program of their own.
#pragma once
#include "body/mesh.hpp"
#include "quantity/result.hpp"
#include <string>

namespace bollard::files {

/// The surface of a file of these bytes within 0.01 mm of the true one, mm, as `bollard-step` beside this
/// program reads it, in at most two minutes. partBroken with what it said, or that it broke off.
quantity::Result<body::Mesh> meshFromStep(const std::string& bytes, const std::stop_token& stop = {});

} // namespace bollard::files
