// 3MF: named bodies with colours, in mm.
#pragma once
#include "body/mesh.hpp"
#include "quantity/result.hpp"
#include <string>
#include <vector>

namespace bollard::files {

struct Rgb {
    unsigned char red = 0, green = 0, blue = 0;
};

struct NamedBody {
    std::string name{};
    Rgb colour{};
    const body::Mesh* mesh = nullptr; ///< closed; not null
};

/// The bytes of a 3MF file with one object per body; the same bodies give the same model.
/// geometryFailed when the library refuses.
quantity::Result<std::string> threeMfOf(const std::vector<NamedBody>& bodies, const std::string& title);

} // namespace bollard::files
