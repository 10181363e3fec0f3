// Parts from files: read, mended or refused, their sides found, and words worked on them.
#include "body/boolean.hpp"
#include "body/find_side.hpp"
#include "body/repair.hpp"
#include "card/part.hpp"
#include "card/step.hpp"
#include "card/travelling.hpp"
#include "files/part_file.hpp"
#include "files/stl.hpp"
#include "sample_cards.hpp"
#include "working/changes.hpp"
#include "working/columns.hpp"
#include "working/tiling.hpp"
#include <QTemporaryDir>
#include <random>

using namespace bollard;
using body::Mesh, space::Vertex;

namespace {

/// Quadrilaterals by their corners, seen from outside.
void addQuad(Mesh& mesh, const Vertex& a, const Vertex& b, const Vertex& c, const Vertex& d) {
    const int first = int(mesh.vertices.size());
    for (const Vertex& v : {a, b, c, d})
        mesh.vertices.push_back(v);
    mesh.triangles.push_back({first, first + 1, first + 2});
    mesh.triangles.push_back({first, first + 2, first + 3});
    mesh.faces.resize(mesh.triangles.size(), body::Face::blank);
}

Mesh boxOf(const Vertex& low, const Vertex& high) {
    const auto at = [&](int x, int y, int z) {
        return Vertex{x ? high.x : low.x, y ? high.y : low.y, z ? high.z : low.z};
    };
    Mesh mesh;
    addQuad(mesh, at(0, 0, 1), at(1, 0, 1), at(1, 1, 1), at(0, 1, 1));
    addQuad(mesh, at(1, 0, 0), at(0, 0, 0), at(0, 1, 0), at(1, 1, 0));
    addQuad(mesh, at(0, 0, 0), at(0, 0, 1), at(0, 1, 1), at(0, 1, 0));
    addQuad(mesh, at(1, 0, 1), at(1, 0, 0), at(1, 1, 0), at(1, 1, 1));
    addQuad(mesh, at(0, 1, 1), at(1, 1, 1), at(1, 1, 0), at(0, 1, 0));
    addQuad(mesh, at(0, 0, 0), at(1, 0, 0), at(1, 0, 1), at(0, 0, 1));
    return mesh;
}

/// A frustum about the z axis.
Mesh frustumOf(double low, double high, double height, int strips) {
    Mesh mesh;
    const auto at = [&](double radius, int i, double z) {
        const double a = 2 * M_PI * (i % strips) / strips;
        return Vertex{radius * std::cos(a), radius * std::sin(a), z};
    };
    for (int i = 0; i < strips; ++i) {
        addQuad(mesh, at(low, i, 0), at(low, i + 1, 0), at(high, i + 1, height), at(high, i, height));
        for (const bool top : {false, true}) {
            const int first = int(mesh.vertices.size());
            const double radius = top ? high : low, z = top ? height : 0;
            mesh.vertices.push_back({0, 0, z});
            mesh.vertices.push_back(at(radius, top ? i : i + 1, z));
            mesh.vertices.push_back(at(radius, top ? i + 1 : i, z));
            mesh.triangles.push_back({first, first + 1, first + 2});
        }
    }
    mesh.faces.resize(mesh.triangles.size(), body::Face::blank);
    return mesh;
}

Mesh moved(Mesh mesh, const std::function<Vertex(const Vertex&)>& move) {
    for (Vertex& v : mesh.vertices)
        v = move(v);
    return mesh;
}
Vertex turnedAbout(const Vertex& v, double a, double b) {
    const Vertex w{std::cos(a) * v.x - std::sin(a) * v.y, std::sin(a) * v.x + std::cos(a) * v.y, v.z};
    return {w.x, std::cos(b) * w.y - std::sin(b) * w.z, std::sin(b) * w.y + std::cos(b) * w.z};
}

Mesh soundOf(const Mesh& mesh) {
    auto made = body::repaired(mesh);
    return made ? (*std::move(made)).body : Mesh{};
}

std::string textStlOf(const Mesh& mesh) {
    std::string text = "solid part\n";
    for (const auto& t : mesh.triangles) {
        text += "facet normal 0 0 0\n outer loop\n";
        for (const int c : t) {
            const Vertex& v = mesh.vertices[size_t(c)];
            text += "  vertex " + std::to_string(v.x) + " " + std::to_string(v.y) + " " +
                    std::to_string(v.z) + "\n";
        }
        text += " endloop\nendfacet\n";
    }
    return text + "endsolid part\n";
}
std::string objOf(const Mesh& mesh) {
    std::string text = "# made up\n";
    for (const Vertex& v : mesh.vertices)
        text += "v " + std::to_string(v.x) + " " + std::to_string(v.y) + " " + std::to_string(v.z) + "\n";
    for (const auto& t : mesh.triangles)
        text += "f " + std::to_string(t[0] + 1) + "/1/1 " + std::to_string(t[1] + 1) + "//2 " +
                std::to_string(t[2] + 1) + "\n";
    return text;
}

} // namespace

class PartTest : public QObject {
    Q_OBJECT
    QTemporaryDir folder_;

