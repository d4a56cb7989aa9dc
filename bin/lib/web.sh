# nginx, php-fpm and the simulated scale. Sourced after env.sh and room.sh.

port_in_use() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

require_free_port() {
  ! port_in_use "$1" || fail "port $1 is in use by something else; choose another with $2=… (or DEFT_BLADE_PORT=… for all of them)"
}

runs() {
  local pid
  pid=$(cat "$DEFT_BLADE_STATE/pid/$1" 2>/dev/null) && kill -0 "$pid" 2>/dev/null
}

end() {
  local pid
  runs "$1" || { rm -f "$DEFT_BLADE_STATE/pid/$1"; return 0; }
  pid=$(cat "$DEFT_BLADE_STATE/pid/$1")
  kill -"${2:-TERM}" "$pid" 2>/dev/null || true
  while kill -0 "$pid" 2>/dev/null; do sleep 0.1; done
  rm -f "$DEFT_BLADE_STATE/pid/$1"
}

# Whom the workers run as: www-data where it can read the checkout, else whoever starts it.
web_user() {
  if as_root && id www-data >/dev/null 2>&1 && as_user www-data test -r "$ROOT/artisan"; then printf www-data; else id -un; fi
}

write_fpm_config() {
  local user
  user=$(web_user)
  {
    printf '[global]\npid = %s\nerror_log = %s\ndaemonize = yes\n' "$DEFT_BLADE_STATE/pid/php-fpm" "$DEFT_BLADE_STATE/log/php-fpm.log"
    printf '[deft-blade]\nlisten = 127.0.0.1:%s\n' "$FPM_PORT"
    as_root && printf 'user = %s\ngroup = %s\n' "$user" "$user"
    printf 'pm = dynamic\npm.max_children = 12\npm.start_servers = 4\npm.min_spare_servers = 4\npm.max_spare_servers = 8\nclear_env = no\n'
    printf 'php_admin_value[expose_php] = 0\nphp_admin_value[memory_limit] = 256M\nphp_admin_value[display_errors] = 0\n'
  } > "$DEFT_BLADE_STATE/php-fpm.conf"
}

# Writes a file of deploy/ with its places filled in: fill NAME-OF-FILE TO PLACE=value …
fill() {
  local from=$ROOT/deploy/$1 to=$2 text place
  shift 2
  text=$(cat "$from")
  for place in "$@"; do text=${text//@${place%%=*}@/${place#*=}}; done
  if grep -oE '@[A-Z0-9_]+@' <<<"$text" >&2; then fail "nothing stands for these places of $from"; fi
  printf '%s\n' "$text" > "$to"
}

write_nginx_config() {
  local as=''
  as_root && as="user $(web_user);"
  cat > "$DEFT_BLADE_STATE/nginx.conf" <<CONF
load_module $(push_module);
$as
worker_processes 2;
# Whoever listens would keep an old worker for minutes.
worker_shutdown_timeout 3s;
pid $DEFT_BLADE_STATE/pid/nginx;
error_log $DEFT_BLADE_STATE/log/nginx.log;
events { worker_connections 2048; }
http {
  include /etc/nginx/mime.types;
  default_type application/octet-stream;
  access_log off;
  server_tokens off;
  sendfile on;
  gzip on;
  gzip_types text/css application/javascript application/json image/svg+xml;
  gzip_comp_level 6;
  gzip_min_length 1024;
  client_max_body_size 25m;
  client_body_temp_path $DEFT_BLADE_STATE/nginx/body;
  fastcgi_temp_path $DEFT_BLADE_STATE/nginx/fastcgi;
  proxy_temp_path $DEFT_BLADE_STATE/nginx/proxy;
  uwsgi_temp_path $DEFT_BLADE_STATE/nginx/uwsgi;
  scgi_temp_path $DEFT_BLADE_STATE/nginx/scgi;
  nchan_shared_memory_size 32M;
  server {
    listen 127.0.0.1:$LIVE_PORT;
    include $DEFT_BLADE_STATE/nginx-publish.conf;
  }
  server {
    listen 127.0.0.1:$PORT;
    include $DEFT_BLADE_STATE/nginx-locations.conf;
  }
  $(room_servers)
}
CONF
}

start_web() {
  write_fpm_config
  fill locations.conf "$DEFT_BLADE_STATE/nginx-locations.conf" ROOT="$ROOT" HTTP="127.0.0.1:$PORT" FPM="127.0.0.1:$FPM_PORT" THROUGH_REDIS=
  fill publish.conf "$DEFT_BLADE_STATE/nginx-publish.conf" THROUGH_REDIS=
  write_nginx_config
  mkdir -p "$DEFT_BLADE_STATE/nginx"
  as_root && chown -R "$(web_user)": "$DEFT_BLADE_STATE/laravel" "$DEFT_BLADE_STATE/cache" "$DEFT_BLADE_STATE/nginx"
  if runs php-fpm; then kill -USR2 "$(cat "$DEFT_BLADE_STATE/pid/php-fpm")"; else
    require_free_port "$FPM_PORT" DEFT_BLADE_FPM_PORT
    local as=()
    ! as_root || [ "$(web_user)" != root ] || as=(--allow-to-run-as-root)
    # The code is read once: bin/start takes the workers anew when it changes.
    "$(fpm_binary)" "${as[@]}" -d opcache.validate_timestamps=0 -d opcache.memory_consumption=192 -d opcache.interned_strings_buffer=16 -d opcache.max_accelerated_files=20000 \
      -d opcache.preload="$DEFT_BLADE_STATE/cache/preload.php" -d opcache.preload_user="$(web_user)" -d apc.shm_size=64M -d realpath_cache_ttl=3600 -y "$DEFT_BLADE_STATE/php-fpm.conf" || fail "php-fpm did not start; see $DEFT_BLADE_STATE/log/php-fpm.log"
  fi
  if runs nginx; then kill -HUP "$(cat "$DEFT_BLADE_STATE/pid/nginx")"; else
    require_free_port "$PORT" DEFT_BLADE_PORT
    require_free_port "$LIVE_PORT" DEFT_BLADE_LIVE_PORT
    nginx -c "$DEFT_BLADE_STATE/nginx.conf" -p "$DEFT_BLADE_STATE/nginx" 2>>"$DEFT_BLADE_STATE/log/nginx.log" || fail "nginx did not start; see $DEFT_BLADE_STATE/log/nginx.log"
  fi
}

# Reads the scale's reports and pushes them on.
follow_scale() {
  end follow
  nohup php "$ROOT/artisan" scale:follow >"$DEFT_BLADE_STATE/log/follow.log" 2>&1 </dev/null &
  printf '%s' "$!" > "$DEFT_BLADE_STATE/pid/follow"
}

start_scale() {
  runs scale && return
  require_free_port "$SCALE_PORT" DEFT_BLADE_SCALE_PORT
  require_free_port "$PAN_PORT" DEFT_BLADE_PAN_PORT
  nohup php "$ROOT/scale/bench-scale" "$SCALE_PORT" "$PAN_PORT" >"$DEFT_BLADE_STATE/log/scale.log" 2>&1 </dev/null &
  printf '%s' "$!" > "$DEFT_BLADE_STATE/pid/scale"
}

wait_until_it_answers() {
  for _ in $(seq 100); do
    php -r 'exit(@file_get_contents($argv[1]) === false ? 1 : 0);' "http://127.0.0.1:$PORT/" && return
    sleep 0.1
  done
  fail "the application does not answer on port $PORT; see $DEFT_BLADE_STATE/log and $DEFT_BLADE_STATE/laravel/logs"
}
