# Shared by ./start and ./test: what the machine needs, a free port, one build at a time. Sourced, never run.

root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
run=$root/.run
mkdir -p "$run"

# A build compiles its own code once, not twice: the second time takes longer than it spares.
export MAVEN_OPTS=${MAVEN_OPTS:--XX:TieredStopAtLevel=1 -XX:ReservedCodeCacheSize=240m}

say() { printf '%s\n' "$*" >&2; }
die() { say "Deft Chill: $*"; exit 1; }

# Installs Debian packages, as root or with sudo; says what to do where neither works.
install_packages() {
  local sudo=()
  [ "$(id -u)" = 0 ] || sudo=(sudo -n)
  say "Installing $* ..."
  if ! command -v apt-get >/dev/null; then
    die "needs $*; this script installs them on Debian only. Please install them by hand."
  fi
  { DEBIAN_FRONTEND=noninteractive "${sudo[@]}" apt-get update -qq \
    && DEBIAN_FRONTEND=noninteractive "${sudo[@]}" apt-get install -y -qq --no-install-recommends "$@"; } >"$run/apt.log" 2>&1 \
    || die "could not install $*. As root: apt-get install $*   (details: $run/apt.log)"
}

java_major() { javac -version 2>&1 | sed -n 's/^javac \([0-9]*\).*/\1/p'; }
node_major() { node --version 2>/dev/null | sed -n 's/^v\([0-9]*\).*/\1/p'; }

