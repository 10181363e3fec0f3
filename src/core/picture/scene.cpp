#include "picture/scene.hpp"
#include <cmath>

namespace bollard::picture {

using body::Crease, body::Creases, body::Mesh;

Scene sceneOf(const Mesh& mesh) {
    Scene scene;
    scene.extent = body::extentOf(mesh);
    scene.triangles = mesh.triangles;
    scene.vertices.reserve(mesh.vertices.size());
    for (const body::Vertex& v : mesh.vertices)
        scene.vertices.push_back({float(v.x), float(v.y), float(v.z)});
    scene.faces = mesh.faces;
    scene.normals.resize(mesh.triangles.size());
    // What tiles know of themselves is only put in its place; the rest lies between them.
    std::vector<std::array<int, 3>> loose;
    std::vector<body::Face> faces;
    std::vector<size_t> placeOf;
    size_t done = 0;
    const auto leave = [&](size_t end) {
        for (; done < end; ++done) {
            loose.push_back(mesh.triangles[done]);
            faces.push_back(mesh.faces[done]);
            placeOf.push_back(done);
        }
    };
    for (const body::Block& block : mesh.blocks) {
        leave(size_t(block.triangle));
        const Creases& creases = block.surface->creases;
        const auto c = float(std::cos(block.turn)), s = float(std::sin(block.turn));
        std::ranges::transform(creases.normals, scene.normals.begin() + block.triangle, [&](const auto& n) {
            return block.turn == 0 ? n : space::Point3{n.x * c + n.z * s, n.y, n.z * c - n.x * s};
        });
        for (const Crease& edge : creases.edges)
            scene.edges.push_back({edge.from + block.vertex, edge.to + block.vertex, edge.letters});
        done += creases.normals.size();
    }
    leave(mesh.triangles.size());
    const Creases creases = body::creasesOf(mesh.vertices, loose, faces);
    for (size_t i = 0; i < placeOf.size(); ++i)
        scene.normals[placeOf[i]] = creases.normals[i];
    scene.edges.insert(scene.edges.end(), creases.edges.begin(), creases.edges.end());
    return scene;
}

} // namespace bollard::picture