    std::string write(const std::string& name, const std::string& bytes) {
        const std::string path = folder_.filePath(QString::fromStdString(name)).toStdString();
        QFile file(QString::fromStdString(path));
        if (!file.open(QIODevice::WriteOnly) ||
            file.write(bytes.data(), qint64(bytes.size())) != qint64(bytes.size()))
            return {};
        return path;
    }
    /// A card with one inscription on a side of a part.
    card::Card cardOn(const std::string& path, std::array<double, 3> at, const std::string& words,
                      working::Kind kind = working::Kind::raised) {
        card::Card card = samples::plate(words, kind);
        card.blank.kind = blank::Kind::file;
        card.blank.part.file = path;
        card.blank.part.sides = {{"here", at, 0, {}}};
        card.inscriptions[0].side = "here";
        card.inscriptions[0].style.size = 6;
        card.inscriptions[0].working.height = 1;
        card.inscriptions[0].working.depth = 1;
        return card;
    }
    /// What columns so high over all letters of the first panel hold, mm³; below it for heights below 0.
    /// Exact: over each triangle of the plan the rays tell it.
    static double volumeOver(const card::Made& made, double height) {
        const blank::Panel& panel = made.solid->panels->front();
        double all = 0;
        for (const working::PlacedLetters& letters : made.lettering->inscriptions) {
            const blank::Drawn drawn = working::drawnOn(panel, letters);
            for (const plane::Region& letter : letters.onSide) {
                plane::Region onPlan = letter;
                for (plane::Ring& ring : onPlan.rings)
                    for (plane::Point& p : ring)
                        p = drawn.toPlan(p);
                // All of the side, and what is twice as deep under the letter.
                std::vector<working::Change> changes = working::changesOf(panel.outline, 1.0);
                std::ranges::copy(working::changesOf(onPlan, 2.0), std::back_inserter(changes));
                const auto columns = working::columnsOf(changes, {}, panel.cuts);
                if (!columns)
                    return 0;
                const auto isUnder = [&](const plane::Triangle& triangle) {
                    const auto& over = columns->material[size_t(triangle.cell)];
                    return !over.empty() && columns->low(over.front(), triangle.corners[0]) <
                                                -3 * plane::unitsPerMillimetre / 2;
                };
                for (const plane::Triangle& triangle : columns->plan.triangles) {
                    if (!isUnder(triangle))
                        continue;
                    std::array<blank::Ray, 3> rays;
                    for (size_t k = 0; k < 3; ++k)
                        rays[k] =
                            blank::standOn(panel, false, columns->plan.points[size_t(triangle.corners[k])]);
                    const Vertex along = 1.0 / 3 * (rays[0].along + rays[1].along + rays[2].along);
                    const auto slice = [&](double h) {
                        const Vertex at = rays[0].at(h);
                        return space::dot(space::cross(rays[1].at(h) - at, rays[2].at(h) - at), along) / 2;
                    };
                    all += height / 6 * (slice(0) + 4 * slice(height / 2) + slice(height));
                }
            }
        }
        return all;
    }
    static bool has(const card::Made& made, check::FindingKind kind) {
        return std::ranges::any_of(made.checked->findings,
                                   [&](const check::Finding& finding) { return finding.kind == kind; });
    }

  private slots:
    void formatsGiveTheSamePart() {
        const Mesh box = boxOf({0, 0, 0}, {40, 20, 10});
        const std::string binary = files::stlOf(soundOf(box));
        for (const auto& [name, bytes] : {std::pair<std::string, std::string>{"box.stl", binary},
                                          {"text.stl", textStlOf(box)},
                                          {"box.obj", objOf(box)}}) {
            const auto read = files::partSurfaceOf(write(name, bytes), bytes);
            QVERIFY2(bool(read), name.c_str());
            QVERIFY(!read->inMillimetres);
            const auto sound = body::repaired(read->mesh);
            QVERIFY(bool(sound) && body::faultsOf(sound->body).none());
            QVERIFY(std::fabs(body::volumeOf(sound->body) - 8000) < 1e-6);
        }
        // 3MF and STEP tell their unit: written by a card of their own.
        card::Card card = samples::plate("H");
        card.inscriptions.clear();
        const card::Made made = samples::made(card);
        for (const char* name : {"plate.3mf", "plate.step"}) {
            const auto output = card::outputOf(made, *card::formatOf(name), name);
            QVERIFY(bool(output));
            const std::string& bytes = output->front().bytes;
            const auto read = files::partSurfaceOf(write(name, bytes), bytes);
            QVERIFY2(bool(read), read ? "" : read.problem().detail.c_str());
            QVERIFY(read->inMillimetres);
            QVERIFY(std::fabs(body::volumeOf(soundOf(read->mesh)) - 120 * 45 * 4) < 1e-3);
        }
        QCOMPARE(files::digestOf("abc"), std::string("a9993e364706816aba3e25717850c26c9cd0d89d"));
    }

    void objectsThatHoldOthersAreReadWhereTheyLie() {
        // A post twice, once turned by a quarter and moved, in centimetres, all of it raised.
        const std::string bytes = *quantity::readWhole(samples::source("fuzz/corpus/threemf/two-posts.3mf"));
        const auto read = files::partSurfaceOf("two-posts.3mf", bytes);
        QVERIFY2(bool(read), read ? "" : read.problem().detail.c_str());
        QVERIFY(read->inMillimetres);
        QCOMPARE(read->mesh.triangles.size(), size_t(24));
        const body::Extent extent = body::extentOf(read->mesh);
        QVERIFY(space::length(extent.low - Vertex{0, 0, 50}) < 1e-4);
        QVERIFY(space::length(extent.high - Vertex{100, 20, 80}) < 1e-4);
        QVERIFY(std::fabs(body::volumeOf(soundOf(read->mesh)) - 2 * 6000) < 1e-2);
    }

