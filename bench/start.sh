#!/usr/bin/env bash
# Start to a usable window against an empty Qt window: medians of alternating runs, and their ratio.
set -euo pipefail
cd "$(dirname "$0")/.."
runtime=$(mktemp -d)
trap 'rm -rf "$runtime"' EXIT
export XDG_RUNTIME_DIR="$runtime"
[ -n "${DISPLAY:-}${WAYLAND_DISPLAY:-}" ] || export QT_QPA_PLATFORM=offscreen
milliseconds() { local s e; s=$(date +%s%N); "$1" >/dev/null 2>&1; e=$(date +%s%N); echo $(((e - s) / 10000)); }
median() { sort -n | awk '{v[NR] = $1} END {print v[int((NR + 1) / 2)]}'; }
for _ in $(seq 15); do
    milliseconds build/release/bin/start_empty >>"$runtime/empty"
    milliseconds build/release/bin/start_bollard >>"$runtime/bollard"
done
empty=$(median <"$runtime/empty") bollard=$(median <"$runtime/bollard")
awk -v e="$empty" -v b="$bollard" 'BEGIN {printf "empty window %.1f ms, Bollard with the demo card %.1f ms, ratio %.2f\n", e/100, b/100, b/e}'
