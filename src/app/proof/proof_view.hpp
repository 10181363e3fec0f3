// The Proof view: what the written program makes of the stock, move by move.
#pragma once
#include "app/controls/plan_canvas.hpp"
#include "app/session/background.hpp"
#include "app/session/card_editor.hpp"
#include "app/session/maker.hpp"
#include "proof/proof.hpp"
#include <QImage>
#include <QPainterPath>
#include <QStringListModel>
#include <QTimer>
#include <QWidget>
#include <array>
#include <optional>

class QLabel;
class QListView;
class QPushButton;
class QSlider;

namespace bollard::app {

/// The stock from above with the path over it.
class ProofCanvas : public PlanCanvas {
    Q_OBJECT
  public:
    explicit ProofCanvas(QWidget* parent);
    void show(std::shared_ptr<const proof::Proof> proof, std::shared_ptr<const card::Cuttings> cuttings,
              QImage image, bool back);
    void setImage(QImage image);
    /// So many moves have been made.
    void setDone(size_t moves);
    /// Where a machine that is sent it has its tool, mm from its zero.
    void setTool(std::optional<std::array<double, 3>> at);

  signals:
    /// A tab or a start was dragged: of that path, the place of it there, and where it is now, mm.
    void dragged(size_t path, bool tab, size_t place, QPointF to);

  protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    QRectF all() const override; ///< the stock and what is cut, whichever reaches farther

  private:
    void paintBar(QPainter& painter, double degrees, const cut::RotaryAxis& axis) const;
    const cut::Cutting& cutting() const { return back_ ? cuttings_->back : cuttings_->front; }
    struct Handle {
        size_t path = 0;
        bool tab = false;
        size_t place = 0;
        QPointF at; ///< mm
    };
    std::vector<Handle> handles() const;
    std::optional<Handle> held_;
    std::shared_ptr<const proof::Proof> proof_;
    std::shared_ptr<const card::Cuttings> cuttings_;
    QImage image_;
    size_t done_ = 0;
    bool back_ = false;
    std::optional<std::array<double, 3>> tool_;
    /// The moves as they are painted, for as long as nothing of this changes.
    struct Painted {
        std::shared_ptr<const proof::Proof> proof;
        size_t done = 0;
        double zoom = 0;
        QPointF moved;
        QSize size;
        bool operator==(const Painted&) const = default;
    };
    struct Paths {
        Painted of;
        QPainterPath air, cut, later, arrows;
    };
    Paths paths_;
};

class ProofView : public QWidget {
    Q_OBJECT
  public:
    ProofView(CardEditor& editor, Maker& maker, QWidget* parent);

    /// Of the card that was proved last; null where nothing is cut.
    const std::shared_ptr<const proof::Proof>& proof() const { return proof_; }
    /// That card is the one there is now.
    bool isCurrent() const { return current_; }
    ProofCanvas& canvas() { return *canvas_; }
    QSlider& scrubber() { return *scrubber_; }
    QString told() const;
    QString lineNow() const;

  signals:
    void proved();

  protected:
    void showEvent(QShowEvent* event) override;
    void changeEvent(QEvent* event) override;

  private:
    void prove();
    void take(std::shared_ptr<const card::Cuttings> cuttings, const QString& program,
              std::shared_ptr<const proof::Proof> proof, const QImage& image);
    void go(int move);
    void showPartly();
    void play(bool on);
    void putBySpot(size_t path, bool tab, size_t place, QPointF to);
    const cut::Cutting& cutting() const;
    bool back_ = false; ///< asked for

    CardEditor& editor_;
    Maker& maker_;
    Background background_, scrubbing_;
    ProofCanvas* canvas_;
    QLabel *told_, *place_;
    QListView* lines_;
    QStringListModel* program_;
    QSlider* scrubber_;
    QPushButton *play_, *front_, *behind_;
    QTimer playing_, resting_;
    std::shared_ptr<const card::Cuttings> cuttings_;
    std::shared_ptr<const proof::Proof> proof_;
    card::Made asked_;
    bool current_ = false;
};

} // namespace bollard::app
