#!/usr/bin/env bash
# Adds up the test reports and prints one line.
set -euo pipefail
cd "$(dirname "$0")/.."
total=0 failed=0 skipped=0
for report in */target/surefire-reports/TEST-*.xml; do
  suite=$(grep -m1 '<testsuite ' "$report")
  number() { sed -n "s/.* $1=\"\([0-9]*\)\".*/\1/p" <<<"$suite"; }
  total=$((total + $(number tests)))
  failed=$((failed + $(number failures) + $(number errors)))
  skipped=$((skipped + $(number skipped)))
done
echo "$((total - failed - skipped)) passed, $failed failed, $skipped skipped"
[ "$failed" = 0 ]
