# PostgreSQL: a cluster of the project's own, on loopback. Sourced after env.sh.

# The server refuses to run as root, and its user must be able to reach the cluster: where the checkout is closed to it, the cluster lies beside the system's.
cluster_folder() {
  if ! as_root || as_user postgres test -x "$DEFT_BLADE_STATE"; then
    printf '%s' "$DEFT_BLADE_STATE/postgres"
  else
    printf '/var/lib/postgresql/deft-blade-%s' "$(printf '%s' "$DEFT_BLADE_STATE" | sha256sum | cut -c1-12)"
  fi
}

database_runs() { as_user postgres "$PG_BIN/pg_ctl" -D "$(cluster_folder)" status >/dev/null 2>&1; }

start_database() {
  local folder
  folder=$(cluster_folder)
  if [ ! -s "$folder/PG_VERSION" ]; then
    say "Making the database cluster …"
    mkdir -p "$folder"
    as_root && chown postgres: "$folder"
    chmod 700 "$folder"
    as_user postgres "$PG_BIN/initdb" -D "$folder" -U deft_blade -A trust --encoding=UTF8 --locale=C.UTF-8 >"$DEFT_BLADE_STATE/log/initdb.log" 2>&1 || fail "initdb failed; see $DEFT_BLADE_STATE/log/initdb.log"
  fi
  start_server "$folder"
  make_database "$DB_DATABASE"
}

database_answers() { database_runs && "$PG_BIN/pg_isready" -q -h 127.0.0.1 -p "$DB_PORT"; }

# One that was killed looks as if it ran, and keeps another from starting, until the system has cleared up after it.
start_server() {
  local folder=$1 tries=60
  until database_answers; do
    [ $((tries -= 1)) -ge 0 ] || fail "PostgreSQL did not start; see $folder/server.log"
    if database_runs; then sleep 1; continue; fi
    [ -e "$folder/postmaster.pid" ] || require_free_port "$DB_PORT" DEFT_BLADE_DB_PORT
    as_user postgres "$PG_BIN/pg_ctl" -D "$folder" -w -t 60 -l "$folder/server.log" \
      -o "-p $DB_PORT -c listen_addresses=127.0.0.1 -c unix_socket_directories='' -c password_encryption=scram-sha-256" start >/dev/null || sleep 1
  done
}

make_database() {
  local there
  there=$("$PG_BIN/psql" -h 127.0.0.1 -p "$DB_PORT" -U deft_blade -d postgres -Atc "select 1 from pg_database where datname = '$1'")
  [ "$there" = 1 ] || "$PG_BIN/createdb" -h 127.0.0.1 -p "$DB_PORT" -U deft_blade "$1"
}

stop_database() { ! database_runs || as_user postgres "$PG_BIN/pg_ctl" -D "$(cluster_folder)" -m fast -w stop >/dev/null; }
