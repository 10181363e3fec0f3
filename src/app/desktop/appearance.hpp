// What the desktop says of looks: dark or light, high contrast, size of text.
#pragma once
#include "drawing/tokens.hpp"
#include <QDBusMessage>
#include <QDBusVariant>
#include <QObject>

namespace bollard::app {

/// Asks the desktop's settings portal (org.freedesktop.portal.Settings, XDG Desktop Portal) over the session
/// bus, and hears of changes. Where there is none, the look is light and text has its own size.
class Appearance : public QObject {
    Q_OBJECT
  public:
    explicit Appearance(QObject* parent = nullptr);

    drawing::Look look() const;
    double textScale() const { return textScale_; } ///< 1 for its own size

  signals:
    void changed();

  private slots:
    void take(const QString& group, const QString& key, const QDBusVariant& value);

  private:
    void ask(const QString& group, const QString& key);
    bool dark_ = false, contrast_ = false;
    double textScale_ = 1;
};

} // namespace bollard::app
