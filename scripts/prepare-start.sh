#!/usr/bin/env bash
# Unpacks the packaged application and writes a class archive beside it, so that it starts in seconds.
set -euo pipefail
cd "$(dirname "$0")/.."
. scripts/setup.sh

app=server/target/app
rm -rf "$app"
java -Djarmode=tools -jar server/target/yellow-tally.jar extract --destination "$app" >/dev/null
scratch=$(mktemp -d)
trap 'rm -rf "$scratch"' EXIT
# Runs once against a scratch database and ends by itself; its classes go into the archive.
java $(jvm_options) -XX:ArchiveClassesAtExit="$app/classes.jsa" -jar "$app/yellow-tally.jar" \
  --server.port=0 --yellowtally.data="$scratch" --yellowtally.stop-after-start=true >/dev/null 2>&1 ||
  say "No class archive could be written; the application starts slower."
