# Shared by bin/start and bin/test: what is missing is installed, what is stale is built, and what an instance below var/ is. What runs in
# one is in databases.sh and web.sh. Sourced, never run.

ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
cd "$ROOT"
# Mails, settings, photographs and the database are for the eyes of who started it alone.
umask 077
mkdir -p var/stamps
chmod 700 var
# Settings come from the instance below var/; the framework looks for this file all the same.
[ -e .env ] || : >.env
export COMPOSER_ALLOW_SUPERUSER=1 COMPOSER_NO_INTERACTION=1

say() { printf '%s\n' "$*" >&2; }

fail() {
    say "$*"
    exit 1
}

as_root() {
    if [ "$(id -u)" = 0 ]; then "$@"; else sudo "$@"; fi
}

# Debian packages by what they give. $1: packages to make sure of beyond those every run needs.
install_packages() {
    local package missing=()
    for package in php8.2-cli php8.2-fpm php8.2-mysql php8.2-curl php8.2-zip php8.2-gd php8.2-intl php8.2-mbstring php8.2-xml php8.2-bcmath \
        mariadb-server nginx-light oathtool openssl unzip "$@"; do
        dpkg-query -W -f '${Status}' "$package" 2>/dev/null | grep -q 'ok installed' || missing+=("$package")
    done
    command -v composer >/dev/null || missing+=(composer)
    if [ ${#missing[@]} -gt 0 ]; then
        say "Installing ${missing[*]}"
        # No system service may come up from this: the answer 101 is how Debian's packages are told not to start anything.
        local policy=/usr/sbin/policy-rc.d made=
        if [ ! -e "$policy" ]; then
            printf '#!/bin/sh\nexit 101\n' | as_root tee "$policy" >/dev/null
            as_root chmod +x "$policy"
            made=1
        fi
        local log=$ROOT/var/apt.log status=0
        { as_root apt-get update && as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "${missing[@]}"; } >"$log" 2>&1 || status=$?
        [ -z "$made" ] || as_root rm -f "$policy"
        [ "$status" = 0 ] || fail "The packages could not be installed; see $log"
    fi
    command -v node >/dev/null || fail 'Node.js 20.19 or newer and npm 11 are needed, and Debian 12 has neither: install them first.'
    node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 19) ? 0 : 1)' \
        || fail "Node.js $(node --version) is too old: 20.19 or newer is needed."
}

# once NAME FILES... -- COMMAND: runs the command when the files changed since it last succeeded.
once() {
    local name=$1 sum
    shift
    local files=()
    while [ "$1" != -- ]; do
        files+=("$1")
        shift
    done
    shift
    sum=$(find "${files[@]}" -type f ! -path '*/types/house-file.d.ts' -print0 2>/dev/null | LC_ALL=C sort -z | xargs -0 sha256sum | sha256sum)
    if [ "$(cat "var/stamps/$name" 2>/dev/null)" != "$sum" ]; then
        "$@" >"var/$name.log" 2>&1 || {
            tail -n 40 "var/$name.log" >&2
            fail "$name failed; the whole of it is in var/$name.log"
        }
        printf '%s' "$sum" >"var/stamps/$name"
    fi
}

# Each is what was checked, by the sum of its content. What the framework remembers of its packages is found anew: one that has come is
# not missed.
install_php_packages() {
    composer install --no-progress && php bin/check-packages.php && rm -f bootstrap/cache/packages.php bootstrap/cache/services.php
}

# Debian's packages come in the version Debian has today: which ones these are is kept, and said where they are not those it was tried with.
note_debian_versions() {
    local other
    dpkg-query -W -f '${Package} ${Version}\n' $(cut -d' ' -f1 packages/debian.versions) 2>/dev/null >var/debian.versions || true
    other=$(grep -vxFf packages/debian.versions var/debian.versions | tr '\n' ';' || true)
    [ -z "$other" ] || say "Not the versions of packages/debian.versions: $other"
}

