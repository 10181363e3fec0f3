// Takes the window through its views and saves pictures of them.
#pragma once
#include <QString>

namespace bollard::app {

class Desk;
class MainWindow;

/// Writes a PNG of each main view, light and dark, into `folder`. Returns how many; 0 when the folder cannot
/// be written.
int takePictures(Desk& desk, const QString& folder);

/// Runs the event loop until the newest card is made and drawn; false after ten seconds.
bool settle(MainWindow& window);

} // namespace bollard::app
