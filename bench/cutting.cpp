// cutting: toolpaths against the solid of the same letters, their growth with letters, programs written and
// read back, and the removal against a plain sweep of the memory. Ratios within one run.
#include "card/pipeline.hpp"
#include "card/step.hpp"
#include "clocks.hpp"
#include "cut/gcode.hpp"
#include "proof/proof.hpp"
#include <boost/polygon/segment_data.hpp>
#include <boost/polygon/voronoi.hpp>
#include <chrono>
#include <fmt/format.h>
#include <random>
#include <set>
#include <tbb/global_control.h>

using namespace bollard;

namespace {

using bench::processorSeconds;

std::shared_ptr<const type::Catalogue> catalogue() {
    static const auto all = std::make_shared<const type::Catalogue>(BOLLARD_SOURCE "/fonts");
    return all;
}

template<class Work> double seconds(Work work) {
    const double before = processorSeconds();
    work();
    return processorSeconds() - before;
}
template<class Work> double wall(Work work) {
    const auto before = std::chrono::steady_clock::now();
    work();
    return std::chrono::duration<double>(std::chrono::steady_clock::now() - before).count();
}

card::Card carved(int letters) {
    card::Card card;
    card.blank.width = 30.0 * std::min(letters, 100) + 40;
    card.blank.height = 40.0 * (letters / 100 + 1) + 20;
    card.blank.thickness = 12;
    card::Inscription inscription;
    for (int i = 0; i < letters; ++i) {
        inscription.words += char('A' + i % 26);
        if (i % 100 == 99)
            inscription.words += '\n';
    }
    inscription.style.size = 14;
    inscription.placing.x = card.blank.width / 2;
    inscription.placing.y = card.blank.height / 2;
    inscription.working.kind = working::Kind::carved;
    inscription.working.depth = 3;
    card.inscriptions = {inscription};
    cut::Operation operation;
    operation.kind = cut::OperationKind::carve;
    card.operations = {operation};
    return card;
}

/// Letters that come again are worked out once; the bare diagram is of those, by the library as it comes.
double bareDiagrams(const std::vector<cut::Shape>& shapes) {
    using Point = boost::polygon::point_data<int>;
    using Edge = boost::polygon::segment_data<int>;
    std::set<std::vector<std::pair<int, int>>> done;
    double took = 0;
    for (const cut::Shape& shape : shapes) {
        const plane::Point corner = plane::boxOf(shape.region).low;
        std::vector<std::pair<int, int>> key;
        std::vector<Edge> edges;
        for (const plane::Ring& ring : shape.region.rings)
            for (size_t i = 0; i < ring.size(); ++i) {
                const plane::Point a = ring[i] - corner, b = ring[(i + 1) % ring.size()] - corner;
                key.emplace_back(a.x, a.y);
                edges.emplace_back(Point(a.x, a.y), Point(b.x, b.y));
            }
        if (!done.insert(key).second)
            continue;
        boost::polygon::voronoi_diagram<double> diagram;
        took += seconds([&] { boost::polygon::construct_voronoi(edges.begin(), edges.end(), &diagram); });
    }
    return took;
}

void toolpaths() {
    for (const int letters : {10, 20, 100, 1000, 10000}) {
        const auto card = std::make_shared<const card::Card>(carved(letters));
        card::Pipeline pipeline(catalogue());
        const card::Made made = pipeline.run(card, {});
        double solid = 0, path = 0;
        for (const card::Journal::Entry& entry : pipeline.journal().entries()) {
            solid += entry.step == "solid" ? entry.milliseconds : 0;
            path += entry.step == "toolpaths" ? entry.milliseconds : 0;
        }
        std::string bytes;
        const double writing = seconds(
            [&] { bytes = *cut::gcodeOf(made.cuttings->front, *cut::shippedShop().dialect("lines"), {}); });
        fmt::print("{} letters: toolpath {:.2f} of their solid (3 asked), {:.3f} ms a letter, writing {:.3f} "
                   "ms a letter\n",
                   letters, path / solid, path / letters, 1000 * writing / letters);
        if (letters == 1000) {
            const double bare = bareDiagrams(made.cuttings->front.paths[0].job.shapes);
            fmt::print(
                "1,000 letters: {:.2f} of the bare diagrams of the distinct letters ({:.0f} ms) and the "
                "writing ({:.0f} ms) (1.5 asked)\n",
                (path / 1000 + writing) / (bare + writing), 1000 * bare, 1000 * writing);
        }
        if (letters != 20)
            continue;
        proof::Proof proof;
        const double proving = seconds([&] { proof = proof::proofOf(bytes, made.cuttings->front, {0.05}); });
        proof::HeightField field(proof.windowLow, proof.windowHigh, 0.05, 0);
        std::vector<proof::Motion> motions = proof.program.motions;
        for (proof::Motion& motion : motions) {
            motion.from = motion.from + made.cuttings->front.zero;
            motion.to = motion.to + made.cuttings->front.zero;
        }
        const double sweeps = seconds([&] { field.cut(motions, made.cuttings->front.tools(), -12.3); });
        fmt::print("20 letters: proof {:.2f} of the bare sweeps of its moves (1.5 asked)\n",
                   proving / sweeps);
    }
}

void programs() {
    std::string text = "G21 G90\nF600\n";
    constexpr int moves = 1000000;
    for (int i = 0; i < moves; ++i)
        text += fmt::format("G1 X{:.3f} Y{:.3f} Z-{:.3f}\n", i % 997 * 0.1, i % 991 * 0.1, i % 13 * 0.01);
    size_t read = 0;
    const double took = seconds([&] { read = proof::programFrom(text + "M30\n").motions.size(); });
    fmt::print("{} moves read, {:.2f} million a second (1 asked)\n", read, double(read) / took / 1e6);
}

void removal() {
    std::mt19937 random(1);
    std::uniform_real_distribution<double> x(0, 100), y(0, 50), way(-0.5, 0.5);
    std::vector<proof::Motion> motions;
    space::Vertex here{50, 25, -0.5};
    for (int i = 0; i < 100000; ++i) {
        const space::Vertex to{std::clamp(here.x + way(random), 0.0, 100.0),
                               std::clamp(here.y + way(random), 0.0, 50.0), -0.5 + way(random) / 2};
        motions.push_back({here, to, 1, false, false, true, 1, 600});
        here = i % 100 == 0 ? space::Vertex{x(random), y(random), -0.5} : to;
    }
    cut::Tool tool;
    tool.kind = cut::ToolKind::vBit;
    tool.tip = 0.1;
    const std::array tools{tool};
    const auto cutting = [&](int threads) {
        const tbb::global_control limit(tbb::global_control::max_allowed_parallelism, size_t(threads));
        proof::HeightField field({0, 0}, {100, 50}, 0.05, 0);
        return wall([&] { field.cut(motions, tools, -5); });
    };
    const double one = cutting(1), two = cutting(2);
    std::vector<float> memory(2000 * 1000);
    const double sweep = wall([&] {
        for (int i = 0; i < 100; ++i)
            for (float& height : memory)
                height = std::min(height, float(i));
    });
    fmt::print("100,000 moves on 2,000 x 1,000 cells: {:.1f} plain sweeps of the memory; two threads {:.2f} "
               "times one (1.7 asked)\n",
               one / (sweep / 100), one / two);
}

} // namespace

int main() {
    toolpaths();
    programs();
    removal();
    return 0;
}