install_dependencies() {
    [ -d vendor ] || rm -f var/stamps/composer
    [ -d node_modules ] || rm -f var/stamps/npm
    [ -d public/build ] || rm -f var/stamps/build
    [ -d public/engine ] || rm -f var/stamps/engine
    note_debian_versions
    once composer composer.json packages -- install_php_packages
    once npm package.json package-lock.json -- npm ci --no-progress
    once engine core sheets engine package-lock.json composer.json -- npm run engine
    once build resources vite.config.ts tsconfig.json package-lock.json docs/formats/house.schema.json -- npm run build
}

# The first free port at or above $1.
free_port() {
    php -r 'for ($p = (int) $argv[1]; $p < 65000; $p++) { $s = @stream_socket_server("tcp://127.0.0.1:$p"); if ($s) { echo $p; exit; } } exit(1);' "$1"
}

random_password() { head -c 18 /dev/urandom | base64 -w0 | tr '+/' 'ab'; }

# An instance is a folder below var/ with its own database, sockets, logs and settings. $1: its name.
open_instance() {
    INSTANCE=$ROOT/var/$1
    mkdir -p "$INSTANCE"/{run,logs,tmp}
    PIDS=() NODE_PIDS=()
    if [ ! -f "$INSTANCE/settings" ]; then
        {
            printf 'APP_KEY=base64:%s\n' "$(head -c 32 /dev/urandom | base64 -w0)"
            printf 'DB_PASSWORD=%s\n' "$(random_password)"
        } >"$INSTANCE/settings"
    fi
    grep -q '^REPLICA_PASSWORD=' "$INSTANCE/settings" || printf 'REPLICA_PASSWORD=%s\n' "$(random_password)" >>"$INSTANCE/settings"
    set -a
    . "$INSTANCE/settings"
    DB_CONNECTION=mariadb DB_DATABASE=bouclier DB_USERNAME=bouclier DB_HOST=127.0.0.1 DB_SOCKET=$(socket_of "$(primary)")
    APP_NAME=Bouclier APP_ENV=${APP_ENV:-production} APP_DEBUG=false LOG_CHANNEL=single
    # What nodes share beside the houses: in the database, or in Redis where the settings say STATE=redis and REDIS_HOST.
    STATE=${STATE:-database} SESSION_DRIVER=$STATE SESSION_ENCRYPT=true QUEUE_CONNECTION=$STATE REDIS_CLIENT=predis CACHE_STORE=file
    SHARED_STORE=$([ "$STATE${NODES:-1}" = database1 ] && echo file || echo "$STATE")
    # Mail goes out where the settings name a server (MAIL_HOST and what belongs to it); else into a log, the stand-in for one.
    MAIL_MAILER=$([ -n "${MAIL_HOST:-}" ] && echo smtp || echo log) MAIL_LOG_CHANNEL=mail
    MAIL_FROM_ADDRESS=${MAIL_FROM_ADDRESS:-office@demo.example} MAIL_FROM_NAME=Bouclier
    LARAVEL_STORAGE_PATH=$INSTANCE/storage
    set +a
    PHOTOS=$LARAVEL_STORAGE_PATH/app/private/photos
    mkdir -p "$LARAVEL_STORAGE_PATH"/{app,framework/cache/data,framework/sessions,framework/views,logs}
}

# Stops what this run started, newest first, and waits until it is gone.
close_instance() {
    local i pid
    for ((i = ${#PIDS[@]} - 1; i >= 0; i--)); do
        pid=${PIDS[i]}
        kill "$pid" 2>/dev/null || true
        wait "$pid" 2>/dev/null || true
    done
    PIDS=() NODE_PIDS=()
    [ "$(cat "$INSTANCE/run/kept-up.pid" 2>/dev/null)" != "$BASHPID" ] || rm -f "$INSTANCE/run/kept-up.pid"
    stop_databases
}

. "$ROOT/bin/fill.sh"
. "$ROOT/bin/databases.sh"
. "$ROOT/bin/web.sh"
