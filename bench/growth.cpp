// growth [PLOT.svg]: how the time of one more character grows from 10 to 10,000 letters, and what 1,000 take
// in memory.
#include "bench_cards.hpp"
#include <algorithm>
#include <chrono>
#include <cstdio>
#include <fstream>
#include <sys/resource.h>
#include <vector>

using namespace bollard;

namespace {

struct Row {
    int letters;
    double findings, body; ///< ms
};

double now() {
    return std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now().time_since_epoch())
        .count();
}

Row measured(int letters) {
    card::Pipeline pipeline(bench::catalogue());
    card::Card card = bench::plate(letters);
    pipeline.run(std::make_shared<const card::Card>(card), {});
    Row best{letters, 1e9, 1e9};
    for (int i = 0; i < (letters > 2000 ? 3 : 7); ++i) {
        card.inscriptions[0].words += "BDRQSAE"[i % 7];
        const double start = now();
        double findings = 0;
        pipeline.run(std::make_shared<const card::Card>(card), {}, {}, [&](const card::Made& made) {
            if (made.checked && findings == 0)
                findings = now() - start;
        });
        best.findings = std::min(best.findings, findings);
        best.body = std::min(best.body, now() - start);
    }
    return best;
}

/// Both axes by powers of ten: n log n is nearly a straight line there.
void plot(const std::vector<Row>& rows, const char* path) {
    const auto x = [](double letters) { return 60 + (std::log10(letters) - 1) * 160; };
    const auto y = [](double ms) { return 300 - (std::log10(ms) + 1) * 56; };
    std::ofstream svg(path);
    svg << "<svg xmlns='http://www.w3.org/2000/svg' width='580' height='350' font-family='sans-serif' "
           "font-size='12'>\n"
        << "<rect width='580' height='350' fill='#FAF8F3'/>\n";
    for (int power = 1; power <= 4; ++power)
        svg << "<text x='" << x(std::pow(10, power)) - 12 << "' y='325'>" << std::pow(10, power)
            << "</text>\n";
    for (int power = -1; power <= 4; ++power)
        svg << "<path d='M60 " << y(std::pow(10, power)) << "H560' stroke='#D5CFC2'/><text x='8' y='"
            << y(std::pow(10, power)) + 4 << "'>" << std::pow(10, power) << " ms</text>\n";
    const auto line = [&](const char* colour, const char* name, auto value, int row) {
        svg << "<polyline fill='none' stroke='" << colour << "' stroke-width='2' points='";
        for (const Row& r : rows)
            svg << x(r.letters) << "," << y(value(r)) << " ";
        svg << "'/><text x='76' y='" << 30 + 18 * row << "' fill='" << colour << "'>" << name << "</text>\n";
    };
    const Row& last = rows.back();
    line(
        "#2B6A8C", "letters and findings", [](const Row& r) { return r.findings; }, 0);
    line(
        "#B83A2A", "body", [](const Row& r) { return r.body; }, 1);
    line(
        "#9AA5AC", "n log n through the last point",
        [&](const Row& r) {
            return last.body * r.letters * std::log(r.letters) / (last.letters * std::log(last.letters));
        },
        2);
    svg << "<text x='250' y='343'>letters</text></svg>\n";
}

} // namespace

int main(int argc, char** argv) {
    {
        card::Pipeline pipeline(bench::catalogue());
        const auto made = pipeline.run(std::make_shared<const card::Card>(bench::plate(1000)), {});
        rusage usage{};
        getrusage(RUSAGE_SELF, &usage);
        std::printf("1,000 letters, %zu triangles: %ld MB at most\n", made.solid->mesh.triangles.size(),
                    usage.ru_maxrss / 1024);
    }
    std::vector<Row> rows;
    std::printf("%8s %12s %10s %25s %21s\n", "letters", "findings ms", "body ms", "findings / (n log n), us",
                "body / (n log n), us");
    for (const int letters : {10, 30, 100, 300, 1000, 3000, 10000}) {
        rows.push_back(measured(letters));
        const Row& r = rows.back();
        const double nLogN = letters * std::log(letters);
        std::printf("%8d %12.2f %10.2f %25.3f %21.3f\n", r.letters, r.findings, r.body,
                    1000 * r.findings / nLogN, 1000 * r.body / nLogN);
    }
    if (argc > 1)
        plot(rows, argv[1]);
}