# need_all [browser]: JDK 17+, Maven, Node 20+, MariaDB and, for the tests, Chromium without a window.
need_all() {
  local missing=()
  { command -v javac >/dev/null && [ "$(java_major)" -ge 17 ]; } || missing+=(openjdk-17-jdk-headless)
  command -v mvn >/dev/null || missing+=(maven)
  command -v node >/dev/null && command -v npm >/dev/null || missing+=(nodejs npm)
  { command -v mariadbd >/dev/null && command -v mariadb-install-db >/dev/null && command -v mariadb >/dev/null; } \
    || missing+=(mariadb-server-core mariadb-client-core)
  command -v mariadb-dump >/dev/null || missing+=(mariadb-client)
  command -v curl >/dev/null || missing+=(curl)
  command -v pgrep >/dev/null || missing+=(procps)
  # The shell without a window's trimmings: the same pages for two thirds of the work.
  [ "${1:-}" = browser ] && ! command -v chromium-headless-shell >/dev/null && missing+=(chromium-headless-shell)
  [ ${#missing[@]} = 0 ] || install_packages "${missing[@]}"
  [ "$(java_major)" -ge 17 ] || die "needs JDK 17 or newer; javac on the PATH is $(java_major)"
  [ "$(node_major)" -ge 20 ] || die "needs Node 20 or newer; node on the PATH is $(node --version), and Debian has no newer one here. Please install Node 20."
}

# is_ours PID WORD...: whether a process runs whose command line has all of these words. A number in a file may be anybody's
# by now.
is_ours() {
  local pid=$1 args word
  [[ "$pid" =~ ^[0-9]+$ ]] || return 1
  args=" $(tr '\0' ' ' 2>/dev/null <"/proc/$pid/cmdline")" || return 1
  shift
  for word in "$@"; do [[ "$args" == *" $word "* ]] || return 1; done
}

# Whether it is that process itself that has this copy's lock, not what it had begun and left behind.
holds_instance() { [[ "$1" =~ ^[0-9]+$ ]] && [[ "$(ls -l "/proc/$1/fd" 2>/dev/null)" == *"$run/instance.lock"* ]]; }

# end PID SECONDS: asks a process to end and waits; false when it does not.
end() {
  kill "$1" 2>/dev/null || return 0
  for _ in $(seq $((10 * $2))); do
    kill -0 "$1" 2>/dev/null || return 0
    sleep 0.1
  done
  return 1
}

# free_port [PREFERRED]
free_port() {
  local port=${1:-}
  for _ in $(seq 50); do
    [ -n "$port" ] || port=$((20000 + RANDOM % 12000))
    if ! (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null; then echo "$port"; return; fi
    port=
  done
  die "no free port found"
}

# Only one build in this tree at a time; held until the calling script ends or build_done.
build_lock() {
  exec 8>"$run/build.lock"
  flock -n 8 || { say "Another build is running here; waiting for it ..."; flock 8; }
}
build_done() { exec 8>&-; }

# For scripts that measure: builds modules with all that they need, also in a clone that never built anything; what fails is shown.
#   build_of MODULE,MODULE [MAVEN OPTION ...]   their jars
#   classpath_of MODULE                         prints what runs its classes and its tests'
#   figures_of MODULE TEST PATTERN OPTION...    (MAVEN_MORE for an option of Maven itself) runs one test of it and prints the lines of it that fit; fails where there is none
shown_when_it_fails() {
  local log=$run/${0##*/}.log
  "$@" >"$log" 2>&1 8>&- || { tail -n 40 "$log" >&2; die "${0##*/} could not be built or run, see $log"; }
}
build_of() {
  local modules=$1
  shift
  build_lock
  shown_when_it_fails mvn -q -B -ntp -Dspotless.check.skip -DskipTests -pl "$modules" -am "$@" package
}
classpath_of() {
  build_of "$1" dependency:build-classpath -Dmdep.outputFile=target/classpath -Dmdep.includeScope=test
  echo "$1/target/classes:$1/target/test-classes:$(cat "$1/target/classpath")"
}
figures_of() {
  local module=$1 test=$2 pattern=$3
  shift 3
  build_lock
  export PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 PLAYWRIGHT_NODEJS_PATH=${PLAYWRIGHT_NODEJS_PATH:-$(command -v node)}
  shown_when_it_fails mvn -B -ntp -Dspotless.check.skip -Dtest="$test" -Dsurefire.failIfNoSpecifiedTests=false -DargLine="$*" \
    -pl "$module" -am ${MAVEN_MORE:-} package
  grep -E "$pattern" "$run/${0##*/}.log" || die "nothing like '$pattern' was printed, see $run/${0##*/}.log"
}

# A hash of everything the build reads.
sources_hash() {
  # Every module that is run, as the parent names them; what a build writes itself is no source of it.
  (cd "$root" && modules=$(sed -n 's:.*<module>\(.*\)</module>.*:\1:p' pom.xml | grep -v -x -e e2e -e bench) \
    && find pom.xml $(for m in $modules; do echo "$m/pom.xml"; [ ! -d "$m/src/main" ] || echo "$m/src/main"; done) web/package-lock.json \
    web/index.html web/public web/src web/*.ts web/*.json ops/npm-install.sh -type f -not -path '*/generated/*' -not -path web/components.d.ts -print0 \
    | sort -z | xargs -0 sha256sum | sha256sum | cut -c1-16)
}

# Room that is given up when the disk is full, so that the database can go on: it dies, and does not start again, without any.
ballast=$run/ballast
ballast_mb=64
free_mb() { df -Pm "$run" 2>/dev/null | awk 'NR == 2 { print $4 }'; }
# Takes it while there is plenty; gives it up where there is nothing left. True when it was given up now.
keep_ballast() {
  local free
  free=$(free_mb)
  if [ -f "$ballast" ] && [ "${free:-0}" -lt 8 ]; then rm -f "$ballast"; return 0; fi
  if [ ! -f "$ballast" ] && [ "${free:-0}" -gt $((8 * ballast_mb)) ]; then
    # Written, not only promised: a file with holes takes no room.
    if head -c "${ballast_mb}M" /dev/urandom >"$ballast.part" 2>/dev/null; then mv "$ballast.part" "$ballast"; else rm -f "$ballast.part"; fi
  fi
  return 1
}

# Whether a ./restore has this copy pause. It holds a lock for as long as it lives: one that was killed holds nothing.
held() {
  [ -f "$run/hold" ] || return 1
  if (flock -n 7) 7>"$run/hold.lock" 2>/dev/null; then rm -f "$run/hold"; return 1; fi
}

# What a ./restore that was killed half way had backed up is put back.
finish_restore() {
  local before
  [ -f "$run/restoring" ] || return 0
  before=$(cat "$run/restoring")
  say "A ./restore was broken off; putting back what there was before it, from $before ..."
  put_in_place "$before" || die "could not put it back: ./restore $before"
  rm -f "$run/restoring"
}

# put_in_place FILE: everything of a backup in place of what the database has, which runs.
put_in_place() {
  database <<<"drop database if exists deftchill; create database deftchill character set utf8mb4 collate utf8mb4_unicode_ci;" \
    && read_backup "$1" | database deftchill
}

# The database of this copy, started for as long as the script runs when it is not running.
database_while() {
  database_started=
  if [ ! -s "$run/db/connection.env" ] || ! ops/mariadb.sh running "$run/db"; then
    setsid "$root/ops/mariadb.sh" start "$run/db" 8>&- 9>&-
    database_started=yes
  fi
  set -a; source "$run/db/connection.env"; set +a
}
database_done() { if [ -n "${database_started:-}" ]; then "$root/ops/mariadb.sh" stop "$run/db" 8>&- 9>&-; fi; }

# Host, port, user and password as the clients of MariaDB want them; the password not on a command line.
database_args() {
  local rest=${DEFTCHILL_DB_URL#jdbc:mariadb://} where
  where=${rest%%/*}
  echo --protocol=tcp -h"${where%%:*}" -P"${where##*:}" -u"$DEFTCHILL_DB_USER"
}
database() { MYSQL_PWD=$DEFTCHILL_DB_PASSWORD mariadb --no-defaults $(database_args) "$@"; }

# new_key: a key that lets whoever has it in once; of it only the hash is kept.
new_key() {
  local key
  key=$(od -An -tx1 -N24 /dev/urandom | tr -d ' \n')
  database deftchill -e "insert into entrance_key (hash, made_at) values (sha2('$key', 256), utc_timestamp(6))" || return 1
  echo "$key"
}

# enter ADDRESS: comes in by a key of its own and prints the session's cookie, for scripts that ask a running copy.
enter() {
  curl -fsS -o /dev/null -D - -X POST "$1/api/session/key" -H 'Content-Type: application/json' -H 'X-XSRF-TOKEN: 0' \
    -H 'Cookie: XSRF-TOKEN=0' -d "{\"key\":\"$(new_key)\"}" \
    | tr -d '\r' | sed -n 's/^[Ss]et-[Cc]ookie: \(deft-chill[^;]*\);.*/\1/p'
}

# write_backup DUMP FILE: a first line that says what it is and what the rest must hash to, then the dump, compressed. The file is
# there only when it has been read back.
write_backup() {
  local dump=$1 file=$2
  MYSQL_PWD=$DEFTCHILL_DB_PASSWORD mariadb-dump --no-defaults $(database_args) --single-transaction --no-tablespaces \
    --skip-dump-date --default-character-set=utf8mb4 --hex-blob deftchill >"$dump" || die "the database could not be dumped"
  tail -n 1 "$dump" | grep -q '^-- Dump completed' || die "the dump broke off"
  { echo "-- deft-chill-backup 1 sha256=$(sha256sum <"$dump" | cut -d' ' -f1)"; cat "$dump"; } | gzip -n >"$file.part"
  read_backup "$file.part" >/dev/null || die "the file could not be read back: is the disk full?"
  mv "$file.part" "$file"
}

# read_backup FILE: the dump, or failure when it is not whole.
read_backup() {
  local first
  gzip -t "$1" 2>/dev/null || return 1
  first=$(gzip -dc "$1" | sed -n 1p)
  [[ "$first" =~ ^--\ deft-chill-backup\ 1\ sha256=([0-9a-f]{64})$ ]] || return 1
  [ "$(gzip -dc "$1" | tail -n +2 | sha256sum | cut -d' ' -f1)" = "${BASH_REMATCH[1]}" ] || return 1
  gzip -dc "$1" | tail -n +2
}
