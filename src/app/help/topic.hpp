// What of the help explains a part of the window.
#pragma once
#include <QStringList>
#include <QVariant>
#include <QWidget>

namespace bollard::app {

inline constexpr auto topicProperty = "helpTopic";

/// F1 in that widget, or in one within it, opens the section about the topic.
inline void explain(QWidget* widget, const QString& topic) {
    widget->setProperty(topicProperty, topic);
}

/// Topics of a widget and of those round it, from the inside outwards.
inline QStringList topicsOf(const QWidget* widget) {
    QStringList topics;
    for (; widget; widget = widget->parentWidget())
        if (const QString topic = widget->property(topicProperty).toString(); !topic.isEmpty())
            topics << topic;
    return topics;
}

} // namespace bollard::app
