// What must not be inside a body.
#pragma once
#include "body/mesh.hpp"
#include "quantity/groups.hpp"
#include <map>

/// Closed pieces of surface that face inwards.
inline int hollowsOf(const bollard::body::Mesh& mesh) {
    using namespace bollard;
    quantity::Groups groups(mesh.vertices.size());
    for (const auto& t : mesh.triangles) {
        groups.join(size_t(t[0]), size_t(t[1]));
        groups.join(size_t(t[0]), size_t(t[2]));
    }
    std::map<size_t, body::Mesh> shells;
    for (const auto& t : mesh.triangles)
        shells[groups.of(size_t(t[0]))].triangles.push_back(t);
    int hollows = 0;
    for (auto& [group, shell] : shells) {
        shell.vertices = mesh.vertices;
        hollows += body::volumeOf(shell) < 0 ? 1 : 0;
    }
    return hollows;
}
