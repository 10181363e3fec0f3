// A shape as level strips, and a sheet filled with such. For the sources of this folder only.
#pragma once
#include "plane/region.hpp"
#include <optional>
#include <vector>

namespace bollard::nest {

constexpr double slack = 0.006; // mm, that parts may come over what is left to them

/// From here to there across, mm.
struct Span {
    double from = 0, to = 0;
};

/// A shape, turned, as what it covers of each level strip from its lowest place on: all of it, and more only
/// where its edge leans within a strip.
class Strips {
  public:
    /// Grid units; degrees, counter-clockwise about the origin.
    Strips(const plane::Region& shape, double turn);
    void cut(double high);

    plane::Vector low() const { return low_; }
    plane::Vector size() const { return high_ - low_; }
    /// From its left on; by strip, apart and in order.
    const std::vector<std::vector<Span>>& spans() const { return spans_; }

  private:
    std::vector<std::vector<plane::Vector>> rings_{}; ///< mm
    plane::Vector low_{}, high_{};
    std::vector<std::vector<Span>> spans_{};
};

/// What is taken of a sheet.
class Filling {
  public:
    Filling(double wide, double high, double stripHigh);

    /// Where to look from; what lies before it has no room.
    struct From {
        size_t strip = 0;
        double x = 0;
        bool none = false;
    };
    /// The lowest place with room for the shape, of those the leftmost: of its lower left, mm. `work` counts
    /// what was looked at.
    std::optional<plane::Vector> placeFor(const Strips& strips, From& from, std::uint64_t& work) const;
    void put(const Strips& strips, plane::Vector low);
    /// How much stays free below and to the left of it as far as the next thing there, mm².
    double lostBy(const Strips& strips, plane::Vector low) const;

  private:
    size_t stripAt(double y) const { return size_t(y / stripHigh_ + 0.5); }
    double wide_, stripHigh_;
    size_t count_; ///< of strips
    std::vector<std::vector<Span>> taken_{};
};

} // namespace bollard::nest
