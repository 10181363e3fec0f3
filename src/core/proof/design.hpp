// What operations are meant to make, and what they may at most take, over the cells of a plan.
#pragma once
#include "cut/cutting.hpp"
#include "proof/height_field.hpp"

namespace bollard::proof {

/// Heights over the cells of a field, mm.
struct Design {
    std::vector<float> allowed{};  ///< no lower than this
    std::vector<float> wanted{};   ///< as low as the tools can make it
    std::vector<float> designed{}; ///< as low as it would be with a perfect tool
};

Design designOf(const cut::Cutting& cutting, const HeightField& cells, const std::stop_token& stop = {});

/// How far sideways a place is from where that height is allowed, mm; looks no farther than `reach`.
class Allowance {
  public:
    explicit Allowance(const cut::Cutting& cutting);
    ~Allowance();
    double sideways(plane::Vector at, double z, double reach) const;

  private:
    struct Of;
    std::vector<Of> all_;
};

} // namespace bollard::proof
