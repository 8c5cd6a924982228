#!/usr/bin/env bash
# What a desktop will read of us, held against its own checkers; one that is not there is said.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/../packaging"
if [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null 2>&1; then
  DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends \
    desktop-file-utils appstream shared-mime-info man-db >/dev/null 2>&1 || true
fi
checked() { # TOOL ARGUMENTS...
  if command -v "$1" >/dev/null 2>&1; then "$@"; echo "packaging: $1 is content"; else echo "packaging: no $1 here"; fi
}
checked desktop-file-validate nuvrek.desktop
checked appstreamcli validate --no-net org.nuvrek.Nuvrek.metainfo.xml
bash -n nuvrek.bash-completion
if command -v update-mime-database >/dev/null 2>&1; then
  folder="$(mktemp -d)"
  mkdir -p "$folder/mime/packages"
  cp nuvrek-mime.xml "$folder/mime/packages/"
  update-mime-database "$folder/mime"
  grep -q 'application/x-nuvrek-job' "$folder/mime/globs"
  rm -rf "$folder"
  echo "packaging: update-mime-database is content"
fi
if command -v man >/dev/null 2>&1; then
  said="$(LC_ALL=C.UTF-8 MANWIDTH=80 man --warnings -l nuvrek.1 2>&1 >/dev/null)"
  [ -z "$said" ] || { echo "man: $said"; exit 1; }
  echo "packaging: man is content"
fi
if /usr/bin/python3 -c 'import gi; gi.require_version("Atspi", "2.0")' 2>/dev/null && command -v dbus-run-session >/dev/null; then
  ../scripts/walk_accessible.sh >/dev/null 2>&1
  echo "packaging: assistive technology finds a name for everything"
else
  echo "packaging: no accessibility bus here"
fi
