// fuzz_replay CORPUS: gives every file of the corpus to its reader.
#include "quantity/read_whole.hpp"
#include "targets.hpp"
#include <QGuiApplication>
#include <cstdio>
#include <ctime>
#include <filesystem>
#include <sys/resource.h>

using namespace bollard;

int main(int argc, char** argv) {
    const QGuiApplication application(argc, argv); // SVG drawings are read by Qt
    if (argc != 2)
        return 2;
    constexpr rlim_t mostMemory = rlim_t(2) << 30;
    const rlimit memory{mostMemory, mostMemory};
#if !defined(__SANITIZE_ADDRESS__) && !defined(__SANITIZE_THREAD__) // which take addresses by the terabyte
    setrlimit(RLIMIT_AS, &memory);
#endif
    int files = 0;
    bool quick = true;
    for (const fuzz::Target& target : fuzz::targets)
        for (const auto& entry :
             std::filesystem::directory_iterator(std::filesystem::path(argv[1]) / target.name)) {
            const std::clock_t before = std::clock();
            target.read(*quantity::readWhole(entry.path().string()));
            const double seconds = double(std::clock() - before) / CLOCKS_PER_SEC;
            constexpr double most = 10;
            quick = quick && seconds < most;
            std::printf("%.2f s %s\n", seconds, entry.path().c_str());
            std::fflush(stdout);
            ++files;
        }
    std::printf("%d files\n", files);
    return quick && files > 0 ? 0 : 1;
}
