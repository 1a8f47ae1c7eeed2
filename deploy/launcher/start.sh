# start and stop.

start() {
    PORT=$SETTING_PORT
    while [ $# -gt 0 ]; do
        case "$1" in
            --port) PORT=${2:-}; shift 2 || shift ;;
            --port=*) PORT=${1#*=}; shift ;;
            *) usage >&2; exit 2 ;;
        esac
    done
    { [[ $PORT =~ ^[0-9]+$ ]] && [ "$PORT" -ge 1 ] && [ "$PORT" -le 65535 ]; } || fail "“$PORT” is no port" "Give a number from 1 to 65535, for example:  ./yardcask start --port 8090"
    trap 'exit 130' INT TERM HUP
    use_state start
    if launcher_runs; then
        fail "it is already running on http://127.0.0.1:$(cat "$RUN/port" 2>/dev/null)" "Stop it first:  ./yardcask stop"
    fi
    need start
    stop_children
    port_free "$PORT" || fail "port $PORT is taken by another program" "Choose another:  ./yardcask start --port $((PORT + 1))"
    echo $$ >"$RUN/launcher.pid"
    echo "$PORT" >"$RUN/port"
    trap 'leave 0' INT TERM HUP
    trap 'leave $?' EXIT
    say "Yard Cask is getting ready."
    build_php
    [ -f "$ROOT/web/vite.config.ts" ] && build_web
    database_start
    step "Bringing the database up to date" database_fill || fail "the database could not be brought up to date" "Its log is ${STATE#"$ROOT"/}/log/mariadb.log"
    web_start
    say ""
    say "Yard Cask is ready:  http://127.0.0.1:$PORT      (Ctrl-C or ./yardcask stop ends it)"
    wait -n "$DATABASE_PID" "$PHP_PID" "$NGINX_PID"
    say "One of its programs has ended; the logs are in ${STATE#"$ROOT"/}/log. Stopping the rest."
    exit 1
}

# Whether the launcher that wrote its pid down still runs; a pid may by now belong to somebody else.
launcher_runs() { grep -qa yardcask "/proc/$(cat "$RUN/launcher.pid" 2>/dev/null || echo none)/cmdline" 2>/dev/null; }

leave() {
    trap - EXIT INT TERM HUP
    say ""
    say "Stopping Yard Cask."
    end_step
    # Each program leads a group of its own; one that was killed may have left some of it behind.
    local pid
    for pid in "${NGINX_PID:-}" "${PHP_PID:-}" "${DATABASE_PID:-}"; do
        [ -z "$pid" ] || kill -TERM -- "-$pid" 2>/dev/null
    done
    stop_children
    rm -f "$RUN/launcher.pid"
    exit "$1"
}

stop() {
    use_state start
    local tries=0 STOP_TRIES=$((SETTING_STOP_TIMEOUT_S * 10))
    launcher_runs && kill -TERM "$(cat "$RUN/launcher.pid")"
    while launcher_runs && [ "$tries" -lt $((STOP_TRIES + 50)) ]; do
        sleep 0.1
        tries=$((tries + 1))
    done
    stop_children
    rm -f "$RUN/launcher.pid"
    say "Yard Cask is stopped."
}
