# Shared by start and check: installs what is missing. Sourced, with the repository's root as working folder.

say() { printf '· %s\n' "$*"; }
fail() {
  printf '%s\n' "$*" >&2
  exit 1
}

# need_packages PROGRAM=PACKAGE…: installs the Debian packages whose programs are missing.
need_packages() {
  local missing=()
  for pair in "$@"; do
    command -v "${pair%%=*}" >/dev/null 2>&1 && continue
    case " ${missing[*]-} " in *" ${pair##*=} "*) ;; *) missing+=("${pair##*=}") ;; esac
  done
  [ ${#missing[@]} -eq 0 ] && return
  local sudo=""
  if [ "$(id -u)" -ne 0 ]; then
    if command -v sudo >/dev/null 2>&1 && sudo -n true 2>/dev/null; then sudo="sudo"; else
      fail "These Debian packages are missing: ${missing[*]}. Install them with: sudo apt-get install -y --no-install-recommends ${missing[*]}"
    fi
  fi
  say "Installing Debian packages: ${missing[*]}"
  local log
  log=$(mktemp)
  if ! { $sudo apt-get update && $sudo env DEBIAN_FRONTEND=noninteractive apt-get -o DPkg::Lock::Timeout=300 install -y --no-install-recommends "${missing[@]}"; } >"$log" 2>&1; then
    tail -n 5 "$log" >&2
    fail "The packages could not be installed. Try by hand: ${sudo:+sudo }apt-get install -y --no-install-recommends ${missing[*]}"
  fi
  rm -f "$log"
}

# need_node: a Node new enough, and the locked npm packages.
need_node() {
  command -v node >/dev/null 2>&1 || fail "Node is missing. Install Node 20.19 or newer."
  node -e 'const [a,b]=process.versions.node.split(".").map(Number);process.exit(a>20||(a===20&&b>=19)?0:1)' ||
    fail "Node $(node --version) is too old. Install Node 20.19 or newer."
  local want
  want=$(cat package.json package-lock.json */package.json | cksum)
  if [ ! -f node_modules/.hold-fast ] || [ "$(cat node_modules/.hold-fast)" != "$want" ]; then
    say "Installing npm packages (a minute or two the first time)"
    local log
    log=$(mktemp)
    if ! npm ci >"$log" 2>&1; then
      tail -n 5 "$log" >&2
      fail "npm ci failed. Run it by hand to see why: npm ci"
    fi
    rm -f "$log"
    printf '%s' "$want" >node_modules/.hold-fast
  fi
}

# need_both PROGRAM=PACKAGE…: Debian's packages and npm's, at the same time: each waits for the network more than for the machine.
need_both() {
  need_packages "$@" &
  need_node
  wait $!
}
