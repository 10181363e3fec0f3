#include "setting/dots.hpp"
#include "plane/gap.hpp"
#include "quantity/kept.hpp"
#include "setting/shapes.hpp"
#include <cmath>

namespace bollard::setting {
namespace {

using plane::Region;

/// How far the upper one comes down until the two touch; nothing where it would pass.
std::optional<double> fallOnto(const Region& upper, const Region& lower) {
    const plane::Box a = plane::boxOf(upper), b = plane::boxOf(lower);
    const double left = std::max(a.low.x, b.low.x), right = std::min(a.high.x, b.high.x);
    if (left >= right)
        return std::nullopt;
    const Region upperSide = plane::turned(upper, -90, {}), lowerSide = plane::turned(lower, -90, {});
    std::optional<double> least;
    constexpr int steps = 64;
    for (int i = 0; i < steps; ++i) {
        const double x = left + (right - left) * (i + 0.5) / steps;
        const auto above = chordsAt(upperSide, -x), below = chordsAt(lowerSide, -x); // along y
        if (above.empty() || below.empty())
            continue;
        const double fall = above.front().first - below.back().second;
        least = std::min(least.value_or(fall), fall);
    }
    return least && *least >= 0 ? least : std::nullopt; // below 0 it stands within the other
}

/// How wide what they have in common is.
double commonOf(const Region& a, const Region& b) {
    double across = 0;
    for (const plane::Meeting& meeting : plane::gapBetween(a, b, {}, 0).meetings)
        across = std::max(across, meeting.across);
    return across;
}

Region dotsDown(const Region& letter, double joint) {
    std::vector<Region> parts = plane::parts(letter);
    std::ranges::sort(parts, {}, [](const Region& part) { return plane::boxOf(part).low.y; });
    std::vector<Region> placed;
    for (Region& part : parts) {
        std::optional<double> fall;
        for (const Region& below : placed)
            if (const auto onto = fallOnto(part, below))
                fall = std::min(fall.value_or(*onto), *onto);
        if (fall) {
            const Region lower = plane::united(placed);
            const plane::Box box = plane::boxOf(part);
            const double deepest = double(box.high.y) - box.low.y;
            double least = 0, most = std::min(joint, deepest);
            const auto down = [&](double deeper) {
                return plane::shifted(part, {0, -plane::onGrid(*fall + deeper)});
            };
            constexpr int halvings = 12;
            if (commonOf(down(most), lower) < joint)
                most = std::min(2 * joint, deepest); // round ones meet slowly
            for (int i = 0; i < halvings && commonOf(down(most), lower) >= joint; ++i) {
                const double middle = (least + most) / 2;
                (commonOf(down(middle), lower) >= joint ? most : least) = middle;
                if (most - least < 0.001 * joint)
                    break;
            }
            part = down(most);
        }
        placed.push_back(std::move(part));
    }
    return plane::united(placed);
}

} // namespace

bool hasDots(const Region& letter) {
    return std::ranges::count_if(letter.rings,
                                 [](const plane::Ring& ring) { return plane::areaOf(ring) > 0; }) > 1;
}

std::shared_ptr<const Region> withDotsDown(const std::shared_ptr<const Region>& letter, double joint) {
    constexpr size_t mostLetters = 256;
    static quantity::Kept<std::pair<std::shared_ptr<const Region>, double>, std::shared_ptr<const Region>>
        known(mostLetters);
    return known.of({letter, joint},
                    [&] { return std::make_shared<const Region>(dotsDown(*letter, joint)); });
}

} // namespace bollard::setting
