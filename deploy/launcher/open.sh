# start --open: the application for the workshop's phones and computers, over TLS, under one name for good.

# What Yard Cask's own certificates are for: names of a local network, and private addresses.
PERMITTED="permitted;DNS:local,permitted;IP:10.0.0.0/255.0.0.0,permitted;IP:172.16.0.0/255.240.0.0,permitted;IP:192.168.0.0/255.255.0.0,permitted;IP:169.254.0.0/255.255.0.0,permitted;IP:fc00::/fe00::,permitted;IP:fe80::/ffc0::"
CA_DAYS=3650
CERTIFICATE_DAYS=180
# Before which they are renewed.
CA_LEFT_S=$((365 * 24 * 3600))
CERTIFICATE_LEFT_S=$((30 * 24 * 3600))

open_option() {
    OPEN=yes
    case "$1" in
        --name) OPEN_NAME=${2,,} ;;
        --certificate) OPEN_CERTIFICATE=$2 ;;
        --key) OPEN_KEY=$2 ;;
        --open-port) OPEN_PORT=$2 ;;
        --trust-port) TRUST_PORT=$2 ;;
    esac
}

# see_open_options: what was not said is as usual; what was said must go together.
see_open_options() {
    OPEN_PORT=${OPEN_PORT:-$SETTING_OPEN_PORT}
    TRUST_PORT=${TRUST_PORT:-$SETTING_TRUST_PORT}
    see_port "$OPEN_PORT" "--open --open-port"
    see_port "$TRUST_PORT" "--open --trust-port"
    [ -z "${OPEN_NAME:-}" ] || [[ $OPEN_NAME =~ ^[a-z0-9]([a-z0-9.-]*[a-z0-9])?$ ]] || fail "“$OPEN_NAME” is not a name of a server" "For example:  ./yardcask start --open --name bench.local"
    if [ -n "${OPEN_CERTIFICATE:-}${OPEN_KEY:-}" ]; then
        [ -r "${OPEN_CERTIFICATE:-}" ] && [ -r "${OPEN_KEY:-}" ] && [ -n "${OPEN_NAME:-}" ] || fail "your own certificate needs its name, its file and its key" "For example:  ./yardcask start --open --name water.example.org --certificate water.crt --key water.key"
    elif [ -n "${OPEN_NAME:-}" ] && [[ $OPEN_NAME != *.local ]]; then
        fail "for “$OPEN_NAME” Yard Cask makes no certificate: its own are for names that end in .local" "Give your certificate too:  --certificate FILE --key FILE"
    fi
}

# A name that lasts: a phone that is paired knows this server by nothing else.
own_name() { printf '%s.local' "$(uname -n | cut -d. -f1 | tr 'A-Z' 'a-z' | tr -cd 'a-z0-9-')"; }

open_ports_free() {
    [ -n "${OPEN_NAME:-}" ] || { OPEN_NAME=$(own_name); announce_name; }
    port_free "$OPEN_PORT" 0.0.0.0 || fail "port $OPEN_PORT is taken by another program" "Choose another:  ./yardcask start --open --open-port $((OPEN_PORT + 1))"
    [ -n "${OPEN_CERTIFICATE:-}" ] || port_free "$TRUST_PORT" 0.0.0.0 || fail "port $TRUST_PORT is taken by another program" "Choose another:  ./yardcask start --open --trust-port $((TRUST_PORT + 1))"
    YARDCASK_ADDRESS=https://$OPEN_NAME
    [ "$OPEN_PORT" -eq 443 ] || YARDCASK_ADDRESS+=:$OPEN_PORT
    YARDCASK_TRUST=
    [ -n "${OPEN_CERTIFICATE:-}" ] || YARDCASK_TRUST=http://$OPEN_NAME:$TRUST_PORT
    export YARDCASK_ADDRESS YARDCASK_TRUST
}

# announce_name: avahi tells the network which machine HOST.local is.
announce_name() {
    pgrep -x avahi-daemon >/dev/null && return
    [ "$(id -u)" -eq 0 ] && [ -d /run/systemd/system ] && systemctl start avahi-daemon 2>/dev/null && return
    say "  ! Nothing announces the name $OPEN_NAME on the network: avahi-daemon is not running (sudo systemctl start avahi-daemon)."
}

open_needs_passphrase() {
    as_service_console yardcask:passphrase --is-set && return
    [ -t 0 ] || fail "nobody could sign in: there is no passphrase yet" "Set one:  ./yardcask passphrase"
    say "Other devices sign in with a passphrase. Choose one of at least 10 characters."
    set_passphrase
}

