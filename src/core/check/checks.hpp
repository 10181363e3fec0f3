// The table of all that is looked for in a part. A new check is a function in a file and a line in the table.
#pragma once
#include "check/looking.hpp"

namespace bollard::check {

// Of the whole part.
void checkBlank(Looking& looking);
void checkLands(Looking& looking); ///< between holes, and between them and the edge
void checkPieces(Looking& looking);

// Of one inscription.
void checkCharacters(Looking& looking, int slot);
void checkSize(Looking& looking, int slot);
void checkBaseline(Looking& looking, int slot);
void checkRound(Looking& looking, int slot); ///< on sides that go all the way round
void checkReadingSide(Looking& looking, int slot);
void checkWidths(Looking& looking, int slot);
void checkLost(Looking& looking, int slot); ///< what a weight change takes away
void checkNecks(Looking& looking, int slot);
void checkCorners(Looking& looking, int slot);
void checkHeights(Looking& looking, int slot);
void checkDepths(Looking& looking, int slot);
void checkBrokenEdges(Looking& looking, int slot);
void checkEdges(Looking& looking, int slot);
void checkTies(Looking& looking, int slot);

/// One of both.
struct Check {
    std::string_view name;
    void (*ofPart)(Looking&);
    void (*ofInscription)(Looking&, int slot);
};
/// In the order in which findings of one severity are told; those of an inscription stand together.
std::span<const Check> checks();

} // namespace bollard::check
