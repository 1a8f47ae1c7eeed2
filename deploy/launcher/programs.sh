# The programs behind the application: started, watched, started again when they fall, and ended.

declare -A PROGRAM_PID PROGRAM_FALLS
declare -A PROGRAM_TITLE=([mariadb]="the database" [php]="PHP" [nginx]="the web server")

# Every program holds this file open, and so do its children: by that it is known, however its launcher ended.
programs_file() { printf '%s' "$VAR/$NAME.programs"; }

# spawn NAME COMMAND...: start a program in a session of its own; it is told to end when this launcher dies.
spawn() {
    local name=$1
    shift
    touch "$(programs_file)"
    # shellcheck disable=SC2016
    setsid "${AS[@]}" setpriv --pdeathsig TERM -- sh -c 'log=$1 && shift && exec "$@" >>"$log" 2>&1' _ "$STATE/log/$name.out" "$@" \
        </dev/null >/dev/null 2>&1 5>&- 6<"$(programs_file)" 7>&- 8>&- 9>&- &
    PROGRAM_PID[$name]=$!
}

# holders FILE [PID]: the processes, or that one if it is among them, that hold a file open, told by its device and inode.
holders() {
    local device inode
    read -r device inode < <(stat -c '%d %i' "$1")
    # find complains of processes that end meanwhile.
    find -L /proc/${2:-[0-9]*}/fd -maxdepth 1 -inum "$inode" -printf '%D %p\n' 2>/dev/null | sed -n "s|^$device /proc/\([0-9]*\)/.*|\1|p" | sort -u || true
}

# end_programs: end whatever runs for this data directory, and see that it has ended.
end_programs() {
    local file pids tries=0
    file=$(programs_file)
    [ -e "$file" ] || return 0
    pids=$(holders "$file")
    [ -n "$pids" ] || return 0
    # shellcheck disable=SC2086
    kill -TERM $pids 2>/dev/null
    while pids=$(holders "$file") && [ -n "$pids" ]; do
        # shellcheck disable=SC2086
        [ "$tries" -lt $((SETTING_STOP_TIMEOUT_S * 10)) ] || kill -KILL $pids 2>/dev/null
        sleep 0.1
        tries=$((tries + 1))
    done
}

# runs NAME: whether that program, as started last, still runs.
runs() { kill -0 "${PROGRAM_PID[$1]}" 2>/dev/null; }

# await NAME LOG COMMAND...: wait until a program answers, or say why it does not.
await() {
    local name=$1 log=$2 tries=0
    shift 2
    until "$@"; do
        runs "$name" || { tail -n 15 "$log" >&2; fail "${PROGRAM_TITLE[$name]} did not start" "Its log is ${log#"$ROOT"/}"; }
        tries=$((tries + 1))
        [ "$tries" -lt $((SETTING_START_TIMEOUT_S * 10)) ] || fail "${PROGRAM_TITLE[$name]} does not answer" "Its log is ${log#"$ROOT"/}"
        sleep 0.1
    done
}

# watch_programs: for as long as the application is served, start again what falls and keep the logs small.
watch_programs() {
    local ended tick name
    exec 5>&2 2>/dev/null
    SAY=5
    while :; do
        sleep 2 5>&- 9>&- &
        tick=$!
        TICK_PID=$tick
        wait -n -p ended "${PROGRAM_PID[@]}" "$tick"
        local status=$?
        for name in "${!PROGRAM_PID[@]}"; do
            if [ "${PROGRAM_PID[$name]}" = "${ended:-}" ]; then
                raise "$name" "$status"
            elif ! runs "$name"; then
                # It fell while something else was done; how it ended bash remembers.
                wait "${PROGRAM_PID[$name]}"
                raise "$name" $?
            fi
        done
        kill "$tick" 2>/dev/null || keep_house
    done
}

# raise NAME STATUS: start a program again that has fallen, unless it keeps falling.
raise() {
    local name=$1 status=$2 fall recent=()
    # What it left behind holds its port or its socket.
    kill -KILL -- "-${PROGRAM_PID[$name]}" 2>/dev/null
    for fall in ${PROGRAM_FALLS[$name]:-} "$SECONDS"; do
        [ $((SECONDS - fall)) -gt "$SETTING_FALLS_WITHIN_S" ] || recent+=("$fall")
    done
    PROGRAM_FALLS[$name]="${recent[*]}"
    if [ "${#recent[@]}" -gt "$SETTING_FALLS_MOST" ]; then
        say "The end of its log:"
        tail -n 15 "$STATE/log/$name.log" "$STATE/log/$name.out" 2>/dev/null | sed 's/^/      /' >&"$SAY"
        fail "${PROGRAM_TITLE[$name]} keeps crashing" "Fix the cause shown above, then start it again. Its log is ${STATE#"$ROOT"/}/log/$name.log"
    fi
    # Not the first fall in a row: a moment's rest, so that it does not spin.
    [ "${#recent[@]}" -lt 2 ] || [ $((SECONDS - recent[-2])) -gt 2 ] || sleep 0.5
    "start_$name"
    say "$(date +%H:%M:%S)  ${PROGRAM_TITLE[$name]^} fell ($(how_ended "$status")) and was started again."
}

how_ended() { if [ "$1" -gt 128 ]; then echo "killed, signal $(($1 - 128))"; else echo "ended with status $1"; fi; }
