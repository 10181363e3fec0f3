#include "setting/backing.hpp"
#include "plane/gap.hpp"
#include "setting/links.hpp"
#include "setting/shapes.hpp"
#include <algorithm>
#include <cmath>
#include <limits>
#include <optional>

namespace bollard::setting {
namespace {

using plane::Region, plane::Ring, plane::unitsPerMillimetre;

Region box(double left, double low, double right, double high) {
    const auto point = [](double x, double y) { return plane::onGrid(plane::Vector{x, y}); };
    return {{{point(left, low), point(right, low), point(right, high), point(left, high)}}};
}

constexpr double leastShare = 0.25; ///< of a joint: posts in the smallest counters

/// Where a round post of that diameter or more can stand at that level within a part.
std::optional<double> postAt(const Region& part, double y, double diameter) {
    for (const auto& [from, to] : chordsAt(part, y)) {
        const double middle = (from + to) / 2;
        bool clear = to - from >= diameter;
        for (const double edge : {y - diameter / 2, y + diameter / 2})
            clear = clear && std::ranges::any_of(chordsAt(part, edge), [&](const auto& chord) {
                        return chord.first < middle && middle < chord.second;
                    });
        if (clear)
            return middle;
    }
    return std::nullopt;
}

/// Level bars behind the separate parts of the words.
class Bars {
  public:
    /// `onPosts`: parts are held by a post on the bar, `joint` across at least.
    Bars(const Region& words, double width, double joint, bool onPosts = false)
        : words_(words), parts_(plane::parts(words)), width_(width), joint_(joint), onPosts_(onPosts) {}

    Region bars(const std::stop_token& stop) {
        if (parts_.size() < 2 || !(width_ > 0))
            return {};
        findLevels(stop);
        std::vector<Region> bars;
        for (const size_t level : fewest())
            bars.push_back(barAt(levels_[level]));
        return joined(std::move(bars));
    }
    /// Where their middles run.
    std::vector<double> levels(const std::stop_token& stop) {
        if (parts_.empty() || !(width_ > 0))
            return {};
        findLevels(stop);
        std::vector<double> levels;
        for (const size_t level : fewest())
            levels.push_back(levels_[level].y);
        return levels;
    }

  private:
    struct Level {
        double y = 0;
        std::vector<bool> holds{}; ///< by part
        size_t count = 0;
    };

    /// The part leaves the bar by a joint that is wide enough, or lies across all of it.
    bool holds(const Region& part, double y, double joint) const {
        const plane::Box own = plane::boxOf(part);
        if (own.high.y <= y - width_ / 2 || own.low.y >= y + width_ / 2)
            return false;
        if (onPosts_)
            return postAt(part, y, joint).has_value();
        for (const double edge : {y - width_ / 2, y + width_ / 2})
            for (const auto& [from, to] : chordsAt(part, edge))
                if (to - from >= joint)
                    return true;
        return own.low.y >= y - width_ / 2 && own.high.y <= y + width_ / 2 && // all of it, a dot
               own.high.x - own.low.x >= joint;
    }

    void findLevels(const std::stop_token& stop) {
        const plane::Box all = plane::boxOf(words_);
        const double height = double(all.high.y) - all.low.y;
        constexpr int most = 160;
        const int count = std::clamp(int(height / (width_ / 4)), 2, most);
        for (int i = 0; i <= count && !stop.stop_requested(); ++i) {
            Level level{all.low.y + width_ / 2 + i * std::max(0.0, height - width_) / count, {}, 0};
            for (const Region& part : parts_) {
                level.holds.push_back(holds(part, level.y, joint_));
                level.count += level.holds.back() ? 1 : 0;
            }
            levels_.push_back(std::move(level));
        }
        for (size_t p = 0; p < parts_.size() && onPosts_; ++p) // what is small is held by less
            for (double joint = joint_ / 2; joint >= joint_ * leastShare; joint /= 2) {
                if (std::ranges::any_of(levels_, [&](const Level& level) { return level.holds[p]; }))
                    break;
                for (Level& level : levels_) {
                    level.holds[p] = holds(parts_[p], level.y, joint);
                    level.count += level.holds[p] ? 1 : 0;
                }
            }
    }

