#include "check/checks.hpp"
#include <array>

namespace bollard::check {

std::span<const Check> checks() {
    static constexpr std::array all{Check{"blank", checkBlank, nullptr},
                                    Check{"lands", checkLands, nullptr},
                                    Check{"characters", nullptr, checkCharacters},
                                    Check{"size", nullptr, checkSize},
                                    Check{"baseline", nullptr, checkBaseline},
                                    Check{"round", nullptr, checkRound},
                                    Check{"widths", nullptr, checkWidths},
                                    Check{"lost", nullptr, checkLost},
                                    Check{"readingSide", nullptr, checkReadingSide},
                                    Check{"necks", nullptr, checkNecks},
                                    Check{"corners", nullptr, checkCorners},
                                    Check{"heights", nullptr, checkHeights},
                                    Check{"depths", nullptr, checkDepths},
                                    Check{"brokenEdges", nullptr, checkBrokenEdges},
                                    Check{"edges", nullptr, checkEdges},
                                    Check{"ties", nullptr, checkTies},
                                    Check{"pieces", checkPieces, nullptr}};
    return all;
}

} // namespace bollard::check
