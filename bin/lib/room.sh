# The address a room's tablets use: TLS with a certificate authority of this place's own, and a page by which a device comes to trust it. Nothing listens
# beyond loopback unless bin/start --room asked for it. Sourced after env.sh.

ROOM_PORT=${DEFT_BLADE_ROOM_PORT:-$((PORT + 6))}
ROOM_CARD_PORT=${DEFT_BLADE_ROOM_CARD_PORT:-$((PORT + 7))}
ROOM_FOLDER=$DEFT_BLADE_STATE/room
ROOM_AUTHORITY_DAYS=730
# The longest a browser takes from an authority of the usual kind (CA/Browser Forum baseline requirements, 6.3.2, until 2026); shorter is no safer here.
ROOM_CERTIFICATE_DAYS=397
ROOM_RENEWED_SECONDS_BEFORE=$((30 * 24 * 3600))

is_address() { [[ $1 =~ ^([0-9]{1,3}\.){3}[0-9]{1,3}$ ]]; }

# What tablets type: the name of this machine in the school's network, or its IPv4 address.
take_room() {
  [[ $1 =~ ^[A-Za-z0-9]([A-Za-z0-9.-]{0,250}[A-Za-z0-9])?$ ]] || fail "--room takes the name or the IPv4 address of this machine in the room's network, as in --room larder.local or --room 192.168.1.20; this is neither: $1"
  command -v openssl >/dev/null || fail "--room needs the Debian package openssl"
  ROOM=${1,,}
  export APP_URL=https://$ROOM:$ROOM_PORT SANCTUM_STATEFUL_DOMAINS=127.0.0.1:$PORT,$ROOM:$ROOM_PORT
}

# An authority may vouch for this one room and for nothing else (RFC 5280, 4.2.1.10): a device that trusts it is not open to whoever takes its key.
room_limits() {
  if is_address "$ROOM"; then printf 'permitted;IP:%s/255.255.255.255,permitted;DNS:none.invalid' "$ROOM"
  else printf 'permitted;DNS:%s,excluded;IP:0.0.0.0/0.0.0.0,excluded;IP:0:0:0:0:0:0:0:0/0:0:0:0:0:0:0:0' "$ROOM"; fi
}

make_room_certificate() {
  local folder=$ROOM_FOLDER
  mkdir -p "$folder"
  chmod 700 "$folder"
  if [ "$(cat "$folder/name" 2>/dev/null)" = "$ROOM" ] && openssl x509 -in "$folder/room.crt" -noout -checkend "$ROOM_RENEWED_SECONDS_BEFORE" >/dev/null 2>&1; then return; fi
  (
    umask 077
    if [ "$(cat "$folder/name" 2>/dev/null)" != "$ROOM" ] || ! openssl x509 -in "$folder/authority.crt" -noout -checkend $((ROOM_CERTIFICATE_DAYS * 24 * 3600)) >/dev/null 2>&1; then
      openssl req -x509 -newkey ec -pkeyopt ec_paramgen_curve:P-256 -nodes -keyout "$folder/authority.key" -out "$folder/authority.crt" -days "$ROOM_AUTHORITY_DAYS" \
        -subj "/O=Deft Blade/CN=Deft Blade at $ROOM" -addext basicConstraints=critical,CA:TRUE,pathlen:0 -addext keyUsage=critical,keyCertSign,cRLSign -addext "nameConstraints=critical,$(room_limits)"
    fi
    # What it is for stands in subjectAltName alone: a common name like an address would be held against the names it may bear.
    openssl req -new -newkey ec -pkeyopt ec_paramgen_curve:P-256 -nodes -keyout "$folder/room.key" -out "$folder/room.csr" -subj "/O=Deft Blade/CN=Deft Blade room"
    openssl x509 -req -in "$folder/room.csr" -CA "$folder/authority.crt" -CAkey "$folder/authority.key" -CAcreateserial -days "$ROOM_CERTIFICATE_DAYS" -out "$folder/room.crt" -extfile <(
      printf 'basicConstraints=critical,CA:FALSE\nkeyUsage=critical,digitalSignature\nextendedKeyUsage=serverAuth\nsubjectAltName=%s\n' "$(is_address "$ROOM" && printf 'IP:%s' "$ROOM" || printf 'DNS:%s' "$ROOM")"
    )
  ) >"$DEFT_BLADE_STATE/log/room.log" 2>&1 || fail "no certificate could be made for $ROOM; see $DEFT_BLADE_STATE/log/room.log"
  printf '%s' "$ROOM" > "$folder/name"
}

# What a device opens first, and what hangs on the wall. They are read by anybody in the room; the keys are not beside them.
make_room_pages() {
  local pages=$DEFT_BLADE_STATE/room-pages
  mkdir -p "$pages"
  cp "$ROOM_FOLDER/authority.crt" "$pages/deft-blade-room.crt"
  chmod a+r "$pages/deft-blade-room.crt"
  php artisan room:pages "$pages" "$APP_URL" "http://$ROOM:$ROOM_CARD_PORT"
}

room_listens_on() {
  if [ "${DEFT_BLADE_ROOM_LISTEN:-}" ]; then printf '%s' "$DEFT_BLADE_ROOM_LISTEN"; elif is_address "$ROOM"; then printf '%s' "$ROOM"; else printf '0.0.0.0'; fi
}

# The part of the web server's configuration for the room; nothing where none was asked for.
room_servers() {
  [ "${ROOM:-}" ] || return 0
  cat <<CONF
server {
    listen $(room_listens_on):$ROOM_PORT ssl http2;
    ssl_certificate $ROOM_FOLDER/room.crt;
    ssl_certificate_key $ROOM_FOLDER/room.key;
    ssl_protocols TLSv1.2 TLSv1.3;
    ssl_session_cache shared:room:2m;
    include $DEFT_BLADE_STATE/nginx-locations.conf;
  }
  server {
    listen $(room_listens_on):$ROOM_CARD_PORT;
    root $DEFT_BLADE_STATE/room-pages;
    add_header X-Content-Type-Options nosniff;
    add_header Content-Security-Policy "default-src 'none'; style-src 'unsafe-inline'; img-src data:; font-src 'self'";
    location = / { try_files /trust.html =404; }
    location = /card { default_type text/html; try_files /card.html =404; }
    location = /deft-blade-room.crt { }
    location /fonts/ { root $ROOT/public; }
    location / { return 404; }
  }
CONF
}

say_room() {
  cat <<TEXT

Tablets in the room open it at $APP_URL
  Each has to trust this machine once: http://$ROOM:$ROOM_CARD_PORT
  A card to print and hang up:         http://$ROOM:$ROOM_CARD_PORT/card
  The fingerprint they show is $(openssl x509 -in "$ROOM_FOLDER/authority.crt" -noout -fingerprint -sha256 | cut -d= -f2 | tr -d : | sed 's/..../& /g')
  The key of the certificate lies in $ROOM_FOLDER and vouches for $ROOM alone.
  It is reached from the whole network until bin/start is run without --room, or bin/stop.

TEXT
  qrencode --type=UTF8 --level=M --margin=2 "http://$ROOM:$ROOM_CARD_PORT/"
}
