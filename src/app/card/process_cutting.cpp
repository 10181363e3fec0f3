// The part of the Process station that is about what cuts: operations, tools, stock, zero and machine.
#include "app/card/operations_list.hpp"
#include "app/card/stations.hpp"
#include "app/card/tool_sketch.hpp"
#include "app/controls/looks.hpp"
#include "app/controls/wrapped_check_box.hpp"
#include "quantity/field.hpp"
#include "wording/wording.hpp"
#include <QCheckBox>
#include <QComboBox>
#include <QLineEdit>
#include <QSignalBlocker>

namespace bollard::app {

/// Stock, zero, machine and the operations in order, the chosen one with its tool and numbers.
void ProcessStation::addCutting() {
    cutting_ = fold(tr("Cutting"));
    operations_ = new OperationsList(editor_, this);
    about("operations");
    wide(operations_);
    connect(operations_, &OperationsList::picked, this, [this] {
        refreshTool();
        refreshFields();
    });
    const PartOf operation = [this](card::Card& card) -> void* {
        const int chosen = operations_->chosen();
        return chosen >= 0 && chosen < int(card.operations.size()) ? &card.operations[size_t(chosen)]
                                                                   : nullptr;
    };
    const auto part = [operation](auto get) -> PartOf {
        return [operation, get](card::Card& card) -> void* {
            auto* const one = static_cast<cut::Operation*>(operation(card));
            return one ? &std::invoke(get, *one) : nullptr;
        };
    };
    const auto is = [this](auto matters) {
        return [this, matters] {
            const int chosen = operations_->chosen();
            const auto& all = editor_.card().operations;
            return chosen >= 0 && chosen < int(all.size()) && matters(all[size_t(chosen)]);
        };
    };
    using cut::Operation, cut::OperationKind;
    const auto any = is([](const Operation&) { return true; });
    const auto& tools = quantity::fieldsOf<cut::Tool>();
    const auto& fields = quantity::fieldsOf<Operation>();
    rackTool_ = new QComboBox(this);
    rackTool_->setAccessibleName(tr("Tool of the rack for the operation"));
    about("tool");
    row(tr("From the rack"), rackTool_);
    connect(rackTool_, &QComboBox::activated, this, [this](int item) {
        const auto& rack = shop_.shop()->rack;
        if (item <= 0 || item > int(rack.size()))
            return;
        editor_.edit(tr("Change tool"), {}, [&](card::Card& card) {
            if (cut::Operation* one = chosenOperation(card))
                one->tool = rack[size_t(item) - 1].tool;
        });
    });
    toolSketch_ = new ToolSketch(this);
    wide(toolSketch_);
    connect(&maker_, &Maker::stageDone, this, [this] {
        if (isVisible())
            refreshTool();
    });
    QStringList toolNames;
    for (int i = 0; i < cut::toolKinds; ++i)
        toolNames << wording::nameOf(static_cast<cut::ToolKind>(i));
    choiceRow(tr("Tool"), tr("Tool of the operation"), tr("Change tool"), toolNames, tools, "kind",
              part(&Operation::tool), any);
    for (const auto& [label, name, step] : {std::tuple{tr("Diameter"), "diameter", 0.5},
                                            {tr("Angle"), "angle", 5.0},
                                            {tr("Flat of the tip"), "tip", 0.05},
                                            {tr("Kerf"), "kerf", 0.1},
                                            {tr("Cuts as deep as"), "flute", 1.0}})
        fieldRow(label, tools, name, step, part(&Operation::tool), any);
    const auto zeroMeans = [](std::string_view field) {
        return field == "depth" || field == "depthCap"    ? tr("as designed")
               : field == "pass"                          ? tr("all at once, or the rack's")
               : field == "stepover"                      ? tr("worked out")
               : field == "tabs" || field == "tabSpacing" ? tr("none")
               : field == "clearance"                     ? QString()
                                                          : tr("the rack's");
    };
    for (const auto& [label, name, step] : {std::tuple{tr("Depth"), "depth", 0.1},
                                            {tr("Deepest"), "depthCap", 0.1},
                                            {tr("At a time"), "pass", 0.1},
                                            {tr("Step over"), "stepover", 0.1},
                                            {tr("Tabs"), "tabs", 1.0},
                                            {tr("A tab every"), "tabSpacing", 5.0},
                                            {tr("Feed"), "feed", 50.0},
                                            {tr("Plunge"), "plunge", 50.0},
                                            {tr("Speed"), "speed", 500.0},
                                            {tr("Clearance"), "clearance", 0.5}})
        fieldRow(label, fields, name, step, operation, any)->setMeans(0, zeroMeans(name));
    const auto& leads = quantity::fieldsOf<cut::Lead>();
    const auto cutsOut = is([](const Operation& o) { return o.kind == OperationKind::cutOut; });
    about("lead");
    choiceRow(tr("Lead"), tr("The way into the cut"), tr("Change lead"),
              {tr("none"), tr("straight"), tr("in an arc")}, leads, "kind", part(&Operation::lead), cutsOut);
    fieldRow(tr("Lead length"), leads, "length", 0.5, part(&Operation::lead), cutsOut);
    choiceRow(tr("Goes down"), tr("How the tool goes down into full material"), tr("Change the way down"),
              {tr("along the way"), tr("in circles"), tr("straight")}, tools, "entry", part(&Operation::tool),
              is([](const Operation& o) {
                  return o.kind == OperationKind::pocket ||
                         (o.kind == OperationKind::clear && !o.followsWidth());
              }));
    flags_ = {addFlag(tr("In straight ways side by side"), &Operation::raster,
                      [](const Operation& o) {
                          return o.kind == OperationKind::pocket ||
                                 (o.kind == OperationKind::clear && !o.followsWidth());
                      }),
              addFlag(tr("Only what wider tools left"), &Operation::rest,
                      [](const Operation& o) { return o.kind == OperationKind::pocket; }),
              addFlag(tr("Letter by letter, as it is read"), &Operation::reading,
                      [](const Operation& o) {
                          return o.kind == OperationKind::scribe || o.kind == OperationKind::carve ||
                                 o.kind == OperationKind::pocket;
                      }),
              addFlag(tr("On the back"), &Operation::back, [](const Operation&) { return true; })};
    constexpr auto raster = OperationKind::raster;
    const auto rasters = is([](const Operation& o) { return o.kind == raster; });
    for (const auto& [label, name, step] :
         {std::tuple{tr("From"), "from", 1.0}, {tr("To"), "to", 1.0}, {tr("Scallop"), "scallop", 0.005}})
        fieldRow(label, fields, name, step, operation, rasters);
    choiceRow(tr("Ways"), tr("Which way the raster goes"), tr("Change the way of the raster"),
              {tr("along the bar"), tr("round it")}, fields, "along", operation, rasters);
    flags_.push_back(addFlag(tr("All ways the same way"), &Operation::oneWay,
                             [](const Operation& o) { return o.kind == raster; }));
    const auto isRound = [this] {
        const blank::Blank& blank = editor_.card().blank;
        return cut::isMountable(blank, blank::sidesOf(blank).front(), false);
    };
    choiceRow(tr("Depth along"), tr("How depths are measured from above"),
              tr("Change how depths are measured"), {tr("the side's normal"), tr("z")}, fields, "depthAlong",
              operation,
              [any, isRound, this] { return any() && isRound() && !editor_.card().machine.axis.there(); });
    addKeeping();
    const PartOf stock = [](card::Card& card) -> void* { return &card.stock; };
    const auto cuts = [this] { return !editor_.card().operations.empty(); };
    const auto& stockFields = quantity::fieldsOf<cut::Stock>();
    const auto cutsFlat = [cuts, isRound] { return cuts() && !isRound(); };
    const auto cutsRound = [cuts, isRound] { return cuts() && isRound(); };
    about("stock");
    fieldRow(tr("Stock margin"), stockFields, "margin", 1, stock, cutsFlat);
    fieldRow(tr("Stock thickness"), stockFields, "thickness", 0.5, stock, cutsFlat)
        ->setMeans(0, tr("as thick as the blank"));
    fieldRow(tr("Bar across"), stockFields, "diameter", 0.5, stock, cutsRound)
        ->setMeans(0, tr("as the blank"));
    fieldRow(tr("Bar length"), stockFields, "length", 5, stock, cutsRound)->setMeans(0, tr("as the blank"));
    fieldRow(tr("Bar before"), stockFields, "before", 5, stock, cutsRound)->setMeans(-1, tr("as it is held"));
    const PartOf chuck = [](card::Card& card) -> void* { return &card.stock.chuck; };
    choiceRow(tr("Chuck"), tr("Which end of the bar the chuck holds"), tr("Change the chuck"),
              {tr("none"), tr("at the start"), tr("at the end")}, quantity::fieldsOf<cut::Chuck>(), "end",
              chuck, cutsRound);
    fieldRow(tr("Chuck reaches"), quantity::fieldsOf<cut::Chuck>(), "reach", 1, chuck, [cutsRound, this] {
        return cutsRound() && editor_.card().stock.chuck.end != cut::ChuckEnd::none;
    });
    zero_ = new QComboBox(this);
    zero_->setAccessibleName(tr("Where the machine's zero lies on the stock"));
    for (int at = 0; at <= int(cut::ZeroAt::end); ++at)
        zero_->addItem(wording::nameOf(cut::ZeroAt(at)));
    about("zero");
    row(tr("Zero at"), zero_);
    connect(zero_, &QComboBox::activated, this, [this](int at) {
        editor_.edit(tr("Move the zero"), {},
                     [&](card::Card& card) { card.zero.place.at = static_cast<cut::ZeroAt>(at); });
    });
    choiceRow(
        tr("Zero on"), tr("At what height the machine's zero lies"), tr("Move the zero"),
        {wording::nameOf(cut::ZeroOn::top), wording::nameOf(cut::ZeroOn::bottom),
         wording::nameOf(cut::ZeroOn::part), wording::nameOf(cut::ZeroOn::axis)},
        quantity::fieldsOf<cut::Zero>(), "on", [](card::Card& card) -> void* { return &card.zero; }, cuts);
    machine_ = new QComboBox(this);
    machine_->setAccessibleName(tr("Machine that cuts it"));
    about("machine");
    row(tr("Machine"), machine_);
    connect(machine_, &QComboBox::activated, this, &ProcessStation::chooseMachine);
    const PartOf machine = [](card::Card& card) -> void* { return &card.machine; };
    const auto& machineFields = quantity::fieldsOf<cut::Machine>();
    for (const auto& [label, name, step] : {std::tuple{tr("Fastest in the air"), "rapid", 100.0},
                                            {tr("Fastest cut"), "feedMost", 100.0},
                                            {tr("Acceleration"), "acceleration", 50.0},
                                            {tr("Spindle from"), "speedLeast", 500.0},
                                            {tr("Spindle to"), "speedMost", 500.0}})
        fieldRow(label, machineFields, name, step, machine, cuts);
    const std::array<QString, 3> reaches{tr("Reaches along x"), tr("Reaches along y"), tr("Reaches along z")};
    for (size_t i = 0; i < reaches.size(); ++i)
        fieldRow(reaches[i], machineFields, "travel", 10, machine, cuts, i)->setMeans(0, tr("not told"));
    const PartOf axis = [](card::Card& card) -> void* { return &card.machine.axis; };
    const auto& axisFields = quantity::fieldsOf<cut::RotaryAxis>();
    const auto turns = [cutsRound, this] { return cutsRound() && editor_.card().machine.axis.there(); };
    about("rotary");
    choiceRow(tr("Rotary axis"), tr("The axis that turns the bar"), tr("Change the rotary axis"),
              {tr("none: from above"), QStringLiteral("A"), QStringLiteral("B"), QStringLiteral("C")},
              axisFields, "letter", axis, cutsRound);
    choiceRow(tr("Bar along"), tr("Which axis of the machine the bar lies along"),
              tr("Lay the bar otherwise"), {QStringLiteral("y"), QStringLiteral("x")}, axisFields, "along",
              axis, turns);
    choiceRow(tr("Feeds by"), tr("How feeds are told of moves that turn"), tr("Change how feeds are told"),
              {tr("time"), tr("degrees")}, axisFields, "feed", axis, turns);
    fieldRow(tr("Turns at most"), axisFields, "rapid", 360, axis, turns);
    // Never the wrong way round, whichever is changed first
    const auto reach = quantity::ranges::axisTravel;
    fieldRow(tr("Turns from"), axisFields, "travel", 360, axis, turns, 0)->setRange({reach.least, -1});
    fieldRow(tr("Turns to"), axisFields, "travel", 360, axis, turns, 1)->setRange({1, reach.most});
    dialect_ = new QComboBox(this);
    dialect_->setAccessibleName(tr("How files for the machine are written"));
    about("dialect");
    row(tr("Files with"), dialect_);
    connect(dialect_, &QComboBox::activated, this, [this](int item) {
        editor_.edit(tr("Change dialect"), {}, [&](card::Card& card) {
            card.machine.dialect = dialect_->itemData(item).toString().toStdString();
        });
    });
    const auto machineFlag = [this](const QString& label, bool cut::Machine::*member) {
        auto* box = new WrappedCheckBox(label, this);
        wide(box);
        connect(box, &QCheckBox::clicked, this, [this, label, member](bool on) {
            editor_.edit(label, {}, [&](card::Card& card) { card.machine.*member = on; });
        });
        return box;
    };
    fileATool_ = machineFlag(tr("A file for each tool"), &cut::Machine::fileATool);
    airRun_ = machineFlag(tr("And a file that runs round it in the air"), &cut::Machine::airRun);
    connect(&shop_, &KeptShop::changed, this, &ProcessStation::listShop);
    listShop();
}

ProcessStation::Flag ProcessStation::addFlag(const QString& label, bool cut::Operation::*member,
                                             std::function<bool(const cut::Operation&)> matters) {
    auto* box = new WrappedCheckBox(label, this);
    wide(box);
    connect(box, &QCheckBox::clicked, this, [this, label, member](bool on) {
        editor_.edit(label, {}, [&](card::Card& card) {
            if (cut::Operation* one = chosenOperation(card))
                one->*member = on;
        });
    });
    return {box, member, std::move(matters)};
}

/// Under a name of one's own the tool and the machine are there for every card.
void ProcessStation::addKeeping() {
    const auto keeping = [this](const QString& label, const QString& accessibleName, auto keep) {
        auto* name = new QLineEdit(this);
        name->setPlaceholderText(tr("a name of your own"));
        name->setAccessibleName(accessibleName);
        row(label, name);
        connect(name, &QLineEdit::returnPressed, this, [this, name, keep] {
            const std::string called = name->text().trimmed().toStdString();
            if (called.empty())
                return;
            const QString wrong = keep(called);
            toldShop_->setText(wrong.isEmpty() ? tr("Kept. It is in the list for every card.") : wrong);
            if (wrong.isEmpty())
                name->clear();
        });
        return name;
    };
    toolName_ =
        keeping(tr("Keep tool as"), tr("Name to keep this tool under"), [this](const std::string& name) {
            const int chosen = operations_->chosen();
            if (!toolNow() || chosen < 0)
                return QString();
            const cut::Operation resolved = shop_.shop()->resolved(editor_.card().operations[size_t(chosen)],
                                                                   editor_.card().stock.material);
            cut::RackTool kept{resolved.tool, {}};
            kept.tool.name = name;
            kept.feeds = {
                {"", resolved.feed, resolved.plunge, resolved.speed, 0, resolved.pass, resolved.stepover}};
            const QString wrong = shop_.keep(kept);
            if (wrong.isEmpty())
                editor_.edit(tr("Name the tool"), {}, [&](card::Card& card) {
                    if (cut::Operation* one = chosenOperation(card))
                        one->tool = kept.tool;
                });
            return wrong;
        });
    machineName_ = keeping(
        tr("Keep machine as"), tr("Name to keep this machine under"), [this](const std::string& name) {
            cut::Machine kept = editor_.card().machine;
            kept.name = name;
            const QString wrong = shop_.keep(kept);
            if (wrong.isEmpty())
                editor_.edit(tr("Name the machine"), {}, [&](card::Card& card) { card.machine = kept; });
            return wrong;
        });
    toldShop_ = softLabel({}, this);
    toldShop_->setWordWrap(true);
    wide(toldShop_);
}

cut::Operation* ProcessStation::chosenOperation(card::Card& card) const {
    const int chosen = operations_->chosen();
    return chosen >= 0 && chosen < int(card.operations.size()) ? &card.operations[size_t(chosen)] : nullptr;
}

std::optional<cut::Tool> ProcessStation::toolNow() const {
    const int chosen = operations_->chosen();
    const auto& all = editor_.card().operations;
    if (chosen < 0 || chosen >= int(all.size()))
        return std::nullopt;
    return shop_.shop()->resolved(all[size_t(chosen)], editor_.card().stock.material).tool;
}

void ProcessStation::chooseMachine(int item) {
    const auto& machines = shop_.shop()->machines;
    if (item <= 0 || item > int(machines.size()))
        return;
    editor_.edit(tr("Change machine"), {},
                 [&](card::Card& card) { card.machine = machines[size_t(item) - 1]; });
}

void ProcessStation::listShop() {
    const cut::Shop& shop = *shop_.shop();
    const QSignalBlocker quietTools(rackTool_), quietMachines(machine_), quietDialects(dialect_);
    rackTool_->clear();
    rackTool_->addItem(tr("as told below"));
    for (const cut::RackTool& tool : shop.rack)
        rackTool_->addItem(QString::fromStdString(tool.tool.name));
    machine_->clear();
    machine_->addItem(tr("as told below"));
    for (const cut::Machine& machine : shop.machines)
        machine_->addItem(QString::fromStdString(machine.name));
    dialect_->clear();
    for (const cut::Dialect& dialect : shop.dialects)
        dialect_->addItem(wording::nameOfDialect(dialect.name), QString::fromStdString(dialect.name));
    if (!shop_.problem().isEmpty())
        toldShop_->setText(shop_.problem());
    refreshCutting();
}

void ProcessStation::refreshTool() {
    const auto tool = toolNow();
    setRowVisible(rackTool_, tool.has_value());
    setRowVisible(toolSketch_, tool.has_value());
    setRowVisible(toolName_, tool.has_value());
    const card::Card& card = editor_.card();
    const int chosen = operations_->chosen();
    for (const Flag& flag : flags_) {
        const cut::Operation* const one = tool ? &card.operations[size_t(chosen)] : nullptr;
        setRowVisible(flag.box, one && flag.matters(*one));
        flag.box->setChecked(one && one->*flag.member);
    }
    if (!tool)
        return;
    const cut::RackTool* const ofRack = shop_.shop()->tool(tool->name);
    rackTool_->setCurrentIndex(
        ofRack && ofRack->tool == *tool ? rackTool_->findText(QString::fromStdString(tool->name)) : 0);
    // The narrowest stroke of the words it is for
    const cut::Operation& operation = card.operations[size_t(chosen)];
    double stroke = 0,
           depth = operation.kind == cut::OperationKind::carve ? operation.depthCap : operation.depth;
    const card::Made& made = maker_.shown().made;
    if (made.checked && made.checked->measures && made.lettering)
        for (const check::Reading& reading : made.checked->measures->extremes) {
            const size_t slot = size_t(reading.inscription);
            if (reading.kind != check::ReadingKind::stroke || slot >= made.lettering->inscriptions.size())
                continue;
            const int number = made.lettering->inscriptions[slot].inscription;
            const bool meant =
                operation.of.empty() || std::ranges::any_of(operation.of, [&](const std::string& id) {
                    return card::inscriptionCalled(card, id) == number;
                });
            if (!meant || number >= int(card.inscriptions.size()))
                continue;
            stroke = stroke > 0 ? std::min(stroke, reading.width) : reading.width;
            if (depth <= 0)
                depth = card.inscriptions[size_t(number)].working.depth;
        }
    toolSketch_->show(*tool, stroke, depth, card.unit);
}

void ProcessStation::refreshCutting() {
    const card::Card& card = editor_.card();
    operations_->refresh();
    const bool some = !card.operations.empty();
    if (std::exchange(opened_, some) != some && some)
        openFold(cutting_, true);
    zero_->setCurrentIndex(int(card.zero.place.at));
    dialect_->setCurrentIndex(dialect_->findData(QString::fromStdString(card.machine.dialect)));
    const cut::Machine* const known = shop_.shop()->machine(card.machine.name);
    machine_->setCurrentIndex(
        known && *known == card.machine ? machine_->findText(QString::fromStdString(card.machine.name)) : 0);
    fileATool_->setChecked(card.machine.fileATool);
    airRun_->setChecked(card.machine.airRun);
    for (QWidget* one :
         std::initializer_list<QWidget*>{zero_, dialect_, machine_, machineName_, fileATool_, airRun_})
        setRowVisible(one, some);
    refreshTool();
}

} // namespace bollard::app
