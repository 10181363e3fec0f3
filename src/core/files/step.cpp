#include "files/step.hpp"
#include <APIHeaderSection_MakeHeader.hxx>
#include <BRep_Builder.hxx>
#include <Geom2d_BSplineCurve.hxx>
#include <Geom_BSplineCurve.hxx>
#include <Geom_BSplineSurface.hxx>
#include <Geom_Circle.hxx>
#include <Geom_ConicalSurface.hxx>
#include <Geom_CylindricalSurface.hxx>
#include <Geom_Line.hxx>
#include <Geom_Plane.hxx>
#include <Geom_SurfaceOfLinearExtrusion.hxx>
#include <Interface_Static.hxx>
#include <Message.hxx>
#include <Message_Messenger.hxx>
#include <Message_PrinterOStream.hxx>
#include <Quantity_Color.hxx>
#include <STEPConstruct.hxx>
#include <STEPConstruct_Styles.hxx>
#include <STEPControl_Controller.hxx>
#include <STEPControl_Writer.hxx>
#include <Standard_Failure.hxx>
#include <StepBasic_Product.hxx>
#include <StepData_Protocol.hxx>
#include <StepData_StepModel.hxx>
#include <StepData_StepWriter.hxx>
#include <StepRepr_RepresentationContext.hxx>
#include <StepRepr_RepresentationItem.hxx>
#include <StepVisual_Colour.hxx>
#include <StepVisual_MechanicalDesignGeometricPresentationRepresentation.hxx>
#include <StepVisual_PresentationStyleAssignment.hxx>
#include <StepVisual_StyledItem.hxx>
#include <TColStd_Array1OfInteger.hxx>
#include <TColStd_Array1OfReal.hxx>
#include <TColgp_Array1OfPnt.hxx>
#include <TColgp_Array1OfPnt2d.hxx>
#include <TColgp_Array2OfPnt.hxx>
#include <TCollection_HAsciiString.hxx>
#include <TopExp.hxx>
#include <TopoDS.hxx>
#include <TopoDS_Compound.hxx>
#include <TopoDS_Edge.hxx>
#include <TopoDS_Face.hxx>
#include <TopoDS_Shell.hxx>
#include <TopoDS_Solid.hxx>
#include <TopoDS_Vertex.hxx>
#include <TopoDS_Wire.hxx>
#include <XSControl_TransferWriter.hxx>
#include <XSControl_WorkSession.hxx>
#include <mutex>
#include <sstream>

namespace bollard::files {
namespace {

using body::BoundaryEdge, body::BoundaryFace, body::EdgeUse, body::FaceSurface, body::SpaceCurve;
using space::Vertex;

constexpr double tolerance_mm = 1e-6;
/// Corners of facets lie on a grid of a tenth of a micrometre.
constexpr double grid_mm = 1e-4;

gp_Pnt pointOf(const Vertex& v) {
    return {v.x, v.y, v.z};
}
gp_Dir directionOf(const Vertex& v) {
    return {v.x, v.y, v.z};
}

/// Knots of a spline that is smooth at them, and how often each counts.
struct Knots {
    TColStd_Array1OfReal at;
    TColStd_Array1OfInteger times;

