// Round holes, straight down.
#include "cut/chains.hpp"

namespace bollard::cut {

std::vector<Chain> drill(const Job& job) {
    const Operation& o = job.operation;
    const double top = job.stock.high.z;
    const double bottom = o.depth > 0 ? -o.depth : job.stock.low.z - o.through;
    constexpr double above = 0.5; // mm over the stock between pecks
    std::vector<Chain> chains;
    for (const plane::Vector hole : job.holes) {
        Chain chain;
        chain.shape = int(chains.size());
        const auto levels = passesTo(top, bottom, o.peck);
        for (size_t i = 0; i < levels.size(); ++i) {
            chain.points.push_back(at(hole, levels[i]));
            if (i + 1 < levels.size())
                chain.points.push_back(at(hole, top + above)); // out, so that the chips come with it
        }
        chains.push_back(std::move(chain));
    }
    return chains;
}

} // namespace bollard::cut
