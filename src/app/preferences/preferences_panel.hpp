// Preferences in the drawer; each takes effect at once.
#pragma once
#include "app/preferences/preferences.hpp"
#include "app/session/kept_shop.hpp"
#include <QScrollArea>

class QComboBox;
class QGridLayout;
class QPushButton;
class QVBoxLayout;

namespace bollard::app {

class PreferencesPanel : public QScrollArea {
    Q_OBJECT
  public:
    PreferencesPanel(KeptShop& shop, QWidget* parent);
    void refresh(); ///< shows what is kept now

  signals:
    void changed();          ///< what is kept
    void beginningChanged(); ///< what new cards begin with
    void told(const QString& problem);

  private:
    QComboBox* choice(const QString& label, const char* topic, const QStringList& options);
    void keep();
    void listOwn();

    KeptShop& shop_;
    QGridLayout* grid_;
    QStringList languages_;
    QComboBox *language_, *look_, *text_, *unit_, *autosave_, *begin_;
    QPushButton *folder_, *beside_;
    QString filesFolder_;
    QWidget* own_;
};

} // namespace bollard::app