    explicit Knots(const std::vector<double>& knots) : at(1, int(knots.size())), times(1, int(knots.size())) {
        for (int i = 1; i <= int(knots.size()); ++i) {
            at.SetValue(i, knots[size_t(i) - 1]);
            times.SetValue(i, i == 1 || i == int(knots.size()) ? 4 : 2);
        }
    }
};

Handle(Geom_BSplineCurve) splineOf(const SpaceCurve& curve) {
    TColgp_Array1OfPnt poles(1, int(curve.poles.size()));
    for (int i = 1; i <= poles.Length(); ++i)
        poles.SetValue(i, pointOf(curve.poles[size_t(i) - 1]));
    const Knots knots(curve.knots);
    return new Geom_BSplineCurve(poles, knots.at, knots.times, 3);
}

Handle(Geom_Curve) curveOf(const BoundaryEdge& edge, const std::vector<Vertex>& vertices) {
    const SpaceCurve& curve = edge.curve;
    switch (curve.kind) {
    case SpaceCurve::Kind::line: {
        const Vertex from = vertices[size_t(edge.from)];
        return new Geom_Line(pointOf(from), directionOf(vertices[size_t(edge.to)] - from));
    }
    case SpaceCurve::Kind::circle:
        return new Geom_Circle(
            gp_Ax2(pointOf(curve.centre), directionOf(space::cross(curve.x, curve.y)), directionOf(curve.x)),
            curve.radius);
    case SpaceCurve::Kind::spline:
        break;
    }
    return splineOf(curve);
}

Handle(Geom_Surface) surfaceOf(const FaceSurface& surface) {
    const gp_Ax3 frame(pointOf(surface.origin), directionOf(surface.axis), directionOf(surface.x));
    switch (surface.kind) {
    case FaceSurface::Kind::plane:
        return new Geom_Plane(frame);
    case FaceSurface::Kind::cone:
        if (surface.slope == 0)
            return new Geom_CylindricalSurface(frame, surface.radius);
        return new Geom_ConicalSurface(frame, surface.slope, surface.radius);
    case FaceSurface::Kind::extruded:
        return new Geom_SurfaceOfLinearExtrusion(splineOf(surface.curves[0]), directionOf(surface.axis));
    case FaceSurface::Kind::ruled:
        break;
    }
    TColgp_Array2OfPnt poles(1, int(surface.curves[0].poles.size()), 1, 2);
    for (int row = 1; row <= 2; ++row)
        for (int i = 1; i <= poles.ColLength(); ++i)
            poles.SetValue(i, row, pointOf(surface.curves[size_t(row) - 1].poles[size_t(i) - 1]));
    const Knots knots(surface.curves[0].knots);
    TColStd_Array1OfReal heights(1, 2);
    TColStd_Array1OfInteger twice(1, 2);
    for (int i = 1; i <= 2; ++i) {
        heights.SetValue(i, surface.heights[size_t(i) - 1]);
        twice.SetValue(i, 2);
    }
    return new Geom_BSplineSurface(poles, knots.at, heights, knots.times, twice, 3, 1);
}

/// Where an edge runs on a surface.
Handle(Geom2d_Curve) wayOf(const EdgeUse& use, const BoundaryEdge& edge) {
    TColgp_Array1OfPnt2d poles(1, int(use.onSurface.size()));
    for (int i = 1; i <= poles.Length(); ++i)
        poles.SetValue(i, gp_Pnt2d(use.onSurface[size_t(i) - 1].x, use.onSurface[size_t(i) - 1].y));
    if (use.onSurface.size() > 2) {
        const Knots knots(edge.curve.knots);
        return new Geom2d_BSplineCurve(poles, knots.at, knots.times, 3);
    }
    TColStd_Array1OfReal ends(1, 2);
    TColStd_Array1OfInteger twice(1, 2);
    ends.SetValue(1, edge.curve.from);
    ends.SetValue(2, edge.curve.to);
    twice.Init(2);
    return new Geom2d_BSplineCurve(poles, ends, twice, 1);
}

/// The solids of a body.
class Solids {
  public:
    explicit Solids(const body::Boundary& boundary) : boundary_(boundary) {
        for (const Vertex& place : boundary.vertices) {
            TopoDS_Vertex vertex;
            builder_.MakeVertex(vertex, pointOf(place), grid_mm);
            vertices_.push_back(vertex);
        }
        for (const BoundaryEdge& edge : boundary.edges) {
            TopoDS_Edge made;
            builder_.MakeEdge(made, curveOf(edge, boundary.vertices), tolerance_mm);
            builder_.Add(made, vertices_[size_t(edge.from)].Oriented(TopAbs_FORWARD));
            builder_.Add(made, vertices_[size_t(edge.to)].Oriented(TopAbs_REVERSED));
            builder_.Range(made, edge.curve.from, edge.curve.to);
            edges_.push_back(made);
        }
    }

