#include "mend/mend.hpp"
#include <cmath>

namespace bollard::mend {

/// Strokes, holes and gaps grow as the words do, but for weight changes and spaces, which stay.
Mend largerSize() {
    return {"largerSize",
            [](const check::Finding& finding, const card::Inscription& inscription) {
                using enum check::FindingKind;
                const bool narrow = finding.kind == strokeNarrow || finding.kind == counterNarrow ||
                                    finding.kind == openingNarrow || finding.kind == gapNarrow;
                return narrow && !inscription.isOrnament();
            },
            [](const card::Inscription& inscription) { return inscription.style.size; },
            [](const check::Finding& finding, double value) {
                constexpr double tenths = 10;
                return std::ceil(value * finding.limit / finding.measured * tenths - 1e-6) / tenths;
            },
            [](card::Inscription& inscription, double value) { inscription.style.size = value; }};
}

} // namespace bollard::mend
