#!/usr/bin/env bash
# All that proves the screens without a server: types, lint, format, the typed client against the API, their own tests.
set -euo pipefail
cd "$(dirname "$0")/.."
. scripts/setup.sh

stage() {
  local name=$1 began=$SECONDS
  shift
  (cd web && npm run -s "$@")
  printf 'stage   %d s  screens: %s\n' $((SECONDS - began)) "$name"
}

began=$SECONDS
web_packages
printf 'stage   %d s  screens: packages\n' $((SECONDS - began))
stage types typecheck
stage lint lint
stage format format:check
stage "client against the API" api:check
stage "own tests" test
