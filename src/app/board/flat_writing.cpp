// Words written in place on the Flat view.
#include "app/board/flat_view.hpp"
#include "drawing/paths.hpp"
#include <QInputMethodEvent>
#include <QPainter>

namespace bollard::app {

bool FlatView::event(QEvent* event) {
    // While writing, plain keys are letters and not the window's shortcuts.
    if (event->type() == QEvent::ShortcutOverride && writing()) {
        const auto* key = static_cast<QKeyEvent*>(event);
        if (!(key->modifiers() & (Qt::ControlModifier | Qt::AltModifier))) {
            event->accept();
            return true;
        }
    }
    return QWidget::event(event);
}

void FlatView::inputMethodEvent(QInputMethodEvent* event) {
    if (writing() && !event->commitString().isEmpty())
        write(event->commitString());
    event->accept();
}

QVariant FlatView::inputMethodQuery(Qt::InputMethodQuery query) const {
    if (query == Qt::ImEnabled)
        return writing();
    if (query == Qt::ImCursorRectangle)
        if (const auto line = caretLine())
            return QRectF(line->p1(), line->p2()).normalized().toRect();
    return QWidget::inputMethodQuery(query);
}

void FlatView::focusOutEvent(QFocusEvent* event) {
    sectioning_ = false;
    stopWriting();
    QWidget::focusOutEvent(event);
}

void FlatView::startWriting() {
    if (!editor_.inscription() || editor_.inscription()->isOrnament())
        return;
    if (setting::hasFields(editor_.inscription()->words)) {
        emit fieldsMet(); // places on the board are those of the filled-in words
        return;
    }
    setFocus();
    caret_ = int(type::codePoints(editor_.inscription()->words).size());
    caretShown_ = true;
    blink_.start();
    setAttribute(Qt::WA_InputMethodEnabled, true);
    update();
}

void FlatView::stopWriting() {
    if (!writing())
        return;
    caret_.reset();
    blink_.stop();
    setAttribute(Qt::WA_InputMethodEnabled, false);
    editor_.endGesture();
    update();
}

void FlatView::write(const QString& text) {
    const std::u32string typed = type::codePoints(text.toStdString());
    editor_.editInscription(tr("Typing"), QStringLiteral("words"), [&](card::Inscription& inscription) {
        std::u32string words = type::codePoints(inscription.words);
        const size_t at = std::min(size_t(*caret_), words.size());
        words.insert(at, typed);
        inscription.words = type::utf8(words);
    });
    caret_ = *caret_ + int(typed.size());
    if (text.back().isSpace())
        editor_.endGesture(); // one step of history a word
}

void FlatView::erase(int from, int count) {
    editor_.editInscription(tr("Typing"), QStringLiteral("words"), [&](card::Inscription& inscription) {
        std::u32string words = type::codePoints(inscription.words);
        if (size_t(from) < words.size())
            words.erase(size_t(from), size_t(count));
        inscription.words = type::utf8(words);
    });
    caret_ = from;
}

void FlatView::moveCaretUpright(int lines) {
    const auto line = caretLine();
    if (!line)
        return;
    const QPointF middle = line->center();
    const QPointF along = line->p1() - line->p2(); // downwards, one line long or so
    placeCaret(middle + along * (1.4 * lines));
}

std::optional<QLineF> FlatView::caretLine() const {
    const working::PlacedLetters* letters = shownLetters();
    if (!letters || !caret_)
        return std::nullopt;
    const setting::Setting& setting = *letters->setting;
    const double capital = setting::measureOf(setting, setting::SizeBy::capital) * plane::unitsPerMillimetre;
    for (auto line = setting.lines.rbegin(); line != setting.lines.rend(); ++line) {
        if (*caret_ < line->first)
            continue;
        const size_t place = std::min(size_t(*caret_ - line->first), line->carets.size() - 1);
        const plane::Curve::Place at = line->at(line->carets[place]);
        const auto pixels = [&](double height) {
            const plane::Vector up = at.at + height * plane::Vector{-at.along.y, at.along.x};
            return scale_.toPixels(drawing::pointOf(letters->place.toSide(up)));
        };
        return QLineF(pixels(-0.25 * capital), pixels(1.2 * capital));
    }
    return std::nullopt;
}

void FlatView::paintCaret(QPainter& painter) const {
    const auto line = caretLine();
    if (!line || !caretShown_)
        return;
    painter.setPen(QPen(drawing::tokens().tide, 2));
    painter.drawLine(*line);
}

void FlatView::placeCaret(QPointF at) {
    const working::PlacedLetters* letters = shownLetters();
    if (!letters || letters->setting->lines.empty())
        return;
    const QPointF mm = scale_.toMm(at);
    const plane::Vector inSetting =
        letters->place.toSetting(plane::unitsPerMillimetre * plane::Vector{mm.x(), mm.y()});
    // The nearest place of a caret, felt at the middle of the letters.
    const double middle =
        setting::measureOf(*letters->setting, setting::SizeBy::capital) / 2 * plane::unitsPerMillimetre;
    double least = std::numeric_limits<double>::infinity();
    for (const setting::Line& line : letters->setting->lines)
        for (size_t place = 0; place < line.carets.size(); ++place) {
            const plane::Curve::Place stand = line.at(line.carets[place]);
            const plane::Vector felt = stand.at + middle * plane::Vector{-stand.along.y, stand.along.x};
            if (const double far = plane::length(felt - inSetting); far < least) {
                least = far;
                caret_ = line.first + int(place);
            }
        }
    caretShown_ = true;
    update();
}

} // namespace bollard::app
