#!/usr/bin/env bash
# The window on a virtual screen, a session bus and the accessibility bus; then a walk through its
# tree with the system's AT-SPI bindings. Needs xvfb, dbus, at-spi2-core, python3-gi and
# gir1.2-atspi-2.0 (Debian names). Run: scripts/walk_accessible.sh > docs/accessibility-walk.txt
set -euo pipefail
HERE="$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)"
export HERE
exec dbus-run-session -- xvfb-run -a -s "-screen 0 1400x900x24" bash -c '
  export QT_LINUX_ACCESSIBILITY_ALWAYS_ON=1 QT_QPA_PLATFORM=xcb
  gsettings set org.gnome.desktop.interface toolkit-accessibility true 2>/dev/null || true
  /usr/libexec/at-spi-bus-launcher --launch-immediately >/dev/null 2>&1 &
  bus=$!
  sleep 1
  HOME="$(mktemp -d)" "$HERE/run" demo >/dev/null 2>&1 &
  window=$!
  code=0
  /usr/bin/python3 "$HERE/scripts/walk_accessible.py" || code=$?
  kill "$window" "$bus" 2>/dev/null || true
  exit "$code"'