    void whatIsNoPartIsRefusedWithWhereItFails() {
        using quantity::ProblemKind;
        const auto problem = [&](const std::string& name, const std::string& bytes) {
            const auto read = files::partSurfaceOf(write(name, bytes), bytes);
            return read ? quantity::Problem{} : read.problem();
        };
        const quantity::Problem text =
            problem("bad.stl", "solid a\nfacet normal 0 0 1\nouter loop\nvertex 1 two 3\n");
        QVERIFY(text.kind == ProblemKind::partBroken && text.line == 4);
        QVERIFY(text.subject.ends_with("bad.stl"));
        const quantity::Problem face = problem("bad.obj", "v 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 9\n");
        QVERIFY(face.kind == ProblemKind::partBroken && face.line == 4);
        QVERIFY(problem("short.stl", std::string(90, 'x')).kind == ProblemKind::partBroken);
        QVERIFY(problem("none.obj", "# nothing\n").kind == ProblemKind::partEmpty);
        QVERIFY(problem("part.step", "ISO-10303-21;\nnonsense").kind == ProblemKind::partBroken);
        QVERIFY(problem("part.3mf", "no archive").kind == ProblemKind::partBroken);
        QVERIFY(problem("part.doc", "x").kind == ProblemKind::unknownFormat);
    }

    /// Found by a fuzzer: the library that turns surfaces takes each point for the corner of a triangle.
    void pointsThatNothingUsesAreNoMatter() {
        const std::string corner = "v 0 0 0\nv 9 0 0\nv 0 9 0\nv 0 0 9\nf 1 3 2\nf 1 2 4\nf 2 3 4\nf 3 1 4\n";
        const auto plain = body::repaired(files::partSurfaceOf("corner.obj", corner)->mesh);
        const auto more =
            body::repaired(files::partSurfaceOf("corner.obj", corner + "v 7 5 8\nv 1 1 1\n")->mesh);
        QVERIFY(plain && more);
        QCOMPARE(more->body.triangles.size(), plain->body.triangles.size());
        QCOMPARE(more->body.vertices.size(), size_t(4));
        QVERIFY(body::volumeOf(more->body) > 0);
    }

    void smallFaultsAreMendedAndTold() {
        Mesh box = boxOf({0, 0, 0}, {40, 20, 10});
        std::swap(box.triangles[3][0], box.triangles[3][1]); // faces inwards
        box.triangles.push_back(box.triangles[5]);           // twice
        box.triangles.push_back({0, 0, 1});                  // without area
        const auto mended = body::repaired(box);
        QVERIFY(bool(mended));
        QVERIFY(body::faultsOf(mended->body).none());
        QVERIFY(std::fabs(body::volumeOf(mended->body) - 8000) < 1e-6);
        QCOMPARE(mended->flipped, 1);
        QCOMPARE(mended->dropped, 2);
        QCOMPARE(mended->welded, 16); // each corner of a box was there three times
        // Inside out as a whole.
        Mesh out = boxOf({0, 0, 0}, {40, 20, 10});
        for (auto& t : out.triangles)
            std::swap(t[0], t[1]);
        QVERIFY(std::fabs(body::volumeOf(soundOf(out)) - 8000) < 1e-6);
        // A hole in something fine is closed, a missing wall is not.
        Mesh cup = frustumOf(10, 10, 20, 60);
        cup.triangles.erase(cup.triangles.begin()); // a triangle of a strip
        const auto closed = body::repaired(cup);
        QVERIFY2(!closed || closed->closed == 1, "closed or refused");
        Mesh open = boxOf({0, 0, 0}, {40, 20, 10});
        open.triangles.resize(10);
        const auto refused = body::repaired(open);
        QVERIFY(!refused && refused.problem().kind == quantity::ProblemKind::partOpen);
        QCOMPARE(refused.problem().detail, std::string("1"));
        Mesh crossed = boxOf({0, 0, 0}, {40, 20, 10});
        const Mesh other = boxOf({30, 5, 2}, {60, 15, 8});
        const int first = int(crossed.vertices.size());
        crossed.vertices.insert(crossed.vertices.end(), other.vertices.begin(), other.vertices.end());
        for (auto t : other.triangles)
            crossed.triangles.push_back({t[0] + first, t[1] + first, t[2] + first});
        const auto through = body::repaired(crossed);
        QVERIFY(!through && through.problem().kind == quantity::ProblemKind::partCrossed);
        QVERIFY(!body::repaired({}));
    }

    void flatSidesKnowTheirOutlineAndHoles() {
        // A plate with a hole, as our own writer has it.
        card::Card card = samples::plate("H");
        card.inscriptions.clear();
        card.blank.holes = {{20, 22.5, 10}};
        const Mesh plate = samples::made(card).solid->mesh;
        const auto side = body::sideAt(plate, {60, 20, 0}, 0);
        QVERIFY(bool(side));
        QVERIFY(side->kind == blank::FoundSide::Kind::flat);
        QVERIFY(std::fabs(side->origin[0]) < 1e-6 && std::fabs(side->origin[1]) < 1e-6 &&
                std::fabs(side->origin[2]) < 1e-6);
        QVERIFY(std::fabs(side->facing[0] - 1) < 1e-9 && std::fabs(side->up[1] - 1) < 1e-9);
        QCOMPARE(side->outline->contours.size(), size_t(2));
        QVERIFY(std::fabs(side->depth - 4) < 1e-6);
        blank::Blank blank;
        blank.kind = blank::Kind::file;
        blank.part.sides = {{"top", {60, 20, 0}, 0, *side}};
        QVERIFY(std::fabs(blank::sizeOf(blank, "top").x - 120) < 1e-6);
        const double area = plane::areaOf(blank::regionOf(blank, "top")) / 1e8;
        QVERIFY(std::fabs(area - (120 * 45 - M_PI * 25)) < 0.2);
        // Turned, the words run up it.
        const auto turned = body::sideAt(plate, {60, 20, 0}, 90);
        QVERIFY(turned && std::fabs(turned->facing[1] - 1) < 1e-9 && std::fabs(turned->up[0] + 1) < 1e-9);
    }

