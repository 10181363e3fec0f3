#include "app/session/drawing_reader.hpp"

namespace bollard::app {

DrawingReader::DrawingReader(QObject* parent) : QObject(parent), background_(this) {}

void DrawingReader::stop() {
    background_.stop();
    reading_ = false;
}

void DrawingReader::read(const QString& path, std::function<void(const Read&)> take) {
    stop();
    reading_ = true;
    background_.start([this, path, take = std::move(take)](const Background::Courier& courier) {
        const auto read = std::make_shared<const quantity::Result<artwork::Drawing>>(
            artwork::drawingFromFile(path.toStdString(), courier.stop()));
        courier.post([this, read, take, stop = courier.stop()] {
            if (stop.stop_requested())
                return;
            reading_ = false;
            take(read);
        });
    });
}

} // namespace bollard::app
