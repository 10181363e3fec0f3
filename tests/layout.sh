#!/usr/bin/env bash
# clang-format decides the layout of our code.
set -euo pipefail
cd "$1"
find src tests bench fuzz examples -name '*.cpp' -o -name '*.hpp' | sort | xargs -P "$(nproc)" -n 8 clang-format --dry-run -Werror
