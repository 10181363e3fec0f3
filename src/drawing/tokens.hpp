// The one table of colours, for each look, and how large the interface's text is.
#pragma once
#include "picture/frame.hpp"
#include <QColor>

namespace bollard::drawing {

enum class Look { light, dark, contrastLight, contrastDark };
constexpr int lookCount = 4;
inline bool isDark(Look look) {
    return look == Look::dark || look == Look::contrastDark;
}

/// What each colour is for is told in docs/architecture.md.
struct Tokens {
    QColor ground, paper, field, ink, inkSoft, line, tide, tideWash, onTide, stop, watch, sound;
    QColor material, materialEdge, materialCut, bodySunk, sunk, letters, lettersCut;
};

const Tokens& tokensOf(Look look);

/// The look windows and pictures start with; the window changes it when the person does.
Look currentLook();
void setCurrentLook(Look look);
inline const Tokens& tokens() {
    return tokensOf(currentLook());
}

/// The same colours for the body's renderer.
picture::Paints paintsOf(Look look);

/// How large the interface's text is, 1 for its own size; lengths that hold text go with it.
double textScale();
constexpr double smallestText = 1, largestText = 2;
void setTextScale(double scale); ///< kept within these
/// A length of the interface in pixels, as large as its text.
int scaled(double pixels);

/// Loads the interface typeface from Bollard's fonts folder and makes it the application's, in the size of
/// the interface's text. False when it is not there.
bool useInterfaceFont(const QString& fontsFolder);

/// Bollard's shared files (fonts, samples), found from the program's own place.
QString shareFolder();

} // namespace bollard::drawing
