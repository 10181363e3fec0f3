// The same part by mesh boolean, for comparison.
#pragma once
#include "card/pipeline.hpp"

namespace bench {

/// Plate and letters as closed meshes, united one letter after another. Returns the triangles of the result.
size_t unitedLetterByLetter(const bollard::card::Made& made);
/// The same with all letters in one mesh.
size_t unitedAtOnce(const bollard::card::Made& made);

} // namespace bench
