#include "card/pipeline.hpp"
#include "blank/shape.hpp"
#include "card/clashes.hpp"
#include "card/cutting_findings.hpp"
#include "card/joining.hpp"
#include "card/own_row.hpp"
#include "card/part.hpp"
#include "card/printing.hpp"
#include "card/step.hpp"
#include "card/travelling.hpp"
#include "quantity/memory.hpp"
#include <optional>
#include <tbb/task_group.h>
#include <unordered_map>

namespace bollard::card {
namespace {

struct SettingKey {
    std::string words;
    type::TypefaceChoice typeface;
    quantity::Shared<std::string> carried; ///< the typeface's bytes, where the card has them
    setting::TextStyle style;
    setting::Laying laying;
    setting::Ornament ornament;
    std::shared_ptr<const setting::Setting> around; ///< the words an ornament goes round
    bool aroundPierced = false;
    double turn = 0;                                             ///< of a border
    std::vector<std::shared_ptr<const setting::Setting>> frames; ///< round the same words, to be linked
    bool operator==(const SettingKey&) const = default;
};
struct Set {
    SettingKey key;
    std::shared_ptr<const setting::Setting> setting; ///< null when the typeface could not be opened
    quantity::Problem problem{};
};

SettingKey keyOfWords(const Card& card, const Inscription& inscription, std::string words,
                      type::TypefaceChoice typeface) {
    const type::CarriedTypeface* const carried = type::find(card.typefaces, inscription.typeface);
    return {std::move(words),
            std::move(typeface),
            carried ? carried->bytes : quantity::Shared<std::string>(),
            inscription.style,
            layingOf(card, inscription),
            {},
            nullptr,
            false,
            0,
            {}};
}

SettingKey keyOfOrnament(const Card& card, const Inscription& inscription,
                         std::shared_ptr<const setting::Setting> around) {
    SettingKey key;
    key.ornament = inscription.ornament;
    if (around) // whatever it is called
        key.ornament.around = "words";
    key.ornament.stroke =
        inscription.working.kind == working::Kind::scribed ? inscription.style.stroke : key.ornament.stroke;
    key.laying.traced = inscription.working.kind == working::Kind::scribed;
    if (inscription.ornament.kind == setting::OrnamentKind::border) {
        key.laying.edge = blank::outlineOf(card.blank, inscription.side);
        key.turn = blank::turnOf(card.blank, inscription.side);
    }
    key.around = std::move(around);
    return key;
}

struct LetteringKey {
    struct Item {
        std::shared_ptr<const setting::Setting> setting;
        setting::Placing placing;
        working::Working working;
        working::Ties ties; ///< as made
        working::Counters counters;
        std::string_view side;
        bool cutsOut;
        bool fromBehind; ///< placed as the side across the blank sees it
        int number;
        bool operator==(const Item&) const = default;
    };
    std::vector<Item> items;
    blank::Blank blank;
    std::shared_ptr<const Part> part;
    std::vector<std::string> problems;
    bool operator==(const LetteringKey&) const = default;
};

/// What measures depend on: shapes, places and kinds, but no heights, and of the blank only its outline.
struct MeasureKey {
    struct Item {
        std::shared_ptr<const setting::Setting> setting;
        setting::Placing placing;
        working::Kind kind;
        working::Ties ties;
        working::Counters counters;
        std::string_view side;
        bool cutsOut;
        bool fromBehind;
        bool operator==(const Item&) const = default;
    };
    std::vector<Item> items;
    std::vector<check::SideBounds> sides;
    check::Reach reach{};
    bool operator==(const MeasureKey&) const = default;
};

/// How each made inscription is held to be made: by its operations' tools, where there are any.
std::vector<process::Process> processesOf(const Card& card, const Lettering& lettering,
                                          const cut::Shop& shop) {
    std::vector<process::Process> all;
    if (card.operations.empty())
        return all;
    for (const working::PlacedLetters& letters : lettering.inscriptions)
        all.push_back(processFor(card, &card.inscriptions[size_t(letters.inscription)], shop));
    return all;
}

/// As far as the widest limit of what lies beside letters.
check::Reach reachOf(const Card& card, const cut::Shop& shop) {
    using process::Measured;
    check::Reach reach{0, card.blank.margin, 0};
    for (const Inscription& inscription : card.inscriptions)
        for (const process::Rule& rule : rulesFor(card, &inscription, shop))
            if (rule.what == Measured::gap || rule.what == Measured::counter ||
                rule.what == Measured::opening)
                reach.gaps = std::max(reach.gaps, rule.value);
            else if (rule.what == Measured::insideCorner)
                reach.corners = std::max(reach.corners, rule.value);
    return reach;
}

struct PanelsKey {
    blank::Blank blank{};
    blank::Rise rise{};
    bool operator==(const PanelsKey&) const = default;
};

struct FindingsKey {
    std::shared_ptr<const check::Measures> measures;
    std::shared_ptr<const Lettering> lettering;
    std::shared_ptr<const Solid> solid;
    blank::Blank blank;
    process::Process process;
    std::vector<Accepted> accepted;
    std::vector<std::string> ids;
    std::shared_ptr<const Cuttings> cuttings;
    std::vector<process::Process> processes;
    Lying lying;
    bool operator==(const FindingsKey&) const = default;
};

struct SidesKey {
    std::shared_ptr<const Part> part;
    blank::PartFile asked;
    bool operator==(const SidesKey&) const = default;
};

struct CuttingsKey {
    std::shared_ptr<const Lettering> lettering;
    std::shared_ptr<const cut::Shop> shop;
    cut::Stock stock;
    cut::Zero zero;
    cut::Machine machine;
    std::vector<cut::Clamp> clamps;
    std::vector<cut::Operation> operations;
    process::Process process;
    bool operator==(const CuttingsKey&) const = default;
};

/// What the blank's edges are to letters, of each side that has some.
std::vector<check::SideBounds> boundsOf(const blank::Blank& blank, const Lettering& lettering) {
    std::vector<check::SideBounds> bounds;
    const auto sides = blank::sidesOf(blank);
    for (const std::string_view side : sides) {
        if (std::ranges::find(lettering.inscriptions, side, &working::PlacedLetters::side) ==
            lettering.inscriptions.end())
            continue;
        const std::int32_t turn = plane::toUnits(blank::turnOf(blank, side));
        const bool known =
            side == sides.front() && turn == 0 && blank::mouthsOf(blank, side).contours.empty();
        bounds.push_back({side, known ? lettering.firstSide : blank::boundaryOf(blank, side), turn});
    }
    return bounds;
}

/// The blank, round the words where its outline follows them.
blank::Blank blankOf(const Card& card, const Lettering& lettering) {
    if (!card.blank.followsWords())
        return card.blank;
    std::vector<plane::Region> onFront;
    for (const working::PlacedLetters& letters : lettering.inscriptions)
        if (letters.side == blank::sidesOf(card.blank).front() &&
            card.inscriptions[size_t(letters.inscription)].ornament.kind != setting::OrnamentKind::border)
            onFront.insert(onFront.end(), letters.onSide.begin(), letters.onSide.end());
    return blank::aroundWords(card.blank, onFront);
}

/// What findings are about, and whether the card lets them stand.
void name(std::vector<check::Finding>& findings, const Card& card) {
    const std::vector<std::string> ids = idsOf(card), operationIds = operationIdsOf(card);
    for (check::Finding& finding : findings) {
        finding.id = std::string(check::nameOf(finding.kind));
        if (finding.inscription >= 0)
            finding.id += ":" + ids[size_t(finding.inscription)];
        if (finding.operation >= 0)
            finding.id += ":" + operationIds[size_t(finding.operation)];
        if (finding.kind == check::FindingKind::sideUnfound) // it is about a side
            finding.id += ":" + finding.subject;
        if (check::aboutOf(finding.kind).twice && finding.severity == check::Severity::watch)
            finding.id += ":watch";
        finding.accepted = std::ranges::any_of(card.accepted, [&](const Accepted& accepted) {
            return accepted.finding == finding.id && !check::worseThan(finding, accepted.measured);
        });
    }
}

} // namespace

struct Pipeline::Memory {
    explicit Memory(Journal& journal)
        : lettering("letters", journal), measures("measures", journal), panels("panels", journal),
          solid("solid", journal), joined("joining", journal), cuttings("toolpaths", journal),
          checked("findings", journal), part("part", journal), sides("sides", journal) {}

