# Building: each part is built again only when what it is made of has changed.

# fingerprint PATH...: of files below this folder, wherever it lies.
fingerprint() { (cd "$ROOT" && find "$@" -type f -print0 2>/dev/null | sort -z | xargs -0 sha1sum | sha1sum | cut -d' ' -f1); }

# unchanged NAME FINGERPRINT: whether NAME was last built from the same.
unchanged() { [ "$(cat "$ROOT/var/built/$1" 2>/dev/null)" = "$2" ]; }

# build_with NAME LABEL FINGERPRINT PRODUCT COMMAND...
build_with() {
    local name=$1 label=$2 print=$3 product=$4
    shift 4
    [ -e "$product" ] && unchanged "$name" "$print" && return 0
    mkdir -p "$ROOT/var/built"
    # One build at a time: a start and a test may meet here.
    exec 8>"$ROOT/var/built/lock"
    flock --nonblock 8 || { say "  … $label: another build is going on"; flock 8; }
    if ! { [ -e "$product" ] && unchanged "$name" "$print"; }; then
        step "$label" "$@" || fail "“$label” did not work" "Fix the cause shown above, then run the same command again; it carries on from here."
        printf '%s' "$print" >"$ROOT/var/built/$name"
    fi
    exec 8>&-
}

# What is built is read by the user as whom everything runs; some packages come with files that only their owner may read.
composer_in() { umask 022 && composer install --working-dir="$ROOT/$1" --no-progress --optimize-autoloader && chmod -R go+rX "$ROOT/$1/vendor"; }
npm_in() { umask 022 && npm --prefix "$ROOT/$1" ci --no-audit --no-fund; }
vite_build() { umask 022 && rm -rf "$ROOT/web/dist.new" && npm --prefix "$ROOT/web" run build -- --outDir dist.new --emptyOutDir && rm -rf "$ROOT/web/dist" && mv "$ROOT/web/dist.new" "$ROOT/web/dist"; }
warm_up() { "${AS[@]}" rm -rf "$STATE/server/cache" && as_service_console cache:warmup; }

# as_service_console ARGUMENT...: a console command of the server, as the user as whom everything runs.
as_service_console() { APP_ENV=${APP_ENV:-prod} "${AS[@]}" php "$ROOT/server/bin/console" "$@"; }

build_php() {
    build_with composer-server "PHP packages" "$(fingerprint server/composer.json core/composer.json)" "$ROOT/server/vendor/autoload.php" composer_in server
    build_with "cache-$(printf '%s' "$STATE" | cksum | cut -d' ' -f1)" "Warming the server up" "$(fingerprint core/src server/src server/config server/composer.json)" "$STATE/server/cache/prod" warm_up
}

build_web() {
    build_with npm-web "Front-end packages" "$(fingerprint web/package-lock.json)" "$ROOT/web/node_modules/.bin/vite" npm_in web
    build_with web "Building the front end" "$(fingerprint web/src web/index.html web/vite.config.ts web/package-lock.json)" "$ROOT/web/dist/index.html" vite_build
}
