#include "card/pipeline.hpp"
#include "blank/shape.hpp"
#include "card/step.hpp"
#include "plane/near_boxes.hpp"
#include "working/changes.hpp"
#include <array>
#include <filesystem>
#include <optional>
#include <tbb/parallel_invoke.h>
#include <tbb/task_group.h>

namespace bollard::card {
namespace {

struct SettingKey {
    std::string words;
    type::TypefaceChoice typeface;
    setting::TextStyle style;
    setting::Laying laying;
    setting::Ornament ornament;
    std::shared_ptr<const setting::Setting> around; ///< the words an ornament goes round
    bool operator==(const SettingKey&) const = default;
};
struct Set {
    SettingKey key;
    std::shared_ptr<const setting::Setting> setting; ///< null when the typeface could not be opened
    quantity::Problem problem{};
};

SettingKey keyOfWords(const Card& card, const Inscription& inscription, std::string words,
                      type::TypefaceChoice typeface) {
    return {std::move(words), std::move(typeface), inscription.style, layingOf(card, inscription), {},
            nullptr};
}

SettingKey keyOfOrnament(const Card& card, const Inscription& inscription,
                         std::shared_ptr<const setting::Setting> around) {
    SettingKey key;
    key.ornament = inscription.ornament;
    key.ornament.around = around ? 0 : inscription.ornament.around;
    key.ornament.stroke =
        inscription.working.kind == working::Kind::scribed ? inscription.style.stroke : key.ornament.stroke;
    key.laying.traced = inscription.working.kind == working::Kind::scribed;
    if (inscription.ornament.kind == setting::OrnamentKind::border)
        key.laying.edge = blank::outlineOf(card.blank, inscription.side);
    key.around = std::move(around);
    return key;
}

struct LetteringKey {
    struct Item {
        std::shared_ptr<const setting::Setting> setting;
        setting::Placing placing;
        working::Working working;
        std::string_view side;
        bool cutsOut;
        int number;
        bool operator==(const Item&) const = default;
    };
    std::vector<Item> items;
    blank::Blank blank;
    std::vector<std::string> problems;
    bool operator==(const LetteringKey&) const = default;
};

/// What measures depend on: shapes, places and kinds, but no heights, and of the blank only its outline.
struct MeasureKey {
    struct Item {
        std::shared_ptr<const setting::Setting> setting;
        setting::Placing placing;
        working::Kind kind;
        std::string_view side;
        bool cutsOut;
        bool operator==(const Item&) const = default;
    };
    std::vector<Item> items;
    std::vector<check::SideBounds> sides;
    check::Reach reach{};
    bool operator==(const MeasureKey&) const = default;
};

/// As far as the widest limit of what lies beside letters.
check::Reach reachOf(const Card& card) {
    using process::Measured;
    check::Reach reach{0, card.blank.margin};
    for (const Inscription& inscription : card.inscriptions)
        for (const process::Rule& rule : rulesFor(card, &inscription))
            if (rule.what == Measured::gap || rule.what == Measured::counter ||
                rule.what == Measured::opening)
                reach.gaps = std::max(reach.gaps, rule.value);
    return reach;
}

struct SolidKey {
    std::shared_ptr<const Lettering> lettering;
    blank::Blank blank{};
    bool operator==(const SolidKey&) const = default;
};

struct FindingsKey {
    std::shared_ptr<const check::Measures> measures;
    std::shared_ptr<const Lettering> lettering;
    std::shared_ptr<const Solid> solid;
    blank::Blank blank;
    process::Process process;
    std::vector<Accepted> accepted;
    std::vector<std::string> ids;
    bool operator==(const FindingsKey&) const = default;
};

type::TypefaceChoice resolved(type::TypefaceChoice choice, const std::string& folder) {
    if (!choice.file.empty() && !folder.empty() && std::filesystem::path(choice.file).is_relative())
        choice.file = (std::filesystem::path(folder) / choice.file).string();
    return choice;
}

/// Below this, handing work to another thread costs more than it saves.
constexpr size_t lettersWorthTasks = 60;

/// What the blank's edges are to letters, of each side that has some.
std::vector<check::SideBounds> boundsOf(const blank::Blank& blank, const Lettering& lettering) {
    std::vector<check::SideBounds> bounds;
    const auto sides = blank::sidesOf(blank);
    for (const std::string_view side : sides) {
        if (std::ranges::find(lettering.inscriptions, side, &working::PlacedLetters::side) ==
            lettering.inscriptions.end())
            continue;
        const std::int32_t turn = plane::toUnits(blank::turnOf(blank, side));
        const bool known = side == sides.front() && turn == 0;
        bounds.push_back({side, known ? lettering.blank : blank::boundaryOf(blank, side), turn});
    }
    return bounds;
}

/// What is done to a panel, on its front and from behind.
std::vector<working::Change> changesOn(const blank::Panel& panel, const Lettering& lettering,
                                       const std::stop_token& stop) {
    const bool any = !panel.outline.empty();
    const double thickness = !any                                  ? 0
                             : panel.wall() || panel.front.empty() ? panel.thickness
                                                                   : working::endless;
    std::vector<working::Change> changes = working::changesOf(
        panel.outline, thickness,
        working::workedOf(lettering.inscriptions, stop, panel.front.empty() ? "front" : panel.front));
    if (!panel.wall())
        return changes;
    const plane::Box box = plane::boxOf(panel.outline);
    for (working::Worked worked : working::workedOf(lettering.inscriptions, stop, panel.back)) {
        worked.region = plane::shifted(plane::mirrored(worked.region), {box.low.x + box.high.x, 0});
        for (working::Change& change : working::changesOf(worked, thickness))
            changes.push_back(working::fromBehind(std::move(change), thickness));
    }
    return changes;
}

/// Pieces and drop-outs of all panels together: what has some of the blank hangs together inside it.
check::DropOuts dropOutsOf(const Solid& solid, const Lettering& lettering, const std::stop_token& stop) {
    check::DropOuts all;
    for (size_t i = 0; i < solid.columns.size(); ++i) {
        check::DropOuts here = check::dropOutsOf(solid.columns[i], body::piecesOf(solid.columns[i]),
                                                 solid.panels[i], lettering.inscriptions, stop);
        all.pieces += i == 0 ? here.pieces : std::max(0, here.pieces - 1);
        all.strayPieces += here.strayPieces;
        std::ranges::move(here.loose, std::back_inserter(all.loose));
    }
    return all;
}

std::optional<quantity::Problem> problemOf(body::Clash clash) {
    switch (clash) {
    case body::Clash::turnedOver:
        return quantity::Problem{quantity::ProblemKind::cutTooDeep};
    case body::Clash::throughRim:
        return quantity::Problem{quantity::ProblemKind::rimCrossed};
    case body::Clash::none:
        break;
    }
    return std::nullopt;
}

/// What is worked on a side that others join must not reach its edge.
bool reachesRim(const blank::Panel& panel, std::span<const working::Change> changes) {
    if (panel.wall() || panel.front.empty() || changes.empty())
        return false;
    const plane::Box box = plane::boxOf(panel.outline);
    for (const working::Change& change : changes.subspan(1)) {
        const plane::Box own = plane::boxOf(change.region);
        if (own.empty())
            continue;
        if (own.low.y <= box.low.y || own.high.y >= box.high.y)
            return true;
        if (!panel.cuts.around && !plane::without(change.region, panel.outline).empty())
            return true;
    }
    return false;
}

/// Letters of sides that join may reach into each other inside the blank. By their boxes in space, so it may
/// be said too often.
bool sidesMeet(std::span<const blank::Panel> panels, const Lettering& lettering) {
    struct Reach {
        const blank::Panel* panel;
        double low, high; // along y
    };
    std::vector<Reach> reaches;
    std::vector<plane::Box> boxes; // across y
    for (const working::PlacedLetters& letters : lettering.inscriptions) {
        const auto panel = std::ranges::find(panels, letters.side, &blank::Panel::front);
        if (panel == panels.end() || panel->wall() || !panel->frontRay)
            continue;
        const working::Working& working = letters.working;
        const bool cut = working::cuts(working.kind);
        const std::array heights{cut ? -working.depth : -working.bedding, cut ? 0 : working.height};
        const std::int32_t turn = panel->cuts.turn();
        for (const plane::Region& letter : letters.onSide) {
            Reach reach{&*panel, std::numeric_limits<double>::max(), std::numeric_limits<double>::lowest()};
            plane::Box box;
            for (const plane::Ring& ring : letter.rings)
                for (plane::Point p : ring) {
                    if (turn > 0)
                        p.x = (p.x % turn + turn) % turn;
                    const blank::Ray ray = panel->frontRay(p);
                    for (const double height : heights) {
                        const space::Vertex at = ray.at(height);
                        box.include(plane::Point{plane::toUnits(at.x), plane::toUnits(at.z)});
                        reach.low = std::min(reach.low, at.y);
                        reach.high = std::max(reach.high, at.y);
                    }
                }
            if (box.empty())
                continue;
            reaches.push_back(reach);
            boxes.push_back(box);
        }
    }
    return std::ranges::any_of(plane::nearBoxes(boxes), [&](const auto& pair) {
        const Reach &a = reaches[size_t(pair.first)], &b = reaches[size_t(pair.second)];
        return a.panel != b.panel && a.low < b.high && b.low < a.high;
    });
}

Solid solidOf(const Lettering& lettering, const blank::Blank& blank, const std::stop_token& stop) {
    Solid solid;
    double tallest = 0;
    for (const working::PlacedLetters& letters : lettering.inscriptions)
        if (!working::cuts(letters.working.kind))
            tallest = std::max(tallest, letters.working.height + letters.working.bedding);
        else
            tallest = std::max(tallest, letters.working.depth);
    solid.panels = blank::shapeOf(blank).panelsOf(blank, tallest);
    if (sidesMeet(solid.panels, lettering)) {
        solid.problem = quantity::Problem{quantity::ProblemKind::sidesMeet};
        return solid;
    }
    for (const blank::Panel& panel : solid.panels) {
        const std::vector<working::Change> changes = changesOn(panel, lettering, stop);
        if (reachesRim(panel, changes)) {
            solid.problem = quantity::Problem{quantity::ProblemKind::rimCrossed};
            return solid;
        }
        auto columns = working::columnsOf(changes, stop, panel.cuts);
        if (!columns) {
            solid.problem = columns.problem();
            return solid;
        }
        solid.columns.push_back(*std::move(columns));
    }
    const std::vector<body::PanelColumns> parts = solid.parts();
    if (const auto problem = problemOf(body::clashOf(parts))) {
        solid.problem = problem;
        return solid;
    }
    const auto mesh = [&] { solid.mesh = body::meshOf(parts, body::Selection::everything, stop); };
    const auto pieces = [&] { solid.dropOuts = dropOutsOf(solid, lettering, stop); };
    if (lettering.letters() < lettersWorthTasks) {
        mesh();
        pieces();
    } else {
        tbb::parallel_invoke(mesh, pieces);
    }
    if (stop.stop_requested())
        solid.problem = quantity::Problem{quantity::ProblemKind::stopped};
    return solid;
}

/// What findings are about, and whether the card lets them stand.
void name(std::vector<check::Finding>& findings, const Card& card) {
    const std::vector<std::string> ids = idsOf(card);
    for (check::Finding& finding : findings) {
        finding.id = std::string(check::nameOf(finding.kind));
        if (finding.inscription >= 0)
            finding.id += ":" + ids[size_t(finding.inscription)];
        // What has two limits is two matters.
        using enum check::FindingKind;
        constexpr std::array twice{strokeNarrow, gapNarrow, counterNarrow, openingNarrow,
                                   neckNarrow,   floorThin, landNarrow};
        if (finding.severity == check::Severity::watch &&
            std::ranges::find(twice, finding.kind) != twice.end())
            finding.id += ":watch";
        finding.accepted = std::ranges::any_of(card.accepted, [&](const Accepted& accepted) {
            return accepted.finding == finding.id && !check::worseThan(finding, accepted.measured);
        });
    }
}

} // namespace

struct Pipeline::Memory {
    explicit Memory(Journal& journal)
        : lettering("letters", journal), measures("measures", journal), solid("solid", journal),
          checked("findings", journal) {}

