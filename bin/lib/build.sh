# Builds what is not built: pages, jar, and the archive that makes the start quick.

APP="$ROOT/server/target/app"

# Whether anything under the given paths is newer than a stamp.
newer_than() {
  local stamp=$1
  shift
  [ ! -e "$stamp" ] || [ -n "$(find "$@" -newer "$stamp" -type f -print -quit 2>/dev/null)" ]
}

build_web() {
  local stamp="$ROOT/web/dist/.built"
  newer_than "$stamp" "$ROOT/web/src" "$ROOT/web/index.html" "$ROOT/web/package-lock.json" "$ROOT/web/vite.config.ts" "$ROOT/server/openapi.json" || return 0
  need_node
  cd "$ROOT/web"
  if [ ! -e node_modules/.package-lock.json ] || [ package-lock.json -nt node_modules/.package-lock.json ]; then
    say "Installing what the pages are built with"
    npm ci >"$RUN/npm.log" 2>&1 || fail "the pages' packages could not be installed (see $RUN/npm.log)"
  fi
  say "Building the pages"
  npm run build >"$RUN/web-build.log" 2>&1 || { tail -n 30 "$RUN/web-build.log" >&2; fail "the pages do not build (see $RUN/web-build.log)"; }
  touch "$stamp"
  cd "$ROOT"
}

build_server() {
  newer_than "$APP/.built" "$ROOT/pom.xml" "$ROOT"/{core,documents,server-db,server}/{pom.xml,src} "$ROOT/web/dist" || return 0
  say "Building the application"
  (cd "$ROOT" && mvn -B -q -pl server -am package -DskipTests) >"$RUN/build.log" 2>&1 || { tail -n 20 "$RUN/build.log" >&2; fail "the application does not build (see $RUN/build.log)"; }
  unpack_application
}

# The jar is unpacked because classes load quicker from there, and the archive needs them so.
unpack_application() {
  rm -rf "$APP"
  java -Djarmode=tools -jar "$ROOT/server/target/server-1.0.0.jar" extract --destination "$APP" >/dev/null || fail "the built application could not be unpacked"
  touch "$APP/.built"
}

# Starts once without serving, to write down which classes a start needs. Wants the database.
train_start() {
  [ -e "$APP/app.jsa" ] && return
  (cd "$APP" && java -XX:ArchiveClassesAtExit=app.jsa -Dspring.context.exit=onRefresh $(java_flags) -jar server-1.0.0.jar) >"$RUN/train.log" 2>&1 ||
    say "The quick start could not be prepared; starting will take longer (see $RUN/train.log)"
}

# One binder at a bench: a quick start and little memory count for more than the last third of speed. What the first start wrote down of
# classes helps every later one; it is named from the application's own folder, where all of them start.
java_flags() {
  printf '%s ' -Xmx512m -XX:+UseSerialGC -XX:+ExitOnOutOfMemoryError -XX:TieredStopAtLevel=1 -Djava.awt.headless=true
  if [ -e "$APP/app.jsa" ]; then printf '%s ' -XX:SharedArchiveFile=app.jsa; fi
}

build_all() {
  build_web
  build_server
}

generate_sources() {
  prepare_ground
  need_packages
  start_database
  sql postgres -qc "drop database if exists itomichi_generate" -c "create database itomichi_generate"
  # V10 comes after V9, not after V1
  for migration in $(printf '%s\n' "$ROOT"/server-db/src/main/resources/db/migration/V*.sql | sort -V); do
    sql itomichi_generate -q -v ON_ERROR_STOP=1 -f "$migration" || fail "the migration $migration does not run"
  done
  export_database itomichi_generate
  (cd "$ROOT" && mvn -B -q -N install -Dspotless.check.skip && mvn -B -q -pl server-db org.jooq:jooq-codegen-maven:generate) || fail "the database classes could not be made"
  # The server migrates by itself and keeps a history of it, so it wants a database of its own.
  sql postgres -qc "drop database if exists itomichi_describe" -c "create database itomichi_describe"
  export_database itomichi_describe
  (cd "$ROOT" && mvn -B -q -pl server -am test -Dtest=OpenApiFileTest -Dsurefire.failIfNoSpecifiedTests=false -Ditomichi.write-openapi=true) || fail "the HTTP description could not be made"
  say "Made anew: server-db/src/main/generated, server/openapi.json"
}
