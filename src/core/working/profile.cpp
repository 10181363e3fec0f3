#include "working/profile.hpp"
#include "plane/point.hpp"

namespace bollard::working {
namespace {

using plane::toUnits;

double radians(double degrees) {
    return degrees * M_PI / 180;
}

} // namespace

std::int32_t Profile::at(double inset) const {
    for (size_t i = 1; i < steps.size(); ++i)
        if (inset < steps[i].inset) {
            const Step &from = steps[i - 1], &to = steps[i];
            const double t = std::max(0.0, (inset - from.inset) / (to.inset - from.inset));
            return plane::onGrid(from.height + t * (double(to.height) - from.height));
        }
    return steps.back().height;
}

Profile levelAt(double height) {
    return {{{0, toUnits(height)}}};
}

Profile chamferedTop(double height, double size, double angle) {
    return {{{0, toUnits(height - size * std::tan(radians(angle)))}, {toUnits(size), toUnits(height)}}};
}

Profile roundedTop(double height, double radius, double tolerance) {
    const double widest = 2 * std::acos(1 - std::min(1.0, tolerance / radius));
    const int pieces = std::max(2, int(std::ceil(M_PI / 2 / widest)));
    Profile profile;
    profile.steps.clear();
    for (int i = 0; i <= pieces; ++i) {
        const double angle = M_PI / 2 * i / pieces;
        profile.steps.push_back(
            {toUnits(radius * (1 - std::cos(angle))), toUnits(height - radius * (1 - std::sin(angle)))});
    }
    return profile;
}

Profile draftedTop(double height, double degrees) {
    return {{{0, 0}, {toUnits(height * std::tan(radians(degrees))), toUnits(height)}}};
}

Profile carvedFloor(double depth, double angle) {
    return {{{0, 0}, {toUnits(depth * std::tan(radians(angle / 2))), -toUnits(depth)}}};
}

} // namespace bollard::working
