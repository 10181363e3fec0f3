// What a misspelt word may have been meant to be.
#pragma once
#include "app/session/card_editor.hpp"
#include "app/session/spelling_checker.hpp"
#include <QWidget>

class QHBoxLayout;
class QPlainTextEdit;

namespace bollard::app {

/// Waves under the words of a field, and for the first of them what to do about it.
class MisspeltRow : public QWidget {
    Q_OBJECT
  public:
    MisspeltRow(CardEditor& editor, SpellingChecker& spelling, QPlainTextEdit& words, QWidget* parent);

  private:
    void takeChecked();
    void markWords();
    void offer(const QString& text, const QString& name, const std::function<void()>& act);

    CardEditor& editor_;
    SpellingChecker& spelling_;
    QPlainTextEdit& words_;
    QHBoxLayout* row_;
};

} // namespace bollard::app
