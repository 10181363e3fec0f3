// A reader under libFuzzer; BOLLARD_TARGET names it.
#include "targets.hpp"
#include <QGuiApplication>

extern "C" int LLVMFuzzerInitialize(int* argc, char*** argv) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
    static QGuiApplication application(*argc, *argv);
    return 0;
}

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    bollard::fuzz::BOLLARD_TARGET(std::string(reinterpret_cast<const char*>(data), size));
    return 0;
}
