# bench: how long things take, on the test data directory, as ratios within one run.

bench() {
    prepare_tests
    php "${COMPILED[@]}" "$ROOT/deploy/bench/assess.php" "http://127.0.0.1:$PORT"
    php "${COMPILED[@]}" "$ROOT/deploy/bench/line.php"
}
