# nginx, php-fpm and the simulated scale. Sourced after env.sh.

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
    printf 'pm = dynamic\npm.max_children = 24\npm.start_servers = 4\npm.min_spare_servers = 2\npm.max_spare_servers = 8\nclear_env = no\n'
    printf 'php_admin_value[opcache.enable] = 1\nphp_admin_value[expose_php] = 0\nphp_admin_value[memory_limit] = 256M\nphp_admin_value[display_errors] = 0\n'
  } > "$DEFT_BLADE_STATE/php-fpm.conf"
}

write_nginx_config() {
  local as=''
  as_root && as="user $(web_user);"
  cat > "$DEFT_BLADE_STATE/nginx.conf" <<CONF
$as
worker_processes 2;
pid $DEFT_BLADE_STATE/pid/nginx;
error_log $DEFT_BLADE_STATE/log/nginx.log;
events { worker_connections 512; }
http {
  include /etc/nginx/mime.types;
  default_type application/octet-stream;
  access_log off;
  server_tokens off;
  sendfile on;
  gzip on;
  gzip_types text/css application/javascript application/json image/svg+xml;
  gzip_min_length 1024;
  client_max_body_size 25m;
  client_body_temp_path $DEFT_BLADE_STATE/nginx/body;
  fastcgi_temp_path $DEFT_BLADE_STATE/nginx/fastcgi;
  proxy_temp_path $DEFT_BLADE_STATE/nginx/proxy;
  uwsgi_temp_path $DEFT_BLADE_STATE/nginx/uwsgi;
  scgi_temp_path $DEFT_BLADE_STATE/nginx/scgi;
  server {
    listen 127.0.0.1:$PORT;
    root $ROOT/public;
    location /build/ {
      add_header Cache-Control "public, max-age=31536000, immutable";
      add_header X-Content-Type-Options nosniff;
      try_files \$uri =404;
    }
    location / { try_files \$uri /index.php?\$query_string; }
    location = /index.php {
      include /etc/nginx/fastcgi_params;
      fastcgi_param HTTP_HOST \$host:\$server_port;
      fastcgi_param SCRIPT_FILENAME \$document_root/index.php;
      fastcgi_pass 127.0.0.1:$FPM_PORT;
      fastcgi_read_timeout 60s;
    }
    location ~ /\\. { return 404; }
  }
}
CONF
}

start_web() {
  write_fpm_config
  write_nginx_config
  mkdir -p "$DEFT_BLADE_STATE/nginx"
  as_root && chown -R "$(web_user)": "$DEFT_BLADE_STATE/laravel" "$DEFT_BLADE_STATE/cache" "$DEFT_BLADE_STATE/nginx"
  if runs php-fpm; then kill -USR2 "$(cat "$DEFT_BLADE_STATE/pid/php-fpm")"; else
    require_free_port "$FPM_PORT" DEFT_BLADE_FPM_PORT
    local as=()
    ! as_root || [ "$(web_user)" != root ] || as=(--allow-to-run-as-root)
    "$(fpm_binary)" "${as[@]}" -y "$DEFT_BLADE_STATE/php-fpm.conf" || fail "php-fpm did not start; see $DEFT_BLADE_STATE/log/php-fpm.log"
  fi
  if runs nginx; then kill -HUP "$(cat "$DEFT_BLADE_STATE/pid/nginx")"; else
    require_free_port "$PORT" DEFT_BLADE_PORT
    nginx -c "$DEFT_BLADE_STATE/nginx.conf" -p "$DEFT_BLADE_STATE/nginx" 2>>"$DEFT_BLADE_STATE/log/nginx.log" || fail "nginx did not start; see $DEFT_BLADE_STATE/log/nginx.log"
  fi
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
    php -r 'exit(@file_get_contents($argv[1]) === false ? 1 : 0);' "$APP_URL/" && return
    sleep 0.1
  done
  fail "the application does not answer at $APP_URL; see $DEFT_BLADE_STATE/log and $DEFT_BLADE_STATE/laravel/logs"
}
