// The moves of an operation.
#pragma once
#include "cut/mounting.hpp"
#include "cut/operation.hpp"
#include "cut/stock.hpp"
#include "plane/region.hpp"
#include "working/placed_letters.hpp"
#include <map>

namespace bollard::cut {

/// What is cut without lifting: down at its first point, up at its last. Points in the side's coordinates,
/// mm; z is the tip's.
struct Chain {
    std::vector<space::Vertex> points{};
    size_t leadIn = 0, leadOut = 0; ///< so many moves at its ends are leads
    bool closed = false;            ///< without its leads it comes back to where it began
    int after = 0; ///< what lies within others is cut before them: by how many it is enclosed, the most first
    int shape = -1; ///< what belongs together: a letter, an outline
};

/// The same as the machine makes it where the side goes round; of equal place in their list.
struct MountedChain {
    std::vector<MachinePlace> places{};
};

/// A shape to be cut, with the depth its working asks for.
struct Shape {
    plane::Region region{};
    double surface = 0; ///< z of what it goes down from, mm
    double depth = 0;   ///< below that
    int inscription = -1;
    bool carved = false;              ///< narrower as it goes down
    std::vector<plane::Line> lines{}; ///< of single lines, grid units
    plane::Region rest{};             ///< pocket: only what this lies in; empty: all of it

    double floor() const { return surface - depth; }
};

/// All that an operation works on, in the side's coordinates.
struct Job {
    Operation operation{}; ///< with tool, feeds and depths told
    std::vector<Shape> shapes{};
    plane::Region part{};               ///< cut-out: what stays
    bool hasEdge = true;                ///< cut-out: of the part; else only what lies within it is cut
    std::vector<plane::Vector> holes{}; ///< drill: where, mm
    Block stock{};
    Block blank{};
    std::vector<Clamp> clamps{};
    std::stop_token stop{};
};

/// What comes loose when it has been cut round.
struct Freed {
    size_t chain = 0;    ///< the last one round it
    bool isPart = false; ///< else waste within it
    plane::Vector at{};  ///< a place of its edge, mm
    double area = 0;     ///< mm²
};

/// What an operation comes to.
struct Toolpath {
    int number = 0; ///< of the operation on the card
    Job job{};
    std::vector<Chain> chains{};         ///< in the order they are cut
    double clearance = 0;                ///< z of moves in the air, mm
    double cutLength = 0, airLength = 0; ///< mm
    double seconds = 0;
    std::vector<MountedChain> mounted{}; ///< of sides that go round; else none
    double steepest = 0;                 ///< of places that it is cut at there, degrees
    plane::Vector steepAt{};             ///< where, on the side
    double deepest = 0;                  ///< the lowest z
    std::vector<Freed> freed{};          ///< in the order in which it comes loose; tabs hold what they are on
    std::vector<Spot> tabs{}, starts{};  ///< where they lie
    int noRoom = 0;                      ///< outlines whose lead found no room in the waste
    int unreached = 0;                   ///< shapes that the tool cannot go into at all
};

// One file each.
std::vector<Chain> scribe(const Job& job);
std::vector<Chain> carve(const Job& job);
std::vector<Chain> pocket(const Job& job);
/// What cutting out comes to, beside its chains.
struct Outcome {
    int noRoom = 0;
    std::map<int, Freed> loose{}; ///< by Chain::shape, what is loose once it has been cut round
    std::vector<Spot> tabs{}, starts{};
};
std::vector<Chain> cutOut(const Job& job, Outcome& outcome);
std::vector<Chain> drill(const Job& job);
/// Of a side that goes round; its shapes are raised letters, `surface` their height.
std::vector<Chain> rasterRound(const Job& job);
/// How far apart its ways lie on a bar of that radius, mm.
double rasterStepOf(const Operation& operation, double radius);

/// Depths at which a cut down to `depth` (mm below `top`) goes in passes of at most `pass`; the last is the
/// depth itself.
std::vector<double> passesTo(double top, double bottom, double pass);

/// Chains in an order with little way in the air between them, from a place on: those that lie within others
/// before them. `together`: those of a shape stay one after the other as they are; else each is taken by
/// itself, open ones from either end. O(n log n) and a bounded number of improvements.
void putInOrder(std::vector<Chain>& chains, plane::Vector from, bool together);
/// The way in the air between chains, mm.
double airOf(const std::vector<Chain>& chains, plane::Vector from);

/// The toolpath of a job, in order.
Toolpath toolpathOf(Job job, int number);

} // namespace bollard::cut
