# test: every check and test, on a data directory and a port of its own.

PASSED=0
FAILED=0

# lanes COMMAND...: each command in a lane of its own, all at the same time; what they counted is added up.
lanes() {
    local lane passed failed pids=()
    for lane in "$@"; do
        rm -f "$STATE/lane-$lane"
        (
            trap $'end_step; exit 143\n)' TERM
            LANE=$lane PASSED=0 FAILED=0
            "$lane"
            echo "$PASSED $FAILED" >"$STATE/lane-$lane"
        ) &
        pids+=($!)
    done
    LANE_PIDS=${pids[*]}
    wait "${pids[@]}"
    LANE_PIDS=
    for lane in "$@"; do
        # A lane that fell over before it counted has failed.
        read -r passed failed < <(cat "$STATE/lane-$lane" 2>/dev/null || echo "0 1")
        PASSED=$((PASSED + passed))
        FAILED=$((FAILED + failed))
    done
}

# check LABEL COMMAND...: one check, which passes or fails as a whole.
check() {
    if step "$@"; then PASSED=$((PASSED + 1)); else FAILED=$((FAILED + 1)); fi
}

# suite LABEL JUNIT-FILE COMMAND...: a test suite, whose tests are counted one by one.
suite() {
    local label=$1 junit=$2 passed failed status
    shift 2
    rm -f "$junit"
    step "$label" "$@"
    status=$?
    read -r passed failed < <(php "$ROOT/deploy/count-tests.php" "$junit")
    PASSED=$((PASSED + passed))
    FAILED=$((FAILED + failed))
    # A suite that fell over without naming a failed test has failed nevertheless.
    [ "$status" -eq 0 ] || [ "$failed" -gt 0 ] || FAILED=$((FAILED + 1))
    say "      $passed passed, $failed failed"
}

phpstan_in() { (cd "$ROOT/$1" && vendor/bin/phpstan analyse --no-progress --memory-limit=1G "${@:2}"); }
# What computes for long is compiled.
COMPILED=(-d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M)
# The core's tests know no database and no file: they run in as many processes as there are processors.
paratest_core() { (cd "$ROOT/core" && "${AS[@]}" vendor/bin/paratest --no-test-tokens --passthru-php="${COMPILED[*]@Q}" --log-junit "$STATE/core.xml"); }
phpunit_server() { (cd "$ROOT/server" && "${AS[@]}" php "${COMPILED[@]}" -d apc.enable_cli=1 vendor/bin/phpunit --do-not-cache-result --log-junit "$STATE/server.xml"); }
npm_run() { npm --prefix "$ROOT/$1" run "$2"; }
vitest() { (cd "$ROOT/web" && npx vitest run --reporter=default --reporter=junit --outputFile.junit="$STATE/web.xml"); }
code_style() { (cd "$ROOT/core" && php "${COMPILED[@]}" vendor/bin/php-cs-fixer check --diff); }
test_database() { APP_ENV=test as_service_console yardcask:upgrade; }
database_matches() { APP_ENV=test as_service_console doctrine:schema:validate; }
playwright() { (cd "$ROOT/e2e" && BASE_URL="http://127.0.0.1:$PORT" STATE="$STATE" JUNIT="$STATE/e2e.xml" npx playwright test "$@"); }

# A free port below those that the system gives to connections.
free_port() {
    local port
    until port=$((RANDOM % 10000 + 20000)) && port_free "$port"; do :; done
    echo "$port"
}

is_test_part() { [[ $1 =~ ^(all|checks|core|server|web|browser)$ ]]; }

# prepare_tests [PART]: what that part needs, built and running; everything when no part is named.
prepare_tests() {
    local part=${1:-all}
    refuse_path
    need tests
    be_owner test "$part"
    choose_service test "$part"
    use_state "test"
    PORT=$(free_port)
    hold_state
    # Every run begins with an empty database.
    "${AS[@]}" rm -rf "$STATE/mariadb"
    [[ $part =~ ^(web|browser)$ ]] || build_with composer-core "PHP packages of the core" "$(fingerprint core/composer.json)" "$ROOT/core/vendor/autoload.php" composer_in core
    [ "$part" != core ] || return 0
    [ "$part" = web ] || build_php
    if [[ $part =~ ^(all|checks|web|browser)$ ]]; then
        build_with npm-schema "Packages of the type generator" "$(fingerprint schema/package-lock.json)" "$ROOT/schema/node_modules/.bin/openapi-typescript" npm_in schema
        build_with api-types "Types of the API for the front end" "$(fingerprint schema/*.schema.json schema/openapi.json)" "$ROOT/web/src/api/openapi.ts" npm_run schema types
        build_web
    fi
    [ "$part" != web ] || return 0
    [[ ! $part =~ ^(all|checks|browser)$ ]] || build_with npm-e2e "Packages of the browser tests" "$(fingerprint e2e/package-lock.json)" "$ROOT/e2e/node_modules/.bin/playwright" npm_in e2e
    database_start
    bring_up_to_date
    [ "$part" = browser ] || step "Bringing the server tests’ database up to date" test_database || fail "the server tests’ database could not be brought up to date" "The reason is in $STEP_LOG"
    [[ ! $part =~ ^(all|browser)$ ]] || web_start
}

check_php() {
    check "Static analysis and dependency rule, core" phpstan_in core
    check "Static analysis, the core's tests" phpstan_in core -c phpstan.tests.neon
    check "Static analysis and dependency rule, server" phpstan_in server
    check "Code style" code_style
    check "Migrations match the entities" database_matches
}
check_typescript() {
    check "Type check, web" npm_run web check
    check "Lint, web" npm_run web lint
    check "Type check, browser tests" npm_run e2e check
    check "Lint, browser tests" npm_run e2e lint
}
run_checks() {
    check_php
    check_typescript
}

run_core() { suite "Core" "$STATE/core.xml" paratest_core; }
run_server() { suite "Server, on MariaDB" "$STATE/server.xml" phpunit_server; }
# Two lanes that take about as long as each other.
server_lane() {
    run_server
    run_web
}
checks_lane() { run_checks; }
run_web() { suite "Web" "$STATE/web.xml" vitest; }
run_browser() { suite "Browser, on the running application" "$STATE/e2e.xml" playwright; }

# run_tests PART: the last line says how many passed.
run_tests() {
    local part=$1
    say "Yard Cask is getting ready to be tested."
    prepare_tests "$part"
    if [ "$part" = all ]; then
        # What needs one processor runs beside its like; what uses them all runs by itself.
        lanes server_lane checks_lane
        run_core
        run_browser
    else
        "run_$part"
    fi
    say ""
    echo "$PASSED passed, $FAILED failed"
    [ "$FAILED" -eq 0 ]
}
