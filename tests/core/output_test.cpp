#include "../random_cards.hpp"
#include "card/output.hpp"
#include <map>
#include <pugixml.hpp>
#include <set>
#include <sstream>

using namespace bollard;

using samples::bytesOf;

namespace {

/// The group codes and values of a DXF text; empty when they do not pair.
std::vector<std::pair<int, std::string>> pairsOf(const std::string& dxf) {
    std::vector<std::pair<int, std::string>> pairs;
    std::istringstream in(dxf);
    std::string code, value;
    while (std::getline(in, code)) {
        if (!std::getline(in, value))
            return {};
        pairs.emplace_back(std::stoi(code), value.substr(0, value.find('\r')));
    }
    return pairs;
}

plane::Outline layer(const card::Made& made, const std::string& name) {
    for (const files::DrawingLayer& some : card::layersOf(made))
        if (some.name == name)
            return plane::outlineOf(some.stamps);
    return {};
}

/// Points along the arcs and lines of a DXF's polylines, close together; mm.
std::vector<plane::Vector> arcsIn(const std::string& dxf) {
    std::vector<plane::Vector> points;
    struct Corner {
        plane::Vector at;
        double bulge = 0;
    };
    std::vector<Corner> corners;
    bool inPolyline = false;
    const auto finish = [&] {
        for (size_t i = 0; i < corners.size(); ++i) {
            const plane::Vector a = corners[i].at, b = corners[(i + 1) % corners.size()].at;
            const double sweep = 4 * std::atan(corners[i].bulge);
            constexpr int steps = 24;
            for (int k = 0; k < steps; ++k) {
                const double t = double(k) / steps;
                if (std::fabs(sweep) < 1e-9) {
                    points.push_back(a + t * (b - a));
                    continue;
                }
                const plane::Vector chord = b - a;
                const double h = 0.5 / std::tan(sweep / 2);
                const plane::Vector centre = a + 0.5 * chord + h * plane::Vector{-chord.y, chord.x};
                const plane::Vector spoke = a - centre;
                const double angle = t * sweep, c = std::cos(angle), s = std::sin(angle);
                points.push_back(centre +
                                 plane::Vector{c * spoke.x - s * spoke.y, s * spoke.x + c * spoke.y});
            }
        }
        corners.clear();
    };
    for (const auto& [code, value] : pairsOf(dxf)) {
        if (code == 0) {
            finish();
            inPolyline = value == "LWPOLYLINE";
        } else if (inPolyline && code == 10) {
            corners.push_back({{std::stod(value), 0}});
        } else if (inPolyline && code == 20) {
            corners.back().at.y = std::stod(value);
        } else if (inPolyline && code == 42) {
            corners.back().bulge = std::stod(value);
        }
    }
    finish();
    return points;
}

/// How far any of the points is from the outline, mm.
double farthestFrom(const plane::Outline& outline, const std::vector<plane::Vector>& points) {
    constexpr double scale = 1e6;
    const auto rings = plane::flattened(outline, scale, 100); // 0.1 micrometre
    constexpr double cell = 0.05 * scale;
    std::map<std::pair<long, long>, std::vector<std::pair<plane::Vector, plane::Vector>>> sides;
    const auto of = [&](double v) { return std::lround(v / cell); };
    for (const plane::Ring& ring : rings)
        for (size_t i = 0; i < ring.size(); ++i) {
            const plane::Vector a = plane::vectorOf(ring[i]),
                                b = plane::vectorOf(ring[(i + 1) % ring.size()]);
            const int steps = std::max(1, int(plane::length(b - a) / cell * 2));
            std::set<std::pair<long, long>> cells;
            for (int k = 0; k <= steps; ++k) {
                const plane::Vector p = a + (double(k) / steps) * (b - a);
                for (const long dx : {-1, 0, 1})
                    for (const long dy : {-1, 0, 1})
                        cells.insert({of(p.x) + dx, of(p.y) + dy});
            }
            for (const auto& where : cells)
                sides[where].emplace_back(a, b);
        }
    double worst = 0;
    for (const plane::Vector point : points) {
        const plane::Vector p = scale * point;
        double nearest = cell;
        for (const auto& [a, b] : sides[{of(p.x), of(p.y)}])
            nearest = std::min(nearest, plane::distanceToSegment(p, a, b));
        worst = std::max(worst, nearest / scale);
    }
    return worst;
}

} // namespace

