# Tests, benchmarks and pictures. Each runs on a cluster of its own, so that the binder's books are never touched.

use_test_ground() {
  RUN=${ITOMICHI_TEST_HOME:-$ROOT/.run-test}
  PORT=${ITOMICHI_TEST_PORT:-8382}
  DB_PORT=${ITOMICHI_TEST_DB_PORT:-8383}
  ADDRESS="http://127.0.0.1:$PORT/"
  export ITOMICHI_HOME=$RUN ITOMICHI_PORT=$PORT ITOMICHI_DB_PORT=$DB_PORT ITOMICHI_URL="http://127.0.0.1:$PORT"
  prepare_ground
  end_application
  stop_database
  rm -rf "$RUN/database"
}

# Runs Maven with its output shown, whole in a log.
shown_mvn() {
  (cd "$ROOT" && mvn -B "$@") 2>&1 | tee -a "$RUN/test.log" | grep -E --line-buffered '^\[(ERROR|WARNING)\]|Tests run:|BUILD|^\[INFO\] (Building|Running)' | grep -vE 'WARNING. *$'
  return "${PIPESTATUS[0]}"
}

# Checks the pages beside what everything else waits for, which goes before; pages_held waits for what came of it.
check_pages() {
  say "Checking the pages: types, imports, style sheets, form, unit tests"
  (cd "$ROOT/web" && exec nice npm run verify) >"$RUN/web-verify.log" 2>&1 &
  PAGES_PID=$!
}

