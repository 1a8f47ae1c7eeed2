# Who does what: root installs packages; everything else is done without root's rights.

# A folder of root's is served by a user made for it, who can write into the data directory and nowhere else.
SERVICE_USER=yardcask

# be_owner ARGUMENT...: as root in the folder of somebody else, go on as that user, with the same arguments.
be_owner() {
    [ "$(id -u)" -eq 0 ] || return 0
    local owner
    owner=$(stat -c %U "$ROOT")
    [ "$owner" != root ] && id "$owner" >/dev/null 2>&1 || return 0
    [ ! -e "$VAR" ] || chown -R "$owner:" "$VAR"
    HOME=$(getent passwd "$owner" | cut -d: -f6) exec setpriv --reuid "$owner" --regid "$(id -g "$owner")" --init-groups -- "$ROOT/yardcask" "$@"
}

# choose_service ARGUMENT...: set SERVICE, who runs the programs, and AS, which runs a command as that user.
choose_service() {
    # Where nobody has given the user a name the number will do.
    SERVICE=$(id -un 2>/dev/null) || SERVICE=$(id -u)
    AS=()
    [ "$(id -u)" -eq 0 ] || return 0
    SERVICE=$SERVICE_USER
    id "$SERVICE" >/dev/null 2>&1 || useradd --system --no-create-home --home-dir /nonexistent --shell /usr/sbin/nologin "$SERVICE" \
        || fail "the user “$SERVICE”, as whom everything runs, could not be created" "Start it as an ordinary user instead."
    AS=(setpriv --reuid "$SERVICE" --regid "$(id -g "$SERVICE")" --init-groups --inh-caps=-all --)
    service_reads || see_from_elsewhere "$@"
}

service_reads() { "${AS[@]}" test -r "$ROOT/deploy/nginx.conf.in" -a -r "$ROOT/server/public/index.php"; }

# see_from_elsewhere ARGUMENT...: below a folder that only root may enter, go on in a private view in which this folder lies elsewhere too.
see_from_elsewhere() {
    local view
    view=/run/yardcask-$(printf '%s' "$ROOT" | cksum | cut -d' ' -f1)
    if [ -z "${YARDCASK_VIEW:-}" ] && mkdir -p "$view" && unshare --mount true 2>/dev/null; then
        # shellcheck disable=SC2016
        YARDCASK_VIEW=1 exec unshare --mount bash -c 'mount --bind "$1" "$2" && exec "$2/yardcask" "${@:3}"' _ "$ROOT" "$view" "$@"
    fi
    fail "the user “$SERVICE”, as whom everything runs, cannot read this folder" "Move it to where everybody may read, for example /srv, or run:  chmod -R go+rX '$ROOT'"
}
