#!/usr/bin/env bash
# Start to a window that is drawn and takes input, and on to the card's letters, against an empty Qt window: medians
# of alternating runs, and their ratios. With no display a virtual one is started.
set -euo pipefail
cd "$(dirname "$0")/.."
runtime=$(mktemp -d)
trap 'rm -rf "$runtime"' EXIT
export XDG_RUNTIME_DIR="$runtime"
if [ -z "${DISPLAY:-}${WAYLAND_DISPLAY:-}" ]; then
    exec xvfb-run -a -s "-screen 0 1280x1024x24" "bench/start.sh"
fi
milliseconds() { local s e; s=$(date +%s%N); "$@" >/dev/null 2>&1; e=$(date +%s%N); echo $(((e - s) / 10000)); }
median() { sort -n | awk '{v[NR] = $1} END {print v[int((NR + 1) / 2)]}'; }
for _ in $(seq 25); do
    milliseconds build/release/bin/start_empty >>"$runtime/empty"
    milliseconds build/release/bin/start_bollard >>"$runtime/window"
    milliseconds build/release/bin/start_bollard letters >>"$runtime/letters"
done
empty=$(median <"$runtime/empty")
for what in window letters; do
    awk -v e="$empty" -v b="$(median <"$runtime/$what")" -v what="$what" \
        'BEGIN {printf "empty window %.1f ms, Bollard to %s %.1f ms, ratio %.2f\n", e/100, what, b/100, b/e}'
done
