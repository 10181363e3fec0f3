#!/usr/bin/env bash
# smoke.sh xvfb|doubled PROGRAM: takes the window through its views on a real X server, or with doubled pixels.
set -euo pipefail
folder=$(mktemp -d)
trap 'rm -rf "$folder"' EXIT
export XDG_RUNTIME_DIR="$folder" HOME="$folder"
case "$1" in
    xvfb) QT_QPA_PLATFORM=xcb xvfb-run -a -s "-screen 0 1700x1000x24" "$2" --pictures "$folder/pictures" ;;
    doubled) QT_QPA_PLATFORM=offscreen QT_SCALE_FACTOR=2 "$2" --pictures "$folder/pictures" ;;
esac
count=$(find "$folder/pictures" -name '*.png' -size +10k | wc -l)
echo "$count pictures"
[ "$count" -ge 10 ]