    /// Those of the last run, then some that runs before it needed.
    std::vector<Set> settings;
    Step<LetteringKey, Lettering> lettering;
    Step<MeasureKey, check::Measures> measures;
    Step<PanelsKey, std::vector<blank::Panel>> panels;
    Step<std::shared_ptr<const Lettering>, Solid> solid, joined;
    Step<CuttingsKey, Cuttings> cuttings;
    Step<FindingsKey, Checked> checked;
    Step<PartKey, Part> part;
    Step<SidesKey, SidesFound> sides;
    check::MeasureMemory measured;
    working::TieMemory ties;
    body::TileMemory tiles{64}; // and of a large part twice what it needs
};

size_t Lettering::letters() const {
    size_t letters = 0;
    for (const working::PlacedLetters& inscription : inscriptions)
        letters += inscription.onSide.size();
    return letters;
}

Pipeline::Pipeline(std::shared_ptr<const type::Catalogue> catalogue)
    : catalogue_(std::move(catalogue)), shop_(std::make_shared<const cut::Shop>(cut::shippedShop())),
      journal_(std::make_unique<Journal>()), memory_(std::make_unique<Memory>(*journal_)) {}

const Journal& Pipeline::journal() const {
    return *journal_;
}
Pipeline::~Pipeline() = default;

namespace {

/// What is shown of a card that a step gave up on: nothing made, and why.
Made gaveUp(const std::shared_ptr<const Card>& card, const quantity::Problem& why) {
    check::Finding finding;
    finding.kind = check::FindingKind::stepFailed;
    finding.severity = check::Severity::stop;
    finding.problem = why;
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
    using quantity::Problem, quantity::ProblemKind;
    Problem why;
    card = cardOfRow(card);
    try {
        return runSteps(card, folder, stop, onStage);
    } catch (const std::bad_alloc&) {
        why = {ProblemKind::memoryShort, {}, std::to_string(quantity::mostMemory >> 30)};
    } catch (const std::exception& error) {
        why = {ProblemKind::stepFailed, {}, error.what()};
    }
    memory_ = std::make_unique<Memory>(*journal_); // it may be half of something
    Made made = gaveUp(card, why);
    made.shop = shop_;
    if (onStage && !stop.stop_requested())
        onStage(made);
    return made;
}

Made Pipeline::runSteps(const std::shared_ptr<const Card>& asked, const std::string& folder,
                        const std::stop_token& stop, const OnStage& onStage) {
    Made made;
    made.card = asked;
    made.shop = shop_;
    journal_->begin();
    // A part from a file first: where its sides are.
    std::shared_ptr<const Part> part;
    std::shared_ptr<const SidesFound> sides;
    if (asked->blank.kind == blank::Kind::file && !asked->blank.part.file.empty()) {
        const PartKey partKey = partKeyOf(asked->blank.part, folder);
        part =
            memory_->part(partKey, 1000, [&] { return std::make_shared<const Part>(partOf(partKey, stop)); });
        if (stop.stop_requested()) {
            memory_->part.forget();
            return made;
        }
        sides = memory_->sides({part, asked->blank.part}, 1, [&] {
            return std::make_shared<const SidesFound>(sidesOn(*part, asked->blank.part));
        });
        if (!(sides->part == asked->blank.part)) {
            auto withSides = std::make_shared<Card>(*asked);
            withSides->blank.part = sides->part;
            made.card = std::move(withSides);
        }
    }
    const std::shared_ptr<const Card> card = made.card;
    const auto tell = [&] {
        if (onStage && !stop.stop_requested())
            onStage(made);
    };

    const auto open = [&](const type::TypefaceChoice& choice, const type::CarriedTypeface* carried) {
        if (catalogue_)
            return catalogue_->open(choice, carried);
        if (carried)
            return type::typefaceFromBytes(*carried->bytes, carried->name, carried->index,
                                           carried->namedInstance, choice.axes);
        if (choice.file.empty())
            return quantity::Result<std::shared_ptr<const type::Typeface>>(quantity::Problem{
                quantity::ProblemKind::typefaceUnknown, choice.family + " " + choice.style});
        return type::openTypeface(choice.file, choice.index);
    };
    std::vector<Set> settings;
    const auto settingOf = [&](const SettingKey& wanted, const type::CarriedTypeface* carried) -> Set {
        for (const std::vector<Set>* known : {&settings, &memory_->settings})
            for (const Set& kept : *known)
                if (kept.setting && kept.key == wanted)
                    return kept;
        ++counts_.settings;
        const Journal::Timed timed(*journal_, "setting");
        if (wanted.ornament.kind != setting::OrnamentKind::none) {
            setting::Belonging belongs{wanted.around.get(), wanted.aroundPierced, {}, wanted.turn};
            for (const auto& frame : wanted.frames)
                belongs.frames.push_back(frame.get());
            return {wanted,
                    std::make_shared<const setting::Setting>(setting::set(
                        wanted.ornament, belongs, wanted.laying.edge, wanted.laying.traced, stop)),
                    {}};
        }
        const auto typeface = open(wanted.typeface, carried);
        if (!typeface)
            return {wanted, nullptr, typeface.problem()};
        return {wanted,
                std::make_shared<const setting::Setting>(
                    setting::set(wanted.words, *typeface, wanted.style, wanted.laying, stop)),
                {}};
    };

    LetteringKey key;
    key.blank = card->blank;
    key.part = part;
    std::vector<check::Finding> problems;
    if (card->blank.kind == blank::Kind::file) {
        const auto about = [&](check::FindingKind kind, check::Severity severity,
                               const quantity::Problem& why) {
            check::Finding& finding = problems.emplace_back();
            finding.kind = kind;
            finding.severity = severity;
            finding.problem = why;
            return &finding;
        };
        using quantity::ProblemKind;
        if (!part || part->problem) {
            check::Finding* const cannot =
                about(check::FindingKind::partProblem, check::Severity::stop,
                      part ? *part->problem : quantity::Problem{ProblemKind::partUnchosen});
            for (const space::Vertex& fault : part ? part->faults : std::vector<space::Vertex>())
                cannot->places.emplace_back().onPart = fault;
        } else if (sides->changed)
            about(check::FindingKind::partProblem, check::Severity::watch,
                  {ProblemKind::partChanged, card->blank.part.file});
        if (const int mended = part ? part->dropped + part->flipped + part->closed : 0; mended > 0)
            about(check::FindingKind::partMended, check::Severity::note, {})->count = mended;
        for (const auto& [name, why] :
             sides ? sides->unfound : std::vector<std::pair<std::string, quantity::Problem>>())
            about(check::FindingKind::sideUnfound, check::Severity::stop, why)->subject = name;
        for (const check::Finding& finding : problems)
            key.problems.push_back("part" + std::to_string(int(finding.kind)) +
                                   std::to_string(int(finding.problem.kind)) + finding.subject +
                                   finding.problem.detail);
    }
    const auto problem = [&](check::FindingKind kind, size_t inscription) -> check::Finding& {
        check::Finding& finding = problems.emplace_back();
        finding.kind = kind;
        finding.severity = check::Severity::stop;
        finding.inscription = int(inscription);
        return finding;
    };
    const std::vector<std::string> ids = idsOf(*card);
    std::unordered_map<std::string_view, int> placeOf;
    for (size_t i = 0; i < ids.size(); ++i)
        placeOf.emplace(ids[i], int(i));
    const auto aroundOf = [&](const Inscription& inscription) {
        const auto found = placeOf.find(inscription.ornament.around);
        return found == placeOf.end() ? -1 : found->second;
    };
    // Pierced words of a wall
    const auto isHeldFromBehind = [&](size_t i) {
        const Inscription& words = card->inscriptions[i];
        return words.working.kind == working::Kind::pierced &&
               !blank::sideAcross(card->blank, words.side).empty();
    };
    // Words first: ornaments may go round them, and what holds words holds the frames round them too.
    std::vector<std::shared_ptr<const setting::Setting>> ofInscription(card->inscriptions.size());
    const auto isBacking = [](const Inscription& inscription) {
        return inscription.ornament.kind == setting::OrnamentKind::backing;
    };
    const auto turnOf = [&](const Inscription& inscription) {
        return isBacking(inscription) ? 2 : inscription.isOrnament() ? 1 : 0;
    };
    for (const int turn : {0, 1, 2})
        for (size_t i = 0; i < card->inscriptions.size(); ++i) {
            const Inscription& inscription = card->inscriptions[i];
            const bool ornaments = turn > 0;
            if (inscription.hidden || turnOf(inscription) != turn)
                continue;
            if (stop.stop_requested())
                return made;
            SettingKey wanted;
            bool tooLong = false;
            if (ornaments) {
                const int around = aroundOf(inscription);
                const bool there = around >= 0 && !card->inscriptions[size_t(around)].isOrnament();
                wanted = keyOfOrnament(*card, inscription, there ? ofInscription[size_t(around)] : nullptr);
                wanted.aroundPierced = there && isBacking(inscription) && isHeldFromBehind(size_t(around));
                for (size_t k = 0; k < ofInscription.size() && there && isBacking(inscription); ++k)
                    if (const Inscription& other = card->inscriptions[k];
                        other.ornament.kind == setting::OrnamentKind::frame && aroundOf(other) == around &&
                        ofInscription[k])
                        wanted.frames.push_back(ofInscription[k]);
            } else {
                const setting::Filled filled = setting::filled(inscription.words, *card->rows, card->row);
                if (!filled.unknown.empty()) {
                    check::Finding& finding = problem(check::FindingKind::fieldUnknown, i);
                    finding.count = int(filled.unknown.size());
                    finding.subject = filled.unknown.front();
                    key.problems.push_back(std::to_string(i) + "{" + finding.subject);
                }
                tooLong = filled.tooLong;
                if (!tooLong)
                    wanted =
                        keyOfWords(*card, inscription, filled.words, resolved(inscription.typeface, folder));
            }
            Set set;
            if (tooLong)
                set.problem = {quantity::ProblemKind::tooMany, "words",
                               "> " + std::to_string(setting::longestWords)};
            else
                set = settingOf(wanted,
                                ornaments ? nullptr : type::find(card->typefaces, inscription.typeface));
            if (stop.stop_requested()) // perhaps half of it
                return made;
            ofInscription[i] = set.setting;
            if (!set.setting) {
                key.problems.push_back(std::to_string(i) + "/" + std::to_string(int(set.problem.kind)) +
                                       set.problem.subject + set.problem.detail);
                problem(tooLong ? check::FindingKind::stepFailed : check::FindingKind::typefaceProblem, i)
                    .problem = set.problem;
            }
            settings.push_back(std::move(set));
        }
    for (size_t i = 0; i < card->inscriptions.size(); ++i) {
        const Inscription& inscription = card->inscriptions[i];
        if (!ofInscription[i])
            continue;
        // A frame around words lies as they lie.
        const int around = inscription.ornament.goesWithWords() ? aroundOf(inscription) : -1;
        const bool withWords = around >= 0 && ofInscription[size_t(around)];
        const Inscription& where = withWords ? card->inscriptions[size_t(around)] : inscription;
        const bool fromBehind = withWords && isBacking(inscription) && isHeldFromBehind(size_t(around));
        const std::string_view side =
            fromBehind ? blank::sideAcross(card->blank, where.side) : blank::sideOf(card->blank, where.side);
        if (side.empty()) {
            key.problems.push_back(std::to_string(i) + "@" + where.side);
            problem(check::FindingKind::sideMissing, i).subject = where.side;
            continue;
        }
        key.items.push_back({ofInscription[i], placingOf(*card, where), inscription.working,
                             tiesAsMade(*card, inscription), inscription.counters, side, inscription.cutsOut,
                             fromBehind, int(i)});
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
        const auto place = [&](const LetteringKey::Item& item, const setting::Placing& placing) {
            working::PlacedLetters placed(item.number, item.setting, placing, item.working);
            placed.side = item.side;
            placed.narrowing = blank::narrowingAt(card->blank, item.side, placing.y);
            if (placing.shape == setting::LetterShape::rigid)
                working::keepRigid(placed, blank::radiusOf(card->blank, item.side));
            placed.ties = item.ties;
            working::workCounters(placed, item.counters, stop);
            working::standClear(placed, card->inscriptions[size_t(item.number)].ornament.clear);
            if (item.cutsOut)
                working::cutOut(placed, lettering->inscriptions, stop);
            else
                lettering->inscriptions.push_back(std::move(placed));
        };
        for (const LetteringKey::Item& item : key.items)
            if (!item.fromBehind && !stop.stop_requested())
                place(item, item.placing);
        lettering->blank = blankOf(*card, *lettering);
        // Where the other side of the blank, which may follow the words, sees them
        for (const LetteringKey::Item& item : key.items)
            if (item.fromBehind && !stop.stop_requested())
                place(item, setting::seenFromBehind(item.placing, blank::sizeOf(lettering->blank).x));
        working::tie(lettering->inscriptions, memory_->ties, stop);
        lettering->problems = problems;
        if (part) {
            lettering->part = part->body;
            lettering->partAsRead = part->asRead;
        }
        if (card->blank.kind == blank::Kind::file && !lettering->part)
            lettering->partProblem = problems.front().problem;
        lettering->firstSide = blank::regionOf(lettering->blank);
        lettering->sides = boundsOf(lettering->blank, *lettering);
        return lettering;
    });
    if (stop.stop_requested()) {
        memory_->lettering.forget();
        made.lettering = nullptr;
        return made;
    }
    if (!(made.lettering->blank == card->blank)) {
        auto asMade = std::make_shared<Card>(*card);
        asMade->blank = made.lettering->blank;
        made.card = std::move(asMade);
    }
    tell();

