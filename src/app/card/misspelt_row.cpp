#include "app/card/misspelt_row.hpp"
#include "app/controls/empty_out.hpp"
#include "app/controls/looks.hpp"
#include "type/shaping.hpp"
#include <QHBoxLayout>
#include <QLabel>
#include <QPlainTextEdit>
#include <QPushButton>

namespace bollard::app {

MisspeltRow::MisspeltRow(CardEditor& editor, SpellingChecker& spelling, QPlainTextEdit& words,
                         QWidget* parent)
    : QWidget(parent), editor_(editor), spelling_(spelling), words_(words), row_(new QHBoxLayout(this)) {
    row_->setContentsMargins(0, 0, 0, 0);
    row_->setSpacing(8);
    hide();
    connect(&spelling, &SpellingChecker::checked, this, &MisspeltRow::takeChecked);
}

void MisspeltRow::markWords() {
    const std::u32string words = type::codePoints(words_.toPlainText().toStdString());
    const auto utf16 = [&](int codePoint) {
        return int(QString::fromStdString(type::utf8(words.substr(0, size_t(codePoint)))).size());
    };
    QList<QTextEdit::ExtraSelection> marks;
    for (const type::Misspelling& wrong : spelling_.misspelt()) {
        if (size_t(wrong.first + wrong.count) > words.size())
            continue; // typed on meanwhile
        QTextEdit::ExtraSelection mark;
        mark.cursor = QTextCursor(words_.document());
        mark.cursor.setPosition(utf16(wrong.first));
        mark.cursor.setPosition(utf16(wrong.first + wrong.count), QTextCursor::KeepAnchor);
        mark.format.setUnderlineStyle(QTextCharFormat::WaveUnderline);
        mark.format.setUnderlineColor(drawing::tokens().watch);
        marks << mark;
    }
    words_.setExtraSelections(marks);
}

void MisspeltRow::offer(const QString& text, const QString& name, const std::function<void()>& act) {
    auto* button = new QPushButton(text, this);
    button->setObjectName(QStringLiteral("link"));
    button->setAccessibleName(name);
    button->setToolTip(name);
    row_->addWidget(button);
    connect(button, &QPushButton::clicked, this, act);
}

void MisspeltRow::takeChecked() {
    markWords();
    emptyOut(*this);
    const bool any =
        !spelling_.misspelt().empty() && editor_.inscription() && !editor_.inscription()->isOrnament();
    setVisible(any);
    if (!any)
        return;
    const type::Misspelling wrong = spelling_.misspelt().front();
    const QString word = QString::fromStdString(wrong.word);
    row_->addWidget(softLabel(tr("“%1”?").arg(word), this));
    for (const QString& suggestion : spelling_.suggestions().mid(0, 2))
        offer(suggestion, tr("Write “%1” for “%2”").arg(suggestion, word), [this, wrong, suggestion] {
            editor_.editInscription(tr("Correct the spelling"), {}, [&](card::Inscription& inscription) {
                std::u32string words = type::codePoints(inscription.words);
                if (size_t(wrong.first + wrong.count) <= words.size())
                    words.replace(size_t(wrong.first), size_t(wrong.count),
                                  type::codePoints(suggestion.toStdString()));
                inscription.words = type::utf8(words);
            });
        });
    offer(tr("is right"), tr("Keep “%1” as a word of mine").arg(word),
          [this, word] { spelling_.learn(word); });
    row_->addStretch();
}

} // namespace bollard::app
