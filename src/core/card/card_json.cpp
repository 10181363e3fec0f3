#include "card/card_json.hpp"
#include "card/json_lines.hpp"
#include "plane/path_data.hpp"
#include <array>
#include <limits>
#include <nlohmann/json.hpp>
#include <optional>

namespace bollard::card {

using quantity::Problem, quantity::ProblemKind;
using Json = nlohmann::ordered_json;

namespace {

template<class T> struct Named {
    T value;
    std::string_view name;
};
template<class T> Named(T, const char*) -> Named<T>;
constexpr std::array blankKinds{Named{blank::Kind::none, "none"}, Named{blank::Kind::plate, "plate"},
                                Named{blank::Kind::disc, "disc"}};
constexpr std::array sizes{
    Named{setting::SizeBy::capital, "capital"}, Named{setting::SizeBy::xHeight, "x-height"},
    Named{setting::SizeBy::line, "line"},       Named{setting::SizeBy::width, "width"},
    Named{setting::SizeBy::height, "height"},
};
constexpr std::array aligns{Named{setting::Align::left, "left"}, Named{setting::Align::centre, "centre"},
                            Named{setting::Align::right, "right"}};
constexpr std::array anchors{
    Named{setting::Anchor::topLeft, "top-left"},
    Named{setting::Anchor::top, "top"},
    Named{setting::Anchor::topRight, "top-right"},
    Named{setting::Anchor::left, "left"},
    Named{setting::Anchor::centre, "centre"},
    Named{setting::Anchor::right, "right"},
    Named{setting::Anchor::bottomLeft, "bottom-left"},
    Named{setting::Anchor::bottom, "bottom"},
    Named{setting::Anchor::bottomRight, "bottom-right"},
};
constexpr std::array readingSides{Named{setting::ReadingSide::onPart, "part"},
                                  Named{setting::ReadingSide::impression, "impression"},
                                  Named{setting::ReadingSide::throughBack, "back"}};
constexpr std::array workings{Named{working::Kind::raised, "raised"}, Named{working::Kind::sunk, "sunk"},
                              Named{working::Kind::pierced, "pierced"},
                              Named{working::Kind::freeStanding, "free-standing"},
                              Named{working::Kind::scribed, "scribed"}};
constexpr std::array strokeEnds{Named{plane::Ends::round, "round"}, Named{plane::Ends::flat, "flat"},
                                Named{plane::Ends::square, "square"}};
constexpr std::array baselines{
    Named{setting::BaselineKind::straight, "straight"}, Named{setting::BaselineKind::arc, "arc"},
    Named{setting::BaselineKind::circle, "circle"}, Named{setting::BaselineKind::curve, "curve"},
    Named{setting::BaselineKind::edge, "edge"}};
constexpr std::array sidesOfCircle{Named{false, "outside"}, Named{true, "inside"}};
constexpr std::array topOrBottom{Named{false, "top"}, Named{true, "bottom"}};
constexpr std::array turnOrBend{Named{false, "turn"}, Named{true, "bend"}};
constexpr std::array ornaments{
    Named{setting::OrnamentKind::none, "none"}, Named{setting::OrnamentKind::frame, "frame"},
    Named{setting::OrnamentKind::bar, "bar"}, Named{setting::OrnamentKind::border, "border"},
    Named{setting::OrnamentKind::artwork, "artwork"}};
constexpr std::array frameShapes{
    Named{setting::FrameShape::rectangle, "rectangle"}, Named{setting::FrameShape::oval, "oval"},
    Named{setting::FrameShape::circle, "circle"}, Named{setting::FrameShape::outline, "outline"}};

template<class Table, class T> std::string nameIn(const Table& table, T value) {
    for (const auto& row : table)
        if (row.value == value)
            return std::string(row.name);
    return {};
}

/// A JSON object being read, with its path; the first problem met anywhere is kept.
class Fields {
  public:
    Fields(const Json& object, std::string path, std::optional<Problem>& problem)
        : object_(object), path_(std::move(path)), problem_(problem) {}

    bool has(const char* name) const { return object_.contains(name); }

    void fail(const std::string& name, const std::string& expected) const {
        if (!problem_)
            problem_ = Problem{ProblemKind::fieldWrong, pathOf(name), expected};
    }
    void missing(const std::string& name) const {
        if (!problem_)
            problem_ = Problem{ProblemKind::fieldMissing, pathOf(name)};
    }

