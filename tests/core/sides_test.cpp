// Words on every side of a blank: where they stand in space, that the part is one closed body, and what
// cannot be.
#include "../sample_cards.hpp"
#include "blank/shape.hpp"
#include "card/card_json.hpp"
#include "card/output.hpp"
#include "working/changes.hpp"

using namespace bollard;
using check::FindingKind, working::Kind;

namespace {

card::Card barOf(const std::string& words, double x = 30, double y = 30, Kind kind = Kind::raised) {
    card::Card card = samples::plate(words, kind);
    card.blank.kind = blank::Kind::bar;
    card.blank.diameter = 25.4;
    card.blank.length = 60;
    card.inscriptions[0].style.size = 8;
    card.inscriptions[0].placing.anchor = setting::Anchor::centre;
    card.inscriptions[0].placing.x = x;
    card.inscriptions[0].placing.y = y;
    card.inscriptions[0].working.height = 1;
    card.inscriptions[0].working.depth = 1;
    return card;
}
card::Inscription on(const std::string& side, const card::Card& like, const std::string& words, Kind kind) {
    card::Inscription inscription = like.inscriptions[0];
    inscription.words = words;
    inscription.side = side;
    inscription.working.kind = kind;
    inscription.placing.x = inscription.placing.y = like.blank.diameter / 2;
    return inscription;
}

bool has(const card::Made& made, FindingKind kind) {
    return std::ranges::any_of(made.checked->findings, [&](const auto& f) { return f.kind == kind; });
}
quantity::ProblemKind problemOf(const card::Made& made) {
    return made.solid->problem ? made.solid->problem->kind : quantity::ProblemKind::stopped;
}

double volumeOf(const card::Made& made) {
    return body::volumeOf(made.solid->mesh);
}
void verifyClosed(const card::Made& made) {
    QVERIFY2(!made.solid->problem, made.solid->problem ? made.solid->problem->detail.c_str() : "");
    for (const auto selection :
         {body::Selection::everything, body::Selection::blank, body::Selection::letters})
        QVERIFY2(body::faultsOf(body::meshOf(made.solid->parts(), selection)).none(),
                 qPrintable(QString::number(int(selection))));
    QVERIFY(body::faultsOf(made.solid->mesh).none());
}

/// mm3 that is put on or taken away.
double changeOf(const card::Made& made) {
    return volumeOf(made) - samples::blankVolumeOf(made);
}

} // namespace

class SidesTest : public QObject {
    Q_OBJECT
  private slots:
    void theEndsOfABarAreBrokenExactly() {
        card::Card card;
        card.blank.kind = blank::Kind::bar;
        card.blank.diameter = 25.4;
        card.blank.length = 60;
        const auto volume = [&] {
            const auto made = samples::made(card);
            return body::faultsOf(made.solid->mesh).none() && !made.solid->problem
                       ? body::volumeOf(made.solid->mesh)
                       : -1;
        };
        const double whole = volume(), r = 12.7;
        // What a cone of that height takes off a cylinder.
        const auto ring = [&](double size, double height) {
            return M_PI * height * (r * r - (r * r + r * (r - size) + (r - size) * (r - size)) / 3);
        };
        card.blank.edge.kind = blank::EdgeKind::chamfer;
        card.blank.edge.size = 2;
        card.blank.edge.slope = 30;
        COMPARE_NEAR(whole - volume(), 2 * ring(2, 2 * std::tan(M_PI / 6)), 0.3);
        card.blank.edge.kind = blank::EdgeKind::round;
        card.blank.edge.size = 3;
        // A square less a quarter circle, turned about the axis: its area times the way of its middle.
        const double area = 9 - M_PI * 9 / 4, fromCorner = (10 - 3 * M_PI) / (12 - 3 * M_PI) * 3;
        COMPARE_NEAR(whole - volume(), 2 * area * 2 * M_PI * (r - fromCorner), 5); // chords within 0.01 mm
        // Words on all of its sides stay where they were.
        for (const char* side : {"outside", "start", "end"}) {
            card.inscriptions.push_back(samples::plate("N 4").inscriptions[0]);
            card.inscriptions.back().side = side;
            card.inscriptions.back().style.size = 5;
            card.inscriptions.back().placing.x = side == std::string("outside") ? M_PI * r : r;
            card.inscriptions.back().placing.y = side == std::string("outside") ? 30 : r;
            card.inscriptions.back().working.height = 0.6;
        }
        const auto made = samples::made(card);
        QVERIFY(body::faultsOf(made.solid->mesh).none() && !made.solid->problem);
        QVERIFY(!samples::finding(made, check::FindingKind::outsideBlank));
        const body::Extent extent = body::extentOf(made.solid->mesh);
        COMPARE_NEAR(extent.low.y, -0.6, 1e-6);
        COMPARE_NEAR(extent.high.y, 60.6, 1e-6);
        // Over the broken edge nothing can lie.
        card.inscriptions[0].placing.y = 4;
        QVERIFY(samples::finding(samples::made(card), check::FindingKind::outsideBlank));
        // Room for the edge ends in the middle.
        card.inscriptions.clear();
        card.blank.edge.size = 100;
        QVERIFY(volume() > 0);
    }

