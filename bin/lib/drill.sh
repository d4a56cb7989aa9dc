# The parts of bin/drill: each is started from the file in deploy/ that a school starts it from. Sourced.

DRILL_PACKAGES=(haproxy pgbouncer patroni etcd-server pgbackrest redis-server openssl)
BASE=$PORT
FRONT=http://127.0.0.1:$BASE
PASSWORD=$(head -c 18 /dev/urandom | base64 | tr -d '/+=')

# Servers of PostgreSQL's user keep their files where that user may be.
postgres_home() { printf '%s-drill' "$(cluster_folder)"; }

run_of() {
  case $1 in
    db* | restored) printf '%s/%s' "$(postgres_home)" "$1" ;;
    *) printf '%s/%s' "$DEFT_BLADE_STATE" "$1" ;;
  esac
}

port_of() {
  case $1 in
    app1) printf '%s' "$((BASE + 1))" ;;
    app2) printf '%s' "$((BASE + 2))" ;;
    db1) printf '%s' "$((BASE + 11))" ;;
    db2) printf '%s' "$((BASE + 12))" ;;
    restored) printf '%s' "$((BASE + 13))" ;;
  esac
}

install_drill_packages() {
  command -v haproxy >/dev/null && command -v pgbouncer >/dev/null && command -v patroni >/dev/null && command -v etcd >/dev/null && command -v pgbackrest >/dev/null && command -v redis-server >/dev/null && return
  say "Installing Debian packages …"
  apt-get update -qq
  # At runlevel 1 no package starts a server of its own.
  RUNLEVEL=1 DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${DRILL_PACKAGES[@]}" >"$DEFT_BLADE_STATE/log/apt-drill.log" 2>&1 \
    || fail "the packages could not be installed; see $DEFT_BLADE_STATE/log/apt-drill.log"
}

empty_the_folders() {
  local home
  home=$(postgres_home)
  rm -rf "$home" "$DEFT_BLADE_STATE"/{etcd,redis,balancer,store,app1,app2,acknowledged,events,stored}
  mkdir -p "$DEFT_BLADE_STATE"/{etcd,redis,balancer,store,app1,app2} "$home"/{db1,db2,restored,repository}
  chown -R postgres: "$home"
  chmod -R 700 "$home"
  : > "$DEFT_BLADE_STATE/acknowledged"
  : > "$DEFT_BLADE_STATE/events"
}

wait_for() {
  local what=$1
  shift
  for _ in $(seq 300); do
    "$@" >/dev/null 2>&1 && return
    sleep 0.2
  done
  fail "waited for $what in vain; see $DEFT_BLADE_STATE and $(postgres_home)"
}

rest() { sleep "$1"; }

event() {
  say "— $1"
  printf '%s %s\n' "$(date +%s%3N)" "$1" >> "$DEFT_BLADE_STATE/events"
}

kill_by_pid() { kill -9 "$1" 2>/dev/null || true; }

start_etcd() {
  local at=http://127.0.0.1:$((BASE + 21)) between=http://127.0.0.1:$((BASE + 22))
  nohup etcd --name one --data-dir "$(run_of etcd)/data" --listen-client-urls "$at" --advertise-client-urls "$at" --listen-peer-urls "$between" --initial-advertise-peer-urls "$between" \
    --initial-cluster "one=$between" >"$(run_of etcd)/etcd.log" 2>&1 </dev/null &
  printf '%s' "$!" > "$(run_of etcd)/pid"
  wait_for "etcd" port_in_use "$((BASE + 21))"
}

backrest() {
  local db=$1
  shift
  as_user postgres pgbackrest --config="$(run_of "$db")/pgbackrest.conf" --stanza=school "$@"
}

# fill_backrest DB: where its copy goes, and where it comes from.
fill_backrest() {
  local run
  run=$(run_of "$1")
  fill pgbackrest.conf "$run/pgbackrest.conf" REPOSITORY="$(postgres_home)/repository" RUN="$run" DATA="$run/data" DB_PORT="$(port_of "$1")"
  chown postgres: "$run/pgbackrest.conf"
}

start_patroni() {
  local db=$1 run
  run=$(run_of "$db")
  fill patroni.yml "$run/patroni.yml" NAME="$db" REST="127.0.0.1:$(($(port_of "$db") + 30))" ETCD="127.0.0.1:$((BASE + 21))" DB="127.0.0.1:$(port_of "$db")" DATA="$run/data" PG_BIN="$PG_BIN" RUN="$run" \
    DATABASE_NETWORK=127.0.0.1/32 DATABASE_USER=postgres SUPERUSER_PASSWORD="$PASSWORD" REPLICATION_PASSWORD="$PASSWORD"
  chown postgres: "$run/patroni.yml"
  fill_backrest "$db"
  nohup setpriv --reuid=postgres --regid=postgres --init-groups sh -c "cd '$run' && exec patroni patroni.yml" >>"$run.log" 2>&1 </dev/null &
  printf '%s' "$!" > "$DEFT_BLADE_STATE/pid/$db"
  disown
}

