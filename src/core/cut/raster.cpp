// A ball over all of a bar, so that raised letters stay and everything else goes.
#include "cut/chains.hpp"

namespace bollard::cut {

namespace {

/// The bar with its letters, as the middle of a ball finds it that stands over the axis: how far the tip is
/// off the bar's surface. A point of the surface at an angle d and so far along, v, on a radius p keeps the
/// middle of a ball of radius b at p cos d + sqrt(b² - v² - p² sin² d) or farther from the axis.
class BallOver {
  public:
    BallOver(const Job& job)
        : ball_(job.operation.tool.radius()), radius_(-job.blank.low.z), width_(job.blank.high.x) {
        for (const Shape& shape : job.shapes)
            addLetter(shape.region, shape.surface);
        std::ranges::sort(walls_, {}, [](const Wall& wall) { return wall.at.x; });
    }

    /// Heights of the tip at places side by side along the bar, at one x.
    std::vector<double> along(double x, double from, double to, size_t steps) const {
        Line line{std::vector<double>(steps + 1, 0), from, (to - from) / double(steps)};
        nearWalls(x, [&](const Wall& wall, double off) {
            const double top = radius_ + wall.height, side = top * std::sin(off / radius_);
            const double room = reach() * reach() - side * side;
            if (room > 0)
                line.add(wall.at.y, room, top * std::cos(off / radius_) - radius_ - reach());
        });
        for (const Edge& edge : edges_)
            eachTurn(x, [&](double there) { edge.cross(there, false, line.crossings); });
        line.fill(tops_);
        return std::move(line.heights);
    }
    /// The same round it, at one y; x counts from `from` to `to`.
    std::vector<double> round(double y, double from, double to, size_t steps) const {
        Line line{std::vector<double>(steps + 1, 0), from, (to - from) / double(steps)};
        for (const Wall& wall : walls_) {
            const double v = wall.at.y - y;
            const double room = reach() * reach() - v * v;
            if (!(room > 0))
                continue;
            const double top = radius_ + wall.height;
            const double widest = radius_ * std::asin(std::min(1.0, std::sqrt(room) / top));
            for (double at = wall.at.x + width_ * std::ceil((from - widest - wall.at.x) / width_);
                 at - widest <= to; at += width_)
                line.eachWithin(at, widest, [&](double& height, double place) {
                    const double angle = (place - at) / radius_, side = top * std::sin(angle);
                    if (room > side * side)
                        height = std::max(height, top * std::cos(angle) + std::sqrt(room - side * side) -
                                                      radius_ - reach());
                });
        }
        for (const Edge& edge : edges_)
            edge.cross(y, true, line.crossings);
        // Once round, then as often as it is gone round.
        std::vector<Crossing> once = std::move(line.crossings);
        line.crossings.clear();
        for (double turn = width_ * std::floor(from / width_ - 1); turn <= to + width_; turn += width_)
            for (Crossing crossing : once) {
                crossing.at += turn;
                line.crossings.push_back(crossing);
            }
        line.fill(tops_);
        return std::move(line.heights);
    }

  private:
    /// A place of a letter's wall, and how high it stands.
    struct Wall {
        plane::Vector at{};
        double height = 0;
    };
    struct Crossing {
        double at = 0;
        int letter = 0;
    };
    struct Edge {
        plane::Vector from{}, to{};
        int letter = 0;
        /// Where it crosses the line at x (or at y).
        void cross(double where, bool level, std::vector<Crossing>& all) const {
            const double a = level ? from.y : from.x, b = level ? to.y : to.x;
            if ((a > where) == (b > where))
                return;
            const double share = (where - a) / (b - a);
            all.push_back(
                {level ? from.x + share * (to.x - from.x) : from.y + share * (to.y - from.y), letter});
        }
    };
    struct Line {
        std::vector<double> heights;
        double from, step;
        std::vector<Crossing> crossings{};