    void roundSidesAreFittedWhereverTheyLie_data() {
        QTest::addColumn<double>("low");
        QTest::addColumn<double>("high");
        QTest::newRow("a cylinder") << 15.0 << 15.0;
        QTest::newRow("a cone") << 18.0 << 11.0;
        QTest::newRow("a cone that widens") << 9.0 << 14.0;
    }
    void roundSidesAreFittedWhereverTheyLie() {
        QFETCH(double, low);
        QFETCH(double, high);
        std::mt19937 random(20261128);
        std::uniform_real_distribution<double> angles(-3, 3), shifts(-50, 50);
        for (int round = 0; round < 20; ++round) {
            const double a = angles(random), b = angles(random);
            const Vertex shift{shifts(random), shifts(random), shifts(random)};
            const auto move = [&](const Vertex& v) { return turnedAbout(v, a, b) + shift; };
            const Mesh part = soundOf(moved(frustumOf(low, high, 40, 90), move));
            QVERIFY(!part.empty());
            const double angle = angles(random);
            const double middle = (low + high) / 2;
            const Vertex at = move({middle * std::cos(angle), middle * std::sin(angle), 20});
            const auto side = body::sideAt(part, {at.x, at.y, at.z}, 0);
            QVERIFY2(bool(side), side ? "" : side.problem().detail.c_str());
            QVERIFY(side->kind ==
                    (low == high ? blank::FoundSide::Kind::cylinder : blank::FoundSide::Kind::cone));
            QVERIFY(side->closed() && !side->hollow);
            QVERIFY(std::fabs(side->length - 40) < 1e-3);
            const auto [least, most] = std::minmax(side->radius, side->endRadius);
            QVERIFY(std::fabs(least - std::min(low, high)) < 2e-3 &&
                    std::fabs(most - std::max(low, high)) < 2e-3);
            QVERIFY(side->error < 1e-3);
            const Vertex axis = turnedAbout({0, 0, 1}, a, b), up{side->up[0], side->up[1], side->up[2]};
            QVERIFY(std::fabs(std::fabs(space::dot(axis, up)) - 1) < 1e-9);
            // It faces the place that was pointed at.
            const Vertex facing{side->facing[0], side->facing[1], side->facing[2]};
            QVERIFY(space::dot(facing, turnedAbout({std::cos(angle), std::sin(angle), 0}, a, b)) > 0.99);
        }
    }

    void everyPlaceOfAPartIsToldApart() {
        const std::string bytes = *files::readWhole(samples::source("samples/horn-cleat.stl"));
        const Mesh cleat = soundOf(files::partSurfaceOf("horn-cleat.stl", bytes)->mesh);
        QVERIFY(body::faultsOf(cleat).none());
        const auto radiusAt = [&](double x, double y, double z) {
            const auto side = body::sideAt(cleat, {x, y, z}, 0);
            return !side ? -1 : side->kind == blank::FoundSide::Kind::cylinder ? side->radius : 0;
        };
        // Posts all round, also beside the horn that they run into; holes; rounded corners that touch flats.
        for (const double x : {-17.0, 17.0})
            for (int i = 0; i < 12; ++i) {
                const double a = 2 * M_PI * i / 12 + 0.1;
                QVERIFY2(std::fabs(radiusAt(x + 7 * std::cos(a), 7 * std::sin(a), 12) - 7) < 1e-4,
                         qPrintable(QString("post at %1, %2").arg(x).arg(i)));
            }
        for (int i = 0; i < 12; ++i) {
            const double a = 2 * M_PI * i / 12 + 0.1;
            QVERIFY(std::fabs(radiusAt(40, 8.5 * std::cos(a), 27 + 8.5 * std::sin(a)) - 8.5) < 1e-4);
            QVERIFY(std::fabs(radiusAt(-42 + 3 * std::cos(a), 3 * std::sin(a), 3) - 3) < 1e-4);
        }
        QVERIFY(std::fabs(radiusAt(40 + 10 * std::sqrt(0.5), 7 + 10 * std::sqrt(0.5), 3) - 10) < 1e-4);
        for (const auto& [x, y, z] :
             {std::array{0.0, 10.0, 6.0}, {0.0, 0.0, 0.0}, {50.0, 1.0, 3.0}, {46.0, 2.0, 28.0}})
            QCOMPARE(radiusAt(x, y, z), 0.0);
        const auto hole = body::sideAt(cleat, {-39, 0, 3}, 0);
        QVERIFY(hole && hole->hollow && hole->closed());
    }

