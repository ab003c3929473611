#!/usr/bin/env bash
# A private MariaDB on loopback with its own data directory.
#   ops/mariadb.sh start DIR [--throwaway]   creates it if needed, starts it on a free port,
#                                            writes DIR/connection.env (url, user, password)
#   ops/mariadb.sh stop DIR                  stops it and waits
#   ops/mariadb.sh running DIR               whether it runs
# --throwaway gives up durability for speed: for tests only.
set -euo pipefail
source "$(dirname "$0")/common.sh"

command=${1:?start or stop}
dir=$(mkdir -p "${2:?directory}" && cd "$2" && pwd)
data=$dir/data
pid_file=$dir/mariadb.pid
user=$(id -un)

# The server of this very directory, and no other process that may have its number by now; also one whose file was lost.
our_pid() {
  local pid
  pid=$(cat "$pid_file" 2>/dev/null || true)
  if is_ours "$pid" "--datadir=$data"; then echo "$pid"; return; fi
  for pid in $(pgrep -x mariadbd || true); do
    if is_ours "$pid" "--datadir=$data"; then echo "$pid"; return; fi
  done
}
running() { [ -n "$(our_pid)" ]; }

# fail MESSAGE [LOG]
fail() {
  echo "MariaDB: $1" >&2
  tail -n 20 "${2:-$dir/mariadb.log}" >&2 2>/dev/null || true
  exit 1
}

# What a server that was killed left there.
forget_socket_dir() {
  if [ -f "$dir/socket-dir" ]; then rm -rf "$(cat "$dir/socket-dir")" "$dir/socket-dir"; fi
}

start() {
  running && fail "already running in $dir"
  # A socket path may have at most 107 characters, so it does not lie in the (maybe deep) data directory.
  local socket_dir socket port password
  # Temporary tables lie there too: a server that starts clears its tmpdir of them, whosever they are.
  forget_socket_dir
  # In memory where the machine has a place for it: a disk that is full is not wanted for sorting.
  local place=/tmp
  if [ -d /dev/shm ] && [ -w /dev/shm ]; then place=/dev/shm; fi
  socket_dir=$(mktemp -d "$place/deftchill-db.XXXXXX")
  echo "$socket_dir" >"$dir/socket-dir"
  socket=$socket_dir/s
  # The port that it had is kept: whoever knows it by that finds it again.
  port=$(free_port "$(cat "$dir/port" 2>/dev/null || true)")
  echo "$port" >"$dir/port"
  if [ ! -d "$data/mysql" ]; then
    rm -rf "$data"
    # Its script takes no spaces in a path: where there are any, it is given one without.
    local made=$data
    if [[ "$data" =~ [^A-Za-z0-9/._-] ]]; then mkdir -p "$data"; ln -s "$data" "$socket_dir/data"; made=$socket_dir/data; fi
    mariadb-install-db --no-defaults --user="$user" --datadir="$made" --tmpdir="$socket_dir" --auth-root-authentication-method=normal \
      --skip-test-db --skip-name-resolve --innodb-log-file-size=16M >"$dir/install.log" 2>&1 || fail "cannot create $data" "$dir/install.log"
    (umask 077; od -An -N24 -tx1 /dev/urandom | tr -d ' \n' >"$dir/password")
  fi
  password=$(cat "$dir/password")
  local speed=()
  [ "${1:-}" = --throwaway ] && speed=(--innodb-flush-log-at-trx-commit=0 --innodb-doublewrite=0)
  # Accounts are (re)made at every start: the application's only, with a password; root has none to be used.
  (umask 077; cat >"$dir/init.sql" <<SQL
create database if not exists deftchill character set utf8mb4 collate utf8mb4_unicode_ci;
create user if not exists 'deftchill'@'127.0.0.1' identified by '$password';
grant all on deftchill.* to 'deftchill'@'127.0.0.1';
alter user 'root'@'localhost' identified by '$password';
drop user if exists 'root'@'127.0.0.1', 'root'@'::1';
SQL
  )
  if [ "$(stat -c %s "$dir/mariadb.log" 2>/dev/null || echo 0)" -gt 5000000 ]; then mv "$dir/mariadb.log" "$dir/mariadb.log.1"; fi
  nohup mariadbd --no-defaults --user="$user" --datadir="$data" --bind-address=127.0.0.1 --port="$port" \
    --socket="$socket" --tmpdir="$socket_dir" --pid-file="$pid_file" --log-error="$dir/mariadb.log" --skip-name-resolve \
    --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci --default-time-zone=+00:00 \
    --init-file="$dir/init.sql" --innodb-log-file-size=16M \
    --tmp-memory-table-size=64M --max-heap-table-size=64M "${speed[@]}" >>"$dir/mariadb.log" 2>&1 </dev/null &
  local server=$!
  for _ in $(seq 900); do
    if mariadb --no-defaults --protocol=tcp -h127.0.0.1 -P"$port" -udeftchill -p"$password" -e 'select 1' deftchill >/dev/null 2>&1; then
      (umask 077; cat >"$dir/connection.env" <<ENV
DEFTCHILL_DB_URL=jdbc:mariadb://127.0.0.1:$port/deftchill
DEFTCHILL_DB_USER=deftchill
DEFTCHILL_DB_PASSWORD=$password
ENV
      )
      return
    fi
    kill -0 "$server" 2>/dev/null || fail "it stopped while starting"
    sleep 0.1
  done
  fail "no answer within 90 seconds"
}

stop() {
  local pid
  pid=$(our_pid)
  if [ -n "$pid" ]; then end "$pid" 60 || fail "does not stop"; fi
  rm -f "$pid_file"
  forget_socket_dir
  rm -f "$dir/connection.env"
}

case $command in
  start) start "${3:-}" ;;
  stop) stop ;;
  running) running ;;
  *) echo "ops/mariadb.sh start|stop|running DIR" >&2; exit 2 ;;
esac
