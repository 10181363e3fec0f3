#include "card/card.hpp"
#include "cut/cutting.hpp"
#include <algorithm>
#include <cmath>
#include <map>
#include <set>

namespace bollard::card {
namespace {

std::set<std::string> ownIds(const Card& card) {
    std::set<std::string> ids;
    for (const Inscription& inscription : card.inscriptions)
        ids.insert(inscription.id);
    return ids;
}

} // namespace

std::string idAtPlace(int place) {
    return std::string("i").append(std::to_string(place));
}

std::vector<std::string> idsOf(const Card& card) {
    std::set<std::string> taken = ownIds(card);
    std::vector<std::string> ids;
    for (size_t i = 0; i < card.inscriptions.size(); ++i) {
        ids.push_back(card.inscriptions[i].id);
        if (!ids.back().empty())
            continue;
        ids.back() = idAtPlace(int(i));
        while (!taken.insert(ids.back()).second)
            ids.back() += "+";
    }
    return ids;
}

std::vector<std::string> operationIdsOf(const Card& card) {
    std::set<std::string> taken;
    for (const cut::Operation& operation : card.operations)
        taken.insert(operation.id);
    std::vector<std::string> ids;
    for (size_t i = 0; i < card.operations.size(); ++i) {
        ids.push_back(card.operations[i].id);
        if (!ids.back().empty())
            continue;
        ids.back() = std::string("o").append(std::to_string(i));
        while (!taken.insert(ids.back()).second)
            ids.back() += "+";
    }
    return ids;
}

int inscriptionCalled(const Card& card, const std::string& id) {
    const std::vector<std::string> ids = idsOf(card);
    if (const auto found = std::ranges::find(ids, id); found != ids.end())
        return int(found - ids.begin());
    for (size_t i = 0; i < ids.size(); ++i) // by its place, though it has an id
        if (id == idAtPlace(int(i)))
            return int(i);
    return -1;
}

namespace {

/// A process as fine as the tool, with what the card's own process of that kind knows besides.
process::Process processWith(const process::Process& process, const cut::Tool& tool) {
    process::Process with = process;
    with.ofTool = tool.turns();
    switch (tool.kind) {
    case cut::ToolKind::vBit:
        with.kind = process::VCarving{tool.angle, tool.tip};
        break;
    case cut::ToolKind::engraving:
    case cut::ToolKind::drag:
        with.kind = process::LineEngraving{tool.tip};
        break;
    case cut::ToolKind::flat:
    case cut::ToolKind::ball:
        with.kind = process::Milling{tool.diameter};
        break;
    case cut::ToolKind::torch: {
        process::Torch torch = process.kind.as<process::Torch>();
        torch.kerf = tool.kerf;
        with.kind = torch;
        break;
    }
    case cut::ToolKind::laser: {
        process::Laser laser = process.kind.as<process::Laser>();
        laser.kerf = tool.kerf;
        with.kind = laser;
        break;
    }
    case cut::ToolKind::drill:
    case cut::ToolKind::none:
        break;
    }
    return with;
}

} // namespace

int finestOperation(const Card& card, const Inscription& inscription, const cut::Shop& shop) {
    const auto number = int(&inscription - card.inscriptions.data());
    int finest = -1;
    double least = 0;
    for (size_t i = 0; i < card.operations.size(); ++i) {
        const cut::Operation& operation = card.operations[i];
        const std::vector<std::string>& names =
            operation.kind == cut::OperationKind::clear ? operation.around : operation.of;
        const bool meant = names.empty() ? cut::isUsualFor(operation.kind, inscription.working.kind, false)
                                         : std::ranges::any_of(names, [&](const std::string& id) {
                                               return inscriptionCalled(card, id) == number;
                                           });
        if (operation.off || !meant)
            continue;
        const double wide = shop.resolved(operation, card.stock.material).tool.narrowest();
        if (finest < 0 || wide < least) {
            finest = int(i);
            least = wide;
        }
    }
    return finest;
}

process::Process processFor(const Card& card, const Inscription* inscription, const cut::Shop& shop) {
    const int finest = inscription ? finestOperation(card, *inscription, shop) : -1;
    if (finest < 0)
        return card.process;
    return processWith(card.process,
                       shop.resolved(card.operations[size_t(finest)], card.stock.material).tool);
}

std::vector<process::Rule> rulesFor(const Card& card, const Inscription* inscription, const cut::Shop& shop) {
    return process::rulesOf(
        processFor(card, inscription, shop),
        process::situationOf(card.blank,
                             inscription ? std::string_view(inscription->side) : std::string_view{},
                             inscription ? inscription->working : working::Working{}));
}

namespace {

/// What belongs to letters of the words as they are typed, by the letters that the card's row makes of them.
template<class OfLetter>
std::vector<OfLetter> asMade(const std::vector<OfLetter>& all, const Card& card,
                             const Inscription& inscription) {
    if (all.empty() || !setting::hasFields(inscription.words))
        return all;
    std::vector<OfLetter> made;
    const auto origins = setting::filled(inscription.words, *card.rows, card.row).origins;
    std::multimap<setting::Origin, const OfLetter*> byOrigin;
    for (const OfLetter& one : all)
        byOrigin.emplace(setting::Origin{one.letter, one.within}, &one);
    for (size_t letter = 0; letter < origins.size(); ++letter) {
        const auto [first, last] = byOrigin.equal_range(origins[letter]);
        for (auto one = first; one != last; ++one) {
            made.push_back(*one->second);
            made.back().letter = int(letter);
            made.back().within = 0;
        }
    }
    return made;
}

} // namespace

std::vector<setting::Nudge> nudgesAsMade(const Card& card, const Inscription& inscription) {
    return asMade(inscription.nudges, card, inscription);
}

working::Ties tiesAsMade(const Card& card, const Inscription& inscription) {
    working::Ties ties = inscription.ties;
    ties.own = asMade(ties.own, card, inscription);
    return ties;
}

setting::Laying layingOf(const Card& card, const Inscription& inscription) {
    setting::Laying laying{inscription.baseline,
                           nudgesAsMade(card, inscription),
                           inscription.working.kind == working::Kind::scribed,
                           {}};
    if (inscription.baseline.kind == setting::BaselineKind::edge)
        laying.edge = blank::outlineOf(card.blank, inscription.side);
    if (const double room = roomOf(card, inscription); room > 0) {
        laying.giveOut = inscription.giveOut;
        laying.room = room;
        laying.baseline = {};
    }
    return laying;
}

double roomOf(const Card& card, const Inscription& inscription) {
    if (inscription.giveOut.by == setting::GiveOut::By::no || inscription.isOrnament())
        return 0;
    return blank::turnAt(card.blank, inscription.side, inscription.placing.y) / card.blank.facets;
}

setting::Placing placingOf(const Card& card, const Inscription& inscription) {
    setting::Placing placing = inscription.placing;
    if (const double room = roomOf(card, inscription); room > 0) {
        using enum setting::Anchor;
        static constexpr std::array toLeft{topLeft,
                                           topLeft,
                                           topLeft,
                                           setting::Anchor::left,
                                           setting::Anchor::left,
                                           setting::Anchor::left,
                                           bottomLeft,
                                           bottomLeft,
                                           bottomLeft};
        placing.anchor = toLeft[size_t(placing.anchor)];
        // A facet's middle lies halfway round.
        const double turn = blank::turnOf(card.blank, inscription.side), facet = turn / card.blank.facets;
        placing.x = turn / 2 + std::round((placing.x - turn / 2) / facet) * facet;
    }
    return placing;
}

namespace {

constexpr double madeWeight = 0.03, madeSlant = 12;

/// Takes the family's face, or tells that it has none.
bool takeRelative(Inscription& inscription, const type::Catalogue& catalogue, bool bold, bool italic) {
    const auto* entry = catalogue.find(inscription.typeface.family, inscription.typeface.style);
    const auto* wanted = entry ? catalogue.relative(entry->family, bold, italic) : nullptr;
    if (wanted)
        inscription.typeface.style = wanted->style;
    return wanted != nullptr;
}

} // namespace

Emphasis emphasisOf(const Inscription& inscription, const type::Catalogue& catalogue) {
    Emphasis emphasis;
    constexpr int leastBold = 180;
    if (const auto* entry = inscription.typeface.file.empty()
                                ? catalogue.find(inscription.typeface.family, inscription.typeface.style)
                                : nullptr) {
        emphasis.bold = entry->weight >= leastBold;
        emphasis.italic = entry->slanted;
    }
    emphasis.boldMade = !emphasis.bold && inscription.style.weight > 0;
    emphasis.italicMade = !emphasis.italic && inscription.style.slant == madeSlant;
    emphasis.bold = emphasis.bold || emphasis.boldMade;
    emphasis.italic = emphasis.italic || emphasis.italicMade;
    return emphasis;
}

void setBold(Inscription& inscription, const type::Catalogue& catalogue, bool bold) {
    const Emphasis now = emphasisOf(inscription, catalogue);
    if (now.bold == bold)
        return;
    const bool own = takeRelative(inscription, catalogue, bold, now.italic && !now.italicMade);
    if (bold)
        inscription.style.weight = own ? 0 : std::round(inscription.style.size * madeWeight * 100) / 100;
    else if (now.boldMade)
        inscription.style.weight = 0;
}

void setItalic(Inscription& inscription, const type::Catalogue& catalogue, bool italic) {
    const Emphasis now = emphasisOf(inscription, catalogue);
    if (now.italic == italic)
        return;
    const bool own = takeRelative(inscription, catalogue, now.bold && !now.boldMade, italic);
    if (italic)
        inscription.style.slant = own ? 0 : madeSlant;
    else if (now.italicMade)
        inscription.style.slant = 0;
}

namespace {

void keepIds(Card& card) {
    const std::vector<std::string> ids = idsOf(card);
    for (size_t i = 0; i < ids.size(); ++i)
        card.inscriptions[i].id = ids[i];
}

/// The first of i0, i1, … that is free.
std::string freeId(const Card& card) {
    const std::set<std::string> taken = ownIds(card);
    for (int i = 0;; ++i)
        if (std::string id = idAtPlace(i); !taken.contains(id))
            return id;
}

} // namespace

void removeInscription(Card& card, int from) {
    const std::string id = idsOf(card)[size_t(from)];
    if (size_t(from) + 1 < card.inscriptions.size())
        keepIds(card);
    std::erase_if(card.accepted, [&](const Accepted& accepted) {
        return accepted.finding.ends_with(":" + id) ||
               accepted.finding.find(":" + id + ":") != std::string::npos;
    });
    card.inscriptions.erase(card.inscriptions.begin() + from);
    for (Inscription& inscription : card.inscriptions)
        if (inscription.ornament.around == id)
            inscription.ornament.around.clear();
}

void moveInscription(Card& card, int from, int to) {
    if (from == to)
        return;
    keepIds(card);
    const auto first = card.inscriptions.begin();
    if (from < to)
        std::rotate(first + from, first + from + 1, first + to + 1);
    else
        std::rotate(first + to, first + from, first + from + 1);
}

void insertInscription(Card& card, int at, Inscription inscription) {
    const int place = std::clamp(at, 0, int(card.inscriptions.size()));
    if (place < int(card.inscriptions.size()))
        keepIds(card);
    const std::vector<std::string> ids = idsOf(card);
    const bool byPlace = inscription.id.empty() &&
                         std::ranges::all_of(card.inscriptions, &std::string::empty, &Inscription::id);
    if (!byPlace && (inscription.id.empty() || std::ranges::find(ids, inscription.id) != ids.end()))
        inscription.id = freeId(card);
    card.inscriptions.insert(card.inscriptions.begin() + place, std::move(inscription));
}

} // namespace bollard::card
