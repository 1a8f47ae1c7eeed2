# backup and restore: everything that is kept, as one compressed file of SQL, also while the application runs. What lets devices in is
# in no backup: after one is restored they sign in or pair again.

BACKUP_TITLE="-- Yard Cask, backup"
# Tables that go into a backup empty.
SECRET_TABLES=(device_token share pairing_code passphrase upgrade stopped_search)

# with_database FUNCTION ARGUMENT...: on the database of the application that runs, or on one started for this alone.
with_database() {
    need start
    be_owner "${ARGUMENTS[@]}"
    choose_service "${ARGUMENTS[@]}"
    use_state start
    if is_held start; then
        DATABASE_RUN=$(held run start)
        DATABASE_URL=$(database_url yardcask)
        export DATABASE_URL
        database_answers || fail "the application is just starting or stopping" "Try again in a moment."
    else
        hold_state
        build_php
        database_start
        bring_up_to_date
    fi
    "$@"
}

# dump FILE: the file appears when it is whole.
dump() {
    [ ! -d "$1" ] && { : >"$1.part"; } 2>/dev/null || return 1
    {
        echo "$BACKUP_TITLE of $(date -u '+%Y-%m-%d %H:%M:%S') UTC"
        database_client mariadb-dump --single-transaction --default-character-set=utf8mb4 "${SECRET_TABLES[@]/#/--ignore-table-data=yardcask.}" yardcask
    } | gzip >"$1.part" && is_backup "$1.part" && mv "$1.part" "$1" && return
    rm -f "$1.part"
    return 1
}

# is_backup FILE: whether it is a whole backup.
is_backup() { gzip -t "$1" 2>/dev/null && [[ $(gzip -dc "$1" | head -n 1) == "$BACKUP_TITLE"* ]] && gzip -dc "$1" | tail -n 1 | grep -q '^-- Dump completed'; }

backup() {
    dump "$1" || fail "no backup could be written to $1" "Check that there is room, and that the folder is there and writable."
    say "Everything is in $1 ($(du -h "$1" | cut -f1))."
}

restore() {
    local before
    before=$STATE/backups/before-$(date -u +%Y%m%d-%H%M%S).sql.gz
    [ -r "$1" ] || fail "$1 cannot be read" "Name a file that ./yardcask backup has written."
    is_backup "$1" || fail "$1 is not a complete backup of Yard Cask" "Nothing was changed. Name a file that ./yardcask backup has written."
    # One at a time.
    exec 8>"$VAR/restore.lock"
    flock --nonblock 8 || fail "another backup is being restored" "Try again when that is done."
    dump "$before" || fail "what is there now could not be saved first" "Nothing was changed. Check that there is room in ${STATE#"$ROOT"/}."
    database_client mariadb -e "DROP DATABASE IF EXISTS yardcask_taken; DROP DATABASE IF EXISTS yardcask_replaced; CREATE DATABASE yardcask_taken CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_520_ci; CREATE DATABASE yardcask_replaced"
    step "Restoring the backup" take_in "$1" || { forget_taken; fail "this backup cannot be restored" "Nothing was changed. It may be from a newer Yard Cask; the cause is shown above."; }
    # The passphrase stays as it is.
    database_client mariadb -e "INSERT INTO yardcask_taken.passphrase SELECT * FROM yardcask.passphrase" && put_in_place || { forget_taken; fail "the restored data could not be put in place" "Nothing was changed."; }
    forget_taken
    say "Everything is as in $1. What was there before is in ${before#"$ROOT"/}."
}

# take_in FILE: into a database of its own, brought up to date there.
take_in() {
    gzip -dc "$1" | DATABASE_USER=yardcask_taken database_client mariadb --sandbox yardcask_taken || return 1
    tables_of yardcask_taken | grep -qx plan || { echo "It holds no plans."; return 1; }
    local DATABASE_URL
    DATABASE_URL=$(database_url yardcask_taken)
    export DATABASE_URL
    as_service_console yardcask:upgrade && as_service_console doctrine:migrations:up-to-date --fail-on-unregistered && as_service_console doctrine:schema:validate
}

tables_of() { database_client mariadb --skip-column-names -e "SELECT table_name FROM information_schema.tables WHERE table_schema = '$1'"; }

# put_in_place: all tables change places in one statement, so that nobody ever sees half of it.
put_in_place() {
    local table moves=()
    for table in $(tables_of yardcask); do moves+=("yardcask.$table TO yardcask_replaced.$table"); done
    for table in $(tables_of yardcask_taken); do moves+=("yardcask_taken.$table TO yardcask.$table"); done
    database_client mariadb -e "RENAME TABLE $(IFS=, && echo "${moves[*]}")"
}

forget_taken() { database_client mariadb -e "DROP DATABASE IF EXISTS yardcask_taken; DROP DATABASE IF EXISTS yardcask_replaced"; }
