// The card as a printer sees it.
#pragma once
#include "card/pipeline.hpp"
#include "proof/layers.hpp"

namespace bollard::card {

/// How the card's process prints; nothing for processes that do not.
std::optional<proof::LayerChoices> layersOf(const process::Process& process);

/// The body as it lies on the bed: as the card says, else with its lowest point at z = 0.
space::Pose poseOnBed(const Made& made);

/// Its layers. The solid must have been made, by a process that prints.
proof::PrintProof printProofOf(const Made& made, const std::stop_token& stop = {},
                               const std::function<void(double)>& progress = {});

/// About how long it takes, s: the lines at the process's speed, or so long a layer. Moves and warming up do
/// not count.
double secondsOf(const proof::PrintProof& proof, const process::Process& process);

/// What is to be said of the lying position: overhangs, what begins in the air, heights that are no whole
/// layers. Nothing where the card does not say how it lies, or nothing is printed.
std::vector<check::Finding> lyingFindings(const Card& card, const Lettering& lettering, const Solid& solid);

} // namespace bollard::card
