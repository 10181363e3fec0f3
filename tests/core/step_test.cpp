// STEP files read back by the library that others read them with: sound solids, true to their formulas.
#include "card/boundaries.hpp"
#include "files/step.hpp"
#include "sample_cards.hpp"
#include "working/drawn_outlines.hpp"
#include <BRepCheck_Analyzer.hxx>
#include <BRepGProp.hxx>
#include <BRep_Tool.hxx>
#include <GProp_GProps.hxx>
#include <Geom_Surface.hxx>
#include <STEPControl_Reader.hxx>
#include <TopExp_Explorer.hxx>
#include <TopoDS.hxx>
#include <TopoDS_Face.hxx>
#include <TopoDS_Shape.hxx>
#include <map>
#include <sstream>

using namespace bollard;

namespace {

struct ReadBack {
    std::string text{};
    int solids = 0;
    bool sound = true;
    double volume = 0; ///< of all solids
    std::map<std::string, int> surfaces{};
    int count(const std::string& surface) const {
        const auto found = surfaces.find("Geom_" + surface);
        return found == surfaces.end() ? 0 : found->second;
    }
};

ReadBack readBack(const std::string& bytes) {
    ReadBack read;
    read.text = bytes;
    STEPControl_Reader reader;
    std::istringstream stream(bytes);
    if (reader.ReadStream("part", stream) != IFSelect_RetDone) {
        read.sound = false;
        return read;
    }
    reader.TransferRoots();
    const TopoDS_Shape shape = reader.OneShape();
    for (TopExp_Explorer solid(shape, TopAbs_SOLID); solid.More(); solid.Next()) {
        ++read.solids;
        read.sound = read.sound && BRepCheck_Analyzer(solid.Current()).IsValid();
        GProp_GProps properties;
        BRepGProp::VolumeProperties(solid.Current(), properties, 1e-9);
        read.volume += properties.Mass();
    }
    for (TopExp_Explorer face(shape, TopAbs_FACE); face.More(); face.Next())
        ++read.surfaces[BRep_Tool::Surface(TopoDS::Face(face.Current()))->DynamicType()->Name()];
    return read;
}

std::string stepOf(const card::Made& made) {
    const auto files = card::outputOf(made, *card::formatOf("part.step"), "part.step");
    return files ? files->front().bytes : std::string();
}
ReadBack written(const card::Card& card) {
    return readBack(stepOf(samples::made(card)));
}

/// Of what the letters of a card are drawn with: their area, and that times how far up it lies; mm.
struct Drawn {
    double area = 0, areaTimesY = 0;
};
Drawn drawnOn(const card::Made& made) {
    Drawn drawn;
    for (const working::PlacedLetters& letters : made.lettering->inscriptions)
        for (const plane::CurvePiece& piece :
             plane::piecesOf(plane::outlineOf(working::glyphOutlinesOf(letters)))) {
            // Gauss's five places: exact for what cubics bound.
            constexpr double at[] = {0, 0.5384693101056831, 0.9061798459386640},
                             weight[] = {0.5688888888888889, 0.4786286704993665, 0.2369268850561891};
            for (int i = -2; i <= 2; ++i) {
                const double t = (1 + (i < 0 ? -1 : 1) * at[std::abs(i)]) / 2;
                const plane::Vector p = piece.at(t), way = piece.along(t);
                drawn.area += weight[std::abs(i)] / 2 * plane::cross(p, way) / 2;
                drawn.areaTimesY -= weight[std::abs(i)] / 2 * p.y * p.y * way.x / 2;
            }
        }
    if (drawn.area < 0) // as the typeface winds
        drawn = {-drawn.area, -drawn.areaTimesY};
    return drawn;
}

card::Card cardOn(blank::Kind kind, working::Kind how) {
    card::Card card = samples::plate("Go8", how);
    card.blank.kind = kind;
    card.blank.width = 100;
    card.blank.height = 50;
    card.blank.thickness = 3;
    card.inscriptions[0].typeface = {"Quicksand", "Bold", {}, 0};
    card.inscriptions[0].style.size = 12;
    card.inscriptions[0].placing.x = 60;
    card.inscriptions[0].placing.y = 25;
    card.inscriptions[0].working.height = 1;
    card.inscriptions[0].working.depth = 1;
    return card;
}

} // namespace

class StepTest : public QObject {
    Q_OBJECT

