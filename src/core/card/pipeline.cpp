#include "card/pipeline.hpp"
#include <filesystem>
#include <optional>
#include <tbb/parallel_invoke.h>
#include <tbb/task_group.h>

namespace bollard::card {
namespace {

/// The last result of a step with the key it was made from.
template<class Key, class Value> class Step {
  public:
    template<class Make> std::shared_ptr<const Value> operator()(const Key& key, Make make) {
        if (!value_ || !(key_ == key)) {
            value_ = make();
            key_ = key;
        }
        return value_;
    }
    void forget() { value_ = nullptr; }

  private:
    Key key_{};
    std::shared_ptr<const Value> value_;
};

struct SettingKey {
    std::string words;
    type::TypefaceChoice typeface;
    setting::TextStyle style;
    bool operator==(const SettingKey&) const = default;
};
struct Set {
    SettingKey key;
    std::shared_ptr<const setting::Setting> setting; ///< null when the typeface could not be opened
    quantity::Problem problem{};
};

struct LetteringKey {
    struct Item {
        std::shared_ptr<const setting::Setting> setting;
        setting::Placing placing;
        working::Working working;
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
        bool operator==(const Item&) const = default;
    };
    std::vector<Item> items;
    plane::Region blank;
    double margin = 0;
    bool operator==(const MeasureKey&) const = default;
};

struct SolidKey {
    std::shared_ptr<const Lettering> lettering;
    double thickness = 0;
    bool operator==(const SolidKey&) const = default;
};

struct FindingsKey {
    std::shared_ptr<const check::Measures> measures;
    std::shared_ptr<const Lettering> lettering;
    std::shared_ptr<const Solid> solid;
    blank::Blank blank;
    check::FilamentProcess process;
    bool operator==(const FindingsKey&) const = default;
};

type::TypefaceChoice resolved(type::TypefaceChoice choice, const std::string& folder) {
    if (!choice.file.empty() && !folder.empty() && std::filesystem::path(choice.file).is_relative())
        choice.file = (std::filesystem::path(folder) / choice.file).string();
    return choice;
}

/// Below this, handing work to another thread costs more than it saves.
constexpr size_t lettersWorthTasks = 60;

size_t lettersIn(const Lettering& lettering) {
    size_t letters = 0;
    for (const working::PlacedLetters& inscription : lettering.inscriptions)
        letters += inscription.onSide.size();
    return letters;
}

Solid solidOf(const Lettering& lettering, double thickness_mm, const std::stop_token& stop) {
    Solid solid;
    const auto worked = working::workedOf(lettering.inscriptions);
    auto columns = working::columnsOf(lettering.blank, thickness_mm, worked, stop);
    if (!columns) {
        solid.problem = columns.problem();
        return solid;
    }
    solid.columns = *std::move(columns);
    const auto mesh = [&] { solid.mesh = body::meshOf(solid.columns); };
    const auto pieces = [&] {
        solid.dropOuts =
            check::dropOutsOf(solid.columns, body::piecesOf(solid.columns), lettering.inscriptions);
    };
    if (lettersIn(lettering) < lettersWorthTasks) {
        mesh();
        pieces();
    } else {
        tbb::parallel_invoke(mesh, pieces);
    }
    return solid;
}

} // namespace

struct Pipeline::Memory {
    std::vector<Set> settings;
    Step<LetteringKey, Lettering> lettering;
    Step<MeasureKey, check::Measures> measures;
    Step<SolidKey, Solid> solid;
    Step<FindingsKey, Checked> checked;
    check::GapMemory gaps;
};

Pipeline::Pipeline(std::shared_ptr<const type::Catalogue> catalogue)
    : catalogue_(std::move(catalogue)), memory_(std::make_unique<Memory>()) {}
Pipeline::~Pipeline() = default;

Made Pipeline::run(std::shared_ptr<const Card> card, const std::string& folder, const std::stop_token& stop,
                   const OnStage& onStage) {
    Made made;
    made.card = card;
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
    const auto settingOf = [&](const Inscription& inscription, const std::string& words) -> Set {
        const SettingKey key{words, resolved(inscription.typeface, folder), inscription.style};
        for (const Set& kept : memory_->settings)
            if (kept.key == key && kept.setting)
                return kept;
        ++counts_.settings;
        const auto typeface = open(key.typeface);
        if (!typeface)
            return {key, nullptr, typeface.problem()};
        return {
            key, std::make_shared<const setting::Setting>(setting::set(key.words, *typeface, key.style)), {}};
    };

    std::vector<Set> settings;
    LetteringKey key;
    key.blank = card->blank;
    std::vector<check::Finding> problems;
    for (size_t i = 0; i < card->inscriptions.size(); ++i) {
        const Inscription& inscription = card->inscriptions[i];
        if (inscription.hidden)
            continue;
        if (stop.stop_requested())
            return made;
        const setting::Filled filled = setting::filled(inscription.words, card->rows, card->row);
        if (!filled.unknown.empty()) {
            check::Finding finding;
            finding.kind = check::FindingKind::fieldUnknown;
            finding.severity = check::Severity::stop;
            finding.inscription = int(i);
            finding.count = int(filled.unknown.size());
            finding.subject = filled.unknown.front();
            key.problems.push_back(std::to_string(i) + "{" + finding.subject);
            problems.push_back(std::move(finding));
        }
        Set set = settingOf(inscription, filled.words);
        if (set.setting) {
            key.items.push_back({set.setting, inscription.placing, inscription.working, int(i)});
        } else {
            check::Finding finding;
            finding.kind = check::FindingKind::typefaceProblem;
            finding.severity = check::Severity::stop;
            finding.inscription = int(i);
            finding.problem = set.problem;
            key.problems.push_back(std::to_string(i) + set.problem.subject);
            problems.push_back(std::move(finding));
        }
        settings.push_back(std::move(set));
    }
    memory_->settings = std::move(settings);

    made.lettering = memory_->lettering(key, [&] {
        auto lettering = std::make_shared<Lettering>();
        for (const LetteringKey::Item& item : key.items)
            lettering->inscriptions.emplace_back(item.number, item.setting, item.placing, item.working);
        lettering->problems = problems;
        lettering->blank = blank::regionOf(card->blank);
        return lettering;
    });
    tell();

    MeasureKey measureKey;
    measureKey.blank = made.lettering->blank;
    measureKey.margin = card->blank.margin;
    for (const LetteringKey::Item& item : key.items)
        measureKey.items.push_back({item.setting, item.placing, item.working.kind});
    const size_t letters = lettersIn(*made.lettering);
    std::shared_ptr<const Solid> solid;
    const auto makeSolid = [&] {
        solid = memory_->solid({made.lettering, card->blank.thickness}, [&] {
            ++counts_.solids;
            return std::make_shared<const Solid>(solidOf(*made.lettering, card->blank.thickness, stop));
        });
        if (stop.stop_requested() && solid->problem)
            memory_->solid.forget();
    };
    tbb::task_group solidWork;
    if (letters < lettersWorthTasks)
        makeSolid();
    else
        solidWork.run(makeSolid);
    const auto measures = memory_->measures(measureKey, [&] {
        ++counts_.measures;
        return std::make_shared<const check::Measures>(check::measuresOf(
            made.lettering->inscriptions, made.lettering->blank, card->blank.margin, memory_->gaps, stop));
    });
    if (stop.stop_requested())
        memory_->measures.forget();

    const auto check = [&](std::shared_ptr<const Solid> whole) {
        return memory_->checked({measures, made.lettering, whole, card->blank, card->process}, [&] {
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
