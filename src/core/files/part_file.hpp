// Parts that others made: their surfaces, as they stand in their files.
#pragma once
#include "body/mesh.hpp"
#include "quantity/result.hpp"
#include <string>

namespace bollard::files {

struct PartSurface {
    body::Mesh mesh{};          ///< in the file's unit
    bool inMillimetres = false; ///< the file told its unit, and the mesh is in mm
};

/// By the path's ending: STL (binary and text), OBJ, 3MF with all that is to be built, STEP (.step, .stp;
/// read by a program of its own that stands beside this one, so that a fault there is told and not ours).
/// unknownFormat (subject: the path), fileMissing and fileUnreadable as readWhole(), partBroken (subject: the
/// path, detail: what was met, line of texts), partEmpty. `bytes`: the file, where it has been read already.
quantity::Result<PartSurface> partSurfaceOf(const std::string& path, const std::string& bytes,
                                            const std::stop_token& stop = {});

/// SHA-1 of some bytes, in hexadecimal.
std::string digestOf(const std::string& bytes);

/// Endings of parts, with their dots: .stl .3mf .obj .step .stp.
const std::vector<std::string>& partEndings();

} // namespace bollard::files
