// Cards of all that a card can ask for, random but repeatable.
#pragma once
#include "sample_cards.hpp"
#include <random>

namespace samples {

/// Random but repeatable: words, faces, sizes, forms, places, turns and workings of all kinds.
class RandomCards {
  public:
    explicit RandomCards(unsigned seed) : random_(seed) {}

    bollard::card::Card next() {
        bollard::card::Card card;
        card.blank.kind = static_cast<bollard::blank::Kind>(random_() % 4); // those that are flat
        card.blank.thickness = between(1, 6);
        card.blank.endThickness = between(1, 6);
        card.blank.outline = plateOutline();
        card.blank.corner = between(0, 10);
        card.blank.edge = edge();
        card.blank.edgeBoth = random_() % 2 == 0;
        for (auto holes = random_() % 3; holes > 0; --holes)
            card.blank.holes.push_back(hole());
        for (auto count = 1 + random_() % 3; count > 0; --count)
            card.inscriptions.push_back(inscription(card.blank));
        card.process.kind.as<bollard::process::Filament>().nozzle = between(0.2, 0.8);
        if (card.blank.kind != bollard::blank::Kind::none)
            for (bollard::card::Inscription& inscription : card.inscriptions)
                inscription.side = random_() % 4 == 0 ? "back" : "";
        return card;
    }
    /// Of those that words go round, and blocks: somewhere on some of their sides.
    bollard::card::Card nextRound() {
        using bollard::blank::Kind;
        bollard::card::Card card;
        bollard::blank::Blank& b = card.blank;
        static constexpr std::array kinds{Kind::bar,  Kind::block,  Kind::tube,   Kind::ring,
                                          Kind::cone, Kind::sphere, Kind::turned, Kind::faceted};
        b.kind = kinds[random_() % kinds.size()];
        b.diameter = between(8, 60);
        b.length = between(6, 60);
        b.bore = b.diameter * between(0.4, 0.9);
        b.thickness = b.kind == Kind::block ? between(8, 30) : between(1, 4);
        b.width = b.kind == Kind::ring ? between(4, 20) : between(20, 80);
        b.height = between(10, 50);
        b.inside = random_() % 2 ? bollard::blank::Inside::comfort : bollard::blank::Inside::flat;
        b.comfort = between(0.1, 0.5);
        b.topDiameter = random_() % 4 ? between(4, 60) : 0;
        b.facets = 3 + number(12);
        b.across = b.bore + between(2, 12);
        if (b.kind == Kind::faceted) // its corners lie farther out than its facets
            b.bore = std::min(b.bore, b.across - 1.5);
        b.profile.clear();
        double y = 0;
        for (int i = 0, points = 2 + number(4); i < points; ++i, y += between(4, 20))
            b.profile.push_back({random_() % 6 ? between(4, 30) : 0, y, random_() % 3 > 0});
        if (random_() % 2)
            b.wall = between(0.8, 2.5);
        b.edge = edge();
        b.edgeBoth = random_() % 2 == 0;
        if (b.kind == Kind::ring && random_() % 2) {
            b.flat = between(1, b.bore * 0.8);
            b.flatThickness = between(1, 5);
        }
        if (random_() % 10 == 0)
            b.ear = {between(2, 5), between(1, 3), between(1, 4), random_() % 2 == 0};
        const auto sides = bollard::blank::sidesOf(b);
        for (auto count = 1 + random_() % 2; count > 0; --count) {
            bollard::card::Inscription made = inscription(b);
            made.ornament = {};
            made.baseline = {};
            made.nudges.clear();
            made.side = random_() % 2 ? std::string() : std::string(sides[random_() % sides.size()]);
            const bollard::plane::Vector size = bollard::blank::sizeOf(b, made.side);
            made.style.sizeBy = bollard::setting::SizeBy::capital;
            made.style.size = std::max(1.0, std::min(size.y, size.x) * between(0.1, 0.4));
            made.style.stroke = made.style.size * between(0.05, 0.2);
            made.style.letterSpace = 0;
            made.placing.anchor = bollard::setting::Anchor::centre;
            made.placing.x = size.x * between(0, 1);
            made.placing.y = size.y * between(0.3, 0.7);
            made.placing.turn = random_() % 3 ? 0 : between(-180, 180);
            made.working.depth = between(0.2, 1);
            made.working.height = between(0.3, 1.5);
            made.working.foot = made.working.foot > 0 ? 0.2 : 0;
            card.inscriptions.push_back(made);
        }
        return card;
    }
    bollard::blank::PlateOutline plateOutline() {
        bollard::blank::PlateOutline made;
        if (random_() % 2)
            made.kind = static_cast<bollard::blank::OutlineKind>(random_() % bollard::blank::outlineKinds);
        made.corners = 3 + number(10);
        made.ear = between(0, 40);
        made.earHole = between(0, 12);
        made.distance = between(0.5, 8);
        return made;
    }
    bollard::blank::Hole hole() {
        bollard::blank::Hole made{between(0, 120), between(0, 45), between(1, 8)};
        made.kind = static_cast<bollard::blank::HoleKind>(random_() % bollard::blank::holeKinds);
        made.length = between(1, 20);
        made.turn = between(-180, 180);
        made.head = between(1, 14);
        made.headAngle = between(40, 140);
        return made;
    }
    bollard::blank::Edge edge() {
        bollard::blank::Edge made;
        if (random_() % 2)
            made.kind = static_cast<bollard::blank::EdgeKind>(random_() % bollard::blank::edgeKinds);
        made.size = between(0.05, 0.9);
        made.slope = between(20, 70);
        made.leaning = between(-12, 20);
        return made;
    }
    bollard::card::Inscription inscription() { return inscription({}); }
    bollard::setting::Ornament ornament() { return someOrnament(); }
    int number(int below) { return int(random_() % unsigned(below)); }
    double between(double low, double high) {
        return std::uniform_real_distribution<double>(low, high)(random_);
    }

