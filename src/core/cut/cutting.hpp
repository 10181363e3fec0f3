// All toolpaths of a card's side, from letters, blank, stock and operations.
#pragma once
#include "blank/blank.hpp"
#include "cut/machine.hpp"
#include "cut/shop.hpp"
#include "cut/toolpath.hpp"
#include "process/process.hpp"
#include <functional>
#include <memory>

namespace bollard::cut {

struct CuttingInput {
    std::span<const working::PlacedLetters> inscriptions{};
    const blank::Blank& blank;
    const process::Process& process;
    const Stock& stock;
    const Zero& zero;
    const Machine& machine;
    const Shop& shop;
    std::span<const Clamp> clamps{};
    std::span<const Operation> operations{}; ///< none: the usual ones
    /// The number on the card of an inscription by its id or place; -1: there is none.
    std::function<int(const std::string&)> numberOf{};
    bool back = false; ///< the side behind, with the operations that are for it
};

struct Cutting {
    Block blank{}, stock{};
    space::Vertex zero{};
    Machine machine{};
    std::vector<Clamp> clamps{};
    bool back = false;
    /// Of a side that goes round: what lies above is of its development then, z of its surface 0. Null: flat.
    std::shared_ptr<const Mounting> mounting{};
    std::vector<Toolpath> paths{}; ///< of operations that are on, in order

    /// The tools in the order in which they are first used; numbers in files count from 1.
    std::vector<Tool> tools() const;
    double seconds() const;
    /// Whether that can be done to this side.
    bool takes(OperationKind kind) const;
    /// Whether anything is cut at all.
    bool cuts() const;
};

/// What is cut between one change of tools and the next, each with all its tools, so that their numbers stay.
std::vector<Cutting> byTool(const Cutting& cutting);

/// Whether an operation that names no inscriptions is for such letters.
bool isUsualFor(OperationKind operation, working::Kind working, bool singleLine);

/// What operations a card without any has: the usual ones of its process for its workings.
std::vector<Operation> usualOperations(const CuttingInput& input);

/// The moves of a flat path one after the other, as they are timed: seconds.
double secondsOf(const Toolpath& path, const Machine& machine);

/// Everything worked out; stopped, what there is.
Cutting cuttingOf(const CuttingInput& input, const std::stop_token& stop = {});

} // namespace bollard::cut
