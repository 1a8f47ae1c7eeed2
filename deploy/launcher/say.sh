# What the launcher says, and how a long step shows that it is alive.

# Where it is said: on the launcher's own standard error, which is kept at 5 while bash's remarks on fallen programs are not wanted.
SAY=2

say() { printf '%s\n' "$*" >&"$SAY"; }

# fail MESSAGE REMEDY: stop with what went wrong and what to do about it.
fail() {
    say ""
    say "Yard Cask cannot go on: $1"
    [ -n "${2:-}" ] && say "  $2"
    exit 1
}

# group_runs PID: whether anything of the process group that PID led still runs.
group_runs() { kill -0 -- "-$1" 2>/dev/null; }

# end_step: end the step that is being run, with all that it started, and see that it has ended.
end_step() {
    [ -n "${STEP_PID:-}" ] || return 0
    kill -TERM -- "-$STEP_PID" 2>/dev/null
    local tries=0
    while group_runs "$STEP_PID" && [ "$tries" -lt $((SETTING_STOP_TIMEOUT_S * 10)) ]; do
        sleep 0.1
        tries=$((tries + 1))
    done
    kill -KILL -- "-$STEP_PID" 2>/dev/null
    STEP_PID=
}

# step LABEL COMMAND...: run a command with its output in a log, STEP_LOG, showing the seconds while it runs.
step() {
    local label=$1 log began seconds pid
    shift
    mkdir -p "$LOGS"
    log="$LOGS/$(printf '%s' "$label" | tr -cs 'A-Za-z0-9' '-').log"
    STEP_LOG=${log#"$ROOT"/}
    began=$SECONDS
    # A process group of its own, so that an interrupted step can be ended with all that it started; the locks stay here.
    set -m
    "$@" </dev/null >"$log" 2>&1 7>&- 8>&- 9>&- &
    pid=$!
    set +m
    STEP_PID=$pid
    # In a lane beside another a line that is written over would be written over by both.
    if [ -t 2 ] && [ -z "${LANE:-}" ]; then
        while kill -0 "$pid" 2>/dev/null; do
            printf '\r  … %s  %ds ' "$label" $((SECONDS - began)) >&2
            sleep 0.2
        done
        printf '\r\033[K' >&2
    else
        say "  … $label"
    fi
    wait "$pid"
    local status=$?
    STEP_PID=
    seconds=$((SECONDS - began))
    if [ "$status" -ne 0 ]; then
        say "  ✗ $label (${seconds}s)"
        tail -n 30 "$log" | sed 's/^/      /' >&2
        say "      The whole output is in $STEP_LOG"
    else
        say "  ✓ $label (${seconds}s)"
    fi
    return "$status"
}
