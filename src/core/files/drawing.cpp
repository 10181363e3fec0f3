#include "files/drawing.hpp"
#include "files/xml_text.hpp"
#include "plane/arc_fit.hpp"
#include "plane/path_data.hpp"
#include "plane/region.hpp"
#include <array>
#include <charconv>
#include <dxflib/dl_dxf.h>
#include <fmt/format.h>
#include <map>
#include <memory>
#include <string_view>

namespace bollard::files {

using plane::Contour, plane::Outline, plane::Segment, plane::Vector;

namespace {

plane::Box boxOf(const std::vector<DrawingLayer>& layers) {
    plane::Box box;
    for (const DrawingLayer& layer : layers)
        for (const plane::Line& line :
             plane::lines(plane::outlineOf(layer.stamps), plane::unitsPerMillimetre, 10))
            box.include(plane::boxOf(line));
    return box;
}

Page pageRound(const std::vector<DrawingLayer>& layers) {
    const plane::Box box = boxOf(layers);
    if (box.empty())
        return {0, -1, 1, 1};
    const double top = plane::toMillimetres(box.high.y),
                 height = plane::toMillimetres(double(box.high.y) - box.low.y);
    return {plane::toMillimetres(box.low.x), top - height,
            plane::toMillimetres(double(box.high.x) - box.low.x), height};
}

/// In the page's own coordinates, y down from its upper left.
Outline onPage(const Outline& outline, double left, double top) {
    return plane::mapped(outline, [&](Vector v) { return Vector{v.x - left, top - v.y}; });
}

/// A contour's points, fine enough that fitting them again stays within the tolerance.
std::vector<Vector> finePoints(const Contour& contour) {
    constexpr double scale = plane::unitsPerMillimetre * 10, chord_mm = 0.0005;
    std::vector<Vector> points;
    for (const plane::Line& line : plane::lines({{contour}}, scale, chord_mm * scale))
        for (const plane::Point p : line)
            points.push_back((1 / scale) * plane::vectorOf(p));
    if (!contour.open && points.size() > 1 && points.front() == points.back())
        points.pop_back();
    return points;
}

/// dxflib writes into a file and through to the disk after every number: here into memory.
class DxfText : public DL_WriterA {
  public:
    DxfText() : DL_WriterA("/dev/null", DL_VERSION_2000) {}
    void dxfReal(int code, double value) const override {
        std::array<char, 400> digits; // of the largest number without an exponent
        char* const end =
            std::to_chars(digits.data(), digits.data() + digits.size(), value, std::chars_format::fixed).ptr;
        const std::string_view number(digits.data(), size_t(end - digits.data()));
        line(code, number);
        if (number.find('.') == number.npos)
            text_.insert(text_.size() - 1, ".0");
    }
    void dxfInt(int code, int value) const override { line(code, std::to_string(value)); }
    void dxfHex(int code, int value) const override { line(code, fmt::format("{:X}", value)); }
    void dxfString(int code, const char* value) const override { line(code, value); }
    void dxfString(int code, const std::string& value) const override { line(code, value); }
    std::string take() { return std::move(text_); }

  private:
    void line(int code, std::string_view value) const {
        fmt::format_to(std::back_inserter(text_), "{:3}\n{}\n", code, value);
    }
    mutable std::string text_; // the library calls writing const
};

class DxfWriter {
  public:
    DxfWriter(DL_Dxf& dxf, DL_WriterA& out) : dxf_(dxf), out_(out) {}

    void write(const std::vector<DrawingLayer>& layers, DxfCurves curves) {
        head(layers);
        for (const DrawingLayer& layer : layers) {
            attributes_ = DL_Attributes(layer.name, 256, -1, "BYLAYER", 1.0);
            for (const plane::Stamp& stamp : layer.stamps)
                for (size_t i = 0; i < stamp.outline->contours.size(); ++i) {
                    const Contour& contour = stamp.outline->contours[i];
                    const Vector start = stamp.place(contour.start);
                    if (contour.segments.empty())
                        dxf_.writePoint(out_, DL_PointData(start.x, start.y, 0), attributes_);
                    else if (curves == DxfCurves::arcs)
                        asArcs(arcsOf(stamp)[i], stamp.place);
                    else
                        asSplines(plane::mapped(contour, stamp.place));
                }
        }
        out_.sectionEnd();
        dxf_.writeObjects(out_);
        dxf_.writeObjectsEnd(out_);
        out_.dxfEOF();
    }

  private:
    void head(const std::vector<DrawingLayer>& layers) {
        dxf_.writeHeader(out_);
        out_.dxfString(9, "$INSUNITS");
        constexpr int millimetres = 4;
        out_.dxfInt(70, millimetres);
        out_.dxfString(9, "$MEASUREMENT");
        out_.dxfInt(70, 1);
        out_.sectionEnd();
        out_.sectionTables();
        dxf_.writeVPort(out_);
        const std::array linetypes{"BYBLOCK", "BYLAYER", "CONTINUOUS"};
        out_.tableLinetypes(int(linetypes.size()));
        for (const char* name : linetypes)
            dxf_.writeLinetype(out_, DL_LinetypeData(name, name, 0, 0, 0.0));
        out_.tableEnd();
        out_.tableLayers(int(layers.size()) + 1);
        dxf_.writeLayer(out_, DL_LayerData("0", 0),
                        DL_Attributes("", DL_Codes::black, 100, "CONTINUOUS", 1.0));
        int colour = 1;
        for (const DrawingLayer& layer : layers)
            dxf_.writeLayer(out_, DL_LayerData(layer.name, 0),
                            DL_Attributes("", colour++, 100, "CONTINUOUS", 1.0));
        out_.tableEnd();
        out_.tableStyle(1);
        dxf_.writeStyle(out_, DL_StyleData("Standard", 0, 0.0, 1.0, 0.0, 0, 2.5, "txt", ""));
        out_.tableEnd();
        dxf_.writeView(out_);
        dxf_.writeUcs(out_);
        out_.tableAppid(1);
        dxf_.writeAppid(out_, "ACAD");
        out_.tableEnd();
        dxf_.writeDimStyle(out_, 1, 1, 1, 1, 1);
        dxf_.writeBlockRecord(out_);
        out_.tableEnd();
        out_.sectionEnd();
        out_.sectionBlocks();
        for (const char* name : {"*Model_Space", "*Paper_Space", "*Paper_Space0"}) {
            dxf_.writeBlock(out_, DL_BlockData(name, 0, 0.0, 0.0, 0.0));
            dxf_.writeEndBlock(out_, name);
        }
        out_.sectionEnd();
        out_.sectionEntities();
    }

