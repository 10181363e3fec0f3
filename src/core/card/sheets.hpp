// Parts of several rows on sheets: what each covers there, and the files of a sheet.
#pragma once
#include "card/output.hpp"
#include "nest/nest.hpp"

namespace bollard::card {

/// What of a row goes onto a sheet; formats take what they need of it.
struct SheetPart {
    std::vector<files::DrawingLayer> layers{};
    std::shared_ptr<const cut::Cutting> cutting{};
    std::shared_ptr<const cut::Shop> shop{};
    std::vector<OwnBody> bodies{};
};

/// A part where it lies.
struct LaidPart {
    const SheetPart* part = nullptr; ///< not null
    plane::Similarity place{};
    std::string name{}; ///< of its row
};
plane::Similarity placeOf(const nest::Place& place);

/// A kind of file with one sheet in it.
struct SheetFormat {
    std::string ending{};
    Output what{};
    /// sheetNotFlat for what cannot be laid on one.
    quantity::Result<SheetPart> (*partOf)(const Made&) = nullptr;
    quantity::Result<std::string> (*bytesOf)(std::span<const LaidPart>, const nest::Board&,
                                             const std::string& title) = nullptr;
};
/// stl, 3mf, svg, dxf, nc.
const std::vector<SheetFormat>& sheetFormats();

/// What a made part covers of a sheet, grid units: blank and letters as they are drawn, holes and what is
/// pierced left out; a solid that lies otherwise, or is none of a plate, by the hull of its shadow.
plane::Region coveredBy(const Made& made, Output what);

/// The layers of all parts where they lie, those of a name together.
std::vector<files::DrawingLayer> layersOf(std::span<const LaidPart> parts);

} // namespace bollard::card
