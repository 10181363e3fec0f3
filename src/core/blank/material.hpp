// What blanks are made of.
#pragma once
#include <span>
#include <string_view>

namespace bollard::blank {

struct Material {
    std::string_view name; ///< as cards have it
    double density;        ///< g/cm³
};

/// Usual ones, by their handbook densities; woods at 12 percent moisture, prints without hollows.
std::span<const Material> materials();
/// The density by name, g/cm³; 0 when it is not known.
double densityOf(std::string_view material);

} // namespace bollard::blank