  private:
    std::string words() {
        static const std::vector<std::string> some{"B",    "tide & quay", "O8", "BERTH\n14",
                                                   "Ägir", "%§",          "il", "ff"};
        return some[random_() % some.size()];
    }
    bollard::card::Inscription inscription(const bollard::blank::Blank& blank) {
        static const std::vector<bollard::type::TypefaceChoice> faces{
            {"League Spartan", "Bold", {}, 0},
            {"Dancing Script", "Bold", {}, 0},
            {"GFS Didot", "", {}, 0},
            {"Leckerli One", "", {}, 0},
            {"Bollard Mark", "", {}, 0},
            {"Bollard Wake", "", {}, 0},
            {"League Spartan", "Bold", {}, 0, true}};
        bollard::card::Inscription made;
        made.words = words();
        made.typeface = faces[random_() % faces.size()];
        made.style.sizeBy = static_cast<bollard::setting::SizeBy>(random_() % 5);
        made.style.size = between(6, 30);
        made.style.width = between(60, 140);
        made.style.slant = between(-20, 20);
        made.style.weight = random_() % 2 ? between(-0.2, 0.3) : 0;
        made.style.letterSpace = between(-2, 2);
        made.style.stroke = between(0.2, 2.5);
        made.style.ends = static_cast<bollard::plane::Ends>(random_() % 3);
        made.placing.x = between(0, 120);
        made.placing.y = between(0, 45);
        made.placing.turn = random_() % 2 ? between(-180, 180) : 90.0 * double(random_() % 4);
        made.placing.anchor = static_cast<bollard::setting::Anchor>(random_() % 9);
        made.placing.reading = static_cast<bollard::setting::ReadingSide>(random_() % 3);
        made.working.kind = static_cast<bollard::working::Kind>(random_() % bollard::working::kinds);
        made.working.height = between(0.4, 4);
        made.working.depth = between(0.2, std::max(blank.thickness, blank.endThickness));
        made.working.bedding = random_() % 2 ? between(0, 1) : 0;
        made.working.edge = edge();
        made.working.angle = between(20, 120);
        if (random_() % 3 == 0)
            made.working.foot = between(0.05, 1);
        if (random_() % 4 == 0)
            made.working.colourFrom = between(0.1, 2);
        if (random_() % 2)
            made.working.clearance = between(0.02, 0.3);
        made.cutsOut = random_() % 5 == 0;
        if (random_() % 2)
            made.baseline = baseline();
        for (auto nudges = random_() % 3; nudges > 0; --nudges)
            made.nudges.push_back({int(nudges), between(-3, 3), between(-3, 3), between(-60, 60),
                                   between(40, 200), between(-1, 2)});
        if (random_() % 4 == 0)
            made.ornament = someOrnament();
        return made;
    }
    bollard::setting::Baseline baseline() {
        bollard::setting::Baseline made;
        made.kind = static_cast<bollard::setting::BaselineKind>(random_() % 5);
        made.radius =
            between(8, 60) * (made.kind == bollard::setting::BaselineKind::arc && random_() % 2 ? -1 : 1);
        made.atBottom = random_() % 2;
        made.inside = random_() % 2;
        made.closed = random_() % 3 == 0;
        made.offset = between(-4, 4);
        made.slide = between(-20, 20);
        made.bend = random_() % 2;
        for (auto points = 2 + random_() % 3; points > 0; --points)
            made.points.push_back({between(-60, 60),
                                   between(-20, 20),
                                   {between(-20, 0), between(-10, 10)},
                                   {between(0, 20), between(-10, 10)},
                                   random_() % 2 == 0});
        return made;
    }
    bollard::setting::Ornament someOrnament() {
        bollard::setting::Ornament made;
        made.kind = static_cast<bollard::setting::OrnamentKind>(
            1 + random_() % (bollard::setting::ornamentKinds - 1));
        made.shape = static_cast<bollard::setting::FrameShape>(random_() % bollard::setting::frameShapes);
        made.width = between(5, 120);
        made.height = between(1, 45);
        made.corner = between(0, 12);
        made.band = between(0.3, 8);
        made.distance = between(0, 8);
        if (const auto place = int(random_() % 3) - 1; place >= 0)
            made.around = bollard::card::idAtPlace(place);
        made.stroke = between(0.3, 3);
        made.scale = between(30, 200);
        const auto place = [&] { // as the card file keeps it
            return bollard::plane::Vector{std::round(between(-20e4, 20e4)) / 1e4,
                                          std::round(between(-20e4, 20e4)) / 1e4};
        };
        bollard::plane::Contour line{{0, 0}, {}, true};
        for (int i = 0; i < 3; ++i)
            line.segments.push_back({bollard::plane::Segment::Kind::cubic, place(), place(), place()});
        bollard::plane::Contour area{place(), {}, false};
        for (int i = 0; i < 4; ++i)
            area.segments.push_back({bollard::plane::Segment::Kind::line, {}, {}, place()});
        made.artwork = bollard::plane::Outline{{line, area}};
        return made;
    }

    std::mt19937 random_;
};

} // namespace samples
