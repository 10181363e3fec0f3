#include "check/necks.hpp"
#include "plane/near_boxes.hpp"
#include "quantity/groups.hpp"
#include <map>
#include <tbb/parallel_for.h>

namespace bollard::check {
namespace {

using plane::toMillimetres, plane::Vector;
using working::PlacedLetters;

/// What letters that stand free make together, where they meet.
class Joined {
  public:
    Joined(std::span<const PlacedLetters> inscriptions, const std::vector<std::vector<KnownShape>>& shapes,
           const std::vector<NearPair>& near, const std::vector<PairGap>& gaps)
        : inscriptions_(inscriptions), shapes_(shapes) {
        for (size_t k = 0; k < near.size(); ++k) {
            if (!mayJoin(inscriptions, near[k]) || !gaps[k].gap)
                continue;
            const plane::Gap& gap = *gaps[k].gap;
            for (const plane::Meeting& meeting : gap.meetings)
                places_.push_back({near[k], onSide(meeting.box, gaps[k], near[k].slot), meeting.across, {}});
            if (gap.inReach && gap.kind == plane::Gap::Kind::touching && gap.meetings.empty())
                points_.push_back({ReadingKind::neck, onSide(gap.at, gaps[k], near[k].slot), 0, 0,
                                   near[k].slot, near[k].letter});
        }
    }

    /// Of those letters' own necks only those stay that no other letter widens; those of the places where
    /// letters meet are added.
    void measure(MeasureMemory::State& memory, const std::stop_token& stop, Measures& out) {
        out.readings.single.insert(out.readings.single.end(), points_.begin(), points_.end());
        if (places_.empty())
            return;
        findLetters();
        std::erase_if(out.readings.single, [&](const Reading& reading) {
            return reading.kind == ReadingKind::neck && isWidened(reading);
        });
        measureCrowds(stop, out);
        std::vector<std::shared_ptr<const std::vector<plane::Neck>>> necks(places_.size());
        std::vector<JoinKey> keys(places_.size());
        std::vector<size_t> unknown;
        for (size_t k = 0; k < places_.size(); ++k) {
            keys[k] = keyOf(places_[k]);
            const auto known = keys[k].shapes.empty() ? memory.necks.end() : memory.necks.find(keys[k]);
            if (known != memory.necks.end())
                necks[k] = known->second.made;
            else
                unknown.push_back(k);
        }
        tbb::parallel_for(size_t{0}, unknown.size(), [&](size_t u) {
            if (!stop.stop_requested())
                necks[unknown[u]] =
                    std::make_shared<const std::vector<plane::Neck>>(necksAt(places_[unknown[u]]));
        });
        if (stop.stop_requested())
            return;
        for (size_t k = 0; k < places_.size(); ++k) {
            const NearPair& pair = places_[k].pair;
            if (!keys[k].shapes.empty())
                memory.keep(memory.necks, keys[k], necks[k]);
            const Vector from = plane::vectorOf(originOf(places_[k]));
            for (const plane::Neck& neck : *necks[k])
                out.readings.single.push_back({ReadingKind::neck, from + neck.at, toMillimetres(neck.width),
                                               0, pair.slot, pair.letter});
        }
    }

  private:
    struct Place {
        NearPair pair;
        plane::Box meeting{}; ///< on the side
        double across = 0;
        std::vector<size_t> letters{}; ///< that lie there, of letters_
    };
    struct OneLetter {
        int slot = 0, letter = 0;
        Shifted shape{};
    };

    const plane::Region& regionOf(const OneLetter& one) const {
        return inscriptions_[size_t(one.slot)].onSide[size_t(one.letter)];
    }
    plane::Point originOf(const Place& place) const {
        return plane::boxOf(inscriptions_[size_t(place.pair.slot)].onSide[size_t(place.pair.letter)]).low;
    }

    Vector onSide(Vector at, const PairGap& gap, int slot) const {
        at = at + plane::vectorOf(gap.shift);
        return gap.onSide ? at : inscriptions_[size_t(slot)].place.toSide(at);
    }
    plane::Box onSide(const plane::Box& box, const PairGap& gap, int slot) const {
        plane::Box turned;
        for (const plane::Point p : {box.low, {box.high.x, box.low.y}, box.high, {box.low.x, box.high.y}})
            turned.include(plane::onGrid(onSide(plane::vectorOf(p), gap, slot)));
        return turned;
    }

    /// All letters that stand free on a side where some meet, and which of them lie at each place.
    void findLetters() {
        std::vector<plane::Box> boxes;
        for (size_t slot = 0; slot < inscriptions_.size(); ++slot) {
            const PlacedLetters& letters = inscriptions_[slot];
            if (letters.working.kind != working::Kind::freeStanding)
                continue;
            for (size_t i = 0; i < letters.onSide.size(); ++i) {
                if (letters.onSide[i].empty())
                    continue;
                letters_.push_back({int(slot), int(i), shiftedOf(letters, shapes_[slot][i], i, true)});
                boxes.push_back(plane::boxOf(letters.onSide[i]));
            }
        }
        for (const Place& place : places_)
            boxes.push_back(plane::seenWhereShapesMeet(place.meeting, place.across));
        for (const auto& [letter, place] : plane::nearBoxes(boxes))
            if (size_t(letter) < letters_.size() && size_t(place) >= letters_.size()) {
                Place& at = places_[size_t(place) - letters_.size()];
                const OneLetter& one = letters_[size_t(letter)];
                if (inscriptions_[size_t(one.slot)].side == inscriptions_[size_t(at.pair.slot)].side)
                    at.letters.push_back(size_t(letter));
            }
        for (const Place& place : places_) {
            const auto slot = [](int of, int letter) { return std::pair(of, letter); };
            partners_[slot(place.pair.slot, place.pair.letter)].push_back(
                slot(place.pair.otherSlot, place.pair.other));
            partners_[slot(place.pair.otherSlot, place.pair.other)].push_back(
                slot(place.pair.slot, place.pair.letter));
        }
    }

