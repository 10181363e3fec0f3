// What a 3MF file is to have built.
#pragma once
#include "body/mesh.hpp"
#include "quantity/result.hpp"
#include <string>

namespace bollard::files {

/// All meshes where they are built, mm. partBroken where the library refuses.
quantity::Result<body::Mesh> meshFrom3mf(const std::string& bytes);

} // namespace bollard::files
