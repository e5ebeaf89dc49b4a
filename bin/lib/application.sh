# Starts, stops and looks at the application.

ADDRESS="http://127.0.0.1:$PORT/"

app_runs() { ours_runs "$RUN/app.pid" "server-1.0.0.jar"; }

healthy() { curl -fsS -o /dev/null --max-time 2 "${ADDRESS}api/health" 2>/dev/null; }

launch_application() {
  port_taken "$PORT" && fail "port $PORT, meant for the application, is taken by another program; set ITOMICHI_PORT"
  train_start
  export ITOMICHI_WORK="$RUN/work"
  # A process group of its own: Ctrl+C reaches this script alone, which then stops the application first and the database after it.
  # What is started must not inherit the lock: it would hold it as long as it runs.
  (cd "$APP" && exec setsid java $(java_flags) -jar server-1.0.0.jar --server.port="$PORT" "$@") >"$RUN/app.log" 2>&1 9>&- &
  APP_PID=$!
  printf '%s\n' "$APP_PID" >"$RUN/app.pid"
  local waited=0
  until healthy; do
    kill -0 "$APP_PID" 2>/dev/null || { tail -n 15 "$RUN/app.log" >&2; fail "the application does not start (see $RUN/app.log)"; }
    ((++waited <= 600)) || fail "the application has not answered within a minute (see $RUN/app.log)"
    sleep 0.1
  done
}

end_application() {
  if app_runs; then
    local pid
    pid=$(head -n 1 "$RUN/app.pid")
    # Gone first, so that a start waiting in another terminal knows that this end was wanted.
    rm -f "$RUN/app.pid"
    kill "$pid" 2>/dev/null || true
    for _ in $(seq 100); do
      kill -0 "$pid" 2>/dev/null || break
      sleep 0.1
    done
    kill -0 "$pid" 2>/dev/null && say "The application (process $pid) did not stop within 10 seconds"
  fi
  rm -f "$RUN/app.pid"
}

# Whether the application on this ground is still the one that this command launched; another command may have ended it and begun a new one.
is_still_ours() { [ -e "$RUN/app.pid" ] && [ "$(head -n 1 "$RUN/app.pid")" = "$APP_PID" ]; }

# Ends what this start began: a start that found another one running must not take it down with itself.
end_begun() {
  hold_ground
  [ -z "${APP_PID:-}" ] || is_still_ours || return 0
  end_application
  stop_database
}

# What a crash left: an application whose database is gone gets it back; one that does not answer even then is ended.
mend_application() {
  app_runs || return 1
  database_runs || { say "The database is gone under a running application; starting it again"; start_database; }
  for _ in $(seq 150); do
    healthy && return
    app_runs || return 1
    sleep 0.1
  done
  say "The application runs but does not answer; it is started anew"
  end_application
  return 1
}

# As long as the application runs, a database that ended, as when the disk was full, is started again.
watch_database() {
  while kill -0 "$APP_PID" 2>/dev/null; do
    # Waited for, not slept through: Ctrl+C is heard at once.
    sleep 1 >/dev/null 2>&1 &
    wait $! || true
    if is_still_ours && ! database_runs; then
      (bring_database_back) || say "The database does not start yet; trying again"
    fi
  done
}

# Whoever stops both holds the lock until it is done, so what was true before the lock is asked again.
bring_database_back() {
  hold_ground
  if is_still_ours && ! database_runs; then
    say "The database ended; starting it again"
    start_database
  fi
}

start_application() {
  prepare_ground
  hold_ground
  if mend_application; then
    say "Itomichi runs already: $ADDRESS"
    return
  fi
  need_packages
  build_all
  trap end_begun EXIT
  trap 'exit 0' INT TERM
  start_database
  launch_application
  let_ground_go
  say "Itomichi is ready: $ADDRESS"
  say "Ctrl+C stops it; the books are kept in $RUN."
  # An application that ends by itself, as when its memory is used up, is started again; one that cannot stay is not.
  local died=0 code begun
  while true; do
    code=0 begun=$SECONDS
    watch_database
    wait "$APP_PID" || code=$?
    is_still_ours || return 0
    ((SECONDS - begun < 600)) || died=0
    ((++died <= 5)) || fail "the application ended by itself again and again (see $RUN/app.log)"
    hold_ground
    # Whoever held the lock until now may have started it already, or stopped it.
    is_still_ours || return 0
    say "The application ended by itself (code $code); starting it again"
    cp -f "$RUN/app.log" "$RUN/app-ended.log" 2>/dev/null || true
    start_database
    launch_application
    let_ground_go
  done
}

stop_application() {
  hold_ground
  if ! app_runs && ! database_runs; then
    say "Nothing runs."
    return
  fi
  end_application
  stop_database
  say "Stopped."
}

show_status() {
  if ! app_runs; then
    say "Application: does not run"
  elif healthy; then
    say "Application: runs at $ADDRESS"
  else
    say "Application: runs (process $(head -n 1 "$RUN/app.pid")) but does not answer; bin/itomichi start mends it"
  fi
  if pg_bin >/dev/null && database_runs; then
    say "Database: runs on 127.0.0.1:$DB_PORT, $(sql "$DB_NAME" -tAc 'select count(*) from book where removed_at is null' 2>/dev/null || echo no) books"
  else
    say "Database: does not run"
  fi
  say "Data: $RUN"
}

# Does one task on the binder's database, running or not, and leaves it as it was; what is said of it is on the terminal.
do_task() {
  prepare_ground
  hold_ground
  need_packages
  build_all
  local ran=yes code=0
  database_runs || ran=no
  start_database
  (cd "$APP" && java $(java_flags) -jar server-1.0.0.jar --spring.main.web-application-type=none --itomichi.demo=false "$@") >"$RUN/task.log" 2>&1 || code=$?
  [ $ran = yes ] || stop_database
  grep '^itomichi: ' "$RUN/task.log" || true
  return $code
}

reset_demo() {
  do_task --itomichi.task=reset-demo || fail "the demo books could not be put back (see $RUN/task.log)"
  say "The demo books are back."
}

# The file is named from where the command was given.
keep_workshop() {
  [ $# = 1 ] || fail "a file to write the workshop into is wanted: bin/itomichi backup FILE"
  [ -d "$(dirname "$1")" ] || fail "there is no folder $(dirname "$1")"
  do_task --itomichi.task=backup "--itomichi.file=$(realpath "$1")" || fail "the workshop was not written (see $RUN/task.log)"
}

take_workshop() {
  local over=false
  [ "${2:-}" = --over ] && over=true
  [ $# = 1 ] || [ $over = true ] || fail "a file to read is wanted: bin/itomichi restore FILE [--over]"
  [ -r "${1:-}" ] || fail "“${1:-}” cannot be read"
  do_task --itomichi.task=restore "--itomichi.file=$(realpath "$1")" --itomichi.over=$over || fail "nothing was changed"
}
