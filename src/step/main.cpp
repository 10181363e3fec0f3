// bollard-step FILE: the surface of what a STEP file holds, on standard output: counts of corners and
// triangles (64 bits each), corners (three doubles, mm), triangles (three 32-bit numbers). Exit 1, and a line
// that begins with
// "! ", where there is none.
#include <BRepMesh_IncrementalMesh.hxx>
#include <BRep_Tool.hxx>
#include <Interface_Static.hxx>
#include <Message.hxx>
#include <Message_Messenger.hxx>
#include <Message_PrinterOStream.hxx>
#include <Poly_Triangulation.hxx>
#include <STEPControl_Reader.hxx>
#include <Standard_Failure.hxx>
#include <TopExp_Explorer.hxx>
#include <TopLoc_Location.hxx>
#include <TopoDS.hxx>
#include <TopoDS_Face.hxx>
#include <TopoDS_Shape.hxx>
#include <array>
#include <cstdint>
#include <cstdio>
#include <unistd.h>
#include <vector>

namespace {

constexpr double chord_mm = 0.01, turn = 0.25; // radians

/// Where it writes: the library has its own to say on standard output.
std::FILE* output = nullptr;

int refuse(const char* why) {
    std::fprintf(output, "! %s", why);
    return 1;
}

struct Surface {
    std::vector<std::array<double, 3>> corners{};
    std::vector<std::array<std::int32_t, 3>> triangles{};
};

void add(Surface& surface, const TopoDS_Face& face) {
    TopLoc_Location place;
    const Handle(Poly_Triangulation) mesh = BRep_Tool::Triangulation(face, place);
    if (mesh.IsNull())
        return;
    const auto first = std::int32_t(surface.corners.size());
    for (int i = 1; i <= mesh->NbNodes(); ++i) {
        const gp_Pnt p = mesh->Node(i).Transformed(place.Transformation());
        surface.corners.push_back({p.X(), p.Y(), p.Z()});
    }
    for (int i = 1; i <= mesh->NbTriangles(); ++i) {
        int a = 0, b = 0, c = 0;
        mesh->Triangle(i).Get(a, b, c);
        if (face.Orientation() == TopAbs_REVERSED)
            std::swap(b, c);
        surface.triangles.push_back({first + a - 1, first + b - 1, first + c - 1});
    }
}

void write(const Surface& surface, std::FILE* to) {
    const std::array<std::uint64_t, 2> counts{surface.corners.size(), surface.triangles.size()};
    std::fwrite(counts.data(), sizeof counts, 1, to);
    std::fwrite(surface.corners.data(), sizeof surface.corners[0], surface.corners.size(), to);
    std::fwrite(surface.triangles.data(), sizeof surface.triangles[0], surface.triangles.size(), to);
}

} // namespace

int main(int count, char** arguments) {
    output = fdopen(dup(STDOUT_FILENO), "wb");
    if (!output || !std::freopen("/dev/null", "w", stdout))
        return 1;
    if (count != 2)
        return refuse("bollard-step FILE");
    try {
        Message::DefaultMessenger()->RemovePrinters(STANDARD_TYPE(Message_PrinterOStream));
        STEPControl_Reader reader;
        Interface_Static::SetCVal("xstep.cascade.unit", "MM");
        if (reader.ReadFile(arguments[1]) != IFSelect_RetDone)
            return refuse("not a STEP file");
        reader.TransferRoots();
        const TopoDS_Shape shape = reader.OneShape();
        if (shape.IsNull())
            return refuse("there is no body in it");
        BRepMesh_IncrementalMesh(shape, chord_mm, false, turn);
        Surface surface;
        for (TopExp_Explorer face(shape, TopAbs_FACE); face.More(); face.Next())
            add(surface, TopoDS::Face(face.Current()));
        if (surface.triangles.empty())
            return refuse("there is no body in it");
        write(surface, output);
        return std::fclose(output) == 0 ? 0 : 1;
    } catch (const Standard_Failure& failure) {
        return refuse(failure.GetMessageString());
    } catch (const std::exception& error) {
        return refuse(error.what());
    }
}
