#include "files/part_file.hpp"
#include "files/part_in_3mf.hpp"
#include "files/step_reader.hpp"
#include "files/stl.hpp"
#include <boost/uuid/detail/sha1.hpp>
#include <cctype>
#include <charconv>
#include <cstring>
#include <filesystem>
#include <map>

namespace bollard::files {
namespace {

using body::Mesh, space::Vertex;
using quantity::Problem, quantity::ProblemKind;

/// A text's lines, and their words.
class Lines {
  public:
    explicit Lines(std::string_view text) : rest_(text) {}

    bool next() {
        if (rest_.empty())
            return false;
        const size_t end = rest_.find('\n');
        line_ = rest_.substr(0, end);
        rest_ = end == std::string_view::npos ? std::string_view() : rest_.substr(end + 1);
        ++number_;
        return true;
    }
    std::string_view word() {
        size_t start = 0;
        while (start < line_.size() && std::isspace(static_cast<unsigned char>(line_[start])))
            ++start;
        size_t end = start;
        while (end < line_.size() && !std::isspace(static_cast<unsigned char>(line_[end])))
            ++end;
        const std::string_view found = line_.substr(start, end - start);
        line_ = line_.substr(end);
        return found;
    }
    std::optional<double> number() {
        std::string_view text = word();
        if (text.starts_with('+'))
            text.remove_prefix(1);
        double value = 0;
        const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), value);
        constexpr double most = 1e7;
        if (error != std::errc() || end != text.data() + text.size() || !(std::fabs(value) < most))
            return std::nullopt;
        return value;
    }
    std::optional<Vertex> place() {
        const auto x = number(), y = number(), z = number();
        return x && y && z ? std::optional(Vertex{*x, *y, *z}) : std::nullopt;
    }
    int at() const { return number_; }

  private:
    std::string_view rest_, line_{};
    int number_ = 0;
};

Problem broken(const std::string& what, int line = 0) {
    return {ProblemKind::partBroken, {}, what, line};
}

quantity::Result<Mesh> textStl(const std::string& bytes) {
    Mesh mesh;
    Lines lines(bytes);
    int corners = 0;
    while (lines.next()) {
        const std::string_view word = lines.word();
        if (word == "vertex") {
            const auto place = lines.place();
            if (!place)
                return broken("vertex x y z", lines.at());
            mesh.vertices.push_back(*place);
            ++corners;
        } else if (word == "endfacet" || word == "endloop") {
            if (word == "endloop" && corners != 3)
                return broken("three corners", lines.at());
            if (word == "endloop") {
                const int last = int(mesh.vertices.size()) - 1;
                mesh.triangles.push_back({last - 2, last - 1, last});
            }
            corners = 0;
        }
    }
    return mesh;
}

quantity::Result<Mesh> stl(const std::string& bytes) {
    constexpr size_t head = 84, each = 50;
    std::uint32_t count = 0;
    if (bytes.size() >= head)
        std::memcpy(&count, bytes.data() + 80, sizeof count);
    if (bytes.size() >= head && bytes.size() == head + each * size_t(count)) {
        auto mesh = meshFromStl(bytes, {});
        for (const Vertex& v : mesh ? mesh->vertices : std::vector<Vertex>())
            if (constexpr double most = 1e7;
                !(std::fabs(v.x) < most) || !(std::fabs(v.y) < most) || !(std::fabs(v.z) < most))
                return broken("a corner that is nowhere");
        return mesh;
    }
    if (bytes.starts_with("solid"))
        return textStl(bytes);
    return broken("not a whole STL file");
}

quantity::Result<Mesh> obj(const std::string& bytes) {
    Mesh mesh;
    Lines lines(bytes);
    while (lines.next()) {
        const std::string_view word = lines.word();
        if (word == "v") {
            const auto place = lines.place();
            if (!place)
                return broken("v x y z", lines.at());
            mesh.vertices.push_back(*place);
        } else if (word == "f") {
            std::vector<int> corners;
            for (std::string_view corner = lines.word(); !corner.empty() && corner[0] != '#';
                 corner = lines.word()) {
                int number = 0;
                const auto [end, error] =
                    std::from_chars(corner.data(), corner.data() + corner.size(), number);
                const int count = int(mesh.vertices.size());
                const int place = number < 0 ? count + number : number - 1;
                const bool ends = end == corner.data() + corner.size() || *end == '/';
                if (error != std::errc() || !ends || number == 0 || place < 0 || place >= count)
                    return broken("f with corners that are there", lines.at());
                corners.push_back(place);
            }
            if (corners.size() < 3)
                return broken("f with three corners or more", lines.at());
            for (size_t i = 2; i < corners.size(); ++i)
                mesh.triangles.push_back({corners[0], corners[i - 1], corners[i]});
        }
    }
    return mesh;
}

std::string endingOf(const std::string& path) {
    std::string ending = std::filesystem::path(path).extension().string();
    for (char& c : ending)
        c = char(std::tolower(static_cast<unsigned char>(c)));
    return ending;
}

} // namespace

const std::vector<std::string>& partEndings() {
    static const std::vector<std::string> endings{".stl", ".3mf", ".obj", ".step", ".stp"};
    return endings;
}

quantity::Result<PartSurface> partSurfaceOf(const std::string& path, const std::string& bytes,
                                            const std::stop_token& stop) {
    const std::string ending = endingOf(path);
    if (std::ranges::find(partEndings(), ending) == partEndings().end())
        return Problem{ProblemKind::unknownFormat, path};
    const bool tellsUnit = ending != ".stl" && ending != ".obj";
    auto mesh = ending == ".stl"   ? stl(bytes)
                : ending == ".obj" ? obj(bytes)
                : ending == ".3mf" ? meshFrom3mf(bytes)
                                   : meshFromStep(bytes, stop);
    if (!mesh) {
        Problem problem = mesh.problem();
        problem.subject = path;
        return problem;
    }
    if (mesh->triangles.empty())
        return Problem{ProblemKind::partEmpty, path};
    PartSurface part{*std::move(mesh), tellsUnit};
    part.mesh.faces.assign(part.mesh.triangles.size(), body::Face::blank);
    return part;
}

std::string digestOf(const std::string& bytes) {
    boost::uuids::detail::sha1 sha;
    sha.process_bytes(bytes.data(), bytes.size());
    boost::uuids::detail::sha1::digest_type words;
    sha.get_digest(words);
    std::string text;
    constexpr char digits[] = "0123456789abcdef";
    for (const unsigned int word : words)
        for (int shift = 28; shift >= 0; shift -= 4)
            text += digits[(word >> shift) & 0xf];
    return text;
}

} // namespace bollard::files