    /// Where many lie over each other at a place, all that hang together so are one shape, measured once;
    /// those places are done.
    void measureCrowds(const std::stop_token& stop, Measures& out) {
        constexpr size_t many = 8;
        quantity::Groups groups(letters_.size());
        std::vector<bool> crowded(letters_.size());
        for (const Place& place : places_)
            for (const size_t letter : place.letters)
                if (place.letters.size() > many) {
                    crowded[letter] = true;
                    groups.join(letter, place.letters.front());
                }
        std::map<size_t, std::vector<size_t>> crowds;
        for (size_t letter = 0; letter < letters_.size(); ++letter)
            if (crowded[letter])
                crowds[groups.of(letter)].push_back(letter);
        for (const auto& [group, letters] : crowds) {
            std::vector<plane::Region> shapes;
            for (const size_t letter : letters)
                shapes.push_back(regionOf(letters_[letter]));
            const plane::Region whole = plane::united(shapes, stop);
            if (stop.stop_requested())
                return;
            for (const plane::Neck& neck : plane::necksOf(plane::medialAxis(whole), finest)) {
                if (!neck.inside)
                    continue;
                const auto owner = std::ranges::find_if(letters, [&](size_t letter) {
                    return plane::contains(regionOf(letters_[letter]), plane::onGrid(neck.at));
                });
                const OneLetter& one = letters_[owner == letters.end() ? letters.front() : *owner];
                out.readings.single.push_back(
                    {ReadingKind::neck, neck.at, toMillimetres(neck.width), 0, one.slot, one.letter});
            }
        }
        std::erase_if(places_, [&](const Place& place) { return place.letters.size() > many; });
    }

    /// Shapes that are only shifted meet in the same way again and again; no shapes when some are not.
    JoinKey keyOf(const Place& place) const {
        JoinKey key;
        const plane::Point origin = originOf(place);
        for (const size_t letter : place.letters) {
            const Shifted& shifted = letters_[letter].shape;
            if (!shifted.shape)
                return {};
            key.shapes.emplace_back(shifted.shape, shifted.at - origin);
        }
        key.meeting = plane::shifted(place.meeting, plane::Point{} - origin);
        key.across = place.across;
        return key;
    }

    /// From the first letter's corner.
    std::vector<plane::Neck> necksAt(const Place& place) const {
        const plane::Point back = plane::Point{} - originOf(place);
        std::vector<plane::Region> there;
        for (const size_t letter : place.letters)
            there.push_back(plane::shifted(regionOf(letters_[letter]), back));
        return plane::necksWhereShapesMeet(there, plane::shifted(place.meeting, back), place.across, finest);
    }

    /// Another letter lies over one of the walls that it is between.
    bool isWidened(const Reading& reading) const {
        const auto partners = partners_.find({reading.inscription, reading.letter});
        if (partners == partners_.end())
            return false;
        const double radius = plane::unitsPerMillimetre * reading.width / 2 + 3 * finest;
        for (const plane::Ring& ring :
             inscriptions_[size_t(reading.inscription)].onSide[size_t(reading.letter)].rings)
            for (size_t i = 0; i < ring.size(); ++i) {
                const Vector foot = plane::nearestOnSegment(reading.at, plane::vectorOf(ring[i]),
                                                            plane::vectorOf(ring[(i + 1) % ring.size()]));
                if (plane::length(foot - reading.at) > radius)
                    continue;
                for (const auto& [slot, letter] : partners->second)
                    if (plane::contains(inscriptions_[size_t(slot)].onSide[size_t(letter)],
                                        plane::onGrid(foot)))
                        return true;
            }
        return false;
    }

    static constexpr double finest = 100; // as far as curves may be off, grid units

    std::span<const PlacedLetters> inscriptions_;
    const std::vector<std::vector<KnownShape>>& shapes_;
    std::vector<Place> places_;
    std::vector<Reading> points_; ///< where letters meet in a point only
    std::vector<OneLetter> letters_;
    std::map<std::pair<int, int>, std::vector<std::pair<int, int>>> partners_;
};

} // namespace

void measureNecks(std::span<const PlacedLetters> inscriptions,
                  const std::vector<std::vector<KnownShape>>& shapes, const std::vector<NearPair>& near,
                  const std::vector<PairGap>& gaps, MeasureMemory::State& memory, const std::stop_token& stop,
                  Measures& out) {
    Joined(inscriptions, shapes, near, gaps).measure(memory, stop, out);
}

} // namespace bollard::check
