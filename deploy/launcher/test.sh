# test: every check and test, on a data directory and a port of its own.

PASSED=0
FAILED=0

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

phpstan_in() { (cd "$ROOT/$1" && vendor/bin/phpstan analyse --no-progress --memory-limit=1G); }
phpunit_in() { (cd "$ROOT/$1" && "${AS[@]}" php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M vendor/bin/phpunit --do-not-cache-result --log-junit "$STATE/$1.xml"); }
npm_run() { npm --prefix "$ROOT/$1" run "$2"; }
vitest() { (cd "$ROOT/web" && npx vitest run --reporter=default --reporter=junit --outputFile.junit="$STATE/web.xml"); }
code_style() { (cd "$ROOT/core" && PHP_CS_FIXER_IGNORE_ENV=1 vendor/bin/php-cs-fixer check --diff); }
test_database() { APP_ENV=test as_service_console doctrine:migrations:migrate --no-interaction --allow-no-migration; }
database_matches() { APP_ENV=test as_service_console doctrine:schema:validate; }
playwright() { (cd "$ROOT/e2e" && BASE_URL="http://127.0.0.1:$PORT" STATE="$STATE" JUNIT="$STATE/e2e.xml" npx playwright test "$@"); }

free_port() { php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo substr(strrchr(stream_socket_get_name($s, false), ":"), 1);'; }

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
    step "Bringing the database up to date" database_fill || fail "the database could not be brought up to date"
    [ "$part" = browser ] || step "Bringing the server tests’ database up to date" test_database || fail "the server tests’ database could not be brought up to date"
    [[ ! $part =~ ^(all|browser)$ ]] || web_start
}

run_checks() {
    check "Static analysis and dependency rule, core" phpstan_in core
    check "Static analysis and dependency rule, server" phpstan_in server
    check "Code style" code_style
    check "Type check, web" npm_run web check
    check "Lint, web" npm_run web lint
    check "Type check, browser tests" npm_run e2e check
    check "Migrations match the entities" database_matches
}

# run_tests PART: the last line says how many passed.
run_tests() {
    local part=$1
    say "Yard Cask is getting ready to be tested."
    prepare_tests "$part"
    [[ ! $part =~ ^(all|checks)$ ]] || run_checks
    [[ ! $part =~ ^(all|core)$ ]] || suite "Core" "$STATE/core.xml" phpunit_in core
    [[ ! $part =~ ^(all|server)$ ]] || suite "Server, on MariaDB" "$STATE/server.xml" phpunit_in server
    [[ ! $part =~ ^(all|web)$ ]] || suite "Web" "$STATE/web.xml" vitest
    [[ ! $part =~ ^(all|browser)$ ]] || suite "Browser, on the running application" "$STATE/e2e.xml" playwright
    say ""
    echo "$PASSED passed, $FAILED failed"
    [ "$FAILED" -eq 0 ]
}
