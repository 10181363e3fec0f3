#include "app/desktop/appearance.hpp"
#include <QDBusConnection>
#include <QDBusPendingCallWatcher>
#include <QDBusPendingReply>

namespace bollard::app {
namespace {

const auto service = QStringLiteral("org.freedesktop.portal.Desktop"),
           path = QStringLiteral("/org/freedesktop/portal/desktop"),
           interface = QStringLiteral("org.freedesktop.portal.Settings"),
           looksGroup = QStringLiteral("org.freedesktop.appearance"),
           // Of one family of desktops, but others tell their size of text by it too.
    textGroup = QStringLiteral("org.gnome.desktop.interface");
const auto schemeKey = QStringLiteral("color-scheme"), contrastKey = QStringLiteral("contrast"),
           textKey = QStringLiteral("text-scaling-factor");

/// Read() wraps the value in a variant of its own, changes do not.
QVariant unwrapped(QVariant value) {
    while (value.canConvert<QDBusVariant>())
        value = value.value<QDBusVariant>().variant();
    return value;
}

} // namespace

Appearance::Appearance(QObject* parent) : QObject(parent) {
    QDBusConnection bus = QDBusConnection::sessionBus();
    if (!bus.isConnected())
        return;
    bus.connect(service, path, interface, QStringLiteral("SettingChanged"), this,
                SLOT(take(QString, QString, QDBusVariant)));
    ask(looksGroup, schemeKey);
    ask(looksGroup, contrastKey);
    ask(textGroup, textKey);
}

/// Not waited for: the window is there at once, and takes the answer when it comes.
void Appearance::ask(const QString& group, const QString& key) {
    QDBusMessage question = QDBusMessage::createMethodCall(service, path, interface, QStringLiteral("Read"));
    question << group << key;
    auto* answer = new QDBusPendingCallWatcher(QDBusConnection::sessionBus().asyncCall(question), this);
    connect(answer, &QDBusPendingCallWatcher::finished, this, [this, group, key, answer] {
        const QDBusPendingReply<QDBusVariant> reply = *answer;
        answer->deleteLater();
        if (!reply.isError())
            take(group, key, reply.value());
    });
}

void Appearance::take(const QString& group, const QString& key, const QDBusVariant& wrapped) {
    const QVariant value = unwrapped(wrapped.variant());
    constexpr uint prefersDark = 1, prefersContrast = 1;
    if (group == looksGroup && key == schemeKey)
        dark_ = value.toUInt() == prefersDark;
    else if (group == looksGroup && key == contrastKey)
        contrast_ = value.toUInt() == prefersContrast;
    else if (group == textGroup && key == textKey && value.toDouble() > 0)
        textScale_ = value.toDouble();
    else
        return;
    emit changed();
}

drawing::Look Appearance::look() const {
    using drawing::Look;
    return contrast_ ? dark_ ? Look::contrastDark : Look::contrastLight : dark_ ? Look::dark : Look::light;
}

} // namespace bollard::app
