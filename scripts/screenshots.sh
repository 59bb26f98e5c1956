#!/usr/bin/env bash
# Takes the pictures in docs/screenshots anew, from demo data.
set -euo pipefail
cd "$(dirname "$0")/.."
. scripts/setup.sh
need_build_tools
need_browser
build_application
mkdir -p docs/screenshots
run_main yellowtally.browser.Screenshots docs/screenshots
