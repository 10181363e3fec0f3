#include "files/whole_file.hpp"
#include <algorithm>
#include <atomic>
#include <cerrno>
#include <charconv>
#include <csignal>
#include <cstdio>
#include <cstring>
#include <fcntl.h>
#include <filesystem>
#include <memory>
#include <optional>
#include <sys/stat.h>
#include <unistd.h>
#include <vector>

namespace bollard::files {

using quantity::Done, quantity::Problem, quantity::ProblemKind;

namespace {

namespace fs = std::filesystem;

constexpr std::string_view draftStart = ".bollard-draft-";

/// Where links lead to; the end need not be there.
fs::path followed(fs::path path) {
    constexpr int mostLinks = 40;
    std::error_code error;
    for (int i = 0; i < mostLinks && fs::is_symlink(path, error); ++i) {
        const fs::path to = fs::read_symlink(path, error);
        if (error)
            break;
        path = to.is_absolute() ? to : path.parent_path() / to;
    }
    return path;
}

/// Drafts with names tell whose they are: what no running program owns was left by one that was killed.
void sweep(const fs::path& folder) {
    std::error_code error;
    for (fs::directory_iterator entry(folder, error), end; !error && entry != end; entry.increment(error)) {
        const std::string name = entry->path().filename().string();
        if (!name.starts_with(draftStart))
            continue;
        pid_t owner = 0;
        std::from_chars(name.data() + draftStart.size(), name.data() + name.size(), owner);
        if (owner > 0 && kill(owner, 0) != 0 && errno == ESRCH)
            unlink(entry->path().c_str());
    }
}

/// One file on its way: written beside its place, then put there; taken back unless it was kept.
class Draft {
  public:
    explicit Draft(const std::string& path)
        : path_(followed(path)), folder_(path_.has_parent_path() ? path_.parent_path() : fs::path(".")) {}
    ~Draft() {
        if (placed_ && !kept_)
            takeBack();
        if (file_ >= 0)
            close(file_);
        if (!name_.empty())
            unlink(name_.c_str());
    }
    Draft(const Draft&) = delete;
    Draft& operator=(const Draft&) = delete;

    std::optional<ProblemKind> mayBeWritten(IfThere ifThere) {
        old_ = stat(path_.c_str(), &about_) == 0;
        if (!old_) {
            if (errno == ENOENT)
                return std::nullopt;
            return ProblemKind::fileUnwritable; // also a name too long, or a part of the path that is no
                                                // folder
        }
        if (ifThere == IfThere::refuse)
            return ProblemKind::fileExists;
        errno = S_ISDIR(about_.st_mode) ? EISDIR : EINVAL;
        if (!S_ISREG(about_.st_mode))
            return ProblemKind::fileUnwritable;
        constexpr mode_t anyWrite = 0222;
        const bool readOnly = (about_.st_mode & anyWrite) == 0 || access(path_.c_str(), W_OK) != 0;
        if (readOnly && ifThere != IfThere::replaceReadOnly)
            return ProblemKind::fileReadOnly;
        return std::nullopt;
    }

