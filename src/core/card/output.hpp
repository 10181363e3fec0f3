// The solid files a card can be written to.
#pragma once
#include "card/pipeline.hpp"
#include "files/three_mf.hpp"
#include "files/whole_file.hpp"
#include <string>
#include <vector>

namespace bollard::card {

struct SolidFormat {
    std::string ending;
    quantity::Result<std::string> (*bytes)(const Made& made, const std::string& title);
};

/// All formats: stl, 3mf.
const std::vector<SolidFormat>& solidFormats();

/// The format of a path by its ending; null when it has none of them.
const SolidFormat* formatOf(const std::string& path);

/// Writes the solid whole or not at all. `made` must hold a solid. nothingToMake when the solid is empty.
quantity::Result<quantity::Done> writeSolid(const Made& made, const SolidFormat& format,
                                            const std::string& path, files::IfThere ifThere);

} // namespace bollard::card