/// Every format, for any card.
class OutputTest : public QObject {
    Q_OBJECT
  private slots:
    void drawingsOfAnyCardAreWellFormed() {
        samples::RandomCards cards(31);
        card::Pipeline pipeline(samples::catalogue());
        for (int i = 0; i < 40; ++i) {
            const card::Card card = cards.next();
            const auto made = pipeline.run(std::make_shared<const card::Card>(card), {});
            const auto layers = card::layersOf(made);
            if (layers.empty())
                continue;
            const std::string svg = bytesOf(made, "svg"), dxf = bytesOf(made, "dxf");
            pugi::xml_document document;
            QVERIFY2(document.load_string(svg.c_str()), qPrintable(QString::number(i)));
            const pugi::xml_node root = document.child("svg");
            QVERIFY(std::string(root.attribute("width").as_string()).ends_with("mm"));
            QCOMPARE(std::distance(root.children("g").begin(), root.children("g").end()),
                     std::ptrdiff_t(layers.size()));
            for (const char* bad : {"nan", "inf"})
                QVERIFY(svg.find(bad) == std::string::npos && dxf.find(bad) == std::string::npos);
            const auto pairs = pairsOf(dxf);
            QVERIFY(!pairs.empty());
            QCOMPARE(pairs.back().second, std::string("EOF"));
            std::set<std::string> used, known;
            for (size_t k = 1; k < pairs.size(); ++k) {
                if (pairs[k].first == 8)
                    used.insert(pairs[k].second);
                if (pairs[k].first == 2 && pairs[k - 1].second == "AcDbLayerTableRecord")
                    known.insert(pairs[k].second);
            }
            for (const files::DrawingLayer& layer : layers)
                QVERIFY2(used.contains(layer.name), layer.name.c_str());
        }
    }

    void solidsOfAnyCardAreWhole() {
        samples::RandomCards cards(77);
        card::Pipeline pipeline(samples::catalogue());
        for (int i = 0; i < 12; ++i) {
            const card::Card card = cards.next();
            const auto made = pipeline.run(std::make_shared<const card::Card>(card), {});
            if (made.solid->mesh.triangles.empty())
                continue;
            const std::string stl = bytesOf(made, "stl");
            QCOMPARE(stl.size(), 84 + 50 * made.solid->mesh.triangles.size()); // binary STL
            QVERIFY(bytesOf(made, "3mf").starts_with("PK"));                   // a zip
        }
    }

    void theSameCardGivesTheSameDrawing() {
        samples::RandomCards cards(8);
        for (int i = 0; i < 6; ++i) {
            const card::Card card = cards.next();
            const auto first = samples::made(card), second = samples::made(card);
            QVERIFY(bytesOf(first, "svg") == bytesOf(second, "svg"));
            QVERIFY(bytesOf(first, "dxf") == bytesOf(second, "dxf"));
        }
    }

    void layersAreTheWorkingsAndTheBlank() {
        const auto made = samples::made(samples::read("berth-14"));
        std::vector<std::string> names;
        for (const files::DrawingLayer& layer : card::layersOf(made))
            names.push_back(layer.name);
        QCOMPARE(names, (std::vector<std::string>{"blank", "raised", "sunk"}));
    }

