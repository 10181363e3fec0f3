// Sheets with the rows' parts on them.
#pragma once
#include "app/controls/plan_canvas.hpp"
#include "app/series/row_maker.hpp"

namespace bollard::app {

class SheetCanvas : public PlanCanvas {
    Q_OBJECT
  public:
    explicit SheetCanvas(QWidget* parent);
    /// `rowOf`: of each part its row.
    void show(std::shared_ptr<const nest::Nest> nest, const nest::Board& board, std::vector<int> rowOf,
              const std::vector<MadeRow>* rows);
    void choose(int row); ///< shows it; -1 for none
    int chosen() const { return chosen_; }

  signals:
    void picked(int row);

  protected:
    QRectF all() const override;
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

  private:
    QPointF cornerOf(size_t sheet) const; ///< where it lies among the others, mm
    int rowAt(QPointF at) const;

    std::shared_ptr<const nest::Nest> nest_;
    nest::Board board_;
    std::vector<int> rowOf_;
    const std::vector<MadeRow>* rows_ = nullptr;
    int chosen_ = -1;
};

} // namespace bollard::app