    Fields within(const char* name) const {
        static const Json empty = Json::object();
        if (!has(name))
            return {empty, pathOf(name), problem_};
        if (!object_[name].is_object())
            fail(name, "{…}");
        return {object_[name].is_object() ? object_[name] : empty, pathOf(name), problem_};
    }
    template<class Each> void list(const char* name, Each each) const {
        if (!has(name))
            return;
        if (!object_[name].is_array())
            return fail(name, "[…]");
        for (size_t i = 0; i < object_[name].size(); ++i) {
            const std::string item = std::string(name) + "[" + std::to_string(i) + "]";
            const Json& value = object_[name][i];
            if (value.is_object())
                each(Fields(value, pathOf(item), problem_), value);
            else
                fail(item, "{…}");
        }
    }
    void text(const char* name, std::string& into) const {
        if (!has(name))
            return;
        if (object_[name].is_string())
            into = object_[name].get<std::string>();
        else
            fail(name, "\"…\"");
    }
    /// Two numbers, [x, y].
    void vector(const char* name, Range range, plane::Vector& into) const {
        if (!has(name))
            return;
        const Json& value = object_[name];
        const auto good = [&](size_t i) {
            return value[i].is_number() && range.holds(value[i].get<double>());
        };
        if (value.is_array() && value.size() == 2 && good(0) && good(1))
            into = {value[0].get<double>(), value[1].get<double>()};
        else
            fail(name, "[x, y]");
    }
    void outline(const char* name, quantity::Shared<plane::Outline>& into) const {
        std::string data;
        text(name, data);
        auto read = plane::outlineFromPathData(data);
        if (read)
            into = *std::move(read);
        else
            fail(name, "SVG path data (position " + std::to_string(read.problem().column) + ")");
    }
    void flag(const char* name, bool& into) const {
        if (!has(name))
            return;
        if (object_[name].is_boolean())
            into = object_[name].get<bool>();
        else
            fail(name, "true | false");
    }
    void number(const char* name, Range range, double& into) const {
        if (!has(name))
            return;
        const std::string expected =
            quantity::textOfNumber(range.least) + " – " + quantity::textOfNumber(range.most);
        const Json& value = object_[name];
        if (value.is_string()) {
            const auto read = quantity::lengthFromText(value.get<std::string>(), quantity::Unit::millimetre);
            if (!read || !range.holds(*read))
                return fail(name, expected);
            into = *read;
        } else if (value.is_number() && range.holds(value.get<double>())) {
            into = value.get<double>();
        } else {
            fail(name, expected);
        }
    }
    void whole(const char* name, Range range, int& into) const {
        if (!has(name))
            return;
        if (object_[name].is_number_integer() && range.holds(object_[name].get<double>()))
            into = object_[name].get<int>();
        else
            fail(name, quantity::textOfNumber(range.least) + " … " + quantity::textOfNumber(range.most));
    }
    void texts(const char* name, std::vector<std::string>& into) const {
        if (!has(name))
            return;
        if (auto read = textsIn(object_[name]))
            into = *std::move(read);
        else
            fail(name, "[\"…\", …]");
    }
    void textLists(const char* name, std::vector<std::vector<std::string>>& into) const {
        if (!has(name))
            return;
        if (!object_[name].is_array())
            return fail(name, "[[\"…\", …], …]");
        for (size_t i = 0; i < object_[name].size(); ++i) {
            auto read = textsIn(object_[name][i]);
            if (!read)
                return fail(std::string(name) + "[" + std::to_string(i) + "]", "[\"…\", …]");
            into.push_back(*std::move(read));
        }
    }
    template<class Table, class T> void choice(const char* name, const Table& table, T& into) const {
        if (!has(name))
            return;
        std::string names;
        for (const auto& row : table) {
            if (object_[name].is_string() && object_[name].get<std::string>() == row.name) {
                into = row.value;
                return;
            }
            names += (names.empty() ? "" : " | ") + std::string(row.name);
        }
        fail(name, names);
    }
    /// Numbers by name.
    template<class Number>
    void numbers(const char* name, Range range, std::map<std::string, Number>& into) const {
        const Fields inner = within(name);
        inner.eachMember([&](const std::string& member, const Json& value) {
            if (value.is_number() && range.holds(value.get<double>()))
                into[member] = value.get<Number>();
            else
                inner.fail(member,
                           quantity::textOfNumber(range.least) + " – " + quantity::textOfNumber(range.most));
        });
    }
    template<class Each> void eachMember(Each each) const {
        for (const auto& [name, value] : object_.items())
            each(name, value);
    }

