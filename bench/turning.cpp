// turning: work round a bar against the same on a plate, a raster against a bare sweep of its height field,
// and what a proved move costs. Ratios within one run.
#include "card/pipeline.hpp"
#include "clocks.hpp"
#include "cut/gcode.hpp"
#include "proof/proof.hpp"
#include <fmt/format.h>

using namespace bollard;

namespace {

std::shared_ptr<const type::Catalogue> catalogue() {
    static const auto all = std::make_shared<const type::Catalogue>(BOLLARD_SOURCE "/fonts");
    return all;
}
template<class Work> double best(Work work) {
    double least = 1e9;
    constexpr int rounds = 5;
    for (int i = 0; i < rounds; ++i) {
        const double before = bench::processorSeconds();
        work();
        least = std::min(least, bench::processorSeconds() - before);
    }
    return least;
}

card::Card lettered(bool round, working::Kind kind, cut::OperationKind operation) {
    card::Card card;
    card.blank.width = 160;
    card.blank.height = 60;
    card.blank.thickness = 10;
    card.blank.diameter = 160 / M_PI;
    card.blank.length = 60;
    card.blank.kind = round ? blank::Kind::bar : blank::Kind::plate;
    card::Inscription inscription;
    inscription.words = "ABCDEFGHIJKLMNOPQRST";
    inscription.typeface = {"League Spartan", "Bold", {}, 0};
    inscription.style.size = 7;
    inscription.placing.anchor = setting::Anchor::centre;
    inscription.placing.x = 80;
    inscription.placing.y = 30;
    inscription.working.kind = kind;
    inscription.working.depth = 1;
    inscription.working.height = 1;
    card.inscriptions = {inscription};
    cut::Operation one;
    one.kind = operation;
    one.tool.kind = cut::ToolKind::vBit;
    one.tool.diameter = 3;
    one.tool.tip = 0.1;
    one.feed = 600;
    one.plunge = 200;
    card.operations = {one};
    card.machine.axis.letter = cut::AxisLetter::a;
    return card;
}

struct Worked {
    card::Made made;
    double path = 0, prove = 0;
    size_t moves = 0;
};
Worked worked(const card::Card& card) {
    Worked one;
    card::Pipeline pipeline(catalogue());
    one.made = pipeline.run(std::make_shared<const card::Card>(card), "");
    card::Made fresh = one.made;
    fresh.cuttings = nullptr;
    one.path = best([&] { one.made.cuttings = card::cuttingsOf(fresh); });
    const cut::Cutting& cutting = one.made.cuttings->front;
    const std::string program = *cut::gcodeOf(cutting, *one.made.shop->dialect("lines"), {});
    constexpr double cell = 0.05;
    one.prove = best([&] { one.moves = proof::proofOf(program, cutting, {cell}).program.motions.size(); });
    return one;
}

/// Each cell of a field of 40 by 80 mm in the middle of a ball's shape over it, as it comes.
double bareSweep(double ball, double cell) {
    const int columns = int(40 / cell), rows = int(80 / cell), around = int(ball / cell);
    std::vector<float> surface(size_t(columns) * size_t(rows), 0), offset(surface.size(), 0);
    for (int row = rows / 3; row < rows / 2; ++row)
        for (int column = columns / 3; column < columns / 2; ++column)
            surface[size_t(row) * size_t(columns) + size_t(column)] = 1;
    std::vector<float> shape;
    for (int r = -around; r <= around; ++r)
        for (int c = -around; c <= around; ++c) {
            const double squared = ball * ball - cell * cell * (r * r + c * c);
            shape.push_back(squared >= 0 ? float(std::sqrt(squared) - ball) : -1e9f);
        }
    return best([&] {
        for (int row = around; row < rows - around; ++row)
            for (int column = around; column < columns - around; ++column) {
                float highest = 0;
                size_t k = 0;
                for (int r = -around; r <= around; ++r)
                    for (int c = -around; c <= around; ++c)
                        highest = std::max(highest,
                                           surface[size_t(row + r) * size_t(columns) + size_t(column + c)] +
                                               shape[k++]);
                offset[size_t(row) * size_t(columns) + size_t(column)] = highest;
            }
    });
}

} // namespace

int main() {
    const Worked flat = worked(lettered(false, working::Kind::carved, cut::OperationKind::carve)),
                 round = worked(lettered(true, working::Kind::carved, cut::OperationKind::carve));
    fmt::print("20 letters V-carved: {:.1f} ms on a plate, {:.1f} ms round a bar, {:.2f} times\n",
               1e3 * flat.path, 1e3 * round.path, round.path / flat.path);
    const double flatMove = flat.prove / double(flat.moves), roundMove = round.prove / double(round.moves);
    fmt::print("proved: {:.2f} and {:.2f} us a move, {:.2f} times\n", 1e6 * flatMove, 1e6 * roundMove,
               roundMove / flatMove);

    card::Card card = lettered(true, working::Kind::raised, cut::OperationKind::raster);
    card.blank.diameter = 40 / M_PI;
    card.blank.length = 80;
    card.inscriptions[0].words = "ABCDE";
    card.inscriptions[0].placing.x = 20;
    card.inscriptions[0].placing.y = 40;
    cut::Operation& o = card.operations[0];
    o.tool.kind = cut::ToolKind::ball;
    o.tool.diameter = 2;
    o.stepover = 0.1;
    o.to = 80;
    card::Pipeline pipeline(catalogue());
    card::Made made = pipeline.run(std::make_shared<const card::Card>(card), "");
    made.cuttings = nullptr;
    for (const auto along : {cut::RasterAlong::axis, cut::RasterAlong::round}) {
        auto own = std::make_shared<card::Card>(card);
        own->operations[0].along = along;
        made.card = own;
        const double raster = best([&] { (void)card::cuttingsOf(made); });
        const double bare = bareSweep(1, 0.1);
        fmt::print("raster of 40 x 80 mm at 0.1 mm {}: {:.0f} ms, {:.2f} times a bare sweep of its field\n",
                   along == cut::RasterAlong::axis ? "along the axis" : "round it", 1e3 * raster,
                   raster / bare);
    }
}