# As when the machine is gone: neither Patroni nor PostgreSQL says good-bye.
kill_patroni() {
  local run
  run=$(run_of "$1")
  kill_by_pid "$(cat "$DEFT_BLADE_STATE/pid/$1")"
  kill_by_pid "$(head -n 1 "$run/data/postmaster.pid")"
}

patroni_says() { php -r 'exit(str_contains((string) (get_headers($argv[1])[0] ?? ""), " 200 ") ? 0 : 1);' "http://127.0.0.1:$(($(port_of "$1") + 30))/$2"; }
is_primary() { patroni_says "$1" primary; }
is_synchronous() { patroni_says "$1" synchronous; }

query() { PGPASSWORD=$PASSWORD "$PG_BIN/psql" -h 127.0.0.1 -p "$(port_of "$1")" -U postgres -d deft_blade -qAtX -v ON_ERROR_STOP=1 -c "$2"; }

# Three times in a row: it tries one server after the other.
leads_to_the_primary() {
  for _ in 1 2 3; do
    [ "$(PGPASSWORD=$PASSWORD "$PG_BIN/psql" -h 127.0.0.1 -p "$((BASE + 31))" -U postgres -d deft_blade -qAtX -c "select pg_is_in_recovery()")" = f ] || return 1
  done
}

make_the_school_database() {
  PGPASSWORD=$PASSWORD "$PG_BIN/psql" -h 127.0.0.1 -p "$(port_of db1)" -U postgres -d postgres -qX -v ON_ERROR_STOP=1 \
    -c "create role deft_blade login password '$PASSWORD'" \
    -c "create database deft_blade owner deft_blade"
  backrest db1 stanza-create
}

start_store() {
  OBJECT_STORE=$(run_of store) nohup php -S "127.0.0.1:$((BASE + 24))" tests/object-store.php >"$(run_of store).log" 2>&1 </dev/null &
  printf '%s' "$!" > "$DEFT_BLADE_STATE/pid/store"
}

start_redis() {
  local run
  run=$(run_of redis)
  fill redis.conf "$run/redis.conf" REDIS_HOST=127.0.0.1 REDIS_PORT="$((BASE + 23))" RUN="$run"
  redis-server "$run/redis.conf"
}

start_balancer() {
  local run
  run=$(run_of balancer)
  fill haproxy.cfg "$run/haproxy.cfg" FRONT="127.0.0.1:$BASE" APP1="127.0.0.1:$(port_of app1)" APP2="127.0.0.1:$(port_of app2)" PRIMARY="127.0.0.1:$((BASE + 31))" \
    DB1="127.0.0.1:$(port_of db1)" DB2="127.0.0.1:$(port_of db2)" DB1_REST_PORT="$(($(port_of db1) + 30))" DB2_REST_PORT="$(($(port_of db2) + 30))"
  haproxy -D -f "$run/haproxy.cfg" -p "$run/pid" >"$run/log" 2>&1
}

start_pgbouncer() {
  local run
  run=$(run_of "$1")
  fill pgbouncer.ini "$run/pgbouncer.ini" PRIMARY_HOST=127.0.0.1 PRIMARY_PORT="$((BASE + 31))" PGBOUNCER_PORT="$(($(port_of "$1") + 70))" RUN="$run"
  printf '"deft_blade" "%s"\n' "$PASSWORD" > "$run/users.txt"
  rm -f "$run/pgbouncer.pid"
  chown -R "$(web_user)": "$run"
  as_user "$(web_user)" pgbouncer -d -q "$run/pgbouncer.ini"
}

# Runs a command with the settings of an application server.
in_application() {
  local app=$1 run
  shift
  run=$(run_of "$app")
  fill application.env "$run/application.env" APP_KEY="$APP_KEY" APP_URL="$FRONT" BALANCERS=127.0.0.1 DOMAINS="127.0.0.1:$BASE" PGBOUNCER_PORT="$(($(port_of "$app") + 70))" DB_PASSWORD="$PASSWORD" \
    LIVE="127.0.0.1:$(($(port_of "$app") + 50))" FILE_STORE=s3 OBJECT_STORE="http://127.0.0.1:$((BASE + 24))" OBJECT_STORE_KEY=key OBJECT_STORE_SECRET=secret SCALE_REPORTS="tcp://127.0.0.1:$SCALE_PORT"
  (
    set -a
    . "$run/application.env"
    DEFT_BLADE_STATE=$run APP_CONFIG_CACHE=$run/cache/config.php APP_ROUTES_CACHE=$run/cache/routes.php
    mkdir -p "$run"/cache "$run"/laravel/{app,logs} "$run"/laravel/framework/{cache,sessions,views}
    "$@"
  )
}

