# Reads a file like machines.example, and says how its databases are reached. Sourced by the scripts beside it, never run.

ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
cd "$ROOT"
umask 077

say() { printf '%s\n' "$*" >&2; }
fail() {
    say "$*"
    exit 1
}

. bin/fill.sh
. bin/replication.sh

# $1: the file.
read_machines() {
    [ -f "${1:-}" ] || fail "There is no ${1:-file of machines}: see deploy/machines.example"
    CHECKOUT=/opt/bouclier STORAGE=/var/lib/bouclier FILES=/srv/bouclier SETTINGS=/etc/bouclier DATA=/var/lib/mysql
    RUN=/run/bouclier LOGS=/var/log/bouclier TMP=/var/tmp STATE=database REDIS_HOST=''
    WEB_PORT=443 NODE_PORT=9000 DB_PORT=3306 CHILDREN=8 POOL=2G CERTIFICATE='' CERTIFICATE_KEY='' SECRET_FILE=$1.secrets
    . "$1"
    local wanted
    for wanted in NAME FRONT NODES DATABASES; do [ -n "${!wanted:-}" ] || fail "$1 does not say $wanted"; done
    if [ ! -f "$SECRET_FILE" ]; then
        {
            printf 'APP_KEY=base64:%s\n' "$(head -c 32 /dev/urandom | base64 -w0)"
            for wanted in DB_PASSWORD REPLICA_PASSWORD OWNER_PASSWORD METRICS_TOKEN; do
                printf '%s=%s\n' "$wanted" "$(head -c 18 /dev/urandom | base64 -w0 | tr '+/' 'ab')"
            done
        } >"$SECRET_FILE"
    fi
    . "$SECRET_FILE"
}

# As the owner, whose password no list of processes shows.
client() {
    local program=$1 server=$2
    shift 2
    "$program" --defaults-extra-file=<(printf '[client]\nuser=owner\npassword=%s\n' "$OWNER_PASSWORD") --host="$server" --port="$DB_PORT" \
        "$@"
}
on() { client mariadb "$1" --connect-timeout=5 "${@:2}"; }
dump_of() { client mariadb-dump "$1" --single-transaction --hex-blob --gtid --master-data=1 --databases bouclier; }
address_of() { printf '%s' "$1"; }

# The one that takes changes; nothing where none does.
takes_changes() {
    local server
    for server in $DATABASES; do
        if [ "$(on "$server" -N -e 'select @@global.read_only' 2>/dev/null)" = 0 ]; then printf '%s' "$server" && return 0; fi
    done
}
