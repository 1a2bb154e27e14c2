#!/usr/bin/env bash
# What deploy/configure writes is run as it is, all machines on addresses of loopback: databases joined, moved, lost and put in their
# place again, two nodes, nginx.
set -euo pipefail
. "$(dirname "${BASH_SOURCE[0]}")/../bin/lib.sh"

install_packages redis-server
install_dependencies
WORK=$ROOT/var/deploy
rm -rf "$WORK"
mkdir -p "$WORK"/{run,logs,tmp,storage/app,storage/framework/cache/data,storage/framework/views,storage/logs}
PIDS=()
gone() {
    local pid
    for pid in "${PIDS[@]}"; do kill "$pid" 2>/dev/null || true; done
    for pid in "${PIDS[@]}"; do wait "$pid" 2>/dev/null || true; done
    rm -rf "$WORK"
}
trap gone EXIT
quietly() { "$@" >"$WORK/log" 2>&1 || { cat "$WORK/log"; fail "failed: $*"; }; }
refuses() { if "$@" >"$WORK/log" 2>&1; then fail "should have been refused: $*"; fi; }

MACHINES=$WORK/machines
FIRST=127.0.0.21 SECOND=127.0.0.22
cat >"$MACHINES" <<CONF
NAME=127.0.0.1
FRONT=127.0.0.1
STATE=redis
REDIS_HOST=127.0.0.41
NODES="127.0.0.31 127.0.0.32"
DATABASES="$FIRST $SECOND"
SERVE_ON=127.0.0.1
CHECKOUT=$ROOT
STORAGE=$WORK/storage
FILES=$WORK/files
SETTINGS=$WORK/made/node-127.0.0.31
DATA=$WORK/data RUN=$WORK/run LOGS=$WORK/logs TMP=$WORK/tmp
WEB_PORT=$(free_port 28380) NODE_PORT=$(free_port 29000) DB_PORT=$(free_port 33090)
CHILDREN=2
POOL=64M
CONF
quietly bash deploy/configure "$MACHINES" "$WORK/made"
. "$MACHINES"
. "$MACHINES.secrets"
if grep -rn '@[A-Z_]*@' "$WORK/made" | grep -v '@SECONDS@'; then fail 'A template was left unfilled'; fi

# On one machine each needs a place of its own, and everything is the user's who runs this.
database() {
    mariadbd --defaults-file="$WORK/made/database-$1/bouclier.cnf" --datadir="$WORK/data-$1" --socket="$WORK/run/$1.sock" \
        --user="$(id -un)" >"$WORK/logs/$1.log" 2>&1 &
    eval "PID_${1##*.}=$!"
    PIDS+=("$!")
    local tries=0
    until mariadb-admin --no-defaults --socket="$WORK/run/$1.sock" ping >/dev/null 2>&1; do
        tries=$((tries + 1))
        [ $tries -lt 300 ] || { tail "$WORK/logs/$1.log" && fail "The database at $1 did not come up"; }
        sleep 0.1
    done
}
empty_database() {
    quietly mariadb-install-db --no-defaults --auth-root-authentication-method=socket --auth-root-socket-user="$(id -un)" --skip-test-db \
        --user="$(id -un)" --datadir="$WORK/data-$1"
    database "$1"
    mariadb --no-defaults --socket="$WORK/run/$1.sock" --user="$(id -un)" <"$WORK/made/database-$1/begin.sql" 2>/dev/null \
        || mariadb --no-defaults --socket="$WORK/run/$1.sock" --user=root <"$WORK/made/database-$1/begin.sql"
}
empty_database $FIRST
empty_database $SECOND
quietly bash deploy/join "$MACHINES"
refuses bash deploy/join "$MACHINES"
quietly bash deploy/join "$MACHINES" $SECOND

redis-server --bind 127.0.0.41 --port 6379 --save '' --dir "$WORK/tmp" >"$WORK/logs/redis.log" 2>&1 &
PIDS+=("$!")

root=()
if [ "$(id -u)" = 0 ]; then
    root=(-R)
    sed -i 's/www-data/root/' "$WORK"/made/node-*/fpm.conf "$WORK/made/front/nginx.conf"