    void aBarIsRoundWithinAHundredth() {
        card::Card card = barOf("");
        const auto made = samples::made(card);
        verifyClosed(made);
        const double exact = M_PI * 12.7 * 12.7 * 60;
        QVERIFY(volumeOf(made) < exact && volumeOf(made) > exact * (1 - 2 * 0.01 / 12.7));
        const body::Extent extent = body::extentOf(made.solid->mesh);
        QCOMPARE(extent.low.y, 0.0);
        QCOMPARE(extent.high.y, 60.0);
        COMPARE_NEAR(extent.high.z, 12.7, 0.01);
    }

    void raisedTopsAreEvenAndFaceOutwards() {
        const auto made = samples::made(barOf("QUAY 7"));
        verifyClosed(made);
        const body::Mesh& mesh = made.solid->mesh;
        int tops = 0;
        for (const auto& t : mesh.triangles) {
            const auto radius = [&](size_t k) {
                return std::hypot(mesh.vertices[size_t(t[k])].x, mesh.vertices[size_t(t[k])].z);
            };
            constexpr double onTop = 13.685; // walls are parted below
            if (radius(0) < onTop || radius(1) < onTop || radius(2) < onTop)
                continue;
            ++tops;
            for (size_t k = 0; k < 3; ++k) {
                const auto &a = mesh.vertices[size_t(t[k])], &b = mesh.vertices[size_t(t[(k + 1) % 3])];
                const double middle = std::hypot((a.x + b.x) / 2, (a.z + b.z) / 2);
                QVERIFY2(middle > 13.7 - 0.01 && middle < 13.7 + 1e-9,
                         qPrintable(QString::number(middle, 'f', 6)));
            }
        }
        QVERIFY(tops > 100);
    }

    /// The development's middle faces +z, and x grows to +x there.
    void wordsLieWhereTheDevelopmentSays() {
        const double turn = M_PI * 25.4;
        for (const double quarter : {0.25, 0.5, 0.75}) {
            card::Card card = barOf("I", turn * quarter);
            const body::Mesh letters =
                body::meshOf(samples::made(card).solid->parts(), body::Selection::letters);
            const body::Extent extent = body::extentOf(letters);
            const double angle = 2 * M_PI * quarter - M_PI;
            const double x = (extent.low.x + extent.high.x) / 2, z = (extent.low.z + extent.high.z) / 2;
            COMPARE_NEAR(std::atan2(x, z), angle, 0.02);
            COMPARE_NEAR((extent.low.y + extent.high.y) / 2, 30, 0.01);
        }
    }

