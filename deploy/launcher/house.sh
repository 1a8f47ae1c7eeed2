# What is done now and then while the application is served.

HOUSE_EVERY_S=3600

keep_house() {
    cap_logs
    if [ $((SECONDS - ${HOUSE_KEPT:-0})) -ge "$HOUSE_EVERY_S" ]; then
        HOUSE_KEPT=$SECONDS
        [ -z "${OPEN:-}" ] || renew_certificate
        as_service_console yardcask:thin-revisions >/dev/null 2>&1 9>&- &
    fi
}

# cap_logs: a log that has grown too large begins anew; the one before it is kept.
cap_logs() {
    # shellcheck disable=SC2016
    "${AS[@]}" find "$STATE/log" "$STATE/server/log" -type f -size "+${SETTING_LOG_MAX_KB}k" ! -name '*.before' -exec sh -c 'cp "$1" "$1.before"; : >"$1"' _ {} \; 9>&-
}