    bool write(std::string_view bytes) {
        constexpr mode_t usual = 0666; // the system takes off what the process does not give
        file_ = open(folder_.c_str(), O_TMPFILE | O_WRONLY | O_CLOEXEC, usual);
        if (file_ < 0) {
            sweep(folder_);
            nameIt();
            file_ = open(name_.c_str(), O_CREAT | O_EXCL | O_WRONLY | O_CLOEXEC, usual);
            if (file_ < 0) {
                name_.clear();
                return false;
            }
        }
        if (old_ && fchmod(file_, about_.st_mode & 07777) != 0)
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

    /// Puts the draft where it belongs. A file that someone else put there meanwhile is not touched.
    bool place() {
        if (!old_)
            placed_ = name_.empty() && linkTo(path_.string()) ? true : giveName() && moveIntoFree();
        else
            placed_ = giveName() && exchange();
        return placed_;
    }

    void keep() {
        kept_ = true;
        // The folder's entry reaches the disk too; where that cannot be asked for, it does so by itself.
        const int folder = open(folder_.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC);
        if (folder >= 0) {
            fsync(folder);
            close(folder);
        }
    }

  private:
    void nameIt() {
        static std::atomic<unsigned> count{0};
        // Short, so that it fits wherever the file's own name does.
        name_ =
            (folder_ / (std::string(draftStart) + std::to_string(getpid()) + "-" + std::to_string(count++)))
                .string();
    }
    bool linkTo(const std::string& path) const {
        const std::string open = "/proc/self/fd/" + std::to_string(file_);
        return linkat(AT_FDCWD, open.c_str(), AT_FDCWD, path.c_str(), AT_SYMLINK_FOLLOW) == 0;
    }
    bool giveName() {
        if (!name_.empty())
            return true;
        if (errno == EEXIST && !old_)
            return false;
        nameIt();
        if (linkTo(name_))
            return true;
        name_.clear();
        return false;
    }
    bool moveIntoFree() {
        if (renameat2(AT_FDCWD, name_.c_str(), AT_FDCWD, path_.c_str(), RENAME_NOREPLACE) != 0) {
            if (errno == EEXIST)
                return false;
            // Neither that nor links are there on every disk: the name is taken first, then filled.
            const int taken = open(path_.c_str(), O_CREAT | O_EXCL | O_WRONLY | O_CLOEXEC, 0666);
            if (taken < 0)
                return false;
            close(taken);
            if (rename(name_.c_str(), path_.c_str()) != 0) {
                const int why = errno;
                unlink(path_.c_str());
                errno = why;
                return false;
            }
        }
        name_.clear();
        return true;
    }
    /// The old file waits under the draft's name until all are in place.
    bool exchange() {
        if (renameat2(AT_FDCWD, name_.c_str(), AT_FDCWD, path_.c_str(), RENAME_EXCHANGE) == 0)
            return true;
        if (errno != EINVAL && errno != ENOSYS)
            return false;
        const std::string draft = name_;
        nameIt();
        if (rename(path_.c_str(), name_.c_str()) != 0) {
            name_ = draft;
            return false;
        }
        if (rename(draft.c_str(), path_.c_str()) == 0)
            return true;
        const int why = errno;
        rename(name_.c_str(), path_.c_str());
        name_ = draft;
        errno = why;
        return false;
    }
    void takeBack() {
        if (!old_)
            unlink(path_.c_str());
        else if (rename(name_.c_str(), path_.c_str()) == 0)
            name_.clear();
    }

    fs::path path_, folder_;
    std::string name_; ///< of the draft, or of the old file once they were exchanged; empty while it has none
    struct stat about_ {};
    int file_ = -1;
    bool old_ = false, placed_ = false, kept_ = false;
};

} // namespace

quantity::Result<Done> writeTogether(std::span<const WholeFile> files, IfThere ifThere) {
    std::vector<std::unique_ptr<Draft>> drafts;
    const auto problem = [](const std::string& path, ProblemKind kind) {
        return Problem{kind, path, kind == ProblemKind::fileUnwritable ? std::strerror(errno) : ""};
    };
    for (const WholeFile& file : files) {
        drafts.push_back(std::make_unique<Draft>(file.path));
        if (const auto kind = drafts.back()->mayBeWritten(ifThere))
            return problem(file.path, *kind);
    }
    for (size_t i = 0; i < files.size(); ++i)
        if (!drafts[i]->write(files[i].bytes))
            return problem(files[i].path, ProblemKind::fileUnwritable);
    for (size_t i = 0; i < files.size(); ++i) {
        errno = 0;
        if (!drafts[i]->place())
            return problem(files[i].path,
                           errno == EEXIST ? ProblemKind::fileExists : ProblemKind::fileUnwritable);
    }
    for (const auto& draft : drafts)
        draft->keep();
    return Done{};
}

quantity::Result<Done> writeWhole(const std::string& path, std::string_view bytes, IfThere ifThere) {
    return writeTogether(std::vector<WholeFile>{{path, std::string(bytes)}}, ifThere);
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
