# The database of an instance, or several on addresses of loopback that are copies of each other. Sourced by lib.sh.

. "$ROOT/bin/replication.sh"

# They have numbers: the first is there wherever there is one, under the plain names.
numbered() { [ "$2" = 1 ] && printf '%s' "$1" || printf '%s-%s' "$1" "$2"; }
data_of() { numbered "$INSTANCE/mysql" "$1"; }
socket_of() { printf '%s.sock' "$(numbered "$INSTANCE/run/mariadb" "$1")"; }
log_of() { printf '%s.log' "$(numbered "$INSTANCE/logs/mariadb" "$1")"; }
address_of() { printf '127.0.0.%s' "$1"; }

# Over its socket alone, as its owner: it knows its owner by the user who runs this.
on() {
    local number=$1
    shift
    mariadb --no-defaults --socket="$(socket_of "$number")" --user="$(id -un)" "$@"
}
dump() {
    local number=$1
    shift
    mariadb-dump --no-defaults --socket="$(socket_of "$number")" --user="$(id -un)" --single-transaction --hex-blob "$@"
}
dump_of() { dump "$1" --gtid --master-data=1 --databases "$DB_DATABASE"; }

# The one that takes changes, and what is said to it.
primary() { cat "$INSTANCE/primary" 2>/dev/null || printf 1; }
sql() { on "$(primary)" "$@"; }
set_primary() {
    printf '%s' "$1" >"$INSTANCE/primary.part"
    mv "$INSTANCE/primary.part" "$INSTANCE/primary"
}

# Whether number $1 runs: it may be nobody's child by now, and one that ended and was not asked for is still listed.
runs() {
    local pid
    pid=$(cat "$INSTANCE/run/database-$1.pid" 2>/dev/null) && [ "$(cat "/proc/$pid/comm" 2>/dev/null)" = mariadbd ] \
        && ! grep -q '^State:[[:space:]]*Z' "/proc/$pid/status" 2>/dev/null
}

# An empty one, where there is none.
make_database() {
    local data
    data=$(data_of "$1")
    [ ! -d "$data/mysql" ] || return 0
    rm -rf "$data"
    mariadb-install-db --no-defaults --auth-root-authentication-method=socket --auth-root-socket-user="$(id -un)" --skip-test-db \
        --user="$(id -un)" --datadir="$data" >"$INSTANCE/logs/install-db.log" 2>&1 \
        || fail "The database could not be set up; see $INSTANCE/logs/install-db.log"
}

# Runs number $1, and waits until it answers.
run_database() {
    local socket tries=0
    socket=$(socket_of "$1")
    rm -f "$socket"
    if [ "${REPLICAS:-0}" = 0 ]; then
        set -- "$1" --no-defaults --datadir="$(data_of "$1")" --socket="$socket" --bind-address=127.0.0.1 --port="$DB_PORT" \
            --tmpdir="$INSTANCE/tmp" --innodb-use-native-aio=0 --character-set-server=utf8mb4 --innodb-buffer-pool-size="${DB_POOL:-64M}"
    else
        local NUMBER=$1 DATA SOCKET=$socket ADDRESS PORT=$DB_PORT TMP=$INSTANCE/tmp POOL=${DB_POOL:-64M}
        DATA=$(data_of "$1") ADDRESS=$(address_of "$1")
        fill deploy/mariadb.cnf >"$INSTANCE/run/mariadb-$1.cnf"
        set -- "$1" --defaults-file="$INSTANCE/run/mariadb-$1.cnf"
    fi
    mariadbd "${@:2}" --user="$(id -un)" --pid-file="$INSTANCE/run/mariadb-$1.pid" >"$(log_of "$1")" 2>&1 &
    printf '%s' "$!" >"$INSTANCE/run/database-$1.pid"
    # Whoever it takes for its owner: that it answers is what is asked.
    until mariadb-admin --no-defaults --socket="$socket" ping >/dev/null 2>&1; do
        tries=$((tries + 1))
        [ $tries -lt 300 ] && runs "$1" || return 1
        sleep 0.1
    done
}

