#include "plane/near_boxes.hpp"
#include <CGAL/Box_intersection_d/Box_d.h>
#include <CGAL/box_intersection_d.h>
#include <algorithm>

namespace bollard::plane {
namespace {

/// Reaches as far as it may on its upper sides only: two such boxes meet when the true ones are within reach.
class ReachingBox : public CGAL::Box_intersection_d::Box_d<double, 2, CGAL::Box_intersection_d::ID_NONE> {
  public:
    ReachingBox(const Box& box, double reach, int index_)
        : Box_d(std::array{double(box.low.x), double(box.low.y)}.data(),
                std::array{box.high.x + reach, box.high.y + reach}.data()),
          index(index_) {}
    std::size_t id() const { return std::size_t(index); }
    int index;
};

} // namespace

std::vector<std::pair<int, int>> nearBoxes(std::span<const Box> boxes, std::int32_t reach) {
    std::vector<ReachingBox> reaching;
    reaching.reserve(boxes.size());
    for (size_t i = 0; i < boxes.size(); ++i)
        if (!boxes[i].empty())
            reaching.emplace_back(boxes[i], double(reach), int(i));
    std::vector<std::pair<int, int>> pairs;
    CGAL::box_self_intersection_d(reaching.begin(), reaching.end(), [&](const auto& a, const auto& b) {
        pairs.emplace_back(std::min(a.index, b.index), std::max(a.index, b.index));
    });
    std::ranges::sort(pairs);
    return pairs;
}

} // namespace bollard::plane