    std::vector<TopoDS_Solid> made() {
        std::vector<TopoDS_Shell> shells(boundary_.shells.size());
        for (TopoDS_Shell& shell : shells)
            builder_.MakeShell(shell);
        for (const BoundaryFace& face : boundary_.faces)
            builder_.Add(shells[size_t(face.shell)], faceOf(face));
        std::vector<TopoDS_Solid> solids(shells.size());
        for (size_t i = 0; i < shells.size(); ++i) {
            shells[i].Closed(true);
            builder_.MakeSolid(solids[i]);
            builder_.Add(solids[i], shells[i]);
        }
        std::vector<TopoDS_Solid> whole;
        for (size_t i = 0; i < shells.size(); ++i)
            if (boundary_.shells[i].volume <= 0)
                if (const int around = aroundHollow(i); around >= 0)
                    builder_.Add(solids[size_t(around)], shells[i]);
        for (size_t i = 0; i < shells.size(); ++i)
            if (boundary_.shells[i].volume > 0)
                whole.push_back(solids[i]);
        return whole;
    }

  private:
    TopoDS_Face faceOf(const BoundaryFace& face) {
        const Handle(Geom_Surface) surface = surfaceOf(face.surface);
        const bool flat = face.surface.kind == FaceSurface::Kind::plane;
        TopoDS_Face made;
        builder_.MakeFace(made, surface, flat ? grid_mm : tolerance_mm);
        for (const auto& loop : face.loops) {
            TopoDS_Wire wire;
            builder_.MakeWire(wire);
            // What is turned as a whole is turned within.
            const auto add = [&](const EdgeUse& use) {
                TopoDS_Edge& edge = edges_[size_t(use.edge)];
                if (!use.onSurface.empty())
                    builder_.UpdateEdge(edge, wayOf(use, boundary_.edges[size_t(use.edge)]), surface,
                                        TopLoc_Location(), tolerance_mm);
                builder_.Add(wire,
                             edge.Oriented(use.reversed != face.inwards ? TopAbs_REVERSED : TopAbs_FORWARD));
            };
            if (face.inwards)
                for (auto use = loop.rbegin(); use != loop.rend(); ++use)
                    add(*use);
            else
                for (const EdgeUse& use : loop)
                    add(use);
            wire.Closed(true);
            builder_.Add(made, wire);
        }
        if (face.inwards)
            made.Reverse();
        return made;
    }

    /// The smallest shell that holds a hollow.
    int aroundHollow(size_t hollow) const {
        const auto& shells = boundary_.shells;
        const body::Extent& in = shells[hollow].extent;
        int best = -1;
        for (size_t i = 0; i < shells.size(); ++i) {
            const body::Extent& out = shells[i].extent;
            const bool holds = shells[i].volume > 0 && out.low.x <= in.low.x && out.low.y <= in.low.y &&
                               out.low.z <= in.low.z && out.high.x >= in.high.x && out.high.y >= in.high.y &&
                               out.high.z >= in.high.z;
            if (holds && (best < 0 || shells[i].volume < shells[size_t(best)].volume))
                best = int(i);
        }
        return best;
    }

