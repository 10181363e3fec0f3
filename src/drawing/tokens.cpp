#include "drawing/tokens.hpp"
#include <QCoreApplication>
#include <QDir>
#include <QFontDatabase>
#include <QGuiApplication>
#include <algorithm>
#include <atomic>
#include <cmath>

namespace bollard::drawing {
namespace {

std::atomic<Look> look = Look::light; // pictures are drawn by several threads
std::atomic<double> scale = 1;

picture::Pixel pixelOf(const QColor& colour) {
    return colour.rgb();
}

} // namespace

const Tokens& tokensOf(Look wanted) {
    static const Tokens light{.ground = "#EFEBE2",
                              .paper = "#FAF8F3",
                              .field = "#FFFFFF",
                              .ink = "#22303C",
                              .inkSoft = "#5F6B74",
                              .line = "#D5CFC2",
                              .tide = "#2B6A8C",
                              .tideWash = "#DDE7EA",
                              .onTide = "#FFFFFF",
                              .stop = "#B83A2A",
                              .watch = "#A86A00",
                              .sound = "#4B7340",
                              .material = "#E3D2A9",
                              .materialEdge = "#6B5A36",
                              .materialCut = "#B98F50",
                              .bodySunk = "#94714A",
                              .sunk = "#C9B27C",
                              .letters = "#4F86A6",
                              .lettersCut = "#A9CBDB"};
    static const Tokens dark{.ground = "#1C2227",
                             .paper = "#252D33",
                             .field = "#1F262B",
                             .ink = "#E6E2D8",
                             .inkSoft = "#9AA5AC",
                             .line = "#37424A",
                             .tide = "#6FB3D2",
                             .tideWash = "#2C3F4A",
                             .onTide = "#14191D",
                             .stop = "#F0806F",
                             .watch = "#E3B04B",
                             .sound = "#8FC07F",
                             .material = "#8C7850",
                             .materialEdge = "#D8C79C",
                             .materialCut = "#5E4C2A",
                             .bodySunk = "#4E3B22",
                             .sunk = "#6C5A38",
                             .letters = "#8CC3DE",
                             .lettersCut = "#41748E"};
    // Black and white, and colours at least seven times as light or dark as what they lie on.
    static const Tokens contrastLight{.ground = "#FFFFFF",
                                      .paper = "#FFFFFF",
                                      .field = "#FFFFFF",
                                      .ink = "#000000",
                                      .inkSoft = "#202020",
                                      .line = "#000000",
                                      .tide = "#003C78",
                                      .tideWash = "#CFE4FA",
                                      .onTide = "#FFFFFF",
                                      .stop = "#960000",
                                      .watch = "#5C3B00",
                                      .sound = "#004A00",
                                      .material = "#F2E6C4",
                                      .materialEdge = "#000000",
                                      .materialCut = "#B98F50",
                                      .bodySunk = "#7A5A36",
                                      .sunk = "#CDB06A",
                                      .letters = "#1F5F8B",
                                      .lettersCut = "#8FBBD6"};
    static const Tokens contrastDark{.ground = "#000000",
                                     .paper = "#000000",
                                     .field = "#000000",
                                     .ink = "#FFFFFF",
                                     .inkSoft = "#E4E4E4",
                                     .line = "#FFFFFF",
                                     .tide = "#8AD4FF",
                                     .tideWash = "#08344C",
                                     .onTide = "#000000",
                                     .stop = "#FF9C8F",
                                     .watch = "#FFD45C",
                                     .sound = "#A0F090",
                                     .material = "#6E5B34",
                                     .materialEdge = "#FFE9B0",
                                     .materialCut = "#4A3A1C",
                                     .bodySunk = "#3C2A16",
                                     .sunk = "#57461F",
                                     .letters = "#A6E2FF",
                                     .lettersCut = "#4C8CAA"};
    switch (wanted) {
    case Look::light:
        break;
    case Look::dark:
        return dark;
    case Look::contrastLight:
        return contrastLight;
    case Look::contrastDark:
        return contrastDark;
    }
    return light;
}

Look currentLook() {
    return look;
}
void setCurrentLook(Look wanted) {
    look = wanted;
}

picture::Paints paintsOf(Look wanted) {
    const Tokens& t = tokensOf(wanted);
    picture::Paints paints;
    paints.ground = pixelOf(t.ground);
    paints.blank = pixelOf(t.material);
    paints.letters = pixelOf(t.letters);
    paints.sunk = pixelOf(t.bodySunk);
    paints.edge = pixelOf(isDark(wanted) ? t.ground : t.ink);
    paints.cut = pixelOf(t.materialCut);
    paints.cutLetters = pixelOf(t.lettersCut);
    return paints;
}

double textScale() {
    return scale;
}
void setTextScale(double wanted) {
    scale = std::clamp(wanted, smallestText, largestText);
}
int scaled(double pixels) {
    return int(std::lround(pixels * scale));
}

bool useInterfaceFont(const QString& fontsFolder) {
    static const QString family = [&] { // once; they stay
        const int regular =
            QFontDatabase::addApplicationFont(fontsFolder + QStringLiteral("/interface/Inter-Regular.otf"));
        QFontDatabase::addApplicationFont(fontsFolder + QStringLiteral("/interface/Inter-SemiBold.otf"));
        return regular < 0 ? QString() : QFontDatabase::applicationFontFamilies(regular).value(0);
    }();
    if (family.isEmpty())
        return false;
    QFont font(family);
    font.setPixelSize(scaled(13));
    QGuiApplication::setFont(font);
    return true;
}

QString shareFolder() {
    return QDir::cleanPath(QCoreApplication::applicationDirPath() + QStringLiteral("/../share/bollard"));
}

} // namespace bollard::drawing
