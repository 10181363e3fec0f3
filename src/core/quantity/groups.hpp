// What belongs together, found pair by pair.
#pragma once
#include <cstddef>
#include <numeric>
#include <vector>

namespace bollard::quantity {

/// Numbers from 0 in groups that grow by joining two of them; each alone at first.
class Groups {
  public:
    explicit Groups(std::size_t count) : parent_(count) {
        std::iota(parent_.begin(), parent_.end(), std::size_t{0});
    }
    /// A number that all of one group have in common until the next join.
    std::size_t of(std::size_t i) {
        while (parent_[i] != i)
            i = parent_[i] = parent_[parent_[i]];
        return i;
    }
    void join(std::size_t a, std::size_t b) { parent_[of(a)] = of(b); }

  private:
    std::vector<std::size_t> parent_;
};

} // namespace bollard::quantity
