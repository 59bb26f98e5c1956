# Sourced by test: runs lanes side by side, keeps what they print, and says at the end how many seconds each stage took.

begin_stages() {
  stages_dir=target/stages
  stages_began=$SECONDS
  rm -rf "$stages_dir"
  mkdir -p "$stages_dir"
  lanes=()
  trap 'kill $(jobs -p) 2>/dev/null || true' EXIT
}

# lane NAME COMMAND...: starts a lane; what it prints is kept and shown only when it fails.
lane() {
  local name=$1
  shift
  ( "$@" >"$stages_dir/$name.log" 2>&1 ) &
  lanes+=("$name:$!")
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
  trap - EXIT
  [ "$failed" = 0 ]
}

# The stages of the screens say their seconds themselves, those of the application are Maven's modules.
print_stages() {
  say "Seconds of each stage, the two lanes side by side:"
  sed -n 's/^stage //p' "$stages_dir/screens.log" >&2
  sed -n 's/^\[INFO\] Yellow Tally \(.*[^ .]\) \.* SUCCESS \[ *\(.*\)\]$/  \2  \1/p' "$stages_dir/application.log" >&2
  say "  $((SECONDS - stages_began)) s in all"
}