    void whatJoinsARoundSideIsLeftOutOfIt() {
        card::Card card = samples::read("horn-cleat");
        card::Made made = samples::made(card);
        const blank::Blank& blank = made.card->blank;
        const double whole = blank::sizeOf(blank, "horn").x * blank::sizeOf(blank, "horn").y;
        const double there = plane::areaOf(blank::regionOf(blank, "horn")) / 1e8;
        // Two posts of radius 7 in a horn of 8.5: each takes the integral of its chord round the horn.
        double posts = 0;
        constexpr int steps = 20000;
        for (int i = 0; i < steps; ++i) {
            const double angle = std::asin(7 / 8.5) * (2 * (i + 0.5) / steps - 1), x = 8.5 * std::sin(angle);
            posts += 2 * 2 * std::sqrt(49 - x * x) * 8.5 * 2 * std::asin(7 / 8.5) / steps;
        }
        QVERIFY2(std::fabs(whole - there - posts) < 0.01 * posts,
                 qPrintable(QString("%1 of %2").arg(whole - there).arg(posts)));
        const auto isOff = [&](double x, double y) {
            card.inscriptions[0].placing.x = x;
            card.inscriptions[0].placing.y = y;
            made = samples::made(card);
            return has(made, check::FindingKind::outsideBlank);
        };
        QVERIFY(!isOff(26.7, 46));
        QVERIFY(isOff(46, 46));    // over posts
        QVERIFY(isOff(53.41, 46)); // and across the seam
        QVERIFY(isOff(3, 46));
    }

    void wordsPastTheEndsOfAPartOfARoundSideAreTold() {
        // Half a bar about the z axis.
        Mesh half;
        const auto at = [](int i, double z) {
            const double a = M_PI * i / 60;
            return Vertex{12 * std::cos(a), 12 * std::sin(a), z};
        };
        for (int i = 0; i < 60; ++i) {
            addQuad(half, at(i, 0), at(i + 1, 0), at(i + 1, 30), at(i, 30));
            for (const double z : {0.0, 30.0}) {
                const int first = int(half.vertices.size());
                half.vertices.insert(half.vertices.end(),
                                     {{0, 0, z}, at(z > 0 ? i : i + 1, z), at(z > 0 ? i + 1 : i, z)});
                half.triangles.push_back({first, first + 1, first + 2});
            }
        }
        addQuad(half, {-12, 0, 0}, {0, 0, 0}, {0, 0, 30}, {-12, 0, 30});
        addQuad(half, {0, 0, 0}, {12, 0, 0}, {12, 0, 30}, {0, 0, 30});
        half.faces.resize(half.triangles.size(), body::Face::blank);
        card::Card card = cardOn(write("half.stl", files::stlOf(soundOf(half))), {0, 12, 15}, "Quay 8");
        card.inscriptions[0].placing.y = 15;
        const double width = M_PI * 12;
        for (const double x : {width / 2, 2.0, width - 2}) {
            card.inscriptions[0].placing.x = x;
            const card::Made made = samples::made(card);
            const blank::FoundSide& found = made.card->blank.part.sides[0].found;
            QVERIFY(found.kind == blank::FoundSide::Kind::cylinder && !found.closed());
            QVERIFY(std::fabs(found.arc - 180) < 1e-3);
            QVERIFY(has(made, check::FindingKind::outsideBlank) == (x != width / 2));
            // Kept whole past its ends, as past the edge of a plate.
            QVERIFY(made.solid && !made.solid->problem && body::faultsOf(made.solid->mesh).none());
        }
    }

    void whatBendsBothWaysIsRefused() {
        card::Card card = samples::plate("H");
        card.inscriptions.clear();
        card.blank.kind = blank::Kind::sphere;
        card.blank.diameter = 40;
        const auto side = body::sideAt(samples::made(card).solid->mesh, {12, 31, 12}, 0);
        QVERIFY(!side);
        QVERIFY(side.problem().kind == quantity::ProblemKind::sideBent);
    }

    void wordsOnAFlatSideAddAndTakeWhatColumnsSay() {
        const std::string path = write("block.stl", files::stlOf(soundOf(boxOf({0, 0, -10}, {60, 30, 0}))));
        for (const auto kind : {working::Kind::raised, working::Kind::sunk, working::Kind::inlaid}) {
            card::Card card = cardOn(path, {30, 15, 0}, "Quay 8", kind);
            card.inscriptions[0].placing.x = 30;
            card.inscriptions[0].placing.y = 15;
            const card::Made made = samples::made(card);
            QVERIFY2(made.solid && !made.solid->problem,
                     made.solid && made.solid->problem ? made.solid->problem->detail.c_str() : "");
            QVERIFY(body::faultsOf(made.solid->mesh).none());
            QVERIFY(!has(made, check::FindingKind::pieceLoose) &&
                    !has(made, check::FindingKind::partProblem));
            double letters = 0;
            for (const plane::Region& region : made.lettering->inscriptions[0].onSide)
                letters += plane::areaOf(region) / 1e8;
            const double wanted = kind == working::Kind::raised ? letters
                                  : kind == working::Kind::sunk ? -letters
                                                                : 0;
            const double changed = body::volumeOf(made.solid->mesh) - 60 * 30 * 10;
            QVERIFY2(std::fabs(changed - wanted) <= 1e-4 * letters,
                     qPrintable(QString("%1 for %2").arg(changed).arg(wanted)));
            // The same as on a block of our own.
            card::Card own = card;
            own.blank.kind = blank::Kind::block;
            own.blank.width = 60;
            own.blank.height = 30;
            own.blank.thickness = 10;
            own.inscriptions[0].side = "front";
            QVERIFY(std::fabs(body::volumeOf(samples::made(own).solid->mesh) -
                              body::volumeOf(made.solid->mesh)) < 1e-3);
        }
    }

