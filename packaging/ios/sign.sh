#!/bin/sh
# Signs a package that was made without a Mac, so that your own phone opens it: ./sign.sh PACKAGE.ipa PROFILE.mobileprovision "NAME OF THE CERTIFICATE"
# For the store use archive.sh: only that makes the catalog of pictures.
set -eu
package=$1 profile=$2 certificate=$3
here=$(cd "$(dirname "$0")" && pwd)
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
unzip -q "$package" -d "$work"
app="$work/Payload/App.app"
cp "$profile" "$app/embedded.mobileprovision"
# What the profile allows is what the package may ask for.
security cms -D -i "$profile" > "$work/profile.plist"
plutil -extract Entitlements xml1 -o "$work/allowed.plist" "$work/profile.plist"
for part in "$app"/PlugIns/*.appex; do
  [ -d "$part" ] && codesign --force --sign "$certificate" --entitlements "$here/Shared/Shared.entitlements" "$part"
done
codesign --force --sign "$certificate" --entitlements "$work/allowed.plist" "$app"
(cd "$work" && zip -qry signed.ipa Payload)
mv "$work/signed.ipa" "${package%.ipa}-signed.ipa"
echo "${package%.ipa}-signed.ipa"
