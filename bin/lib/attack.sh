# Attacks on the application of the test ground: see attack/ for what is thrown at it.

build_attack() {
  newer_than "$ROOT/attack/target/attack.jar" "$ROOT/attack/pom.xml" "$ROOT/attack/src" || return 0
  (cd "$ROOT" && mvn -B -q -pl attack package -DskipTests) >"$RUN/build.log" 2>&1 || fail "the attack does not build (see $RUN/build.log)"
}

# throw HOME long|short SEED [PARTS]
throw() { java -jar "$ROOT/attack/target/attack.jar" "http://127.0.0.1:$PORT" "$1" "$ROOT/bin/itomichi" "$ROOT/server/openapi.json" "${@:2}"; }

# Throws everything at the running application; wants it launched. First: long or short; then, if wanted, a seed and which parts.
throw_at_application() {
  local seed=${2:-$(date +%Y%m%d)} parts=${3:-hostile,slow,load,bench,largest,kills,disk}
  say "Attacking $ADDRESS with seed $seed"
  if [ "$parts" != disk ]; then throw "$RUN" "$1" "$seed" "${parts//,disk/}" || return; fi
  case "$parts" in *disk*) attack_full_disk "$1" "$seed" ;; esac
}

# Full disks are tried on a small one, which only root can lay in place; ended by lift_small_disk. The application is begun there as a
# binder begins it, for what a full disk ended must come back by itself.
attack_full_disk() {
  mkdir -p "$RUN/small"
  if ! mount -t tmpfs -o size=200m,mode=755 itomichi "$RUN/small" 2>/dev/null; then
    say "Only root can lay a small disk in place: the full disk is not tried"
    return
  fi
  end_application
  stop_database
  export ITOMICHI_HOME="$RUN/small" ITOMICHI_LEAST_DISK_MB=1
  : >"$RUN/small.log"
  "$ROOT/bin/itomichi" start >"$RUN/small.log" 2>&1 </dev/null &
  SMALL_PID=$!
  local waited=0
  until grep -q 'Itomichi is ready' "$RUN/small.log"; do
    kill -0 "$SMALL_PID" 2>/dev/null && ((++waited < 1200)) || fail "the application does not start on a small disk (see $RUN/small.log)"
    sleep 0.1
  done
  throw "$RUN/small" "$1" "$2" disk || fail "the application did not withstand a full disk"
}

lift_small_disk() {
  [ -z "${SMALL_PID:-}" ] || kill "$SMALL_PID" 2>/dev/null || true
  [ -z "${SMALL_PID:-}" ] || wait "$SMALL_PID" || true
  ! mountpoint -q "$RUN/small" || umount "$RUN/small"
}

run_attack() {
  use_test_ground
  need_packages with-test-tools
  trap 'lift_small_disk; end_application; stop_database' EXIT
  build_all
  build_attack
  start_database
  launch_application
  throw_at_application "${1:-long}" "${@:2}" || fail "the application did not withstand it"
  say "It withstood all of it."
}
