# Building: each part is built again only when what it is made of has changed.

# use_state NAME: where this run keeps everything that it writes.
use_state() {
    STATE=$VAR/$1
    mkdir -p "$STATE" 2>/dev/null && [ -w "$STATE" ] || fail "${STATE#"$ROOT"/} is not writable" "Make it yours:  sudo chown -R $(id -un) '$VAR'"
    # A Unix socket's path has at most 107 characters.
    RUN=$STATE/run
    [ ${#RUN} -le 80 ] || RUN=/tmp/yardcask-$(id -u)-$(printf '%s' "$STATE" | cksum | cut -d' ' -f1)
    mkdir -p "$RUN" "$STATE/log" "$STATE/server" && chmod 700 "$RUN" || fail "$RUN cannot be made" "See that /tmp is writable."
    export YARDCASK_STATE="$STATE/server"
    export COMPOSER_ALLOW_SUPERUSER=1 COMPOSER_NO_INTERACTION=1
}

fingerprint() { find "$@" -type f -print0 2>/dev/null | sort -z | xargs -0 sha1sum | sha1sum | cut -d' ' -f1; }

# unchanged NAME FINGERPRINT: whether NAME was last built from the same.
unchanged() { [ "$(cat "$ROOT/var/built/$1" 2>/dev/null)" = "$2" ]; }
built() { mkdir -p "$ROOT/var/built" && printf '%s' "$2" >"$ROOT/var/built/$1"; }

# build_with NAME LABEL FINGERPRINT PRODUCT COMMAND...
build_with() {
    local name=$1 label=$2 print=$3 product=$4
    shift 4
    [ -e "$product" ] && unchanged "$name" "$print" && return 0
    step "$label" "$@" || fail "“$label” did not work" "Once the reason above is mended, run the same command again; it goes on from here."
    built "$name" "$print"
}

composer_in() { composer install --working-dir="$ROOT/$1" --no-progress --optimize-autoloader; }
npm_in() { npm --prefix "$ROOT/$1" ci --no-audit --no-fund; }
vite_build() { rm -rf "$ROOT/web/dist.new" && npm --prefix "$ROOT/web" run build -- --outDir dist.new --emptyOutDir && rm -rf "$ROOT/web/dist" && mv "$ROOT/web/dist.new" "$ROOT/web/dist"; }
warm_up() { rm -rf "$STATE/server/cache" && APP_ENV=prod php "$ROOT/server/bin/console" cache:warmup; }

build_php() {
    build_with composer-server "PHP packages" "$(fingerprint "$ROOT/server/composer.json" "$ROOT/core/composer.json")" "$ROOT/server/vendor/autoload.php" composer_in server
    local print
    print=$(fingerprint "$ROOT/server/src" "$ROOT/server/config" "$ROOT/server/composer.json")
    build_with "cache-$(printf '%s' "$STATE" | cksum | cut -d' ' -f1)" "Warming the server up" "$print" "$STATE/server/cache/prod" warm_up
}

build_web() {
    build_with npm-web "Front-end packages" "$(fingerprint "$ROOT/web/package-lock.json")" "$ROOT/web/node_modules/.bin/vite" npm_in web
    build_with web "Building the front end" "$(fingerprint "$ROOT/web/src" "$ROOT/web/index.html" "$ROOT/web/vite.config.ts" "$ROOT/web/package-lock.json")" "$ROOT/web/dist/index.html" vite_build
}
