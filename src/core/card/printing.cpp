#include "card/printing.hpp"
#include "body/overhangs.hpp"
#include "card/clashes.hpp"
#include <algorithm>
#include <cmath>

namespace bollard::card {

using process::Filament, process::Resin;

std::optional<proof::LayerChoices> layersOf(const process::Process& process) {
    proof::LayerChoices choices;
    if (process.kind.is<Filament>()) {
        const Filament& filament = process.kind.as<Filament>();
        choices.layer = filament.layer;
        choices.firstLayer = filament.firstLayer;
        choices.line = process::lineOf(filament);
        choices.overhang = filament.overhang;
        return choices;
    }
    if (process.kind.is<Resin>()) {
        choices.layer = process.kind.as<Resin>().layer;
        choices.line = process.kind.as<Resin>().pixel;
        return choices;
    }
    return std::nullopt;
}

space::Pose poseOnBed(const Made& made) {
    if (const auto pose = poseOf(made.card->lying, *made.solid->panels, made.solid->mesh))
        return *pose;
    space::Pose pose;
    pose.shift.z = -body::extentOf(made.solid->mesh).low.z;
    return pose;
}

proof::PrintProof printProofOf(const Made& made, const std::stop_token& stop,
                               const std::function<void(double)>& progress) {
    const space::Pose pose = poseOnBed(made);
    const auto lain = [&](body::Selection of) { return posed(made.solid->bodyOf(of), pose); };
    return proof::printProofOf(
        {lain(body::Selection::everything), lain(body::Selection::blank), lain(body::Selection::letters)},
        layersOf(made.card->process).value_or(proof::LayerChoices{}), stop, progress);
}

double secondsOf(const proof::PrintProof& proof, const process::Process& process) {
    if (process.kind.is<Filament>())
        return proof.lines / process.kind.as<Filament>().speed;
    constexpr double aLayer = 8; // s, of resin: hardened, lifted, lowered
    return aLayer * double(proof.layers.size());
}

namespace {

check::Finding finding(check::FindingKind kind, check::Severity severity) {
    check::Finding found;
    found.kind = kind;
    found.severity = severity;
    return found;
}

/// How many layers have their middle between two heights over the bed, mm.
int layersBetween(double low, double high, const proof::LayerChoices& choices) {
    const double first = choices.firstLayer > 0 ? choices.firstLayer : choices.layer;
    constexpr double touching = 1e-6;
    int count = low + touching < first / 2 && first / 2 < high - touching;
    const auto below = [&](double z) { // of those above the first
        return std::max(0, int(std::ceil((z - first) / choices.layer - 0.5)));
    };
    count += below(high - touching) - below(low + touching);
    return count;
}

/// Heights of what lies level on the bed that are no whole layers, or come out in fewer.
void addUnevenLayers(std::vector<check::Finding>& found, const Lettering& lettering, const Solid& solid,
                     const space::Pose& pose, const proof::LayerChoices& choices) {
    const double layer = choices.layer;
    for (const working::PlacedLetters& letters : lettering.inscriptions) {
        const blank::Panel* const panel = panelOf(*solid.panels, letters.side);
        const working::KindRow& row = working::rowOf(letters.working.kind);
        if (!panel || !panel->cuts.empty() || letters.onSide.empty() ||
            !(row.has(working::Uses::height) || row.has(working::Uses::depth)))
            continue;
        const plane::Point somewhere = plane::boxOf(panel->outline).low;
        const space::Vertex up =
            pose.turned(blank::standOn(*panel, panel->front != letters.side, somewhere).along);
        constexpr double level = 1 - 1e-9;
        if (std::fabs(up.z) < level * space::length(up))
            continue;
        const double height = row.has(working::Uses::height) ? letters.working.height : letters.working.depth;
        const auto add = [&](check::FindingKind kind, check::Severity severity,
                             double limit) -> check::Finding& {
            check::Finding& one = found.emplace_back(finding(kind, severity));
            one.inscription = letters.inscription;
            one.working = letters.working.kind;
            one.measured = height;
            one.limit = limit;
            one.whenAbove = height > limit;
            return one;
        };
        const double side = pose.at(blank::standOn(*panel, panel->front != letters.side, somewhere).foot).z;
        const bool outwards = row.has(working::Uses::height);
        const auto layersOf = [&](double high) {
            const double to = side + ((up.z > 0) == outwards ? high : -high);
            return layersBetween(std::min(side, to), std::max(side, to), choices);
        };
        const int all = std::max(1, int(height / layer + 1e-6));
        if (const int count = layersOf(height); count < all) {
            double enough = std::ceil(height / layer - 1e-6);
            constexpr double most = 1000;
            while (enough < most && layersOf(enough * layer) < int(enough))
                ++enough;
            add(check::FindingKind::layerMissing, count == 0 ? check::Severity::stop : check::Severity::watch,
                enough * layer)
                .count = count;
            continue;
        }
        const double whole = std::max(1.0, std::round(height / layer)) * layer;
        constexpr double seen = 0.005; // mm
        if (std::fabs(height - whole) < seen)
            continue;
        add(check::FindingKind::layersUneven, check::Severity::note, whole);
    }
}

/// A bed that is told holds it, however it lies.
void addBeyondBed(std::vector<check::Finding>& found, const process::Process& process,
                  const body::Mesh& lying) {
    const process::Bed* const bed = process.kind.is<Filament>() ? &process.kind.as<Filament>()
                                    : process.kind.is<process::Resin>()
                                        ? &process.kind.as<process::Resin>()
                                        : static_cast<const process::Bed*>(nullptr);
    if (!bed || lying.empty())
        return;
    const body::Extent extent = body::extentOf(lying);
    const space::Vertex size = extent.high - extent.low;
    const std::pair<double, double> against[] = {
        {size.x, bed->bedWidth}, {size.y, bed->bedDepth}, {size.z, bed->bedHeight}};
    const auto over = [](const auto& one) { return one.second > 0 ? one.first - one.second : -1; };
    const auto& worst = *std::ranges::max_element(against, {}, over);
    if (over(worst) <= 0)
        return;
    check::Finding beyond = finding(check::FindingKind::beyondBed, check::Severity::stop);
    beyond.measured = worst.first;
    beyond.limit = worst.second;
    beyond.whenAbove = true;
    found.push_back(std::move(beyond));
}

} // namespace

std::vector<check::Finding> lyingFindings(const Card& card, const Lettering& lettering, const Solid& solid) {
    std::vector<check::Finding> found;
    const auto choices = layersOf(card.process);
    const auto pose = solid.panels ? poseOf(card.lying, *solid.panels, solid.mesh) : std::nullopt;
    if (!pose) {
        if (solid.panels && !solid.mesh.empty() && !card.lying.on.empty()) {
            check::Finding missing = finding(check::FindingKind::sideMissing, check::Severity::watch);
            missing.subject = card.lying.on;
            found.push_back(std::move(missing));
        }
        addBeyondBed(found, card.process, solid.mesh);
        return found;
    }
    const body::Mesh lying = posed(solid.mesh, *pose);
    addBeyondBed(found, card.process, lying);
    if (!choices)
        return found;
    const body::Overhangs overhangs = body::overhangsOf(lying, choices->overhang);
    if (!overhangs.inTheAir.empty()) {
        check::Finding air = finding(check::FindingKind::beginsInAir, check::Severity::watch);
        air.count = int(overhangs.inTheAir.size());
        found.push_back(std::move(air));
    }
    constexpr double seen = 0.5; // mm²
    if (overhangs.steep > seen) {
        check::Finding steep = finding(check::FindingKind::overhangSteep, check::Severity::watch);
        steep.measured = overhangs.steep;
        steep.limit = choices->overhang;
        found.push_back(std::move(steep));
    }
    addUnevenLayers(found, lettering, solid, *pose, *choices);
    return found;
}

} // namespace bollard::card