    void wordsAcrossTheSeamAreAsTrueAsElsewhere() {
        const double turn = M_PI * 25.4;
        for (const Kind kind : {Kind::raised, Kind::sunk}) {
            const auto here = samples::made(barOf("SEAM", turn / 2, 30, kind));
            const auto across = samples::made(barOf("SEAM", 0, 30, kind));
            const auto beyond = samples::made(barOf("SEAM", turn, 30, kind));
            for (const auto* made : {&here, &across, &beyond}) {
                verifyClosed(*made);
                QCOMPARE(made->solid->dropOuts.pieces, 1);
                COMPARE_NEAR(changeOf(*made) / changeOf(here), 1, 1e-3);
            }
        }
    }

    void edgesAreAsTrueAcrossTheSeam() {
        const double turn = M_PI * 25.4;
        using working::EdgeKind;
        const auto madeAt = [&](double x, Kind kind, EdgeKind edge) {
            card::Card card = barOf("SEAM", x, 30, kind);
            working::Working& working = card.inscriptions[0].working;
            working.edge = {edge, 0.3, 45, 6};
            working.foot = 0.4;
            return samples::made(card);
        };
        for (const Kind kind : {Kind::raised, Kind::sunk, Kind::carved, Kind::inlaid})
            for (const EdgeKind edge : {EdgeKind::chamfer, EdgeKind::round, EdgeKind::draft}) {
                const auto here = madeAt(turn / 2, kind, edge), across = madeAt(0, kind, edge);
                verifyClosed(here);
                verifyClosed(across);
                if (kind != Kind::inlaid)
                    COMPARE_NEAR(changeOf(across) / changeOf(here), 1, 2e-3);
            }
    }

    /// A ring sector between two radii holds its arc times the mean radius.
    void whatIsPutOnHasTheVolumeTheRadiusGives() {
        const auto made = samples::made(barOf("HULL", 20));
        double area = 0;
        for (const working::Worked& worked : working::workedOf(made.lettering->inscriptions))
            area += plane::areaOf(worked.region) / 1e8;
        COMPARE_NEAR(changeOf(made) / (area * 1 * (12.7 + 0.5) / 12.7), 1, 1e-3);
    }

    void endsCarryWordsSeenFromOutside() {
        card::Card card = barOf("QUAY");
        card.inscriptions.push_back(on("start", card, "L", Kind::raised));
        card.inscriptions.push_back(on("end", card, "L", Kind::raised));
        const auto made = samples::made(card);
        verifyClosed(made);
        // The foot of an L reaches to its right: +x on both ends; its stem stands to -z at the end, to +z at
        // the start.
        for (const double end : {-1.0, 61.0}) {
            double right = 0, low = 0, high = 0;
            for (const auto& v : made.solid->mesh.vertices)
                if (v.y == end) {
                    right = std::max(right, v.x);
                    low = std::min(low, v.z);
                    high = std::max(high, v.z);
                }
            const double foot = end < 0 ? low : high; // bottom of the letter: -z at the start
            bool footReaches = false;
            for (const auto& v : made.solid->mesh.vertices)
                footReaches |= v.y == end && v.x == right && std::fabs(v.z - foot) < 1e-6;
            QVERIFY2(footReaches, qPrintable(QString::number(end)));
        }
    }