    void mouthsAndPocketsAreDrawnAsWideAsTheyAre() {
        const double unit = plane::unitsPerMillimetre;
        const auto regionOf = [&](const plane::Outline& outline) {
            return plane::filled(plane::flattened(outline, unit, 10));
        };
        card::Card card = samples::plate("O8");
        working::Working& working = card.inscriptions[0].working;
        const auto verify = [&](const std::string& name, double wider) {
            const auto made = samples::made(card);
            const plane::Region drawn = regionOf(layer(made, name));
            const plane::Region whole = plane::grown(
                plane::united(made.lettering->inscriptions[0].onSide, std::stop_token{}), wider * unit);
            QVERIFY(!drawn.empty());
            QVERIFY(plane::areaOf(plane::without(drawn, whole)) +
                        plane::areaOf(plane::without(whole, drawn)) <
                    1e-2 * plane::areaOf(whole)); // curves within 0.01 mm
        };
        working.kind = working::Kind::sunk;
        QVERIFY(layer(samples::made(card), "sunk mouth").contours.empty());
        working.edge = {.kind = working::EdgeKind::chamfer, .size = 0.5};
        verify("sunk", 0);
        verify("sunk mouth", 0.5);
        working.kind = working::Kind::inlaid;
        working.clearance = 0.15;
        verify("inlaid", 0);
        verify("inlaid pocket", 0.15);
    }

    void scribedSingleLinesAreOpenLinesToFollow() {
        const auto made = samples::made(samples::read("valve-serial"));
        const auto layers = card::layersOf(made);
        QCOMPARE(layers.back().name, std::string("scribed"));
        QVERIFY(std::ranges::any_of(plane::outlineOf(layers.back().stamps).contours, &plane::Contour::open));
    }

    void whatOverlapsIsDrawnOnceWithinAWorking() {
        // Two inscriptions that lie half over each other, and bars that cross: no line within another's area.
        card::Card card = samples::plate("HHH");
        card.inscriptions.push_back(card.inscriptions[0]);
        card.inscriptions[1].placing.x += 2;
        card::Inscription bar;
        bar.ornament.kind = setting::OrnamentKind::bar;
        bar.ornament.height = 2;
        bar.placing = {setting::Anchor::centre, 60, 22.5, 0};
        card.inscriptions.push_back(bar);
        bar.placing.turn = 30;
        card.inscriptions.push_back(bar);
        const auto made = samples::made(card);
        const plane::Outline drawn = layer(made, "raised");
        const auto rings = plane::flattened(drawn, 1e4, 10);
        double signedArea = 0;
        for (const plane::Ring& ring : rings)
            signedArea += plane::areaOf(ring);
        const plane::Region area = plane::filled(rings);
        QCOMPARE(area.rings.size(), rings.size()); // nothing is left to unite
        COMPARE_NEAR(plane::areaOf(area) / signedArea, 1, 1e-6);
        std::vector<plane::Region> letters;
        for (const auto& placed : made.lettering->inscriptions)
            letters.insert(letters.end(), placed.onSide.begin(), placed.onSide.end());
        COMPARE_NEAR(plane::areaOf(area) / plane::areaOf(plane::united(letters)), 1, 1e-3);
    }

    void whatCrossesTheEdgeIsCutOffThere() {
        card::Card card = samples::plate("HOH", working::Kind::pierced);
        card.inscriptions[0].placing.x = 0; // half of it beyond the plate
        card.blank.holes = {{120, 20, 8}, {60, 22.5, 6}, {66, 22.5, 8}, {90, 30, 5}, {200, 20, 5}};
        const auto made = samples::made(card);
        std::vector<plane::Ring> lines;
        for (const files::DrawingLayer& some : card::layersOf(made))
            for (plane::Ring& ring : plane::flattened(plane::outlineOf(some.stamps), 1e4, 10)) {
                const plane::Box box = plane::boxOf(ring);
                QVERIFY(box.low.x >= -2 && box.high.x <= 1200002 && box.low.y >= -2 && box.high.y <= 450002);
                lines.push_back(std::move(ring));
            }
        // By the even-odd rule the lines bound what is left of the plate: each is there once.
        double area = 0;
        for (const plane::Ring& ring : lines) {
            int depth = 0;
            for (const plane::Ring& other : lines)
                depth += &other != &ring && plane::contains({{other}}, ring.front()) ? 1 : 0;
            area += (depth % 2 == 0 ? 1 : -1) * std::fabs(plane::areaOf(ring));
        }
        COMPARE_NEAR(area * 1e-8 * card.blank.thickness / body::volumeOf(made.solid->mesh), 1, 1e-3);
        QVERIFY(!layer(made, "blank").contours.empty());
        const auto whole = layer(made, "blank");
        QVERIFY(std::ranges::any_of(whole.contours, [](const plane::Contour& contour) {
            return std::ranges::any_of(contour.segments, [](const plane::Segment& s) {
                return s.kind ==
                       plane::Segment::Kind::cubic; // the hole that nothing touches keeps its curves
            });
        }));
    }

