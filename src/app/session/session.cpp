#include "app/session/session.hpp"

namespace bollard::app {

Session::Session(const QString& recoveryFolder)
    : recovery(editor, recoveryFolder.isEmpty() ? Recovery::defaultFolder() : recoveryFolder) {
    connect(&maker, &Maker::catalogueReady, this, [this] { editor.setCatalogue(maker.catalogue()); });
    connect(&editor, &CardEditor::changed, this, [this] { maker.make(editor.card(), editor.folder()); });
}

} // namespace bollard::app
