#!/usr/bin/env bash
# postgres.sh start|stop|destroy: a PostgreSQL server of our own on loopback, as root (server runs as `postgres`) or as an
# ordinary user. In: BRINECOVE_PG_DIR, BRINECOVE_PG_PORT, BRINECOVE_PG_PASSWORD. `start` prints the folder of the data.
set -euo pipefail
DIR=${BRINECOVE_PG_DIR:?}
PORT=${BRINECOVE_PG_PORT:?}
fail() { printf '%s\n' "$*" >&2; exit 2; }

BIN=$(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -1 || true)
if [ ! -x "${BIN:-/nowhere}/postgres" ]; then
  [ "$1" = start ] || exit 0
  [ "$(id -u)" = 0 ] || fail "PostgreSQL's server is missing. Install it once as root: apt-get install -y --no-install-recommends postgresql"
  printf 'Installing the PostgreSQL server …\n' >&2
  { apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends postgresql; } >&2 ||
    fail "PostgreSQL could not be installed: check the network, then run this again."
  BIN=$(ls -d /usr/lib/postgresql/*/bin | sort -V | tail -1)
fi

# a locale that is always there, and nothing of the caller's own PostgreSQL settings
export LC_ALL=C.UTF-8 LANG=C.UTF-8
for v in ${!PG@}; do unset "$v"; done

if [ "$(id -u)" = 0 ]; then
  id postgres >/dev/null 2>&1 || fail "There is no user 'postgres': reinstall Debian's postgresql package."
  mkdir -p "$(dirname "$DIR")"
  # the server's user must be able to walk down to the folder (it is not when the project lies under a private home)
  if ! runuser -u postgres -- test -x "$(dirname "$DIR")"; then
    DIR=/var/tmp/brinecove-$(printf %s "$DIR" | cksum | cut -d' ' -f1)
  fi
  [ "$1" != start ] || install -d -m 0700 -o postgres -g postgres "$DIR"
  [ ! -e "$DIR/data" ] || [ "$(stat -c %U "$DIR/data")" = postgres ] || chown -R postgres:postgres "$DIR"
  as() { (cd / && exec runuser -u postgres -- "$@"); }
else
  if [ -e "$DIR" ] && [ ! -O "$DIR" ]; then DIR=$DIR-$(id -un); fi # root ran first
  [ "$1" != start ] || mkdir -p -m 0700 "$DIR"
  as() { (cd / && exec "$@"); }
fi
DATA=$DIR/data

# a lock that a killed server has left names a process that is none any more, or another one that was given its number
unlock() {
  local pid
  pid=$(as head -1 "$DATA/postmaster.pid" 2>/dev/null || true)
  [ -n "$pid" ] || return 0
  [ "$(cat "/proc/$pid/comm" 2>/dev/null || true)" = postgres ] || as rm -f "$DATA/postmaster.pid"
}

running() { as "$BIN/pg_ctl" -D "$DATA" status >/dev/null 2>&1; }
case "$1" in
  start)
    if ! as test -s "$DATA/PG_VERSION"; then
      printf '%s' "${BRINECOVE_PG_PASSWORD:?}" | as sh -c "umask 077; cat > '$DIR/password'"
      as "$BIN/initdb" -D "$DATA" -U brinecove -A scram-sha-256 --pwfile="$DIR/password" -E UTF8 --locale=C.UTF-8 >/dev/null ||
        fail "PostgreSQL could not make its data folder in $DIR: check the free disk space and the rights."
      as rm -f "$DIR/password"
    fi
    unlock
    if ! running; then
      if (exec 3<>"/dev/tcp/127.0.0.1/$PORT") 2>/dev/null; then
        fail "Port $PORT, which Brinecove's database uses, is taken. Stop what uses it, or set BRINECOVE_PG_PORT to a free one."
      fi
      as "$BIN/pg_ctl" -D "$DATA" -l "$DIR/log" -w -t 60 -s start \
        -o "-p $PORT -c listen_addresses=127.0.0.1 -c unix_socket_directories='' ${BRINECOVE_PG_OPTIONS:-}" >&2 ||
        { as tail -5 "$DIR/log" >&2; fail "PostgreSQL did not start; its last words are above, all of them in $DIR/log."; }
    fi
    printf '%s\n' "$DIR" ;;
  stop) unlock; if running; then as "$BIN/pg_ctl" -D "$DATA" -m fast -w -s stop; fi ;;
  destroy)
    if running; then as "$BIN/pg_ctl" -D "$DATA" -m immediate -w -s stop; fi
    rm -rf "$DIR" ;;
  *) fail "postgres.sh start|stop|destroy" ;;
esac
