# Sourced by test: runs lanes side by side, keeps what they print, and says at the end how many seconds each stage took.

begin_stages() {
  stages_dir=$PWD/target/stages
  stages_began=$SECONDS
  rm -rf "$stages_dir"
  mkdir -p "$stages_dir"
  lanes=()
  trap 'kill $(jobs -p) 2>/dev/null || true' EXIT
}

# stage NAME COMMAND...: one stage of a lane, with the seconds that it took.
stage() {
  local name=$1 began=$SECONDS
  shift
  "$@"
  printf '%5d s  %s\n' $((SECONDS - began)) "$name" >>"$stages_dir/seconds"
}

# lane FUNCTION: starts a lane; what it prints is kept and shown only when it fails.
lane() {
  (
    set -e
    "$1" >"$stages_dir/$1.log" 2>&1
  ) &
  lanes+=("$1:$!")
}

# Waits for every lane, so that one run tells all that is wrong, then fails if one failed.
await_lanes() {
  local entry failed=0
  for entry in "${lanes[@]}"; do
    if ! wait "${entry#*:}"; then
      failed=1
      say "FAILED: ${entry%%:*}. It said:"
      cat "$stages_dir/${entry%%:*}.log" >&2
    fi
  done
  lanes=()
  if [ "$failed" != 0 ]; then
    exit 1
  fi
}

print_stages() {
  say "Seconds of each stage, two lanes side by side:"
  cat "$stages_dir/seconds" >&2
  say "$(printf '%5d s  in all' $((SECONDS - stages_began)))"
}
