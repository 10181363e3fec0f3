#include "drawing/proof_picture.hpp"
#include "drawing/pictures.hpp"
#include "drawing/tokens.hpp"
#include <QCoreApplication>
#include <cmath>

namespace bollard::drawing {

namespace {

QRgb mixed(QRgb a, QRgb b, double share) {
    const auto mix = [&](int x, int y) { return int(std::lround(x + share * (y - x))); };
    return qRgb(mix(qRed(a), qRed(b)), mix(qGreen(a), qGreen(b)), mix(qBlue(a), qBlue(b)));
}

} // namespace

QImage imageOf(const proof::Proof& proof, const cut::Cutting& cutting, int most) {
    if (!proof.field)
        return {};
    const proof::HeightField& field = *proof.field;
    const Tokens& t = tokens();
    const int step = std::max(1, std::max(field.columns(), field.rows()) / most);
    QImage image(std::max(1, field.columns() / step), std::max(1, field.rows() / step), QImage::Format_RGB32);
    const double top = cutting.stock.high.z, bottom = cutting.stock.low.z;
    const QRgb surface = t.material.rgb(), deep = t.materialCut.rgb(), ground = t.ground.rgb();
    for (int y = 0; y < image.height(); ++y) {
        auto* line = reinterpret_cast<QRgb*>(image.scanLine(y));
        const int row = (image.height() - 1 - y) * step;
        for (int x = 0; x < image.width(); ++x) {
            const int column = x * step;
            const double z = field.at(column, row);
            const plane::Vector at = field.middle(column, row);
            if (!proof::isInStock(cutting, at) || z <= bottom) {
                line[x] = ground;
                continue;
            }
            const int beside = std::min(column + step, field.columns() - 1),
                      above = std::min(row + step, field.rows() - 1);
            const double across = step * field.cell();
            const double slopeX = (field.at(beside, row) - z) / across,
                         slopeY = (field.at(column, above) - z) / across;
            // The light comes from the upper left, at 45 degrees.
            const double lit =
                (1 + 0.6 * (slopeX - slopeY)) / std::sqrt(1 + slopeX * slopeX + slopeY * slopeY);
            QRgb colour =
                mixed(surface, deep, std::clamp((top - z) / std::max(top - bottom, 1e-6) * 1.5, 0.0, 0.75));
            colour = mixed(qRgb(0, 0, 0), colour, std::clamp(0.55 + 0.45 * lit, 0.35, 1.0));
            const size_t i = size_t(row) * size_t(field.columns()) + size_t(column);
            constexpr double seen = 0.02;
            if (proof.allowed[i] - z > seen)
                colour = mixed(colour, t.stop.rgb(), 0.8);
            else if (z - proof.wanted[i] > seen)
                colour = mixed(colour, t.watch.rgb(), 0.7);
            line[x] = colour;
        }
    }
    return image;
}

quantity::Result<std::string> proofPicture(const proof::Proof& proof, const cut::Cutting& cutting) {
    return pngOf(imageOf(proof, cutting));
}

} // namespace bollard::drawing
