#!/usr/bin/env bash
# A core folder includes only itself and folders above it; the core knows neither Qt nor the folders outside it;
# the window and the command line never reach around the pipeline's order.
set -euo pipefail
cd "$1/src"
order=(quantity send space plane nest type setting blank working process body check cut proof picture files card mend)
status=0
complain() { echo "$1"; status=1; }
for place in "${!order[@]}"; do
    folder=${order[$place]}
    [ -d "core/$folder" ] || continue
    allowed=" ${order[*]:0:place+1} "
    while IFS=: read -r file line text; do
        included=$(sed -E 's/.*"([^"/]+)\/.*/\1/' <<<"$text")
        [[ "$allowed" == *" $included "* ]] || complain "core/$folder must not include $included: $file:$line"
    done < <(grep -rnE '#include "' "core/$folder")
    while IFS=: read -r file line text; do
        complain "the core has no Qt: $file:$line"
    done < <(grep -rnE '#include <(Q[A-Z]|Qt)' "core/$folder" || true)
done
grep -rnE '#include "(app|cli|drawing|series|sending)/' core wording && complain "core and wording stand below the interface"
grep -rnE '#include "(app|cli)/' drawing series sending && complain "drawing, series and sending stand below the window"
grep -rnE '#include <Q(Widget|Application|PushButton)' drawing series sending wording cli && complain "only the app has widgets"
[ $status -eq 0 ] && echo "folders are in order"
exit $status
