#!/usr/bin/env bash
# Tries a .deb in a bare system of its own: put in, used without a network, taken out. Needs root.
#   scripts/try_deb.sh FILE.deb [FOLDER]
set -euo pipefail
DEB="$(realpath "$1")"
WHERE="${2:-$(mktemp -d)}"
BARE="$WHERE/bare"
MIRROR="$(apt-cache policy | sed -n 's/.* \(http[^ ]*\) .*main.*/\1/p' | head -1)"
SUITE="$(. /etc/os-release && echo "$VERSION_CODENAME")"
say() { printf '== %s\n' "$*"; }
in_bare() { chroot "$BARE" env -i HOME=/srv/home PATH=/usr/sbin:/usr/bin:/sbin:/bin LANG=C.UTF-8 QT_QPA_PLATFORM=offscreen "$@"; }

say "a bare $SUITE"
[ -d "$BARE/usr" ] || debootstrap --variant=minbase "$SUITE" "$BARE" "$MIRROR" >"$WHERE/debootstrap.log" 2>&1
cp /etc/resolv.conf "$BARE/etc/" 2>/dev/null || true
for f in /etc/apt/apt.conf /etc/apt/apt.conf.d/*; do [ ! -f "$f" ] || cp -f "$f" "$BARE/etc/apt/apt.conf.d/" ; done
mkdir -p "$BARE/srv/home"
cp "$DEB" "$BARE/srv/home/nuvrek.deb"
mkdir -p "$BARE/proc" && { mountpoint -q "$BARE/proc" || mount -t proc proc "$BARE/proc"; }
trap 'umount "$BARE/proc" 2>/dev/null || true' EXIT

say "put in"
in_bare apt-get update -qq >/dev/null
in_bare env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends /srv/home/nuvrek.deb >"$WHERE/install.log" 2>&1
in_bare nuvrek --version

say "used"
in_bare nuvrek simulate --seed 3 -o /srv/home/job.nuvrek
in_bare nuvrek check /srv/home/job.nuvrek
in_bare nuvrek plan /srv/home/job.nuvrek | head -2
in_bare nuvrek play --seed kilomu | head -3

say "its window, and what it asks of the network"
strace -f -qq -e trace=connect,sendto -o "$WHERE/sockets.log" \
  chroot "$BARE" env -i HOME=/srv/home PATH=/usr/bin:/bin LANG=C.UTF-8 QT_QPA_PLATFORM=offscreen \
  timeout -s TERM 12 nuvrek --demo || status=$?
[ "${status:-0}" = 0 ] || [ "${status:-0}" = 124 ] || { say "the window ended with $status"; exit 1; }
if grep -E 'AF_INET6?' "$WHERE/sockets.log"; then say "it asked the network"; exit 1; fi
say "no network asked"
in_bare timeout -s TERM 6 nuvrek || true
[ -f "$BARE/srv/home/.local/share/nuvrek/logbook.db" ] || { say "no logbook was made"; exit 1; }

say "taken out"
in_bare env DEBIAN_FRONTEND=noninteractive apt-get purge -y -qq nuvrek >/dev/null 2>&1
left="$(find "$BARE/usr" "$BARE/etc" -iname '*nuvrek*' | grep -v '/var/' || true)"
[ -z "$left" ] || { printf 'left behind:\n%s\n' "$left"; exit 1; }
[ -f "$BARE/srv/home/.local/share/nuvrek/logbook.db" ] || { say "the user's logbook is gone"; exit 1; }
say "only the user's data is left"
