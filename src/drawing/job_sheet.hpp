// What goes to the machine with the work: one part on paper.
#pragma once
#include "card/pipeline.hpp"
#include <QPageSize>
#include <QString>
#include <string>
#include <utility>
#include <vector>

namespace bollard::drawing {

/// What it tells beside the part itself.
struct JobSheet {
    card::Made made{};      ///< whole
    std::string card{};     ///< the card file's name without folder and ending
    std::string fileName{}; ///< with its ending
    std::string digest{};   ///< SHA-256 of its bytes, in hex
    /// Findings that are let stand though the card does not accept them, and why; their severity is stop.
    bool accepts = false;
    std::string reason{};
    std::vector<std::pair<std::string, std::string>> files{}; ///< names and digests of what is written of it
    QPageSize::PageSizeId paper = QPageSize::A4;
};

/// SHA-256 of a file's bytes, in hex.
std::string sha256Of(const std::string& bytes);

/// The bytes of a PDF file, its text real.
quantity::Result<std::string> jobSheetPdf(const JobSheet& sheet);
/// Its pages below each other as a PNG file at 200 dots an inch.
quantity::Result<std::string> jobSheetPng(const JobSheet& sheet);

} // namespace bollard::drawing