    void arcsStayWithinFiveMicrometresOfTheOutline() {
        for (const char* family : {"League Spartan", "Dancing Script", "Leckerli One", "GFS Didot"})
            for (const double size : {4.0, 12.0, 60.0}) {
                card::Card card = samples::freeStanding("aBgS8&");
                card.inscriptions[0].typeface = {family, ""};
                card.inscriptions[0].style.size = size;
                card.inscriptions[0].style.letterSpace = 2;
                const auto layers = card::layersOf(samples::made(card));
                const double off =
                    farthestFrom(plane::outlineOf(layers[0].stamps), arcsIn(files::dxfOf(layers)));
                QVERIFY2(off <= 0.005,
                         qPrintable(QStringLiteral("%1 %2: %3").arg(family).arg(size).arg(off)));
            }
    }

    void mendedLettersLieOnTheirFontsOutline() {
        // Letters of a face whose contours overlap: the drawing is the united area, within 2 micrometres.
        card::Card card = samples::freeStanding("aemK");
        card.inscriptions[0].typeface = {"Ecolier_court", ""};
        card.inscriptions[0].style.size = 40;
        card.inscriptions[0].style.letterSpace = 20;
        const auto made = samples::made(card);
        QVERIFY(samples::finding(made, check::FindingKind::outlineMended));
        const auto& placed = made.lettering->inscriptions[0];
        std::vector<plane::Ring> exact;
        for (const setting::Letter& letter : placed.setting->letters) {
            const plane::Outline outline =
                plane::mapped(placed.setting->typeface->glyph(letter.glyph).outline, [&](plane::Vector v) {
                    return placed.place.toSide(letter.toFrame(placed.setting->scale * v));
                });
            for (plane::Ring& ring : plane::flattened(outline, 1, 0.5))
                exact.push_back(std::move(ring));
        }
        double worst = 0;
        for (const plane::Contour& contour : layer(made, "free-standing").contours)
            for (const plane::Segment& segment : contour.segments) {
                double nearest = 1e9;
                for (const plane::Ring& ring : exact)
                    for (size_t k = 0; k < ring.size(); ++k)
                        nearest = std::min(
                            nearest, plane::distanceToSegment(1e4 * segment.end, plane::vectorOf(ring[k]),
                                                              plane::vectorOf(ring[(k + 1) % ring.size()])));
                worst = std::max(worst, nearest * 1e-4);
            }
        QVERIFY2(worst <= 0.002, qPrintable(QString::number(worst)));
    }

    void endingsChooseTheFormat() {
        QCOMPARE(card::formatOf("a/b.STL")->ending, std::string("stl"));
        QCOMPARE(card::formatOf("a/b.c.dxf")->ending, std::string("dxf"));
        QVERIFY(!card::formatOf("a/b.pdf") && !card::formatOf("a/b") && !card::formatOf(""));
        for (const card::OutputFormat& format : card::outputFormats())
            QVERIFY(card::formatOf("x." + format.ending) == &format);
    }
};
QTEST_GUILESS_MAIN(OutputTest)
#include "output_test.moc"
