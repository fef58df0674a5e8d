# What bin/demo, bin/start, bin/test and bin/bench have in common. Sourced, never run.

set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
ROOT=$PWD

say() { printf '%s\n' "$*" >&2; }
die() { say "$*"; exit 1; }

# Runs a step unless the files it depends on are the ones it last ran with.
#   step NAME STAMP-FILE COMMAND -- FILES…
step() {
    local name=$1 stamp=$2 command=$3 now
    shift 4
    now=$(find "$@" -type f -print0 2>/dev/null | LC_ALL=C sort -z | xargs -0 sha1sum 2>/dev/null | sha1sum | cut -d' ' -f1)
    if [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$now" ]; then return; fi
    say "$name …"
    mkdir -p "$(dirname "$stamp")" storage/logs
    if ! (eval "$command") >storage/logs/setup.log 2>&1; then
        tail -n 40 storage/logs/setup.log >&2
        die "$name did not work. The whole of what it printed is in storage/logs/setup.log."
    fi
    printf '%s\n' "$now" >"$stamp"
}

# System packages, when something is missing: by apt as root, else the one line to run is printed.
system_packages() {
    local missing=()
    command -v php >/dev/null || missing+=(php8.2-cli)
    if command -v php >/dev/null; then
        local extensions
        extensions=$(php -m)
        local pair
        for pair in pdo_sqlite:php8.2-sqlite3 mbstring:php8.2-mbstring intl:php8.2-intl xml:php8.2-xml curl:php8.2-curl zip:php8.2-zip; do
            grep -qix "${pair%%:*}" <<<"$extensions" || missing+=("${pair##*:}")
        done
    else
        missing+=(php8.2-sqlite3 php8.2-mbstring php8.2-intl php8.2-xml php8.2-curl php8.2-zip)
    fi
    command -v composer >/dev/null || missing+=(composer)
    command -v node >/dev/null || missing+=(nodejs)
    command -v npm >/dev/null || missing+=(npm)
    command -v curl >/dev/null || missing+=(curl)
    # Closes the rota where it is hard; without it Marrow's own search does. Nobody is held up for it.
    if [ "$(id -u)" -eq 0 ]; then
        command -v cbc >/dev/null || missing+=(coinor-cbc)
    fi
    # The stand-in for a label printer has Ghostscript draw what it was sent; the tests print.
    if [ "${1:-}" = with-printer ] || [ "${1:-}" = with-browser ]; then
        command -v gs >/dev/null || missing+=(ghostscript)
    fi
    # How it is served for good is tested by these.
    if [ "${1:-}" = with-browser ]; then
        command -v nginx >/dev/null || [ -x /usr/sbin/nginx ] || missing+=(nginx-light)
        [ -x /usr/sbin/php-fpm8.2 ] || missing+=(php8.2-fpm)
        command -v chromium-headless-shell >/dev/null || command -v chromium >/dev/null || missing+=(chromium-headless-shell)
        command -v pgrep >/dev/null || missing+=(procps)
    fi
    if command -v node >/dev/null && [ "$(node -p 'process.versions.node.split(".")[0]')" -lt 20 ]; then
        die "Marrow's interface is built with Node 20 or later; this machine has $(node --version)."
    fi
    [ ${#missing[@]} -eq 0 ] && return
    if [ "$(id -u)" -ne 0 ]; then
        die "Some system packages are missing. Run this once, then try again:
  sudo apt-get update && sudo apt-get install -y ${missing[*]}"
    fi
    say "Installing ${missing[*]} …"
    mkdir -p storage/logs
    if ! { apt-get update && DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "${missing[@]}"; } >storage/logs/setup.log 2>&1; then
        tail -n 20 storage/logs/setup.log >&2
        die 'The system packages could not be installed.'
    fi
}

php_packages() {
    mkdir -p storage/framework/{cache,views,sessions} storage/logs bootstrap/cache
    step 'Installing PHP packages' vendor/.marrow-stamp \
        'COMPOSER_ALLOW_SUPERUSER=1 composer update --no-interaction --no-progress' -- composer.json support/registry-gaps support/exact-versions
}

node_packages() {
    step 'Installing packages for the interface' ui/node_modules/.marrow-stamp \
        'cd ui && PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 npm ci --no-audit --no-fund' -- ui/package.json ui/package-lock.json
}

# Built beside what is served, and put in its place by one name: whoever opens a page meanwhile gets the old or the new,
# whole. A tab that was left open finds the scripts it was built with for two months.
build_interface() {
    (cd ui && npm run --silent build -- --outDir ../public/build-next --emptyOutDir) || return 1
    find public/build-next -type f \( -name '*.js' -o -name '*.css' -o -name '*.svg' \) -exec gzip -9 -n -k {} + || return 1
    mkdir -p public/build
    # What has the same name holds the same, and may be being read just now.
    (cd public/build-next && find . -type f ! -path ./index.html -exec cp -n --parents -t ../build {} +) || return 1
    # Those whose names stay the same whatever they hold.
    (cd public/build-next && find . -maxdepth 1 -type f ! -path ./index.html -exec cp -f -t ../build {} +) || return 1
    (cd public/build-next && find . -type f ! -path ./index.html -printf '../build/%P\n' | xargs -r touch -c) || return 1
    mv -f public/build-next/index.html public/build/index.html || return 1
    rm -rf public/build-next
    find public/build/assets -type f -mtime +60 -delete
}

interface() {
    step 'Building the interface' public/build/.marrow-stamp \
        build_interface -- ui/package-lock.json ui/index.html ui/vite.config.ts ui/src
}

set_up() {
    system_packages "${1:-}"
    php_packages
    node_packages
    interface
}

# Gets the garden in $DB_DATABASE ready: whatever file lies there, new, older or put back. Nothing beside it decides.
garden() {
    (umask 077 && mkdir -p "$(dirname "$DB_DATABASE")" && { [ -f "$DB_DATABASE" ] || : >"$DB_DATABASE"; })
    chmod go-rwx "$DB_DATABASE" storage/logs
    (umask 077 && php artisan marrow:ready "$@" >&2) || die 'The garden was not opened.'
}

SERVER=
WORKER=

# Where it is served: this machine alone, unless another of its addresses is asked for.
listens() { echo "${MARROW_LISTEN:-127.0.0.1}"; }

# By which names others may ask for it; of all addresses those that the machine has.
hosts() {
    case $(listens) in
        127.0.0.1) echo "${MARROW_HOSTS:-127.0.0.1,localhost}" ;;
        0.0.0.0) echo "${MARROW_HOSTS:-127.0.0.1,localhost,$(hostname),$(hostname).local,$(hostname -I | tr -s ' ' ',' | sed 's/,$//')}" ;;
        *) echo "${MARROW_HOSTS:-$(listens)}" ;;
    esac
}