    MeasureKey measureKey;
    measureKey.sides = made.lettering->sides;
    measureKey.reach = reachOf(*card, *shop_);
    for (const LetteringKey::Item& item : key.items)
        measureKey.items.push_back({item.setting, item.placing, item.working.kind, item.ties, item.counters,
                                    item.side, item.cutsOut, item.fromBehind});
    const size_t letters = made.lettering->letters();
    std::shared_ptr<const Solid> solid;
    const auto makeSolid = [&] {
        solid = memory_->solid(made.lettering, weight, [&] {
            ++counts_.solids;
            const PanelsKey panelsKey{made.lettering->blank, riseOf(*made.lettering)};
            const auto panels = memory_->panels(panelsKey, 1, [&] {
                return std::make_shared<const std::vector<blank::Panel>>(
                    panelsOf(panelsKey.blank, panelsKey.rise));
            });
            return std::make_shared<const Solid>(solidOf(*made.lettering, panels, memory_->tiles, stop));
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

    std::shared_ptr<const Cuttings> cuttings;
    if (!card->operations.empty() && !stop.stop_requested()) {
        const CuttingsKey cuttingsKey{made.lettering, shop_,        card->stock,      card->zero,
                                      card->machine,  card->clamps, card->operations, card->process};
        cuttings = memory_->cuttings(cuttingsKey, weight, [&] { return cuttingsOf(made, stop); });
        if (stop.stop_requested())
            memory_->cuttings.forget();
    }
    made.cuttings = cuttings;

    const auto check = [&](std::shared_ptr<const Solid> whole) {
        FindingsKey findingsKey{measures,
                                made.lettering,
                                whole,
                                made.lettering->blank,
                                card->process,
                                card->accepted,
                                {},
                                cuttings,
                                processesOf(*card, *made.lettering, *shop_),
                                card->lying};
        for (const Inscription& inscription : card->inscriptions)
            findingsKey.ids.push_back(inscription.id);
        return memory_->checked(findingsKey, weight, [&] {
            ++counts_.findings;
            auto checked = std::make_shared<Checked>();
            checked->measures = measures;
            checked->complete = whole != nullptr;
            checked->findings = made.lettering->problems;
            if (whole && whole->problem && !made.lettering->partProblem) { // which is told
                check::Finding failed;
                failed.kind = check::FindingKind::solidFailed;
                failed.severity = check::Severity::stop;
                failed.problem = *whole->problem;
                checked->findings.push_back(std::move(failed));
            }
            for (const int slot : whole ? whole->meeting : std::vector<int>()) {
                check::Finding meet;
                meet.kind = check::FindingKind::lettersMeet;
                meet.severity = check::Severity::watch;
                meet.inscription = made.lettering->inscriptions[size_t(slot)].inscription;
                checked->findings.push_back(std::move(meet));
            }
            for (check::Finding& finding : check::findingsOf(
                     {made.lettering->blank, card->process, made.lettering->inscriptions, *measures,
                      whole && !whole->problem ? &whole->dropOuts : nullptr, findingsKey.processes}))
                checked->findings.push_back(std::move(finding));
            if (whole && !whole->problem)
                for (check::Finding& finding : lyingFindings(*made.card, *made.lettering, *whole))
                    checked->findings.push_back(std::move(finding));
            if (cuttings)
                for (check::Finding& finding : cuttingFindings(*made.card, *cuttings, *shop_))
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
    if (isUnjoined(*made.lettering, *solid)) {
        made.checked = check(nullptr);
        const auto tellProgress = [&](double done) {
            made.joining = done;
            tell();
        };
        solid = memory_->joined(made.lettering, weight, [&] {
            tellProgress(0);
            return std::make_shared<const Solid>(
                joinedOf(*made.lettering, *solid, memory_->tiles, stop, tellProgress));
        });
        made.joining.reset();
        if (stop.stop_requested() && solid->problem) {
            memory_->joined.forget();
            return made;
        }
    }
    made.solid = solid;
    made.checked = check(solid);
    tell();
    return made;
}

} // namespace bollard::card
