#include "artwork/artwork.hpp"
#include <charconv>
#include <cmath>
#include <dxflib/dl_creationadapter.h>
#include <dxflib/dl_dxf.h>
#include <functional>
#include <map>
#include <streambuf>

namespace bollard::artwork {

using plane::Contour, plane::Outline, plane::Segment, plane::Vector;
using quantity::Problem, quantity::ProblemKind;

namespace {

/// Blocks within blocks can ask for more than any machine holds.
constexpr std::ptrdiff_t mostPieces = 1'000'000;

/// x' = a x + c y + e, y' = b x + d y + f.
struct Affine {
    double a = 1, b = 0, c = 0, d = 1, e = 0, f = 0;
    Vector operator()(Vector v) const { return {a * v.x + c * v.y + e, b * v.x + d * v.y + f}; }
};
Affine then(const Affine& first, const Affine& second) {
    const Vector x = second({first.a, first.b}) - Vector{second.e, second.f};
    const Vector y = second({first.c, first.d}) - Vector{second.e, second.f};
    const Vector o = second({first.e, first.f});
    return {x.x, x.y, y.x, y.y, o.x, o.y};
}

void addMapped(const Outline& from, const Affine& by, Outline& to) {
    for (const Contour& contour : from.contours)
        to.contours.push_back(plane::mapped(contour, by));
}

struct Insert {
    std::string block;
    Affine place;
};
struct Block {
    Vector base{};
    Outline outline{};
    std::vector<Insert> inserts{};
};

/// A B-spline, perhaps rational, as DXF gives it.
struct Spline {
    size_t degree = 3;
    bool closed = false;
    std::vector<double> knots{};
    std::vector<Vector> points{};
    std::vector<double> weights{};

    bool good() const {
        return degree >= 1 && degree <= 10 && points.size() > degree &&
               knots.size() == points.size() + degree + 1;
    }
    /// De Boor's algorithm in homogeneous coordinates.
    Vector at(double u, size_t span) const {
        struct Homogeneous {
            double x, y, w;
        };
        std::vector<Homogeneous> d;
        for (size_t i = span - degree; i <= span; ++i)
            d.push_back({points[i].x * weights[i], points[i].y * weights[i], weights[i]});
        for (size_t r = 1; r <= degree; ++r)
            for (size_t j = degree; j >= r; --j) {
                const size_t i = span - degree + j;
                const double width = knots[i + degree - r + 1] - knots[i];
                const double t = width > 0 ? (u - knots[i]) / width : 0;
                d[j] = {(1 - t) * d[j - 1].x + t * d[j].x, (1 - t) * d[j - 1].y + t * d[j].y,
                        (1 - t) * d[j - 1].w + t * d[j].w};
            }
        const Homogeneous& end = d[degree];
        return end.w != 0 ? Vector{end.x / end.w, end.y / end.w} : Vector{end.x, end.y};
    }
    /// Each span as one cubic through four of its points where it is a plain cubic, which is exact; else as
    /// eight.
    Contour contour() const {
        Contour result;
        result.open = true;
        bool plain = degree <= 3;
        for (const double w : weights)
            plain = plain && w == weights.front();
        const int pieces = plain ? 1 : 8;
        for (size_t span = degree; span + degree + 1 < knots.size(); ++span) {
            const double from = knots[span], to = knots[span + 1];
            if (!(to > from))
                continue;
            for (int k = 0; k < pieces; ++k) {
                const double low = from + (to - from) * k / pieces,
                             high = from + (to - from) * (k + 1) / pieces;
                const auto p = [&](double t) { return at(low + (high - low) * t, span); };
                const Vector a = p(0), q = p(1.0 / 3), r = p(2.0 / 3), d = p(1);
                if (result.segments.empty())
                    result.start = a;
                // The cubic that passes these four at thirds.
                const Vector b = (1.0 / 6) * (-5.0 * a + 18.0 * q - 9.0 * r + 2.0 * d);
                const Vector c = (1.0 / 6) * (2.0 * a - 9.0 * q + 18.0 * r - 5.0 * d);
                result.segments.push_back({Segment::Kind::cubic, b, c, d});
            }
        }
        return result;
    }
};

struct Vertex {
    Vector at;
    double bulge;
};

/// The text in pieces, and its end where the reading is stopped: dxflib knows no other way.
class Pieces : public std::streambuf {
  public:
    Pieces(const std::string& text, const std::stop_token& stop) : left_(text), stop_(stop) {}

