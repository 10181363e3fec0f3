// Times: of this program's work, of this thread's, and by the clock on the wall.
#pragma once
#include <chrono>
#include <ctime>

namespace bench {

inline double secondsOf(clockid_t clock) {
    timespec now{};
    clock_gettime(clock, &now);
    return double(now.tv_sec) + 1e-9 * double(now.tv_nsec);
}
inline double processorSeconds() {
    return secondsOf(CLOCK_PROCESS_CPUTIME_ID);
}
inline double threadSeconds() {
    return secondsOf(CLOCK_THREAD_CPUTIME_ID);
}

using Clock = std::chrono::steady_clock;
inline double millisecondsSince(Clock::time_point start) {
    return std::chrono::duration<double, std::milli>(Clock::now() - start).count();
}

} // namespace bench
