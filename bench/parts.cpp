// parts: what 12 letters on a part of 50,000 triangles take against the bare corefinement of the same
// surfaces, what another letter takes; and what a plate of 100 letters takes as STEP against the library
// writing the same shape.
#include "bench_cards.hpp"
#include "body/boolean.hpp"
#include "card/output.hpp"
#include "card/step.hpp"
#include "clocks.hpp"
#include "files/stl.hpp"
#include <CGAL/Exact_predicates_inexact_constructions_kernel.h>
#include <CGAL/Polygon_mesh_processing/corefinement.h>
#include <CGAL/Surface_mesh.h>
#include <STEPControl_Reader.hxx>
#include <STEPControl_Writer.hxx>
#include <TopoDS_Shape.hxx>
#include <algorithm>
#include <cstdio>
#include <filesystem>
#include <sstream>

using namespace bollard;
using bench::Clock, bench::millisecondsSince;

namespace {

/// A block whose front is a grid of so many squares each way.
body::Mesh gridded(int squares, double size, double thickness) {
    body::Mesh mesh;
    const auto at = [&](int i, int j, bool front) { return (i * (squares + 1) + j) * 2 + (front ? 1 : 0); };
    for (int i = 0; i <= squares; ++i)
        for (int j = 0; j <= squares; ++j)
            for (const bool front : {false, true})
                mesh.vertices.push_back({size * i / squares, size * j / squares, front ? 0 : -thickness});
    const auto quad = [&](int a, int b, int c, int d) {
        mesh.triangles.push_back({a, b, c});
        mesh.triangles.push_back({a, c, d});
    };
    for (int i = 0; i < squares; ++i)
        for (int j = 0; j < squares; ++j) {
            quad(at(i, j, true), at(i + 1, j, true), at(i + 1, j + 1, true), at(i, j + 1, true));
            quad(at(i, j, false), at(i, j + 1, false), at(i + 1, j + 1, false), at(i + 1, j, false));
        }
    for (int i = 0; i < squares; ++i) {
        quad(at(i, 0, false), at(i + 1, 0, false), at(i + 1, 0, true), at(i, 0, true));
        quad(at(i + 1, squares, false), at(i, squares, false), at(i, squares, true),
             at(i + 1, squares, true));
        quad(at(0, i + 1, false), at(0, i, false), at(0, i, true), at(0, i + 1, true));
        quad(at(squares, i, false), at(squares, i + 1, false), at(squares, i + 1, true),
             at(squares, i, true));
    }
    mesh.faces.assign(mesh.triangles.size(), body::Face::blank);
    return mesh;
}

using Surface = CGAL::Surface_mesh<CGAL::Exact_predicates_inexact_constructions_kernel::Point_3>;
Surface surfaceOf(const body::Mesh& mesh) {
    Surface surface;
    for (const space::Vertex& v : mesh.vertices)
        surface.add_vertex({v.x, v.y, v.z});
    for (const auto& [a, b, c] : mesh.triangles)
        surface.add_face(Surface::Vertex_index(unsigned(a)), Surface::Vertex_index(unsigned(b)),
                         Surface::Vertex_index(unsigned(c)));
    return surface;
}

bool parts() {
    constexpr int squares = 111; // twice as many triangles on front and back as squares squared
    constexpr double size = 120, thickness = 8;
    const body::Mesh block = gridded(squares, size, thickness);
    const std::string file = (std::filesystem::temp_directory_path() / "bollard-bench-part.stl").string();
    if (!files::writeTogether(std::vector{files::WholeFile{file, files::stlOf(block), {}}},
                              files::IfThere::replace))
        return false;
    card::Card card = bench::plate(12);
    card.blank.kind = blank::Kind::file;
    card.blank.part.file = file;
    card.blank.part.sides = {{"front", {size / 2, size / 2, 0}, 0, {}}};
    card.inscriptions[0].side = "front";
    card.inscriptions[0].placing.x = card.inscriptions[0].placing.y = size / 2 + 0.123;
    card.inscriptions[0].style.sizeBy = setting::SizeBy::width;
    card.inscriptions[0].style.size = 100;
    card::Pipeline pipeline(bench::catalogue());
    const auto made = pipeline.run(std::make_shared<const card::Card>(card), {});
    if (made.solid->problem)
        return false;
    card.inscriptions[0].words.back() = card.inscriptions[0].words.back() == 'B' ? 'E' : 'B';
    const auto start = Clock::now();
    const auto again = pipeline.run(std::make_shared<const card::Card>(card), {});
    const double another = millisecondsSince(start);
    double joining = 0;
    for (const auto& entry : pipeline.journal().entries())
        if (entry.step == "joining")
            joining = entry.milliseconds;
    const body::Mesh letters = again.solid->bodyOf(body::Selection::letters);
    double bare = 1e9;
    for (int i = 0; i < 3; ++i) {
        Surface a = surfaceOf(block), b = surfaceOf(letters), out;
        const auto began = Clock::now();
        CGAL::Polygon_mesh_processing::corefine_and_compute_union(a, b, out);
        bare = std::min(bare, millisecondsSince(began));
    }
    std::printf("%zu triangles, 12 letters: joining %.0f ms, bare corefinement %.0f ms, ratio %.2f; another "
                "letter %.0f ms\n",
                block.triangles.size(), joining, bare, joining / bare, another);
    std::filesystem::remove(file);
    return !again.solid->problem;
}

bool step() {
    card::Card card = bench::plate(100);
    card::Pipeline pipeline(bench::catalogue());
    const auto made = pipeline.run(std::make_shared<const card::Card>(card), {});
    double ours = 1e9, theirs = 1e9;
    std::string bytes;
    for (int i = 0; i < 3; ++i) {
        const auto began = Clock::now();
        const auto files = card::outputOf(made, *card::formatOf("a.step"), "a.step");
        ours = std::min(ours, millisecondsSince(began));
        if (!files)
            return false;
        bytes = files->front().bytes;
    }
    STEPControl_Reader reader;
    std::istringstream stream(bytes);
    if (reader.ReadStream("a", stream) != IFSelect_RetDone)
        return false;
    reader.TransferRoots();
    const TopoDS_Shape shape = reader.OneShape();
    const std::string file = (std::filesystem::temp_directory_path() / "bollard-bench.step").string();
    for (int i = 0; i < 3; ++i) {
        const auto began = Clock::now();
        STEPControl_Writer writer;
        writer.Transfer(shape, STEPControl_AsIs);
        writer.Write(file.c_str());
        theirs = std::min(theirs, millisecondsSince(began));
    }
    std::filesystem::remove(file);
    std::printf("plate of 100 letters as STEP, %.1f MB: %.0f ms, the library writing the same shape %.0f ms, "
                "ratio %.2f\n",
                double(bytes.size()) / 1e6, ours, theirs, ours / theirs);
    return true;
}

} // namespace

int main() {
    return parts() && step() ? 0 : 1;
}
