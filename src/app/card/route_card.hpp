// The route card: six stations in working order, one open.
#pragma once
#include "app/card/stations.hpp"
#include <QFrame>
#include <array>

namespace bollard::app {

class RouteCard : public QFrame {
    Q_OBJECT
  public:
    /// As check::Station.
    enum Number { blank, lettering, placing, working, process, output };
    static constexpr int count = 6;
    static constexpr int usualWidth = 336; ///< pixels, of plain text

    RouteCard(Session& session, QWidget* parent = nullptr);

    void open(int station);
    int openStation() const { return open_; }
    void refreshBodies() { refresh(); } ///< what they show besides the card changed
    Station& station(int number) { return *stations_[size_t(number)]; }
    BlankStation& blankBody();         ///< opens it
    LetteringStation& letteringBody(); ///< opens it
    ProcessStation& processBody();     ///< opens it
    OutputStation& outputBody();       ///< opens it

  signals:
    void filesWanted(const QStringList& paths);
    void jobSheetWanted(const QString& path);
    void sendingWanted();
    void drawerWanted(const QString& title, QWidget* content, const std::function<void()>& shut);
    void drawerDone(QWidget* content);
    void stationOpened();
    void fontFileWanted();
    void tableFileWanted();
    void artworkFileWanted();
    void spellingChecked(const std::vector<type::Misspelling>& misspelt); ///< of the selected words
    void curveFileWanted();
    void outlineFileWanted();
    void profileFileWanted();
    void partFileWanted();
    void pointingWanted(bool wanted);      ///< at a side of a part
    void lyingPointingWanted(bool wanted); ///< at the face that a print lies on

  private:
    void refresh();
    void noteFormats(const QStringList& ticked);
    void markFindings();

    CardEditor& editor_;
    Maker& maker_;
    std::array<Station*, count> stations_{};
    int open_ = -1;
    QString formats_; ///< that are ticked in Output, for its summary
};

} // namespace bollard::app
