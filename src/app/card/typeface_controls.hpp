// What a typeface lets one choose: its axes and its OpenType features.
#pragma once
#include "app/controls/number_field.hpp"
#include "app/session/card_editor.hpp"
#include "type/typeface.hpp"
#include <QWidget>

class QCheckBox;

namespace bollard::app {

class TypefaceControls : public QWidget {
    Q_OBJECT
  public:
    TypefaceControls(CardEditor& editor, QWidget* parent);

    /// Shows what the typeface has, as the selected inscription sets it; null has nothing.
    void show(const std::shared_ptr<const type::Typeface>& typeface);
    /// The one shown last.
    const std::shared_ptr<const type::Typeface>& typeface() const { return typeface_; }
    bool empty() const { return axes_.empty() && features_.empty(); }

  private:
    void addAxis(const type::Axis& axis);
    void addFeature(const std::string& tag);
    void refresh();

    CardEditor& editor_;
    std::shared_ptr<const type::Typeface> typeface_;
    std::vector<std::pair<type::Axis, NumberField*>> axes_;
    std::vector<std::pair<std::string, QCheckBox*>> features_;
};

} // namespace bollard::app