    /// Where the tops of raised letters of a side stand, as the box of what lies beyond the blank there.
    void everyFaceOfABlockCarriesWordsSeenFromOutside() {
        struct Case {
            const char* side;
            double width, height;
            space::Vertex corner, x, y;
        };
        const double w = 60, h = 40, t = 25;
        for (const Case& c : {Case{"front", w, h, {0, 0, 0}, {1, 0, 0}, {0, 1, 0}},
                              {"back", w, h, {w, 0, -t}, {-1, 0, 0}, {0, 1, 0}},
                              {"left", t, h, {0, 0, -t}, {0, 0, 1}, {0, 1, 0}},
                              {"right", t, h, {w, 0, 0}, {0, 0, -1}, {0, 1, 0}},
                              {"top", w, t, {0, h, 0}, {1, 0, 0}, {0, 0, -1}},
                              {"bottom", w, t, {0, 0, -t}, {1, 0, 0}, {0, 0, 1}}}) {
            card::Card card = barOf("L", 10, 8);
            card.blank.kind = blank::Kind::block;
            card.blank.width = w;
            card.blank.height = h;
            card.blank.thickness = t;
            card.inscriptions[0].side = c.side;
            card.inscriptions[0].placing.anchor = setting::Anchor::bottomLeft;
            card.inscriptions[0].style.size = 9;
            const auto made = samples::made(card);
            verifyClosed(made);
            const space::Vertex out = space::cross(c.x, c.y);
            double left = 1e9, low = 1e9, high = -1e9, most = 0;
            for (const space::Vertex& v : made.solid->mesh.vertices) {
                const space::Vertex off = v - c.corner;
                if (space::dot(off, out) < 0.5)
                    continue;
                most = std::max(most, space::dot(off, out));
                left = std::min(left, space::dot(off, c.x));
                low = std::min(low, space::dot(off, c.y));
                high = std::max(high, space::dot(off, c.y));
            }
            COMPARE_NEAR(most, 1, 1e-9);
            COMPARE_NEAR(left, 10, 1e-3);
            COMPARE_NEAR(low, 8, 1e-3);
            COMPARE_NEAR(high, 17, 0.01);
            double area = 0;
            for (const plane::Region& letter : made.lettering->inscriptions[0].onSide)
                area += plane::areaOf(letter) / 1e8;
            COMPARE_NEAR(volumeOf(made), w * h * t + area, 1e-3);
            card.inscriptions[0].working.kind = Kind::sunk;
            const auto sunk = samples::made(card);
            verifyClosed(sunk);
            COMPARE_NEAR(volumeOf(sunk), w * h * t - area, 1e-3);
            card.inscriptions[0].working.depth = 61;
            QCOMPARE(int(problemOf(samples::made(card))), int(quantity::ProblemKind::cutTooDeep));
        }
    }

    void aTubeCarriesWordsOutsideInsideAndOnItsEnds() {
        card::Card card = barOf("QUAY", M_PI * 15, 20);
        card.blank.kind = blank::Kind::tube;
        card.blank.diameter = 30;
        card.blank.bore = 22;
        card.blank.length = 40;
        card.inscriptions.push_back(on("inside", card, "HULL", Kind::raised));
        card.inscriptions[1].placing.x = M_PI * 11;
        card.inscriptions[1].placing.y = 20;
        card.inscriptions.push_back(on("end", card, "I", Kind::sunk));
        card.inscriptions[2].style.size = 1.5;
        card.inscriptions[2].placing.y = 2;
        const auto made = samples::made(card);
        verifyClosed(made);
        // Even heights along the normal on both round sides, and inside they face the axis at +z of their
        // wall.
        double outermost = 0, innermost = 1e9;
        for (const space::Vertex& v : made.solid->mesh.vertices) {
            const double r = std::hypot(v.x, v.z);
            outermost = std::max(outermost, r);
            if (r < 10.5) {
                innermost = std::min(innermost, r);
                QVERIFY(v.z < 0); // the middle of the inside is the wall whose normal faces +z
            }
            if (r > 15.5)
                QVERIFY(v.z > 0);
        }
        COMPARE_NEAR(outermost, 16, 0.012);
        COMPARE_NEAR(innermost, 10, 0.012);
        // A letter on each side holds its arc times the mean radius, outwards more, inwards less.
        for (const bool inside : {false, true}) {
            card::Card one = card;
            one.inscriptions = {card.inscriptions[inside ? 1 : 0]};
            const auto with = samples::made(one);
            double area = 0;
            for (const working::Worked& worked : working::workedOf(with.lettering->inscriptions))
                area += plane::areaOf(worked.region) / 1e8;
            const double mean = inside ? (11 - 0.5) / 11 : (15 + 0.5) / 15;
            COMPARE_NEAR(changeOf(with) / (area * mean), 1, 2e-3);
            // Across the seam as true as elsewhere
            card::Card across = one;
            across.inscriptions[0].placing.x = 0;
            const auto seam = samples::made(across);
            verifyClosed(seam);
            COMPARE_NEAR(volumeOf(seam) / volumeOf(with), 1, 1e-6);
        }
        // Mirrored nowhere: inside the stem of an L lies towards -x, seen from the axis.
        card::Card single = card;
        single.inscriptions = {card.inscriptions[1]};
        single.inscriptions[0].words = "L";
        const auto letter = samples::made(single);
        double stemTop = 1e9, footRight = -1e9;
        for (const space::Vertex& v : letter.solid->mesh.vertices)
            if (std::hypot(v.x, v.z) < 10.5) {
                footRight = std::max(footRight, v.x);
                if (v.y > 22)
                    stemTop = std::min(stemTop, std::fabs(v.x - footRight) < 1e-9 ? 1e9 : v.x);
            }
        QVERIFY(stemTop < 0 && footRight > 0);
        // Through the wall, and nearly
        card.inscriptions[0].working.kind = Kind::pierced;
        card.inscriptions[1].placing.x += 20; // out of its way
        const auto pierced = samples::made(card);
        verifyClosed(pierced);
        QVERIFY(pierced.solid->dropOuts.pieces > 1); // the middles of Q and A
        card.inscriptions[0].working.kind = Kind::sunk;
        card.inscriptions[0].working.depth = 3.5; // meets the letters of neither other side
        verifyClosed(samples::made(card));
    }