    static void verifyVolume(const ReadBack& read, double exact) {
        QVERIFY(read.sound);
        QVERIFY2(std::fabs(read.volume / exact - 1) < 1e-6,
                 qPrintable(QString("%1 for %2").arg(read.volume, 0, 'g', 12).arg(exact, 0, 'g', 12)));
    }

  private slots:
    void piecesAreTheOutlinesOwnCurves() {
        // A circle of twelve cubics is two halves of an arc.
        const auto circle = plane::piecesOf({{plane::circle({3, 4}, 2)}});
        QCOMPARE(circle.size(), size_t(2));
        for (const plane::CurvePiece& half : circle) {
            QVERIFY(half.kind == plane::CurvePiece::Kind::arc);
            QVERIFY(std::fabs(half.radius - 2) < 1e-5 && std::fabs(half.sweep - M_PI) < 1e-6);
            const double t = half.nearest(plane::Vector{3, 4} + 5 * (half.at(0.3) - plane::Vector{3, 4}));
            QVERIFY(std::fabs(t - 0.3) < 1e-9);
        }
        plane::Contour contour{{0, 0}, {{plane::Segment::Kind::quadratic, {2, 3}, {}, {4, 0}}}};
        const auto pieces = plane::piecesOf({{contour}});
        QCOMPARE(pieces.size(), size_t(2)); // and the line that closes it
        QVERIFY(plane::length(pieces[0].at(0.5) - plane::Vector{2, 1.5}) < 1e-12);
        QVERIFY(std::fabs(pieces[0].nearest({2, 1.5}) - 0.5) < 1e-9);
        QVERIFY(std::fabs(pieces[0].at(pieces[0].whereX(1.3, 0.5)).x - 1.3) < 1e-12);
        QVERIFY(pieces[1].kind == plane::CurvePiece::Kind::line);
    }

    void platesAreExact() {
        for (const auto how : {working::Kind::raised, working::Kind::sunk, working::Kind::pierced}) {
            card::Card card = cardOn(blank::Kind::plate, how);
            card.blank.corner = 4;
            card.blank.holes = {{8, 25, 5}};
            const card::Made made = samples::made(card);
            const ReadBack read = readBack(stepOf(made));
            const double letters = drawnOn(made).area;
            const double plate = 100 * 50 - (4 - M_PI) * 4 * 4 - M_PI * 2.5 * 2.5;
            const double exact = how == working::Kind::raised ? plate * 3 + letters
                                 : how == working::Kind::sunk ? plate * 3 - letters
                                                              : (plate - letters) * 3;
            verifyVolume(read, exact);
            QVERIFY(read.count("CylindricalSurface") == 6); // four corners, two halves of the hole
            QVERIFY(read.count("SurfaceOfLinearExtrusion") > 10 && read.count("BSplineSurface") == 0);
        }
    }

    void discsWedgesAndBlocksAreExact() {
        card::Card card = cardOn(blank::Kind::disc, working::Kind::raised);
        card.blank.diameter = 80;
        card.inscriptions[0].placing.x = 40;
        card.inscriptions[0].placing.y = 60;
        card::Made made = samples::made(card);
        verifyVolume(readBack(stepOf(made)), M_PI * 40 * 40 * 3 + drawnOn(made).area);

        card = cardOn(blank::Kind::wedge, working::Kind::pierced);
        card.blank.thickness = 4;
        card.blank.endThickness = 2;
        card.blank.corner = 4;
        card.inscriptions[0].placing.x = 50;
        made = samples::made(card);
        // About its middle a wedge is as thick as there, but for where what is cut has its own middle.
        double lettersTimesX = 0;
        for (const plane::CurvePiece& piece :
             plane::piecesOf(plane::outlineOf(working::glyphOutlinesOf(made.lettering->inscriptions[0])))) {
            constexpr int steps = 400;
            for (int i = 0; i < steps; ++i) {
                const plane::Vector p = piece.at((i + 0.5) / steps), way = piece.along((i + 0.5) / steps);
                lettersTimesX += p.x * p.x * way.y / 2 / steps;
            }
        }
        const double letters = drawnOn(made).area;
        const double cut = 4 * letters - 0.02 * std::fabs(lettersTimesX);
        verifyVolume(readBack(stepOf(made)), (100 * 50 - (4 - M_PI) * 4 * 4) * 3 - cut);

        card = cardOn(blank::Kind::block, working::Kind::sunk);
        card.blank.thickness = 20;
        card.inscriptions[0].side = "top";
        card.inscriptions[0].placing.y = 10;
        made = samples::made(card);
        verifyVolume(readBack(stepOf(made)), 100 * 50 * 20 - drawnOn(made).area);
    }

