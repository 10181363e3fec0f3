// What is left of a stock after cuts, as a height over every cell of its plan.
#pragma once
#include "cut/stock.hpp"
#include "cut/tool.hpp"
#include "plane/point.hpp"
#include "proof/rs274.hpp"
#include <functional>
#include <span>
#include <stop_token>

namespace bollard::proof {

/// Heights at the middles of square cells, mm; exact there, whatever the cells' size.
class HeightField {
  public:
    /// Cells over a box in the plan; all at that height.
    HeightField(plane::Vector low, plane::Vector high, double cell, double top);

    /// The plan lies round a bar of that radius, mm, heights off its surface; tools stand square to its axis.
    void bendRound(double radius) { round_ = radius; }
    /// Heights that cells begin with, no higher than the top.
    void shape(const std::function<double(plane::Vector)>& height);

    int columns() const { return columns_; }
    int rows() const { return rows_; }
    double cell() const { return cell_; }
    plane::Vector middle(int column, int row) const {
        return {low_.x + (column + 0.5) * cell_, low_.y + (row + 0.5) * cell_};
    }
    float at(int column, int row) const { return heights_[size_t(row) * size_t(columns_) + size_t(column)]; }
    std::span<const float> heights() const { return heights_; }

    /// Lowers cells to the exact swept shapes of the tools that the moves are made with: of each cell's
    /// middle the lowest that any tool comes over it. What burns goes down to `bottom`, while it burns. Tools
    /// by their numbers from 1; moves with others remove nothing. Tiles are worked side by side.
    void cut(std::span<const Motion> motions, std::span<const cut::Tool> tools, double bottom,
             const std::stop_token& stop = {}, const std::function<void(double)>& progress = {});

  private:
    struct Tile;
    void cutIn(const Tile& tile, const Motion& motion, const cut::Tool& tool, double bottom);

    plane::Vector low_;
    double cell_, top_;
    double round_ = 0; ///< 0: flat
    int columns_, rows_;
    std::vector<float> heights_;
};

} // namespace bollard::proof
