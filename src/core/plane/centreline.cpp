#include "plane/centreline.hpp"
#include "plane/skeleton.hpp"
#include <algorithm>
#include <limits>
#include <optional>

namespace bollard::plane {
namespace {

std::optional<Vector> crossing(Vector p, Vector u, Vector q, Vector v) {
    constexpr double nearlyParallel = 0.05;
    const double below = cross(u, v);
    if (std::fabs(below) < nearlyParallel)
        return std::nullopt;
    return p + (cross(q - p, v) / below) * u;
}

/// A stroke on its way from a corner or junction, where the axis swerves, to where it runs true.
struct Leg {
    size_t cut = 0;    ///< the first place that lies on the stroke's middle
    size_t far = 0;    ///< the last one to which it runs straight from there
    Vector at{};       ///< the cut
    Vector away{};     ///< its direction there, from the corner outwards
    double radius = 0; ///< half the stroke's width
};

/// The leg of a chain that begins at the corner. It is true where the radius has fallen to that of the
/// stroke, but no farther than `reach` away: strokes may taper. Nothing when the chain is too short to tell.
std::optional<Leg> legOf(const std::vector<Place>& places, double reach, double feel) {
    if (places.size() < 4)
        return std::nullopt;
    std::vector<double> way{0};
    for (size_t i = 1; i < places.size(); ++i)
        way.push_back(way.back() + length(places[i].at - places[i - 1].at));
    double least = std::numeric_limits<double>::max();
    const double ahead = 8 * places.front().radius;
    for (size_t i = 0; i < places.size() && way[i] <= ahead; ++i)
        least = std::min(least, places[i].radius);
    const double same = 1.01 * least;
    Leg leg;
    while (leg.cut + 2 < places.size() && way[leg.cut] < reach && places[leg.cut].radius > same)
        ++leg.cut;
    const bool level = places[leg.cut].radius <= same;
    size_t beyond = leg.cut + 1;
    while (beyond + 1 < places.size() && way[beyond] - way[leg.cut] < feel &&
           (!level || places[beyond + 1].radius <= same))
        ++beyond;
    leg.at = places[leg.cut].at;
    leg.radius = places[leg.cut].radius;
    leg.away = unit(places[beyond].at - leg.at);
    const double straight = 0.1 * leg.radius;
    leg.far = leg.cut;
    while (leg.far + 1 < places.size() &&
           std::fabs(cross(leg.away, places[leg.far + 1].at - leg.at)) <= straight)
        ++leg.far;
    if (leg.away == Vector{})
        return std::nullopt;
    return leg;
}

std::vector<Place> fromEnd(const std::vector<Place>& places, bool atEnd) {
    return atEnd ? std::vector<Place>(places.rbegin(), places.rend()) : places;
}

/// How far a point lies within the region; below 0 outside.
double clearance(const Region& region, Vector p) {
    double least = std::numeric_limits<double>::max();
    for (const Ring& ring : region.rings)
        for (size_t i = 0; i < ring.size(); ++i)
            least = std::min(least,
                             distanceToSegment(p, vectorOf(ring[i]), vectorOf(ring[(i + 1) % ring.size()])));
    return contains(region, {std::int32_t(std::lround(p.x)), std::int32_t(std::lround(p.y))}) ? least
                                                                                              : -least;
}

/// A branch as it leaves a junction.
struct Arm {
    Branch* branch;
    bool atEnd; ///< of the branch; else at its front
    Vector cut; ///< where it still runs true
    Vector away;
};

std::vector<Arm> armsAt(Skeleton& skeleton, int node) {
    std::vector<Arm> arms;
    for (Branch& branch : skeleton.branches()) {
        if (branch.gone)
            continue;
        if (branch.from == node)
            arms.push_back({&branch, false, {}, {}});
        if (branch.to == node)
            arms.push_back({&branch, true, {}, {}});
    }
    return arms;
}

/// Takes off what lies within the junction, but never all.
void cutBack(Arm& arm) {
    std::vector<Place> places = fromEnd(arm.branch->places, arm.atEnd);
    const Vector from = places.front().at;
    const double radius = places.front().radius;
    const double reach = std::min(1.25 * radius, 0.45 * arm.branch->length());
    if (const auto leg = legOf(places, reach, std::max(0.6 * radius, 1.0))) {
        places.erase(places.begin(), places.begin() + std::ptrdiff_t(leg->cut));
        arm.away = leg->away;
    }
    arm.cut = places.front().at;
    if (arm.away == Vector{})
        arm.away = unit(places.back().at - from);
    arm.branch->places = fromEnd(places, arm.atEnd);
}

void leadTo(const Arm& arm, Vector at) {
    std::vector<Place>& places = arm.branch->places;
    const Place place{at, (arm.atEnd ? places.back() : places.front()).radius};
    places.insert(arm.atEnd ? places.end() : places.begin(), place);
}

/// The place where the arms of a junction meet: on the straight line of the two that go on into each other,
/// or amid the crossings of all.
Vector meetingOf(const std::vector<Arm>& arms, std::optional<std::pair<size_t, size_t>> through) {
    if (through) {
        const Vector a = arms[through->first].cut, b = arms[through->second].cut;
        const Vector along = unit(b - a);
        double sum = 0;
        int count = 0;
        for (size_t i = 0; i < arms.size(); ++i)
            if (i != through->first && i != through->second)
                if (const auto met = crossing(a, along, arms[i].cut, arms[i].away)) {
                    sum += std::clamp(dot(*met - a, along), 0.0, length(b - a));
                    ++count;
                }
        return a + (count > 0 ? sum / count : length(b - a) / 2) * along;
    }
    Vector sum{}, mean{};
    int count = 0;
    for (size_t i = 0; i < arms.size(); ++i)
        for (size_t j = i + 1; j < arms.size(); ++j)
            if (const auto met = crossing(arms[i].cut, arms[i].away, arms[j].cut, arms[j].away)) {
                sum = sum + *met;
                ++count;
            }
    for (const Arm& arm : arms)
        mean = mean + (1.0 / double(arms.size())) * arm.cut;
    double reach = 0;
    for (const Arm& arm : arms)
        reach = std::max(reach, length(arm.cut - mean));
    const Vector at = count > 0 ? (1.0 / count) * sum : mean;
    return length(at - mean) > reach ? mean : at;
}

/// The two arms that go on into each other best, when they do so at all.
std::optional<std::pair<size_t, size_t>> straightest(const std::vector<Arm>& arms) {
    const double through = -std::cos(35 * M_PI / 180);
    std::optional<std::pair<size_t, size_t>> best;
    double least = through;
    for (size_t i = 0; i < arms.size(); ++i)
        for (size_t j = i + 1; j < arms.size(); ++j)
            if (const double c = dot(arms[i].away, arms[j].away); c < least) {
                least = c;
                best = {i, j};
            }
    return best;
}

/// One stroke out of two arms. What else ends at the junction is told where it is now.
void joinThrough(Skeleton& skeleton, std::vector<Arm>& arms, std::pair<size_t, size_t> pair) {
    const Arm first = arms[pair.first], second = arms[pair.second];
    arms.erase(arms.begin() + std::ptrdiff_t(pair.second));
    arms.erase(arms.begin() + std::ptrdiff_t(pair.first));
    Branch &a = *first.branch, &b = *second.branch;
    if (&a == &b) { // a ring of its own
        a.from = a.to = skeleton.anotherNode(a.from);
        return;
    }
    if (!first.atEnd)
        a.turn();
    if (second.atEnd)
        b.turn();
    a.append(b);
    for (Arm& arm : arms) {
        if (arm.branch == &a)
            arm.atEnd = false;
        if (arm.branch == &b) {
            arm.branch = &a;
            arm.atEnd = true;
        }
    }
}

/// Near a junction the axis swerves towards the open side. Branches are cut back to where they run true and
/// led to one point; two that go on into each other become one stroke.
void straightenJunctions(Skeleton& skeleton, const Region& region) {
    for (const int node : skeleton.junctions()) {
        std::vector<Arm> arms = armsAt(skeleton, node);
        if (arms.size() < 3)
            continue;
        const Vector junction = fromEnd(arms.front().branch->places, arms.front().atEnd).front().at;
        for (Arm& arm : arms)
            cutBack(arm);
        Vector at = meetingOf(arms, straightest(arms));
        if (clearance(region, at) <= 0)
            at = junction;
        for (const Arm& arm : arms)
            leadTo(arm, at);
        while (const auto pair = straightest(arms))
            joinThrough(skeleton, arms, *pair);
    }
    skeleton.eraseGone();
    skeleton.mergePassages();
}

/// Two strokes that meet at an acute angle share their axis from the crotch on to the tip. Such a stub goes
/// when their middle lines cross near its end; the crotch then is a bend of one stroke.
void dropStubs(Skeleton& skeleton) {
    for (const int node : skeleton.junctions()) {
        const std::vector<Arm> arms = armsAt(skeleton, node);
        if (arms.size() != 3)
            continue;
        for (size_t k = 0; k < 3; ++k) {
            Branch& stub = *arms[k].branch;
            if (stub.from == stub.to || skeleton.degree(arms[k].atEnd ? stub.from : stub.to) != 1)
                continue;
            const std::vector<Place> places = fromEnd(stub.places, arms[k].atEnd);
            const Place crotch = places.front();
            const auto legAt = [&](size_t i) {
                return legOf(fromEnd(arms[i].branch->places, arms[i].atEnd), 1.3 * crotch.radius,
                             0.5 * crotch.radius);
            };
            const auto one = legAt((k + 1) % 3), other = legAt((k + 2) % 3);
            if (!one || !other)
                continue;
            constexpr double opposite = -0.7;
            const Vector out = unit(places.back().at - crotch.at);
            const auto met = crossing(one->at, one->away, other->at, other->away);
            if (!met || dot(out, one->away) > opposite || dot(out, other->away) > opposite)
                continue;
            const auto nearest = std::ranges::min_element(
                places, {}, [&](const Place& place) { return length(place.at - *met); });
            const double radius = (one->radius + other->radius) / 2;
            double rest = 0;
            for (auto place = nearest; place + 1 != places.end(); ++place)
                rest += length((place + 1)->at - place->at);
            constexpr double end = 1.2, point = 0.3;
            const bool past = rest == 0; // cut off flat before they meet
            if ((!past && length(nearest->at - *met) > nearest->radius) ||
                (rest > end * radius && places.back().radius > point * radius))
                continue;
            stub.gone = true;
            skeleton.bends.push_back(crotch);
            break;
        }
    }
    skeleton.eraseGone();
    skeleton.mergePassages();
}

bool isUpright(Vector direction) {
    const double little = std::sin(1.5 * M_PI / 180);
    return std::fabs(direction.x) < little || std::fabs(direction.y) < little;
}

/// Where a stroke turns a corner the axis cuts it short: its two legs are led on until they meet, or as near
/// to that as other strokes end to the edge of the letter. Upright legs stay upright then.
Vector cornerOf(const Region& region, const Place& bend, const Leg& before, const Leg& after, Vector met) {
    const double enough = 0.98 * std::min(before.radius, after.radius);
    const auto isClear = [&](Vector at) { return clearance(region, at) >= enough; };
    const double turn = M_PI - std::acos(std::clamp(dot(before.away, after.away), -1.0, 1.0));
    constexpr double acute = 130 * M_PI / 180; // where they meet is told badly by their directions
    if (turn < acute && isClear(met))
        return met;
    Vector from = bend.at;
    for (const Leg* leg : {&before, &after})
        if (isUpright(leg->away)) {
            const Vector on = leg->at + dot(bend.at - leg->at, leg->away) * leg->away;
            from = isClear(on) ? on : from;
            break;
        }
    const Vector ahead = met - from;
    double low = 0, high = 1 + (turn < acute ? 0 : enough / std::max(length(ahead), 1.0));
    constexpr int halvings = 12;
    for (int i = 0; i < halvings; ++i) {
        const double middle = (low + high) / 2;
        (isClear(from + middle * ahead) ? low : high) = middle;
    }
    return from + low * ahead;
}

size_t nearestTo(const std::vector<Place>& places, Vector to) {
    return size_t(
        std::ranges::min_element(places, {}, [&](const Place& place) { return length(place.at - to); }) -
        places.begin());
}

/// The bends that lie on a chain, each once, in their order along it.
std::vector<Place> bendsOn(const std::vector<Place>& places, const std::vector<Place>& bends) {
    std::vector<std::pair<size_t, Place>> found;
    for (const Place& bend : bends) {
        const size_t here = nearestTo(places, bend.at);
        const auto nearBend = [&](const Place& other, double share) {
            return length(other.at - bend.at) <= share * bend.radius;
        };
        if (nearBend(places[here], 0.3) &&
            std::ranges::none_of(found, [&](const auto& other) { return nearBend(other.second, 0.5); }))
            found.push_back({here, bend});
    }
    std::ranges::sort(found, {}, [](const auto& one) { return one.first; });
    // Two corners nearer to each other than the stroke is wide are those of one that was cut off flat.
    constexpr double flat = 1.3;
    std::vector<Place> inOrder;
    for (const auto& [here, bend] : found) {
        const double apart = inOrder.empty() ? 0 : length(bend.at - inOrder.back().at);
        if (!inOrder.empty() && apart <= flat * std::max(bend.radius, inOrder.back().radius))
            inOrder.back() = {0.5 * (inOrder.back().at + bend.at),
                              std::max(inOrder.back().radius, bend.radius) + apart / 2};
        else
            inOrder.push_back(bend);
    }
    return inOrder;
}

/// A bend as a corner: where it is, and the places of the chain between which it stands in their stead.
struct Corner {
    size_t before = 0, after = 0;
    std::optional<Vector> at{};
    double radius = 0;
};

/// The corner of a bend whose legs end at the places `first` and `last`.
Corner cornerAt(const std::vector<Place>& places, const Region& region, const Place& bend, size_t first,
                size_t last) {
    const size_t here = nearestTo(places, bend.at);
    const Corner none{here, here, {}, bend.radius};
    if (first >= here || last <= here)
        return none;
    const auto from = places.begin() + std::ptrdiff_t(first);
    const auto middle = places.begin() + std::ptrdiff_t(here);
    const std::vector<Place> back(std::reverse_iterator(middle + 1), std::reverse_iterator(from));
    const std::vector<Place> forth(middle, places.begin() + std::ptrdiff_t(last) + 1);
    const double reach = 1.3 * bend.radius, feel = 0.5 * bend.radius;
    const auto before = legOf(back, reach, feel), after = legOf(forth, reach, feel);
    if (!before || !after)
        return none;
    const Vector in = -1.0 * before->away, out = after->away;
    constexpr double least = 35 * M_PI / 180;
    if (std::fabs(std::atan2(cross(in, out), dot(in, out))) < least)
        return none;
    const auto met = crossing(before->at, in, after->at, out);
    if (!met || dot(*met - before->at, in) <= 0 || dot(*met - after->at, out) >= 0)
        return none;
    const Vector corner = cornerOf(region, bend, *before, *after, *met);
    const auto kept = [&](const Leg& leg) { // a leg that has to turn a little does so in its whole length
        constexpr double little = 0.02;
        return std::fabs(cross(leg.away, corner - leg.at)) < little * leg.radius ? leg.cut : leg.far;
    };
    return {here - kept(*before), here + kept(*after), corner, std::min(before->radius, after->radius)};
}

/// The chain with all its bends as corners.
std::vector<Place> sharpened(const std::vector<Place>& places, const Region& region,
                             const std::vector<Place>& bends) {
    std::vector<Place> made;
    size_t next = 0; // of the places that are still to be taken
    for (size_t i = 0; i < bends.size(); ++i) {
        const size_t first = i > 0 ? nearestTo(places, bends[i - 1].at) : 0;
        const size_t last = i + 1 < bends.size() ? nearestTo(places, bends[i + 1].at) : places.size() - 1;
        const Corner corner = cornerAt(places, region, bends[i], first, last);
        for (; next <= corner.before; ++next)
            made.push_back(places[next]);
        if (corner.at)
            made.push_back({*corner.at, corner.radius});
        next = std::max(next, corner.after);
    }
    made.insert(made.end(), places.begin() + std::ptrdiff_t(std::min(next, places.size() - 1)), places.end());
    return made;
}

/// At a stroke's end the axis turns towards its farther corner. It is led on from where it still runs true,
/// as straight or as round as it comes.
void straightenEnd(std::vector<Place>& places, bool atEnd) {
    std::vector<Place> inwards = fromEnd(places, atEnd);
    const Place tip = inwards.front();
    const auto after = [&](size_t from, double way) {
        while (from + 1 < inwards.size() && way > 0) {
            way -= length(inwards[from + 1].at - inwards[from].at);
            ++from;
        }
        return from;
    };
    const size_t cut = after(0, tip.radius), middle = after(cut, 0.75 * tip.radius),
                 far = after(middle, 0.75 * tip.radius);
    if (middle == cut || far == middle)
        return;
    const Vector at = inwards[cut].at;
    const Vector first = at - inwards[middle].at, second = inwards[middle].at - inwards[far].at;
    const double turn = std::atan2(cross(second, first), dot(second, first)); // in one step
    constexpr double mostTurn = 35 * M_PI / 180;
    const double step = length(first);
    if (std::fabs(turn) > mostTurn || step == 0)
        return;
    const Vector out = (1 / step) * first;
    const double way = std::max(0.0, dot(tip.at - at, out));
    const auto turned = [&](double by) {
        return Vector{std::cos(by) * out.x - std::sin(by) * out.y,
                      std::sin(by) * out.x + std::cos(by) * out.y};
    };
    std::vector<Place> made;
    constexpr int pieces = 8;
    Vector on = at;
    for (int i = 0; i < pieces; ++i) { // chords of the circle through the three places
        on = on + way / pieces * turned(turn * (0.5 + way / step * (i + 0.5) / pieces));
        made.push_back({on, tip.radius});
    }
    std::ranges::reverse(made);
    made.insert(made.end(), inwards.begin() + std::ptrdiff_t(cut), inwards.end());
    places = fromEnd(made, atEnd);
}

} // namespace

Outline centrelineOf(const Region& region, double tolerance) {
    Outline outline;
    if (region.empty())
        return outline;
    const double step = 2 * tolerance;
    Skeleton skeleton(medialAxis(region));
    skeleton.dropCorners();
    skeleton.trimEnds();
    skeleton.dropSpurs();
    const auto spread = [&] {
        for (Branch& branch : skeleton.branches())
            branch.places = evenly(branch.places, step);
    };
    spread();
    dropStubs(skeleton);
    skeleton.mergeJunctions();
    skeleton.mergePassages();
    spread();
    straightenJunctions(skeleton, region);
    spread();
    for (Branch& branch : skeleton.branches()) {
        const std::vector<Place> bends = bendsOn(branch.places, skeleton.bends);
        if (!bends.empty())
            branch.places = evenly(sharpened(branch.places, region, bends), step);
        if (skeleton.degree(branch.from) == 1)
            straightenEnd(branch.places, false);
        if (skeleton.degree(branch.to) == 1)
            straightenEnd(branch.places, true);
    }
    constexpr double corner = 40;
    for (const Branch& branch : skeleton.branches()) {
        const bool ring = branch.from == branch.to && skeleton.degree(branch.from) == 2;
        std::vector<Vector> points;
        for (const Place& place : evenly(branch.places, step))
            points.push_back(place.at);
        if (ring && points.size() > 1)
            points.pop_back();
        outline.contours.push_back(curveThrough(points, ring, tolerance, corner));
    }
    for (const Vector dot : skeleton.dots())
        outline.contours.push_back({dot, {{Segment::Kind::line, {}, {}, dot}}, true});
    return outline;
}

} // namespace bollard::plane
