#include "body/pieces.hpp"
#include "quantity/groups.hpp"
#include <array>
#include <map>

namespace bollard::body {
namespace {

using working::Columns, working::Interval;

/// Square grid units.
double areaOf(const plane::Subdivision& plan, const plane::Triangle& triangle) {
    const auto corner = [&](size_t k) { return plan.points[size_t(triangle.corners[k])]; };
    return double(plane::turn(corner(0), corner(1), corner(2))) / 2;
}

/// How high the interval is in the middle of the triangle, grid units.
double heightOf(const Columns& columns, const Interval& interval, const plane::Triangle& triangle) {
    const working::Level &low = columns.levels[size_t(interval.low)],
                         &high = columns.levels[size_t(interval.high)];
    if (!low.slopes() && !high.slopes())
        return double(high.height) - low.height;
    double height = 0;
    for (const int corner : triangle.corners)
        height += (double(high.at(corner)) - low.at(corner)) / 3;
    return height;
}

/// Along the border between two points.
bool shareAFace(const Columns& columns, const Interval& a, const Interval& b, int from, int to) {
    return std::ranges::any_of(std::array{from, to}, [&](int p) {
        return std::min(columns.high(a, p), columns.high(b, p)) >
               std::max(columns.low(a, p), columns.low(b, p));
    });
}

} // namespace

Pieces piecesOf(const Columns& columns) {
    const auto& material = columns.material;
    std::vector<size_t> first{0};
    for (const auto& intervals : material)
        first.push_back(first.back() + intervals.size());
    quantity::Groups joined(first.back());
    for (size_t cell = 0; cell < material.size(); ++cell)
        for (size_t i = 1; i < material[cell].size(); ++i)
            if (columns.levels[size_t(material[cell][i].low)] ==
                columns.levels[size_t(material[cell][i - 1].high)])
                joined.join(first[cell] + i, first[cell] + i - 1);

    std::vector<double> volumes(first.back(), 0); // by interval, cubic grid units
    for (const plane::Triangle& triangle : columns.plan.triangles) {
        const auto here = size_t(triangle.cell);
        if (material[here].empty())
            continue;
        const double area = areaOf(columns.plan, triangle);
        for (size_t i = 0; i < material[here].size(); ++i)
            volumes[first[here] + i] += area * heightOf(columns, material[here][i], triangle);
        for (int k = 0; k < 3; ++k) {
            const auto there = size_t(columns.plan.cellAcross(triangle, k));
            if (there <= here)
                continue;
            const int a = triangle.corners[size_t(k + 1) % 3], b = triangle.corners[size_t(k + 2) % 3];
            for (size_t i = 0; i < material[here].size(); ++i)
                for (size_t j = 0; j < material[there].size(); ++j)
                    if (shareAFace(columns, material[here][i], material[there][j], a, b))
                        joined.join(first[here] + i, first[there] + j);
        }
    }

    Pieces result;
    std::map<size_t, int> numbers;
    constexpr double cubicUnits =
        plane::unitsPerMillimetre * plane::unitsPerMillimetre * plane::unitsPerMillimetre;
    for (size_t cell = 0; cell < material.size(); ++cell) {
        auto& pieceOf = result.ofInterval.emplace_back();
        for (size_t i = 0; i < material[cell].size(); ++i) {
            const auto [place, isNew] = numbers.emplace(joined.of(first[cell] + i), int(numbers.size()));
            if (isNew)
                result.pieces.emplace_back();
            Piece& piece = result.pieces[size_t(place->second)];
            piece.volume += volumes[first[cell] + i] / cubicUnits;
            piece.blank |= material[cell][i].substance == working::Substance::blank;
            pieceOf.push_back(place->second);
        }
    }
    return result;
}

int mainOf(const std::vector<Piece>& pieces) {
    const auto rank = [](const Piece& piece) { return std::pair(piece.blank, piece.volume); };
    const auto main = std::ranges::max_element(pieces, {}, rank);
    return main == pieces.end() ? -1 : int(main - pieces.begin());
}

int pieceAt(const Columns& columns, const Pieces& pieces, plane::Point p, int& hint, bool behind) {
    const int triangle = plane::triangleAt(columns.plan, p, hint);
    if (triangle < 0)
        return -1;
    hint = triangle;
    const auto& over = pieces.ofInterval[size_t(columns.plan.triangles[size_t(triangle)].cell)];
    return over.empty() ? -1 : behind ? over.front() : over.back();
}

} // namespace bollard::body
