# start and stop.

start() {
    local arguments=(start "$@")
    PORT=$SETTING_PORT
    while [ $# -gt 0 ]; do
        case "$1" in
            --port) PORT=${2:-}; shift 2 || shift ;;
            --port=*) PORT=${1#*=}; shift ;;
            *) usage >&2; exit 2 ;;
        esac
    done
    { [[ $PORT =~ ^[0-9]{1,5}$ ]] && [ "$PORT" -ge 1 ] && [ "$PORT" -le 65535 ]; } || fail "“$PORT” is not a port" "Give a number from 1 to 65535, for example:  ./yardcask start --port 8090"
    refuse_path
    need start
    be_owner "${arguments[@]}"
    choose_service "${arguments[@]}"
    use_state start
    hold_state
    port_free "$PORT" || port_taken
    say "Yard Cask is getting ready."
    build_php
    build_web
    database_start
    bring_up_to_date
    web_start
    say ""
    say "Yard Cask is ready:  http://127.0.0.1:$PORT      (Ctrl-C or ./yardcask stop ends it)"
    SERVING=yes
    watch_programs
}

# leave_in_order: however this launcher is ended, it leaves nothing behind. Being asked to stop is no failure.
# bash 5.2 may read a trap as the inside of the $(…) that it is about to expand: then the closing bracket ends it, and otherwise it is never read.
leave_in_order() {
    trap $'leave 130\n)' INT
    trap $'leave 129\n)' HUP
    trap $'leave 0\n)' TERM
    trap 'leave $?' EXIT
}

leave() {
    trap - EXIT
    trap '' INT TERM HUP
    # A lane ends its own step.
    [ -z "${LANE_PIDS:-}" ] || { kill -TERM $LANE_PIDS 2>/dev/null; wait $LANE_PIDS 2>/dev/null; }
    end_step
    if [ -n "${HOLDING:-}" ]; then
        [ -z "${SERVING:-}" ] || say "Stopping Yard Cask."
        [ -z "${TICK_PID:-}" ] || kill "$TICK_PID" 2>/dev/null
        end_programs
        forget_run "${RUN:-}"
    fi
    exit "$1"
}

stop() {
    local file pid
    file=$(lock_file start)
    if is_held start; then
        pid=$(held pid start)
        # The pid is that of the holder only if the holder has the file open.
        [ -n "$(holders "$file" "${pid:-none}")" ] || fail "somebody else started it" "Stop it as the user who started it, or as root."
        kill -TERM "$pid"
        flock --timeout $((SETTING_STOP_TIMEOUT_S * 2 + 5)) "$file" true || fail "it has not stopped" "Its launcher has the pid $pid."
    fi
    # What a launcher that was killed has left.
    NAME=start
    end_programs
    say "Yard Cask is stopped."
}
