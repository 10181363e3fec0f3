// Many parts of one card: what each is called.
#pragma once
#include "setting/rows.hpp"
#include <string>
#include <utility>
#include <vector>

namespace bollard::card {

/// What a row's file is called, without its ending: its number (from 0 given, from 1 told) with as many
/// digits as the last row's, and the fields of the table in order. Of those each run of anything but A-Z, a-z
/// and 0-9 is one `-`, none at either end, at most 60 characters; no two rows are called alike.
std::string nameOfRow(const setting::Rows& rows, int row);

/// What the fields of a row stand for, with the number that goes on.
std::vector<std::pair<std::string, std::string>> fieldsOfRow(const setting::Rows& rows, int row);

} // namespace bollard::card
