# The data directory of a run: who may write into it, who holds it, and where its sockets lie.

# Characters that the tools of the front end or the server would misread in a path.
MISREAD='[]:#?%*{}\\[[:cntrl:]]'

# refuse_path: such a path is refused before anything is made.
refuse_path() {
    local path
    for path in "$ROOT" "$VAR"; do
        [[ ! $path =~ $MISREAD ]] || fail "the path “$path” contains a character that its tools misread" "Move the folder to a path without : # ? % * brackets, braces and backslashes."
    done
}

# not_writable PATH: why nothing can be written there, and the one thing to do about it.
not_writable() {
    local name=${1#"$ROOT"/} elsewhere="or keep the data elsewhere:  YARDCASK_VAR=/elsewhere ./yardcask start" above=$1 error
    while [ ! -e "$above" ] && [ "$above" != / ]; do above=$(dirname "$above"); done
    [ -d "$above" ] || fail "$above is a file, not a folder" "Move it out of the way:  mv '$above' '$above.old'"
    error=$(LC_ALL=C mkdir -p "$1" 2>&1 && LC_ALL=C "${AS[@]}" mktemp "$1/.writable.XXXXXX" 2>&1 >/dev/null)
    rm -f "$1"/.writable.??????
    case "$error" in
        *"Read-only file system"*) fail "$name is not writable: its disk is mounted read only" "Mount it so that it can be written to, $elsewhere" ;;
        *"No space left"* | *"quota exceeded"*) no_room "$SETTING_DISK_RESERVE_MB" ;;
    esac
    local remedy="Make it yours:  sudo chown -R $(id -u) '$VAR'"
    # Root can write, but the folders above may be closed to others.
    [ "$(id -u)" -ne 0 ] || [ "$1" = "$VAR" ] || remedy="The user “$SERVICE”, as whom everything runs, must be able to pass through the folders above it (chmod go+x)."
    fail "$name is not writable" "$remedy"
}

no_room() { fail "there is no room on the disk of ${VAR#"$ROOT"/}: $(free_mb) MB are free, and $1 are needed" "Free some space on it, or keep the data elsewhere:  YARDCASK_VAR=/elsewhere ./yardcask start"; }

free_mb() { df --output=avail --block-size=1M "$VAR" 2>/dev/null | tail -n 1 | tr -d ' '; }

# need_room MB: the database never meets the end of the disk.
need_room() { [ "$(free_mb)" -ge "$1" ] 2>/dev/null || no_room "$1"; }

# use_state NAME: where this run keeps everything that it writes.
use_state() {
    NAME=$1
    STATE=$VAR/$NAME
    { mkdir -p "$VAR" && [ -w "$VAR" ]; } 2>/dev/null || not_writable "$VAR"
    # Through it, and not into it: the data directory below belongs to the user as whom everything runs.
    [ "$(stat -c %u "$VAR")" -ne "$(id -u)" ] || chmod go+x "$VAR"
    mkdir -p "$LOGS" && chmod 700 "$LOGS"
    mkdir -p "$STATE" 2>/dev/null
    [ "$(stat -c %u "$STATE")" -eq "$(id -u "$SERVICE")" ] || chown -R "$SERVICE:" "$STATE" 2>/dev/null || not_writable "$STATE"
    chmod 700 "$STATE"
    "${AS[@]}" mkdir -p "$STATE/log" "$STATE/server/log" "$STATE/backups" || not_writable "$STATE"
    # A new database takes as much again as a small one keeps.
    need_room $((SETTING_DISK_RESERVE_MB + $([ -d "$STATE/mariadb" ] && echo 0 || echo "$SETTING_NEW_DATABASE_MB")))
    export YARDCASK_STATE="$STATE/server"
    export COMPOSER_ALLOW_SUPERUSER=1 COMPOSER_NO_INTERACTION=1
}

# A launcher that runs holds the lock, which its death gives back; the file says who holds it, and where.
lock_file() { printf '%s' "$VAR/$1.lock"; }

# is_held NAME: whether a launcher holds that data directory.
is_held() {
    local file
    file=$(lock_file "$1")
    [ -e "$file" ] && ! flock --nonblock "$file" true 2>/dev/null
}

# held FIELD NAME: what the holder has written down: pid, port or run.
held() { sed -n "s/^$1=//p" "$(lock_file "$2")" 2>/dev/null; }

# hold_state: take the data directory for this launcher, end what an earlier one may have left, and make room for sockets.
hold_state() {
    exec 9<>"$(lock_file "$NAME")"
    if ! flock --nonblock 9; then
        local port
        port=$(held port "$NAME")
        [ "$NAME" != test ] || fail "its tests are running already" "Wait until they have finished."
        fail "it is already running${port:+ on http://127.0.0.1:$port}" "Stop it first:  ./yardcask stop"
    fi
    HOLDING=yes
    end_programs
    forget_run "$(held run "$NAME")"
    # A short path of plain characters, which every configuration file can hold: sockets, and links to where things really lie.
    RUN=$("${AS[@]}" mktemp -d /tmp/yardcask.XXXXXXXX) || fail "no directory can be created in /tmp" "Check that /tmp is writable."
    "${AS[@]}" ln -s "$ROOT" "$RUN/app" && "${AS[@]}" ln -s "$STATE" "$RUN/state"
    # A MariaDB that starts deletes every temporary table that it finds, whoever is using it: each has a folder of its own for them.
    "${AS[@]}" mkdir "$RUN/tmp"
    # While it is locked nobody who tidies /tmp up takes it away.
    exec 7<"$RUN" && flock --shared 7
    write_down
}

write_down() { printf 'pid=%s\nport=%s\nrun=%s\n' "$$" "${PORT:-}" "$RUN" >"$(lock_file "$NAME")"; }

# forget_run DIRECTORY: take away the sockets and links of a run that has ended.
forget_run() { [[ ! $1 =~ ^/tmp/yardcask\.[A-Za-z0-9]{8}$ ]] || "${AS[@]}" rm -rf "$1"; }