# The other modules wait for the jars of core and documents only: their tests run as soon as those are there, one after the other, beside
# the server's, which keep one processor busy and go before them. The browser's tests need no other module and are compiled meanwhile. The
# core's come last: they alone take both processors when the server's are through.
test_below_beside() {
  rm -f "$ROOT"/{core,documents}/target/*.jar
  (
    # who ends this ends what it waits for
    trap 'kill $(jobs -p) 2>/dev/null || true; exit 1' TERM
    cd "$ROOT"
    await_jar core
    # how they are written is checked when they are run
    nice mvn -B -f browser-tests/pom.xml test-compile -Dspotless.check.skip=true &
    wait $! || exit
    await_jar documents
    # nothing is compiled again: the phase is named so that documents find the core's classes
    nice mvn -B -pl core,documents test -Dspotless.check.skip=true -Dmaven.main.skip=true -Ditomichi.core-tested-beside=true -Ditomichi.documents-tested-beside=false &
    wait $! || exit
    nice mvn -B -pl core surefire:test -Ditomichi.core-tested-beside=false &
    wait $!
  ) >"$RUN/below-test.log" 2>&1 &
  BELOW_PID=$!
}

await_jar() {
  until ls "$ROOT/$1"/target/"$1"-*.jar >/dev/null 2>&1; do
    kill -0 $$ 2>/dev/null || exit 1
    sleep 0.5
  done
}

below_held() {
  local code=0
  wait "$BELOW_PID" || code=$?
  grep -E 'Tests run:|FAILURE|^\[ERROR\]' "$RUN/below-test.log" || true
  [ $code = 0 ] || fail "tests of core or documents failed, or the browser's do not compile (see $RUN/below-test.log)"
}

# What still runs beside is ended with this script.
end_beside() {
  local pid
  for pid in "${PAGES_PID:-}" "${BELOW_PID:-}"; do
    [ -z "$pid" ] || kill "$pid" 2>/dev/null || true
  done
}

pages_held() {
  wait "$PAGES_PID" || { tail -n 30 "$RUN/web-verify.log" >&2; fail "the pages do not hold (see $RUN/web-verify.log)"; }
  grep -E '^ *Tests ' "$RUN/web-verify.log" || true
}

run_tests() {
  use_test_ground
  # what stands by for texts is to be right, not quick
  export ITOMICHI_WARM=0
  need_packages with-test-tools
  trap 'end_beside; lift_small_disk; end_application; stop_database' EXIT
  : >"$RUN/test.log"
  need_node
  build_web
  check_pages
  start_database
  sql postgres -qc "create database itomichi_test"
  export_database itomichi_test
  say "Testing core, documents, database and HTTP"
  test_below_beside
  # two modules at once, where they do not wait for each other
  shown_mvn -T 2 -pl core,documents,server-db,server,benchmarks,attack verify -Ditomichi.core-tested-beside=true -Ditomichi.documents-tested-beside=true || fail "tests failed (see $RUN/test.log)"
  unpack_application
  export_database
  launch_application
  below_held
  pages_held
  say "Testing in the browser"
  # The pages' tests need no other module; the parent is read from the folder above.
  shown_mvn -f browser-tests/pom.xml verify || fail "browser tests failed (see $RUN/test.log)"
  # Last, for nothing is left as it was: books are taken out and changed, processes are killed.
  throw_at_application short || fail "the application did not withstand the attack"
  say "All tests passed."
}

# What the tests reach of each module, without the browser's.
run_coverage() {
  use_test_ground
  need_packages with-test-tools
  trap 'stop_database' EXIT
  : >"$RUN/test.log"
  build_web
  start_database
  sql postgres -qc "create database itomichi_test"
  export_database itomichi_test
  shown_mvn -Pcoverage -pl core,documents,server-db,server verify || fail "tests failed (see $RUN/test.log)"
  local module
  for module in core documents server; do
    awk -F, -v module="$module" 'NR > 1 { missed += $8; covered += $9 } END { printf "%-10s %5.1f %% of lines; %s/target/site/jacoco/index.html\n", module, 100 * covered / (missed + covered), module }' \
      "$ROOT/$module/target/site/jacoco/jacoco.csv"
  done
}

run_benchmarks() {
  use_test_ground
  need_packages with-test-tools
  trap 'end_application; stop_database' EXIT
  : >"$RUN/test.log"
  build_all
  (cd "$ROOT" && mvn -B -q -pl benchmarks -am package -DskipTests) >"$RUN/build.log" 2>&1 || fail "the benchmarks do not build (see $RUN/build.log)"
  start_database
  say "== A plan, a ranking of splits, a cutting plan, by JMH"
  java -jar "$ROOT/benchmarks/target/benchmarks.jar"
  say "== A text laid on sheets, beside qpdf copying the same file"
  java -cp "$ROOT/benchmarks/target/benchmarks.jar" itomichi.benchmark.ImposingBesideQpdf 2>/dev/null
  say "== Start of the built application"
  local from
  from=$(date +%s%N)
  launch_application --spring.profiles.active=benchmark
  say "From launch to the first answer: $((($(date +%s%N) - from) / 1000000)) ms"
  say "== The plan over HTTP beside the same bytes from memory"
  java -cp "$ROOT/benchmarks/target/benchmarks.jar" itomichi.benchmark.HttpLoad "http://127.0.0.1:$PORT"
  say "== First load of the pages"
  "$ROOT/bin/lib/first-load.sh" "http://127.0.0.1:$PORT"
  say "== A dragged station"
  (cd "$ROOT" && mvn -B -q -f browser-tests/pom.xml test -Dtest=DragBenchmark -Dsurefire.failIfNoSpecifiedTests=true) | grep -E 'frame|numbers|ERROR' || fail "the drag could not be measured"
  say "== A move more of a sewing of 5,000"
  (cd "$ROOT" && mvn -B -q -f browser-tests/pom.xml test -Dtest=SewBenchmark -Dsurefire.failIfNoSpecifiedTests=true) | grep -E 'frame|Move|ERROR' || fail "the sewing could not be measured"
  say "== A book of 60 signatures in space"
  (cd "$ROOT" && mvn -B -q -f browser-tests/pom.xml test -Dtest=SpaceBenchmark -Dsurefire.failIfNoSpecifiedTests=true) | grep -E 'space|ERROR' || fail "the book in space could not be measured"
  say "== A choice on the screens of paper and gathering, drawn"
  (cd "$ROOT" && mvn -B -q -f browser-tests/pom.xml test -Dtest=RedrawBenchmark -Dsurefire.failIfNoSpecifiedTests=true) | grep -E 'redraw|ERROR' || fail "the redrawing could not be measured"
}

take_screenshots() {
  use_test_ground
  need_packages with-test-tools
  trap 'end_application; stop_database' EXIT
  build_all
  start_database
  launch_application
  (cd "$ROOT" && mvn -B -q -f browser-tests/pom.xml test -Dtest=Screenshots) || fail "the pictures could not be taken"
  say "Pictures taken anew: docs/screenshots"
}
