#!/usr/bin/env bash
# Runs a command on an X display of its own with a window manager, as on a desk: keys and focus
# behave there as they do not offscreen. AMBER_SCREEN is its size (1600x1000), AMBER_PANEL how much
# of it a panel at its foot takes (0); pixels.
set -u
number=$(mktemp)
settings=$(mktemp)
Xvfb -displayfd 3 -screen 0 "${AMBER_SCREEN:-1600x1000}x24" -nolisten tcp 3>"$number" >/dev/null 2>&1 &
server=$!
manager=
finish() {
    [ -n "$manager" ] && kill "$manager" 2>/dev/null
    kill "$server" 2>/dev/null
    rm -f "$number" "$settings"
}
trap finish EXIT
for _ in $(seq 100); do [ -s "$number" ] && break; sleep 0.05; done
[ -s "$number" ] || { echo "no Xvfb" >&2; exit 1; }
# Without a bus: one would be looked for by starting a program, and none of ours is met there.
export DBUS_SESSION_BUS_ADDRESS=disabled:
export DISPLAY=":$(tr -d '[:space:]' <"$number")" QT_QPA_PLATFORM=xcb
panel=
if [ "${AMBER_PANEL:-0}" -gt 0 ]; then
    cat >"$settings" <<XML
<openbox_config xmlns="http://openbox.org/3.4/rc"><margins><top>0</top><bottom>$AMBER_PANEL</bottom><left>0</left><right>0</right></margins></openbox_config>
XML
    panel="--config-file $settings"
fi
# A window shown before there is a manager is never given the keys: it says itself when it is there.
ready=$(mktemp -u)
openbox --sm-disable $panel --startup "touch $ready" >/dev/null 2>&1 &
manager=$!
for _ in $(seq 200); do [ -e "$ready" ] && break; sleep 0.05; done
rm -f "$ready"
"$@"