    /// Those of the last run, then some that runs before it needed.
    std::vector<Set> settings;
    Step<LetteringKey, Lettering> lettering;
    Step<MeasureKey, check::Measures> measures;
    Step<SolidKey, Solid> solid;
    Step<FindingsKey, Checked> checked;
    check::MeasureMemory measured;
};

std::vector<body::PanelColumns> Solid::parts() const {
    std::vector<body::PanelColumns> parts;
    for (size_t i = 0; i < columns.size(); ++i)
        parts.push_back({panels[i], columns[i]});
    return parts;
}

size_t Lettering::letters() const {
    size_t letters = 0;
    for (const working::PlacedLetters& inscription : inscriptions)
        letters += inscription.onSide.size();
    return letters;
}

Pipeline::Pipeline(std::shared_ptr<const type::Catalogue> catalogue)
    : catalogue_(std::move(catalogue)), journal_(std::make_unique<Journal>()),
      memory_(std::make_unique<Memory>(*journal_)) {}

const Journal& Pipeline::journal() const {
    return *journal_;
}
Pipeline::~Pipeline() = default;

namespace {

/// What is shown of a card that a step gave up on: nothing made, and why.
Made gaveUp(const std::shared_ptr<const Card>& card, const std::string& why) {
    check::Finding finding;
    finding.kind = check::FindingKind::stepFailed;
    finding.severity = check::Severity::stop;
    finding.problem = {quantity::ProblemKind::stepFailed, {}, why};
    auto checked = std::make_shared<Checked>();
    checked->measures = std::make_shared<const check::Measures>();
    checked->complete = true;
    checked->findings.push_back(finding);
    name(checked->findings, *card);
    auto solid = std::make_shared<Solid>();
    solid->problem = finding.problem;
    return {card, std::make_shared<const Lettering>(), checked, solid};
}

} // namespace

Made Pipeline::run(std::shared_ptr<const Card> card, const std::string& folder, const std::stop_token& stop,
                   const OnStage& onStage) {
    std::string why;
    try {
        return runSteps(card, folder, stop, onStage);
    } catch (const std::bad_alloc&) {
        why = "out of memory";
    } catch (const std::exception& error) {
        why = error.what();
    }
    memory_ = std::make_unique<Memory>(*journal_); // it may be half of something
    const Made made = gaveUp(card, why);
    if (onStage && !stop.stop_requested())
        onStage(made);
    return made;
}

Made Pipeline::runSteps(const std::shared_ptr<const Card>& card, const std::string& folder,
                        const std::stop_token& stop, const OnStage& onStage) {
    Made made;
    made.card = card;
    journal_->begin();
    const auto tell = [&] {
        if (onStage && !stop.stop_requested())
            onStage(made);
    };

    const auto open = [&](const type::TypefaceChoice& choice) {
        if (catalogue_)
            return catalogue_->open(choice);
        if (choice.file.empty())
            return quantity::Result<std::shared_ptr<const type::Typeface>>(quantity::Problem{
                quantity::ProblemKind::typefaceUnknown, choice.family + " " + choice.style});
        return type::openTypeface(choice.file, choice.index);
    };
    std::vector<Set> settings;
    const auto settingOf = [&](const SettingKey& wanted) -> Set {
        for (const std::vector<Set>* known : {&settings, &memory_->settings})
            for (const Set& kept : *known)
                if (kept.setting && kept.key == wanted)
                    return kept;
        ++counts_.settings;
        if (wanted.ornament.kind != setting::OrnamentKind::none)
            return {
                wanted,
                std::make_shared<const setting::Setting>(setting::set(
                    wanted.ornament, wanted.around.get(), wanted.laying.edge, wanted.laying.traced, stop)),
                {}};
        const auto typeface = open(wanted.typeface);
        if (!typeface)
            return {wanted, nullptr, typeface.problem()};
        return {wanted,
                std::make_shared<const setting::Setting>(
                    setting::set(wanted.words, *typeface, wanted.style, wanted.laying, stop)),
                {}};
    };

    LetteringKey key;
    key.blank = card->blank;
    std::vector<check::Finding> problems;
    const auto problem = [&](check::FindingKind kind, size_t inscription) -> check::Finding& {
        check::Finding& finding = problems.emplace_back();
        finding.kind = kind;
        finding.severity = check::Severity::stop;
        finding.inscription = int(inscription);
        return finding;
    };
    // Words first: ornaments may go round them.
    std::vector<std::shared_ptr<const setting::Setting>> ofInscription(card->inscriptions.size());
    for (const bool ornaments : {false, true})
        for (size_t i = 0; i < card->inscriptions.size(); ++i) {
            const Inscription& inscription = card->inscriptions[i];
            if (inscription.hidden || inscription.isOrnament() != ornaments)
                continue;
            if (stop.stop_requested())
                return made;
            SettingKey wanted;
            if (ornaments) {
                const int around = inscription.ornament.around;
                const bool there = around >= 0 && size_t(around) < ofInscription.size() &&
                                   !card->inscriptions[size_t(around)].isOrnament();
                wanted = keyOfOrnament(*card, inscription, there ? ofInscription[size_t(around)] : nullptr);
            } else {
                const setting::Filled filled = setting::filled(inscription.words, *card->rows, card->row);
                if (!filled.unknown.empty()) {
                    check::Finding& finding = problem(check::FindingKind::fieldUnknown, i);
                    finding.count = int(filled.unknown.size());
                    finding.subject = filled.unknown.front();
                    key.problems.push_back(std::to_string(i) + "{" + finding.subject);
                }
                wanted = keyOfWords(*card, inscription, filled.words, resolved(inscription.typeface, folder));
            }
            Set set = settingOf(wanted);
            if (stop.stop_requested()) // perhaps half of it
                return made;
            ofInscription[i] = set.setting;
            if (!set.setting) {
                key.problems.push_back(std::to_string(i) + "/" + std::to_string(int(set.problem.kind)) +
                                       set.problem.subject + set.problem.detail);
                problem(check::FindingKind::typefaceProblem, i).problem = set.problem;
            }
            settings.push_back(std::move(set));
        }
    for (size_t i = 0; i < card->inscriptions.size(); ++i) {
        const Inscription& inscription = card->inscriptions[i];
        if (!ofInscription[i])
            continue;
        // A frame around words lies as they lie.
        const int around =
            inscription.ornament.kind == setting::OrnamentKind::frame ? inscription.ornament.around : -1;
        const bool withWords =
            around >= 0 && size_t(around) < ofInscription.size() && ofInscription[size_t(around)];
        const Inscription& where = withWords ? card->inscriptions[size_t(around)] : inscription;
        const std::string_view side = blank::sideOf(card->blank, where.side);
        if (side.empty()) {
            key.problems.push_back(std::to_string(i) + "@" + where.side);
            problem(check::FindingKind::sideMissing, i).subject = where.side;
            continue;
        }
        key.items.push_back(
            {ofInscription[i], where.placing, inscription.working, side, inscription.cutsOut, int(i)});
    }
    constexpr size_t olderKept = 64;
    for (Set& older : memory_->settings) {
        const bool used =
            std::ranges::any_of(settings, [&](const Set& s) { return s.setting == older.setting; });
        if (!used && older.setting && settings.size() < ofInscription.size() + olderKept)
            settings.push_back(std::move(older));
    }
    memory_->settings = std::move(settings);

    size_t weight = 1;
    for (const LetteringKey::Item& item : key.items)
        weight += item.setting->letters.size();
    made.lettering = memory_->lettering(key, weight, [&] {
        auto lettering = std::make_shared<Lettering>();
        for (const LetteringKey::Item& item : key.items) {
            if (stop.stop_requested())
                break;
            working::PlacedLetters placed(item.number, item.setting, item.placing, item.working);
            placed.side = item.side;
            if (item.cutsOut)
                working::cutOut(placed, lettering->inscriptions, stop);
            else
                lettering->inscriptions.push_back(std::move(placed));
        }
        lettering->problems = problems;
        lettering->blank = blank::regionOf(card->blank);
        lettering->sides = boundsOf(card->blank, *lettering);
        return lettering;
    });
    if (stop.stop_requested()) {
        memory_->lettering.forget();
        made.lettering = nullptr;
        return made;
    }
    tell();

    MeasureKey measureKey;
    measureKey.sides = made.lettering->sides;
    measureKey.reach = reachOf(*card);
    for (const LetteringKey::Item& item : key.items)
        measureKey.items.push_back({item.setting, item.placing, item.working.kind, item.side, item.cutsOut});
    const size_t letters = made.lettering->letters();
    std::shared_ptr<const Solid> solid;
    const auto makeSolid = [&] {
        solid = memory_->solid({made.lettering, card->blank}, weight, [&] {
            ++counts_.solids;
            return std::make_shared<const Solid>(solidOf(*made.lettering, card->blank, stop));
        });
        if (stop.stop_requested() && solid->problem)
            memory_->solid.forget();
    };
    tbb::task_group solidWork;
    // Whatever happens below, the solid's work ends before what it works on goes.
    const struct Wait {
        tbb::task_group& work;
        ~Wait() {
            try {
                work.wait();
            } catch (...) { // told by the wait further down, or overtaken by another
            }
        }
    } wait{solidWork};
    if (letters < lettersWorthTasks)
        makeSolid();
    else
        solidWork.run(makeSolid);
    const auto measures = memory_->measures(measureKey, weight, [&] {
        ++counts_.measures;
        return std::make_shared<const check::Measures>(check::measuresOf(
            made.lettering->inscriptions, made.lettering->sides, measureKey.reach, memory_->measured, stop));
    });
    if (stop.stop_requested())
        memory_->measures.forget();

    const auto check = [&](std::shared_ptr<const Solid> whole) {
        FindingsKey findingsKey{measures,      made.lettering, whole, card->blank,
                                card->process, card->accepted, {}};
        for (const Inscription& inscription : card->inscriptions)
            findingsKey.ids.push_back(inscription.id);
        return memory_->checked(findingsKey, weight, [&] {
            ++counts_.findings;
            auto checked = std::make_shared<Checked>();
            checked->measures = measures;
            checked->complete = whole != nullptr;
            checked->findings = made.lettering->problems;
            if (whole && whole->problem) {
                check::Finding failed;
                failed.kind = check::FindingKind::solidFailed;
                failed.severity = check::Severity::stop;
                failed.problem = *whole->problem;
                checked->findings.push_back(std::move(failed));
            }
            for (check::Finding& finding :
                 check::findingsOf({card->blank, card->process, made.lettering->inscriptions, *measures,
                                    whole && !whole->problem ? &whole->dropOuts : nullptr}))
                checked->findings.push_back(std::move(finding));
            check::sortBySeverity(checked->findings);
            name(checked->findings, *card);
            return checked;
        });
    };
    constexpr size_t lettersWorthShowingEarly = 200;
    if (onStage && letters > lettersWorthShowingEarly && !stop.stop_requested()) {
        made.checked = check(nullptr);
        tell();
    }
    solidWork.wait();
    if (stop.stop_requested())
        return made;
    made.solid = solid;
    made.checked = check(solid);
    tell();
    return made;
}

} // namespace bollard::card
