#include "app/desktop/recent_list.hpp"
#include "files/whole_file.hpp"
#include <QDateTime>
#include <QDir>
#include <QFileInfo>
#include <QStandardPaths>
#include <QUrl>
#include <mutex>
#include <pugixml.hpp>
#include <sstream>

namespace bollard::app {
namespace {

constexpr auto application = "bollard";

pugi::xml_node childOf(pugi::xml_node node, const char* name) {
    const pugi::xml_node there = node.child(name);
    return there ? there : node.append_child(name);
}

void set(pugi::xml_node node, const char* name, const std::string& value) {
    pugi::xml_attribute attribute = node.attribute(name);
    (attribute ? attribute : node.append_attribute(name)).set_value(value.c_str());
}

} // namespace

QString recentListFile() {
    return QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) +
           QStringLiteral("/recently-used.xbel");
}

bool noteForDesktop(const QString& path, const QString& type) {
    static std::mutex oneAtATime;
    const std::scoped_lock lock(oneAtATime);
    const std::string file = recentListFile().toStdString();
    pugi::xml_document list;
    if (QFileInfo::exists(recentListFile())) {
        const auto text = files::readWhole(file);
        if (!text || !list.load_string(text->c_str(), pugi::parse_full) || !list.child("xbel"))
            return false;
    } else {
        list.load_string("<?xml version=\"1.0\" encoding=\"UTF-8\"?>"
                         "<xbel version=\"1.0\" "
                         "xmlns:bookmark=\"http://www.freedesktop.org/standards/desktop-bookmarks\" "
                         "xmlns:mime=\"http://www.freedesktop.org/standards/shared-mime-info\"/>",
                         pugi::parse_default | pugi::parse_declaration);
    }
    pugi::xml_node root = list.child("xbel");
    const std::string address = QUrl::fromLocalFile(path).toEncoded().toStdString();
    const std::string now = QDateTime::currentDateTimeUtc().toString(Qt::ISODateWithMs).toStdString();
    pugi::xml_node entry = root.find_child_by_attribute("bookmark", "href", address.c_str());
    if (!entry) {
        entry = root.append_child("bookmark");
        set(entry, "href", address);
        set(entry, "added", now);
    }
    set(entry, "modified", now);
    set(entry, "visited", now);
    pugi::xml_node data = childOf(childOf(entry, "info"), "metadata");
    set(data, "owner", "http://freedesktop.org");
    set(childOf(data, "mime:mime-type"), "type", type.toStdString());
    pugi::xml_node applications = childOf(data, "bookmark:applications");
    pugi::xml_node own = applications.find_child_by_attribute("bookmark:application", "name", application);
    if (!own)
        own = applications.append_child("bookmark:application");
    set(own, "name", application);
    set(own, "exec", "'bollard %f'");
    set(own, "modified", now);
    set(own, "count", std::to_string(own.attribute("count").as_int() + 1));
    std::ostringstream text;
    list.save(text, "  ");
    QDir().mkpath(QFileInfo(recentListFile()).path());
    return bool(files::writeWhole(file, text.str(), files::IfThere::replace));
}

} // namespace bollard::app
