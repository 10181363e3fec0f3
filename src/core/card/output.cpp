#include "card/output.hpp"
#include "files/stl.hpp"
#include <filesystem>

namespace bollard::card {
namespace {

quantity::Result<std::string> stl(const Made& made, const std::string&) {
    return files::stlOf(made.solid->mesh);
}

/// Blank and letters as bodies of their own that fill each other's hollows, so that each can have its colour.
quantity::Result<std::string> threeMf(const Made& made, const std::string& title) {
    const body::Mesh blank = body::meshOf(made.solid->columns, body::Selection::blank);
    const body::Mesh letters = body::meshOf(made.solid->columns, body::Selection::letters);
    std::vector<files::NamedBody> bodies;
    const std::string blankName = made.card->blank.kind == blank::Kind::disc ? "disc" : "plate";
    if (!blank.empty())
        bodies.push_back({blankName, {0xE0, 0xCD, 0xA2}, &blank});
    if (!letters.empty())
        bodies.push_back({"letters", {0x2B, 0x6A, 0x8C}, &letters});
    return files::threeMfOf(bodies, title);
}

} // namespace

const std::vector<SolidFormat>& solidFormats() {
    static const std::vector<SolidFormat> formats{{"stl", stl}, {"3mf", threeMf}};
    return formats;
}

const SolidFormat* formatOf(const std::string& path) {
    for (const SolidFormat& format : solidFormats())
        if (files::withEnding(path, format.ending) == path)
            return &format;
    return nullptr;
}

quantity::Result<quantity::Done> writeSolid(const Made& made, const SolidFormat& format,
                                            const std::string& path, files::IfThere ifThere) {
    if (made.solid->problem)
        return *made.solid->problem;
    if (made.solid->mesh.empty())
        return quantity::Problem{quantity::ProblemKind::nothingToMake};
    const auto bytes = format.bytes(made, std::filesystem::path(path).stem().string());
    if (!bytes)
        return bytes.problem();
    return files::writeWhole(path, *bytes, ifThere);
}

} // namespace bollard::card
