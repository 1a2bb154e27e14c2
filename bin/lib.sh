# Shared by bin/start and bin/test: what is missing is installed, what is stale is built, and a private MariaDB, php-fpm and nginx
# run below var/ on loopback. Sourced, never run.

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

# Each is what was checked, by the sum of its content. What the framework remembers of its packages is found anew: one that has come is not missed.
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

# What of the settings is a secret: no archive holds it.
SECRETS='^[A-Z_]*(KEY|PASSWORD|SECRET|TOKEN)[A-Z_]*='

# An instance is a folder below var/ with its own database, sockets, logs and settings. $1: its name.
open_instance() {
    INSTANCE=$ROOT/var/$1
    mkdir -p "$INSTANCE"/{run,logs,tmp}
    PIDS=()
    if [ ! -f "$INSTANCE/settings" ]; then
        {
            printf 'APP_KEY=base64:%s\n' "$(head -c 32 /dev/urandom | base64 -w0)"
            printf 'DB_PASSWORD=%s\n' "$(head -c 18 /dev/urandom | base64 -w0 | tr '+/' 'ab')"
        } >"$INSTANCE/settings"
    fi
    set -a
    . "$INSTANCE/settings"
    DB_CONNECTION=mariadb DB_DATABASE=bouclier DB_USERNAME=bouclier DB_HOST=127.0.0.1 DB_SOCKET=$INSTANCE/run/mariadb.sock
    APP_NAME=Bouclier APP_ENV=${APP_ENV:-production} APP_DEBUG=false LOG_CHANNEL=single
    SESSION_DRIVER=database SESSION_ENCRYPT=true CACHE_STORE=file QUEUE_CONNECTION=database
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
    PIDS=()
}

# As the owner of the database, over its socket alone: it knows its owner by the user who runs this.
sql() { mariadb --no-defaults --socket="$DB_SOCKET" --user="$(id -un)" "$@"; }

