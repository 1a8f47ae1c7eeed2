# Debian packages: what is missing is installed as root, or named in one line to run.

# missing_packages console|start|open-start|tests: what each needs, the later ones what the earlier need too.
missing_packages() {
    command -v php >/dev/null || echo php-cli
    if command -v php >/dev/null; then
        local extensions
        extensions=$(php -m)
        local pair
        for pair in pdo_mysql:php-mysql mbstring:php-mbstring intl:php-intl SimpleXML:php-xml curl:php-curl gd:php-gd zip:php-zip apcu:php-apcu; do
            grep -qix "${pair%%:*}" <<<"$extensions" || echo "${pair##*:}"
        done
    else
        echo php-mysql php-mbstring php-intl php-xml php-curl php-gd php-zip php-apcu
    fi
    command -v composer >/dev/null || echo composer unzip
    [ "$1" != console ] || return 0
    php_fpm >/dev/null || echo php-fpm
    command -v node >/dev/null || echo nodejs
    command -v npm >/dev/null || echo npm
    { command -v mariadbd || [ -x /usr/sbin/mariadbd ]; } >/dev/null || echo mariadb-server
    [ -x /usr/sbin/nginx ] || echo nginx
    [ "$1" != open-start ] || command -v openssl >/dev/null || echo openssl
    # What announces this machine's name; of an own name somebody else sees to that.
    [ "$1" != open-start ] || [ -n "${OPEN_NAME:-}" ] || [ -x /usr/sbin/avahi-daemon ] || echo avahi-daemon
    [ "$1" != tests ] || command -v openssl >/dev/null || echo openssl
    # With it the browser tests have their browser trust a certificate.
    [ "$1" != tests ] || command -v certutil >/dev/null || echo libnss3-tools
    [ "$1" != tests ] || [ -x /usr/bin/chromium-headless-shell ] || [ -x /usr/bin/chromium ] || echo chromium-headless-shell
}

# The php-fpm of the same version as php on the command line.
php_fpm() {
    local version found
    version=$(php -r 'echo PHP_MAJOR_VERSION, ".", PHP_MINOR_VERSION;' 2>/dev/null) || return 1
    found=/usr/sbin/php-fpm$version
    [ -x "$found" ] && echo "$found"
}

# need console|start|open-start|tests: see that every package is there.
need() {
    local missing
    missing=$(missing_packages "$1" | tr '\n' ' ' | sed 's/ *$//')
    if [ -n "$missing" ]; then
        local line="apt-get -o DPkg::Lock::Timeout=600 install -y --no-install-recommends $missing"
        [ "$(id -u)" -eq 0 ] || fail "these packages are missing: $missing" "Run this once, then start again:  sudo $line"
        command -v apt-get >/dev/null || fail "these packages are missing: $missing" "Install them with your system's package manager."
        step "Fetching the list of packages" apt-get -o DPkg::Lock::Timeout=600 update
        # An installation that was cut short is brought to its end first.
        dpkg --audit | grep -q . && step "Finishing an earlier installation" env RUNLEVEL=1 DEBIAN_FRONTEND=noninteractive dpkg --configure -a
        # RUNLEVEL=1: the system's own database and web server are installed but not started.
        step "Installing $missing" env RUNLEVEL=1 DEBIAN_FRONTEND=noninteractive $line || fail "the packages could not be installed" "Try it by hand:  $line"
    fi
    php -r 'exit(PHP_VERSION_ID >= 80200 ? 0 : 1);' || fail "PHP is older than 8.2" "Use Debian 12 or newer."
    [ "$1" = console ] || node -e 'const [a,b]=process.versions.node.split(".").map(Number); process.exit(a>20||(a===20&&b>=19)?0:1)' \
        || fail "Node.js $(node --version) is older than 20.19" "Use Debian 13 or newer, or install Node.js 20.19 or later."
}
