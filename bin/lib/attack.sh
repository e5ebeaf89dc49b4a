# Attacks on the application of the test ground: see attack/ for what is thrown at it.

build_attack() {
  newer_than "$ROOT/attack/target/attack.jar" "$ROOT/attack/pom.xml" "$ROOT/attack/src" || return 0
  (cd "$ROOT" && mvn -B -q -pl attack package -DskipTests) >"$RUN/build.log" 2>&1 || fail "the attack does not build (see $RUN/build.log)"
}

# Throws everything at the running application; wants it launched. First: long or short; then, if wanted, a seed and which parts.
throw_at_application() {
  local seed=${2:-$(date +%Y%m%d)}
  say "Attacking $ADDRESS with seed $seed"
  java -jar "$ROOT/attack/target/attack.jar" "http://127.0.0.1:$PORT" "$RUN" "$ROOT/bin/itomichi" "$ROOT/server/openapi.json" "$1" "$seed" ${3:+"$3"}
}

run_attack() {
  use_test_ground
  need_packages with-test-tools
  trap 'end_application; stop_database' EXIT
  build_all
  build_attack
  start_database
  launch_application
  throw_at_application "${1:-long}" "${@:2}" || fail "the application did not withstand it"
  say "It withstood all of it."
}
