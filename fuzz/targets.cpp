#include "targets.hpp"
#include "artwork/artwork.hpp"
#include "body/faults.hpp"
#include "body/find_side.hpp"
#include "body/repair.hpp"
#include "card/card_json.hpp"
#include "files/csv.hpp"
#include "files/part_file.hpp"
#include "files/stl.hpp"
#include "plane/path_data.hpp"
#include "plane/region.hpp"
#include "proof/rs274.hpp"
#include "send/sender.hpp"
#include "type/shaping.hpp"
#include "type/typeface.hpp"
#include <algorithm>
#include <cmath>
#include <cstdlib>

namespace bollard::fuzz {
namespace {

/// What must hold of any input: else the run ends here.
void expect(bool holds) {
    if (!holds)
        std::abort();
}

/// Some letters of a typeface, as their shapes.
void letters(const std::string& bytes, const char* file) {
    const auto face = type::typefaceFromBytes(bytes, file);
    if (!face)
        return;
    for (const type::ShapedGlyph& glyph : type::shaped(**face, U"HOx g"))
        (void)(*face)->region(glyph.glyph, 10 / (*face)->unitsPerEm() * 1000);
    (void)(*face)->kind();
}

/// What is read is mended or refused, and has sides or none.
void part(const std::string& bytes, const char* file) {
    const auto read = files::partSurfaceOf(file, bytes);
    constexpr size_t many = 2000; // what is mended takes its time
    if (!read || read->mesh.triangles.size() > many)
        return;
    const auto body = body::repaired(read->mesh);
    if (!body)
        return;
    expect(body::faultsOf(body->body).openEdges == 0);
    const space::Vertex at = body->body.vertices.front();
    (void)body::sideAt(body->body, {at.x, at.y, at.z}, 0);
}

} // namespace

void card(const std::string& bytes) {
    const auto read = card::cardFromJson(bytes);
    if (!read)
        return expect(read.problem().line >= 0);
    const std::string text = card::jsonOf(*read);
    const auto again = card::cardFromJson(text);
    expect(bool(again) && card::jsonOf(*again) == text);
}

void number(const std::string& bytes) {
    const auto length = quantity::lengthFromText(bytes, quantity::Unit::inch);
    expect(!length || *length - *length == 0); // finite
    (void)quantity::angleFromText(bytes);
}

void path(const std::string& bytes) {
    const auto outline = plane::outlineFromPathData(bytes);
    if (!outline || bytes.size() > 2000)
        return;
    // Cards refuse what lies farther out before it is filled.
    constexpr double reach = 2e9;
    const std::vector<plane::Ring> rings = plane::flattened(*outline, 100, 100);
    const auto near = [](plane::Point p) {
        return std::fabs(double(p.x)) <= reach && std::fabs(double(p.y)) <= reach;
    };
    if (std::ranges::all_of(rings, [&](const plane::Ring& ring) { return std::ranges::all_of(ring, near); }))
        (void)plane::filled(rings);
    expect(bool(plane::outlineFromPathData(plane::pathDataOf(*outline, 4))));
}

void table(const std::string& bytes) {
    (void)files::tableFromCsv(bytes);
    (void)files::tableFromText(bytes, '\t');
}

void font(const std::string& bytes) {
    letters(bytes, "gull.ttf");
}

void hershey(const std::string& bytes) {
    letters(bytes, "gull.jhf");
}

void svgfont(const std::string& bytes) {
    letters(bytes, "gull.svg");
}

void svg(const std::string& bytes) {
    const auto drawing = artwork::drawingFromSvg(bytes, "gull.svg");
    if (drawing)
        (void)artwork::asArtwork(*drawing, 1);
}

void dxf(const std::string& bytes) {
    const auto drawing = artwork::drawingFromDxf(bytes, "gull.dxf");
    if (drawing)
        (void)artwork::asArtwork(*drawing, 1);
}

void stl(const std::string& bytes) {
    (void)files::meshFromStl(bytes, "gull.stl");
    part(bytes, "gull.stl");
}

void obj(const std::string& bytes) {
    part(bytes, "gull.obj");
}

void threemf(const std::string& bytes) {
    part(bytes, "gull.3mf");
}

void program(const std::string& bytes) {
    const proof::Program read = proof::programFrom(bytes);
    for (const proof::Motion& motion : read.motions)
        expect(motion.to.x - motion.to.x == 0 && motion.to.y - motion.to.y == 0 &&
               motion.to.z - motion.to.z == 0);
}

void shop(const std::string& bytes) {
    const auto read = card::shopFromJson(bytes);
    if (!read)
        return expect(read.problem().line >= 0);
    const auto again = card::shopFromJson(card::jsonOf(*read));
    expect(bool(again) && card::jsonOf(*again) == card::jsonOf(*read)); // less what only other kinds have
}

/// A program as it is sent, and where it could be gone on with.
void sent(const std::string& bytes) {
    const auto read = send::programFrom(bytes, "gull.nc");
    if (!read)
        return expect(read.problem().line >= 0);
    for (const int line : {0, 1, read->last / 2, read->last}) {
        const send::Resumption there = send::resumptionAt(*read, line);
        expect(there.line <= std::max(line, read->lines.front().number));
    }
    expect(read->seconds() >= 0);
}

void protocol(const std::string& bytes) {
    const auto read = send::protocolFrom(bytes, "gull.json");
    expect(bool(read) || !read.problem().detail.empty());
    if (read)
        for (const std::string& pattern : read->good)
            (void)send::matched(pattern, bytes.substr(0, 200));
}

/// What a controller might say, in pieces: never more waits than the buffer holds, and nothing follows its
/// end.
void controller(const std::string& bytes) {
    send::Protocol plain{"plain",
                         115200,
                         "ready {name} buffer={buffer} travel={travel} dialects={dialects}",
                         0,
                         {"ok"},
                         {"error {number} {text}"},
                         "at {x} {y} {z} state={state} line={line}",
                         "\n",
                         "\5",
                         "\x13",
                         "\x11",
                         "\x18"};
    const auto program = send::programFrom("G21\nG0 Z5\nG0 X0 Y0\nG1 Z-1 F100\nX9\nG0 Z5\nM30\n", "gull.nc");
    send::Sender sender(*program, plain, {});
    double now = 0;
    sender.opened(now);
    sender.received("ready gull buffer=40 travel=100,100,50 dialects=lines\n", now);
    size_t sentBytes = sender.take().size();
    for (size_t at = 0; at < bytes.size(); at += 7) {
        now += 0.1;
        const bool over = sender.over();
        sender.received(std::string_view(bytes).substr(at, 7), now);
        sender.tick(now);
        const std::string out = sender.take();
        expect(!over || out.empty());
        sentBytes += out.size();
    }
    constexpr size_t most = 1000; // the program, and what is asked meanwhile
    expect(sentBytes <= most + bytes.size());
    expect(sender.confirmed() <= sender.sent() && sender.sent() <= int(program->lines.size()));
}

} // namespace bollard::fuzz
