// STL, binary: one mesh, no unit (mm by custom).
#pragma once
#include "body/mesh.hpp"
#include "quantity/result.hpp"
#include <string>

namespace bollard::files {

/// The bytes of a binary STL file.
std::string stlOf(const body::Mesh& mesh);

/// The mesh of a binary STL file, equal corners welded. Broken files give fileUnreadable with `name` as
/// subject.
quantity::Result<body::Mesh> meshFromStl(const std::string& bytes, const std::string& name);

} // namespace bollard::files
