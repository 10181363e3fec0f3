// A panel's plan with the curves that its edges were flattened from. For the sources of this folder only.
#pragma once
#include "body/boundary.hpp"
#include "body/origins.hpp"
#include "working/columns.hpp"
#include <unordered_map>

namespace bollard::body {

using blank::Panel;

class TruePlan {
  public:
    enum class Kind { flat, swept, faceted };

    TruePlan(const PanelColumns& part, std::vector<plane::CurvePiece> curves);

    Kind kind() const { return kind_; }
    void makeFaceted() { kind_ = Kind::faceted; }
    /// Over a side that is cut into strips.
    bool bends() const { return !panel_->cuts.empty(); }
    /// Finds what the edges of cells follow. Once kinds are settled.
    void match();

    /// The piece that an edge of the plan follows; -1 for no edge of cells.
    int pieceOf(int a, int b) const;
    const plane::CurvePiece& piece(int number) const { return pieces_[size_t(number)]; }
    /// Where a point lies on a piece, as its parameter.
    double on(int number, int point) const;
    plane::Vector exact(int point) const; ///< mm

    /// Parts of a turn, so that no face goes all the way round; 0 of flat plans.
    int sectorOf(int a, int b, int c) const;
    /// Whether two points lie on one border of sectors.
    bool onBorder(int a, int b) const;
    plane::Vector sector(int number) const; ///< from and to, x, mm

    /// Of a level: -1 where it is level; a number where it leans as the back does; -2 where it slopes.
    int leanOf(int level) const;
    /// The lean that a height over a point belongs to; -1 for none.
    int leanAt(int point, std::int32_t height) const;

    /// Heights that count from the back, of sides that have their own.
    bool isBehind(std::int32_t height) const;
    const blank::Swept& swept(bool behind) const { return behind ? *panel_->backSwept : *panel_->frontSwept; }
    /// In mm along the normal of that side.
    double heightOf(std::int32_t height) const;
    double turn() const { return plane::toMillimetres(panel_->cuts.turn()); }

    /// In space. On a flat plan; `lean` as above.
    Vertex at(plane::Vector place, std::int32_t height, int lean) const;
    Vertex at(int point, std::int32_t height) const {
        return at(exact(point), height, leanAt(point, height));
    }
    /// Which way x, y and heights run on a flat plan.
    const Vertex& right() const { return right_; }
    const Vertex& up() const { return up_; }
    const Vertex& out() const { return out_; }
    double rise() const { return panel_->backRise; }

    const working::Columns& columns() const { return *columns_; }
    const Panel& panel() const { return *panel_; }

  private:
    struct Near {
        int piece;
        double t;
        plane::Vector at; ///< the point, brought round to it
    };
    double xOf(int point, double beside) const; ///< brought round to where it lies beside that x, mm
    double sloped(double x, int lean) const;
    std::vector<Near> piecesAt(int point) const;
    void addPiece(const plane::CurvePiece& piece);
    void fillBuckets();
    int ownLine(int a, int b);
    bool isOnCut(plane::Point p) const;
    bool hasSlopes(int cell) const;

    const Panel* panel_;
    const working::Columns* columns_;
    double chord_; ///< how far chords may leave what was drawn, mm
    Kind kind_ = Kind::flat;
    std::vector<plane::CurvePiece> pieces_{};
    std::vector<std::int32_t> borders_{}; ///< of sectors, grid units; the last is the first again
    std::unordered_map<std::int64_t, std::vector<int>> buckets_{};
    std::unordered_map<std::int64_t, int> ofEdge_{};
    std::vector<int> ofPoint_{};                         ///< a piece that it lies on; -1: none
    std::vector<bool> isJoint_{};                        ///< several pieces meet there
    std::map<std::array<std::int32_t, 3>, int> lines_{}; ///< along the axes of the plan
    std::vector<double> leans_{};                        ///< heights at x = 0 of what leans as the back, mm
    std::vector<int> leanOfLevel_{};
    Vertex origin_{}, right_{1, 0, 0}, up_{0, 1, 0}, out_{0, 0, 1};
};

} // namespace bollard::body