set_passphrase() { as_service_console yardcask:passphrase || fail "no passphrase was set" "Try again:  ./yardcask passphrase"; }

# open_web: what the web server needs for it.
open_web() {
    OPEN_IPV6=' ' TRUST_IPV6=' '
    [ ! -s /proc/net/if_inet6 ] || { OPEN_IPV6=" listen [::]:$OPEN_PORT ssl ipv6only=on;" TRUST_IPV6=" listen [::]:$TRUST_PORT ipv6only=on;"; }
    TLS=$STATE/tls
    "${AS[@]}" mkdir -p "$TLS/public"
    if [ -n "${OPEN_CERTIFICATE:-}" ]; then
        service_writes "$TLS/server.crt" <"$OPEN_CERTIFICATE" && service_writes "$TLS/server.key" <"$OPEN_KEY" && rm -f "$TLS/name"
    else
        step "Making the certificate" make_certificate || fail "the certificate could not be made" "The reason is in $STEP_LOG"
        FINGERPRINT=$(openssl x509 -in "$TLS/ca.crt" -noout -fingerprint -sha256 | cut -d= -f2)
        fill trust.html "$TLS/public/index.html"
        fill nginx-trust.conf
    fi
    fill nginx-open.conf
}

# make_certificate: whatever is missing, for another name, or soon over. Made anew with its old key the CA is trusted where it was before.
make_certificate() {
    lasts "$TLS/ca.crt" "$CA_LEFT_S" || make_ca || return 1
    "${AS[@]}" cp "$TLS/ca.crt" "$TLS/public/yard-cask-ca.crt"
    [ "$(cat "$TLS/name" 2>/dev/null)" = "$OPEN_NAME" ] && lasts "$TLS/server.crt" "$CERTIFICATE_LEFT_S" && return
    in_tls openssl req -new -newkey ec -pkeyopt ec_paramgen_curve:P-256 -nodes -keyout server.key.new -subj "/CN=$OPEN_NAME" -out server.csr || return 1
    printf '%s\n' 'basicConstraints=critical,CA:FALSE' 'keyUsage=critical,digitalSignature' 'extendedKeyUsage=serverAuth' "subjectAltName=DNS:$OPEN_NAME" | service_writes "$TLS/server.cnf"
    in_tls openssl x509 -req -in server.csr -CA ca.crt -CAkey ca.key -set_serial "0x$(openssl rand -hex 16)" -days "$CERTIFICATE_DAYS" -sha256 -extfile server.cnf -out server.crt.new || return 1
    in_tls mv server.key.new server.key && in_tls mv server.crt.new server.crt && printf '%s' "$OPEN_NAME" | service_writes "$TLS/name"
}

make_ca() {
    printf '%s\n' '[req]' 'distinguished_name=none' 'x509_extensions=ca' '[none]' '[ca]' 'basicConstraints=critical,CA:TRUE,pathlen:0' 'keyUsage=critical,keyCertSign,cRLSign' \
        'subjectKeyIdentifier=hash' "nameConstraints=critical,$PERMITTED" | service_writes "$TLS/ca.cnf"
    [ -s "$TLS/ca.key" ] || in_tls openssl genpkey -algorithm EC -pkeyopt ec_paramgen_curve:P-256 -out ca.key || return 1
    in_tls openssl req -x509 -new -key ca.key -config ca.cnf -days "$CA_DAYS" -sha256 -subj "/CN=Yard Cask at $OPEN_NAME" -out ca.crt.new || return 1
    in_tls mv ca.crt.new ca.crt
}

# in_tls COMMAND...: where the keys are, readable by nobody else.
in_tls() { (cd "$RUN/state/tls" && umask 077 && "${AS[@]}" "$@"); }

# lasts CERTIFICATE SECONDS: whether it is there and still good then.
lasts() { [ -s "$1" ] && openssl x509 -in "$1" -noout -checkend "$2" >/dev/null; }

# renew_certificate: now and then, while it is served.
renew_certificate() {
    local before
    [ -z "${OPEN_CERTIFICATE:-}" ] || return 0
    before=$(cksum <"$TLS/server.crt")
    make_certificate >/dev/null 2>&1
    [ "$(cksum <"$TLS/server.crt")" = "$before" ] || kill -HUP "${PROGRAM_PID[nginx]}"
}

say_open() {
    say "For the workshop:    $YARDCASK_ADDRESS"
    [ -n "${OPEN_CERTIFICATE:-}" ] || {
        say "A device trusts it after the steps at  $YARDCASK_TRUST"
        say "The fingerprint that it shows must be  $FINGERPRINT"
    }
}
