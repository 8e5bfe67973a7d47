#!/usr/bin/env bash
# The package as somebody gets it: made twice alike, without an error of lintian's, installed into an
# empty root, started and used there, and gone again without a trace.
#   tests/package.sh FOLDER: holds one/ and two/, each with a package made by itself.
set -euo pipefail
folder=$1
first=$(ls "$folder"/one/*.deb) second=$(ls "$folder"/two/*.deb)
fail() { echo "package: $*" >&2; exit 1; }

cmp -s "$first" "$second" || fail "made twice it is not the same"
lintian --fail-on error --suppress-tags bad-distribution-in-changes-file "$first" >"$folder/lintian.log" 2>&1 ||
    { cat "$folder/lintian.log"; fail "lintian finds an error"; }
desktop-file-validate packaging/amber-lobe.desktop || fail "desktop entry"
appstreamcli validate --no-net packaging/amber-lobe.metainfo.xml >"$folder/appstream.log" ||
    { cat "$folder/appstream.log"; fail "metainfo"; }

root=$(mktemp -d)
trap 'rm -rf "$root"' EXIT
mkdir -p "$root/var/lib/dpkg/info" "$root/var/lib/dpkg/updates"
touch "$root/var/lib/dpkg/status"
# What it depends on is the machine's.
fakeroot dpkg --root="$root" --log=/dev/null --force-depends --force-script-chrootless --no-triggers -i "$first" \
    >"$folder/install.log" 2>&1 || { cat "$folder/install.log"; fail "it does not install"; }
for file in bin/amber-lobe bin/amber-lobe-cli bin/amber-lobe-bench share/applications/amber-lobe.desktop \
    share/metainfo/amber-lobe.metainfo.xml share/mime/packages/amber-lobe.xml share/man/man1/amber-lobe.1.gz \
    share/man/man1/amber-lobe-cli.1.gz share/man/man1/amber-lobe-bench.1.gz share/doc/amber-lobe/copyright \
    share/icons/hicolor/16x16/apps/amber-lobe.png share/icons/hicolor/512x512/apps/amber-lobe.png \
    share/icons/hicolor/scalable/apps/amber-lobe.svg share/icons/hicolor/symbolic/apps/amber-lobe-symbolic.svg; do
    [ -e "$root/usr/$file" ] || fail "usr/$file is missing"
done
version=$(sed -n 's/^project(AmberLobe VERSION \([0-9.]*\).*/\1/p' CMakeLists.txt)
"$root/usr/bin/amber-lobe-cli" --version | grep -qF "$version" || fail "the command line's version"
"$root/usr/bin/amber-lobe" --version | grep -qF "$version" || fail "the program's version"
zgrep -qF "($version-" "$root/usr/share/doc/amber-lobe/changelog.Debian.gz" || fail "the changelog's version"
"$root/usr/bin/amber-lobe-cli" import "$root/book.amber" docs/samples/skerry-four.json >/dev/null
"$root/usr/bin/amber-lobe-cli" examine "$root/book.amber" >/dev/null || fail "a book is not examined"
# Its own book is known by what is in it, whatever it is called.
mkdir -p "$root/mime" && cp -r "$root/usr/share/mime/packages" "$root/mime/"
if command -v update-mime-database >/dev/null; then
    update-mime-database "$root/mime" >/dev/null 2>&1
    grep -q amber-lobe-book "$root/mime/magic" || fail "the book's magic"
fi
# The window opens on it, shows the demo's views, and ends.
mkdir -p -m 700 "$root/run" "$root/data"
XDG_RUNTIME_DIR="$root/run" QT_QPA_PLATFORM=offscreen timeout 120 "$root/usr/bin/amber-lobe" \
    --data "$root/data" --views "$root/views" >/dev/null || fail "the program does not start"
[ -s "$root/views/timing.png" ] || fail "nothing is shown"
fakeroot dpkg --root="$root" --log=/dev/null --force-script-chrootless --no-triggers --purge amber-lobe \
    >"$folder/remove.log" 2>&1 || { cat "$folder/remove.log"; fail "it cannot be removed"; }
[ -z "$(find "$root/usr" -type f 2>/dev/null)" ] || fail "something stays: $(find "$root/usr" -type f | head -3)"
echo "package: $(basename "$first"), $(($(stat -c %s "$first") / 1024)) kB; made twice alike, installed, used, removed"