  protected:
    int_type underflow() override {
        constexpr size_t size = 1 << 14;
        if (left_.empty() || stop_.stop_requested())
            return traits_type::eof();
        piece_.assign(left_.substr(0, size));
        left_.remove_prefix(piece_.size());
        setg(piece_.data(), piece_.data(), piece_.data() + piece_.size());
        return traits_type::to_int_type(piece_.front());
    }

  private:
    std::string_view left_;
    const std::stop_token& stop_;
    std::string piece_;
};

/// dxflib takes room for as many points as a number in the file says. Each of them takes lines of its own, so
/// a count beyond what the file can hold is none.
bool countsTooMany(std::string_view text) {
    constexpr std::size_t leastBytes = 4;
    const std::size_t most = text.size() / leastBytes;
    std::string_view entity;
    const auto line = [&] {
        const size_t end = std::min(text.find('\n'), text.size());
        std::string_view found = text.substr(0, std::min(end, text.find('\0')));
        text.remove_prefix(std::min(end + 1, text.size()));
        // What the library reads numbers past
        found.remove_prefix(std::min(found.find_first_not_of(" \t\v\f\r+"), found.size()));
        return found.substr(0, found.find_last_not_of(" \t\r") + 1);
    };
    const auto number = [](std::string_view digits, long long& value) {
        return std::from_chars(digits.data(), digits.data() + digits.size(), value).ec;
    };
    while (!text.empty()) {
        const std::string_view codeText = line(), value = line();
        long long code = 0, count = 0;
        if (number(codeText, code) != std::errc())
            code = 0; // as dxflib takes it
        if (code == 0)
            entity = value;
        const bool counts =
            (code == 90 && entity == "LWPOLYLINE") || (code >= 72 && code <= 74 && entity == "SPLINE") ||
            (code == 76 && entity == "LEADER") || (code >= 91 && code <= 97 && entity == "HATCH");
        const std::errc error = counts ? number(value, count) : std::errc();
        if (error == std::errc::result_out_of_range || count < 0 || std::size_t(count) > most)
            return true;
    }
    return false;
}

class Reader : public DL_CreationAdapter {
  public:
    std::map<std::string, Block> blocks{};
    Block page{};
    int texts = 0, others = 0, units = 0, entities = 0;

