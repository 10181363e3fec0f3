#include "wording/wording.hpp"
#include <QCoreApplication>
#include <cmath>

namespace bollard::wording {
namespace {

struct Cuttings {
    Q_DECLARE_TR_FUNCTIONS(Cuttings)
};

} // namespace

QString nameOf(cut::OperationKind kind) {
    switch (kind) {
    case cut::OperationKind::scribe:
        return Cuttings::tr("scribe");
    case cut::OperationKind::carve:
        return Cuttings::tr("V-carve");
    case cut::OperationKind::pocket:
        return Cuttings::tr("pocket");
    case cut::OperationKind::cutOut:
        return Cuttings::tr("cut out");
    case cut::OperationKind::clear:
        return Cuttings::tr("clear the ground");
    case cut::OperationKind::raster:
        return Cuttings::tr("raster");
    case cut::OperationKind::drill:
        break;
    }
    return Cuttings::tr("drill");
}

QString nameOf(cut::ToolKind kind) {
    switch (kind) {
    case cut::ToolKind::none:
        return Cuttings::tr("of the rack");
    case cut::ToolKind::flat:
        return Cuttings::tr("flat cutter");
    case cut::ToolKind::ball:
        return Cuttings::tr("ball cutter");
    case cut::ToolKind::vBit:
        return Cuttings::tr("V-bit");
    case cut::ToolKind::engraving:
        return Cuttings::tr("engraving point");
    case cut::ToolKind::drill:
        return Cuttings::tr("drill");
    case cut::ToolKind::drag:
        return Cuttings::tr("drag point");
    case cut::ToolKind::torch:
        return Cuttings::tr("torch");
    case cut::ToolKind::laser:
        break;
    }
    return Cuttings::tr("laser");
}

QString summaryOf(const cut::Operation& operation, quantity::Unit unit) {
    const cut::Tool& tool = operation.tool;
    if (tool.kind == cut::ToolKind::none)
        return tool.name.empty() ? wording::nameOf(operation.kind)
                                 : Cuttings::tr("%1, %2").arg(wording::nameOf(operation.kind),
                                                              QString::fromStdString(tool.name));
    const QString size = tool.tapers() ? numberText(tool.angle, 1) + QStringLiteral("°")
                                       : shortLength(2 * tool.radius(), unit);
    return Cuttings::tr("%1, %2 %3").arg(wording::nameOf(operation.kind), wording::nameOf(tool.kind), size);
}

QString nameOfDialect(std::string_view dialect) {
    if (dialect == "lines")
        return Cuttings::tr("straight moves only");
    if (dialect == "arcs")
        return Cuttings::tr("lines and arcs");
    return QString::fromUtf8(dialect.data(), qsizetype(dialect.size()));
}

QString nameOf(cut::ZeroAt at) {
    switch (at) {
    case cut::ZeroAt::topLeft:
        return Cuttings::tr("top left");
    case cut::ZeroAt::top:
        return Cuttings::tr("top");
    case cut::ZeroAt::topRight:
        return Cuttings::tr("top right");
    case cut::ZeroAt::left:
        return Cuttings::tr("left");
    case cut::ZeroAt::centre:
        return Cuttings::tr("centre");
    case cut::ZeroAt::right:
        return Cuttings::tr("right");
    case cut::ZeroAt::bottomLeft:
        return Cuttings::tr("bottom left");
    case cut::ZeroAt::bottom:
        return Cuttings::tr("bottom");
    case cut::ZeroAt::bottomRight:
        return Cuttings::tr("bottom right");
    case cut::ZeroAt::point:
        return Cuttings::tr("a point of its own");
    case cut::ZeroAt::start:
        return Cuttings::tr("the bar's start");
    case cut::ZeroAt::end:
        break;
    }
    return Cuttings::tr("the bar's end");
}

QString nameOf(cut::ZeroOn on) {
    switch (on) {
    case cut::ZeroOn::top:
        return Cuttings::tr("the stock's top");
    case cut::ZeroOn::bottom:
        return Cuttings::tr("the stock's bottom");
    case cut::ZeroOn::part:
        return Cuttings::tr("the blank's front");
    case cut::ZeroOn::axis:
        break;
    }
    return Cuttings::tr("the bar's axis");
}

QString sentenceOf(const cut::Zero& zero) {
    const QString on = nameOf(zero.on);
    switch (zero.place.at) {
    case cut::ZeroAt::point:
        return Cuttings::tr("At the blank's x %1, y %2 mm, on %3.")
            .arg(numberText(zero.place.x, 3), numberText(zero.place.y, 3), on);
    case cut::ZeroAt::start:
        return Cuttings::tr("At the start of the stock, on %1.").arg(on);
    case cut::ZeroAt::end:
        return Cuttings::tr("At the end of the stock, on %1.").arg(on);
    default:
        return Cuttings::tr("At the %1 of the stock, on %2.").arg(nameOf(zero.place.at), on);
    }
}

QString stockText(const cut::Cutting& cutting) {
    const auto text = [](double mm) { return numberText(mm, 3); };
    if (cutting.mounting)
        return Cuttings::tr("a bar %1 mm across, %2 mm long")
            .arg(text(2 * cutting.mounting->stock.radius),
                 text(cutting.mounting->stock.to - cutting.mounting->stock.from));
    const space::Vertex size = cutting.stock.high - cutting.stock.low;
    return Cuttings::tr("%1 x %2 x %3 mm").arg(text(size.x), text(size.y), text(size.z));
}

QString timeText(double seconds) {
    const auto whole = std::int64_t(std::lround(seconds));
    return Cuttings::tr("%1 min %2 s").arg(whole / 60).arg(whole % 60);
}

} // namespace bollard::wording