        template<class Each> void eachWithin(double middle, double half, Each each) {
            const double last = double(heights.size()) - 1;
            const double low = std::max(0.0, std::ceil((middle - half - from) / step)),
                         high = std::min(last, std::floor((middle + half - from) / step));
            for (double i = low; i <= high; ++i)
                each(heights[size_t(i)], from + i * step);
        }
        void add(double middle, double room, double base) {
            eachWithin(middle, std::sqrt(room), [&](double& height, double place) {
                const double v = place - middle;
                height = std::max(height, base + std::sqrt(std::max(0.0, room - v * v)));
            });
        }
        /// Over letters it stands on their tops.
        void fill(const std::vector<double>& tops) {
            std::ranges::sort(crossings, [](const Crossing& a, const Crossing& b) {
                return std::pair(a.letter, a.at) < std::pair(b.letter, b.at);
            });
            for (size_t i = 0; i + 1 < crossings.size(); ++i) {
                if (crossings[i].letter != crossings[i + 1].letter)
                    continue;
                const double top = tops[size_t(crossings[i].letter)];
                const double half = (crossings[i + 1].at - crossings[i].at) / 2;
                eachWithin(crossings[i].at + half, half,
                           [&](double& height, double) { height = std::max(height, top); });
                ++i;
            }
        }
    };

    /// A little larger than the ball, so that straight ways between places leave walls alone.
    double reach() const { return ball_ + spared; }

    void addLetter(const plane::Region& region, double height) {
        const int letter = int(tops_.size());
        tops_.push_back(height);
        constexpr double apart = 0.02; // mm
        for (const plane::Ring& ring : region.rings)
            for (size_t i = 0; i < ring.size(); ++i) {
                const plane::Vector a = inMm(ring[i]), b = inMm(ring[(i + 1) % ring.size()]);
                edges_.push_back({a, b, letter});
                const int parts = std::max(1, int(std::ceil(plane::length(b - a) / apart)));
                for (int k = 0; k < parts; ++k)
                    walls_.push_back({a + double(k) / parts * (b - a), height});
            }
    }
    template<class Each> void eachTurn(double x, Each each) const {
        for (const double turn : {-width_, 0.0, width_})
            each(x + turn);
    }
    /// Walls that a ball at that x touches, with how far round they are from it.
    template<class Each> void nearWalls(double x, Each each) const {
        // On the bar itself an arc is longer than its chord.
        const double around = radius_ * std::asin(std::min(1.0, reach() / radius_)) + spared;
        eachTurn(x, [&](double there) {
            auto wall =
                std::ranges::lower_bound(walls_, there - around, {}, [](const Wall& w) { return w.at.x; });
            for (; wall != walls_.end() && wall->at.x <= there + around; ++wall)
                each(*wall, wall->at.x - there);
        });
    }

