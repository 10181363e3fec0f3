#include "working/profile.hpp"

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

std::int32_t Profile::at(double inset, plane::Point p) const {
    const std::int32_t height = at(inset) + (lift ? (*lift)(p) : 0);
    return tilt == 0 ? height : plane::onGrid(height + tilt * p.x);
}

Profile cappedAt(const Profile& profile, double height) {
    const std::int32_t most = toUnits(height);
    Profile capped;
    capped.steps.clear();
    for (const Profile::Step& step : profile.steps) {
        if (!capped.steps.empty()) {
            const Profile::Step& before = profile.steps[size_t(&step - profile.steps.data()) - 1];
            if ((before.height < most) != (step.height < most) && before.height != most &&
                step.height != most) {
                const double t = (double(most) - before.height) / (double(step.height) - before.height);
                const auto at = plane::onGrid(before.inset + t * (double(step.inset) - before.inset));
                if (at > before.inset && at < step.inset)
                    capped.steps.push_back({at, most});
            }
        }
        capped.steps.push_back({step.inset, std::min(step.height, most)});
    }
    // Where nothing changes any more it is level.
    while (capped.steps.size() > 1 &&
           capped.steps.back().height == capped.steps[capped.steps.size() - 2].height)
        capped.steps.pop_back();
    return capped;
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
    return {{{0, 0}, {toUnits(std::fabs(height) * std::tan(radians(degrees))), toUnits(height)}}};
}

Profile chamferedMouth(double size, double angle) {
    return {{{0, -toUnits(size * std::tan(radians(angle)))}, {toUnits(size), 0}}};
}

Profile roundedMouth(double radius, double tolerance) {
    // The top of what stays, seen from the cut.
    return roundedTop(0, radius, tolerance);
}

Profile filletedFoot(double radius, double tolerance) {
    Profile profile = roundedTop(0, radius, tolerance);
    for (Profile::Step& step : profile.steps)
        step.height = -step.height;
    return profile;
}

Profile carvedFloor(double depth, double angle) {
    return {{{0, 0}, {toUnits(depth * std::tan(radians(angle / 2))), -toUnits(depth)}}};
}

} // namespace bollard::working