    /// The contours of what is stamped, as large as it is stamped, as lines and arcs.
    const std::vector<plane::ArcPath>& arcsOf(const plane::Stamp& stamp) {
        auto& paths = arcs_[{stamp.outline, stamp.place.scale}];
        if (!paths.empty())
            return paths;
        constexpr double tolerance_mm = 0.0042; // and 0.0005 of the points
        for (const Contour& contour : stamp.outline->contours) {
            const Contour scaled = plane::mapped(contour, [&](Vector v) { return stamp.place.scale * v; });
            paths.push_back(contour.segments.empty()
                                ? plane::ArcPath{}
                                : plane::arcsThrough(finePoints(scaled), !contour.open, tolerance_mm));
        }
        return paths;
    }

    void asArcs(plane::ArcPath path, plane::Similarity place) {
        place.scale = 1; // they are as large already
        path.start = place(path.start);
        for (plane::ArcSegment& segment : path.segments) {
            segment.end = place(segment.end);
            segment.sweep = place.mirrored ? -segment.sweep : segment.sweep;
        }
        const int count = int(path.segments.size()) + (path.closed ? 0 : 1);
        dxf_.writePolyline(out_, DL_PolylineData(count, 0, 0, path.closed ? 1 : 0), attributes_);
        Vector at = path.start;
        for (const plane::ArcSegment& segment : path.segments) {
            dxf_.writeVertex(out_, DL_VertexData(at.x, at.y, 0, std::tan(segment.sweep * M_PI / 720)));
            at = segment.end;
        }
        if (!path.closed)
            dxf_.writeVertex(out_, DL_VertexData(at.x, at.y, 0, 0));
        dxf_.writePolylineEnd(out_);
    }

    void asSplines(const Contour& contour) {
        Vector at = contour.start;
        const auto line = [&](Vector to) {
            if (to == at)
                return;
            dxf_.writeLine(out_, DL_LineData(at.x, at.y, 0, to.x, to.y, 0), attributes_);
            at = to;
        };
        for (const Segment& segment : contour.segments) {
            if (segment.kind == Segment::Kind::line) {
                line(segment.end);
                continue;
            }
            const bool cubic = segment.kind == Segment::Kind::cubic;
            std::vector<Vector> points{at, segment.first};
            if (cubic)
                points.push_back(segment.second);
            points.push_back(segment.end);
            const int degree = cubic ? 3 : 2, control = int(points.size());
            constexpr int planar = 8;
            dxf_.writeSpline(out_, DL_SplineData(degree, 2 * control, control, 0, planar), attributes_);
            for (int i = 0; i < 2 * control; ++i)
                dxf_.writeKnot(out_, DL_KnotData(i < control ? 0 : 1));
            for (const Vector p : points)
                dxf_.writeControlPoint(out_, DL_ControlPointData(p.x, p.y, 0, 1));
            at = segment.end;
        }
        if (!contour.open)
            line(contour.start);
    }

    DL_Dxf& dxf_;
    DL_WriterA& out_;
    DL_Attributes attributes_;
    std::map<std::pair<std::shared_ptr<const Outline>, double>, std::vector<plane::ArcPath>> arcs_;
};

} // namespace

std::string svgOf(const std::vector<DrawingLayer>& layers, const std::string& title,
                  const std::optional<Page>& asked) {
    const Page page = asked ? *asked : pageRound(layers);
    const double left = page.left, top = page.bottom + page.height;
    std::string text =
        fmt::format("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n"
                    "<svg xmlns=\"http://www.w3.org/2000/svg\" version=\"1.1\" width=\"{0:.4f}mm\" "
                    "height=\"{1:.4f}mm\" viewBox=\"0 0 {0:.4f} {1:.4f}\">\n<title>{2}</title>\n",
                    page.width, page.height, escaped(title));
    for (const DrawingLayer& layer : layers) {
        text += fmt::format("<g id=\"{}\" fill=\"none\" stroke=\"black\" stroke-width=\"0.1\">\n",
                            escaped(layer.name));
        constexpr int decimals = 4;
        for (const Contour& contour : onPage(plane::outlineOf(layer.stamps), left, top).contours)
            text += "<path d=\"" + plane::pathDataOf({{contour}}, decimals) + "\"/>\n";
        text += "</g>\n";
    }
    return text + "</svg>\n";
}

std::string dxfOf(const std::vector<DrawingLayer>& layers, DxfCurves curves) {
    DL_Dxf dxf;
    DxfText text;
    DxfWriter(dxf, text).write(layers, curves);
    return text.take();
}

} // namespace bollard::files
