# What everything else stands on: where things are, how a failure is told, whether the ground bears.

RUN=${ITOMICHI_HOME:-$ROOT/.run}
PORT=${ITOMICHI_PORT:-8372}
DB_PORT=${ITOMICHI_DB_PORT:-8373}
LEAST_DISK_MB=${ITOMICHI_LEAST_DISK_MB:-1000}

say() { printf '%s\n' "$*"; }

fail() {
  printf 'itomichi: %s\n' "$*" >&2
  exit 1
}

prepare_ground() {
  for port in "$PORT" "$DB_PORT"; do
    [[ $port =~ ^[0-9]+$ ]] && ((port >= 1024 && port <= 65535)) || fail "port “$port”: a number from 1024 to 65535 is wanted"
  done
  [ "$PORT" != "$DB_PORT" ] || fail "the application and its database cannot share port $PORT; set ITOMICHI_PORT or ITOMICHI_DB_PORT"
  (umask 077 && mkdir -p "$RUN") 2>/dev/null || fail "the folder $RUN cannot be made; set ITOMICHI_HOME to one that can"
  [ -r "$RUN" ] && [ -w "$RUN" ] && [ -x "$RUN" ] || fail "the folder $RUN cannot be read and written by $(id -un); set ITOMICHI_HOME to one that can"
  local free
  free=$(df -Pk "$RUN" | awk 'NR==2 {print $4}')
  ((free / 1000 >= LEAST_DISK_MB)) || fail "only $((free / 1000)) MB are free where $RUN is; $LEAST_DISK_MB MB are wanted"
}

# One command at a time begins or ends something here; another waits for it. What runs does not hold the lock, only what begins it. The
# lock goes with the process that holds it, however that ends.
hold_ground() {
  [ -d "$RUN" ] || return 0
  exec 9>"$RUN/lock"
  if ! flock -n 9; then
    say "Another command is at work in $RUN; waiting for it"
    flock -w 300 9 || fail "another command has been at work in $RUN for five minutes"
  fi
}

let_ground_go() { exec 9>&-; }

port_taken() {
  (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null
}

# Whether a process that we started under this pid file still runs: its command line must name what we started.
ours_runs() {
  local file=$1 mark=$2 pid
  [ -r "$file" ] || return 1
  pid=$(head -n 1 "$file")
  [[ $pid =~ ^[0-9]+$ ]] && [ -r "/proc/$pid/cmdline" ] && tr '\0' ' ' <"/proc/$pid/cmdline" | grep -qF -- "$mark"
}
