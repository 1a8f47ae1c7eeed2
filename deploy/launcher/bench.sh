# bench: how long things take, on the test data directory, as ratios within one run.

bench() {
    prepare_tests
    php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M "$ROOT/deploy/bench/assess.php" "http://127.0.0.1:$PORT"
    php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M "$ROOT/deploy/bench/line.php"
}
