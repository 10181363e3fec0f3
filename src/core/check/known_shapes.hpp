// What measuring remembers of shapes that come again, and how two letters lie to each other. For the sources
// of this folder only.
#pragma once
#include "check/measures.hpp"
#include "plane/neck.hpp"
#include "plane/point_hash.hpp"
#include "quantity/mixed.hpp"
#include <unordered_map>

namespace bollard::check {

/// A shape of its own by what it shares with equal ones, and its place; null for letters that are glyphs.
struct KnownShape {
    std::shared_ptr<const plane::Region> shape{};
    std::shared_ptr<const std::vector<plane::WidthSample>> widths{};
    plane::Point at{};
};

struct ShapeHash {
    size_t operator()(const std::shared_ptr<const plane::Region>& shape) const {
        return plane::hashOf(*shape);
    }
};
struct SameShape {
    bool operator()(const auto& a, const auto& b) const { return a == b || *a == *b; }
};

struct PairKey {
    std::shared_ptr<const plane::Region> first{}, second{};
    plane::Point offset{};
    double reach = 0;
    bool meetings = false;
    bool operator==(const PairKey&) const = default;
};
struct PairHash {
    size_t operator()(const PairKey& key) const {
        size_t hash = std::hash<const void*>()(key.first.get());
        for (const size_t next :
             {std::hash<const void*>()(key.second.get()), size_t(std::uint32_t(key.offset.x)),
              size_t(std::uint32_t(key.offset.y)), std::hash<double>()(key.reach), size_t(key.meetings)})
            hash = quantity::mixed(hash, next);
        return hash;
    }
};

/// Shapes that meet somewhere: where each lies from the first, and that place.
struct JoinKey {
    std::vector<std::pair<std::shared_ptr<const plane::Region>, plane::Point>> shapes{};
    plane::Box meeting{};
    double across = 0;
    bool operator==(const JoinKey&) const = default;
};
struct JoinHash {
    size_t operator()(const JoinKey& key) const {
        size_t hash = std::hash<double>()(key.across);
        for (const auto& [shape, at] : key.shapes)
            for (const size_t next : {std::hash<const void*>()(shape.get()), size_t(std::uint32_t(at.x)),
                                      size_t(std::uint32_t(at.y))})
                hash = quantity::mixed(hash, next);
        return hash;
    }
};

/// A shape, and how it is cleared.
struct CornerKey {
    std::shared_ptr<const plane::Region> shape{};
    double radius = 0, zoom = 1;
    bool inside = false;
    bool operator==(const CornerKey&) const = default;
};
struct CornerHash {
    size_t operator()(const CornerKey& key) const {
        return quantity::mixed(quantity::mixed(std::hash<const void*>()(key.shape.get()),
                                               std::hash<double>()(key.radius * key.zoom)),
                               size_t(key.inside));
    }
};
/// Everything carries the number of the run that last needed it.
struct MeasureMemory::State {
    template<class Made> struct Remembered {
        std::shared_ptr<const Made> made;
        int run;
    };
    std::unordered_map<std::shared_ptr<const plane::Region>, Remembered<std::vector<plane::WidthSample>>,
                       ShapeHash, SameShape>
        widths;
    std::unordered_map<PairKey, Remembered<plane::Gap>, PairHash> gaps;
    std::unordered_map<JoinKey, Remembered<std::vector<plane::Neck>>, JoinHash> necks;
    std::unordered_map<CornerKey, Remembered<CornersLeft>, CornerHash> corners;
    int run = 0;
    size_t needed = 0;

    size_t size() const { return widths.size() + gaps.size() + necks.size() + corners.size(); }
    void beginRun() {
        ++run;
        needed = 0;
    }
    /// Lets go of what no run needed lately, once it is twice as much as what was needed now.
    void endRun() {
        constexpr size_t worthSweeping = 1000;
        if (size() < 3 * needed + worthSweeping)
            return;
        std::erase_if(gaps, [&](const auto& kept) { return kept.second.run != run; });
        std::erase_if(necks, [&](const auto& kept) { return kept.second.run != run; });
        std::erase_if(corners, [&](const auto& kept) { return kept.second.run != run; });
        std::erase_if(widths, [&](const auto& kept) { return kept.second.run != run; });
    }
    std::shared_ptr<const plane::Gap> gap(const PairKey& key) const {
        const auto found = gaps.find(key);
        return found == gaps.end() ? nullptr : found->second.made;
    }
    void keep(auto& memory, const auto& key, const auto& made) {
        auto& kept = memory[key];
        if (kept.run != run)
            ++needed;
        kept = {made, run};
    }
};

/// Two letters that come near each other.
struct NearPair {
    int slot = 0, otherSlot = 0;
    int letter = 0, other = 0;
    double reach = 0;
    std::int32_t round = 0; ///< the other one lies so far to the right, once round the side
    auto operator<=>(const NearPair&) const = default;
};

/// A letter that is only shifted: by what it is shared with, and where. Null when it is turned.
struct Shifted {
    std::shared_ptr<const plane::Region> shape;
    plane::Point at;
};

inline Shifted shiftedOf(const working::PlacedLetters& letters, const KnownShape& known, size_t i,
                         bool onSide) {
    const setting::Letter& letter = letters.setting->letters[i];
    if (onSide && (letters.place.turn() != 0 || letters.place.mirrors()))
        return {};
    if (letters.isAltered(i)) // lies where it lies
        return onSide ? Shifted{known.shape, known.at} : Shifted{};
    if (!letter.upright())
        return {};
    const plane::Point at =
        onSide ? plane::onGrid(letters.place.toSide(plane::vectorOf(letter.at))) : letter.at;
    return letter.own ? Shifted{known.shape, known.at + at} : Shifted{letter.region, at};
}

/// The gap of a pair, and from where its places count: a setting, or the side.
struct PairGap {
    std::shared_ptr<const plane::Gap> gap;
    bool onSide = false;
    plane::Point shift{};
};

/// Both are of one body where they meet, and nothing else holds them.
inline bool mayJoin(std::span<const working::PlacedLetters> inscriptions, const NearPair& pair) {
    const auto free = [&](int slot) {
        return inscriptions[size_t(slot)].working.kind == working::Kind::freeStanding;
    };
    return free(pair.slot) && free(pair.otherSlot) && pair.round == 0;
}

} // namespace bollard::check
