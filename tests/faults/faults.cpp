// Loaded before a program: makes one of its calls that change files fail, or ends the program there.
//   BOLLARD_FAULT_IN    folder whose files count
//   BOLLARD_FAULT_AT    the how many-th call, from 1; 0 lets all go well
//   BOLLARD_FAULT       "full" or "broken": the call fails so; "kill": the program ends before it
//   BOLLARD_FAULT_WAIT  ms that the disk takes to write a file of that folder
//   BOLLARD_FAULT_COUNT file that is told how many calls there were, when the program ends by itself
#include <atomic>
#include <cerrno>
#include <climits>
#include <csignal>
#include <cstdarg>
#include <cstdlib>
#include <cstring>
#include <dlfcn.h>
#include <fcntl.h>
#include <string>
#include <unistd.h>

namespace {

std::atomic<int> calls{0};

std::string setting(const char* name) {
    const char* value = std::getenv(name);
    return value ? value : "";
}

bool isOurs(const std::string& path) {
    static const std::string folder = setting("BOLLARD_FAULT_IN");
    return !folder.empty() && path.starts_with(folder);
}

std::string pathOf(int file) {
    std::string link = "/proc/self/fd/" + std::to_string(file);
    char path[PATH_MAX];
    const ssize_t length = ::readlink(link.c_str(), path, sizeof path);
    return length > 0 ? std::string(path, size_t(length)) : std::string();
}

/// Counts the call; true: it is to fail, and errno says why.
bool fails(const std::string& path) {
    static const int at = std::atoi(setting("BOLLARD_FAULT_AT").c_str());
    static const std::string fault = setting("BOLLARD_FAULT");
    if (!isOurs(path) || ++calls != at)
        return false;
    if (fault == "kill")
        ::kill(::getpid(), SIGKILL);
    errno = fault == "full" ? ENOSPC : EIO;
    return true;
}

template<class Call> Call next(const char* name) {
    return reinterpret_cast<Call>(::dlsym(RTLD_NEXT, name));
}

struct Told {
    ~Told() {
        const std::string file = setting("BOLLARD_FAULT_COUNT");
        if (file.empty())
            return;
        const std::string text = std::to_string(calls);
        static const auto open = next<int (*)(const char*, int, ...)>("open");
        static const auto write = next<ssize_t (*)(int, const void*, size_t)>("write");
        const int into = open(file.c_str(), O_CREAT | O_WRONLY | O_TRUNC, 0600);
        if (into >= 0 && write(into, text.data(), text.size()) > 0)
            ::close(into);
    }
} told;

} // namespace

extern "C" {

int open(const char* path, int flags, ...) {
    va_list more;
    va_start(more, flags);
    const mode_t mode = va_arg(more, mode_t);
    va_end(more);
    static const auto real = next<int (*)(const char*, int, ...)>("open");
    if ((flags & O_ACCMODE) != O_RDONLY && fails(path))
        return -1;
    return real(path, flags, mode);
}
ssize_t write(int file, const void* bytes, size_t count) {
    static const auto real = next<ssize_t (*)(int, const void*, size_t)>("write");
    return fails(pathOf(file)) ? -1 : real(file, bytes, count);
}
int fdatasync(int file) {
    static const auto real = next<int (*)(int)>("fdatasync");
    static const int wait = std::atoi(setting("BOLLARD_FAULT_WAIT").c_str());
    if (wait > 0 && isOurs(pathOf(file)))
        ::usleep(useconds_t(wait) * 1000);
    return fails(pathOf(file)) ? -1 : real(file);
}
int fchmod(int file, mode_t mode) {
    static const auto real = next<int (*)(int, mode_t)>("fchmod");
    return fails(pathOf(file)) ? -1 : real(file, mode);
}
int linkat(int from, const char* path, int to, const char* name, int flags) {
    static const auto real = next<int (*)(int, const char*, int, const char*, int)>("linkat");
    return fails(name) ? -1 : real(from, path, to, name, flags);
}
int renameat2(int from, const char* path, int to, const char* name, unsigned flags) {
    static const auto real = next<int (*)(int, const char*, int, const char*, unsigned)>("renameat2");
    return fails(name) ? -1 : real(from, path, to, name, flags);
}
int rename(const char* path, const char* name) {
    static const auto real = next<int (*)(const char*, const char*)>("rename");
    return fails(name) ? -1 : real(path, name);
}

} // extern "C"