  private:
    static std::optional<std::vector<std::string>> textsIn(const Json& list) {
        if (!list.is_array() || !std::ranges::all_of(list, [](const Json& item) { return item.is_string(); }))
            return std::nullopt;
        return list.get<std::vector<std::string>>();
    }
    std::string pathOf(const std::string& name) const { return path_.empty() ? name : path_ + "." + name; }

    const Json& object_;
    std::string path_;
    std::optional<Problem>& problem_;
};

blank::Blank blankFrom(const Fields& fields) {
    blank::Blank blank;
    fields.choice("kind", blankKinds, blank.kind);
    fields.number("width", ranges::blankSize, blank.width);
    fields.number("height", ranges::blankSize, blank.height);
    fields.number("corner", ranges::corner, blank.corner);
    fields.number("diameter", ranges::blankSize, blank.diameter);
    fields.number("centreHole", ranges::centreHole, blank.centreHole);
    fields.number("thickness", ranges::thickness, blank.thickness);
    fields.number("margin", ranges::margin, blank.margin);
    fields.list("holes", [&](const Fields& hole, const Json&) {
        blank::Hole& made = blank.holes.emplace_back();
        hole.number("x", ranges::position, made.x);
        hole.number("y", ranges::position, made.y);
        hole.number("diameter", ranges::holeDiameter, made.diameter);
    });
    return blank;
}

type::TypefaceChoice typefaceFrom(const Fields& fields) {
    type::TypefaceChoice choice;
    fields.text("family", choice.family);
    fields.text("style", choice.style);
    fields.text("file", choice.file);
    fields.whole("index", ranges::faceIndex, choice.index);
    fields.flag("centreline", choice.centreline);
    fields.numbers("axes", ranges::axis, choice.axes);
    if (choice.family.empty() && choice.file.empty())
        fields.missing("family");
    return choice;
}

setting::Baseline baselineFrom(const Fields& fields) {
    setting::Baseline baseline;
    fields.choice("kind", baselines, baseline.kind);
    fields.number("radius", ranges::radius, baseline.radius);
    fields.choice("reads", topOrBottom, baseline.atBottom);
    fields.choice("side", sidesOfCircle, baseline.inside);
    fields.number("offset", ranges::position, baseline.offset);
    fields.number("slide", ranges::position, baseline.slide);
    fields.choice("letters", turnOrBend, baseline.bend);
    fields.flag("closed", baseline.closed);
    fields.list("points", [&](const Fields& point, const Json&) {
        setting::CurvePoint& made = baseline.points.emplace_back();
        point.number("x", ranges::position, made.x);
        point.number("y", ranges::position, made.y);
        point.vector("before", ranges::position, made.before);
        point.vector("after", ranges::position, made.after);
        point.flag("smooth", made.smooth);
    });
    return baseline;
}

std::vector<setting::Nudge> nudgesFrom(const Fields& fields) {
    std::vector<setting::Nudge> nudges;
    fields.list("nudges", [&](const Fields& nudge, const Json&) {
        setting::Nudge& made = nudges.emplace_back();
        nudge.whole("letter", ranges::letter, made.letter);
        nudge.whole("within", ranges::letter, made.within);
        nudge.number("x", ranges::position, made.x);
        nudge.number("y", ranges::position, made.y);
        nudge.number("turn", ranges::turn, made.turn);
        nudge.number("size", ranges::scale, made.size);
        nudge.number("space", ranges::space, made.space);
    });
    return nudges;
}

/// A frame may go round an inscription told by its place or by its id.
constexpr int aroundById = -2;

setting::Ornament ornamentFrom(const Fields& fields, const Json& source) {
    setting::Ornament ornament;
    fields.choice("kind", ornaments, ornament.kind);
    fields.choice("shape", frameShapes, ornament.shape);
    fields.number("width", ranges::ornamentSize, ornament.width);
    fields.number("height", ranges::ornamentSize, ornament.height);
    fields.number("corner", ranges::corner, ornament.corner);
    fields.number("band", ranges::band, ornament.band);
    fields.number("distance", ranges::margin, ornament.distance);
    if (fields.has("around") && source["around"].is_string())
        ornament.around = aroundById;
    else
        fields.whole("around", ranges::around, ornament.around);
    fields.outline("artwork", ornament.artwork);
    fields.number("stroke", ranges::stroke, ornament.stroke);
    fields.number("scale", ranges::scale, ornament.scale);
    fields.text("source", ornament.source);
    return ornament;
}

Inscription inscriptionFrom(const Fields& fields, const Json& source) {
    Inscription inscription;
    fields.text("id", inscription.id);
    static const Json empty = Json::object();
    inscription.ornament =
        ornamentFrom(fields.within("ornament"), fields.has("ornament") ? source["ornament"] : empty);
    if (!fields.has("words") && !inscription.isOrnament())
        fields.missing("words");
    fields.text("words", inscription.words);
    if (fields.has("typeface"))
        inscription.typeface = typefaceFrom(fields.within("typeface"));
    const Fields size = fields.within("size");
    size.choice("by", sizes, inscription.style.sizeBy);
    size.number("value", ranges::size, inscription.style.size);
    fields.number("width", ranges::width, inscription.style.width);
    fields.number("slant", ranges::slant, inscription.style.slant);
    fields.number("weight", ranges::weight, inscription.style.weight);
    fields.number("letterSpace", ranges::space, inscription.style.letterSpace);
    fields.number("wordSpace", ranges::space, inscription.style.wordSpace);
    fields.number("lineSpace", ranges::space, inscription.style.lineSpace);
    fields.choice("align", aligns, inscription.style.align);
    const Fields placing = fields.within("placing");
    placing.choice("anchor", anchors, inscription.placing.anchor);
    placing.number("x", ranges::position, inscription.placing.x);
    placing.number("y", ranges::position, inscription.placing.y);
    placing.number("turn", ranges::turn, inscription.placing.turn);
    placing.choice("reads", readingSides, inscription.placing.reading);
    const Fields how = fields.within("working");
    how.choice("kind", workings, inscription.working.kind);
    how.number("height", ranges::height, inscription.working.height);
    how.number("depth", ranges::height, inscription.working.depth);
    how.number("bedding", ranges::bedding, inscription.working.bedding);
    inscription.baseline = baselineFrom(fields.within("baseline"));
    inscription.nudges = nudgesFrom(fields);
    const Fields stroke = fields.within("stroke");
    stroke.number("width", ranges::stroke, inscription.style.stroke);
    stroke.choice("ends", strokeEnds, inscription.style.ends);
    fields.flag("kerning", inscription.style.kerning);
    fields.numbers("features", ranges::feature, inscription.style.features);
    fields.text("language", inscription.language);
    fields.flag("cutsOut", inscription.cutsOut);
    fields.whole("group", ranges::group, inscription.group);
    fields.flag("hidden", inscription.hidden);
    return inscription;
}

/// "raised.strokeStop" and so on.
std::string nameOfOwn(working::Kind kind, check::Limit limit) {
    return nameIn(workings, kind) + "." + std::string(check::nameOf(limit));
}

check::FilamentProcess processFrom(const Fields& fields) {
    check::FilamentProcess process;
    int filament = 0;
    fields.choice("kind", std::array{Named{0, "filament"}}, filament);
    fields.number("nozzle", ranges::nozzle, process.nozzle);
    fields.number("layer", ranges::layer, process.layer);
    const Fields own = fields.within("limits");
    own.eachMember([&](const std::string& name, const Json&) {
        for (const auto& row : workings)
            for (int i = 0; i < check::limits; ++i)
                if (const auto limit = static_cast<check::Limit>(i); nameOfOwn(row.value, limit) == name)
                    own.number(name.c_str(), ranges::limit, process.own[{row.value, limit}]);
    });
    return process;
}

setting::Rows rowsFrom(const Fields& fields) {
    setting::Rows rows;
    fields.texts("fields", rows.fields);
    fields.textLists("values", rows.values);
    const Fields numbering = fields.within("numbering");
    numbering.text("field", rows.numbering.field);
    numbering.whole("start", ranges::numberingStart, rows.numbering.start);
    numbering.whole("step", ranges::numberingStart, rows.numbering.step);
    numbering.whole("digits", ranges::numberingDigits, rows.numbering.digits);
    return rows;
}

/// The members of a part, as they would be written: those of its chosen kind, and those of the kinds that are
/// only kept.
struct Members {
    Json own = Json::object(), others = Json::object();

