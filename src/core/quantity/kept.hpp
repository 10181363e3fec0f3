// What was made once and may be wanted again.
#pragma once
#include <algorithm>
#include <cstddef>
#include <map>
#include <mutex>
#include <optional>

namespace bollard::quantity {

/// A memory that never fills up: what was not asked for while `most` others were kept goes, so at most twice
/// as many stay. Safe to use from several threads; Made is copied out, and should be cheap to copy.
template<class Key, class Made, class Map = std::map<Key, Made>> class Kept {
  public:
    explicit Kept(std::size_t most) : most_(most) {}

    std::optional<Made> find(const Key& key) {
        const std::scoped_lock lock(guard_);
        if (const auto now = recent_.find(key); now != recent_.end())
            return now->second;
        const auto before = older_.find(key);
        if (before == older_.end())
            return std::nullopt;
        Made made = before->second;
        keepLocked(key, made);
        return made;
    }
    /// Keeps what was made, and gives back what is kept: the first of two that were made side by side.
    Made keep(const Key& key, Made made) {
        const std::scoped_lock lock(guard_);
        return keepLocked(key, std::move(made));
    }
    /// The kept one, or that which `make` gives, outside the lock.
    template<class Make> Made of(const Key& key, Make make) {
        if (std::optional<Made> kept = find(key))
            return *std::move(kept);
        return keep(key, make());
    }
    /// From now on at least so many are kept.
    void makeRoom(std::size_t most) {
        const std::scoped_lock lock(guard_);
        most_ = std::max(most_, most);
    }
    std::size_t size() const {
        const std::scoped_lock lock(guard_);
        return recent_.size() + older_.size();
    }

  private:
    Made keepLocked(const Key& key, Made made) {
        if (recent_.size() >= most_) {
            older_ = std::move(recent_);
            recent_.clear();
        }
        return recent_.try_emplace(key, std::move(made)).first->second;
    }

    std::size_t most_;
    mutable std::mutex guard_;
    Map recent_, older_;
};

} // namespace bollard::quantity
