#include "files/step_reader.hpp"
#include <cerrno>
#include <chrono>
#include <csignal>
#include <cstring>
#include <fcntl.h>
#include <filesystem>
#include <poll.h>
#include <spawn.h>
#include <sys/mman.h>
#include <sys/wait.h>
#include <unistd.h>

namespace bollard::files {
namespace {

using quantity::Problem, quantity::ProblemKind;

/// Another program with its output at the end of a pipe; gone when this is.
class Reading {
  public:
    /// It finds the bytes as a file of its own.
    Reading(const std::string& program, const std::string& bytes) {
        const int file = memfd_create("part", MFD_CLOEXEC);
        for (size_t done = 0; file >= 0 && done < bytes.size();) {
            const ssize_t count = write(file, bytes.data() + done, bytes.size() - done);
            if (count <= 0)
                break; // what is missing is told by who reads it
            done += size_t(count);
        }
        int ends[2];
        if (pipe2(ends, O_CLOEXEC) != 0) {
            close(file);
            return;
        }
        output_ = ends[0];
        posix_spawn_file_actions_t actions;
        posix_spawn_file_actions_init(&actions);
        posix_spawn_file_actions_adddup2(&actions, ends[1], STDOUT_FILENO);
        constexpr int given = 3;
        posix_spawn_file_actions_adddup2(&actions, file, given);
        posix_spawn_file_actions_addopen(&actions, STDERR_FILENO, "/dev/null", O_WRONLY, 0);
        std::string name = program, of = "/proc/self/fd/" + std::to_string(given);
        char* const arguments[] = {name.data(), of.data(), nullptr};
        if (posix_spawn(&process_, program.c_str(), &actions, nullptr, arguments, environ) != 0)
            process_ = -1;
        posix_spawn_file_actions_destroy(&actions);
        close(ends[1]);
        close(file);
    }
    ~Reading() {
        if (output_ >= 0)
            close(output_);
        if (process_ > 0 && !ended_) {
            kill(process_, SIGKILL);
            waitpid(process_, nullptr, 0);
        }
    }
    Reading(const Reading&) = delete;
    Reading& operator=(const Reading&) = delete;

    bool began() const { return process_ > 0; }
    /// All that it wrote; nothing when it takes too long or is stopped.
    std::optional<std::string> output(const std::stop_token& stop) {
        constexpr auto longest = std::chrono::minutes(2);
        const auto begun = std::chrono::steady_clock::now();
        std::string all;
        for (;;) {
            pollfd wait{output_, POLLIN, 0};
            constexpr int moment = 50; // ms
            const int ready = poll(&wait, 1, moment);
            if (stop.stop_requested() || std::chrono::steady_clock::now() - begun > longest)
                return std::nullopt;
            if (ready <= 0)
                continue;
            char buffer[65536];
            const ssize_t count = read(output_, buffer, sizeof buffer);
            if (count < 0 && errno == EINTR)
                continue;
            if (count <= 0)
                return all;
            all.append(buffer, size_t(count));
        }
    }
    /// Whether it ended as it should.
    bool endedWell() {
        int how = 0;
        waitpid(process_, &how, 0);
        ended_ = true;
        return WIFEXITED(how) && WEXITSTATUS(how) == 0;
    }

  private:
    pid_t process_ = -1;
    int output_ = -1;
    bool ended_ = false;
};

} // namespace

quantity::Result<body::Mesh> meshFromStep(const std::string& bytes, const std::stop_token& stop) {
    std::error_code unknown;
    const std::filesystem::path own = std::filesystem::read_symlink("/proc/self/exe", unknown);
    const std::filesystem::path program = own.parent_path() / "bollard-step";
    Reading reading(program.string(), bytes);
    if (!reading.began())
        return Problem{ProblemKind::partBroken, {}, "bollard-step is not there"};
    const auto output = reading.output(stop);
    if (!output)
        return stop.stop_requested()
                   ? Problem{ProblemKind::stopped}
                   : Problem{ProblemKind::partBroken, {}, "it takes longer than two minutes"};
    if (!reading.endedWell())
        return Problem{ProblemKind::partBroken,
                       {},
                       output->starts_with("! ") ? output->substr(2) : "its reader broke off"};
    // Counts of corners and triangles, then these.
    std::array<std::uint64_t, 2> counts{};
    if (output->size() >= sizeof counts)
        std::memcpy(counts.data(), output->data(), sizeof counts);
    constexpr size_t ofCorner = 3 * sizeof(double), ofTriangle = 3 * sizeof(std::int32_t);
    constexpr std::uint64_t most = 100'000'000;
    if (output->size() < sizeof counts || counts[0] > most || counts[1] > most ||
        output->size() != sizeof counts + counts[0] * ofCorner + counts[1] * ofTriangle)
        return Problem{ProblemKind::partBroken, {}, "its reader broke off"};
    body::Mesh mesh;
    mesh.vertices.resize(counts[0]);
    mesh.triangles.resize(counts[1]);
    const char* at = output->data() + sizeof counts;
    for (body::Vertex& vertex : mesh.vertices) {
        std::array<double, 3> place;
        std::memcpy(place.data(), at, ofCorner);
        vertex = {place[0], place[1], place[2]};
        at += ofCorner;
    }
    for (auto& triangle : mesh.triangles) {
        std::memcpy(triangle.data(), at, ofTriangle);
        at += ofTriangle;
        for (const int corner : triangle)
            if (corner < 0 || size_t(corner) >= mesh.vertices.size())
                return Problem{ProblemKind::partBroken, {}, "its reader broke off"};
    }
    return mesh;
}

} // namespace bollard::files