# Its owner comes in by the socket alone, and nobody else owns it: also where it was set up before that was so.
own_database() {
    local me owner=root
    me=$(id -un)
    if on "$1" -e 'select 1' >/dev/null 2>&1; then owner=$me; fi
    mariadb --no-defaults --socket="$(socket_of "$1")" --user="$owner" -e "set sql_log_bin = 0;
        create user if not exists '$me'@'localhost';
        alter user '$me'@'localhost' identified via unix_socket;
        grant all on *.* to '$me'@'localhost' with grant option;
        delete from mysql.global_priv where User='root' and not (Host='localhost' and '$me'='root');
        flush privileges;" || fail 'The owner of the database could not be set'
    # How it follows another is all the application may know beyond its own.
    on "$1" -e "set sql_log_bin = 0;
        create user if not exists '$DB_USERNAME'@'localhost' identified by '$DB_PASSWORD';
        create user if not exists '$DB_USERNAME'@'127.0.0.1' identified by '$DB_PASSWORD';
        grant all on \`$DB_DATABASE%\`.* to '$DB_USERNAME'@'localhost';
        grant all on \`$DB_DATABASE%\`.* to '$DB_USERNAME'@'127.0.0.1';
        grant slave monitor on *.* to '$DB_USERNAME'@'localhost';
        grant slave monitor on *.* to '$DB_USERNAME'@'127.0.0.1';"
}

# Brings the database up, and as many copies beside it as REPLICAS says.
start_database() {
    local number first
    first=$(primary)
    DB_PORT=$(free_port 33061)
    export DB_PORT
    for number in 1 2 3 4 5 6 7 8 9; do
        ! runs "$number" || fail "A database of $INSTANCE runs already"
    done
    STARTED_DATABASES=1
    # What changes while it runs alone comes to no copy, and nothing would tell them.
    if [ "${REPLICAS:-0}" = 0 ]; then
        for number in 1 2 3 4 5 6 7 8 9; do [ "$number" = "$first" ] || put_aside "$number"; done
    fi
    make_database "$first"
    # One that ended by itself is begun once more: somebody may have taken its port between the asking and the taking.
    run_database "$first" || { ! runs "$first" && DB_PORT=$(free_port $((DB_PORT + 1))) && run_database "$first"; } \
        || fail "The database did not come up; its log ends so: $(tail -n 12 "$(log_of "$first")")"
    own_database "$first"
    [ "${REPLICAS:-0}" = 0 ] || take_changes "$first"
    sql -e "create database if not exists $DB_DATABASE character set utf8mb4"
    [ "${REPLICAS:-0}" != 0 ] || return 0
    [ -n "${REPLICA_PASSWORD:-}" ] || fail "REPLICA_PASSWORD is missing in $INSTANCE/settings"
    allow_replicas "$first"
    DB_HOST=$(address_of "$first")
    for number in $(copies); do
        bring_back "$number" || fail "Database $number does not follow; see $(log_of "$number")"
        DB_HOST=$DB_HOST,$(address_of "$number")
    done
    # Not by the socket of one of them: which one takes changes is found among the addresses.
    export DB_SOCKET=
}

# The numbers of those that follow.
copies() {
    local number first
    first=$(primary)
    for ((number = 1; number <= ${REPLICAS:-0} + 1; number++)); do [ "$number" = "$first" ] || printf '%s\n' "$number"; done
}

# Number $1 follows again: from where it stood, or, where that does not go with what the others have, copied anew. What it had is put aside.
bring_back() {
    local data first
    data=$(data_of "$1") first=$(primary)
    if [ -d "$data/mysql" ] && run_database "$1" && follow "$1" "$first" && follows "$1"; then
        take_changes "$first" semi-synchronously
        return 0
    fi
    stop_database "$1"
    put_aside "$1"
    make_database "$1"
    run_database "$1" || return 1
    own_database "$1"
    allow_replicas "$1"
    copy_to "$1" "$first" || return 1
    take_changes "$first" semi-synchronously
}

# What number $1 had, one of each is kept of.
put_aside() {
    local data
    data=$(data_of "$1")
    [ -d "$data" ] || return 0
    rm -rf "$data.aside"
    mv "$data" "$data.aside"
}

stop_database() {
    local tries
    ! runs "$1" || kill "$(cat "$INSTANCE/run/database-$1.pid")" 2>/dev/null || true
    for ((tries = 0; tries < 600; tries++)); do runs "$1" && sleep 0.1 || break; done
    # What is stuck at its start does not hear that it is to end.
    while runs "$1"; do
        kill -9 "$(cat "$INSTANCE/run/database-$1.pid")" 2>/dev/null || true
        sleep 0.1
    done
    rm -f "$INSTANCE/run/database-$1.pid"
}

# Those that this run started.
stop_databases() {
    local file
    [ -n "${STARTED_DATABASES:-}" ] || return 0
    STARTED_DATABASES=
    for file in "$INSTANCE"/run/database-*.pid; do
        [ ! -e "$file" ] || stop_database "$(basename "$file" .pid | cut -d- -f2)"
    done
}

# Number $1 follows again; where that fails it is tried anew after a while.
keep_copy() {
    if ! bring_back "$1"; then
        say "Database $1 does not follow; see $(log_of "$1")"
        on "$1" -e 'show slave status\G' | grep -E 'Running|Err' >&2 || true
        stop_database "$1"
        sleep 20
    fi
    rmdir "$INSTANCE/run/copying-$1"
}

# One that runs and has not answered for half a minute is ended: then it is one that is away.
end_stuck() {
    local number
    for number in $(primary) $(copies); do
        if ! runs "$number" || [ -d "$INSTANCE/run/copying-$number" ] \
            || timeout 5 mariadb-admin --no-defaults --socket="$(socket_of "$number")" ping >/dev/null 2>&1; then
            SILENT[$number]=$SECONDS
        elif [ $((SECONDS - ${SILENT[$number]:-$SECONDS})) -ge 30 ]; then
            say "Database $number does not answer."
            kill -9 "$(cat "$INSTANCE/run/database-$number.pid")"
            sleep 0.2
        fi
    done
}

# What ended by itself is there again. Where there are copies, the one that took changes is not waited for: another takes them, and what
# it had beyond them, acknowledged to nobody, is put aside.
keep_databases() {
    local number first
    first=$(primary)
    end_stuck
    if ! runs "$first"; then
        say "The database is away: $([ "${REPLICAS:-0}" = 0 ] && echo 'starting it again' || echo 'another takes its place')."
        if [ "${REPLICAS:-0}" != 0 ] && promote $(copies); then
            set_primary "$TAKES_CHANGES"
            put_aside "$first"
            say "Database $TAKES_CHANGES takes changes now."
        elif run_database "$first"; then
            [ "${REPLICAS:-0}" = 0 ] || take_changes "$first"
        else
            say "It did not come up; see $(log_of "$first")"
        fi
    fi
    [ "${REPLICAS:-0}" != 0 ] || return 0
    for number in $(copies); do
        # A large one takes minutes: it is copied beside what else is kept up, by one at a time.
        if ! runs "$number" && mkdir "$INSTANCE/run/copying-$number" 2>/dev/null; then
            keep_copy "$number" >>"$INSTANCE/logs/copying.log" 2>&1 &
        fi
    done
}