    void wordsOnARoundSideOfAPart() {
        const auto turned = [](const Vertex& v) { return Vertex{v.z, v.x, v.y}; }; // its axis lies along x
        const Mesh bar = soundOf(moved(frustumOf(15, 15, 60, 180), turned));
        const std::string path = write("bar.stl", files::stlOf(bar));
        card::Card card = cardOn(path, {30, 0, 15}, "Quay 8", working::Kind::sunk);
        card.inscriptions[0].placing.x = M_PI * 15;
        card.inscriptions[0].placing.y = 30;
        card.inscriptions[0].placing.turn = 90;
        const card::Made made = samples::made(card);
        QVERIFY2(made.solid && !made.solid->problem,
                 made.solid && made.solid->problem ? made.solid->problem->detail.c_str() : "");
        QVERIFY(body::faultsOf(made.solid->mesh).none());
        double letters = 0;
        for (const plane::Region& region : made.lettering->inscriptions[0].onSide)
            letters += plane::areaOf(region) / 1e8;
        // The part has chords where the side is round, and so have floors: within what chords may leave.
        const double taken = body::volumeOf(bar) - body::volumeOf(made.solid->mesh);
        const double round = letters * (15 * 15 - 14 * 14) / 30;
        const double chord = 15 * (1 - std::cos(M_PI / 180)), floor = 0.01;
        QVERIFY2(taken < round + letters * floor && taken > round - letters * chord,
                 qPrintable(QString("%1 of %2").arg(taken).arg(round)));
    }

    void aPartIsWrittenWithWordsAndWithout() {
        for (const bool words : {false, true}) {
            card::Card card = samples::read("horn-cleat");
            if (!words)
                card.inscriptions.clear();
            const card::Made made = samples::made(card);
            for (const char* name : {"part.3mf", "part.step", "part.stl"}) {
                const auto output = card::outputOf(made, *card::formatOf(name), name);
                QVERIFY2(bool(output), name);
                const std::string& bytes = output->front().bytes;
                const auto read = files::partSurfaceOf(write(name, bytes), bytes);
                QVERIFY2(bool(read), name);
                // Bodies of their own lie against each other: together they are the whole.
                QVERIFY2(std::fabs(body::volumeOf(read->mesh) / body::volumeOf(made.solid->mesh) - 1) < 1e-4,
                         name);
            }
        }
    }

    void aHollowStaysHollowHoweverThePartLies() {
        Mesh hollow = boxOf({0, 0, 0}, {40, 30, 20});
        const Mesh within = boxOf({5, 5, 5}, {15, 25, 15});
        const int first = int(hollow.vertices.size());
        hollow.vertices.insert(hollow.vertices.end(), within.vertices.begin(), within.vertices.end());
        for (const auto& t : within.triangles)
            hollow.triangles.push_back({t[0] + first, t[2] + first, t[1] + first});
        hollow.faces.resize(hollow.triangles.size(), body::Face::blank);
        card::Card card = cardOn(write("hollow.stl", files::stlOf(hollow)), {20, 15, 20}, "Quay");
        card.inscriptions.clear();
        for (const double turn : {0.0, 45.0, 200.0}) {
            card.lying = {"back", turn};
            const card::Made made = samples::made(card);
            const auto output = card::outputOf(made, *card::formatOf("a.step"), "a.step");
            QVERIFY(bool(output));
            const auto read =
                files::partSurfaceOf(write("a.step", output->front().bytes), output->front().bytes);
            QVERIFY(bool(read));
            QVERIFY(std::fabs(body::volumeOf(soundOf(read->mesh)) - (40 * 30 * 20 - 10 * 20 * 10)) < 0.01);
        }
    }

    void anotherLetterReadsNoFile() {
        const std::string path = write("block.stl", files::stlOf(soundOf(boxOf({0, 0, -10}, {60, 30, 0}))));
        card::Card card = cardOn(path, {30, 15, 0}, "Quay");
        card.inscriptions[0].placing.x = 30;
        card.inscriptions[0].placing.y = 15;
        card::Pipeline pipeline(samples::catalogue());
        const auto remembered = [&](std::string_view step) {
            for (const auto& entry : pipeline.journal().entries())
                if (entry.step == step)
                    return entry.remembered;
            return false;
        };
        const card::Made first = pipeline.run(std::make_shared<const card::Card>(card), {});
        QVERIFY(!first.solid->problem && !remembered("part"));
        QCOMPARE(first.card->blank.part.digest.size(), size_t(40));
        card.inscriptions[0].words = "Quayside";
        const card::Made second = pipeline.run(std::make_shared<const card::Card>(card), {});
        QVERIFY(!second.solid->problem && remembered("part") && remembered("sides"));
        QVERIFY(body::volumeOf(second.solid->mesh) > body::volumeOf(first.solid->mesh));
    }

