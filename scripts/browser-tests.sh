#!/usr/bin/env bash
# Runs browser tests by name against the built application; a slow browser shows what a fast one hides.
set -euo pipefail
cd "$(dirname "$0")/.."
. scripts/setup.sh

say "scripts/browser-tests.sh TEST [SLOWDOWN], such as: scripts/browser-tests.sh 'BenchBrowserTest' 6"
need chromium chromium
build_application
PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 mvn -q -B -pl browser-tests -Dspotless.check.skip=true \
  -Dtest="${1:-*BrowserTest}" -Dyellowtally.browser.slowdown="${2:-1}" test
