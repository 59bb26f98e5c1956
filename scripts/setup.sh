# Sourced by run, test and benchmark: finds the tools, installs Debian packages where it may, builds what is missing.

say() { printf '%s\n' "$*" >&2; }

# have COMMAND PACKAGE: whether a command is there, after installing its package where that may be done.
have() {
  command -v "$1" >/dev/null 2>&1 && return 0
  if [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null 2>&1; then
    say "Installing the Debian package $2."
    if [ -z "${APT_UPDATED:-}" ]; then
      apt-get update -qq >/dev/null || true
      APT_UPDATED=1
    fi
    DEBIAN_FRONTEND=noninteractive apt-get install -y -qq "$2" >/dev/null 2>&1 || true
  fi
  command -v "$1" >/dev/null 2>&1
}

# need COMMAND PACKAGE: makes sure a command is there.
need() {
  if ! have "$1" "$2"; then
    say "Missing: $1. Install the Debian package $2, then start again."
    exit 1
  fi
}

need_build_tools() {
  need javac openjdk-17-jdk-headless
  need mvn maven
  need node nodejs
  need npm npm
}

# Chromium without windows draws the same pages in half the time; the whole one does as well.
need_browser() {
  have chromium-headless-shell chromium-headless-shell || need chromium chromium
}

# A fingerprint of everything that goes into the application.
sources_fingerprint() {
  {
    find core/src/main server/src/main web/src web/public docs/handbook -type f -print0
    printf '%s\0' pom.xml core/pom.xml server/pom.xml web/pom.xml web/index.html web/package.json \
      web/package-lock.json web/vite.config.ts web/tsconfig.json scripts/setup.sh \
      scripts/build-screens.sh scripts/prepare-start.sh
  } | sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1
}

# Fetches the packages of the screens unless they are there; two builds at once wait for each other.
web_packages() {
  (
    exec 9>web/.packages-lock
    flock 9
    local wanted
    wanted=$(sha256sum web/package-lock.json | cut -d' ' -f1)
    if [ "$(cat web/node_modules/.lock-fingerprint 2>/dev/null || true)" != "$wanted" ]; then
      say "Fetching the packages of the screens."
      (cd web && npm ci --no-audit --no-fund --loglevel=error >/dev/null)
      printf '%s' "$wanted" >web/node_modules/.lock-fingerprint
    fi
  )
}

# The quick compiler alone, the serial collector and a small heap: starts three seconds sooner on two cores, and is fast
# enough for one officer and a few crews. See docs/decisions.
jvm_options() {
  printf '%s ' -XX:TieredStopAtLevel=1 -XX:+UseSerialGC -Xmx320m -Xshare:auto
}

# build_application: builds unless nothing has changed since the last time.
build_application() {
  local stamp=server/target/built-from now
  now=$(sources_fingerprint)
  if [ -f server/target/app/yellow-tally.jar ] && [ "$(cat "$stamp" 2>/dev/null || true)" = "$now" ]; then
    return 0
  fi
  need_build_tools
  say "Building the application."
  mvn -q -B -pl core,web,server -DskipTests -Dspotless.check.skip=true package
  scripts/prepare-start.sh
  printf '%s' "$now" >"$stamp"
}

# start_application ARGS...: replaces this shell by the application.
start_application() {
  exec java $(jvm_options) -XX:SharedArchiveFile=server/target/app/classes.jsa \
    -jar server/target/app/yellow-tally.jar "$@"
}

# run_server_main CLASS ARGS...: a main class of the server's tests, from the classes of this folder alone.
run_server_main() {
  local own=server/target
  mvn -q -B -pl core,web,server -Dexec.skip=true -Dspotless.check.skip=true test-compile dependency:build-classpath \
    -Dmdep.includeScope=test -Dmdep.outputFile=target/classpath
  java -cp "$own/test-classes:$own/classes:$(cat $own/classpath)" "$@"
}

# run_main CLASS ARGS...: a main class of the browser tests, from the classes of this folder alone; nothing is installed.
run_main() {
  local own=browser-tests/target
  mvn -q -B -pl core,browser-tests -Dspotless.check.skip=true test-compile dependency:build-classpath \
    -Dmdep.includeScope=test -Dmdep.outputFile=target/classpath
  PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 java -Dyellowtally.jar=server/target/app/yellow-tally.jar \
    -cp "$own/test-classes:$(cat $own/classpath)" "$@"
}