    void edgesAndCornersOfBlocksAreBroken() {
        card::Card card;
        card.blank.kind = blank::Kind::block;
        card.blank.width = 60;
        card.blank.height = 40;
        card.blank.thickness = 25;
        for (const double s : {0.3, 4.0, 12.4, 80.0}) {
            card.blank.edge = {blank::EdgeKind::chamfer, s, 30, 5}; // as much off both faces
            const auto chamfered = samples::made(card);
            verifyClosed(chamfered);
            const double in = std::min(s, 12.49), w = 60 - 2 * in, h = 40 - 2 * in, t = 25 - 2 * in;
            const double faces = w * h * t + 2 * in * (w * h + h * t + w * t);
            COMPARE_NEAR(volumeOf(chamfered), faces + 2 * in * in * (w + h + t) + 8 * in * in * in / 6, 1e-3);
            card.blank.edge.kind = blank::EdgeKind::round;
            const auto rounded = samples::made(card);
            verifyClosed(rounded);
            COMPARE_NEAR(volumeOf(rounded),
                         faces + M_PI * in * in * (w + h + t) + 4 * M_PI / 3 * in * in * in, 60);
            QVERIFY(volumeOf(rounded) > volumeOf(chamfered));
        }
        // Words on each face, as on a crisp one
        card.blank.edge.size = 2;
        for (const std::string_view side : blank::sidesOf(card.blank)) {
            card::Inscription letter;
            letter.words = "I";
            letter.side = side;
            letter.style.size = 10;
            const plane::Vector size = blank::sizeOf(card.blank, side);
            letter.placing.x = size.x / 2;
            letter.placing.y = size.y / 2;
            card.inscriptions.push_back(letter);
        }
        verifyClosed(samples::made(card));
    }

    void whatCannotBeOnABarIsTold() {
        card::Card deep = barOf("QUAY", 30, 30, Kind::sunk);
        deep.inscriptions[0].working.depth = 13;
        QCOMPARE(int(problemOf(samples::made(deep))), int(quantity::ProblemKind::cutTooDeep));
        QCOMPARE(int(problemOf(samples::made(barOf("QUAY", 30, 30, Kind::pierced)))),
                 int(quantity::ProblemKind::cutTooDeep));
        card::Card pole = barOf("QUAY", 30, 0.5); // there is nothing to go on to past it
        pole.blank.kind = blank::Kind::sphere;
        QVERIFY(samples::made(pole).solid->problem);
    }