    const Json* find(const std::string& name) const {
        for (const Json* some : {&own, &others})
            if (some->contains(name))
                return &(*some)[name];
        return nullptr;
    }
};

Json mergedValue(const Json& file, const Json* before, const Json& now);

/// What the file had, with what is different now: a card that was not touched is written as it was read, and
/// fields that are not known stay. `was`: the part as it was read; of a new one, what goes without saying.
Json merged(const Json& file, const Members& was, const Members& now) {
    Json result = file.is_object() ? file : Json::object();
    const auto take = [&](const Json& members, bool always) {
        for (const auto& [name, value] : members.items()) {
            const Json* const before = was.find(name);
            const bool same = before && *before == value;
            if (result.contains(name))
                result[name] = same ? result[name] : mergedValue(result[name], before, value);
            else if (always && !(same && was.own.contains(name)))
                result[name] = value;
        }
    };
    take(now.own, true);
    take(now.others, false);
    return result;
}

Json mergedValue(const Json& file, const Json* before, const Json& now) {
    if (now.is_object() && file.is_object()) {
        Json result =
            merged(file, before && before->is_object() ? Members{*before} : Members{}, Members{now});
        if (before && before->is_object()) // known, and gone: a limit, an axis
            for (const auto& [name, value] : before->items())
                if (!now.contains(name))
                    result.erase(name);
        return result;
    }
    if (!now.is_array() || !file.is_array())
        return now;
    Json result = Json::array();
    for (size_t i = 0; i < now.size(); ++i) {
        const bool was = i < file.size() && file[i].is_object() && now[i].is_object();
        const Json* const old = before && before->is_array() && i < before->size() ? &(*before)[i] : nullptr;
        result.push_back(was ? mergedValue(file[i], old, now[i]) : now[i]);
    }
    return result;
}

Members membersOf(const blank::Blank& blank) {
    Members members;
    Json& plate = blank.kind == blank::Kind::plate ? members.own : members.others;
    Json& disc = blank.kind == blank::Kind::disc ? members.own : members.others;
    Json& any = blank.kind == blank::Kind::none ? members.others : members.own;
    members.own["kind"] = nameIn(blankKinds, blank.kind);
    plate["width"] = blank.width;
    plate["height"] = blank.height;
    plate["corner"] = blank.corner;
    disc["diameter"] = blank.diameter;
    disc["centreHole"] = blank.centreHole;
    any["thickness"] = blank.thickness;
    any["margin"] = blank.margin;
    any["holes"] = Json::array();
    for (const blank::Hole& hole : blank.holes)
        any["holes"].push_back({{"x", hole.x}, {"y", hole.y}, {"diameter", hole.diameter}});
    return members;
}

Json jsonOf(const type::TypefaceChoice& choice) {
    Json object = Json::object();
    if (!choice.family.empty())
        object["family"] = choice.family;
    if (!choice.style.empty())
        object["style"] = choice.style;
    if (!choice.file.empty()) {
        object["file"] = choice.file;
        object["index"] = choice.index;
    }
    if (choice.centreline)
        object["centreline"] = true;
    if (!choice.axes.empty())
        object["axes"] = choice.axes;
    return object;
}

Members membersOf(const working::Working& working) {
    using working::Kind;
    Members members;
    const bool raised = working.kind == Kind::raised;
    members.own["kind"] = nameIn(workings, working.kind);
    (raised || working.kind == Kind::freeStanding ? members.own : members.others)["height"] = working.height;
    (working.kind == Kind::sunk || working.kind == Kind::scribed ? members.own : members.others)["depth"] =
        working.depth;
    (raised ? members.own : members.others)["bedding"] = working.bedding;
    return members;
}

Json pair(plane::Vector v) {
    return Json::array({v.x, v.y});
}

Members membersOf(const setting::Baseline& baseline) {
    using setting::BaselineKind;
    Members members;
    const auto of = [&](std::initializer_list<BaselineKind> kinds) -> Json& {
        return std::ranges::find(kinds, baseline.kind) != kinds.end() ? members.own : members.others;
    };
    members.own["kind"] = nameIn(baselines, baseline.kind);
    of({BaselineKind::arc, BaselineKind::circle})["radius"] = baseline.radius;
    of({BaselineKind::circle, BaselineKind::edge})["reads"] = nameIn(topOrBottom, baseline.atBottom);
    of({BaselineKind::circle})["side"] = nameIn(sidesOfCircle, baseline.inside);
    Json& curved = of({BaselineKind::arc, BaselineKind::circle, BaselineKind::curve, BaselineKind::edge});
    members.own["offset"] = baseline.offset;
    members.own["slide"] = baseline.slide;
    curved["letters"] = nameIn(turnOrBend, baseline.bend);
    Json& curve = of({BaselineKind::curve});
    curve["closed"] = baseline.closed;
    curve["points"] = Json::array();
    for (const setting::CurvePoint& point : baseline.points)
        curve["points"].push_back({{"x", point.x},
                                   {"y", point.y},
                                   {"before", pair(point.before)},
                                   {"after", pair(point.after)},
                                   {"smooth", point.smooth}});
    return members;
}

Json jsonOf(const std::vector<setting::Nudge>& nudges) {
    Json list = Json::array();
    for (const setting::Nudge& nudge : nudges)
        list.push_back({{"letter", nudge.letter},
                        {"within", nudge.within},
                        {"x", nudge.x},
                        {"y", nudge.y},
                        {"turn", nudge.turn},
                        {"size", nudge.size},
                        {"space", nudge.space}});
    return list;
}

Members membersOf(const setting::Ornament& ornament, const Card& card) {
    using setting::OrnamentKind;
    Members members;
    const auto of = [&](std::initializer_list<OrnamentKind> kinds) -> Json& {
        return std::ranges::find(kinds, ornament.kind) != kinds.end() ? members.own : members.others;
    };
    members.own["kind"] = nameIn(ornaments, ornament.kind);
    of({OrnamentKind::frame})["shape"] = nameIn(frameShapes, ornament.shape);
    of({OrnamentKind::frame, OrnamentKind::bar})["width"] = ornament.width;
    of({OrnamentKind::frame, OrnamentKind::bar})["height"] = ornament.height;
    of({OrnamentKind::frame, OrnamentKind::bar, OrnamentKind::border})["corner"] = ornament.corner;
    of({OrnamentKind::frame, OrnamentKind::border})["band"] = ornament.band;
    of({OrnamentKind::frame, OrnamentKind::border})["distance"] = ornament.distance;
    const bool named = ornament.around >= 0 && size_t(ornament.around) < card.inscriptions.size() &&
                       !card.inscriptions[size_t(ornament.around)].id.empty();
    of({OrnamentKind::frame})["around"] =
        named ? Json(card.inscriptions[size_t(ornament.around)].id) : Json(ornament.around);
    Json& artwork = of({OrnamentKind::artwork});
    constexpr int decimals = 5;
    artwork["artwork"] = plane::pathDataOf(*ornament.artwork, decimals);
    artwork["scale"] = ornament.scale;
    artwork["source"] = ornament.source;
    artwork["stroke"] = ornament.stroke;
    return members;
}

Members membersOf(const check::FilamentProcess& process) {
    Members members;
    members.own = {{"kind", "filament"}, {"nozzle", process.nozzle}, {"layer", process.layer}};
    members.own["limits"] = Json::object();
    for (const auto& [key, value] : process.own)
        members.own["limits"][nameOfOwn(key.first, key.second)] = value;
    return members;
}

Members membersOf(const setting::Rows& rows) {
    Members members;
    members.own["fields"] = rows.fields;
    members.own["values"] = rows.values;
    members.own["numbering"] = {{"field", rows.numbering.field},
                                {"start", rows.numbering.start},
                                {"step", rows.numbering.step},
                                {"digits", rows.numbering.digits}};
    return members;
}

const Json& memberOf(const Json& file, const char* name) {
    static const Json none = Json::object();
    return file.contains(name) ? file[name] : none;
}

Json known(const std::string& unread) {
    return unread.empty() ? Json::object() : Json::parse(unread);
}

/// A part written into its place: kept out where the file had none and it says nothing.
void put(Json& object, const Json& file, const char* name, const Members& was, const Members& now) {
    if (!file.contains(name) && was.own == now.own)
        return;
    const Members nothing;
    object[name] = merged(memberOf(file, name), file.contains(name) ? was : nothing, now);
}

/// Those of an inscription that are no parts. What a new one need not say is what it would be read as.
Members plainMembersOf(const Inscription& inscription) {
    Members members;
    Json& own = members.own;
    (inscription.isOrnament() && inscription.words.empty() ? members.others : own)["words"] =
        inscription.words;
    own["typeface"] = jsonOf(inscription.typeface);
    const setting::TextStyle& style = inscription.style;
    own["size"] = {{"by", nameIn(sizes, style.sizeBy)}, {"value", style.size}};
    own["width"] = style.width;
    own["slant"] = style.slant;
    own["weight"] = style.weight;
    own["letterSpace"] = style.letterSpace;
    own["wordSpace"] = style.wordSpace;
    own["lineSpace"] = style.lineSpace;
    own["align"] = nameIn(aligns, style.align);
    const setting::Placing& placing = inscription.placing;
    own["placing"] = {{"anchor", nameIn(anchors, placing.anchor)},
                      {"x", placing.x},
                      {"y", placing.y},
                      {"turn", placing.turn},
                      {"reads", nameIn(readingSides, placing.reading)}};
    own["nudges"] = jsonOf(inscription.nudges);
    own["stroke"] = {{"width", style.stroke}, {"ends", nameIn(strokeEnds, style.ends)}};
    own["kerning"] = style.kerning;
    own["features"] = style.features;
    own["language"] = inscription.language;
    own["cutsOut"] = inscription.cutsOut;
    own["group"] = inscription.group;
    own["hidden"] = inscription.hidden;
    own["id"] = inscription.id;
    return members;
}

/// The fields that a new inscription is written without where they are as usual.
Members quietMembers() {
    Members members = plainMembersOf({});
    for (const char* told : {"words", "typeface", "size", "width", "slant", "weight", "letterSpace",
                             "wordSpace", "lineSpace", "align", "placing", "stroke"})
        members.own.erase(told);
    return members;
}

Inscription inscriptionFrom(const Fields& fields, const Json& source);

Json jsonOfInscription(const Inscription& inscription, const Card& card) {
    const Json file = known(*inscription.unread);
    Inscription was;
    const bool isNew = inscription.unread->empty();
    if (!isNew) {
        std::optional<Problem> ignored;
        was = inscriptionFrom(Fields(file, {}, ignored), file);
        if (was.ornament.around == aroundById)
            for (size_t i = 0; i < card.inscriptions.size(); ++i)
                if (card.inscriptions[i].id == file["ornament"]["around"])
                    was.ornament.around = int(i);
    }
    Json object = merged(file, isNew ? quietMembers() : plainMembersOf(was), plainMembersOf(inscription));
    put(object, file, "ornament", membersOf(was.ornament, card), membersOf(inscription.ornament, card));
    put(object, file, "baseline", membersOf(was.baseline), membersOf(inscription.baseline));
    if (isNew)
        object["working"] = membersOf(inscription.working).own;
    else
        put(object, file, "working", membersOf(was.working), membersOf(inscription.working));
    return object;
}

Json jsonOf(const std::vector<Accepted>& accepted) {
    Json list = Json::array();
    for (const Accepted& one : accepted)
        list.push_back({{"id", one.finding}, {"reason", one.reason}, {"measured", one.measured}});
    return list;
}

/// Braces and brackets within each other beyond this are no card; it also bounds what recursion costs.
constexpr int deepestNesting = 64;

int nestingOf(std::string_view text) {
    int depth = 0, deepest = 0;
    bool inText = false;
    for (size_t i = 0; i < text.size() && deepest <= deepestNesting; ++i) {
        const char c = text[i];
        if (inText) {
            i += c == '\\' ? 1 : 0;
            inText = c != '"';
        } else if (c == '"') {
            inText = true;
        } else if (c == '{' || c == '[') {
            deepest = std::max(deepest, ++depth);
        } else if (c == '}' || c == ']') {
            --depth;
        }
    }
    return deepest;
}

/// Everything of a card but its inscriptions.
Card headFrom(const Fields& fields) {
    Card card;
    std::string unit(quantity::symbolOf(card.unit));
    fields.text("unit", unit);
    if (const auto named = quantity::unitNamed(unit))
        card.unit = *named;
    else
        fields.fail("unit", "mm | cm | m | in | ft | pt");
    card.blank = blankFrom(fields.within("blank"));
    card.process = processFrom(fields.within("process"));
    card.rows = rowsFrom(fields.within("rows"));
    fields.list("accepted", [&](const Fields& one, const Json&) {
        Accepted& made = card.accepted.emplace_back();
        one.text("id", made.finding);
        one.text("reason", made.reason);
        one.number("measured", {std::numeric_limits<double>::lowest(), std::numeric_limits<double>::max()},
                   made.measured);
    });
    return card;
}

/// Frames that name what they go round find it.
void resolveAround(Card& card, const Json& root, const Fields& fields) {
    for (size_t i = 0; i < card.inscriptions.size(); ++i) {
        int& around = card.inscriptions[i].ornament.around;
        if (around != aroundById)
            continue;
        const Json& wanted = root["inscriptions"][i]["ornament"]["around"];
        around = -1;
        for (size_t k = 0; k < card.inscriptions.size(); ++k)
            if (idOf(card, int(k)) == wanted.get<std::string>())
                around = int(k);
        if (around < 0)
            fields.fail("inscriptions[" + std::to_string(i) + "].ornament.around",
                        "the id of an inscription");
    }
}

} // namespace

quantity::Result<Card> cardFromJson(const std::string& text) {
    if (nestingOf(text) > deepestNesting)
        return Problem{ProblemKind::jsonBroken, {}, "lists and objects within each other without end", 1, 1};
    Json root;
    try {
        root = Json::parse(text);
    } catch (const Json::parse_error& error) {
        const size_t position = error.byte > 0 ? error.byte - 1 : 0;
        const size_t lineStart = text.rfind('\n', position == 0 ? 0 : position - 1);
        const size_t column = position - (lineStart == std::string::npos ? 0 : lineStart + 1) + 1;
        const std::string_view what = error.what();
        return Problem{ProblemKind::jsonBroken,
                       {},
                       std::string(what.substr(what.rfind(": ") + 2)),
                       lineOfByte(text, position),
                       int(column)};
    } catch (const Json::exception& error) { // a number beyond all range
        const std::string_view what = error.what();
        return Problem{ProblemKind::jsonBroken, {}, std::string(what.substr(what.find("] ") + 2)), 1, 1};
    }
    if (!root.is_object() || !root.contains("bollard"))
        return Problem{ProblemKind::fieldMissing, "bollard", {}, 1};
    const Json& version = root["bollard"];
    if (!version.is_number_integer())
        return Problem{ProblemKind::fieldWrong, "bollard", "1", lineOfField(text, "bollard")};
    const bool tooNew = version.is_number_unsigned() && version.get<std::uint64_t>() > formatVersion;
    if (tooNew || version.get<std::int64_t>() < 1)
        return Problem{tooNew ? ProblemKind::cardTooNew : ProblemKind::cardVersionWrong,
                       {},
                       version.dump(),
                       lineOfField(text, "bollard")};

    std::optional<Problem> problem;
    const Fields fields(root, {}, problem);
    Card card = headFrom(fields);
    fields.list("inscriptions", [&](const Fields& inscription, const Json& source) {
        card.inscriptions.push_back(inscriptionFrom(inscription, source));
        card.inscriptions.back().unread = source.dump();
    });
    if (!problem)
        resolveAround(card, root, fields);
    if (problem) {
        problem->line = lineOfField(text, problem->subject);
        return *problem;
    }
    root.erase("inscriptions");
    card.unread = root.dump();
    return card;
}

std::string jsonOf(const Card& card) {
    const Json file = known(*card.unread);
    const bool isNew = card.unread->empty();
    std::optional<Problem> ignored;
    const Card was = headFrom(Fields(file, {}, ignored));
    Json root = Json::object();
    root["bollard"] = formatVersion;
    if (isNew || file.contains("unit") || card.unit != was.unit)
        root["unit"] = quantity::symbolOf(card.unit);
    if (isNew)
        root["blank"] = membersOf(card.blank).own;
    else
        put(root, file, "blank", membersOf(was.blank), membersOf(card.blank));
    root["inscriptions"] = Json::array();
    for (const Inscription& inscription : card.inscriptions)
        root["inscriptions"].push_back(jsonOfInscription(inscription, card));
    if (isNew) {
        root["process"] = membersOf(card.process).own;
        if (card.process.own.empty())
            root["process"].erase("limits");
    } else {
        put(root, file, "process", membersOf(was.process), membersOf(card.process));
    }
    put(root, file, "rows", membersOf(*was.rows), membersOf(*card.rows));
    if (file.contains("accepted") || !card.accepted.empty())
        root["accepted"] = card.accepted == was.accepted ? file["accepted"] : jsonOf(card.accepted);
    for (const auto& [name, value] : file.items())
        if (!root.contains(name))
            root[name] = value;
    return root.dump(2, ' ', false, Json::error_handler_t::replace) + "\n"; // file names may be of any bytes
}

} // namespace bollard::card
