# nginx in front, php-fpm behind; both run as whoever started them, and nginx listens on loopback only.

port_free() { php -r '$s = @stream_socket_server("tcp://127.0.0.1:".$argv[1]); exit($s ? 0 : 1);' "$1"; }

# fill TEMPLATE: a template of deploy/ with its @NAMES@ filled in.
fill() {
    local user=
    [ "$(id -u)" -ne 0 ] || user="user root;"
    local settings=() name
    for name in MAX_BODY_KB PHP_PROCESSES PHP_MEMORY_MB REQUEST_TIMEOUT_S KEEPALIVE_S; do
        local setting=SETTING_$name
        settings+=(-e "s|@$name@|${!setting}|g")
    done
    sed "${settings[@]}" -e "s|@ROOT@|$ROOT|g" -e "s|@STATE@|$STATE|g" -e "s|@RUN@|$RUN|g" -e "s|@PORT@|$PORT|g" -e "s|@USER_LINE@|$user|g" "$ROOT/deploy/$1"
}

# web_start [PHP SETTING...]
web_start() {
    fill nginx.conf.in >"$STATE/nginx.conf"
    fill php-fpm.conf.in >"$STATE/php-fpm.conf"
    local as_root=()
    [ "$(id -u)" -ne 0 ] || as_root=(--allow-to-run-as-root)
    rm -f "$RUN/php.sock"
    APP_ENV=prod setsid "$(php_fpm)" --nodaemonize "${as_root[@]}" --fpm-config "$STATE/php-fpm.conf" \
        -d opcache.enable=1 -d opcache.validate_timestamps=0 -d opcache.max_accelerated_files=20000 -d opcache.memory_consumption=192 \
        -d opcache.jit=tracing -d opcache.jit_buffer_size=64M -d realpath_cache_size=4M -d expose_php=0 </dev/null >"$STATE/log/php-fpm.out" 2>&1 &
    PHP_PID=$!
    setsid /usr/sbin/nginx -p "$STATE" -c "$STATE/nginx.conf" -e "$STATE/log/nginx.log" -g 'daemon off;' </dev/null >"$STATE/log/nginx.out" 2>&1 &
    NGINX_PID=$!
    local tries=0
    until curl_health; do
        kill -0 "$PHP_PID" 2>/dev/null || { tail -n 15 "$STATE/log/php-fpm.out" "$STATE/log/php-fpm.log" >&2; fail "PHP did not start" "Its log is ${STATE#"$ROOT"/}/log/php-fpm.log"; }
        kill -0 "$NGINX_PID" 2>/dev/null || { tail -n 15 "$STATE/log/nginx.log" >&2; fail "the web server did not start" "Its log is ${STATE#"$ROOT"/}/log/nginx.log"; }
        tries=$((tries + 1))
        [ "$tries" -lt $((SETTING_START_TIMEOUT_S * 10)) ] || fail "the application does not answer on port $PORT" "Its logs are in ${STATE#"$ROOT"/}/log and ${STATE#"$ROOT"/}/server/log"
        sleep 0.1
    done
}

curl_health() {
    php -r '$c = stream_context_create(["http" => ["timeout" => 3]]); exit(str_contains((string) @file_get_contents("http://127.0.0.1:".$argv[1]."/api/health", false, $c), "well") ? 0 : 1);' "$PORT"
}

# stop_children: end what this state directory's pid files name, whoever started it.
stop_children() {
    local name pid pids=()
    for name in nginx php-fpm mariadb; do
        pid=$(cat "$RUN/$name.pid" 2>/dev/null) || continue
        # A stale pid may by now belong to somebody else.
        grep -qaE 'nginx|php-fpm|mariadbd' "/proc/$pid/cmdline" 2>/dev/null || { rm -f "$RUN/$name.pid"; continue; }
        kill -TERM "$pid" 2>/dev/null
        pids+=("$pid")
    done
    local tries=0
    for pid in "${pids[@]}"; do
        while kill -0 "$pid" 2>/dev/null && [ "$tries" -lt $((SETTING_STOP_TIMEOUT_S * 10)) ]; do
            sleep 0.1
            tries=$((tries + 1))
        done
        kill -KILL "$pid" 2>/dev/null
    done
    return 0
}
