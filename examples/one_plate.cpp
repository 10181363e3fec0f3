// one_plate FONTS FILE.stl: a plate with a name on it, made with the core alone; no window, no Qt.
#include "card/output.hpp"
#include "card/pipeline.hpp"
#include "files/whole_file.hpp"
#include <cstdio>

using namespace bollard;

int main(int argc, char** argv) {
    if (argc != 3)
        return std::fprintf(stderr, "usage: one_plate FONTS FILE.stl\n"), 2;

    // A card is a value: everything that decides a part.
    card::Card card;
    card.blank.width = 90;
    card.blank.height = 30;
    card.inscriptions.emplace_back();
    card::Inscription& name = card.inscriptions.back();
    name.words = "HARBOUR";
    name.typeface = {"League Spartan", "Bold"};
    name.style.size = 10; // capitals, mm
    name.placing.x = 45;  // its middle, from the blank's lower left
    name.placing.y = 15;
    name.working.kind = working::Kind::sunk;

    // A pipeline makes it, and remembers what the next card needs again.
    card::Pipeline pipeline(std::make_shared<const type::Catalogue>(argv[1]));
    const card::Made made = pipeline.run(std::make_shared<const card::Card>(card), {});

    // What cannot be made is told by findings; ids and kinds never change their names.
    for (const check::Finding& finding : made.checked->findings)
        std::printf("%s: %.2f of %.2f\n", finding.id.c_str(), finding.measured, finding.limit);
    if (check::worstOf(made.checked->findings) == check::Severity::stop)
        return 1;

    const auto output = card::outputOf(made, *card::formatOf(argv[2]), argv[2]);
    if (!output || !files::writeTogether(*output, files::IfThere::replace))
        return 3;
    std::printf("%zu triangles, %.1f mm3\n", made.solid->mesh.triangles.size(),
                body::volumeOf(made.solid->mesh));
    return 0;
}
