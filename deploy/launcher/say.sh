# What the launcher says, and how a long step shows that it is alive.

say() { printf '%s\n' "$*" >&2; }

# fail MESSAGE REMEDY: stop with what went wrong and what to do about it.
fail() {
    say ""
    say "Yard Cask cannot go on: $1"
    [ -n "${2:-}" ] && say "  $2"
    exit 1
}

# end_step: end the step that is being run, if there is one.
end_step() { [ -z "${STEP_PID:-}" ] || kill -TERM -- "-$STEP_PID" 2>/dev/null; }

# step LABEL COMMAND...: run a command with its output in a log, showing the seconds while it runs.
step() {
    local label=$1 log began seconds pid
    shift
    mkdir -p "$STATE/log"
    log="$STATE/log/$(printf '%s' "$label" | tr -cs 'A-Za-z0-9' '-').log"
    began=$SECONDS
    # A process group of its own, so that an interrupted step can be ended with all that it started.
    set -m
    "$@" >"$log" 2>&1 &
    pid=$!
    set +m
    STEP_PID=$pid
    if [ -t 2 ]; then
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
        say "      The whole output is in ${log#"$ROOT"/}"
    else
        say "  ✓ $label (${seconds}s)"
    fi
    return "$status"
}
