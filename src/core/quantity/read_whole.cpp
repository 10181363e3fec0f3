#include "quantity/read_whole.hpp"
#include <algorithm>
#include <cerrno>
#include <cstring>
#include <fcntl.h>
#include <sys/stat.h>
#include <unistd.h>

namespace bollard::quantity {
namespace {

constexpr off_t largest = off_t(1) << 30;

/// A file that is closed again.
class Open {
  public:
    // Opening a pipe would wait for someone to write into it.
    explicit Open(const std::string& path) : file_(open(path.c_str(), O_RDONLY | O_CLOEXEC | O_NONBLOCK)) {}
    ~Open() {
        if (file_ >= 0)
            close(file_);
    }
    Open(const Open&) = delete;
    Open& operator=(const Open&) = delete;
    int number() const { return file_; }

  private:
    int file_;
};

} // namespace

Result<std::string> readWhole(const std::string& path, std::size_t most) {
    const auto unreadable = [&](const char* why) { return Problem{ProblemKind::fileUnreadable, path, why}; };
    if (path.find('\0') != std::string::npos)
        return Problem{ProblemKind::fileMissing, path};
    const Open file(path);
    if (file.number() < 0)
        return errno == ENOENT || errno == ENOTDIR ? Problem{ProblemKind::fileMissing, path}
                                                   : unreadable(std::strerror(errno));
    struct stat about {};
    if (fstat(file.number(), &about) != 0)
        return unreadable(std::strerror(errno));
    if (S_ISDIR(about.st_mode))
        return unreadable(std::strerror(EISDIR));
    if (!S_ISREG(about.st_mode))
        return unreadable("a pipe or device, no file");
    if (most > std::size_t(largest) && about.st_size > largest)
        return unreadable(std::strerror(EFBIG));
    std::string bytes;
    constexpr std::size_t atOnce = 1 << 20;
    const std::size_t wanted = std::min(most, std::size_t(largest));
    while (bytes.size() < wanted) {
        const std::size_t before = bytes.size();
        // Files that tell no size (of the system's own) are read until they end.
        const std::size_t room =
            std::max(std::size_t(about.st_size) > before ? std::size_t(about.st_size) - before : 0, atOnce);
        bytes.resize(std::min(before + room, wanted));
        const ssize_t got = read(file.number(), bytes.data() + before, bytes.size() - before);
        bytes.resize(before + std::size_t(std::max<ssize_t>(got, 0)));
        if (got < 0 && errno == EINTR)
            continue;
        if (got < 0)
            return unreadable(std::strerror(errno));
        if (got == 0)
            break;
    }
    return bytes;
}

} // namespace bollard::quantity
