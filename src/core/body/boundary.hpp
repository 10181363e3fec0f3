// The surface of a body as faces with true curves and surfaces, sharing their edges: what solid modellers
// take.
#pragma once
#include "body/mesh.hpp"
#include "plane/curve_piece.hpp"
#include <span>

namespace bollard::body {

/// A curve by its own parameter, which grows from `from` to `to`; mm.
struct SpaceCurve {
    enum class Kind { line, circle, spline };
    Kind kind = Kind::line;
    double from = 0, to = 1; ///< of a line its length, of a circle radians
    Vertex centre{}, x{},
        y{}; ///< of a circle: at angle a it is at centre + radius * (cos(a) * x + sin(a) * y)
    double radius = 0;
    /// Of a cubic spline that is smooth at its knots: two poles for each, the ends two more each but one.
    std::vector<Vertex> poles{};
    std::vector<double> knots{};
};

/// A surface by two parameters.
struct FaceSurface {
    enum class Kind {
        plane,
        cone,     ///< by the angle round its axis and the way along it; slope 0: a cylinder
        extruded, ///< by the parameter of a curve and the height it is shifted by
        ruled     ///< by that of two curves and the height between them
    };
    Kind kind = Kind::plane;
    Vertex origin{}, x{1, 0, 0}, axis{0, 0, 1}; ///< of a plane its normal; of an extruded one the way
    double radius = 0;                          ///< of a cone, at its origin
    double slope = 0;                           ///< radians from the axis
    double middle = 0;                          ///< of a cone: the angle in the middle of the face
    std::array<SpaceCurve, 2> curves{};         ///< splines
    std::array<double, 2> heights{0, 1};        ///< of a ruled one's curves
};

/// An edge between two vertices, along its curve.
struct BoundaryEdge {
    int from = 0;
    int to = 0;
    SpaceCurve curve{};
};

struct EdgeUse {
    int edge = 0;
    bool reversed = false;
    /// Where the edge runs on the face's surface, by the edge's parameter: two points of a straight way
    /// evenly run, or a spline's poles at the edge's own knots. Empty on planes.
    std::vector<plane::Vector> onSurface{};
};

struct BoundaryFace {
    FaceSurface surface{};
    bool inwards = false; ///< the surface's own normal points into the body
    int shell = 0;
    std::vector<std::vector<EdgeUse>> loops{}; ///< each with the face on its left, seen from outside the body
};

struct Boundary {
    std::vector<Vertex> vertices{};
    std::vector<BoundaryEdge> edges{}; ///< each used twice, once each way
    std::vector<BoundaryFace> faces{};
    /// What hangs together; of a volume below 0 where it goes round a hollow.
    struct Shell {
        double volume = 0; ///< mm3, of the mesh
        Extent extent{};
    };
    std::vector<Shell> shells{};
    int facets = 0; ///< faces that stand for a part of something bent
};

/// The boundary of columns; there are no tiles among the parts. `curves`, by part: what outlines on its plan
/// were drawn with, mm; where edges of the plan follow them so does the body, within 0.2 micrometres. Sides
/// that are cylinders or cones are true, unless slopes lie on any; slopes, and sides that bend otherwise, are
/// made of facets.
Boundary boundaryOf(std::span<const PanelColumns> parts,
                    std::span<const std::vector<plane::CurvePiece>> curves, Selection selection,
                    const std::stop_token& stop = {});

/// The same of any closed mesh: triangles in a plane are one face.
Boundary boundaryOf(const Mesh& mesh, const std::stop_token& stop = {});

} // namespace bollard::body