    void addBlock(const DL_BlockData& data) override {
        finish();
        current_ = &blocks[data.name];
        current_->base = {data.bpx, data.bpy};
    }
    void endBlock() override {
        finish();
        current_ = &page;
    }
    void endSection() override { finish(); }
    void endEntity() override { finish(); }
    void addLine(const DL_LineData& data) override {
        const Contour line{{data.x1, data.y1}, {{Segment::Kind::line, {}, {}, {data.x2, data.y2}}}, true};
        take({{line}});
    }
    void addArc(const DL_ArcData& data) override {
        double sweep = std::fmod(data.angle2 - data.angle1, 360);
        if (sweep <= 0)
            sweep += 360;
        const double from = data.angle1 * M_PI / 180;
        Contour arc{
            Vector{data.cx, data.cy} + data.radius * Vector{std::cos(from), std::sin(from)}, {}, true};
        plane::addArc(arc, {data.cx, data.cy}, sweep);
        take({{arc}});
    }
    void addCircle(const DL_CircleData& data) override {
        take({{plane::circle({data.cx, data.cy}, data.radius)}});
    }
    void addEllipse(const DL_EllipseData& data) override {
        double sweep = std::fmod(data.angle2 - data.angle1, 2 * M_PI);
        if (sweep <= 0)
            sweep += 2 * M_PI;
        const bool whole = std::fabs(sweep - 2 * M_PI) < 1e-6;
        Contour unit{{std::cos(data.angle1), std::sin(data.angle1)}, {}, !whole};
        plane::addArc(unit, {}, sweep * 180 / M_PI);
        const Affine place{data.mx, data.my, -data.my * data.ratio, data.mx * data.ratio, data.cx, data.cy};
        Outline ellipse;
        addMapped({{unit}}, place, ellipse);
        take(ellipse);
    }
    void addPolyline(const DL_PolylineData& data) override {
        finish();
        polyline_ = true;
        closed_ = data.flags & 1;
        extrusionDown_ = isDown();
    }
    void addVertex(const DL_VertexData& data) override {
        vertices_.push_back({{data.x, data.y}, data.bulge});
    }
    void addSpline(const DL_SplineData& data) override {
        finish();
        spline_ = Spline{data.degree, (data.flags & 1) != 0, {}, {}, {}};
        inSpline_ = true;
        extrusionDown_ = isDown();
    }
    void addControlPoint(const DL_ControlPointData& data) override {
        spline_.points.push_back({data.x, data.y});
        spline_.weights.push_back(data.w > 0 ? data.w : 1);
    }
    void addKnot(const DL_KnotData& data) override { spline_.knots.push_back(data.k); }
    void addInsert(const DL_InsertData& data) override {
        ++entities;
        const double angle = data.angle * M_PI / 180, c = std::cos(angle), s = std::sin(angle);
        const bool down = isDown();
        for (int column = 0; column < std::clamp(data.cols, 1, 1000); ++column)
            for (int row = 0; row < std::clamp(data.rows, 1, 1000); ++row) {
                const Vector step{column * data.colSp, row * data.rowSp};
                const Vector at =
                    Vector{data.ipx, data.ipy} + Vector{c * step.x - s * step.y, s * step.x + c * step.y};
                Affine place{c * data.sx, s * data.sx, -s * data.sy, c * data.sy, at.x, at.y};
                if (down)
                    place = then(place, {-1, 0, 0, 1, 0, 0});
                if (std::ptrdiff_t(current_->inserts.size()) <= mostPieces)
                    current_->inserts.push_back({data.name, place});
            }
    }
    void addText(const DL_TextData&) override { ++texts; }
    void addMText(const DL_MTextData&) override { ++texts; }
    void addAttribute(const DL_AttributeData&) override { ++texts; }
    void addDimAlign(const DL_DimensionData&, const DL_DimAlignedData&) override { ++others; }
    void addDimLinear(const DL_DimensionData&, const DL_DimLinearData&) override { ++others; }
    void addDimRadial(const DL_DimensionData&, const DL_DimRadialData&) override { ++others; }
    void addDimDiametric(const DL_DimensionData&, const DL_DimDiametricData&) override { ++others; }
    void addHatch(const DL_HatchData&) override { ++others; }
    void addImage(const DL_ImageData&) override { ++others; }
    void setVariableInt(const std::string& key, int value, int) override {
        if (key == "$INSUNITS")
            units = value;
    }

    /// Closes what is being read.
    void finish() {
        if (polyline_)
            takePolyline();
        if (inSpline_ && spline_.good()) {
            Contour contour = spline_.contour();
            if (spline_.closed && !contour.segments.empty() &&
                plane::length(contour.segments.back().end - contour.start) < 1e-9)
                contour.open = false;
            takeFacing({{contour}}, extrusionDown_);
        } else if (inSpline_) {
            ++others;
        }
        polyline_ = inSpline_ = false;
        vertices_.clear();
        spline_ = {};
    }

  private:
    /// Drawn on the underside: dxflib leaves the mirroring to us.
    bool isDown() { return getExtrusion() && getExtrusion()->getDirection()[2] < 0; }
    void take(const Outline& outline) { takeFacing(outline, isDown()); }
    void takeFacing(const Outline& outline, bool down) {
        ++entities;
        addMapped(outline, down ? Affine{-1, 0, 0, 1, 0, 0} : Affine{}, current_->outline);
    }
    void takePolyline() {
        if (vertices_.size() < 2)
            return;
        Contour contour{vertices_.front().at, {}, !closed_};
        const size_t count = closed_ ? vertices_.size() : vertices_.size() - 1;
        for (size_t i = 0; i < count; ++i) {
            const Vector from = vertices_[i].at, to = vertices_[(i + 1) % vertices_.size()].at;
            const double bulge = vertices_[i].bulge;
            if (bulge == 0 || from == to) {
                contour.segments.push_back({Segment::Kind::line, {}, {}, to});
                continue;
            }
            // bulge = tan(sweep / 4), positive to the left
            const Vector half = 0.5 * (to - from);
            const double along = (1 - bulge * bulge) / (2 * bulge);
            const Vector centre = from + half + along * Vector{-half.y, half.x};
            plane::addArc(contour, centre, 4 * std::atan(bulge) * 180 / M_PI);
            contour.segments.back().end = to;
        }
        takeFacing({{contour}}, extrusionDown_);
    }

