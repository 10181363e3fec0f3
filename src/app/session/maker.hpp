// Makes the open card off the interface thread.
#pragma once
#include "app/session/background.hpp"
#include "card/pipeline.hpp"
#include "check/width_counts.hpp"
#include "drawing/flat_drawing.hpp"
#include "picture/scene.hpp"
#include <QObject>
#include <QTimer>
#include <memory>

namespace bollard::app {

/// What can be shown of a card. Parts are null until they are made; a later stage of the same revision has
/// more.
struct Shown {
    int revision = 0;
    card::Made made{};
    std::shared_ptr<const drawing::FlatDrawing> flat{};
    std::shared_ptr<const picture::Scene> scene{};
    double mass = 0;                                    ///< of made.solid, g; 0 where that is not known
    std::shared_ptr<const check::WidthCounts> widths{}; ///< of made.checked
};

/// Runs the pipeline for the newest card. A run that a newer card overtakes may finish for a moment, so that
/// someone who types without pause still sees what he types; then it is stopped.
class Maker : public QObject {
    Q_OBJECT
  public:
    explicit Maker(QObject* parent = nullptr);

    void make(const card::Card& card, const QString& folder);
    /// What machines and tools there are, from the next card on.
    void useShop(std::shared_ptr<const cut::Shop> shop) { shop_ = std::move(shop); }
    bool busy() const { return busy_; }
    const Shown& shown() const { return shown_; }
    /// The letters shown; none before any were made.
    const card::Lettering& lettering() const;
    /// Null until the typefaces have been read, which happens off the interface thread too.
    const std::shared_ptr<const type::Catalogue>& catalogue() const { return catalogue_; }

  signals:
    void stageDone(); ///< shown() has more
    void busyChanged();
    void catalogueReady();

  private:
    void start();
    void take(const Shown& shown);
    void finish(int revision);

    struct Request {
        std::shared_ptr<const card::Card> card;
        std::string folder;
        int revision = 0;
        std::shared_ptr<const cut::Shop> shop;
    };
    QTimer patience_, overdue_;
    std::shared_ptr<std::unique_ptr<card::Pipeline>> pipeline_; ///< used by the one worker thread only
    std::shared_ptr<const type::Catalogue> catalogue_;
    std::shared_ptr<const cut::Shop> shop_ = std::make_shared<const cut::Shop>(cut::shippedShop());
    Request newest_;
    bool waiting_ = false, busy_ = false;
    Shown shown_;
    Background background_;
};

} // namespace bollard::app
