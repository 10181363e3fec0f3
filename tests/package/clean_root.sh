#!/usr/bin/env bash
# Installs the package in a clean root of Debian 12, uses all of it, and removes it; run by ./check --package.
#   tests/package/clean_root.sh PACKAGE.deb      as root; needs debootstrap and a mirror
set -euo pipefail
package=$(realpath "$1")
mirror=$(sed -n 's/^deb[^h]*\(http[^ ]*\).*/\1/p; s/^URIs: *\([^ ]*\).*/\1/p' /etc/apt/sources.list /etc/apt/sources.list.d/* 2>/dev/null | head -n 1 || true)
root=$(mktemp -d)
away() {
    umount -q "$root/proc" || true
    rm -rf --one-file-system "$root"
}
trap away EXIT
debootstrap --variant=minbase bookworm "$root" "${mirror:-http://deb.debian.org/debian}" > "$root.log" 2>&1 ||
    { tail -n 20 "$root.log"; exit 1; }
rm -f "$root.log"
mount -t proc proc "$root/proc" 2>/dev/null || true
cp /etc/resolv.conf "$root/etc/resolv.conf"
cp "$package" "$root/tmp/bollard.deb"
inside() { chroot "$root" /usr/bin/env -i PATH=/usr/sbin:/usr/bin:/sbin:/bin HOME=/root LANG=C.UTF-8 DEBIAN_FRONTEND=noninteractive "$@"; }
told() { echo "package: $*"; }

find "$root/usr" "$root/etc" -not -type d | sort > "$root/before"
inside apt-get install -q -y --no-install-recommends /tmp/bollard.deb > "$root/apt.log" 2>&1 || { tail -n 20 "$root/apt.log"; exit 1; }
told "installed, with $(inside dpkg-query -W -f='${binary:Package}\n' | wc -l) packages in the root"

# Every program says its version; a card is checked, made, and drawn small.
for program in bollard bollard-cli bollard-standin; do
    inside "$program" --version | grep -q '^[a-z-]* [0-9]'
done
card=/usr/share/bollard/samples/berth-14.bollard
inside bollard-cli check "$card" > /dev/null
inside bollard-cli make "$card" -o /tmp/berth.3mf -o /tmp/berth.svg
test -s "$root/tmp/berth.3mf" -a -s "$root/tmp/berth.svg"
thumbnailer=$(sed -n 's/^Exec=//p' "$root/usr/share/thumbnailers/bollard.thumbnailer")
command=${thumbnailer//%i/$card}; command=${command//%o//tmp/small.png}; command=${command//%s/128}
inside sh -c "$command"
test -s "$root/tmp/small.png"
told "checked, made and drawn small"

# Opened from its desktop entry: the window tells the desktop what it opened, and ends by itself when asked.
entry=$(sed -n 's/^Exec=//p' "$root/usr/share/applications/bollard.desktop" | head -n 1)
inside mkdir -p -m 700 /tmp/run
inside env QT_QPA_PLATFORM=offscreen XDG_RUNTIME_DIR=/tmp/run sh -c "${entry//%F/$card} & window=\$!
    for i in \$(seq 200); do
        grep -q berth-14 \$HOME/.local/share/recently-used.xbel 2>/dev/null && break
        sleep 0.1
    done
    grep -q berth-14 \$HOME/.local/share/recently-used.xbel || exit 1
    ${entry//%F//usr/share/bollard/samples/oak-name.bollard} || exit 1 # handed to the window, which asks nothing
    grep -q oak-name \$HOME/.local/share/recently-used.xbel || { sleep 2; grep -q oak-name \$HOME/.local/share/recently-used.xbel; } || exit 1
    kill \$window"
told "opened from its desktop entry; a second start went to the same window"
grep -q bollard "$root/usr/share/mime/packages/bollard.xml"
for language in de fr es he; do
    test -s "$root/usr/share/bollard/translations/bollard_$language.qm"
done
ls "$root"/usr/share/bollard/help/en/*.md > /dev/null

inside apt-get purge -q -y bollard >> "$root/apt.log" 2>&1
find "$root/usr" "$root/etc" -path '*bollard*' > "$root/left"
if [ -s "$root/left" ]; then
    told "left behind:"; cat "$root/left"; exit 1
fi
told "removed, nothing left"