    /// As few as hold all that can be held: one, then any two, then one after the other, each time that which
    /// holds most of what is left. Among equals the one nearest to the middle of the words.
    std::vector<size_t> fewest() const {
        const plane::Box all = plane::boxOf(words_);
        const double middle = (double(all.low.y) + all.high.y) / 2;
        const auto off = [&](size_t i) { return std::fabs(levels_[i].y - middle); };
        std::vector<bool> can(parts_.size());
        for (const Level& level : levels_)
            for (size_t p = 0; p < parts_.size(); ++p)
                can[p] = can[p] || level.holds[p];
        const auto wanted = size_t(std::ranges::count(can, true));
        if (wanted == 0)
            return {};
        std::vector<size_t> best;
        double least = std::numeric_limits<double>::infinity();
        for (size_t i = 0; i < levels_.size(); ++i)
            if (levels_[i].count == wanted && off(i) < least) {
                least = off(i);
                best = {i};
            }
        if (!best.empty())
            return best;
        for (size_t i = 0; i < levels_.size(); ++i)
            for (size_t j = i + 1; j < levels_.size(); ++j) {
                if (levels_[i].count + levels_[j].count < wanted)
                    continue;
                size_t both = 0;
                for (size_t p = 0; p < parts_.size(); ++p)
                    both += levels_[i].holds[p] || levels_[j].holds[p] ? 1 : 0;
                const double cost = off(i) + off(j) + (crowd(i, j) ? height() : 0);
                if (both == wanted && cost < least) {
                    least = cost;
                    best = {i, j};
                }
            }
        return best.empty() ? oneAfterTheOther(can) : best;
    }

    double height() const {
        const plane::Box all = plane::boxOf(words_);
        return double(all.high.y) - all.low.y;
    }
    /// Bars so near each other look like one that is too wide.
    bool crowd(size_t i, size_t j) const {
        constexpr double apart = 1.5;
        return std::fabs(levels_[i].y - levels_[j].y) < apart * width_;
    }

    std::vector<size_t> oneAfterTheOther(std::vector<bool> open) const {
        std::vector<size_t> chosen;
        while (std::ranges::count(open, true) > 0) {
            size_t best = 0, most = 0;
            for (const bool crowded : {false, true})
                for (size_t i = 0; i < levels_.size() && (!crowded || most == 0); ++i) {
                    if (!crowded &&
                        std::ranges::any_of(chosen, [&](size_t other) { return crowd(i, other); }))
                        continue;
                    size_t count = 0;
                    for (size_t p = 0; p < open.size(); ++p)
                        count += open[p] && levels_[i].holds[p] ? 1 : 0;
                    if (count > most) {
                        most = count;
                        best = i;
                    }
                }
            chosen.push_back(best);
            for (size_t p = 0; p < open.size(); ++p)
                open[p] = open[p] && !levels_[best].holds[p];
        }
        return chosen;
    }

    /// From within the first part that it holds to within the last.
    Region barAt(const Level& level) const {
        double left = std::numeric_limits<double>::infinity(), right = -left;
        for (size_t p = 0; p < parts_.size(); ++p) {
            if (!level.holds[p])
                continue;
            // No corner sticks out where the part reaches over the whole width of the bar.
            double from = -std::numeric_limits<double>::infinity(), to = -from;
            double first = -from, last = from;
            for (const double y : {level.y - width_ / 2, level.y, level.y + width_ / 2}) {
                const auto chords = chordsAt(parts_[p], y);
                if (chords.empty())
                    continue;
                from = std::max(from, chords.front().first);
                to = std::min(to, chords.back().second);
                first = std::min(first, chords.front().second);
                last = std::max(last, chords.back().first);
            }
            if (from > to) { // narrow and slanted: its middle
                const auto chords = chordsAt(parts_[p], level.y);
                if (chords.empty())
                    continue;
                from = chords.front().first;
                to = chords.back().second;
            }
            left = std::min(left, std::min(from, first));
            right = std::max(right, std::max(to, last));
        }
        return left < right ? box(left, level.y - width_ / 2, right, level.y + width_ / 2) : Region{};
    }

    /// With an upright one where bars and words are still several pieces that it can join.
    Region joined(std::vector<Region> bars) const {
        const Region all = plane::united(bars);
        const Region whole = plane::united(std::vector{all, words_});
        if (bars.size() < 2 || plane::parts(whole).size() < 2)
            return all;
        double left = -std::numeric_limits<double>::infinity(), right = -left, low = -left, high = left;
        for (const Region& bar : bars) {
            const plane::Box own = plane::boxOf(bar);
            left = std::max(left, double(own.low.x));
            right = std::min(right, double(own.high.x));
            low = std::min(low, double(own.low.y));
            high = std::max(high, double(own.high.y));
        }
        if (left >= right)
            return all;
        const double x = (left + right) / 2;
        bars.push_back(box(x - width_ / 2, low, x + width_ / 2, high));
        return plane::united(bars);
    }

