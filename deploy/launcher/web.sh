# nginx in front, php-fpm behind; nginx listens on loopback only.

port_taken() { fail "port $PORT is taken by another program" "Choose another:  ./yardcask start --port $((PORT + 1))"; }

port_free() { php -r '$s = @stream_socket_server("tcp://".($argv[2] ?? "127.0.0.1").":".$argv[1]); exit($s ? 0 : 1);' "$@"; }

# fill TEMPLATE [FILE]: a template of deploy/ with its @NAMES@ filled in: numbers, names and a path of plain characters.
fill() {
    local settings=() name
    for name in MAX_BODY_KB PHP_PROCESSES KEEPALIVE_S; do
        local setting=SETTING_$name
        settings+=(-e "s|@$name@|${!setting}|g")
    done
    for name in RUN PORT OPEN_NAME OPEN_PORT OPEN_IPV6 TRUST_PORT TRUST_IPV6 YARDCASK_ADDRESS FINGERPRINT; do
        settings+=(-e "s|@$name@|${!name:-none}|g")
    done
    sed "${settings[@]}" "$ROOT/deploy/$1.in" | service_writes "${2:-$RUN/$1}"
}

start_php() {
    "${AS[@]}" rm -f "$RUN"/{php,searches,fixes}.sock
    # The directories of Debian's own settings, and then ours.
    APP_ENV=prod YARDCASK_APP="$RUN/app" PHP_INI_SCAN_DIR=":$RUN/app/deploy/php" spawn php "$(php_fpm)" --nodaemonize --fpm-config "$RUN/php-fpm.conf" \
        -d memory_limit="${SETTING_PHP_MEMORY_MB}M" -d max_execution_time="$SETTING_REQUEST_TIMEOUT_S" -d error_log="$RUN/state/log/php-errors.log"
}

start_nginx() {
    local may=()
    # One that was killed has left it behind.
    "${AS[@]}" rm -f "$RUN/web.sock"
    # Root may give an unprivileged user this one right.
    [ "$(id -u)" -ne 0 ] || { [ "$PORT" -ge 1024 ] && [ "${OPEN_PORT:-1024}" -ge 1024 ] && [ "${TRUST_PORT:-1024}" -ge 1024 ]; } || may=(setpriv --reuid "$SERVICE" --regid "$(id -g "$SERVICE")" --init-groups --inh-caps=-all,+net_bind_service --ambient-caps=-all,+net_bind_service --)
    [ "${#may[@]}" -eq 0 ] || local AS=("${may[@]}")
    spawn nginx /usr/sbin/nginx -p "$RUN" -c "$RUN/nginx.conf" -e "$RUN/state/log/nginx.log" -g 'daemon off;'
}

web_start() {
    fill nginx.conf
    [ -z "${OPEN:-}" ] || open_web
    fill php-fpm.conf
    start_php
    await php "$STATE/log/php.log" test -S "$RUN/fixes.sock"
    start_nginx
    # Somebody else may have taken the port in the meantime; then ours ends.
    until is_well; do
        runs nginx || port_free "$PORT" || port_taken
        await nginx "$STATE/log/nginx.log" is_well_or_gone
    done
}

is_well_or_gone() { is_well || { ! runs nginx && ! port_free "$PORT"; }; }

# is_well: whether this web server answers, and not another at the same port: it is asked at its own socket, which it has only with its port.
is_well() {
    php -r '
        $to = @stream_socket_client("unix://".$argv[1], $number, $reason, 3);
        if (!$to) exit(1);
        stream_set_timeout($to, 3);
        fwrite($to, "GET /api/health HTTP/1.0\r\nHost: 127.0.0.1:".$argv[2]."\r\n\r\n");
        exit(str_contains((string) stream_get_contents($to), "well") ? 0 : 1);
    ' "$RUN/web.sock" "$PORT"
}
