# nginx, the application nodes and the worker of an instance. Sourced by lib.sh.

# A certificate for the name $1 in the instance, made once; whoever opens the page has to trust it.
make_certificate() {
    local at=$INSTANCE/tls
    mkdir -p "$at"
    [ -e "$at/$1.pem" ] || openssl req -x509 -newkey rsa:2048 -nodes -days 825 -subj "/CN=$1" -addext "subjectAltName=DNS:$1,IP:127.0.0.1" \
        -keyout "$at/$1.key" -out "$at/$1.pem" 2>/dev/null || fail "No certificate could be made for $1"
    CERTIFICATE=$at/$1.pem
    CERTIFICATE_KEY=$at/$1.key
}

# Number $1 of the application nodes.
run_node() {
    local root_flag=()
    [ "$(id -u)" != 0 ] || root_flag=(-R)
    # One that comes back has its code translated still.
    php-fpm8.2 "${root_flag[@]}" -d opcache.file_cache="$INSTANCE/tmp/code" -y "$INSTANCE/run/fpm-$1.conf" >>"$INSTANCE/logs/fpm.log" 2>&1 &
    NODE_PIDS[$1]=$!
    PIDS+=("$!")
}

declare -A WORKER_PIDS

# What is done beside requests, of the queue $1: mail waits for nothing that is worked out. It ends once an hour, and whoever keeps it up
# starts it anew.
run_worker() {
    php artisan queue:work --name="$INSTANCE/run/worker" --queue="$1" --sleep=0.5 --timeout=110 ${WORKER_ENDS:-} --memory=256 \
        --no-interaction >>"$INSTANCE/logs/worker.log" 2>&1 &
    WORKER_PIDS[$1]=$!
    PIDS+=("$!")
}

run_nginx() {
    nginx -c "$INSTANCE/run/nginx.conf" -e "$INSTANCE/logs/nginx.log" >>"$INSTANCE/logs/nginx.log" 2>&1 &
    NGINX_PID=$!
    PIDS+=("$NGINX_PID")
}

# nginx and as many application nodes as NODES says, on the first free port at or above $1. With CERTIFICATE set it is served by https;
# SERVE_NAME is the name it answers to, SERVE_ON the address it listens on: loopback unless said otherwise.
start_web() {
    WEB_PORT=$(free_port "$1")
    write_web_settings
    # Counters begin anew at a start, and code is read anew.
    rm -rf "$LARAVEL_STORAGE_PATH/app/metrics" "$INSTANCE/tmp/code"
    mkdir -p "$INSTANCE/tmp/code"
    local number tries=0
    for ((number = 1; number <= ${NODES:-1}; number++)); do
        rm -f "$INSTANCE/run/fpm-$number.sock"
        run_node "$number"
    done
    # A node that nginx has found away is left out for seconds.
    for ((number = 1; number <= ${NODES:-1}; number++)); do
        until [ -S "$INSTANCE/run/fpm-$number.sock" ]; do
            tries=$((tries + 1))
            [ $tries -lt 100 ] || fail "A node did not come up; see $INSTANCE/logs/fpm.log"
            sleep 0.1
        done
    done
    tries=0
    run_nginx
    run_worker mail
    run_worker default
    until php -r '$ssl = ["verify_peer" => false, "verify_peer_name" => false];
        $asks = stream_context_create(["http" => ["header" => "Host: $argv[2]"], "ssl" => $ssl]);
        exit(@file_get_contents($argv[1], false, $asks) === false ? 1 : 0);' \
        "${APP_URL%%://*}://${SERVE_ON:-127.0.0.1}:$WEB_PORT/up" "${APP_URL#*://}"; do
        tries=$((tries + 1))
        [ $tries -lt 100 ] || fail "The application does not answer; see $INSTANCE/logs and $LARAVEL_STORAGE_PATH/logs"
        sleep 0.1
    done
}

# What nginx and each node are told, and APP_URL.
write_web_settings() {
    local RUN=$INSTANCE/run LOGS=$INSTANCE/logs TMP=$INSTANCE/tmp NAME=${SERVE_NAME:-127.0.0.1} SERVE_ON=${SERVE_ON:-127.0.0.1}
    local NODE_ROOT=$ROOT USER= AS= SSL= TLS= NODES_LISTED= LISTEN ALLOWED= CHILDREN=${NODE_CHILDREN:-4}
    local CHECKS_CODE=${SERVE_CHECKS_CODE:-1} scheme=http number
    if [ -n "${CERTIFICATE:-}" ]; then
        scheme=https
        SSL=' ssl'
        TLS="ssl_certificate $CERTIFICATE; ssl_certificate_key $CERTIFICATE_KEY; ssl_protocols TLSv1.2 TLSv1.3;"
        export SESSION_SECURE_COOKIE=true
    fi
    export APP_URL=$scheme://$NAME:$WEB_PORT
    if [ "$(id -u)" = 0 ]; then
        USER='user root;'
        AS=$'user = root\ngroup = root'
    fi
    for ((number = 1; number <= ${NODES:-1}; number++)); do
        LISTEN=$RUN/fpm-$number.sock
        NODES_LISTED+="server unix:$LISTEN max_fails=1 fail_timeout=2s; "
        fill deploy/fpm.conf >"$RUN/fpm-$number.conf"
    done
    fill deploy/nginx.conf >"$RUN/nginx.conf"
}

# Whether somebody keeps the instance up: what is away then comes back by itself.
is_kept_up() { kill -0 "$(cat "$INSTANCE/run/kept-up.pid" 2>/dev/null)" 2>/dev/null; }

# What serves is kept up: what ends by itself is started again where it was. What is given beside is run at once, and then once a day; an
# hour later where it failed.
keep_up() {
    local next_day=0 number queue again=$INSTANCE/run/daily-again
    printf '%s' "$BASHPID" >"$INSTANCE/run/kept-up.pid"
    rm -rf "$INSTANCE"/run/copying-* "$again"
    while true; do
        sleep 1
        if [ $# -gt 0 ] && [ "$SECONDS" -ge "$next_day" ]; then
            next_day=$((SECONDS + 86400))
            # Beside: it may take minutes.
            { "$@" || : >"$again"; } &
        fi
        if [ -e "$again" ]; then
            rm -f "$again"
            next_day=$((SECONDS + 3600))
        fi
        keep_databases
        for number in "${!NODE_PIDS[@]}"; do
            kill -0 "${NODE_PIDS[$number]}" 2>/dev/null || run_node "$number"
        done
        kill -0 "$NGINX_PID" 2>/dev/null || run_nginx
        for queue in "${!WORKER_PIDS[@]}"; do
            kill -0 "${WORKER_PIDS[$queue]}" 2>/dev/null || run_worker "$queue"
        done
    done
}
