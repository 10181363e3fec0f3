// What is shown before a card is open: samples, recent cards, unsaved work found again.
#pragma once
#include "app/session/background.hpp"
#include "app/session/recovery.hpp"
#include "type/catalogue.hpp"
#include <QScrollArea>

class QComboBox;
class QLabel;
class QToolButton;
class QVBoxLayout;

namespace bollard::app {

class NumberField;

class StartPage : public QScrollArea {
    Q_OBJECT
  public:
    explicit StartPage(QWidget* parent = nullptr);

    void setLeftOvers(const std::vector<LeftOver>& leftOvers);
    void setRecent(const QStringList& paths);
    void showBeginning(); ///< what new cards begin with, as it is kept now
    /// Draws the samples, off the interface thread.
    void setCatalogue(const std::shared_ptr<const type::Catalogue>& catalogue);

  signals:
    void newWanted();
    void openWanted();
    void sampleWanted(const QString& path);
    void recentWanted(const QString& path);
    void recoverWanted(const bollard::app::LeftOver& leftOver);
    void discardWanted(const bollard::app::LeftOver& leftOver);

  protected:
    void showEvent(QShowEvent* event) override;

  private:
    void build(); ///< when first shown: starting with a card needs none of it
    void drawSamples();
    void refresh();
    QWidget* makeBeginning(QWidget* page);
    void tellBeginning(bool told);
    void takeBeginning();
    QLabel* begins_ = nullptr;
    QComboBox *process_ = nullptr, *unit_ = nullptr;
    NumberField *bedWidth_ = nullptr, *bedDepth_ = nullptr;
    QVBoxLayout* layout_ = nullptr;
    QWidget* lists_ = nullptr;
    std::shared_ptr<const type::Catalogue> catalogue_;
    std::vector<LeftOver> leftOvers_;
    QStringList recent_;
    QList<QToolButton*> samples_;
    Background background_;
};

} // namespace bollard::app
