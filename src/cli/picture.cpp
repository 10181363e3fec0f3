#include "cli/command.hpp"
#include "drawing/flat_drawing.hpp"
#include "drawing/pictures.hpp"
#include "quantity/quantity.hpp"
#include <QImage>
#include <QPainter>
#include <QStringList>
#include <iostream>

namespace bollard::cli {
namespace {

/// From where a body is looked at, degrees.
struct Direction {
    std::string_view name;
    double turn, tilt;
};
constexpr std::array directions{
    Direction{"front", 0, 0},   Direction{"back", 180, 180}, Direction{"start", 0, 90},
    Direction{"bottom", 0, 90}, Direction{"end", 180, 90},   Direction{"top", 180, 90},
    Direction{"left", 90, 90},  Direction{"right", -90, 90}, Direction{"corner", 18, 42}};

/// A name; the turn and tilt as two numbers, "30,60"; or where the eye is as three, "1,-1,2".
std::optional<Direction> directionOf(const std::string& text) {
    if (const auto named = std::ranges::find(directions, std::string_view(text), &Direction::name);
        named != directions.end())
        return *named;
    std::vector<double> numbers;
    for (const QString& part : QString::fromStdString(text).split(',')) {
        const auto number = quantity::numberFromText(part.trimmed().toStdString());
        if (!number)
            return std::nullopt;
        numbers.push_back(*number);
    }
    if (numbers.size() == 2)
        return Direction{{}, numbers[0], numbers[1]};
    if (numbers.size() != 3)
        return std::nullopt;
    const double far = std::hypot(numbers[0], numbers[1], numbers[2]), degrees = 180 / M_PI;
    if (!(far > 0))
        return std::nullopt;
    return Direction{
        {}, degrees * std::atan2(-numbers[0], -numbers[1]), degrees * std::acos(numbers[2] / far)};
}

int drawPicture(const Arguments& arguments) {
    const QStringList sides = QString::fromStdString(arguments.size).split('x');
    const QSize size(sides.value(0).toInt(), sides.value(1).toInt());
    constexpr int least = 16, most = 16000;
    if (std::min(size.width(), size.height()) < least || std::max(size.width(), size.height()) > most) {
        std::cerr << "--size wants WIDTHxHEIGHT in pixels, 16 to 16000 each, for example 1280x800.\n";
        return unreadable;
    }
    const auto from = directionOf(arguments.from);
    if (!arguments.from.empty() && !from) {
        std::cerr << "--from wants a direction, front, back, start, end, left, right, top, bottom or corner, "
                     "turn and tilt in degrees: 30,60, or where the eye is: 1,-1,2.\n";
        return unreadable;
    }
    const Run run(arguments);
    if (run.code != done)
        return run.code;
    if (blank::sideOf(run.made.card->blank, arguments.side).empty()) {
        std::cerr << "The blank has no side " << arguments.side << ". It has:";
        for (const std::string_view side : blank::sidesOf(run.made.card->blank))
            std::cerr << ' ' << side;
        std::cerr << ".\n";
        return unreadable;
    }
    QImage image(size, QImage::Format_RGB32);
    if (arguments.view == "flat" && !from) {
        const drawing::FlatDrawing flat(run.made);
        const QRectF area(QPointF(0, 0), QSizeF(size));
        drawing::FlatExtras extras;
        extras.side = arguments.side;
        QPainter painter(&image);
        flat.paint(painter, area, flat.fitted(area, arguments.side), extras);
    } else {
        image = drawing::bodyImage(run.made.solid->mesh, size,
                                   from ? std::optional(std::pair(from->turn, from->tilt)) : std::nullopt);
    }
    const auto bytes = drawing::pngOf(image);
    if (!bytes)
        return complain(bytes.problem(), "", notWritten);
    const auto written =
        files::writeWhole(files::withEnding(arguments.outputs.front(), "png"), *bytes, ifThere(arguments));
    return written ? done : complain(written.problem(), "", notWritten);
}

} // namespace

Command pictureCommand() {
    return {"picture",
            "Draw a view into a PNG file.",
            {"CARD", "row", "view", "from", "side", "output", "size", "force"},
            drawPicture,
            true};
}

} // namespace bollard::cli