    void lettersRunOverARim() {
        // What two bars lack that share the letters between them is what one lacks that has them all.
        const double turn = M_PI * 25.4;
        const auto lacks = [&](double y) {
            card::Card card = barOf("QUAY", turn / 2, y, Kind::sunk);
            card.inscriptions[0].working.depth = 1.4;
            const auto with = samples::made(card);
            verifyClosed(with);
            return -changeOf(with);
        };
        constexpr double strips = 3e-4; // which are others where nothing is joined
        COMPARE_NEAR((lacks(0) + lacks(60)) / lacks(30), 1, strips);
        // Raised ones are kept whole past it, with their bedding.
        card::Card raised = barOf("I", turn / 2, 30);
        raised.inscriptions[0].working.bedding = 0.5;
        const double above = changeOf(samples::made(raised));
        raised.inscriptions[0].placing.y = 60;
        const auto past = samples::made(raised);
        verifyClosed(past);
        const double height = raised.inscriptions[0].working.height;
        const double mean = (12.7 - 0.25) / (12.7 + height / 2);
        COMPARE_NEAR(changeOf(past) / above, 1 + 0.5 * 0.5 / height * mean, 2e-3);
        COMPARE_NEAR(body::volumeOf(past.solid->bodyOf(body::Selection::letters)),
                     above * (1 + 0.5 / height * mean), above * 2e-3);
        COMPARE_NEAR(body::volumeOf(past.solid->bodyOf(body::Selection::blank)) +
                         body::volumeOf(past.solid->bodyOf(body::Selection::letters)),
                     volumeOf(past), above * 1e-3);
        // An end wider than itself, whose letters run over its round edge
        card::Card wide = barOf("QUAY");
        wide.inscriptions.push_back(on("end", wide, "WIDER", Kind::sunk));
        wide.inscriptions.back().style.size = 12;
        verifyClosed(samples::made(wide));
        // Stopped while bodies are joined, nothing is made.
        std::stop_source stop;
        card::Pipeline pipeline(samples::catalogue());
        const auto stopped = pipeline.run(std::make_shared<const card::Card>(wide), {}, stop.get_token(),
                                          [&](const card::Made& made) {
                                              if (made.checked)
                                                  stop.request_stop();
                                          });
        QVERIFY(stopped.checked && !stopped.checked->complete && !stopped.solid);
        QVERIFY(pipeline.run(std::make_shared<const card::Card>(wide), {}).solid->problem == std::nullopt);
    }

    void lettersOfTwoSidesReachIntoEachOther() {
        const double turn = M_PI * 25.4;
        card::Card card = barOf("QUAY", turn / 2, 54, Kind::sunk); // faces +z, near the end
        card.inscriptions[0].working.depth = 4;
        card.inscriptions.push_back(on("end", card, "I", Kind::sunk));
        card.inscriptions[1].working.depth = 8;
        verifyClosed(samples::made(card));    // in the middle of the end: clear of it
        card.inscriptions[1].placing.y = 6.5; // towards +z, which is down as the end is seen
        const auto meeting = samples::made(card);
        verifyClosed(meeting);
        QVERIFY(std::ranges::count(meeting.checked->findings, check::FindingKind::lettersMeet,
                                   &check::Finding::kind) == 2);
        // They have some of what they lack in common.
        const auto lacks = [&](const card::Card& of) { return -changeOf(samples::made(of)); };
        card::Card first = card, second = card;
        first.inscriptions.pop_back();
        second.inscriptions.erase(second.inscriptions.begin());
        const double both = lacks(first) + lacks(second);
        QVERIFY(-changeOf(meeting) < both - 1);
        QVERIFY(-changeOf(meeting) > both / 2);
        card.inscriptions[1].working.depth = 0.8;
        verifyClosed(samples::made(card));
    }

