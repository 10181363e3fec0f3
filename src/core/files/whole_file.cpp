#include "files/whole_file.hpp"
#include <algorithm>
#include <cerrno>
#include <cstdlib>
#include <cstring>
#include <fcntl.h>
#include <filesystem>
#include <fstream>
#include <sstream>
#include <sys/stat.h>
#include <unistd.h>

namespace bollard::files {

using quantity::Done, quantity::Problem, quantity::ProblemKind;

namespace {

Problem unwritable(const std::string& path) {
    return {ProblemKind::fileUnwritable, path, std::strerror(errno)};
}

/// A temporary file beside the wanted one; gone again unless it was moved into place.
class Draft {
  public:
    explicit Draft(const std::string& path) : name_(path + ".XXXXXX"), file_(mkstemp(name_.data())) {}
    ~Draft() {
        if (file_ < 0)
            return;
        close(file_);
        if (!moved_)
            unlink(name_.c_str());
    }
    Draft(const Draft&) = delete;
    Draft& operator=(const Draft&) = delete;

    bool write(std::string_view bytes) const {
        if (file_ < 0)
            return false;
        while (!bytes.empty()) {
            const ssize_t written = ::write(file_, bytes.data(), bytes.size());
            if (written < 0 && errno == EINTR)
                continue;
            if (written < 0)
                return false;
            bytes.remove_prefix(size_t(written));
        }
        return fdatasync(file_) == 0;
    }
    /// mkstemp makes files for the owner only; give it what the old file, or any new file, would have.
    bool takeMode(const std::string& path) const {
        struct stat old {};
        if (stat(path.c_str(), &old) == 0)
            return fchmod(file_, old.st_mode & 07777) == 0;
        const mode_t mask = umask(0);
        umask(mask);
        return fchmod(file_, 0666 & ~mask) == 0;
    }
    bool moveTo(const std::string& path, IfThere ifThere) {
        // A link never replaces: two programs that both saw no file cannot both win.
        const int failed = ifThere == IfThere::refuse ? link(name_.c_str(), path.c_str())
                                                      : rename(name_.c_str(), path.c_str());
        moved_ = failed == 0 && ifThere == IfThere::replace;
        return failed == 0;
    }

  private:
    std::string name_;
    int file_;
    bool moved_ = false;
};

} // namespace

quantity::Result<Done> writeWhole(const std::string& path, std::string_view bytes, IfThere ifThere) {
    const Problem exists{ProblemKind::fileExists, path};
    std::error_code ignored;
    if (ifThere == IfThere::refuse && std::filesystem::exists(path, ignored))
        return exists;
    Draft draft(path);
    if (!draft.write(bytes) || !draft.takeMode(path))
        return unwritable(path);
    if (!draft.moveTo(path, ifThere))
        return errno == EEXIST ? exists : unwritable(path);
    return Done{};
}

quantity::Result<std::string> readWhole(const std::string& path) {
    std::error_code ignored;
    if (!std::filesystem::exists(path, ignored))
        return Problem{ProblemKind::fileMissing, path};
    errno = 0;
    std::ifstream file(path, std::ios::binary);
    std::ostringstream text;
    text << file.rdbuf();
    if (!file || std::filesystem::is_directory(path, ignored))
        return Problem{ProblemKind::fileUnreadable, path, errno ? std::strerror(errno) : ""};
    return std::move(text).str();
}

std::string withEnding(const std::string& path, std::string_view ending) {
    std::string wanted(1, '.');
    wanted += ending;
    const auto sameLetter = [](char a, char b) {
        return std::tolower(static_cast<unsigned char>(a)) == std::tolower(static_cast<unsigned char>(b));
    };
    const bool has =
        path.size() > wanted.size() &&
        std::equal(wanted.begin(), wanted.end(), path.end() - std::ptrdiff_t(wanted.size()), sameLetter);
    return has ? path : path + wanted;
}

} // namespace bollard::files