fill_the_school() {
  in_application app1 php artisan migrate --force --quiet
  in_application app1 php artisan db:seed --force --quiet
  LARGE_CLASS_CAPTURES=1000 in_application app1 php artisan db:seed --force --quiet --class=LargeClass
}

start_application() {
  local app=$1 run pool_user='' run_as=''
  run=$(run_of "$app")
  in_application "$app" php artisan config:cache --quiet
  in_application "$app" php artisan route:cache --quiet
  pool_user="user = $(web_user)"$'\n'"group = $(web_user)" run_as="user $(web_user);"
  fill php-fpm.conf "$run/php-fpm.conf" RUN="$run" FPM="127.0.0.1:$(($(port_of "$app") + 60))" POOL_USER="$pool_user" WORKERS=6
  fill nginx.conf "$run/nginx.conf" NCHAN_MODULE="$(push_module)" RUN_AS="$run_as" RUN="$run" REDIS="127.0.0.1:$((BASE + 23))" LIVE="127.0.0.1:$(($(port_of "$app") + 50))" \
    HTTP="127.0.0.1:$(port_of "$app")"
  fill locations.conf "$run/locations.conf" ROOT="$ROOT" HTTP="127.0.0.1:$(port_of "$app")" FPM="127.0.0.1:$(($(port_of "$app") + 60))" THROUGH_REDIS='nchan_redis_pass redis;'
  fill publish.conf "$run/publish.conf" THROUGH_REDIS='nchan_redis_pass redis;'
  chown -R "$(web_user)": "$run"
  in_application "$app" "$(fpm_binary)" -d opcache.validate_timestamps=0 -d apc.shm_size=64M -y "$run/php-fpm.conf"
  nginx -c "$run/nginx.conf" -p "$run" 2>>"$run/nginx.log"
}

kill_application() {
  local run pid
  run=$(run_of "$1")
  for pid in $(cat "$run/nginx.pid") $(cat "$run/php-fpm.pid"); do
    # The workers first: whom the first process leaves behind would go on answering.
    kill -STOP "$pid" 2>/dev/null || true
    for worker in $(pgrep -P "$pid" || true); do kill_by_pid "$worker"; done
    kill_by_pid "$pid"
  done
}

answers() { php -r 'exit(str_contains((string) (@get_headers($argv[1])[0] ?? ""), " 204 ") ? 0 : 1);' "http://127.0.0.1:$1/up"; }
both_answer() { answers "$(port_of app1)" && answers "$(port_of app2)" && answers "$BASE"; }

restore_to() {
  local run
  run=$(run_of restored)
  fill_backrest restored
  as_user postgres mkdir -p -m 700 "$run/data"
  backrest restored --type=time --target="$1" --target-action=promote --archive-mode=off restore
  as_user postgres "$PG_BIN/pg_ctl" -D "$run/data" -w -t 60 -l "$run/server.log" \
    -o "-p $(port_of restored) -c listen_addresses=127.0.0.1 -c unix_socket_directories=$run -c synchronous_standby_names='' -c hba_file=$(run_of db1)/data/pg_hba.conf -c ident_file=$(run_of db1)/data/pg_ident.conf" start >/dev/null
  wait_for "the end of the restore" is_writable restored
}

is_writable() { [ "$(query "$1" "select pg_is_in_recovery()")" = f ]; }

verify_seals() {
  rm -f "$(run_of app1)"/cache/*.php
  (
    set -a
    . "$(run_of app1)/application.env"
    DB_PORT=$(port_of restored) DB_PERSISTENT=0 READ_STORE=array DEFT_BLADE_STATE=$(run_of app1) APP_CONFIG_CACHE=$(run_of app1)/cache/none.php APP_ROUTES_CACHE=$(run_of app1)/cache/none-either.php
    php artisan seal:verify
  )
}

# Ends whoever a file names, and waits until they are gone.
end_named() {
  local pid
  [ -s "$1" ] || return 0
  pid=$(head -n 1 "$1")
  kill -"${2:-TERM}" "$pid" 2>/dev/null || true
  for _ in $(seq 200); do kill -0 "$pid" 2>/dev/null || break; sleep 0.1; done
  rm -f "$1"
}

end_everything() {
  local name
  [ -z "${load:-}" ] || kill "$load" 2>/dev/null || true
  for name in app1/nginx.pid app1/php-fpm.pid app1/pgbouncer.pid app2/nginx.pid app2/php-fpm.pid app2/pgbouncer.pid redis/redis.pid balancer/pid pid/store pid/db2 pid/db1; do
    end_named "$DEFT_BLADE_STATE/$name"
  done
  for name in db1 db2 restored; do end_named "$(run_of "$name")/data/postmaster.pid" INT; done
  end_named "$DEFT_BLADE_STATE/etcd/pid"
}
