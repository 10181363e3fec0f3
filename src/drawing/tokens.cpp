#include "drawing/tokens.hpp"
#include <QCoreApplication>
#include <QDir>
#include <QFontDatabase>
#include <QGuiApplication>
#include <atomic>

namespace bollard::drawing {
namespace {

std::atomic<Look> look = Look::light; // pictures are drawn by several threads

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
    return wanted == Look::light ? light : dark;
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
    paints.edge = pixelOf(wanted == Look::light ? t.ink : t.ground);
    paints.cut = pixelOf(t.materialCut);
    paints.cutLetters = pixelOf(t.lettersCut);
    return paints;
}

bool useInterfaceFont(const QString& fontsFolder) {
    const int regular =
        QFontDatabase::addApplicationFont(fontsFolder + QStringLiteral("/interface/Inter-Regular.otf"));
    QFontDatabase::addApplicationFont(fontsFolder + QStringLiteral("/interface/Inter-SemiBold.otf"));
    if (regular < 0)
        return false;
    QFont font(QFontDatabase::applicationFontFamilies(regular).value(0));
    font.setPixelSize(13);
    QGuiApplication::setFont(font);
    return true;
}

QString shareFolder() {
    return QDir::cleanPath(QCoreApplication::applicationDirPath() + QStringLiteral("/../share/bollard"));
}

} // namespace bollard::drawing