start_database() {
    local data=$INSTANCE/mysql
    if [ ! -d "$data/mysql" ]; then
        rm -rf "$data"
        mariadb-install-db --no-defaults --auth-root-authentication-method=socket --auth-root-socket-user="$(id -un)" --skip-test-db \
            --user="$(id -un)" --datadir="$data" >"$INSTANCE/logs/install-db.log" 2>&1 || fail "The database could not be set up; see $INSTANCE/logs/install-db.log"
    fi
    DB_PORT=$(free_port 33061)
    export DB_PORT
    run_database || fail "The database did not come up; see $INSTANCE/logs/mariadb.log"
    local me owner=root
    me=$(id -un)
    if sql -e 'select 1' >/dev/null 2>&1; then owner=$me; fi
    # Its owner comes in by the socket alone, and nobody else owns it: also where it was set up before that was so.
    mariadb --no-defaults --socket="$DB_SOCKET" --user="$owner" -e "create user if not exists '$me'@'localhost';
        alter user '$me'@'localhost' identified via unix_socket;
        grant all on *.* to '$me'@'localhost' with grant option;
        delete from mysql.global_priv where User='root' and not (Host='localhost' and '$me'='root');
        flush privileges;" || fail 'The owner of the database could not be set'
    sql -e "create database if not exists $DB_DATABASE character set utf8mb4;
        create user if not exists '$DB_USERNAME'@'localhost' identified by '$DB_PASSWORD';
        create user if not exists '$DB_USERNAME'@'127.0.0.1' identified by '$DB_PASSWORD';
        grant all on \`$DB_DATABASE%\`.* to '$DB_USERNAME'@'localhost';
        grant all on \`$DB_DATABASE%\`.* to '$DB_USERNAME'@'127.0.0.1';"
}

# Runs it, in the place and on the port it has, and waits until it answers.
run_database() {
    local data=$INSTANCE/mysql
    rm -f "$DB_SOCKET"
    mariadbd --no-defaults --user="$(id -un)" --datadir="$data" --socket="$DB_SOCKET" --bind-address=127.0.0.1 --port="$DB_PORT" \
        --pid-file="$INSTANCE/run/mariadb.pid" --tmpdir="$INSTANCE/tmp" --character-set-server=utf8mb4 --innodb-buffer-pool-size=64M \
        >"$INSTANCE/logs/mariadb.log" 2>&1 &
    DB_PID=$!
    PIDS+=("$DB_PID")
    local tries=0
    # Whoever it takes for its owner: that it answers is what is asked.
    until mariadb-admin --no-defaults --socket="$DB_SOCKET" ping >/dev/null 2>&1; do
        tries=$((tries + 1))
        [ $tries -lt 300 ] && kill -0 "$DB_PID" 2>/dev/null || return 1
        sleep 0.1
    done
}

# What serves is kept up: what ends by itself is started again where it was. What is given beside is run at once, and then once a day.
keep_up() {
    local next_day=0
    while true; do
        sleep 1
        if [ $# -gt 0 ] && [ "$SECONDS" -ge "$next_day" ]; then
            next_day=$((SECONDS + 86400))
            "$@" || true
        fi
        if ! kill -0 "$DB_PID" 2>/dev/null; then
            say "The database is away: starting it again."
            run_database || say "It did not come up; see $INSTANCE/logs/mariadb.log"
        fi
        if ! kill -0 "$FPM_PID" 2>/dev/null; then run_fpm; fi
        if ! kill -0 "$NGINX_PID" 2>/dev/null; then run_nginx; fi
        if ! kill -0 "$WORKER_PID" 2>/dev/null; then run_worker; fi
    done
}

# A certificate for the name $1 in the instance, made once; whoever opens the page has to trust it.
make_certificate() {
    local at=$INSTANCE/tls
    mkdir -p "$at"
    [ -e "$at/$1.pem" ] || openssl req -x509 -newkey rsa:2048 -nodes -days 825 -subj "/CN=$1" -addext "subjectAltName=DNS:$1,IP:127.0.0.1" \
        -keyout "$at/$1.key" -out "$at/$1.pem" 2>/dev/null || fail "No certificate could be made for $1"
    CERTIFICATE=$at/$1.pem
    CERTIFICATE_KEY=$at/$1.key
}

run_fpm() {
    local root_flag=()
    [ "$(id -u)" != 0 ] || root_flag=(-R)
    php-fpm8.2 "${root_flag[@]}" -y "$INSTANCE/run/fpm.conf" >>"$INSTANCE/logs/fpm.log" 2>&1 &
    FPM_PID=$!
    PIDS+=("$FPM_PID")
}

# What is done beside requests: mail first. It ends once an hour, and whoever keeps it up starts it anew.
run_worker() {
    php artisan queue:work --name="$INSTANCE/run/worker" --queue=mail,default --sleep=0.5 --timeout=110 ${WORKER_ENDS:-} --memory=256 --no-interaction >>"$INSTANCE/logs/worker.log" 2>&1 &
    WORKER_PID=$!
    PIDS+=("$WORKER_PID")
}

run_nginx() {
    nginx -c "$INSTANCE/run/nginx.conf" -e "$INSTANCE/logs/nginx.log" >>"$INSTANCE/logs/nginx.log" 2>&1 &
    NGINX_PID=$!
    PIDS+=("$NGINX_PID")
}

# nginx and php-fpm for the application, on the first free port at or above $1. With CERTIFICATE set it is served by https; SERVE_NAME is the name it
# answers to, SERVE_ON the address it listens on: loopback unless said otherwise.
start_web() {
    local run=$INSTANCE/run user= name=${SERVE_NAME:-127.0.0.1} scheme=http tls= listen=
    WEB_PORT=$(free_port "$1")
    if [ -n "${CERTIFICATE:-}" ]; then
        scheme=https
        listen=' ssl'
        tls="ssl_certificate $CERTIFICATE; ssl_certificate_key $CERTIFICATE_KEY; ssl_protocols TLSv1.2 TLSv1.3;"
        export SESSION_SECURE_COOKIE=true
    fi
    export APP_URL=$scheme://$name:$WEB_PORT
    cat >"$run/fpm.conf" <<CONF
[global]
daemonize = no
error_log = $INSTANCE/logs/fpm.log
[app]
listen = $run/fpm.sock
pm = static
pm.max_children = 4
clear_env = no
php_admin_value[opcache.enable] = 1
php_admin_value[opcache.validate_timestamps] = ${SERVE_CHECKS_CODE:-1}
php_admin_value[opcache.revalidate_freq] = 0
php_admin_value[opcache.max_accelerated_files] = 20000
php_admin_value[memory_limit] = 256M
php_admin_value[max_execution_time] = 120
php_admin_value[upload_max_filesize] = 9M
php_admin_value[post_max_size] = 10M
CONF
    if [ "$(id -u)" = 0 ]; then
        user='user root;'
        printf 'user = root\ngroup = root\n' >>"$run/fpm.conf"
    fi
    cat >"$run/nginx.conf" <<CONF
$user
daemon off;
worker_processes 1;
pid $run/nginx.pid;
error_log $INSTANCE/logs/nginx.log;
events { worker_connections 256; }
http {
    types {
        text/html html; text/plain txt; text/css css; text/javascript js mjs; image/svg+xml svg; image/png png;
        font/woff2 woff2; application/json json map; application/manifest+json webmanifest; application/wasm wasm;
    }
    default_type application/octet-stream;
    charset utf-8;
    access_log off;
    client_max_body_size 10m;
    client_body_temp_path $INSTANCE/tmp/body;
    proxy_temp_path $INSTANCE/tmp/proxy;
    fastcgi_temp_path $INSTANCE/tmp/fastcgi;
    uwsgi_temp_path $INSTANCE/tmp/uwsgi;
    scgi_temp_path $INSTANCE/tmp/scgi;
    gzip on;
    gzip_types text/css text/javascript application/json image/svg+xml;
    # Large files are packed once, when they are built.
    gzip_static on;
    # Asked for by another name: nobody is at home.
    server {
        listen ${SERVE_ON:-127.0.0.1}:$WEB_PORT$listen default_server;
        server_name _;
        $tls
        return 444;
    }
    server {
        listen ${SERVE_ON:-127.0.0.1}:$WEB_PORT$listen;
        server_name $name;
        $tls
        root $ROOT/public;
        location /build/assets/ { expires max; add_header Cache-Control immutable; add_header X-Content-Type-Options nosniff; }
        # At the root, for all pages; asked for anew each time, so that a newer one is noticed.
        location = /sw.js { alias $ROOT/public/build/sw.js; add_header Cache-Control no-cache; add_header X-Content-Type-Options nosniff; }
        # The engine reaches nothing but this server, and runs no code but its own.
        location /engine/ {
            add_header Content-Security-Policy "default-src 'none'; script-src 'self' 'wasm-unsafe-eval'; connect-src 'self'";
            add_header X-Content-Type-Options nosniff;
            add_header Cache-Control "no-cache";
        }
        location / { try_files \$uri /index.php\$is_args\$args; }
        location = /index.php {
            fastcgi_pass unix:$run/fpm.sock;
            fastcgi_read_timeout 150s;
            fastcgi_param SCRIPT_FILENAME \$document_root/index.php;
            fastcgi_param SCRIPT_NAME /index.php;
            fastcgi_param REQUEST_METHOD \$request_method;
            fastcgi_param REQUEST_URI \$request_uri;
            fastcgi_param QUERY_STRING \$query_string;
            fastcgi_param CONTENT_TYPE \$content_type;
            fastcgi_param CONTENT_LENGTH \$content_length;
            fastcgi_param SERVER_PROTOCOL \$server_protocol;
            fastcgi_param SERVER_NAME $name;
            fastcgi_param HTTPS \$https if_not_empty;
            fastcgi_param SERVER_PORT $WEB_PORT;
            fastcgi_param REMOTE_ADDR \$remote_addr;
        }
    }
}
CONF
    # Counters begin anew at a start.
    rm -rf "$LARAVEL_STORAGE_PATH/app/metrics"
    run_fpm
    run_nginx
    run_worker
    local tries=0
    until php -r 'exit(@file_get_contents($argv[1], false, stream_context_create(["http" => ["header" => "Host: $argv[2]"], "ssl" => ["verify_peer" => false, "verify_peer_name" => false]])) === false ? 1 : 0);' \
        "$scheme://${SERVE_ON:-127.0.0.1}:$WEB_PORT/up" "$name:$WEB_PORT"; do
        tries=$((tries + 1))
        [ $tries -lt 100 ] || fail "The application does not answer; see $INSTANCE/logs and $LARAVEL_STORAGE_PATH/logs"
        sleep 0.1
    done
}
