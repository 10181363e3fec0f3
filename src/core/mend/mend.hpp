// Changes to a card that clear a finding, each made and found to do so before it is offered.
#pragma once
#include "card/pipeline.hpp"
#include <optional>
#include <stop_token>
#include <string_view>

namespace bollard::mend {

/// One kind of mend: a number of an inscription that is changed. One file and one line in the table each.
struct Mend {
    std::string_view name{}; ///< to find its words: "largerSize"
    /// Whether it can help: by the finding's kind, and what the inscription is.
    bool (*mayClear)(const check::Finding&, const card::Inscription&) = nullptr;
    double (*value)(const card::Inscription&) = nullptr; ///< what it changes, mm
    /// What the value would have to be for the finding to be gone, as far as that can be told: mm, rounded to
    /// what a person would type.
    double (*needed)(const check::Finding&, double value) = nullptr;
    void (*set)(card::Inscription&, double value) = nullptr;
};

Mend largerSize();
Mend letterSpace();

/// All there are, in the order they are offered.
const std::vector<Mend>& mends();

/// A mend that was tried: with it the finding is gone, and nothing new stops.
struct Offer {
    const Mend* mend = nullptr;
    int inscription = 0;
    double from = 0; ///< mm, the value before
    double to = 0;
    card::Card card{};                 ///< with it
    std::vector<std::string> clears{}; ///< ids of all findings that are gone with it
};

/// What clears the finding of what was made; nothing when none does, or stopped. Makes the card a few times
/// over with `trial`, which remembers from one to the next.
std::vector<Offer> offersFor(const card::Made& made, const check::Finding& finding, card::Pipeline& trial,
                             const std::string& folder, const std::stop_token& stop = {});

/// What turns the text of a card's file into the mended card: RFC 6902, as JSON text. "[]" for a text that is
/// no JSON.
std::string patchOf(const std::string& cardText, const card::Card& mended);

} // namespace bollard::mend
