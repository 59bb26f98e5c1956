#!/usr/bin/env bash
# Called by Maven: fetches the packages of the screens if need be, and builds them.
set -euo pipefail
cd "$(dirname "$0")/.."
. scripts/setup.sh
web_packages
cd web
exec npm run -s build -- --logLevel warn
