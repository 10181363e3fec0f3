#include "wording/wording.hpp"
#include <QCoreApplication>
#include <set>

namespace bollard::wording {
namespace {

class Outputs {
    Q_DECLARE_TR_FUNCTIONS(Outputs)
};

struct Purpose {
    std::string_view ending;
    const char* text;
};
constexpr std::array purposes{
    Purpose{"stl", QT_TRANSLATE_NOOP("Outputs", "one solid, for any printer")},
    Purpose{"3mf", QT_TRANSLATE_NOOP("Outputs", "blank and letters as bodies with colours")},
    Purpose{"step", QT_TRANSLATE_NOOP("Outputs", "both as solids with true curves")},
    Purpose{"svg", QT_TRANSLATE_NOOP("Outputs", "lines to cut or follow, a group a working")},
    Purpose{"dxf", QT_TRANSLATE_NOOP("Outputs", "the same with true arcs, a layer a working")},
    Purpose{"nc", QT_TRANSLATE_NOOP("Outputs", "toolpaths for a machine that cuts")},
    Purpose{"pdf", QT_TRANSLATE_NOOP("Outputs", "true size on paper, to hold against the work")},
    Purpose{"png", QT_TRANSLATE_NOOP("Outputs", "a picture of the view")}};

} // namespace

QString purposeOf(std::string_view ending) {
    for (const Purpose& purpose : purposes)
        if (purpose.ending == ending)
            return Outputs::tr(purpose.text);
    return {};
}

QString colourChangesOf(const card::Card& card) {
    // Heights as a printer counts them: from the bed, on which the back lies.
    std::set<double> heights;
    if (!blank::takesHoles(card.blank) || card.process.kind.name() != "filament")
        return {};
    const double thickness = blank::depthBehind(card.blank);
    for (const card::Inscription& inscription : card.inscriptions) {
        const working::Working& w = inscription.working;
        const bool onFront = blank::sideOf(card.blank, inscription.side) == "front";
        if (inscription.hidden || !onFront || w.kind != working::Kind::raised)
            continue;
        heights.insert(thickness + std::min(w.colourFrom, w.height));
    }
    if (heights.empty())
        return {};
    QStringList told;
    for (const double height : heights)
        told << lengthText(height, card.unit);
    return Outputs::tr("Printed lying on its back, the letters' colour begins at a height of %1.")
        .arg(listOf(told));
}

} // namespace bollard::wording