    void barsTubesAndRingsAreExact() {
        card::Card card = cardOn(blank::Kind::bar, working::Kind::raised);
        card.blank.diameter = 40;
        card.blank.length = 50;
        card::Made made = samples::made(card);
        ReadBack read = readBack(stepOf(made));
        double letters = drawnOn(made).area;
        verifyVolume(read, M_PI * 400 * 50 + letters * (21 * 21 - 20 * 20) / 40);
        QVERIFY(read.count("CylindricalSurface") > 3 && read.count("Plane") > 1);

        for (const double x : {60.0, 0.0, 30.0}) { // at the seam too, and where faces part
            card = cardOn(blank::Kind::tube, working::Kind::pierced);
            card.blank.diameter = 40;
            card.blank.bore = 30;
            card.blank.length = 50;
            card.inscriptions[0].placing.x = x;
            made = samples::made(card);
            letters = drawnOn(made).area;
            verifyVolume(readBack(stepOf(made)), M_PI * (400 - 225) * 50 - letters * (400 - 225) / 40);
        }
        card.inscriptions[0].side = "inside";
        card.inscriptions[0].working.kind = working::Kind::sunk;
        card.inscriptions[0].style.size = 8;
        made = samples::made(card);
        letters = drawnOn(made).area;
        verifyVolume(readBack(stepOf(made)), M_PI * (400 - 225) * 50 - letters * (16 * 16 - 15 * 15) / 30);

        card = cardOn(blank::Kind::ring, working::Kind::sunk);
        card.blank.bore = 18;
        card.blank.width = 8;
        card.blank.thickness = 2;
        card.blank.edge = {blank::EdgeKind::chamfer, 0.4, 45, 5};
        card.inscriptions[0].style.size = 4;
        card.inscriptions[0].placing = {setting::Anchor::centre, 33, 4, 0, {}, {}};
        card.inscriptions[0].working.depth = 0.5;
        made = samples::made(card);
        read = readBack(stepOf(made));
        letters = drawnOn(made).area;
        // Two rings of a triangle, about its middle.
        const double edges = 2 * 2 * M_PI * (11 - 0.4 / 3) * 0.4 * 0.4 / 2;
        verifyVolume(read, M_PI * (121 - 81) * 8 - edges - letters * (121 - 10.5 * 10.5) / 22);
        QVERIFY(read.count("ConicalSurface") == 6);
    }

    void conesAreExact() {
        card::Card card = cardOn(blank::Kind::cone, working::Kind::sunk);
        card.blank.diameter = 40;
        card.blank.topDiameter = 20;
        card.blank.length = 50;
        card.inscriptions[0].style.size = 10;
        const card::Made made = samples::made(card);
        const ReadBack read = readBack(stepOf(made));
        // Up the side r shrinks from 20; letters are true at 25 up. A cut of depth 1 is narrower inside.
        const double slant = std::hypot(50, 10), shrinks = 10 / slant, placed = 20 - shrinks * 25;
        const Drawn drawn = drawnOn(made);
        const double cut = ((20 - (50 / slant) / 2) * drawn.area - shrinks * drawn.areaTimesY) / placed;
        verifyVolume(read, M_PI * 50 / 3 * (400 + 200 + 100) - cut);
        QVERIFY(read.count("ConicalSurface") > 3 && read.count("Plane") < 20);
    }

    void slopesAndBallsAreFacetsOfTheirMesh() {
        card::Card chamfered = cardOn(blank::Kind::plate, working::Kind::raised);
        chamfered.inscriptions[0].words = "o";
        chamfered.inscriptions[0].working.edge = {working::EdgeKind::chamfer, 0.4, 45, 5};
        card::Card ball = cardOn(blank::Kind::sphere, working::Kind::raised);
        ball.blank.diameter = 12;
        ball.inscriptions[0].words = "l";
        ball.inscriptions[0].style.size = 3;
        ball.inscriptions[0].placing = {setting::Anchor::centre, 18, 9, 0, {}, {}};
        for (const card::Card& card : {chamfered, ball}) {
            const card::Made made = samples::made(card);
            const auto boundary = card::boundaryOf(made, body::Selection::letters);
            QVERIFY(boundary && boundary->facets > 4);
            const ReadBack read = readBack(stepOf(made));
            QVERIFY(read.sound);
            QVERIFY(std::fabs(read.volume / body::volumeOf(made.solid->mesh) - 1) < 1e-6);
        }
    }

