# A MariaDB of our own: its data lies in var/, and it listens on no network port at all.

DATABASES=(yardcask yardcask_test)
# Two that are there only while a backup is taken in.
RESTORING=(yardcask_taken yardcask_replaced)
# One in which the server's tests interrupt what brings a database up to date.
INTERRUPTED=(yardcask_interrupted)

database_install() {
    # Debian's script cannot take a path with a blank in it, so it is run beside its target.
    cd "$RUN/state" && "${AS[@]}" rm -rf mariadb.new \
        && TMPDIR="$RUN/tmp" "${AS[@]}" mariadb-install-db --no-defaults --datadir=./mariadb.new --auth-root-authentication-method=socket --auth-root-socket-user="$SERVICE" --skip-test-db \
        && "${AS[@]}" mv mariadb.new mariadb
}

# service_writes FILE: standard input into a file that only the user may read as whom everything runs.
# shellcheck disable=SC2016
service_writes() { "${AS[@]}" sh -c 'umask 077 && cat >"$1"' _ "$1"; }

database_password() {
    [ -s "$STATE/database-password" ] || head -c 24 /dev/urandom | od -An -tx1 | tr -d ' \n' | service_writes "$STATE/database-password"
    cat "$STATE/database-password"
}

# database_client PROGRAM ARGUMENT...: one of MariaDB's client programs, on our database.
database_client() {
    local program=$1
    shift
    MYSQL_PWD=$(database_password) "$program" --no-defaults --socket="${DATABASE_RUN:-$RUN}/mariadb.sock" --user="${DATABASE_USER:-yardcask}" "$@"
}

database_answers() { database_client mariadb-admin ping >/dev/null 2>&1; }

start_mariadb() {
    local mariadbd
    mariadbd=$(command -v mariadbd || echo /usr/sbin/mariadbd)
    TMPDIR="$RUN/tmp" spawn mariadb "$mariadbd" --defaults-file="$ROOT/deploy/mariadb.cnf" --max-connections="$SETTING_DATABASE_CONNECTIONS" \
        --innodb-buffer-pool-size="${SETTING_DATABASE_MEMORY_MB}M" --datadir="$STATE/mariadb" \
        --socket="$RUN/mariadb.sock" --pid-file="$RUN/mariadb.pid" --init-file="$RUN/mariadb-init.sql" --log-error="$STATE/log/mariadb.log"
}

# database_url NAME: how the server reaches a database.
database_url() { printf 'mysql://yardcask:%s@localhost/%s?unix_socket=%s/mariadb.sock&serverVersion=10.11.19-MariaDB&charset=utf8mb4' "$(database_password)" "$1" "${DATABASE_RUN:-$RUN}"; }

database_start() {
    [ -d "$STATE/mariadb" ] || step "Creating the database" database_install || fail "the database could not be created" "The reason is in $STEP_LOG"
    local password name
    password=$(database_password)
    # MariaDB reads one statement a line.
    {
        echo "CREATE USER IF NOT EXISTS yardcask@localhost IDENTIFIED BY '$password';"
        echo "ALTER USER yardcask@localhost IDENTIFIED BY '$password';"
        for name in "${DATABASES[@]}"; do
            echo "CREATE DATABASE IF NOT EXISTS $name CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_520_ci;"
        done
        for name in "${DATABASES[@]}" "${RESTORING[@]}" "${INTERRUPTED[@]}"; do
            echo "GRANT ALL ON $name.* TO yardcask@localhost;"
        done
        # Whatever a backup says, it can touch nothing but what is taken in.
        echo "CREATE USER IF NOT EXISTS yardcask_taken@localhost IDENTIFIED BY '$password';"
        echo "ALTER USER yardcask_taken@localhost IDENTIFIED BY '$password';"
        echo "GRANT ALL ON yardcask_taken.* TO yardcask_taken@localhost;"
    } | service_writes "$RUN/mariadb-init.sql"
    start_mariadb
    await mariadb "$STATE/log/mariadb.log" database_answers
    DATABASE_URL=$(database_url yardcask)
    export DATABASE_URL
}

# bring_up_to_date: what an interrupted one has begun the next one ends.
bring_up_to_date() {
    step "Bringing the database up to date" database_fill \
        || fail "the database could not be brought up to date" "The reason is in $STEP_LOG; nothing that was saved is lost. Start it again when the reason is gone."
}

database_fill() { as_service_console yardcask:upgrade && as_service_console yardcask:load-demo && as_service_console yardcask:thin-revisions; }
