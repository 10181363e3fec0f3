// What a part is made of, change by change.
#pragma once
#include "plane/region.hpp"
#include "plane/stretch.hpp"
#include "working/profile.hpp"
#include <algorithm>

namespace bollard::working {

enum class Substance : std::uint8_t { blank, letters };

/// As high or as low as there is anything; grid units.
constexpr std::int32_t farUp = 1 << 29, farDown = -farUp;

/// Within the region material is put between floor and roof, or taken from between them; heights are above
/// the front side. Changes follow one another: later ones meet what earlier ones left.
struct Change {
    enum class Does { add, take };
    plane::Region region{};
    Does does = Does::add;
    Profile floor{};
    Profile roof{};
    Substance substance = Substance::blank; ///< of what is put; of a take, whose cut it is
    /// Where what is added would stand clear of material below it (or, put on from behind, above it), it
    /// reaches to it: no hollow is shut in.
    enum class Reaches { no, down, up };
    Reaches reaches = Reaches::no;
    /// Not within the region but around it, as far as the profiles reach: they start at its outline and count
    /// outwards.
    bool outside = false;
    plane::Stretch stretch{}; ///< of the region on the plan; profiles count from it as it is

    /// From here on, inwards or outwards, both profiles are level; grid units.
    std::int32_t reach() const { return std::max(floor.reach(), roof.reach()); }
};

} // namespace bollard::working
