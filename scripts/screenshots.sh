#!/usr/bin/env bash
# Takes the pictures in docs/screenshots anew, from demo data.
set -euo pipefail
cd "$(dirname "$0")/.."
. scripts/setup.sh
need_build_tools
need chromium chromium
build_application
mkdir -p docs/screenshots
PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 mvn -q -B -pl browser-tests -Dspotless.check.skip=true test-compile exec:java \
  -Dexec.classpathScope=test -Dexec.mainClass=yellowtally.browser.Screenshots \
  -Dexec.args="$PWD/docs/screenshots" -Dyellowtally.jar="$PWD/server/target/app/yellow-tally.jar"
