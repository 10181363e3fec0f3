// How a part is made, and what that process cannot go below or above.
#pragma once
#include "blank/blank.hpp"
#include "process/casting.hpp"
#include "process/filament.hpp"
#include "process/laser.hpp"
#include "process/line_engraving.hpp"
#include "process/milling.hpp"
#include "process/resin.hpp"
#include "process/torch.hpp"
#include "process/v_carving.hpp"
#include "quantity/one_of.hpp"
#include <map>
#include <optional>
#include <string>
#include <utility>

namespace bollard::process {

struct Process {
    /// The table of all kinds.
    quantity::OneOf<Filament, Resin, Casting, VCarving, LineEngraving, Milling, Torch, Laser> kind{};
    bool worn = false;                   ///< the part is worn on the body
    std::map<std::string, double> own{}; ///< limits set by hand, by their keys
    std::string name{};                  ///< what the person calls it; empty: as the kind starts
    /// It stands for the tool of an operation. What that does not go into is left as it is, and stops nothing
    /// as long as it goes into anything: cut::Toolpath tells that. No part of cards.
    bool ofTool = false;
    bool operator==(const Process&) const = default;
};

/// "raised.strokeStop": what a limit is called in Process::own and in cards.
std::string keyOf(working::Kind kind, std::string_view rule);
/// Every limit of every process as it starts, of something worn; first those of raised letters.
const std::vector<std::pair<working::Kind, Rule>>& knownRules();
/// Whether any process has such a limit.
bool isKey(const std::string& key);

/// What letters so worked on that blank are held to; without a blank their own height counts as thickness.
Situation situationOf(const blank::Blank& blank, std::string_view side, const working::Working& working);

/// The limits as they are worked out. `situation.worn` is taken from the process.
std::vector<Rule> startingRules(const Process& process, Situation situation);
/// The limits in force: by hand where they are, else worked out.
std::vector<Rule> rulesOf(const Process& process, Situation situation);
/// The value of the first rule of that name; nothing when there is none.
std::optional<double> limitOf(const std::vector<Rule>& rules, std::string_view name);

} // namespace bollard::process

template<> const bollard::quantity::PartFields& bollard::quantity::fieldsOf<bollard::process::Process>();
