#include "cli/command.hpp"
#include "drawing/pictures.hpp"
#include <QImage>
#include <QPainter>

namespace bollard::cli {
namespace {

/// For file managers: whatever the card is, there is a picture, into the very file that is named.
int drawThumbnail(const Arguments& arguments) {
    const Run run(arguments);
    if (!run.made.lettering)
        return run.code == done ? unreadable : run.code;
    const drawing::FlatDrawing flat(run.made);
    const QRectF extent = flat.extent();
    constexpr double room = 0.04; // of the picture
    const double most = std::max({extent.width(), extent.height(), 1e-3});
    const double pixels = arguments.pixels * (1 - 2 * room) / most;
    const QSize size(std::max(1, int(std::ceil(extent.width() * pixels + 2 * room * arguments.pixels))),
                     std::max(1, int(std::ceil(extent.height() * pixels + 2 * room * arguments.pixels))));
    QImage image(size.boundedTo({arguments.pixels, arguments.pixels}), QImage::Format_RGB32);
    image.fill(drawing::tokensOf(drawing::Look::light).ground);
    QPainter painter(&image);
    painter.setRenderHint(QPainter::Antialiasing);
    drawing::paintBare(painter, flat, image.rect(), QSizeF(1, 1) * (room * arguments.pixels));
    painter.end();
    const auto bytes = drawing::pngOf(image);
    if (!bytes)
        return complain(bytes.problem(), "", notWritten);
    const auto written = files::writeWhole(arguments.picture, *bytes, files::IfThere::replace);
    return written ? done : complain(written.problem(), "", notWritten);
}

} // namespace

Command thumbnailCommand() {
    return {"thumbnail",
            "Draw a small picture of a card, for file managers: at most so many pixels wide and high.",
            {"CARD", "thumbnailFile", "pixels"},
            drawThumbnail,
            true};
}

} // namespace bollard::cli