    const body::Boundary& boundary_;
    BRep_Builder builder_;
    std::vector<TopoDS_Vertex> vertices_;
    std::vector<TopoDS_Edge> edges_;
};

void addBody(STEPControl_Writer& writer, STEPConstruct_Styles& styles, const NamedBoundary& body) {
    const std::vector<TopoDS_Solid> solids = Solids(*body.boundary).made();
    if (solids.empty())
        return;
    BRep_Builder builder;
    TopoDS_Compound all;
    builder.MakeCompound(all);
    for (const TopoDS_Solid& solid : solids)
        builder.Add(all, solid);
    const TopoDS_Shape whole = solids.size() == 1 ? TopoDS_Shape(solids.front()) : TopoDS_Shape(all);
    const int before = writer.Model()->NbEntities();
    if (writer.Transfer(whole, STEPControl_AsIs) != IFSelect_RetDone)
        throw Standard_Failure("transfer");
    const Handle(TCollection_HAsciiString) name = new TCollection_HAsciiString(body.name.c_str());
    for (int i = before + 1; i <= writer.Model()->NbEntities(); ++i)
        if (const auto product = Handle(StepBasic_Product)::DownCast(writer.Model()->Value(i));
            !product.IsNull()) {
            product->SetId(name);
            product->SetName(name);
        }
    constexpr double most = 255;
    const Quantity_Color colour(body.colour.red / most, body.colour.green / most, body.colour.blue / most,
                                Quantity_TOC_sRGB);
    const Handle(StepVisual_Colour) coded = STEPConstruct_Styles::EncodeColor(colour);
    styles.Init(writer.WS());
    for (const TopoDS_Solid& solid : solids) {
        const Handle(StepRepr_RepresentationItem) item =
            STEPConstruct::FindEntity(writer.WS()->TransferWriter()->FinderProcess(), solid);
        if (item.IsNull())
            continue;
        item->SetName(name);
        styles.AddStyle(item, styles.MakeColorPSA(item, coded, coded, coded, 0), {});
    }
    const Handle(StepRepr_RepresentationContext) context = styles.FindContext(solids.front());
    Handle(StepVisual_MechanicalDesignGeometricPresentationRepresentation) presented;
    if (!context.IsNull() && styles.CreateMDGPR(context, presented))
        writer.Model()->AddWithRefs(presented);
}

std::string written(STEPControl_Writer& writer, const std::string& title) {
    const Handle(StepData_StepModel) model = writer.Model();
    APIHeaderSection_MakeHeader header(model);
    header.SetName(new TCollection_HAsciiString(title.c_str()));
    header.SetTimeStamp(new TCollection_HAsciiString("2026-01-01T00:00:00")); // the same bytes each time
    header.SetAuthorValue(1, new TCollection_HAsciiString(""));
    header.SetOrganizationValue(1, new TCollection_HAsciiString(""));
    header.SetOriginatingSystem(new TCollection_HAsciiString("Bollard"));
    StepData_StepWriter text(model);
    text.SendModel(Handle(StepData_Protocol)::DownCast(writer.WS()->Protocol()));
    std::ostringstream out;
    if (!text.Print(out))
        throw Standard_Failure("print");
    return std::move(out).str();
}

} // namespace

quantity::Result<std::string> stepOf(const std::vector<NamedBoundary>& bodies, const std::string& title) {
    static std::mutex one; // what the library is told is told for all
    const std::lock_guard lock(one);
    try {
        Message::DefaultMessenger()->RemovePrinters(STANDARD_TYPE(Message_PrinterOStream));
        STEPControl_Controller::Init();
        Interface_Static::SetCVal("write.step.schema", "AP242DIS");
        Interface_Static::SetCVal("write.step.unit", "MM");
        Interface_Static::SetIVal("write.surfacecurve.mode", 0); // readers find them on true surfaces
        Interface_Static::SetIVal("write.precision.mode", 0);
        Interface_Static::SetIVal("write.step.assembly", 0); // the pieces of a body are one product
        STEPControl_Writer writer;
        STEPConstruct_Styles styles;
        for (const NamedBoundary& body : bodies)
            addBody(writer, styles, body);
        return written(writer, title);
    } catch (const Standard_Failure& failure) {
        return quantity::Problem{quantity::ProblemKind::geometryFailed, {}, failure.GetMessageString()};
    }
}

} // namespace bollard::files
