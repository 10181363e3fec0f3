#include "nest/strips.hpp"
#include <algorithm>
#include <array>
#include <cmath>

namespace bollard::nest {
namespace {

constexpr double hair = 1e-6; // mm, that neighbours may overlap

/// Adds a span and joins it with those that it meets.
void addTo(std::vector<Span>& spans, Span one) {
    auto first = std::ranges::lower_bound(spans, one.from, {}, &Span::to);
    auto last = first;
    for (; last != spans.end() && last->from <= one.to; ++last) {
        one.from = std::min(one.from, last->from);
        one.to = std::max(one.to, last->to);
    }
    first = spans.erase(first, last);
    spans.insert(first, one);
}

} // namespace

Strips::Strips(const plane::Region& shape, double turn) {
    // Quarter turns are exact.
    const double quarter = std::fmod(turn, 90) == 0 ? turn / 90 : -1;
    const double s = quarter >= 0 ? std::array{0.0, 1.0, 0.0, -1.0}[size_t(quarter) % 4]
                                  : std::sin(turn * M_PI / 180),
                 c = quarter >= 0 ? std::array{1.0, 0.0, -1.0, 0.0}[size_t(quarter) % 4]
                                  : std::cos(turn * M_PI / 180);
    low_ = {1e9, 1e9};
    high_ = {-1e9, -1e9};
    for (const plane::Ring& ring : shape.rings) {
        std::vector<plane::Vector>& turned = rings_.emplace_back();
        for (const plane::Point p : ring) {
            const double x = plane::toMillimetres(p.x), y = plane::toMillimetres(p.y);
            turned.push_back({c * x - s * y, s * x + c * y});
            low_ = {std::min(low_.x, turned.back().x), std::min(low_.y, turned.back().y)};
            high_ = {std::max(high_.x, turned.back().x), std::max(high_.y, turned.back().y)};
        }
    }
}

void Strips::cut(double high) {
    const auto count = size_t(std::max(1.0, std::ceil(size().y / high - hair)));
    spans_.assign(count, {});
    // What a closed piece covers between two levels is what its edges cover there, and what lies within it on
    // the levels themselves.
    std::vector<std::vector<double>> crossings(count + 1);
    for (const std::vector<plane::Vector>& ring : rings_) {
        plane::Vector a = ring.back() - low_;
        for (const plane::Vector& point : ring) {
            const plane::Vector b = point - low_;
            const plane::Vector& below = a.y < b.y ? a : b;
            const plane::Vector& above = a.y < b.y ? b : a;
            const double rise = above.y - below.y;
            const auto xAt = [&](double y) {
                return rise > 0 ? below.x + std::clamp((y - below.y) / rise, 0.0, 1.0) * (above.x - below.x)
                                : below.x;
            };
            // What ends on a level is below it; a level piece may bound what is on either side.
            const double firstLevel = rise > 0 ? std::floor(below.y / high + hair)
                                               : std::ceil(below.y / high - hair) - 1,
                         lastLevel = rise > 0 ? std::ceil(above.y / high - hair) - 1
                                              : std::floor(above.y / high + hair);
            const auto strip = [&](double level) {
                return size_t(std::clamp(level, 0.0, double(count - 1)));
            };
            const size_t first = strip(firstLevel), last = std::max(first, strip(lastLevel));
            for (size_t i = first; i <= last; ++i) {
                double from = xAt(double(i) * high), to = xAt(double(i + 1) * high);
                if (rise <= 0) {
                    from = a.x;
                    to = b.x;
                }
                addTo(spans_[i], {std::min(from, to), std::max(from, to)});
            }
            for (size_t i = size_t(std::max(0.0, std::ceil(below.y / high))); i <= count; ++i) {
                const double y = double(i) * high;
                if (y >= above.y)
                    break;
                if (y >= below.y)
                    crossings[i].push_back(xAt(y));
            }
            a = b;
        }
    }
    for (size_t i = 0; i <= count; ++i) {
        std::ranges::sort(crossings[i]);
        for (size_t k = 0; k + 1 < crossings[i].size(); k += 2)
            for (const size_t strip : {i, i - 1})
                if (strip < count)
                    addTo(spans_[strip], {crossings[i][k], crossings[i][k + 1]});
    }
}

Filling::Filling(double wide, double high, double stripHigh)
    : wide_(wide), stripHigh_(stripHigh),
      count_(size_t(std::max(0.0, std::floor((high + slack) / stripHigh)))), taken_(count_) {}

std::optional<plane::Vector> Filling::placeFor(const Strips& strips, From& from, std::uint64_t& work) const {
    const auto& spans = strips.spans();
    const double most = wide_ - strips.size().x + slack;
    if (from.none || spans.size() > count_ || most < 0) {
        from.none = true;
        return std::nullopt;
    }
    for (size_t strip = from.strip; strip + spans.size() <= count_; ++strip) {
        double x = strip == from.strip ? from.x : 0;
        // Pushed to the right until no strip of it meets anything.
        size_t fine = 0;
        for (size_t i = 0; fine < spans.size() && x <= most; i = (i + 1) % spans.size()) {
            const std::vector<Span>& taken = taken_[strip + i];
            bool pushed = false;
            ++work;
            if (!taken.empty())
                for (const Span& span : spans[i]) {
                    for (auto next = std::ranges::upper_bound(taken, x + span.from + hair, {}, &Span::to);
                         next != taken.end() && next->from < x + span.to - hair; ++next) {
                        x = next->to - span.from;
                        pushed = true;
                    }
                }
            fine = pushed ? 0 : fine + 1;
        }
        if (fine >= spans.size() && x <= most) {
            from = {strip, x, false};
            return plane::Vector{x, double(strip) * stripHigh_};
        }
    }
    from.none = true;
    return std::nullopt;
}

void Filling::put(const Strips& strips, plane::Vector low) {
    const size_t strip = stripAt(low.y);
    for (size_t i = 0; i < strips.spans().size(); ++i)
        for (const Span& span : strips.spans()[i])
            addTo(taken_[strip + i], {low.x + span.from, low.x + span.to});
}

double Filling::lostBy(const Strips& strips, plane::Vector low) const {
    const size_t strip = stripAt(low.y);
    double lost = 0;
    for (size_t i = 0; i < strips.spans().size(); ++i) {
        const std::vector<Span>& spans = strips.spans()[i];
        if (spans.empty())
            continue;
        const double left = low.x + spans.front().from;
        const std::vector<Span>& taken = taken_[strip + i];
        const auto next = std::ranges::lower_bound(taken, left - hair, {}, &Span::from);
        lost += (left - (next == taken.begin() ? 0 : std::prev(next)->to)) * stripHigh_;
    }
    return lost;
}

} // namespace bollard::nest
