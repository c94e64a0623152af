#!/usr/bin/env bash
# Starts, kills, backs up and restores an application of its own by the project's script, and looks what becomes of it.
set -eEuo pipefail

script="$(cd "$(dirname "$0")/.." && pwd)/grintel"
GRINTEL_STATE="$(mktemp -d)"
export GRINTEL_STATE GRINTEL_PORT=8390
trap '"$script" stop > /dev/null 2>&1 || true; rm -rf "$GRINTEL_STATE" "/var/lib/grintel-$(echo -n "$GRINTEL_STATE" | cksum | cut -d" " -f1)"' EXIT

trap 'printf "FAILED: line %s\n" "$LINENO" >&2' ERR

fail() { printf 'FAILED: %s\n' "$*" >&2; exit 1; }
passed() { printf 'passed: %s\n' "$*"; }

# is_told WORDS COMMAND...: the command fails with these words, in a line and without a stack trace.
is_told() {
  local words="$1" told
  shift
  if told="$("$@" 2>&1)"; then fail "'$*' went well"; fi
  [[ "$told" == *"$words"* ]] || fail "'$*' says: $told"
  [[ "$told" != *Exception* ]] || fail "'$*' shows an exception"
}

# well ARGUMENT...: the script does this; what it said is shown when it does not.
well() {
  local told
  told="$("$script" "$@" 2>&1)" && return 0
  printf '%s\n' "$told" >&2
  tail -n 40 "$GRINTEL_STATE"/logs/{start,server,supervisor}.log >&2 || true
  fail "'$*' went wrong"
}

port() { cat "$GRINTEL_STATE/server.port"; }

# get PATH: the head and the body of an answer.
get() {
  exec 3<> "/dev/tcp/127.0.0.1/$(port)" || return 1
  printf 'GET %s HTTP/1.0\r\nHost: 127.0.0.1\r\n\r\n' "$1" >&3
  cat <&3
  exec 3>&- 3<&-
}

until_healthy() {
  local tries=0
  until (get /actuator/health) 2> /dev/null | grep -q ' 200'; do
    tries=$((tries + 1))
    [ "$tries" -lt 300 ] || fail "the server does not come back"
    sleep 0.2
  done
}

# Opens a visitor's desk.
visit() {
  local token
  token="$(get /api/session | tr -d '\r' | sed -n 's/^[Ss]et-[Cc]ookie: grintel-token=\([^;]*\).*/\1/p')"
  exec 3<> "/dev/tcp/127.0.0.1/$(port)"
  printf 'POST /api/session/demo HTTP/1.0\r\nHost: 127.0.0.1\r\nCookie: grintel-token=%s\r\n' "$token" >&3
  printf 'X-XSRF-TOKEN: %s\r\nContent-Length: 0\r\n\r\n' "$token" >&3
  cat <&3 > /dev/null
  exec 3>&- 3<&-
}

# database SQL: as the server asks its database.
database() {
  local url
  url="$(tr '\0' '\n' < "/proc/$(cat "$GRINTEL_STATE/server.pid")/environ" | sed -n 's/^GRINTEL_DB_URL=jdbc://p')"
  PGPASSWORD="$(cat "$GRINTEL_STATE/server-password")" "$(ls -d /usr/lib/postgresql/*/bin | sort -V | tail -1)/psql" \
    "$url?user=grintel" -tAc "$1"
}

GRINTEL_PORT=none is_told 'a port is a number' "$script" start
GRINTEL_PORT=70000 is_told 'a port is a number' "$script" start
GRINTEL_ADDRESS=203.0.113.1 is_told 'the application does not start' "$script" start
passed 'a wrong port or address is told in a line'

well demo
until_healthy
get / | grep -qi '^cache-control: no-store' || fail 'the page is kept by browsers'
[ "$(database "select rolsuper or rolcreatedb or rolcreaterole from pg_roles where rolname = current_user")" = f ] \
  || fail 'the user of the database may do more than it must'
visit
[ "$(database 'select count(*) from paper')" = 4 ] || fail 'the demo desk is not laid'
passed 'the application starts, as a user of the database without rights over it'

first="$(head -1 "$GRINTEL_STATE/logs/server.log")"
was="$(cat "$GRINTEL_STATE/server.pid")"
kill -9 "$was"
until [ "$(cat "$GRINTEL_STATE/server.pid")" != "$was" ]; do sleep 0.1; done
until_healthy
[ "$(head -1 "$GRINTEL_STATE/logs/server.log")" = "$first" ] || fail 'the log begins anew'
passed 'a server that ends by itself is started again, and goes on in its log'

backup="$GRINTEL_STATE/papers.backup"
well backup "$backup"
database 'delete from paper' > /dev/null
is_told 'is no backup' "$script" restore "$script"
well restore "$backup"
until_healthy
[ "$(database 'select count(*) from paper')" = 4 ] || fail 'papers were lost'
passed 'what was backed up is restored'

well stop
echo wrong > "$GRINTEL_STATE/db-password"
is_told 'database' "$script" start
passed 'a wrong password is told in a line'
