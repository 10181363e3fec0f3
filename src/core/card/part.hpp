// The part that a card's blank is made of, where that comes from a file.
#pragma once
#include "body/mesh.hpp"
#include "card/card.hpp"
#include "quantity/result.hpp"
#include <memory>
#include <stop_token>

namespace bollard::card {

/// A part as it was read.
struct Part {
    std::shared_ptr<const body::Mesh> body{}; ///< mm, in the card's coordinates; null with a problem
    std::string digest{};
    std::optional<quantity::Problem> problem{};
    /// With a problem the surface as its file has it, where that could be read, and places where it is wrong.
    std::shared_ptr<const body::Mesh> asRead{};
    std::vector<space::Vertex> faults{};
    int dropped = 0, flipped = 0, closed = 0; ///< what was mended: as body::Repaired has it
};

/// What a part depends on: its file as it is now. `folder`: where relative files start.
struct PartKey {
    std::string path{};
    std::int64_t changed = 0; ///< when the file was, and how large it is
    std::uintmax_t size = 0;
    blank::PartUnit unit{};
    double scale = 1;
    quantity::Shared<std::string> carried{}; ///< by the card, where there is no such file
    bool operator==(const PartKey&) const = default;
};

/// Where a part's file is, told from another folder (empty: none): relative where it lies within that, else
/// whole. An empty name stays so.
std::string partPathFrom(const std::string& file, const std::string& folder, const std::string& toFolder);

PartKey partKeyOf(const blank::PartFile& part, const std::string& folder);
Part partOf(const PartKey& key, const std::stop_token& stop = {});

/// The blank with its sides as they are found on the part: those that the card does not tell, and all where
/// the file is another. What is not found is told by name.
struct SidesFound {
    blank::PartFile part{};
    bool changed = false; ///< the card was made with another file
    std::vector<std::pair<std::string, quantity::Problem>> unfound{};
};
SidesFound sidesOn(const Part& part, const blank::PartFile& asked);

} // namespace bollard::card