    void bodiesHaveNamesAndColours() {
        const card::Made made = samples::made(cardOn(blank::Kind::plate, working::Kind::raised));
        const ReadBack read = readBack(stepOf(made));
        QCOMPARE(read.solids, 4); // the plate and three letters
        for (const char* wanted :
             {"AP242_MANAGED_MODEL_BASED_3D_ENGINEERING", "PRODUCT('plate'", "PRODUCT('letters'",
              "MANIFOLD_SOLID_BREP('letters'", "COLOUR_RGB", ".MILLI.,.METRE."})
            QVERIFY2(QByteArray::fromStdString(read.text).contains(wanted), wanted);
        QVERIFY(stepOf(made) == read.text); // the same bytes each time
    }

    void everyEdgeIsSharedByTwoFaces() {
        for (const auto how : {working::Kind::raised, working::Kind::sunk, working::Kind::inlaid})
            for (const auto kind : {blank::Kind::plate, blank::Kind::bar, blank::Kind::tube}) {
                const card::Made made = samples::made(cardOn(kind, how));
                const auto boundary = card::boundaryOf(made, body::Selection::everything);
                QVERIFY(boundary);
                std::vector<int> forwards(boundary->edges.size()), backwards(boundary->edges.size());
                for (const body::BoundaryFace& face : boundary->faces)
                    for (const auto& loop : face.loops)
                        for (size_t i = 0; i < loop.size(); ++i) {
                            const body::EdgeUse &use = loop[i], &next = loop[(i + 1) % loop.size()];
                            ++(use.reversed ? backwards : forwards)[size_t(use.edge)];
                            const body::BoundaryEdge &here = boundary->edges[size_t(use.edge)],
                                                     &there = boundary->edges[size_t(next.edge)];
                            QCOMPARE(use.reversed ? here.from : here.to,
                                     next.reversed ? there.to : there.from);
                        }
                QVERIFY(std::ranges::all_of(forwards, [](int n) { return n == 1; }));
                QVERIFY(std::ranges::all_of(backwards, [](int n) { return n == 1; }));
            }
    }

    void everyLetterIsASoundSolid_data() {
        QTest::addColumn<QString>("family");
        QTest::addColumn<bool>("round");
        for (const char* family : {"League Spartan", "Dancing Script", "GFS Didot", "Allerta Stencil"})
            for (const bool round : {false, true})
                QTest::addRow("%s%s", family, round ? " round a bar" : "") << family << round;
    }
    void everyLetterIsASoundSolid() {
        QFETCH(QString, family);
        QFETCH(bool, round);
        card::Card card = cardOn(round ? blank::Kind::bar : blank::Kind::plate, working::Kind::raised);
        const bool all = qEnvironmentVariableIsSet("BOLLARD_ROUNDS");
        card.inscriptions[0].words =
            all ? "ABCDEFGHIJKLM\nNOPQRSTUVWXYZ\nabcdefghijklm\nnopqrstuvwxyz\n0123456789&"
                : "ABGQRS\nadegks\n0358&";
        card.inscriptions[0].typeface = {family.toStdString(), {}, {}, 0};
        card.inscriptions[0].style.size = 6;
        card.blank.width = 200;
        card.blank.height = card.blank.length = 100;
        card.blank.diameter = 60;
        card.inscriptions[0].placing.x = 95;
        card.inscriptions[0].placing.y = 50;
        const card::Made made = samples::made(card);
        QVERIFY(made.solid && !made.solid->problem);
        const ReadBack read = readBack(stepOf(made));
        QVERIFY(read.sound);
        // The mesh has chords where the letters have curves.
        QVERIFY(std::fabs(read.volume / body::volumeOf(made.solid->mesh) - 1) < 2e-3);
    }

    void aPartLiesAsTheCardSays() {
        card::Card card = cardOn(blank::Kind::bar, working::Kind::raised);
        card.blank.diameter = 30;
        const double standing = written(card).volume;
        card.lying = {"start", 0};
        const card::Made made = samples::made(card);
        const auto boundary = card::boundaryOf(made, body::Selection::blank);
        QVERIFY(boundary);
        double low = 1e9;
        for (const space::Vertex& vertex : boundary->vertices)
            low = std::min(low, vertex.z);
        QVERIFY(std::fabs(low) < 1e-9);
        verifyVolume(readBack(stepOf(made)), standing);
    }
};

QTEST_GUILESS_MAIN(StepTest)
#include "step_test.moc"
