#include "blank/material.hpp"
#include <algorithm>
#include <array>

namespace bollard::blank {
namespace {

constexpr std::array known{
    Material{"PLA", 1.24},
    Material{"PETG", 1.27},
    Material{"ABS", 1.04},
    Material{"ASA", 1.07},
    Material{"nylon", 1.14},
    Material{"resin", 1.18},
    Material{"casting wax", 0.96},
    Material{"acrylic", 1.19},
    Material{"polycarbonate", 1.20},
    Material{"acetal", 1.41},
    Material{"PVC", 1.39},
    Material{"HDPE", 0.95},
    Material{"oak", 0.70},
    Material{"beech", 0.72},
    Material{"walnut", 0.64},
    Material{"ash", 0.68},
    Material{"maple", 0.70},
    Material{"pine", 0.52},
    Material{"teak", 0.65},
    Material{"plywood", 0.65},
    Material{"MDF", 0.75},
    Material{"aluminium", 2.70},
    Material{"mild steel", 7.85},
    Material{"stainless steel", 7.95},
    Material{"brass", 8.47},
    Material{"bronze", 8.80},
    Material{"copper", 8.94},
    Material{"titanium", 4.51},
    Material{"sterling silver", 10.36},
    Material{"gold 18 ct", 15.5},
    Material{"slate", 2.80},
    Material{"granite", 2.70},
    Material{"marble", 2.70},
    Material{"glass", 2.50},
};

} // namespace

std::span<const Material> materials() {
    return known;
}

double densityOf(std::string_view material) {
    const auto found = std::ranges::find(known, material, &Material::name);
    return found == known.end() ? 0 : found->density;
}

} // namespace bollard::blank