# Serves the application on $(listens):$1 until interrupted; every process it starts ends with it.
serve() {
    local port=$1 name=$2
    start_server "$port"
    trap 'stop_server; exit 0' INT TERM
    trap stop_server EXIT
    local beside=
    [ "$(listens)" != 0.0.0.0 ] || beside=", for others at http://$(hostname -I | cut -d' ' -f1):$port"
    say "$name is open at http://$(asked_at):$port$beside  (Ctrl-C closes it)"
    while kill -0 "$SERVER" 2>/dev/null; do
        wait "$SERVER" || true
    done
    die "The server has stopped. What it said is in storage/logs/server-$port.log."
}

# Where this machine itself asks for it.
asked_at() { [ "$(listens)" = 0.0.0.0 ] && echo 127.0.0.1 || listens; }

start_server() {
    local port=$1 tries=0
    if (exec 3<>"/dev/tcp/$(asked_at)/$port") 2>/dev/null; then
        die "Port $port is taken by another program. Choose another with --port, for example --port $((port + 1))."
    fi
    # Its own process group, so that the workers end with it. What it writes is for its owner alone.
    local mask
    mask=$(umask)
    umask 077
    set -m
    MARROW_HOSTS=$(hosts) PHP_CLI_SERVER_WORKERS=${MARROW_WORKERS:-4} php -d opcache.enable=1 -d expose_php=0 -d zend.exception_ignore_args=1 -S "$(listens):$port" -t public support/router.php \
        >storage/logs/server-$port.log 2>&1 </dev/null &
    SERVER=$!
    # What takes long is worked at beside it, one at a time.
    php artisan marrow:work >storage/logs/worker-$port.log 2>&1 </dev/null &
    WORKER=$!
    set +m
    umask "$mask"
    until curl -fs -o /dev/null "http://$(asked_at):$port/api/ping"; do
        tries=$((tries + 1))
        if [ $tries -gt 100 ] || ! kill -0 "$SERVER" 2>/dev/null; then
            tail -n 20 storage/logs/server-$port.log >&2
            stop_server
            die 'The server did not start.'
        fi
        sleep 0.1
    done
}

stop_server() {
    # Whatever was started beside it.
    [ -z "${BESIDE:-}" ] || kill "$BESIDE" 2>/dev/null || true
    local one
    for one in $SERVER $WORKER; do
        kill -TERM -- "-$one" 2>/dev/null || true
    done
    for one in $SERVER $WORKER; do
        wait "$one" 2>/dev/null || true
    done
    SERVER=
    WORKER=
}
