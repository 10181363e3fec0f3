#include "check/width_counts.hpp"
#include <algorithm>

namespace bollard::check {

WidthCounts countsOf(std::shared_ptr<const Measures> measures) {
    WidthCounts counts;
    std::vector<double> widths;
    measures->readings.forEach([&](const Reading& reading) {
        widths.push_back(reading.width);
        // A neck is a place: it counts for as long as it is wide. Of cuts it is land, as ties are.
        const bool neck = reading.kind == ReadingKind::neck;
        const bool stands =
            neck && !working::cuts(measures->readings.letters[size_t(reading.inscription)].working);
        const double length = neck ? reading.width : reading.length;
        for (size_t span = 0; span < counts.spans.size(); ++span) {
            const double bar = counts.spans[span] / counts.bars;
            auto& at = counts.ofSpan[span][std::min(size_t(reading.width / bar), size_t(counts.bars - 1))];
            (reading.kind == ReadingKind::stroke || stands ? at.stroke : at.gap) += length;
        }
    });
    if (!widths.empty()) {
        const auto ninth = widths.begin() + std::ptrdiff_t(widths.size() * 9 / 10);
        std::nth_element(widths.begin(), ninth, widths.end());
        counts.usual = *ninth;
    }
    if (const Reading* thinnest = narrowest(*measures, ReadingKind::stroke))
        counts.thinnest = thinnest->width;
    counts.measures = std::move(measures);
    return counts;
}

std::size_t spanFor(double wanted) {
    const auto span = std::ranges::lower_bound(WidthCounts::spans, wanted);
    return std::min(size_t(span - WidthCounts::spans.begin()), WidthCounts::spans.size() - 1);
}

} // namespace bollard::check
