# A private PostgreSQL cluster on loopback. Debian's own cluster is neither used nor touched.

DB_NAME=itomichi
DB_USER=itomichi

db_folder() { printf '%s/database' "$RUN"; }

# PostgreSQL refuses to run as root. As root it is run in a user namespace of its own, so that the folder may lie anywhere; where the
# kernel does not allow that, as the user postgres.
as_database_owner() {
  if [ "$(id -u)" -ne 0 ]; then
    "$@"
  elif unshare --user --map-user=1000 --map-group=1000 true 2>/dev/null; then
    unshare --user --map-user=1000 --map-group=1000 "$@"
  else
    runuser -u postgres -- "$@"
  fi
}

make_password() {
  [ -s "$RUN/password" ] && return
  (umask 077 && head -c 24 /dev/urandom | base64 | tr -d '+/=\n' >"$RUN/password")
}

make_cluster() {
  local folder
  folder=$(db_folder)
  [ -s "$folder/PG_VERSION" ] && return
  say "Making the database in $folder"
  (umask 077 && mkdir -p "$folder" && cp "$RUN/password" "$folder.pw")
  if [ "$(id -u)" -eq 0 ] && ! unshare --user --map-user=1000 --map-group=1000 true 2>/dev/null; then
    chown postgres "$folder" "$folder.pw"
  fi
  as_database_owner "$(pg_bin)/initdb" -D "$folder" -U "$DB_USER" --pwfile="$folder.pw" --auth=scram-sha-256 \
    --encoding=UTF8 --locale=C.UTF-8 >"$RUN/initdb.log" 2>&1 || { rm -f "$folder.pw"; fail "the database could not be made (see $RUN/initdb.log)"; }
  rm -f "$folder.pw"
  # Large pools are for servers; this one serves a bench.
  cat >>"$folder/postgresql.conf" <<CONF
listen_addresses = '127.0.0.1'
unix_socket_directories = ''
max_connections = 30
CONF
}

database_runs() {
  [ -s "$(db_folder)/PG_VERSION" ] && as_database_owner "$(pg_bin)/pg_ctl" -D "$(db_folder)" status >/dev/null 2>&1
}

database_answers() { "$(pg_bin)/pg_isready" -q -h 127.0.0.1 -p "$DB_PORT"; }

start_database() {
  make_password
  make_cluster
  # One that was killed is still listed for a moment; one that has just been started does not answer yet.
  local waited=0
  while database_runs && ! database_answers && ((++waited < 100)); do sleep 0.1; done
  if ! database_runs; then
    port_taken "$DB_PORT" && fail "port $DB_PORT, meant for the database, is taken by another program; set ITOMICHI_DB_PORT"
    local tries=0
    # After a crash its last processes may take a moment to go; until then it refuses to start.
    until as_database_owner "$(pg_bin)/pg_ctl" -D "$(db_folder)" -w -t 30 -o "-p $DB_PORT" -l "$(db_folder)/server.log" start </dev/null >"$RUN/pg_ctl.log" 2>&1 9>&-; do
      ((++tries < 10)) || fail "the database does not start (see $(db_folder)/server.log)"
      sleep 0.5
    done
  fi
  export_database
  sql postgres -tAc "select 1 from pg_database where datname = '$DB_NAME'" | grep -q 1 || sql postgres -qc "create database $DB_NAME"
}

export_database() {
  ITOMICHI_DB_PASSWORD=$(cat "$RUN/password")
  export ITOMICHI_DB_PASSWORD
  export ITOMICHI_DB_USER=$DB_USER
  export ITOMICHI_DB_URL="jdbc:postgresql://127.0.0.1:$DB_PORT/${1:-$DB_NAME}"
}

# Runs psql on a database: sql NAME ARGUMENTS...
sql() {
  local name=$1
  shift
  PGPASSWORD=$(cat "$RUN/password") "$(pg_bin)/psql" -h 127.0.0.1 -p "$DB_PORT" -U "$DB_USER" -d "$name" "$@"
}

stop_database() {
  database_runs || return 0
  as_database_owner "$(pg_bin)/pg_ctl" -D "$(db_folder)" -m fast -w stop >/dev/null 2>&1 || say "The database did not stop within its time; see $(db_folder)/server.log"
}
