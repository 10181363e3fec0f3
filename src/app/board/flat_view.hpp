// The Flat view: letters in their true place, moved, sized, turned and written by hand.
#pragma once
#include "app/board/line_handles.hpp"
#include "app/session/card_editor.hpp"
#include "app/session/maker.hpp"
#include "card/tying.hpp"
#include "type/spelling.hpp"
#include <QPixmap>
#include <QWidget>
#include <optional>

namespace bollard::app {

class OverlayChoice;
class SectionStrip;
class SideChoice;

class FlatView : public QWidget {
    Q_OBJECT
  public:
    FlatView(CardEditor& editor, Maker& maker, QWidget* parent = nullptr);

    const drawing::FlatScale& scale() const { return scale_; }
    void fit();
    /// Brings the places into view, large enough to judge.
    void zoomTo(const std::vector<check::FindingPlace>& places);
    /// Rings around the places; an empty list takes them away.
    void light(const std::vector<check::FindingPlace>& places, bool stops);

    OverlayChoice& overlays() { return *overlays_; }
    /// Where the blank is held, for the pieces; nothing: by its outer edge.
    void holdAt(std::optional<QPointF> mm);
    SectionStrip& section() { return *strip_; }

    /// Waves under the words of the selected inscription that a dictionary does not know.
    void markMisspelt(const std::vector<type::Misspelling>& misspelt);
    const std::vector<type::Misspelling>& misspelt() const { return misspelt_; }

    bool writing() const { return caret_.has_value(); }
    void write(const QString& text); ///< at the caret, while writing
    void startWriting();             ///< a caret at the end of the selected words
    int caret() const { return caret_.value_or(-1); }

    /// Handles of the line that the selected words run along; their places in mm on the side.
    std::vector<LineHandle> bendHandles() const;
    /// What the pointer measures while M is held: the stroke under it, or the way it was dragged.
    QString measured() const { return measured_; }

    /// The chosen tie of the selected words; null for none.
    const working::PlacedTie* tie() const;
    /// Where it is turned, pixels.
    std::optional<QPointF> tieKnob() const;

    /// Corners of the selected frame, then the turning handle, in pixels; empty when nothing is selected.
    QList<QPointF> handles() const;

  signals:
    void fieldsMet(); ///< the words cannot be written here, since the board shows them filled in

  protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void keyReleaseEvent(QKeyEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;
    void inputMethodEvent(QInputMethodEvent* event) override;
    QVariant inputMethodQuery(Qt::InputMethodQuery query) const override;
    bool event(QEvent* event) override;

  private:
    static constexpr double handleSize = 8; // pixels
    enum class Drag { none, pan, move, size, turn, line, letters, measure, tie, tieTurn, section, seam };
    struct SnapLine {
        bool upright;
        double at; ///< mm
    };
    void takeShown();
    QPolygonF frameOf(int inscription) const;
    /// Inscriptions that are being dragged, and how far they are from where they were made.
    drawing::FlatExtras extras() const;
    /// The board without what follows the pointer, drawn again only where it is different.
    const QPixmap& ground(const drawing::FlatExtras& extras);
    void beginDrag(Drag drag, QPointF at);
    void dragTo(QPointF at, bool free);
    QPointF snapped(QPointF anchor_mm, const QPolygonF& frameAtStart);
    void moveBy(double dx, double dy);
    void paintSelection(QPainter& painter) const;
    void paintLine(QPainter& painter) const;
    void paintChosenLetters(QPainter& painter) const;
    void paintMeasure(QPainter& painter) const;
    void paintMisspelt(QPainter& painter) const;
    /// The letter (its first code point) of the selected inscription at a point in pixels; -1 for none.
    int letterAt(QPointF at) const;
    void chooseLetter(QPointF at, bool more);
    void stepLetter(int by, bool more);
    void nudgeBy(double dx, double dy);
    void measureAt(QPointF at);
    int tieAt(QPointF at) const; ///< its place in placedTies; -1 for none
    bool pressOnTies(QPointF at);
    void dragTie(QPointF at);
    void stepTie();
    void putTie(QPointF at);
    bool keyOnTie(QKeyEvent* event);
    void changeTie(const QString& name, const QString& key,
                   const std::function<void(const card::Tied&)>& change);
    void paintTies(QPainter& painter) const;
    const working::PlacedLetters* shownLetters() const;
    void paintCaret(QPainter& painter) const;
    void placeCaret(QPointF at);
    void erase(int from, int count);
    void moveCaretUpright(int lines);
    void stopWriting();
    std::optional<QLineF> caretLine() const; ///< pixels
    void zoom(double factor, QPointF around);

    void placeSideChoice();
    /// Whether the pointer is on an end of a side that goes all the way round.
    bool onSeam(QPointF at) const;
    /// Shows such a side cut open elsewhere, mm; free: at any degree.
    void seamTo(double mm, bool free);

    CardEditor& editor_;
    Maker& maker_;
    SideChoice* sides_;
    OverlayChoice* overlays_;
    SectionStrip* strip_;
    bool sectioning_ = false;           ///< S is held
    std::optional<QLineF> sectionLine_; ///< mm
    void showSection();
    drawing::FlatScale scale_;
    bool fitted_ = true; ///< follows the part until the person zooms or pans
    drawing::FlatExtras extras_;

    /// The ground as it is kept, and what it was drawn for.
    struct Ground {
        QPixmap picture{};
        std::shared_ptr<const drawing::FlatDrawing> flat{};
        drawing::FlatScale scale{};
        std::string side{};
        std::vector<int> lifted{};
        drawing::Look look{};
        drawing::Overlay overlay{};
        std::optional<QPointF> heldAt{};
    };
    Ground ground_;

    Drag drag_ = Drag::none;
    QPointF pressedAt_, handleCentre_;
    QPointF originAtStart_;
    double seamAtStart_ = 0; // mm
    card::Inscription atStart_;
    std::vector<setting::Nudge> nudgesAtStart_; ///< by letter as made
    std::vector<card::Inscription> chosenAtStart_;
    QPolygonF frameAtStart_;
    LineHandle handle_;
    std::optional<working::PlacedLetters> lettersAtStart_;
    bool measuring_ = false;              ///< M is held
    std::optional<QLineF> measureLine_;   ///< mm
    std::optional<QPointF> measurePoint_; ///< mm; the width there is measuredWidth_
    double measuredWidth_ = 0;
    QString measured_;
    std::vector<type::Misspelling> misspelt_;
    std::vector<SnapLine> caught_;

    int tie_ = -1; ///< chosen, its place in placedTies

    std::optional<int> caret_;
    QTimer blink_;
    bool caretShown_ = true;
};

} // namespace bollard::app
