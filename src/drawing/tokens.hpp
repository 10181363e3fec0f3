// The one table of colours, for the light and the dark look.
#pragma once
#include "picture/frame.hpp"
#include <QColor>

namespace bollard::drawing {

enum class Look { light, dark };

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

/// Loads the interface typeface from Bollard's fonts folder and makes it the application's. False when it is
/// not there.
bool useInterfaceFont(const QString& fontsFolder);

/// Bollard's shared files (fonts, samples), found from the program's own place.
QString shareFolder();

} // namespace bollard::drawing
