#include "app/session/session.hpp"

namespace bollard::app {

Session::Session(const QString& recoveryFolder)
    : recovery(editor, recoveryFolder.isEmpty() ? Recovery::defaultFolder() : recoveryFolder) {
    maker.useShop(shop.shop());
    connect(&shop, &KeptShop::changed, this, [this] {
        maker.useShop(shop.shop());
        maker.make(editor.card(), editor.folder());
    });
    connect(&maker, &Maker::catalogueReady, this, [this] { editor.setCatalogue(maker.catalogue()); });
    connect(&maker, &Maker::stageDone, this, [this] {
        if (const auto& made = maker.shown().made; made.card && made.card->blank.kind == blank::Kind::file)
            editor.learn(made.card->blank.part);
    });
    connect(&editor, &CardEditor::changed, this, [this] { maker.make(editor.card(), editor.folder()); });
}

} // namespace bollard::app
