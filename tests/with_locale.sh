#!/usr/bin/env bash
# with_locale.sh NAME PROGRAM...: runs a program under a locale that is made for it, whatever the machine has.
set -euo pipefail
name=$1
shift
LOCPATH=$(mktemp -d)
export LOCPATH
trap 'rm -rf "$LOCPATH"' EXIT
localedef -i "${name%.*}" -f UTF-8 "$LOCPATH/$name"
LC_ALL=$name "$@"