    void whatIsWrongWithAPartIsAFinding() {
        card::Card card = cardOn("nowhere.stl", {0, 0, 0}, "Quay");
        card::Made made = samples::made(card);
        QVERIFY(has(made, check::FindingKind::partProblem));
        QVERIFY(!has(made, check::FindingKind::solidFailed)); // it is told once
        const std::string path = write("block.stl", files::stlOf(soundOf(boxOf({0, 0, -10}, {60, 30, 0}))));
        card = cardOn(path, {30, 15, 0}, "Quay");
        card.inscriptions[0].placing.x = 30;
        card.inscriptions[0].placing.y = 15;
        made = samples::made(card);
        QVERIFY(!has(made, check::FindingKind::partProblem));
        // Another file in its place: sides are found anew, and that is told.
        card.blank.part = made.card->blank.part;
        write("block.stl", files::stlOf(soundOf(boxOf({0, 0, -10}, {70, 30, 0}))));
        made = samples::made(card);
        QVERIFY(has(made, check::FindingKind::partProblem));
        QVERIFY(!made.solid->problem);
        QVERIFY(std::fabs(blank::sizeOf(made.card->blank, "here").x - 70) < 1e-4);
        // Words that run off it
        card.inscriptions[0].placing.x = 2;
        QVERIFY(has(samples::made(card), check::FindingKind::outsideBlank) ||
                has(samples::made(card), check::FindingKind::insideMargin));
    }

    void whatWasMendedIsTold() {
        Mesh box = boxOf({0, 0, -10}, {60, 30, 0});
        std::swap(box.triangles[3][0], box.triangles[3][1]);
        box.triangles.push_back(box.triangles[5]);
        const card::Made made =
            samples::made(cardOn(write("faulty.stl", files::stlOf(box)), {30, 15, 0}, "Quay"));
        const auto& findings = made.checked->findings;
        const auto mended =
            std::ranges::find(findings, check::FindingKind::partMended, &check::Finding::kind);
        QVERIFY(mended != findings.end());
        QVERIFY(mended->severity == check::Severity::note);
        QCOMPARE(mended->count, 2);
        QVERIFY(!made.solid->problem);
        const card::Card sound = cardOn(
            write("sound.stl", files::stlOf(soundOf(boxOf({0, 0, -10}, {60, 30, 0})))), {30, 15, 0}, "Q");
        QVERIFY(!has(samples::made(sound), check::FindingKind::partMended));
    }

    void whereAPartIsWrongIsToldInPlaces() {
        Mesh open = boxOf({0, 0, -10}, {60, 30, 0});
        open.triangles.resize(10); // without what faces -y
        card::Made made = samples::made(cardOn(write("open.stl", files::stlOf(open)), {30, 15, 0}, "Quay"));
        const auto problemOf = [&] {
            return std::ranges::find(made.checked->findings, check::FindingKind::partProblem,
                                     &check::Finding::kind);
        };
        auto problem = problemOf();
        QVERIFY(problem != made.checked->findings.end());
        QCOMPARE(problem->places.size(), size_t(1));
        QVERIFY(problem->places[0].onPart &&
                space::length(*problem->places[0].onPart - Vertex{30, 0, -5}) < 1e-4);
        QVERIFY(made.lettering->partAsRead && made.lettering->partAsRead->triangles.size() == 10);
        // Two boxes through each other
        Mesh crossed = boxOf({0, 0, -10}, {60, 30, 0});
        const Mesh other = boxOf({50, 5, -8}, {80, 15, -2});
        const int first = int(crossed.vertices.size());
        crossed.vertices.insert(crossed.vertices.end(), other.vertices.begin(), other.vertices.end());
        for (auto t : other.triangles)
            crossed.triangles.push_back({t[0] + first, t[1] + first, t[2] + first});
        crossed.faces.resize(crossed.triangles.size(), body::Face::blank);
        made = samples::made(cardOn(write("crossed.stl", files::stlOf(crossed)), {30, 15, 0}, "Quay"));
        problem = problemOf();
        QVERIFY(problem != made.checked->findings.end() && !problem->places.empty());
    }

    void aCardThatTravelsTakesItsPartAlong() {
        const std::string path = write("along.stl", files::stlOf(soundOf(boxOf({0, 0, -10}, {60, 30, 0}))));
        card::Card card = cardOn(path, {30, 15, 0}, "Quay");
        card.travels = true;
        QVERIFY(card::takeAlong(card, samples::catalogue().get(), "").empty());
        QVERIFY(!card.blank.part.carried->empty());
        const auto read = card::cardFromJson(card::jsonOf(card));
        QVERIFY(read && read->blank.part.carried == card.blank.part.carried);
        const double before = body::volumeOf(samples::made(*read).solid->mesh);
        QVERIFY(QFile::remove(QString::fromStdString(path)));
        const card::Made made = samples::made(*read);
        QVERIFY(!made.solid->problem && !has(made, check::FindingKind::partProblem));
        QCOMPARE(body::volumeOf(made.solid->mesh), before);
        // Saved again it is still there; a card that does not travel carries nothing.
        card = *read;
        QVERIFY(card::takeAlong(card, samples::catalogue().get(), "").empty());
        QVERIFY(!card.blank.part.carried->empty());
        card.travels = false;
        QVERIFY(card::takeAlong(card, samples::catalogue().get(), "").empty());
        QVERIFY(card.blank.part.carried->empty());
        // STEP too, whose reader is another program.
        const card::Made plate = samples::made([] {
            card::Card bare = samples::plate("H");
            bare.inscriptions.clear();
            return bare;
        }());
        const auto step = card::outputOf(plate, *card::formatOf("a.step"), "a.step");
        card = cardOn("gone.step", {60, 20, 0}, "Quay");
        card.blank.part.carried = step->front().bytes;
        QVERIFY(!samples::made(card).solid->problem);
    }

