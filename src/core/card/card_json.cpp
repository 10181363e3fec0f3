#include "card/card_json.hpp"
#include "card/card_fields.hpp"
#include "card/json_lines.hpp"
#include "quantity/field.hpp"
#include "quantity/kept.hpp"
#include "quantity/read_whole.hpp"
#include "setting/fields.hpp"
#include <array>
#include <charconv>
#include <cmath>
#include <filesystem>
#include <functional>
#include <nlohmann/json.hpp>
#include <optional>
#include <set>

namespace bollard::card {

using quantity::Field, quantity::PartFields, quantity::Problem, quantity::ProblemKind;
namespace held = quantity::held;
using Json = nlohmann::ordered_json;

namespace {

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
    /// False, and told, where there are more than there can be.
    bool mayHold(const std::string& name, size_t count, size_t most) const {
        if (count > most && !problem_)
            problem_ = Problem{ProblemKind::tooMany, pathOf(name),
                               std::to_string(count) + " > " + std::to_string(most)};
        return count <= most;
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
    template<class Each> void list(const char* name, size_t most, Each each) const {
        if (!has(name))
            return;
        if (!object_[name].is_array())
            return fail(name, "[…]");
        if (!mayHold(name, object_[name].size(), most))
            return;
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
    /// The same for what a person writes, which has its length.
    void words(const char* name, std::string& into) const {
        if (!isText(name) ||
            mayHold(name, object_[name].get_ref<const std::string&>().size(), held::longestText))
            text(name, into);
    }
    /// Two numbers, [x, y], or three.
    void pair(const char* name, Range range, const std::vector<double*>& into) const {
        if (!has(name))
            return;
        const Json& value = object_[name];
        const auto good = [&](size_t i) {
            return value[i].is_number() && range.holds(value[i].get<double>());
        };
        bool all = value.is_array() && value.size() == into.size();
        for (size_t i = 0; i < into.size() && all; ++i)
            all = good(i);
        if (!all)
            return fail(name, into.size() == 2 ? "[x, y]" : "[x, y, z]");
        for (size_t i = 0; i < into.size(); ++i)
            *into[i] = value[i].get<double>();
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
        if (!mayHold(name, object_[name].size(), held::mostRows))
            return;
        for (size_t i = 0; i < object_[name].size(); ++i) {
            auto read = textsIn(object_[name][i]);
            if (!read)
                return fail(std::string(name) + "[" + std::to_string(i) + "]", "[\"…\", …]");
            into.push_back(*std::move(read));
        }
    }
    void patches(const char* name, std::map<int, std::string>& into) const {
        if (!has(name))
            return;
        const char* const wanted = "{\"3\": [{\"op\", \"path\", …}, …], …}";
        if (!object_[name].is_object())
            return fail(name, wanted);
        for (const auto& [key, changes] : object_[name].items()) {
            int row = 0;
            const auto [end, wrong] = std::from_chars(key.data(), key.data() + key.size(), row);
            const bool fine =
                wrong == std::errc() && end == key.data() + key.size() && row >= 1 && changes.is_array() &&
                std::ranges::all_of(changes, [](const auto& change) {
                    return change.is_object() && change.contains("op") && change.contains("path");
                });
            if (!fine)
                return fail(std::string(name) + "." + key, wanted);
            into[row - 1] = changes.dump();
        }
    }
    /// The place in the names of the one that is there.
    std::optional<size_t> choice(const char* name, const std::vector<std::string_view>& names) const {
        if (!has(name))
            return std::nullopt;
        std::string all;
        for (size_t i = 0; i < names.size(); ++i) {
            if (object_[name].is_string() && object_[name].get<std::string>() == names[i])
                return i;
            all += (all.empty() ? "" : " | ") + std::string(names[i]);
        }
        fail(name, all);
        return std::nullopt;
    }
    /// Ids, or places from 0.
    void references(const char* name, std::vector<std::string>& into) const {
        if (!has(name))
            return;
        into.clear();
        const auto isOne = [](const Json& item) {
            return item.is_string() || (item.is_number_integer() && item.get<std::int64_t>() >= 0 &&
                                        item.get<std::int64_t>() <= 100000);
        };
        if (!object_[name].is_array() || !std::ranges::all_of(object_[name], isOne))
            return fail(name, "[0, \"…\", …]");
        for (const Json& item : object_[name])
            into.push_back(item.is_string() ? item.get<std::string>() : idAtPlace(item.get<int>()));
    }
    bool isText(const char* name) const { return has(name) && object_[name].is_string(); }
    bool isNumber(const char* name) const { return has(name) && object_[name].is_number(); }
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

/// Reads a part by its fields; those that are not there stay as they are.
class PartReader {
  public:
    PartReader(const Fields& json, void* part) : json_(json), part_(part) {}

    /// Without those named like one of `others`.
    void read(const PartFields& fields, const PartFields* others = nullptr) {
        for (const Field& field : fields.fields) {
            if (others && others->find(field.name))
                continue;
            field_ = &field;
            std::visit(*this, field.holds);
        }
        for (const Field& field : fields.fields)
            if (field.needed && field.needed(part_) && !json_.has(field.name.data()))
                json_.missing(std::string(field.name));
    }

    void operator()(const held::Number& number) const {
        json_.number(name(), field_->range, number.at(part_));
    }
    void operator()(const held::Whole& whole) const { json_.whole(name(), field_->range, whole.at(part_)); }
    void operator()(const held::Flag& flag) const { json_.flag(name(), flag.at(part_)); }
    void operator()(const held::Text& text) const { json_.words(name(), text.at(part_)); }
    void operator()(const held::Choice& choice) const {
        if (const auto place = json_.choice(name(), choice.names))
            choice.set(part_, *place);
    }
    void operator()(const held::Pair& pair) const { json_.pair(name(), field_->range, pair.at(part_)); }
    void operator()(const held::Numbers& numbers) const {
        auto values = numbers.get(part_);
        const Fields inner = json_.within(name());
        inner.eachMember([&](const std::string& member, const Json&) {
            if (!numbers.knows || numbers.knows(member))
                inner.number(member.c_str(), field_->range, values[member]);
        });
        numbers.set(part_, values);
    }
    void operator()(const held::Coded& coded) const {
        std::string text;
        json_.text(name(), text);
        if (!json_.isText(name()))
            return;
        const std::string wrong = coded.read(part_, text);
        if (size_t count = 0, most = 0; std::sscanf(wrong.c_str(), "%zu > %zu", &count, &most) == 2)
            json_.mayHold(name(), count, most);
        else if (!wrong.empty())
            json_.fail(name(), wrong);
    }
    void operator()(const held::Texts& texts) const { json_.texts(name(), texts.at(part_)); }
    void operator()(const held::TextRows& rows) const { json_.textLists(name(), rows.at(part_)); }
    void operator()(const held::Patches& patches) const { json_.patches(name(), patches.at(part_)); }
    void operator()(const held::Reference& reference) const {
        if (json_.isText(name()))
            return json_.text(name(), reference.at(part_));
        int place = reference.at(part_).empty() ? -1 : 0;
        json_.whole(name(), {-1, 100000}, place);
        reference.at(part_) = place < 0 ? std::string() : idAtPlace(place);
    }
    void operator()(const held::References& references) const {
        json_.references(name(), references.at(part_));
    }
    void operator()(const held::Part& inner) const {
        if (json_.has(name())) {
            if (inner.empty)
                inner.empty(part_);
            if (std::string text; inner.fromText && json_.isText(name())) {
                json_.text(name(), text);
                if (!inner.fromText(part_, text))
                    json_.fail(name(), std::string(field_->asks.empty() ? "{…}" : field_->asks));
                return;
            }
            if (double number = 0; inner.fromNumber && json_.isNumber(name())) {
                json_.number(name(), field_->range, number);
                return inner.fromNumber(part_, number);
            }
            PartReader(json_.within(name()), inner.at(part_)).read(inner.fields());
        }
    }
    void operator()(const held::Parts& list) const {
        if (!json_.has(name()))
            return;
        list.resize(part_, 0);
        json_.list(name(), list.most, [&](const Fields& one, const Json&) {
            const size_t i = list.count(part_);
            list.resize(part_, i + 1);
            PartReader(one, list.at(part_, i)).read(list.fields());
        });
    }
    void operator()(const held::Kinds& kinds) const {
        std::vector<std::string_view> names;
        for (const held::Kinds::Kind& kind : kinds.kinds)
            names.push_back(kind.name);
        if (const auto place = json_.choice(name(), names))
            kinds.set(part_, *place);
        // What the chosen one has is its own; what it has not was kept of the others.
        const size_t chosen = kinds.get(part_);
        const PartFields& own = kinds.kinds[chosen].fields();
        for (size_t i = 0; i < kinds.kinds.size(); ++i)
            PartReader(json_, kinds.kinds[i].at(part_))
                .read(kinds.kinds[i].fields(), i == chosen ? nullptr : &own);
    }

  private:
    const char* name() const { return field_->name.data(); } // literals end in 0
    const Fields json_;
    void* const part_;
    const Field* field_ = nullptr;
};

template<class Part> void readInto(Part& part, const Fields& json) {
    PartReader(json, &part).read(quantity::fieldsOf<Part>());
}

/// The members of a part, as they would be written: those of its chosen kind, and those of the kinds that are
/// only kept. Parts within it are members with members of their own.
struct Members {
    Json own = Json::object(), others = Json::object();
    std::map<std::string, Members> within{};
    std::set<std::string> unsaid{}; ///< as usual, of the quiet ones and those that are only kept

    const Json* find(const std::string& name) const {
        for (const Json* some : {&own, &others})
            if (some->contains(name))
                return &(*some)[name];
        return nullptr;
    }
    /// As a value where nothing is known of it.
    Json whole() const {
        Json all = own;
        for (const auto& [name, inner] : within)
            if (all.contains(name))
                all[name] = inner.whole();
        for (const std::string& name : unsaid)
            all.erase(name);
        return all;
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
            const auto inner = now.within.find(name), innerWas = was.within.find(name);
            const bool parts = inner != now.within.end() && innerWas != was.within.end();
            const bool same = parts ? inner->second.own == innerWas->second.own : before && *before == value;
            if (!always && !same && result.contains(name) && now.unsaid.contains(name))
                result.erase(name); // it goes without saying, and no longer matters
            else if (result.contains(name) && inner != now.within.end() && !result[name].is_object())
                result[name] = same ? result[name] : inner->second.whole();
            else if (result.contains(name) && inner != now.within.end())
                result[name] = merged(result[name], parts ? innerWas->second : Members{}, inner->second);
            else if (result.contains(name))
                result[name] = same ? result[name] : mergedValue(result[name], before, value);
            else if (always && !(same && was.own.contains(name)))
                result[name] = inner != now.within.end() ? inner->second.whole() : value;
        }
    };
    take(now.own, true);
    take(now.others, false);
    return result;
}

Json mergedValue(const Json& file, const Json* before, const Json& now) {
    if (now.is_object() && file.is_object()) {
        Json result = merged(file, before && before->is_object() ? Members{*before, {}, {}} : Members{},
                             Members{now, {}, {}});
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

/// A part as members. Nothing of it is changed, though its fields reach it by an address that could.
class PartWriter {
  public:
    explicit PartWriter(const void* part) : part_(const_cast<void*>(part)) {}

    Members members(const PartFields& fields) {
        writeAll(fields);
        if (std::ranges::none_of(fields.fields, [](const Field& f) { return f.quiet || f.matters; }))
            return std::move(made_);
        const auto usual = usualOf(fields);
        for (const Field& field : fields.fields) {
            const Json *const now = made_.find(std::string(field.name)), *const was = usual->find(
                                                                             std::string(field.name));
            const bool kept = field.matters && !field.matters(part_);
            if ((field.quiet || kept) && now && was && *now == *was)
                made_.unsaid.emplace(field.name);
        }
        return std::move(made_);
    }

    void operator()(const held::Number& number) { put(number.at(part_)); }
    void operator()(const held::Whole& whole) { put(whole.at(part_)); }
    void operator()(const held::Flag& flag) { put(flag.at(part_)); }
    void operator()(const held::Text& text) { put(text.at(part_)); }
    void operator()(const held::Choice& choice) { put(choice.names[choice.get(part_)]); }
    void operator()(const held::Pair& pair) {
        const auto numbers = pair.at(part_);
        Json all = Json::array();
        for (const double* number : numbers)
            all.push_back(*number);
        put(std::move(all));
    }
    void operator()(const held::Numbers& numbers) {
        Json object = Json::object();
        for (const auto& [name, value] : numbers.get(part_))
            if (field_->dimension == quantity::Dimension::count && value == std::floor(value))
                object[name] = static_cast<std::int64_t>(value);
            else
                object[name] = value;
        put(std::move(object));
    }
    void operator()(const held::Coded& coded) { put(coded.write(part_)); }
    void operator()(const held::Texts& texts) { put(texts.at(part_)); }
    void operator()(const held::TextRows& rows) { put(rows.at(part_)); }
    void operator()(const held::Patches& patches) {
        Json object = Json::object();
        for (const auto& [row, changes] : patches.at(part_))
            object[std::to_string(row + 1)] = Json::parse(changes, nullptr, false);
        put(std::move(object));
    }
    void operator()(const held::Reference& reference) {
        put(reference.at(part_).empty() ? Json(-1) : Json(reference.at(part_)));
    }
    void operator()(const held::References& references) { put(references.at(part_)); }
    void operator()(const held::Part& inner) {
        if (const std::string text = inner.toText ? inner.toText(part_) : std::string(); !text.empty())
            return put(text);
        Members members = PartWriter(inner.at(part_)).members(inner.fields());
        put(members.own);
        made_.within[std::string(field_->name)] = std::move(members);
    }
    void operator()(const held::Parts& list) {
        Json all = Json::array();
        for (size_t i = 0; i < list.count(part_); ++i)
            all.push_back(PartWriter(list.at(part_, i)).members(list.fields()).whole());
        put(std::move(all));
    }
    void operator()(const held::Kinds& kinds) {
        const size_t chosen = kinds.get(part_);
        put(kinds.kinds[chosen].name);
        for (size_t i = 0; i < kinds.kinds.size(); ++i) {
            const Members members = PartWriter(kinds.kinds[i].at(part_)).members(kinds.kinds[i].fields());
            for (const auto& [name, value] : members.own.items())
                if (i == chosen)
                    made_.own[name] = value;
                else if (!kinds.kinds[chosen].fields().find(name))
                    made_.others[name] = value;
        }
    }

  private:
    /// A part as it starts; the same for all of its kind, so it is made once.
    static std::shared_ptr<const Members> usualOf(const PartFields& fields) {
        constexpr size_t kindsOfParts = 64;
        static quantity::Kept<const PartFields*, std::shared_ptr<const Members>> known(kindsOfParts);
        return known.of(&fields, [&] {
            const auto part = fields.fresh();
            PartWriter writer(part.get());
            writer.writeAll(fields);
            return std::make_shared<const Members>(std::move(writer.made_));
        });
    }
    void writeAll(const PartFields& fields) {
        for (const Field& field : fields.fields) {
            field_ = &field;
            std::visit(*this, field.holds);
        }
    }
    void put(Json value) {
        const bool own = !field_->matters || field_->matters(part_);
        (own ? made_.own : made_.others)[std::string(field_->name)] = std::move(value);
    }
    void* const part_;
    const Field* field_ = nullptr;
    Members made_;
};

template<class Part> Members membersOf(const Part& part) {
    return PartWriter(&part).members(quantity::fieldsOf<Part>());
}

Json known(const std::string& unread) {
    return unread.empty() ? Json::object() : Json::parse(unread);
}

/// As it was read, changed where it is different now; of a new one, without what is as usual and quiet.
template<class Part> Json written(const Part& now, const Part& was, const Json& file, bool isNew) {
    const Members members = membersOf(now);
    return isNew ? members.whole() : merged(file, membersOf(was), members);
}

/// What is at a place; one that is not there is called as it would be.
std::string idAt(std::int64_t place, const std::vector<std::string>& ids) {
    if (place < 0)
        return {};
    return size_t(place) < ids.size() ? ids[size_t(place)] : idAtPlace(int(place));
}

Json jsonOfInscription(const Inscription& inscription, const std::vector<std::string>& ids) {
    const Json file = known(*inscription.unread);
    Inscription was;
    std::optional<Problem> ignored;
    readInto(was, Fields(file, {}, ignored));
    // A place that was read stays as long as it is still that of what is meant.
    if (file.contains("ornament") && file["ornament"].value("around", Json()).is_number_integer())
        was.ornament.around = idAt(file["ornament"]["around"].get<std::int64_t>(), ids);
    return written(inscription, was, file, inscription.unread->empty());
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
    readInto(card, fields);
    setting::Rows rows;
    readInto(rows, fields.within("rows"));
    card.rows = std::move(rows);
    return card;
}

/// Whether it is what something without an id of its own is called: it may be gone.
bool isPlace(const std::string& id) {
    return id.size() > 1 && id[0] == 'i' &&
           std::all_of(id.begin() + 1, id.end(), [](char c) { return c >= '0' && c <= '9'; });
}

/// What frames go round is called by its id, which must be there; places are ids too.
void resolveAround(Card& card, const Json& root, const Fields& fields) {
    std::optional<std::vector<std::string>> ids;
    for (size_t i = 0; i < card.inscriptions.size(); ++i) {
        std::string& around = card.inscriptions[i].ornament.around;
        if (around.empty())
            continue;
        if (!ids)
            ids = idsOf(card);
        const Json& wanted = root["inscriptions"][i]["ornament"]["around"];
        if (wanted.is_number())
            around = idAt(wanted.get<std::int64_t>(), *ids);
        else if (std::ranges::find(*ids, around) == ids->end() && !isPlace(around))
            fields.fail("inscriptions[" + std::to_string(i) + "].ornament.around",
                        "the id of an inscription");
    }
}

quantity::Result<Json> parsed(const std::string& text) {
    if (nestingOf(text) > deepestNesting)
        return Problem{
            ProblemKind::jsonBroken, {}, "lists and objects more than 64 deep within each other", 1, 1};
    try {
        return Json::parse(text);
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
}

} // namespace

namespace {

/// A part that is a text of its own; `needed` tells what it is.
template<class Part> quantity::Result<Part> partFrom(const std::string& text, const char* needed) {
    const auto root = parsed(text);
    if (!root)
        return root.problem();
    if (!root->is_object() || !root->contains(needed))
        return Problem{ProblemKind::fieldMissing, needed, {}, 1};
    std::optional<Problem> problem;
    Part part;
    readInto(part, Fields(*root, {}, problem));
    if (!problem)
        return part;
    problem->line = lineOfField(text, problem->subject);
    return *problem;
}

} // namespace

quantity::Result<process::Process> processFromJson(const std::string& text) {
    return partFrom<process::Process>(text, "kind");
}

std::string jsonOf(const process::Process& process) {
    return membersOf(process).whole().dump(2, ' ', false, Json::error_handler_t::replace) + "\n";
}

quantity::Result<cut::Shop> shopFromJson(const std::string& text) {
    return partFrom<cut::Shop>(text, "shop");
}

quantity::Result<cut::Shop> shopAtHand(const std::string& file) {
    std::error_code unknown;
    if (!std::filesystem::exists(file, unknown))
        return cut::shippedShop();
    const auto text = quantity::readWhole(file);
    if (!text)
        return text.problem();
    const auto own = shopFromJson(*text);
    if (!own)
        return own.problem();
    return cut::withOwn(*own);
}

std::string jsonOf(const cut::Shop& shop) {
    Json all = Json::object();
    all["shop"] = formatVersion;
    const Json lists = membersOf(shop).whole();
    for (const auto& [name, list] : lists.items())
        all[name] = list;
    return all.dump(2, ' ', false, Json::error_handler_t::replace) + "\n";
}

namespace {

bool canLieOn(const Card& card, const std::string& on) {
    return isLyingOn(on) || std::ranges::find(card.blank.part.sides, on, &blank::PartSide::name) !=
                                card.blank.part.sides.end();
}

} // namespace

quantity::Result<Card> cardFromJson(const std::string& text) {
    auto read = parsed(text);
    if (!read)
        return read.problem();
    Json root = *std::move(read);
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
    size_t letters = 0;
    fields.list("inscriptions", held::mostParts, [&](const Fields& inscription, const Json& source) {
        readInto(card.inscriptions.emplace_back(), inscription);
        card.inscriptions.back().unread = source.dump();
        letters += card.inscriptions.back().words.size();
    });
    fields.mayHold("inscriptions[].words", letters, setting::longestWords);
    if (!problem)
        resolveAround(card, root, fields);
    if (const cut::RotaryAxis& axis = card.machine.axis; !problem && !(axis.travel.x < axis.travel.y))
        problem = Problem{ProblemKind::fieldWrong, "machine.axis.travel", "[from, to], from below to"};
    if (!problem && !canLieOn(card, card.lying.on))
        problem = Problem{ProblemKind::fieldWrong, "lying", std::string(lyingNames)};
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
    const Json head = written(card, was, file, isNew);
    Json root = Json::object();
    root["bollard"] = formatVersion;
    for (const char* first : {"unit", "blank"})
        if (head.contains(first))
            root[first] = head[first];
    root["inscriptions"] = Json::array();
    const std::vector<std::string> ids = idsOf(card);
    for (const Inscription& inscription : card.inscriptions)
        root["inscriptions"].push_back(jsonOfInscription(inscription, ids));
    if (head.contains("process"))
        root["process"] = head["process"];
    if (file.contains("rows") || !(*card.rows == *was.rows))
        root["rows"] =
            written(*card.rows, *was.rows, file.contains("rows") ? file["rows"] : Json::object(), false);
    for (const auto& [name, value] : head.items())
        if (!root.contains(name))
            root[name] = value;
    return root.dump(2, ' ', false, Json::error_handler_t::replace) + "\n"; // file names may be of any bytes
}

} // namespace bollard::card
