#include "mend/mend.hpp"
#include <cmath>

namespace bollard::mend {

/// Every gap between letters of a line grows by as much.
Mend letterSpace() {
    return {"letterSpace",
            [](const check::Finding& finding, const card::Inscription& inscription) {
                return finding.kind == check::FindingKind::gapNarrow && !inscription.isOrnament();
            },
            [](const card::Inscription& inscription) { return inscription.style.letterSpace; },
            [](const check::Finding& finding, double value) {
                constexpr double twentieths = 20;
                return std::ceil((value + finding.limit - finding.measured) * twentieths - 1e-6) / twentieths;
            },
            [](card::Inscription& inscription, double value) { inscription.style.letterSpace = value; }};
}

} // namespace bollard::mend