else
    sed -i '/www-data/d' "$WORK"/made/node-*/fpm.conf "$WORK/made/front/nginx.conf"
fi
set -a
. "$WORK/made/node-127.0.0.31/settings"
set +a
quietly php artisan migrate --force --no-interaction
for node in $NODES; do
    php-fpm8.2 "${root[@]}" -y "$WORK/made/node-$node/fpm.conf" >>"$WORK/logs/fpm.log" 2>&1 &
    PIDS+=("$!")
done
nginx -c "$WORK/made/front/nginx.conf" -e "$WORK/logs/nginx.log" >>"$WORK/logs/nginx.log" 2>&1 &
PIDS+=("$!")

# What /up says of the databases, within twenty seconds. $1: how it has to answer; then a server and how it stands, each.
stands() {
    local status=$1 said tries
    shift
    for ((tries = 0; tries < 100; tries++)); do
        said=$(php -r '$said = (string) @file_get_contents($argv[1], false, stream_context_create(["http" => ["ignore_errors" => true]]));
            $servers = json_decode($said, true)["servers"] ?? [];
            echo explode(" ", $http_response_header[0] ?? "no answer 0")[1];
            foreach ($servers as $server) { echo " $server[server]=", strtr($server["stands"], " ", "-"); }' "$APP_URL/up")
        [ "$said" != "$status $*" ] || return 0
        sleep 0.2
    done
    fail "/up says $said, not $status $*"
}
stands 200 $FIRST=takes-changes $SECOND=follows
quietly php artisan db:seed --class=DemoSeeder --force --no-interaction
# A copy is really read: it is asked for the houses.
asked() { mariadb --no-defaults --socket="$WORK/run/$SECOND.sock" --user="$(id -un)" -N -e "select sum(rows_read) from information_schema.table_statistics
    where table_schema = 'bouclier' and table_name = 'houses'"; }
mariadb --no-defaults --socket="$WORK/run/$SECOND.sock" --user="$(id -un)" -e 'set global userstat = 1'
# Signed in once, by whichever node; sessions are in Redis.
quietly node tests/deploy.mjs "$APP_URL"
[[ $(asked) =~ ^[1-9] ]] || fail 'The list of houses was not read from the copy'
[ "$(mariadb --no-defaults --socket="$WORK/run/$FIRST.sock" --user="$(id -un)" -N bouclier -e 'select count(*) from sessions')" = 0 ] \
    || fail 'A session is in the database'
quietly bash deploy/promote "$MACHINES" $SECOND
stands 200 $FIRST=follows $SECOND=takes-changes
refuses bash deploy/promote "$MACHINES"
quietly node tests/deploy.mjs "$APP_URL"
kill -9 "$PID_22"
stands 503 $FIRST=stopped-following $SECOND=away
quietly bash deploy/promote "$MACHINES"
stands 200 $FIRST=takes-changes-alone $SECOND=away
rm -rf "$WORK/data-$SECOND"
empty_database $SECOND
quietly bash deploy/join "$MACHINES" $SECOND
stands 200 $FIRST=takes-changes $SECOND=follows
mkdir -p "$FILES/photos/house"
echo picture >"$FILES/photos/house/one.jpg"
archive=$(bash deploy/backup "$MACHINES" "$WORK/backups" 1)
[ "$(tar -xzOf "$archive" ./database.sql | grep -c 'By one of two nodes')" -gt 0 ] || fail 'The archive lacks a change'
[ "$(tar -xzOf "$archive" ./photos/house/one.jpg)" = picture ] || fail 'The archive lacks a photograph'
if tar -xzOf "$archive" ./settings | grep .; then fail 'The archive holds settings of machines'; fi
quietly php artisan houses:files "$WORK/tmp"
[ "$(ls "$WORK"/tmp/*.json | wc -l)" = 1 ] || fail 'The house is not there any more'
[ "$(cat "$WORK"/tmp/*.json | grep -o 'By one of two nodes' | wc -l)" = 12 ] || fail 'A change is not there any more'
say 'What deploy/configure wrote runs, and its databases took each other'"'"'s place with the house in them.'
