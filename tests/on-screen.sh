#!/usr/bin/env bash
# Runs a command on an X display of its own with a window manager, as on a desk: keys and focus
# behave there as they do not offscreen.
set -u
number=$(mktemp)
Xvfb -displayfd 3 -screen 0 1600x1000x24 -nolisten tcp 3>"$number" >/dev/null 2>&1 &
server=$!
manager=
finish() {
    [ -n "$manager" ] && kill "$manager" 2>/dev/null
    kill "$server" 2>/dev/null
    rm -f "$number"
}
trap finish EXIT
for _ in $(seq 100); do [ -s "$number" ] && break; sleep 0.05; done
[ -s "$number" ] || { echo "no Xvfb" >&2; exit 1; }
# Without a bus: one would be looked for by starting a program, and none of ours is met there.
export DBUS_SESSION_BUS_ADDRESS=disabled:
export DISPLAY=":$(tr -d '[:space:]' <"$number")" QT_QPA_PLATFORM=xcb
openbox --sm-disable >/dev/null 2>&1 &
manager=$!
sleep 0.4
"$@"
