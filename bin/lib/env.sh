# Where a run lives and on which ports, the same for every script here. Sourced, not run.
set -euo pipefail

ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)
export DEFT_BLADE_STATE=${DEFT_BLADE_STATE:-$ROOT/storage/run}
PORT=${DEFT_BLADE_PORT:-8090}
FPM_PORT=${DEFT_BLADE_FPM_PORT:-$((PORT + 1))}
SCALE_PORT=${DEFT_BLADE_SCALE_PORT:-$((PORT + 2))}
PAN_PORT=${DEFT_BLADE_PAN_PORT:-$((PORT + 3))}
export DB_PORT=${DEFT_BLADE_DB_PORT:-$((PORT + 4))}
LIVE_PORT=${DEFT_BLADE_LIVE_PORT:-$((PORT + 5))}

export APP_NAME="Deft Blade" APP_ENV=${APP_ENV:-production} APP_DEBUG=false APP_URL=http://127.0.0.1:$PORT
export DB_CONNECTION=pgsql DB_HOST=127.0.0.1 DB_DATABASE=${DB_DATABASE:-deft_blade} DB_USERNAME=deft_blade DB_PASSWORD= PGCONNECT_TIMEOUT=10
export SESSION_DRIVER=database SESSION_ENCRYPT=true CACHE_STORE=database QUEUE_CONNECTION=sync LOG_CHANNEL=single
export SCALE_REPORTS=tcp://127.0.0.1:$SCALE_PORT SCALE_PAN=tcp://127.0.0.1:$PAN_PORT
export LIVE_PUBLISH=http://127.0.0.1:$LIVE_PORT/publish
export APP_CONFIG_CACHE=$DEFT_BLADE_STATE/cache/config.php APP_ROUTES_CACHE=$DEFT_BLADE_STATE/cache/routes.php
export COMPOSER_ALLOW_SUPERUSER=1

PG_BIN=$(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -n 1 || true)

say() { printf '%s\n' "$*"; }
fail() { printf 'deft-blade: %s\n' "$*" >&2; exit 1; }
as_root() { [ "$(id -u)" -eq 0 ]; }

# Runs a command as the given system user when root, as oneself otherwise.
as_user() {
  local user=$1
  shift
  if as_root; then (cd / && setpriv --reuid="$user" --regid="$user" --init-groups "$@"); else "$@"; fi
}

mkdir -p "$DEFT_BLADE_STATE"/{cache,log,pid} "$DEFT_BLADE_STATE"/laravel/{app,logs} "$DEFT_BLADE_STATE"/laravel/framework/{cache,sessions,views}
if [ ! -s "$DEFT_BLADE_STATE/app.key" ]; then
  (umask 077 && printf 'base64:%s' "$(head -c 32 /dev/urandom | base64)" > "$DEFT_BLADE_STATE/app.key")
fi
APP_KEY=$(cat "$DEFT_BLADE_STATE/app.key")
export APP_KEY
