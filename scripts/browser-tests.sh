#!/usr/bin/env bash
# Runs browser tests by name against the built application; a slow browser shows what a fast one hides.
set -euo pipefail
cd "$(dirname "$0")/.."
. scripts/setup.sh

say "scripts/browser-tests.sh TEST [SLOWDOWN], such as: scripts/browser-tests.sh 'BenchBrowserTest' 6"
need_browser
build_application
mvn -q -B -pl core,browser-tests -Dspotless.check.skip=true -Dsurefire.failIfNoSpecifiedTests=false \
  -Dtest="${1:-*BrowserTest}" -Dyellowtally.browser.slowdown="${2:-1}" test
