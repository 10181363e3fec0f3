#include "working/placed_letters.hpp"
#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>

namespace bollard::working {

PlacedLetters::PlacedLetters(int number, std::shared_ptr<const setting::Setting> letters,
                             const setting::Placing& placing, const Working& how)
    : inscription(number), setting(std::move(letters)), place(*setting, placing), working(how),
      onSide(setting->letters.size()) {
    constexpr size_t worthATask = 64;
    tbb::parallel_for(tbb::blocked_range<size_t>(0, onSide.size(), worthATask), [this](const auto& range) {
        for (size_t i = range.begin(); i < range.end(); ++i)
            onSide[i] = place.onSide(setting->letters[i]);
    });
    beyond.resize(onSide.size());
    for (size_t i = 0; i < onSide.size(); ++i) {
        beyond[i] = setting->letters[i].beyond || plane::boxOf(onSide[i]).beyondGrid();
        if (beyond[i])
            onSide[i] = {};
    }
}

void standClear(PlacedLetters& letters, double above_mm) {
    const double height = letters.working.height;
    for (size_t i = 0; i < letters.onSide.size(); ++i) {
        setting::Letter bar = letters.setting->letters[i];
        if (!bar.clear)
            continue;
        bar.region = bar.clear;
        letters.strips.resize(letters.onSide.size());
        letters.strips[i] = letters.place.onSide(bar);
        letters.slab = {height, Slab::Does::standsClear, above_mm};
        letters.working.height = above_mm; // of the posts
    }
}

namespace {

/// One edge, with points between its ends where its straight course would be off by more than is seen.
void addWarped(plane::Ring& ring, plane::Vector from, plane::Vector to,
               const std::function<plane::Vector(plane::Vector)>& warped) {
    constexpr double seen = 20; // grid units, 2 micrometres
    const plane::Vector a = warped(from), b = warped(to), between = 0.5 * (from + to);
    constexpr double shortest = 100;
    if (plane::length(to - from) > shortest && plane::length(warped(between) - 0.5 * (a + b)) > seen) {
        addWarped(ring, from, between, warped);
        addWarped(ring, between, to, warped);
        return;
    }
    ring.push_back(plane::onGrid(a));
}

} // namespace

void keepRigid(PlacedLetters& letters, const blank::Radius& radius) {
    if (!(radius.own > 0))
        return;
    const double there = radius.own * letters.narrowing;
    letters.altered.resize(letters.onSide.size());
    for (size_t i = 0; i < letters.onSide.size(); ++i) {
        plane::Region& letter = letters.onSide[i];
        const plane::Box box = plane::boxOf(letter);
        if (box.empty())
            continue;
        const double middle = (double(box.low.x) + box.high.x) / 2;
        const auto warped = [&](plane::Vector p) {
            const double here =
                std::max(radius.at(p.y / plane::unitsPerMillimetre), blank::leastNarrowing * radius.own);
            return plane::Vector{middle + (p.x - middle) * there / here, p.y};
        };
        plane::Region own;
        for (const plane::Ring& ring : letter.rings) {
            plane::Ring& bent = own.rings.emplace_back();
            for (size_t k = 0; k < ring.size(); ++k)
                addWarped(bent, plane::vectorOf(ring[k]), plane::vectorOf(ring[(k + 1) % ring.size()]),
                          warped);
        }
        letter = plane::united(std::vector{own});
        letters.altered[i] = true;
    }
}

void cutOut(const PlacedLetters& cutter, std::span<PlacedLetters> others, const std::stop_token& stop) {
    const plane::Region shape = plane::united(cutter.onSide, stop);
    const plane::Box box = plane::boxOf(shape);
    if (box.empty())
        return;
    for (PlacedLetters& other : others)
        for (size_t i = 0; other.side == cutter.side && i < other.onSide.size(); ++i) {
            const plane::Box own = plane::boxOf(other.onSide[i]);
            if (own.empty() || !own.meets(box) || stop.stop_requested())
                continue;
            plane::Region left = plane::without(other.onSide[i], shape);
            if (left == other.onSide[i])
                continue;
            other.onSide[i] = std::move(left);
            other.altered.resize(other.onSide.size());
            other.altered[i] = true;
        }
}

std::vector<Worked> workedOf(std::span<const WorkedLetters> letters, const std::stop_token& stop) {
    struct Group {
        Working working;
        std::vector<plane::Region> letters;
        std::vector<plane::Box> boxes; // of each inscription
        Slab slab;
        plane::Stretch stretch;
        Lift lift;
    };
    std::vector<Group> groups;
    for (const WorkedLetters& some : letters) {
        plane::Box box;
        for (const plane::Region& letter : some.letters)
            box.include(plane::boxOf(letter));
        if (box.empty())
            continue;
        box = plane::stretched(box, some.stretch);
        const Working working = deciding(some.working);
        // The last group worked alike, unless what comes after it lies under these letters.
        Group* alike = nullptr;
        for (Group& group : groups) {
            if (group.working == working && group.slab == some.slab && group.stretch == some.stretch &&
                group.lift == some.lift)
                alike = &group;
            else if (alike &&
                     std::ranges::any_of(group.boxes, [&](const plane::Box& b) { return b.meets(box); }))
                alike = nullptr;
        }
        if (!alike)
            alike = &groups.emplace_back(Group{working, {}, {}, some.slab, some.stretch, some.lift});
        alike->letters.insert(alike->letters.end(), some.letters.begin(), some.letters.end());
        alike->boxes.push_back(box);
    }
    std::vector<Worked> worked;
    for (const Group& group : groups)
        worked.push_back(
            {group.working, plane::united(group.letters, stop), group.slab, group.stretch, group.lift});
    return worked;
}

std::vector<Worked> workedOf(std::span<const PlacedLetters> inscriptions, const std::stop_token& stop,
                             std::string_view side) {
    std::vector<WorkedLetters> letters;
    for (const PlacedLetters& inscription : inscriptions)
        if (side.empty() || inscription.side == side) {
            letters.push_back({inscription.working, inscription.onSide, {}, {}, {}});
            if (!inscription.strips.empty())
                letters.push_back({inscription.working, inscription.strips, inscription.slab, {}, {}});
        }
    return workedOf(letters, stop);
}

} // namespace bollard::working
