#include "body/pieces.hpp"
#include "quantity/groups.hpp"
#include <map>

namespace bollard::body {
namespace {

using working::Columns, working::Interval;

double areaOf(const plane::Subdivision& plan, const plane::Triangle& triangle) {
    const auto corner = [&](size_t k) { return plan.points[size_t(triangle.corners[k])]; };
    return double(plane::turn(corner(0), corner(1), corner(2))) / 2;
}

bool shareAFace(const Interval& a, const Interval& b) {
    return std::min(a.high, b.high) > std::max(a.low, b.low);
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
            if (material[cell][i].low == material[cell][i - 1].high)
                joined.join(first[cell] + i, first[cell] + i - 1);

    std::vector<double> areas(material.size(), 0);
    for (const plane::Triangle& triangle : columns.plan.triangles) {
        const auto here = size_t(triangle.cell);
        areas[here] += areaOf(columns.plan, triangle);
        for (int k = 0; k < 3; ++k) {
            const auto there = size_t(columns.plan.cellAcross(triangle, k));
            if (there <= here)
                continue;
            for (size_t i = 0; i < material[here].size(); ++i)
                for (size_t j = 0; j < material[there].size(); ++j)
                    if (shareAFace(material[here][i], material[there][j]))
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
            const Interval& interval = material[cell][i];
            piece.volume += areas[cell] * (double(interval.high) - interval.low) / cubicUnits;
            piece.blank |= interval.substance == working::Substance::blank;
            pieceOf.push_back(place->second);
        }
    }
    for (size_t p = 0; p < result.pieces.size(); ++p) {
        const auto rank = [&](size_t q) {
            return std::pair(result.pieces[q].blank, result.pieces[q].volume);
        };
        if (result.main < 0 || rank(p) > rank(size_t(result.main)))
            result.main = int(p);
    }
    return result;
}

int pieceAt(const Columns& columns, const Pieces& pieces, plane::Point p, int& hint) {
    const int triangle = plane::triangleAt(columns.plan, p, hint);
    if (triangle < 0)
        return -1;
    hint = triangle;
    const auto& over = pieces.ofInterval[size_t(columns.plan.triangles[size_t(triangle)].cell)];
    return over.empty() ? -1 : over.back();
}

} // namespace bollard::body
