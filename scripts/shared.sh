# Several people: certificate, addresses, the first invitation. Read by ./ripple-rest.

SHARED= ADDRESS= SITE= CERTIFICATE= KEY= FIRST=
SHARED_ENV=() # what the application is told beside

check_shared() {
  [ -n "$SHARED" ] || [ -z "$ADDRESS$SITE$CERTIFICATE$KEY" ] \
    || die "--address, --name, --certificate and --key go with --shared; alone it answers on this machine only."
  [ -n "$SHARED" ] || return 0
  if [ -n "$CERTIFICATE$KEY" ]; then
    [ -r "$CERTIFICATE" ] && [ -r "$KEY" ] || die "--certificate and --key go together, each a PEM file that can be read."
  fi
  command -v openssl >/dev/null || install_packages openssl
}

# The address that others reach this machine by: as it was given, else the first that is not loopback.
own_address() { hostname -I 2>/dev/null | tr ' ' '\n' | grep -m1 . || echo 127.0.0.1; }

# The address at which this very command reaches it.
reached() { case ${ADDRESS:-0.0.0.0} in 0.0.0.0 | ::) echo 127.0.0.1 ;; *) echo "$ADDRESS" ;; esac; }

site() { # site PORT
  if [ -z "$SHARED" ]; then echo "http://127.0.0.1:$1"; return; fi
  local host=$SITE
  [ -n "$host" ] || case ${ADDRESS:-0.0.0.0} in 0.0.0.0 | ::) host=$(own_address) ;; *) host=$ADDRESS ;; esac
  echo "https://$host:$1"
}

# One's own certificate, or one that is made here: for every name and address of this machine, for a year.
need_certificate() {
  if [ -z "$CERTIFICATE" ]; then
    CERTIFICATE="$STATE/tls/certificate.pem"
    KEY="$STATE/tls/key.pem"
    if ! openssl x509 -checkend 604800 -noout -in "$CERTIFICATE" >/dev/null 2>&1; then make_certificate; fi
  fi
  openssl x509 -noout -in "$CERTIFICATE" 2>/dev/null || die "$CERTIFICATE is no certificate in PEM; give one with --certificate, or leave it out to have one made."
  [ "$(openssl x509 -pubkey -noout -in "$CERTIFICATE")" = "$(openssl pkey -pubout -in "$KEY" 2>/dev/null)" ] \
    || die "$KEY is not the key of $CERTIFICATE; give both of one pair."
  FIRST=${FIRST:-$(first_invitation)}
  SHARED_ENV=(SPRING_PROFILES_ACTIVE=shared "RIPPLE_REST_ADDRESS=${ADDRESS:-0.0.0.0}" "RIPPLE_REST_CERTIFICATE=$CERTIFICATE" "RIPPLE_REST_KEY=$KEY" "RIPPLE_REST_FIRST_INVITATION=$FIRST")
}

make_certificate() {
  mkdir -p "$STATE/tls"
  local names="DNS:localhost,DNS:$(hostname),IP:127.0.0.1" address
  for address in $(hostname -I 2>/dev/null); do names="$names,IP:$address"; done
  if [ -n "$SITE" ]; then names="$names,DNS:$SITE"; fi
  openssl req -x509 -newkey ec -pkeyopt ec_paramgen_curve:P-256 -noenc -days 397 -sha256 -subj "/CN=Ripple Rest on $(hostname)" \
    -addext "subjectAltName=$names" -addext "keyUsage=critical,digitalSignature" -addext "extendedKeyUsage=serverAuth" \
    -keyout "$KEY.new" -out "$CERTIFICATE.new" 2>"$LOGS/openssl.log" || die "could not make a certificate (log: $LOGS/openssl.log)"
  mv "$KEY.new" "$KEY"
  mv "$CERTIFICATE.new" "$CERTIFICATE"
}

has_accounts() { [ "$(sql "$DB_USER" -tAc "select exists (select from account)" 2>/dev/null)" = t ]; }

# Good until somebody has an account; another each time that it is started.
first_invitation() { if ! has_accounts; then fresh_token; fi; }

fresh_token() { head -c 32 /dev/urandom | base64 | tr '+/' '-_' | tr -d '=\n'; }

tell_shared() { # tell_shared PORT
  say "its certificate's fingerprint (SHA-256), to compare with what a browser shows:"
  echo "    $(openssl x509 -fingerprint -sha256 -noout -in "$CERTIFICATE" | cut -d= -f2)"
  if [ -n "$FIRST" ]; then
    say "nobody has an account yet; whoever opens this is the warden, and has what is here already:"
    echo "    $(site "$1")/join#$FIRST"
  fi
}
