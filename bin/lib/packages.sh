# Installs what is missing. Sourced after env.sh.

DEBIAN_PACKAGES=(php8.2-cli php8.2-fpm php8.2-apcu php8.2-pgsql php8.2-curl php8.2-mbstring php8.2-xml php8.2-intl php8.2-zip postgresql-15 nginx-light libnginx-mod-nchan qrencode openssl composer nodejs npm)

have_commands() {
  local missing=0
  for command in php composer node npm nginx qrencode openssl; do command -v "$command" >/dev/null || missing=1; done
  [ -n "$PG_BIN" ] && [ -n "$(fpm_binary)" ] && [ -n "$(push_module)" ] && [ "$missing" -eq 0 ] && php -r 'exit(extension_loaded("pdo_pgsql") && extension_loaded("apcu") && extension_loaded("curl") && extension_loaded("intl") && extension_loaded("mbstring") && extension_loaded("zip") ? 0 : 1);'
}

push_module() { ls /usr/lib/nginx/modules/ngx_nchan_module.so /usr/lib64/nginx/modules/ngx_nchan_module.so 2>/dev/null | head -n 1 || true; }

fpm_binary() { command -v php-fpm8.2 || command -v /usr/sbin/php-fpm8.2 || true; }

require_node() {
  [ "$(node -p 'process.versions.node.split(".")[0]')" -ge 20 ] || fail "the screen is built with Node 20 or newer; here is $(node --version)"
}

install_debian_packages() {
  have_commands && return
  as_root || fail "these Debian packages are needed; install them, then start again: ${DEBIAN_PACKAGES[*]}"
  say "Installing Debian packages …"
  local wanted=()
  for package in "${DEBIAN_PACKAGES[@]}"; do
    case $package in
      composer) command -v composer >/dev/null || wanted+=("$package") ;;
      nodejs | npm) command -v node >/dev/null || wanted+=("$package") ;;
      nginx-light) command -v nginx >/dev/null || wanted+=("$package") ;;
      *) wanted+=("$package") ;;
    esac
  done
  apt-get update -qq
  DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${wanted[@]}" >"$DEFT_BLADE_STATE/log/apt.log" 2>&1 \
    || fail "the packages could not be installed; see $DEFT_BLADE_STATE/log/apt.log"
  PG_BIN=$(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -n 1 || true)
  have_commands || fail "something is still missing after the install: php with pdo_pgsql, apcu, curl and zip, php-fpm 8.2, PostgreSQL 15, nginx with nchan, qrencode, openssl, composer, node 20 and npm are needed"
}

# Does a step again only when what it depends on has changed.
once_for() {
  local stamp=$ROOT/storage/stamps/$1
  shift
  local inputs=() sum
  while [ "$1" != -- ]; do inputs+=("$1"); shift; done
  shift
  sum=$(cd "$ROOT" && find "${inputs[@]}" -type f -print0 2>/dev/null | LC_ALL=C sort -z | xargs -0 sha256sum | sha256sum)
  [ "$(cat "$stamp" 2>/dev/null)" = "$sum" ] && return
  "$@"
  mkdir -p "$ROOT/storage/stamps"
  printf '%s' "$sum" > "$stamp"
}

install_php_packages() {
  say "Installing PHP packages …"
  (cd "$ROOT" && composer install --no-interaction --no-progress --quiet)
  # Some archives unpack readable to their owner only, and the workers are somebody else.
  chmod -R a+rX "$ROOT/vendor"
}
install_npm_packages() { say "Installing npm packages …" && (cd "$ROOT" && npm ci --silent --no-progress); }
build_screen() { say "Building the screen …" && (cd "$ROOT" && npx vite build --logLevel warn); }

install_and_build() {
  install_debian_packages
  require_node
  [ -d "$ROOT/vendor" ] || rm -f "$ROOT/storage/stamps/php"
  [ -d "$ROOT/node_modules" ] || rm -f "$ROOT/storage/stamps/npm"
  [ -d "$ROOT/public/build" ] || rm -f "$ROOT/storage/stamps/screen"
  once_for php composer.json core/composer.json -- install_php_packages
  once_for npm package.json package-lock.json -- install_npm_packages
  once_for screen ui vite.config.ts package.json tsconfig.json -- build_screen
}
