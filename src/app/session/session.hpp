// All that goes on with the open card, without a window.
#pragma once
#include "app/session/card_editor.hpp"
#include "app/session/kept_shop.hpp"
#include "app/session/maker.hpp"
#include "app/session/recovery.hpp"

namespace bollard::app {

/// The open card, what is made of it, and what keeps it safe. Outlives the window that shows it.
class Session : public QObject {
    Q_OBJECT
  public:
    /// Unsaved work is kept in `recoveryFolder`; empty takes the user's data folder.
    explicit Session(const QString& recoveryFolder = {});

    KeptShop shop;
    CardEditor editor;
    Maker maker;
    Recovery recovery;
};

} // namespace bollard::app