    const Region& words_;
    const std::vector<Region> parts_;
    const double width_, joint_;
    const bool onPosts_;
    std::vector<Level> levels_;
};

/// Holes, and notches, narrower than so much are closed.
Region closed(const Region& region, double width) {
    if (!(width > 0))
        return region;
    return plane::grown(plane::grown(region, width / 2), -width / 2);
}

/// Bars across what pierced words enclose, from the blank on one side of them to that on the other.
Backing acrossCounters(const Ornament& ornament, const Region& words, const std::stop_token& stop) {
    std::vector<Region> outer;
    for (const Ring& ring : words.rings)
        if (plane::areaOf(ring) > 0)
            outer.push_back({{ring}});
    const Region counters = plane::without(plane::united(outer), words);
    const double width = ornament.band * unitsPerMillimetre,
                 distance = ornament.distance * unitsPerMillimetre;
    const plane::Box ink = plane::boxOf(words);
    const plane::BoundaryIndex walls(counters);
    const bool pins = ornament.form == BackingForm::pins;
    const double joint = ornament.reach * unitsPerMillimetre;
    const std::vector<Region> parts = plane::parts(counters);
    Backing backing;
    std::vector<Region> bars;
    for (const double y : Bars(counters, width, std::min(joint, width), pins).levels(stop)) {
        const double beyond = std::max(distance, width);
        const double left = ink.low.x - beyond, right = ink.high.x + beyond;
        const Region bar = box(left, y - width / 2, right, y + width / 2);
        bars.push_back(bar);
        if (!pins)
            continue;
        std::vector<Region> posts;
        const auto post = [&](double x, double radius) {
            constexpr double least = 0.05 * unitsPerMillimetre;
            if (radius > least)
                posts.push_back(filledOf({{plane::circle((1 / unitsPerMillimetre) * plane::Vector{x, y},
                                                         radius / unitsPerMillimetre)}}));
        };
        post(left + width / 2, width / 2);
        post(right - width / 2, width / 2);
        for (const Region& part : parts)
            if (const auto x = postAt(part, y, std::min(joint, width) * leastShare))
                post(*x, walls.distanceTo({*x, y}, width / 2));
        backing.onPosts.push_back({plane::united(posts), bar});
    }
    if (!pins)
        backing.shape = plane::united(bars);
    return backing;
}

} // namespace

Backing backingOf(const Ornament& ornament, const Belonging& belongs, const std::stop_token& stop) {
    std::vector<Region> letters;
    for (const Letter& letter : belongs.words->letters)
        if (!letter.region->empty())
            letters.push_back(shapeOf(letter));
    const Region all = plane::united(letters, stop);
    if (all.empty() || stop.stop_requested())
        return {};
    const double distance = ornament.distance * unitsPerMillimetre;
    const plane::Box ink = plane::boxOf(all);
    const double band = ornament.band * unitsPerMillimetre, reach = ornament.reach * unitsPerMillimetre;
    if (ornament.form == BackingForm::pins ||
        (belongs.pierced && (ornament.form == BackingForm::bars || ornament.form == BackingForm::links)))
        return acrossCounters(ornament, all, stop);
    switch (ornament.form) {
    case BackingForm::bars:
        return {Bars(all, band, reach).bars(stop), {}};
    case BackingForm::links:
        for (const Setting* frame : belongs.frames)
            for (const Letter& part : frame->letters)
                letters.push_back(shapeOf(part));
        return {linksBetween(letters, band, reach, stop), {}};
    case BackingForm::pins:
        break;
    case BackingForm::plate:
    case BackingForm::oval: {
        const auto mm = [](double units) { return units / unitsPerMillimetre; };
        plane::Vector low{mm(ink.low.x - distance), mm(ink.low.y - distance)};
        plane::Vector high{mm(ink.high.x + distance), mm(ink.high.y + distance)};
        if (ornament.form == BackingForm::plate)
            return {filledOf({{plane::roundedRectangle(low, high, ornament.corner)}}), {}};
        // Through the corners of the box
        const plane::Vector middle = 0.5 * (low + high), half = std::sqrt(0.5) * (high - low);
        return {filledOf(ellipse(middle - half, middle + half)), {}};
    }
    case BackingForm::outline:
        return {closed(plane::grown(all, distance), ornament.closes * unitsPerMillimetre), {}};
    }
    return {};
}

} // namespace bollard::setting
