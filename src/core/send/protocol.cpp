#include "send/protocol.hpp"
#include "quantity/read_whole.hpp"
#include <algorithm>
#include <filesystem>
#include <nlohmann/json.hpp>

namespace bollard::send {

using quantity::Problem, quantity::ProblemKind, quantity::Result;

std::optional<std::map<std::string, std::string>> matched(const std::string& pattern,
                                                          const std::string& line) {
    std::map<std::string, std::string> all;
    size_t at = 0;
    for (size_t i = 0; i < pattern.size();) {
        if (pattern[i] != '{') {
            if (at >= line.size() || line[at] != pattern[i])
                return std::nullopt;
            ++i;
            ++at;
            continue;
        }
        const size_t close = pattern.find('}', i);
        if (close == std::string::npos)
            return std::nullopt;
        const std::string name = pattern.substr(i + 1, close - i - 1);
        const size_t next = std::min(pattern.find('{', close), pattern.size());
        const std::string behind = pattern.substr(close + 1, next - close - 1);
        const size_t end = behind.empty() ? line.size() : line.find(behind, at);
        if (end == std::string::npos)
            return std::nullopt;
        all[name] = line.substr(at, end - at);
        at = end;
        i = close + 1;
    }
    if (at != line.size())
        return std::nullopt;
    return all;
}

Result<Protocol> protocolFrom(const std::string& text, const std::string& file) {
    const auto broken = [&](const std::string& what) {
        return Problem{ProblemKind::protocolBroken, file, what};
    };
    const nlohmann::json json = nlohmann::json::parse(text, nullptr, false);
    if (!json.is_object())
        return broken("it is no JSON object");
    Protocol protocol;
    std::string wrong;
    const auto words = [&](const char* name, std::string& to, bool needed) {
        if (json.contains(name) && json[name].is_string() &&
            !(needed && json[name].get<std::string>().empty()))
            to = json[name].get<std::string>();
        else if ((needed || json.contains(name)) && wrong.empty())
            wrong = std::string(name) + " must be words";
    };
    const auto list = [&](const char* name, std::vector<std::string>& to) {
        const bool fine = json.contains(name) && json[name].is_array() && !json[name].empty() &&
                          std::ranges::all_of(json[name], [](const auto& one) { return one.is_string(); });
        if (fine)
            to = json[name].get<std::vector<std::string>>();
        else if (wrong.empty())
            wrong = std::string(name) + " must be a list of words";
    };
    const auto bytes = [&](const char* name, std::string& to) {
        const bool fine = json.contains(name) && json[name].is_array() &&
                          std::ranges::all_of(json[name], [](const auto& one) {
                              return one.is_number_integer() && one >= 0 && one <= 255;
                          });
        if (fine)
            for (const auto& one : json[name])
                to += char(one.template get<int>());
        else if (wrong.empty())
            wrong = std::string(name) + " must be a list of bytes, 0 to 255";
    };
    const auto number = [&](const char* name, int& to, int least) {
        if (!json.contains(name))
            return;
        if (json[name].is_number_integer() && json[name] >= least && json[name] <= 100000000)
            to = json[name].get<int>();
        else if (wrong.empty())
            wrong = std::string(name) + " must be a number";
    };
    words("name", protocol.name, true);
    number("baud", protocol.baud, 50);
    words("greeting", protocol.greeting, true);
    number("buffer", protocol.buffer, 1);
    list("good", protocol.good);
    list("bad", protocol.bad);
    words("position", protocol.position, true);
    words("lineEnd", protocol.lineEnd, false);
    bytes("ask", protocol.ask);
    bytes("hold", protocol.hold);
    bytes("resume", protocol.resume);
    bytes("cancel", protocol.cancel);
    if (json.contains("greetsAfterCancel")) {
        if (json["greetsAfterCancel"].is_boolean())
            protocol.greetsAfterCancel = json["greetsAfterCancel"].get<bool>();
        else if (wrong.empty())
            wrong = "greetsAfterCancel must be true or false";
    }
    if (wrong.empty() && protocol.buffer <= 0 && protocol.greeting.find("{buffer}") == std::string::npos)
        wrong = "neither buffer nor the greeting tells how much may wait";
    if (!wrong.empty())
        return broken(wrong);
    return protocol;
}

Result<std::vector<Protocol>> protocolsIn(const std::string& folder) {
    std::vector<Protocol> all;
    std::error_code none;
    std::vector<std::filesystem::path> files;
    for (const auto& entry : std::filesystem::directory_iterator(folder, none))
        if (entry.path().extension() == ".json")
            files.push_back(entry.path());
    std::ranges::sort(files);
    for (const std::filesystem::path& file : files) {
        const auto text = quantity::readWhole(file.string());
        if (!text)
            return text.problem();
        auto protocol = protocolFrom(*text, file.filename().string());
        if (!protocol)
            return protocol.problem();
        all.push_back(*std::move(protocol));
    }
    return all;
}

} // namespace bollard::send
