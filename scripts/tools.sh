# What has to be on the machine. Read by ./ripple-rest; uses its say, die and ROOT.

# install_packages PACKAGE...: from Debian's packages, as root or through sudo.
install_packages() {
  local sudo=()
  if [ "$(id -u)" -ne 0 ]; then
    command -v sudo >/dev/null || die "needs $* installed: run 'apt-get install $*' as root, then run this again."
    sudo=(sudo)
  fi
  command -v apt-get >/dev/null || die "needs $*, and this is not Debian; install it by hand, then run this again."
  say "installing $* from Debian's packages"
  "${sudo[@]}" apt-get -qq update >/dev/null || true
  "${sudo[@]}" env DEBIAN_FRONTEND=noninteractive apt-get -qq install -y --no-install-recommends "$@" >/dev/null 2>&1 \
    || die "could not install $*; run 'apt-get install $*' to see why."
}

# version_of COMMAND...: the first whole number that it prints.
version_of() { "$@" 2>&1 | grep -oE '[0-9]+' | head -1; }

need_java() { # need_java PACKAGE: the runtime is enough to run, building takes the JDK
  local tool=java
  [ "$1" = openjdk-17-jdk-headless ] && tool=javac
  [ -n "${JAVA_HOME:-}" ] && [ -x "$JAVA_HOME/bin/$tool" ] && PATH="$JAVA_HOME/bin:$PATH"
  if ! command -v "$tool" >/dev/null || [ "$(version_of "$tool" -version)" -lt 17 ]; then
    install_packages "$1"
  fi
  [ "$(version_of "$tool" -version)" -ge 17 ] || die "$tool is version $(version_of "$tool" -version); 17 or newer is needed. Set JAVA_HOME to a newer one."
}

# Node 20.19 and npm 11 build the page. Debian 12 has older ones: its npm fetches newer into .tools.
need_node() {
  local tools="$ROOT/.tools"
  [ -d "$tools/bin" ] && PATH="$tools/bin:$PATH"
  if node_is_new && npm_is_new; then return; fi
  command -v npm >/dev/null || install_packages npm
  local machine
  case $(uname -m) in
    x86_64) machine=x64 ;;
    aarch64) machine=arm64 ;;
    *) die "needs Node 20.19 and npm 11, and there is no package of them for $(uname -m); install them by hand." ;;
  esac
  say "fetching Node 20 and npm 11 into .tools"
  mkdir -p "$tools/bin"
  npm install --prefix "$tools" --no-audit --no-fund --silent "node-linux-$machine@20.20" npm@11 >/dev/null \
    || die "could not fetch Node 20 and npm 11 from the npm registry; is there a network?"
  ln -sf "../node_modules/node-linux-$machine/bin/node" "$tools/bin/node"
  printf '#!/bin/sh\nexec "%s/bin/node" "%s/node_modules/npm/bin/npm-cli.js" "$@"\n' "$tools" "$tools" >"$tools/bin/npm"
  printf '#!/bin/sh\nexec "%s/bin/node" "%s/node_modules/npm/bin/npx-cli.js" "$@"\n' "$tools" "$tools" >"$tools/bin/npx"
  chmod +x "$tools/bin/npm" "$tools/bin/npx"
  PATH="$tools/bin:$PATH"
  hash -r
  node_is_new && npm_is_new || die "node is $(node --version 2>&1) and npm $(npm --version 2>&1) after fetching them; 20.19 and 11 are needed."
}

node_is_new() {
  command -v node >/dev/null || return 1
  local major minor
  IFS=. read -r major minor _ <<<"$(node --version | tr -d v)"
  [ "$major" -gt 20 ] || { [ "$major" -eq 20 ] && [ "$minor" -ge 19 ]; }
}

npm_is_new() { command -v npm >/dev/null && [ "$(npm --version 2>/dev/null | cut -d. -f1)" -ge 11 ]; }

need_build_tools() {
  need_java openjdk-17-jdk-headless
  command -v mvn >/dev/null || install_packages maven
  need_node
  export PATH
}

pg_bin() {
  local found
  found=$(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -1) || true
  if [ -n "$found" ] && [ -x "$found/initdb" ]; then echo "$found"; fi
}

need_postgres() {
  if [ -z "$(pg_bin)" ]; then install_packages postgresql; fi
  PG_BIN=$(pg_bin)
  [ -n "$PG_BIN" ] || die "PostgreSQL's server is still missing; run 'apt-get install postgresql'."
}

# The shell is the lighter of Debian's two; where it cannot be had, a Chromium that is there does.
need_chromium() {
  [ -x /usr/bin/chromium-headless-shell ] || (install_packages chromium-headless-shell) ||
    [ -x /usr/bin/chromium ] || die "Chromium is missing; run 'apt-get install chromium-headless-shell'."
}

need_disk() { # need_disk FOLDER MEGABYTES
  local free
  free=$(df -Pm "$1" | awk 'NR==2 {print $4}')
  [ "$free" -ge "$2" ] || die "only $free MB are free where $1 lies; free at least $2 MB. Nothing was changed."
}
