#!/usr/bin/env bash
# tbb.sh FOLDER: Debian's TBB, built from its source under the thread sanitizer into FOLDER, once. With the one that is
# installed the sanitizer sees none of the orderings between tasks.
set -euo pipefail
[ -d "$1/lib" ] && exit 0
mkdir -p "$1"
folder=$(cd "$1" && pwd)
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
mkdir -p "$work/lists/partial" "$work/source"
echo "deb-src http://deb.debian.org/debian bookworm main" >"$work/sources.list"
from=(-o "Dir::Etc::sourcelist=$work/sources.list" -o Dir::Etc::sourceparts=/dev/null -o "Dir::State::lists=$work/lists"
      -o APT::Sandbox::User=)
apt-get "${from[@]}" update -q
(cd "$work/source" && apt-get "${from[@]}" source -q onetbb)
cmake -G Ninja -S "$work"/source/onetbb-* -B "$work/build" -DCMAKE_BUILD_TYPE=RelWithDebInfo -DTBB_TEST=OFF \
    -DTBB_STRICT=OFF -DCMAKE_CXX_FLAGS=-fsanitize=thread -DCMAKE_INSTALL_PREFIX="$work/installed" -DCMAKE_INSTALL_LIBDIR=lib
cmake --build "$work/build" --target tbb
mkdir "$folder/lib.part"
cp -P "$work"/build/*/libtbb.so* "$folder/lib.part"
mv "$folder/lib.part" "$folder/lib"
