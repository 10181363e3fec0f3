#include "card/part.hpp"
#include "body/find_side.hpp"
#include "body/repair.hpp"
#include "files/part_file.hpp"
#include "quantity/read_whole.hpp"
#include <filesystem>

namespace bollard::card {

namespace {

std::filesystem::path wholePath(const std::string& file, const std::string& folder) {
    const std::filesystem::path path(file);
    return path.is_relative() && !folder.empty() ? std::filesystem::path(folder) / path : path;
}

} // namespace

std::string partPathFrom(const std::string& file, const std::string& folder, const std::string& toFolder) {
    if (file.empty())
        return file;
    const std::filesystem::path whole = wholePath(file, folder).lexically_normal();
    if (toFolder.empty() || whole.is_relative())
        return whole.string();
    const std::filesystem::path beside =
        whole.lexically_relative(std::filesystem::path(toFolder).lexically_normal());
    return beside.empty() || *beside.begin() == ".." ? whole.string() : beside.string();
}

PartKey partKeyOf(const blank::PartFile& part, const std::string& folder) {
    PartKey key;
    key.path = wholePath(part.file, folder).string();
    std::error_code unknown;
    if (const auto changed = std::filesystem::last_write_time(key.path, unknown); !unknown)
        key.changed = changed.time_since_epoch().count();
    if (const auto size = std::filesystem::file_size(key.path, unknown); !unknown)
        key.size = size;
    key.unit = part.unit;
    key.scale = part.scale;
    if (!std::filesystem::exists(key.path, unknown))
        key.carried = part.carried;
    return key;
}

Part partOf(const PartKey& key, const std::stop_token& stop) {
    Part part;
    const auto refused = [&](quantity::Problem problem) {
        if (problem.subject.empty())
            problem.subject = key.path;
        part.problem = std::move(problem);
        return part;
    };
    const auto bytes =
        key.carried->empty() ? quantity::readWhole(key.path) : quantity::Result<std::string>(*key.carried);
    if (!bytes)
        return refused(bytes.problem());
    part.digest = files::digestOf(*bytes);
    auto surface = files::partSurfaceOf(key.path, *bytes, stop);
    if (!surface)
        return refused(surface.problem());
    const double unit = (surface->inMillimetres ? 1 : blank::millimetresOf(key.unit)) * key.scale;
    body::Mesh mesh = (*std::move(surface)).mesh;
    for (space::Vertex& vertex : mesh.vertices)
        vertex = unit * vertex;
    auto repaired = body::repaired(mesh, stop, &part.faults);
    if (!repaired) {
        if (repaired.problem().kind != quantity::ProblemKind::stopped) {
            mesh.faces.assign(mesh.triangles.size(), body::Face::blank);
            part.asRead = std::make_shared<const body::Mesh>(std::move(mesh));
        }
        return refused(repaired.problem());
    }
    part.dropped = repaired->dropped;
    part.flipped = repaired->flipped;
    part.closed = repaired->closed;
    part.body = std::make_shared<const body::Mesh>((*std::move(repaired)).body);
    return part;
}

SidesFound sidesOn(const Part& part, const blank::PartFile& asked) {
    SidesFound found;
    found.part = asked;
    found.changed = !asked.digest.empty() && !part.digest.empty() && asked.digest != part.digest;
    if (!part.body)
        return found;
    found.part.digest = part.digest;
    for (blank::PartSide& side : found.part.sides) {
        if (!found.changed && side.found.kind != blank::FoundSide::Kind::none)
            continue;
        auto there = body::sideAt(*part.body, side.at, side.turn);
        side.found = there ? *there : blank::FoundSide{};
        if (!there)
            found.unfound.emplace_back(side.name, there.problem());
    }
    return found;
}

} // namespace bollard::card
