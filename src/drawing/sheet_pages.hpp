// Sheets of parts as a PDF, a page a sheet at true size.
#pragma once
#include "files/drawing.hpp"

namespace bollard::drawing {

/// Lines of each sheet (mm from its lower left) on a page of its size. nothingToMake without sheets.
quantity::Result<std::string> sheetPages(const std::vector<std::vector<files::DrawingLayer>>& sheets,
                                         double width, double height, const std::string& title);

} // namespace bollard::drawing