    void aCardKeepsWhatWasFound() {
        const std::string path = write("block.stl", files::stlOf(soundOf(boxOf({0, 0, -10}, {60, 30, 0}))));
        const card::Made made = samples::made(cardOn(path, {30, 15, 0}, "Quay"));
        const std::string text = card::jsonOf(*made.card);
        const auto read = card::cardFromJson(text);
        QVERIFY2(bool(read), read ? "" : read.problem().subject.c_str());
        QVERIFY(read->blank.part == made.card->blank.part);
        QVERIFY(text.find("\"kind\": \"file\"") != std::string::npos &&
                text.find("\"sides\"") != std::string::npos);
    }

    void aPartLiesOnASideOfItsOwn() {
        card::Card card = samples::read("horn-cleat");
        card.lying.on = "base";
        card::Made made = samples::made(card);
        const auto pose = card::poseOf(card.lying, *made.solid->panels, made.solid->mesh);
        QVERIFY(bool(pose));
        // The base's top faces down: the horn, which stands out of it, comes to lie below.
        const body::Mesh lying = card::posed(made.solid->mesh, *pose);
        const body::Extent extent = body::extentOf(lying);
        QVERIFY(std::fabs(extent.low.z) < 1e-9 &&
                std::fabs(extent.high.z - body::extentOf(made.solid->mesh).high.z) < 1e-3);
        QVERIFY(bool(card::cardFromJson(card::jsonOf(card))));
        card.lying.on = "keel";
        const auto refused = card::cardFromJson(card::jsonOf(card));
        QVERIFY(!refused && refused.problem().subject == "lying");
    }

    void generatedPartsTakeWords() {
        const int rounds =
            qEnvironmentVariableIsSet("BOLLARD_ROUNDS") ? qEnvironmentVariableIntValue("BOLLARD_ROUNDS") : 12;
        const unsigned seed = 20261128;
        std::mt19937 random(seed);
        const auto between = [&](double low, double high) {
            return std::uniform_real_distribution<double>(low, high)(random);
        };
        for (int round = 0; round < rounds; ++round) {
            const double a = between(-3, 3), b = between(-3, 3);
            const Vertex shift{between(-50, 50), between(-50, 50), between(-50, 50)};
            const auto move = [&](const Vertex& v) { return turnedAbout(v, a, b) + shift; };
            const bool flat = random() % 2 == 0;
            const double size = between(20, 60), radius = between(8, 30);
            const double end = random() % 2 == 0 ? radius : radius * between(0.6, 0.95);
            const double middle = (radius + end) / 2;
            card::Card card = cardOn(
                {}, {}, random() % 2 ? "Quay" : "8",
                std::array{working::Kind::raised, working::Kind::sunk, working::Kind::inlaid}[random() % 3]);
            card.inscriptions[0].style.size = between(3, size / 5);
            card.inscriptions[0].placing.turn = between(-20, 20);
            const double across = between(0.4, 0.6), up = between(0.4, 0.6);
            const QString which = QString("round %1 of seed %2").arg(round).arg(seed);
            // Its strips are those that letters are cut into, so that both have the same chords.
            Mesh part;
            card::Made made;
            int strips = 60;
            for (int attempt = 0; attempt < 4; ++attempt) {
                const double edge = strips % 2 ? M_PI / strips : 0;
                part = soundOf(moved(flat ? boxOf({0, 0, -12}, {2 * size, size, 0})
                                          : frustumOf(radius, end, size, strips),
                                     move));
                const Vertex at =
                    move(flat ? Vertex{size, size / 2, 0}
                              : Vertex{middle * std::cos(edge), middle * std::sin(edge), size / 2});
                card.blank.part.file = write("made.stl", files::stlOf(part));
                card.blank.part.sides = {{"here", {at.x, at.y, at.z}, 0, {}}};
                made = samples::made(card);
                QVERIFY2(made.solid && !made.solid->panels->empty(), qPrintable(which));
                const plane::Vector there = blank::sizeOf(made.card->blank, "here");
                card.inscriptions[0].placing.x = there.x * across;
                card.inscriptions[0].placing.y = there.y * up;
                const int wanted = int(made.solid->panels->front().cuts.u.size()) - 1;
                if (attempt > 0 && (flat || wanted == strips))
                    break;
                strips = std::max(8, wanted);
            }
            QVERIFY2(made.solid && !made.solid->problem, qPrintable(which));
            QVERIFY2(body::faultsOf(made.solid->mesh).none(), qPrintable(which));
            // What its file says: corners are rounded there.
            const double was = body::volumeOf(*made.lettering->part), is = body::volumeOf(made.solid->mesh);
            const auto kind = card.inscriptions[0].working.kind;
            const double height = kind == working::Kind::raised ? 1 : -1;
            const double own = volumeOver(made, height);
            const double wanted = kind == working::Kind::inlaid ? 0 : own;
            QVERIFY2(
                std::fabs(is - was - wanted) <= 1e-4 * std::fabs(own),
                qPrintable(
                    QString("%1: %2 for %3").arg(which).arg(is - was, 0, 'f', 6).arg(wanted, 0, 'f', 6)));
        }
    }
};

QTEST_GUILESS_MAIN(PartTest)
#include "part_test.moc"
