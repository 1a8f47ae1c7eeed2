# start and stop.

start() {
    local arguments=(start "$@")
    PORT=$SETTING_PORT
    while [ $# -gt 0 ]; do
        case "$1" in
            --port) PORT=${2:-}; shift 2 || shift ;;
            --port=*) PORT=${1#*=}; shift ;;
            --open) OPEN=yes; shift ;;
            --name | --certificate | --key | --open-port | --trust-port)
                [ $# -ge 2 ] || { usage >&2; exit 2; }
                open_option "$1" "$2"
                shift 2
                ;;
            *) usage >&2; exit 2 ;;
        esac
    done
    see_port "$PORT" --port
    [ -z "${OPEN:-}" ] || see_open_options
    refuse_path
    need "${OPEN:+open-}start"
    be_owner "${arguments[@]}"
    choose_service "${arguments[@]}"
    use_state start
    hold_state
    port_free "$PORT" || port_taken
    [ -z "${OPEN:-}" ] || open_ports_free
    say "Yard Cask is getting ready."
    build_php
    build_web
    database_start
    bring_up_to_date
    [ -z "${OPEN:-}" ] || open_needs_passphrase
    web_start
    say ""
    say "Yard Cask is ready:  http://127.0.0.1:$PORT      (Ctrl-C or ./yardcask stop ends it)"
    [ -z "${OPEN:-}" ] || say_open
    SERVING=yes
    watch_programs
}

# see_port PORT OPTION: whether it is one.
see_port() {
    { [[ $1 =~ ^[0-9]{1,5}$ ]] && [ "$1" -ge 1 ] && [ "$1" -le 65535 ]; } || fail "“$1” is not a port" "Give a number from 1 to 65535, for example:  ./yardcask start $2 8090"
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
