#!/usr/bin/env bash
# Mutation testing of core: changes the rules one by one and sees whether a test notices. Prints the share of killed mutants
# of each room and the mutants that live and are not excused in docs/mutants.txt. Takes about seven minutes on two cores.
#   scripts/mutation.sh [ROOM]     such as: scripts/mutation.sh tension
set -euo pipefail
cd "$(dirname "$0")/.."
. scripts/setup.sh
need_build_tools

classes="yellowtally.core.${1:+$1.}*"
mvn -q -B -ntp -pl core -Pmutation -Dspotless.check.skip=true -DtargetClasses="$classes" \
  test-compile org.pitest:pitest-maven:mutationCoverage >core/target/mutation.log 2>&1 ||
  { cat core/target/mutation.log >&2; exit 1; }
java scripts/MutationReport.java core/target/pit-reports/mutations.csv docs/mutants.txt
