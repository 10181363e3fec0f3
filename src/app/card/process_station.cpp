#include "app/card/limit_sketch.hpp"
#include "app/card/operations_list.hpp"
#include "app/card/stations.hpp"
#include "app/controls/looks.hpp"
#include "app/controls/wrapped_check_box.hpp"
#include "app/session/beginning.hpp"
#include "app/session/kept_processes.hpp"
#include "card/printing.hpp"
#include "cut/dialect.hpp"
#include "quantity/field.hpp"
#include "wording/wording.hpp"
#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSignalBlocker>

namespace bollard::app {

using Kind = NumberField::Kind;
using Kinds = decltype(process::Process::kind);

namespace {

QString capitalized(QString text) {
    if (!text.isEmpty())
        text[0] = text[0].toUpper();
    return text;
}

/// How wide what makes the part is: nozzle, pixel, tip, cutter, kerf; 0 where the process has none.
double toolOf(const process::Process& process) {
    double tool = 0;
    process.kind.visit([&](const auto& kind) {
        using One = std::remove_cvref_t<decltype(kind)>;
        One copy = kind;
        quantity::eachNumber(
            &copy, quantity::fieldsOf<One>(),
            [&](double& value, const quantity::Field& field) {
                if (field.dimension == quantity::Dimension::length && tool == 0)
                    tool = value;
            },
            [](int&, const quantity::Field&) {});
    });
    return tool;
}

} // namespace

void ProcessStation::addField(size_t number, const quantity::Field& field) {
    const quantity::held::Kinds::Kind& kind = processKinds().kinds[number];
    using quantity::Dimension;
    constexpr double millimetres = 0.05, degrees = 5, whole = 1;
    const double step = field.dimension == Dimension::angle   ? degrees
                        : field.dimension == Dimension::count ? whole
                                                              : millimetres;
    fieldRow(
        wording::labelOfField(field.name), kind.fields(), field.name, step,
        [&kind](card::Card& card) { return kind.at(&card.process); },
        [this, number] { return editor_.card().process.kind.index() == number; });
}

/// How a print lies, and what is seldom changed of its process.
void ProcessStation::addLying() {
    lyingFold_ = fold(tr("Lying and layers"));
    lying_ = new QComboBox(this);
    lying_->setAccessibleName(tr("What the print lies on"));
    lying_->addItem(tr("as it is drawn"), QString());
    for (const char* side : {"back", "front", "left", "right", "top", "bottom", "start", "end"})
        lying_->addItem(wording::nameOfSide(side), QString::fromLatin1(side));
    lyingSides_ = lying_->count();
    about("lying");
    row(tr("Lies on"), lying_);
    connect(lying_, &QComboBox::activated, this, [this](int item) {
        const std::string on = lying_->itemData(item).toString().toStdString();
        editor_.edit(tr("Change the lying position"), {}, [&](card::Card& card) {
            card.lying.on = on;
            card.lying.turn = on.empty() ? 0 : card.lying.turn;
        });
    });
    pointLying_ = elidedButton(tr("Point at a face"), this);
    pointLying_->setCheckable(true);
    pointLying_->setAccessibleName(tr("Point at the face that the print is to lie on"));
    pointLying_->setToolTip(pointLying_->accessibleName());
    row({}, pointLying_);
    connect(pointLying_, &QPushButton::clicked, this, &ProcessStation::lyingPointingWanted);
    fieldRow(
        tr("Turned on the bed"), quantity::fieldsOf<card::Lying>(), "turn", 15,
        [](card::Card& card) { return &card.lying; }, [this] { return !editor_.card().lying.on.empty(); });
    for (size_t k = 0; k < processKinds().kinds.size(); ++k)
        for (const quantity::Field& field : processKinds().kinds[k].fields().fields)
            if (field.quiet)
                addField(k, field);
}

ProcessStation::ProcessStation(Session& session, QWidget* parent)
    : StationBody(session.editor, parent), shop_(session.shop), maker_(session.maker) {
    kind_ = new QComboBox(this);
    kind_->setAccessibleName(tr("Process"));
    about("process");
    row(tr("Process"), kind_);
    connect(kind_, &QComboBox::activated, this, &ProcessStation::choose);
    for (size_t k = 0; k < processKinds().kinds.size(); ++k) {
        const quantity::held::Kinds::Kind& kind = processKinds().kinds[k];
        for (const quantity::Field& field : kind.fields().fields)
            if (!field.quiet)
                addField(k, field);
    }
    worn_ = new WrappedCheckBox(wording::labelOfField("worn"), this);
    wide(worn_);
    connect(worn_, &QCheckBox::clicked, this, [this](bool on) {
        editor_.edit(tr("Change whether it is worn"), {}, [on](card::Card& card) { card.process.worn = on; });
    });
    QLabel* const heading =
        softLabel(tr("Limits for the selected words; below the first number it stops"), this);
    heading->setWordWrap(true);
    wide(heading);
    addLimits();
    start_ = new QPushButton(tr("Limits from the process again"), this);
    start_->setObjectName(QStringLiteral("link"));
    wide(start_);
    connect(start_, &QPushButton::clicked, this, [this] {
        editor_.edit(tr("Limits from the process"), {}, [](card::Card& card) { card.process.own.clear(); });
    });
    name_ = new QLineEdit(this);
    name_->setPlaceholderText(tr("a name of your own"));
    name_->setAccessibleName(tr("Name to keep this process under"));
    about("own-limits");
    row(tr("Keep as"), name_);
    connect(name_, &QLineEdit::returnPressed, this, &ProcessStation::keep);
    connect(name_, &QLineEdit::textChanged, this, [this] { refreshKeeping(); });
    keep_ = new QPushButton(tr("Keep for other cards"), this);
    keep_->setObjectName(QStringLiteral("link"));
    wide(keep_);
    connect(keep_, &QPushButton::clicked, this, &ProcessStation::keep);
    forget_ = new QPushButton(this);
    forget_->setObjectName(QStringLiteral("link"));
    wide(forget_);
    connect(forget_, &QPushButton::clicked, this, [this] {
        told_->setText(forgetProcess(editor_.card().process.name));
        listKinds();
        refresh();
    });
    told_ = softLabel({}, this);
    told_->setWordWrap(true);
    wide(told_);
    addLying();
    addCutting();
    listKinds();
}

void ProcessStation::addLimits() {
    const auto known = [this](std::string_view name) {
        return std::ranges::find(limits_, name, &Limit::first) != limits_.end();
    };
    for (const auto& [kind, rule] : process::knownRules()) {
        if (known(rule.name))
            continue;
        const bool length = rule.what != process::Measured::heightPerStroke;
        limits_.emplace_back(
            rule.name, number(wording::nameOf(rule, working::Kind::raised),
                              process::isAngle(rule.what) ? Kind::angle
                              : length                    ? Kind::length
                                                          : Kind::plain,
                              card::ranges::limit, 0.05, [this, name = rule.name](double value) {
                                  const std::string key = process::keyOf(this->kind(), name);
                                  editor_.edit(tr("Change a limit"), QStringLiteral("limit"),
                                               [&](card::Card& card) { card.process.own[key] = value; });
                              }));
    }
    // A line a measure: below which it stops, and below which it is to be watched.
    for (const auto& [name, field] : limits_)
        for (const auto& [other, stop] : limits_)
            if (name.ends_with("Watch") && other.ends_with("Stop") &&
                name.substr(0, name.size() - 5) == other.substr(0, other.size() - 4))
                putBeside(field, stop, tr("watch"));
    for (const auto& [name, field] : limits_) {
        if (isPaired(name) && name.ends_with("Watch"))
            continue;
        auto* const sketch = new LimitSketch(this);
        sketches_.emplace_back(name, sketch);
        if (isPaired(name)) { // what is measured has a short name then
            putBefore(sketch, field);
            continue;
        }
        row({}, sketch);
        putBeside(sketch, field, {});
    }
}

/// A limit below which it stops, with one below which it is to be watched, or the other way round.
bool ProcessStation::isPaired(std::string_view name) const {
    const bool watch = name.ends_with("Watch");
    if (!watch && !name.ends_with("Stop"))
        return false;
    const std::string other =
        std::string(name.substr(0, name.size() - (watch ? 5 : 4))) + (watch ? "Stop" : "Watch");
    return std::ranges::find(limits_, other, &Limit::first) != limits_.end();
}

void ProcessStation::listKinds() {
    const QSignalBlocker quiet(kind_);
    kept_ = keptProcesses();
    kind_->clear();
    Kinds::eachKind([&]<class One>(std::type_identity<One>) {
        kind_->addItem(capitalized(wording::nameOfProcess(One::name)));
    });
    if (!kept_.empty())
        kind_->insertSeparator(kind_->count());
    firstKept_ = kind_->count();
    for (const process::Process& process : kept_)
        kind_->addItem(QString::fromStdString(process.name));
}

void ProcessStation::choose(int item) {
    if (item >= firstKept_) {
        const process::Process& kept = kept_[size_t(item - firstKept_)];
        return editor_.edit(tr("Change process"), {}, [&](card::Card& card) { card.process = kept; });
    }
    editor_.edit(tr("Change process"), {}, [&](card::Card& card) {
        if (!card.process.name.empty()) // its limits were those of one's own process
            card.process.own.clear();
        card.process.name.clear();
        quantity::chooseKind(processKinds(), &card.process, size_t(item));
    });
}

void ProcessStation::keep() {
    const std::string name = name_->text().trimmed().toStdString();
    if (name.empty())
        return;
    process::Process process = editor_.card().process;
    process.name = name;
    if (const QString problem = keepProcess(process); !problem.isEmpty())
        return told_->setText(problem);
    told_->setText(tr("Kept. It is in the list above for every card."));
    name_->clear();
    listKinds();
    editor_.edit(tr("Name the process"), {}, [&](card::Card& card) { card.process.name = name; });
    refresh();
}

working::Kind ProcessStation::kind() const {
    return editor_.inscription() ? editor_.inscription()->working.kind : working::Kind::raised;
}

void ProcessStation::setPointing(bool pointing) {
    pointLying_->setChecked(pointing);
}

void ProcessStation::refreshKeeping() {
    const std::string& name = editor_.card().process.name;
    const bool kept = std::ranges::find(kept_, name, &process::Process::name) != kept_.end();
    keep_->setEnabled(!name_->text().trimmed().isEmpty());
    forget_->setText(tr("Forget %1").arg(QString::fromStdString(name)));
    setRowVisible(forget_, kept);
}

void ProcessStation::refresh() {
    const card::Card& card = editor_.card();
    const process::Process& process = card.process;
    const auto kept = std::ranges::find(kept_, process.name, &process::Process::name);
    kind_->setCurrentIndex(process.name.empty() || kept == kept_.end()
                               ? int(process.kind.index())
                               : firstKept_ + int(kept - kept_.begin()));
    refreshCutting();
    refreshFields();
    worn_->setChecked(process.worn);
    setFoldVisible(lyingFold_, card::layersOf(process).has_value());
    while (lying_->count() > lyingSides_)
        lying_->removeItem(lyingSides_);
    if (card.blank.kind == blank::Kind::file)
        for (const std::string_view side : blank::sidesOf(card.blank))
            lying_->addItem(wording::nameOfSide(side),
                            QString::fromUtf8(side.data(), qsizetype(side.size())));
    const int item = lying_->findData(QString::fromStdString(card.lying.on));
    if (item < 0) // on a side that this list has not: it is kept
        lying_->addItem(wording::nameOfSide(card.lying.on), QString::fromStdString(card.lying.on));
    lying_->setCurrentIndex(item < 0 ? lying_->count() - 1 : item);
    const std::vector<process::Rule> rules = card::rulesFor(card, editor_.inscription());
    for (const auto& [name, field] : limits_) {
        const auto rule = std::ranges::find(rules, name, &process::Rule::name);
        setRowVisible(field, rule != rules.end());
        if (rule == rules.end()) {
            const auto sketch = std::ranges::find(sketches_, name, &Sketch::first);
            if (sketch != sketches_.end() && !isPaired(name))
                setRowVisible(sketch->second, false);
            continue;
        }
        field->setUnit(card.unit);
        field->setValue(rule->value);
        setRowLabel(field, wording::nameOf(*rule, kind()));
        if (const auto sketch = std::ranges::find(sketches_, name, &Sketch::first);
            sketch != sketches_.end()) {
            sketch->second->show(*rule, toolOf(process), working::cuts(kind()));
            if (!isPaired(name))
                setRowVisible(sketch->second, true);
            if (isPaired(name) && rule->bound == process::Bound::least)
                setShortLabel(field, wording::nameOf(rule->what, kind()));
        } else {
            // Where there is none at which it stops, this one says what it is of.
            const bool alone = std::ranges::none_of(rules, [&](const process::Rule& other) {
                return other.what == rule->what && other.severity == process::Severity::stop;
            });
            setShortLabel(field,
                          alone ? tr("%1, watch").arg(wording::nameOf(rule->what, kind())) : tr("watch"));
        }
    }
    setRowVisible(start_, !process.own.empty());
    refreshKeeping();
}

} // namespace bollard::app
