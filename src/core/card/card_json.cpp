#include "card/card_json.hpp"
#include "card/json_lines.hpp"
#include "plane/path_data.hpp"
#include <array>
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
    void outline(const char* name, plane::Outline& into) const {
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

setting::Ornament ornamentFrom(const Fields& fields) {
    setting::Ornament ornament;
    fields.choice("kind", ornaments, ornament.kind);
    fields.choice("shape", frameShapes, ornament.shape);
    fields.number("width", ranges::ornamentSize, ornament.width);
    fields.number("height", ranges::ornamentSize, ornament.height);
    fields.number("corner", ranges::corner, ornament.corner);
    fields.number("band", ranges::band, ornament.band);
    fields.number("distance", ranges::margin, ornament.distance);
    fields.whole("around", ranges::around, ornament.around);
    fields.outline("artwork", ornament.artwork);
    fields.number("stroke", ranges::stroke, ornament.stroke);
    fields.number("scale", ranges::scale, ornament.scale);
    fields.text("source", ornament.source);
    return ornament;
}

Inscription inscriptionFrom(const Fields& fields, const Json& source) {
    Inscription inscription;
    inscription.unread = source.dump();
    inscription.ornament = ornamentFrom(fields.within("ornament"));
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

Json known(const std::string& unread) {
    return unread.empty() ? Json::object() : Json::parse(unread);
}

void write(Json& object, const blank::Blank& blank) {
    object["kind"] = nameIn(blankKinds, blank.kind);
    if (blank.kind == blank::Kind::plate || object.contains("width")) {
        object["width"] = blank.width;
        object["height"] = blank.height;
        object["corner"] = blank.corner;
    }
    if (blank.kind == blank::Kind::disc || object.contains("diameter")) {
        object["diameter"] = blank.diameter;
        object["centreHole"] = blank.centreHole;
    }
    object["thickness"] = blank.thickness;
    object["margin"] = blank.margin;
    Json holes = Json::array();
    for (size_t i = 0; i < blank.holes.size(); ++i) {
        const bool was = object.contains("holes") && i < object["holes"].size();
        Json hole = was ? object["holes"][i] : Json::object();
        hole["x"] = blank.holes[i].x;
        hole["y"] = blank.holes[i].y;
        hole["diameter"] = blank.holes[i].diameter;
        holes.push_back(std::move(hole));
    }
    object["holes"] = std::move(holes);
}

void write(Json& object, const type::TypefaceChoice& choice) {
    const auto put = [&](const char* name, const auto& value, bool wanted) {
        if (wanted)
            object[name] = value;
        else
            object.erase(name);
    };
    put("family", choice.family, !choice.family.empty());
    put("style", choice.style, !choice.style.empty());
    put("file", choice.file, !choice.file.empty());
    put("index", choice.index, !choice.file.empty());
    put("centreline", true, choice.centreline);
    put("axes", choice.axes, !choice.axes.empty());
}

/// Fields of other workings are written where they differ from the defaults, so that nothing is lost.
void write(Json& object, const working::Working& working) {
    const working::Working plain;
    const bool raised = working.kind == working::Kind::raised;
    object["kind"] = nameIn(workings, working.kind);
    if (raised || working.kind == working::Kind::freeStanding || working.height != plain.height)
        object["height"] = working.height;
    if (working.kind == working::Kind::sunk || working.kind == working::Kind::scribed ||
        working.depth != plain.depth || object.contains("depth"))
        object["depth"] = working.depth;
    if (raised || working.bedding != plain.bedding || object.contains("bedding"))
        object["bedding"] = working.bedding;
    if (object.contains("height"))
        object["height"] = working.height;
}

Json pair(plane::Vector v) {
    return Json::array({v.x, v.y});
}

void write(Json& object, const setting::Baseline& baseline) {
    object["kind"] = nameIn(baselines, baseline.kind);
    object["radius"] = baseline.radius;
    object["reads"] = nameIn(topOrBottom, baseline.atBottom);
    object["side"] = nameIn(sidesOfCircle, baseline.inside);
    object["offset"] = baseline.offset;
    object["slide"] = baseline.slide;
    object["letters"] = nameIn(turnOrBend, baseline.bend);
    if (baseline.points.empty() && !object.contains("points"))
        return;
    object["closed"] = baseline.closed;
    Json points = Json::array();
    for (const setting::CurvePoint& point : baseline.points)
        points.push_back({{"x", point.x},
                          {"y", point.y},
                          {"before", pair(point.before)},
                          {"after", pair(point.after)},
                          {"smooth", point.smooth}});
    object["points"] = std::move(points);
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

void write(Json& object, const setting::Ornament& ornament) {
    object["kind"] = nameIn(ornaments, ornament.kind);
    object["shape"] = nameIn(frameShapes, ornament.shape);
    object["width"] = ornament.width;
    object["height"] = ornament.height;
    object["corner"] = ornament.corner;
    object["band"] = ornament.band;
    object["distance"] = ornament.distance;
    object["around"] = ornament.around;
    if (ornament.artwork.contours.empty())
        return;
    constexpr int decimals = 5;
    object["artwork"] = plane::pathDataOf(ornament.artwork, decimals);
    object["stroke"] = ornament.stroke;
    object["scale"] = ornament.scale;
    object["source"] = ornament.source;
}

/// Writes a part where it says something, or where the card had it before.
template<class Part>
void writeUnlessPlain(Json& object, const char* name, const Part& part, const Part& plain) {
    if (part != plain || object.contains(name))
        write(object[name], part);
}

Json jsonOfInscription(const Inscription& inscription) {
    Json object = known(inscription.unread);
    if (!inscription.isOrnament() || !inscription.words.empty())
        object["words"] = inscription.words;
    writeUnlessPlain(object, "ornament", inscription.ornament, setting::Ornament{});
    write(object["typeface"], inscription.typeface);
    object["size"]["by"] = nameIn(sizes, inscription.style.sizeBy);
    object["size"]["value"] = inscription.style.size;
    object["width"] = inscription.style.width;
    object["slant"] = inscription.style.slant;
    object["weight"] = inscription.style.weight;
    object["letterSpace"] = inscription.style.letterSpace;
    object["wordSpace"] = inscription.style.wordSpace;
    object["lineSpace"] = inscription.style.lineSpace;
    object["align"] = nameIn(aligns, inscription.style.align);
    Json& placing = object["placing"];
    placing["anchor"] = nameIn(anchors, inscription.placing.anchor);
    placing["x"] = inscription.placing.x;
    placing["y"] = inscription.placing.y;
    placing["turn"] = inscription.placing.turn;
    placing["reads"] = nameIn(readingSides, inscription.placing.reading);
    writeUnlessPlain(object, "baseline", inscription.baseline, setting::Baseline{});
    if (!inscription.nudges.empty() || object.contains("nudges"))
        object["nudges"] = jsonOf(inscription.nudges);
    object["stroke"]["width"] = inscription.style.stroke;
    object["stroke"]["ends"] = nameIn(strokeEnds, inscription.style.ends);
    write(object["working"], inscription.working);
    const auto put = [&](const char* name, const auto& value, bool wanted) {
        if (wanted)
            object[name] = value;
        else
            object.erase(name);
    };
    put("kerning", false, !inscription.style.kerning);
    put("features", inscription.style.features, !inscription.style.features.empty());
    put("language", inscription.language, !inscription.language.empty());
    put("cutsOut", true, inscription.cutsOut);
    put("group", inscription.group, inscription.group > 0);
    put("hidden", true, inscription.hidden);
    return object;
}

void write(Json& object, const setting::Rows& rows) {
    object["fields"] = rows.fields;
    object["values"] = rows.values;
    Json& numbering = object["numbering"];
    numbering["field"] = rows.numbering.field;
    numbering["start"] = rows.numbering.start;
    numbering["step"] = rows.numbering.step;
    numbering["digits"] = rows.numbering.digits;
}

void write(Json& object, const check::FilamentProcess& process) {
    object["kind"] = "filament";
    object["nozzle"] = process.nozzle;
    object["layer"] = process.layer;
    Json own = object.value("limits", Json::object());
    for (const auto& row : workings)
        for (int i = 0; i < check::limits; ++i)
            own.erase(nameOfOwn(row.value, static_cast<check::Limit>(i)));
    for (const auto& [key, value] : process.own)
        own[nameOfOwn(key.first, key.second)] = value;
    if (own.empty())
        object.erase("limits");
    else
        object["limits"] = std::move(own);
}

} // namespace

quantity::Result<Card> cardFromJson(const std::string& text) {
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
    }
    if (!root.is_object() || !root.contains("bollard"))
        return Problem{ProblemKind::fieldMissing, "bollard", {}, 1};
    if (!root["bollard"].is_number_integer())
        return Problem{ProblemKind::fieldWrong, "bollard", "1", lineOfField(text, "bollard")};
    if (root["bollard"].get<int>() > formatVersion)
        return Problem{ProblemKind::cardTooNew, {}, root["bollard"].dump(), lineOfField(text, "bollard")};

    std::optional<Problem> problem;
    const Fields fields(root, {}, problem);
    Card card;
    std::string unit(quantity::symbolOf(card.unit));
    fields.text("unit", unit);
    if (const auto named = quantity::unitNamed(unit))
        card.unit = *named;
    else
        fields.fail("unit", "mm | cm | m | in | ft | pt");
    card.blank = blankFrom(fields.within("blank"));
    fields.list("inscriptions", [&](const Fields& inscription, const Json& source) {
        card.inscriptions.push_back(inscriptionFrom(inscription, source));
    });
    card.process = processFrom(fields.within("process"));
    card.rows = rowsFrom(fields.within("rows"));
    if (problem) {
        problem->line = lineOfField(text, problem->subject);
        return *problem;
    }
    root.erase("inscriptions");
    card.unread = root.dump();
    return card;
}

std::string jsonOf(const Card& card) {
    const Json old = known(card.unread);
    Json root = Json::object();
    root["bollard"] = formatVersion;
    root["unit"] = quantity::symbolOf(card.unit);
    root["blank"] = old.value("blank", Json::object());
    write(root["blank"], card.blank);
    Json list = Json::array();
    for (const Inscription& inscription : card.inscriptions)
        list.push_back(jsonOfInscription(inscription));
    root["inscriptions"] = std::move(list);
    root["process"] = old.value("process", Json::object());
    write(root["process"], card.process);
    if (card.rows != setting::Rows{} || old.contains("rows")) {
        root["rows"] = old.value("rows", Json::object());
        write(root["rows"], card.rows);
    }
    for (const auto& [name, value] : old.items())
        if (!root.contains(name))
            root[name] = value;
    return root.dump(2, ' ', false, Json::error_handler_t::replace) + "\n"; // file names may be of any bytes
}

} // namespace bollard::card