    void gapsAreMeasuredRoundTheSeam() {
        const double turn = M_PI * 25.4;
        card::Card card = barOf("I", 1.5);
        card.inscriptions.push_back(card.inscriptions[0]);
        card.inscriptions[1].placing.x = turn - 1.5;
        const auto narrowestGap = [](const card::Made& made) {
            const check::Reading* gap = check::narrowest(*made.checked->measures, check::ReadingKind::gap);
            return gap ? gap->width : -1;
        };
        const double round = narrowestGap(samples::made(card));
        card.inscriptions[0].placing.x = turn / 2 + 1.5;
        card.inscriptions[1].placing.x = turn / 2 - 1.5;
        QVERIFY(round > 0);
        COMPARE_NEAR(round, narrowestGap(samples::made(card)), 2e-4);
        // Two sides are not near each other, however their plans look.
        card.inscriptions[1].side = "end";
        card.inscriptions[1].placing.x = card.inscriptions[0].placing.x = 12.7;
        QCOMPARE(narrowestGap(samples::made(card)), -1.0);
    }

    void theBackOfAPlateIsSeenFromBehind() {
        card::Card card = samples::plate("L", Kind::raised);
        card.inscriptions[0].placing.anchor = setting::Anchor::centre;
        card.inscriptions[0].placing.x = 20;
        card.inscriptions[0].placing.y = card.blank.height / 2;
        const auto front = samples::made(card);
        card.inscriptions[0].side = "back";
        const auto back = samples::made(card);
        verifyClosed(back);
        COMPARE_NEAR(volumeOf(back), volumeOf(front), 1e-6);
        const body::Extent extent =
            body::extentOf(body::meshOf(back.solid->parts(), body::Selection::letters));
        COMPARE_NEAR((extent.low.x + extent.high.x) / 2, card.blank.width - 20, 0.01);
        QCOMPARE(extent.low.z, -card.blank.thickness - card.inscriptions[0].working.height);
        QCOMPARE(extent.high.z, -card.blank.thickness + card.inscriptions[0].working.bedding);
        // From behind its foot reaches to the right, which is to -x.
        double left = 1e9, bottom = 1e9;
        for (const auto& v : back.solid->mesh.vertices)
            if (v.z == extent.low.z) {
                left = std::min(left, v.x);
                bottom = std::min(bottom, v.y);
            }
        QVERIFY(std::ranges::any_of(back.solid->mesh.vertices, [&](const auto& v) {
            return v.z == extent.low.z && v.x == left && std::fabs(v.y - bottom) < 1e-9;
        }));
    }

    void frontAndBackMeetInsideAPlate() {
        for (const Kind kind : {Kind::raised, Kind::sunk, Kind::pierced})
            for (const Kind behind : {Kind::raised, Kind::sunk, Kind::pierced}) {
                card::Card card = samples::plate("BERTH", kind);
                card.inscriptions.push_back(card.inscriptions[0]);
                card.inscriptions[1].side = "back";
                card.inscriptions[1].words = "QUAY 14";
                for (card::Inscription& inscription : card.inscriptions)
                    inscription.working.depth = 2.5; // of 4: they meet
                card.inscriptions[1].working.kind = behind;
                const auto made = samples::made(card);
                verifyClosed(made);
            }
    }

    void aSideThatIsNotThereIsToldAndKept() {
        card::Card card = barOf("QUAY");
        card.inscriptions[0].side = "outside";
        card.blank.kind = blank::Kind::plate;
        const auto made = samples::made(card);
        QVERIFY(has(made, FindingKind::sideMissing));
        QCOMPARE(made.lettering->letters(), size_t(0));
        verifyClosed(made);
        const auto again = card::cardFromJson(card::jsonOf(card));
        QVERIFY(again);
        QCOMPARE(again->inscriptions[0].side, std::string("outside"));
        card.blank.kind = blank::Kind::bar;
        QCOMPARE(samples::made(card).lettering->letters(), size_t(4));
    }

    void otherSidesAreDrawnOnLayersOfTheirOwn() {
        card::Card card = barOf("QUAY");
        card.inscriptions.push_back(on("end", card, "E", Kind::sunk));
        std::vector<std::string> names;
        for (const auto& layer : card::layersOf(samples::made(card)))
            names.push_back(layer.name);
        QCOMPARE(names, (std::vector<std::string>{"blank", "raised", "end blank", "end sunk"}));
    }
};
QTEST_GUILESS_MAIN(SidesTest)
#include "sides_test.moc"
