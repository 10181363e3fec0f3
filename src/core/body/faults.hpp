// What can be wrong with a mesh.
#pragma once
#include "body/mesh.hpp"

namespace bollard::body {

/// Counts of what a printable mesh must not have.
struct MeshFaults {
    int openEdges = 0;       ///< an edge without its counterpart running the other way
    int crowdedEdges = 0;    ///< an edge that more than two triangles share
    int pinchedVertices = 0; ///< a vertex whose triangles form more than one fan
    int flatTriangles = 0;   ///< repeated corners or no area
    int doubledTriangles = 0;

    bool none() const {
        return openEdges + crowdedEdges + pinchedVertices + flatTriangles + doubledTriangles == 0;
    }
};
MeshFaults faultsOf(const Mesh& mesh);

/// Whether triangles meet at a vertex and nowhere beside it. The mesh may be open; no edge has more than two
/// triangles. O(n log n).
bool isPinched(const Mesh& mesh);

/// Whether two walls share an edge or more, among the first `triangles` of the mesh: what lies beyond its
/// borders does not matter. O(n log n).
bool wallsMeetAlongEdges(const Mesh& mesh, size_t triangles);

} // namespace bollard::body