    Block* current_ = &page;
    bool polyline_ = false, closed_ = false, inSpline_ = false, extrusionDown_ = false;
    std::vector<Vertex> vertices_;
    Spline spline_;
};

/// Blocks within blocks, as deep as makes sense; one that holds itself ends there.
void expand(const Block& block, const std::map<std::string, Block>& blocks, const Affine& place, int depth,
            std::ptrdiff_t& left, Outline& out) {
    for (const Contour& contour : block.outline.contours)
        left -= std::ptrdiff_t(contour.segments.size());
    constexpr int deepest = 16;
    if (--left < 0 || depth == deepest)
        return;
    addMapped(block.outline, place, out);
    for (const Insert& insert : block.inserts) {
        if (left < 0)
            return;
        if (const auto found = blocks.find(insert.block); found != blocks.end()) {
            const Affine toBase{1, 0, 0, 1, -found->second.base.x, -found->second.base.y};
            expand(found->second, blocks, then(then(toBase, insert.place), place), depth + 1, left, out);
        }
    }
}

/// mm in a unit of $INSUNITS; 0 where it says nothing.
double millimetresIn(int units) {
    switch (units) {
    case 1:
        return 25.4;
    case 2:
        return 304.8;
    case 4:
        return 1;
    case 5:
        return 10;
    case 6:
        return 1000;
    case 9:
        return 0.0254;
    case 13:
        return 0.001;
    default:
        return 0;
    }
}

} // namespace

quantity::Result<Drawing> drawingFromDxf(const std::string& text, const std::string& path,
                                         std::stop_token stop) {
    if (countsTooMany(text))
        return Problem{ProblemKind::artworkBroken, path, "it counts more points than it holds"};
    Reader reader;
    try {
        DL_Dxf file;
        Pieces pieces(text, stop);
        std::istream in(&pieces);
        if (!file.in(in, &reader))
            return Problem{ProblemKind::fileUnreadable, path, "dxf"};
    } catch (const std::exception&) { // numbers out of all range
        return Problem{ProblemKind::artworkBroken, path, "a value in it makes no sense"};
    }
    if (stop.stop_requested())
        return Problem{ProblemKind::stopped};
    reader.finish();
    if (reader.entities == 0 && reader.texts == 0 && reader.others == 0)
        return Problem{ProblemKind::artworkBroken, path, "no drawing was found in it"};
    Outline all;
    std::ptrdiff_t left = mostPieces;
    expand(reader.page, reader.blocks, {}, 0, left, all);
    if (left < 0)
        return Problem{ProblemKind::artworkBroken, path, "more than a million lines and arcs are in it"};
    const auto finite = [](const Contour& contour) {
        const auto good = [](Vector v) { return std::isfinite(v.x) && std::isfinite(v.y); };
        return good(contour.start) && std::ranges::all_of(contour.segments, [&](const Segment& s) {
                   return good(s.first) && good(s.second) && good(s.end);
               });
    };
    std::erase_if(all.contours, [&](const Contour& contour) { return !finite(contour); });
    if (all.contours.empty())
        return Problem{ProblemKind::artworkEmpty, path};
    if (stop.stop_requested())
        return Problem{ProblemKind::stopped};
    Drawing drawing;
    constexpr double reach = 1e-3;
    drawing.outline = joined(all, reach);
    orientByDepth(drawing.outline);
    drawing.millimetresPerUnit = millimetresIn(reader.units);
    drawing.texts = reader.texts;
    drawing.others = reader.others;
    return drawing;
}

} // namespace bollard::artwork
