# Installs what is missing and can be installed; says plainly what cannot. Needs say.sh.
# Debian's packages need root (or sudo without a question); npm packages do not.

as_root() {
  if [ "$(id -u)" -eq 0 ]; then "$@"
  elif command -v sudo >/dev/null && sudo -n true 2>/dev/null; then sudo "$@"
  else return 1
  fi
}

# install_packages WHAT PACKAGE...
install_packages() {
  local what=$1; shift
  command -v apt-get >/dev/null || fail "$what is missing and this system has no apt-get. Install it by hand: $*"
  say "Installing $what ($*) ..."
  local log; log=$(mktemp)
  if ! { as_root apt-get update -qq && as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$@"; } >"$log" 2>&1; then
    tail -n 5 "$log" >&2
    fail "$what could not be installed. As root, run: apt-get install $*"
  fi
  rm -f "$log"
}

postgres_bin() {
  local found
  found=$(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -n 1)
  if [ -n "$found" ] && [ -x "$found/initdb" ]; then echo "$found"
  elif command -v initdb >/dev/null && command -v pg_ctl >/dev/null; then dirname "$(command -v initdb)"
  fi
}

need_postgres() { [ -n "$(postgres_bin)" ] || install_packages "PostgreSQL" postgresql; }

need_rust() {
  command -v cargo >/dev/null || fail "Rust is missing and is not in Debian in the version needed. Install Rust 1.95 or later (rustup), then run this again."
}

need_node() {
  command -v node >/dev/null && command -v npm >/dev/null || install_packages "Node.js" nodejs npm
  local major; major=$(node -p 'process.versions.node.split(".")[0]')
  [ "$major" -ge 20 ] || fail "Node.js $major is too old; 20 or later is needed."
}

need_compiler() { command -v cc >/dev/null || install_packages "a C compiler" gcc libc6-dev; }

need_chromium() {
  [ -x /usr/bin/chromium ] || install_packages "Chromium for the browser tests" chromium fonts-liberation fontconfig
}

# python_packages WHAT LIST HOME: the packages that a list names, in a Python environment of their own under target/.
python_packages() {
  local what=$1 list=$2 home=$3
  if [ ! -f "$home/.installed" ] || ! cmp -s "$list" "$home/.installed"; then
    python3 -c 'import ensurepip, venv' 2>/dev/null || install_packages "Python" python3 python3-venv
    say "Installing $what ..."
    python3 -m venv --clear "$home" && "$home/bin/pip" install --quiet --disable-pip-version-check -r "$list" >&2 \
      || fail "pip could not install $what. Is the registry reachable?"
    cp "$list" "$home/.installed"
  fi
}

# npm_packages DIR: installs by the lock file, unless that has been done for this very lock.
npm_packages() {
  local dir=$1 stamp=$1/node_modules/.installed-lock
  if [ ! -f "$stamp" ] || ! cmp -s "$dir/package-lock.json" "$stamp"; then
    say "Installing Node packages in $(basename "$dir")/ ..."
    (cd "$dir" && npm ci --no-audit --no-fund --loglevel=error >&2) || fail "npm could not install the packages of $(basename "$dir")/. Is the registry reachable?"
    cp "$dir/package-lock.json" "$stamp"
  fi
}
