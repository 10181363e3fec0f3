#include "app/document/drawing_reader.hpp"

namespace bollard::app {

DrawingReader::DrawingReader(QObject* parent) : QObject(parent) {
    pool_.setMaxThreadCount(1);
}

DrawingReader::~DrawingReader() {
    stop();
    pool_.waitForDone();
}

void DrawingReader::stop() {
    stop_.request_stop();
    reading_ = false;
}

void DrawingReader::read(const QString& path, std::function<void(const Read&)> take) {
    stop();
    stop_ = std::stop_source();
    reading_ = true;
    pool_.start([this, path, take = std::move(take), stop = stop_.get_token()] {
        const auto read = std::make_shared<const quantity::Result<artwork::Drawing>>(
            artwork::drawingFromFile(path.toStdString(), stop));
        QMetaObject::invokeMethod(this, [this, read, take, stop] {
            if (stop.stop_requested())
                return;
            reading_ = false;
            take(read);
        });
    });
}

} // namespace bollard::app
