// Processes with limits of one's own, kept under a name for all cards.
#pragma once
#include "process/process.hpp"
#include <QString>
#include <vector>

namespace bollard::app {

/// Kept in a file each, in the person's own data folder. What cannot be read is left out and left alone.
std::vector<process::Process> keptProcesses();
/// Replaces one of the same name. What went wrong, or nothing.
QString keepProcess(const process::Process& process);
QString forgetProcess(const std::string& name);

} // namespace bollard::app
