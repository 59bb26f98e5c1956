#!/usr/bin/env bash
# After an endpoint has changed: writes docs/openapi.json anew from the server, and the types of the screens from it.
set -euo pipefail
cd "$(dirname "$0")/.."
. scripts/setup.sh
need_build_tools
web_packages
mvn -q -B -ntp -pl core,web,server -Dexec.skip=true -Dtest=OpenApiTest -Dsurefire.failIfNoSpecifiedTests=false \
  -Dyellowtally.write-openapi=true test
cd web
npm run -s api