    static constexpr double spared = 0.004; // mm
    double ball_, radius_, width_;
    std::vector<Wall> walls_{};
    std::vector<Edge> edges_{};
    std::vector<double> tops_{};
};

/// Which places a way needs, so that straight ones between them lie no lower than all by more than `by`.
std::vector<size_t> neededOf(const std::vector<double>& heights, double step, double by) {
    std::vector<bool> needed(heights.size(), false);
    needed.front() = needed.back() = true;
    std::vector<std::pair<size_t, size_t>> open{{0, heights.size() - 1}};
    while (!open.empty()) {
        const auto [a, b] = open.back();
        open.pop_back();
        if (b - a < 2)
            continue;
        const double rise = (heights[b] - heights[a]) / (double(b - a) * step);
        const double lean = std::sqrt(1 + rise * rise);
        double worst = 0;
        size_t at = 0;
        for (size_t i = a + 1; i < b; ++i) {
            const double off = std::fabs(heights[i] - heights[a] - rise * double(i - a) * step) / lean;
            if (off > worst) {
                worst = off;
                at = i;
            }
        }
        if (worst <= by)
            continue;
        needed[at] = true;
        open.emplace_back(a, at);
        open.emplace_back(at, b);
    }
    std::vector<size_t> all;
    for (size_t i = 0; i < needed.size(); ++i)
        if (needed[i])
            all.push_back(i);
    return all;
}

/// How far apart ways side by side along a bar may lie round it so that the cusp between them stays within
/// `scallop`: at half the angle between them the ball's edge is R cos(a/2) - sqrt(b² - R² sin²(a/2)) from the
/// axis, R its middle's distance.
double stepRound(double scallop, double radius, double ball) {
    const double middle = radius + ball;
    double low = 0, high = 2 * std::asin(std::min(1.0, ball / middle));
    constexpr int halvings = 50;
    for (int i = 0; i < halvings; ++i) {
        const double angle = (low + high) / 2, side = middle * std::sin(angle / 2);
        const double inside = ball * ball - side * side;
        const double cusp =
            inside > 0 ? middle * std::cos(angle / 2) - std::sqrt(inside) - radius : scallop + 1;
        (cusp <= scallop ? low : high) = angle;
    }
    return low * radius;
}

} // namespace

double rasterStepOf(const Operation& operation, double radius) {
    const double ball = operation.tool.radius();
    if (operation.stepover > 0)
        return operation.stepover;
    constexpr double usual = 0.01; // mm of scallop
    const double scallop = std::min(operation.scallop > 0 ? operation.scallop : usual, ball);
    return operation.along == RasterAlong::axis ? stepRound(scallop, radius, ball)
                                                : 2 * std::sqrt(2 * ball * scallop - scallop * scallop);
}

std::vector<Chain> rasterRound(const Job& job) {
    const Operation& o = job.operation;
    const double from = std::min(o.from, o.to), to = std::max(o.from, o.to);
    std::vector<Chain> chains;
    const double radius = -job.blank.low.z, width = job.blank.high.x;
    if (!(to > from) || !(width > 0) || !(o.tool.radius() > 0))
        return chains;
    const BallOver over(job);
    const double step = rasterStepOf(o, radius);
    constexpr double between = 0.02, off = 0.001; // mm
    const auto addWay = [&](Chain& chain, const std::vector<double>& heights, double apart, bool backwards,
                            const auto& place) {
        std::vector<size_t> needed = neededOf(heights, apart, off);
        if (backwards)
            std::ranges::reverse(needed);
        for (const size_t i : needed) // lifted by what the way may lie below the places that it leaves out
            chain.points.push_back(place(i, heights[i] > 0 ? heights[i] + off : 0));
    };
    const auto stepsOver = [&](double length) {
        return std::max<size_t>(2, size_t(std::ceil(length / between)));
    };
    if (o.along == RasterAlong::axis) {
        const int ways = std::max(3, int(std::ceil(width / step - 1e-9)));
        const size_t steps = stepsOver(to - from);
        const double apart = (to - from) / double(steps);
        Chain chain;
        for (int i = 0; i < ways && !job.stop.stop_requested(); ++i) {
            const double x = width * i / ways;
            const bool backwards = !o.oneWay && i % 2 == 1;
            if (i > 0 && !o.oneWay) { // across at the end, over what stands there
                const double before = width * (i - 1) / ways, y = chain.points.back().y;
                const size_t few = stepsOver(x - before);
                const std::vector<double> heights = over.round(y, before, x, few);
                addWay(chain, heights, (x - before) / double(few), false, [&](size_t k, double height) {
                    return space::Vertex{before + (x - before) * double(k) / double(few), y, height};
                });
            }
            addWay(chain, over.along(x, from, to, steps), apart, backwards, [&](size_t k, double height) {
                return space::Vertex{x, from + apart * double(k), height};
            });
            if (o.oneWay)
                chains.push_back(std::exchange(chain, {}));
        }
        if (!chain.points.empty())
            chains.push_back(std::move(chain));
        return chains;
    }
    const int ways = std::max(1, int(std::ceil((to - from) / step - 1e-9)));
    const size_t steps = stepsOver(width);
    const double apart = width / double(steps);
    Chain chain;
    for (int i = 0; i <= ways && !job.stop.stop_requested(); ++i) {
        const double y = from + (to - from) * i / ways;
        const bool backwards = !o.oneWay && i % 2 == 1;
        // One way round it goes on turning.
        const double begins = o.oneWay ? width * i : 0;
        if (i > 0) {
            const space::Vertex last = chain.points.back();
            const size_t few = stepsOver(y - last.y);
            const std::vector<double> heights = over.along(std::fmod(last.x, width), last.y, y, few);
            addWay(chain, heights, (y - last.y) / double(few), false, [&](size_t k, double height) {
                return space::Vertex{last.x, last.y + (y - last.y) * double(k) / double(few), height};
            });
        }
        addWay(chain, over.round(y, 0, width, steps), apart, backwards, [&](size_t k, double height) {
            return space::Vertex{begins + apart * double(k), y, height};
        });
    }
    chains.push_back(std::move(chain));
    return chains;
}

} // namespace bollard::cut
