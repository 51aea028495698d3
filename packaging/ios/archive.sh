#!/bin/sh
# Archives the app and exports it for the store, on a Mac. "./archive.sh upload" hands it in as well.
#
# With a person at the Mac nothing else is needed. On a build machine it reads from the environment:
#   TEAM                the ten letters and digits of the team that signs
#   KEY_FILE, KEY_ID, KEY_ISSUER    a key of the store's own interface, with which profiles are made and the app is handed in
set -eu
cd "$(dirname "$0")"
destination=export
[ "${1:-}" = upload ] && destination=upload

set --
[ -n "${TEAM:-}" ] && set -- "$@" "DEVELOPMENT_TEAM=$TEAM"
signing="-allowProvisioningUpdates"
if [ -n "${KEY_FILE:-}" ]; then
  signing="$signing -authenticationKeyPath $KEY_FILE -authenticationKeyID $KEY_ID -authenticationKeyIssuerID $KEY_ISSUER"
fi

mkdir -p build
cat > build/export.plist <<PLIST
<?xml version="1.0" encoding="UTF-8"?>
<!DOCTYPE plist PUBLIC "-//Apple//DTD PLIST 1.0//EN" "http://www.apple.com/DTDs/PropertyList-1.0.dtd">
<plist version="1.0"><dict>
  <key>method</key><string>app-store-connect</string>
  <key>destination</key><string>$destination</string>
  <key>manageAppVersionAndBuildNumber</key><false/>
</dict></plist>
PLIST

# shellcheck disable=SC2086
xcodebuild -project App.xcodeproj -scheme App -configuration Release -destination generic/platform=iOS \
  -archivePath build/App.xcarchive $signing archive "$@"
# shellcheck disable=SC2086
xcodebuild -exportArchive -archivePath build/App.xcarchive -exportOptionsPlist build/export.plist -exportPath build $signing
