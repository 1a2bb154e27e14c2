# Databases that are copies of each other: which one takes changes, and which follow it. Sourced, never run. Who sources it says how a
# server is reached:
#   on SERVER ...           runs mariadb at it, as its owner
#   dump_of SERVER          writes out what is in it, with the position that stands for
#   address_of SERVER       where the others reach it
# and has REPLICA_PASSWORD and DB_PORT.

# What a server has to be told once, before it follows or is followed: no position counts it.
allow_replicas() {
    on "$1" -e "set sql_log_bin = 0;
        create user if not exists 'replica'@'%' identified by '$REPLICA_PASSWORD';
        alter user 'replica'@'%' identified by '$REPLICA_PASSWORD';
        grant replication slave on *.* to 'replica'@'%';"
}

# One field of how a server follows; nothing where it follows none.
followed() { on "$1" -e 'show slave status\G' | awk -v field="$2:" '$1 == field { print $2 }'; }

# The last change that has come to a server, done there or not.
received() {
    local position
    on "$1" -e 'select 1' >/dev/null 2>&1 || return 1
    position=$(followed "$1" Gtid_IO_Pos)
    [ -n "$position" ] || position=$(on "$1" -N -e 'select @@global.gtid_current_pos')
    printf '%s' "$position"
}

# $1 follows $2 from where it stands.
follow() {
    on "$1" -e "stop slave;
        set global read_only = 1, rpl_semi_sync_master_enabled = 0;
        change master to master_host = '$(address_of "$2")', master_port = $DB_PORT, master_user = 'replica',
            master_password = '$REPLICA_PASSWORD', master_connect_retry = 1, master_use_gtid = slave_pos;
        start slave;"
}

# Whether $1 follows, within ten seconds.
follows() {
    local tries
    for ((tries = 0; tries < 100; tries++)); do
        [ "$(followed "$1" Slave_IO_Running) $(followed "$1" Slave_SQL_Running)" != 'Yes Yes' ] || return 0
        # What went wrong does not get better by waiting.
        [ "$(followed "$1" Last_SQL_Errno)" = 0 ] || return 1
        sleep 0.1
    done
    return 1
}

# What is in $2 is copied to $1, which is empty, and $1 follows from there.
copy_to() {
    { echo 'set sql_log_bin = 0;' && dump_of "$2"; } | on "$1" || return 1
    follow "$1" "$2"
    follows "$1"
}

# $1 takes changes from now on; where $2 is not empty, each is acknowledged when another has it too.
take_changes() { on "$1" -e "set global rpl_semi_sync_master_enabled = $([ -n "${2:-}" ] && echo 1 || echo 0), read_only = 0"; }

# Of those given, the one that has the most takes changes from now on, when it has done all it was sent; the others follow it.
# TAKES_CHANGES is which.
promote() {
    local server position most=-1
    TAKES_CHANGES=
    for server in "$@"; do
        position=$(received "$server") || continue
        if [ "${position##*-}" -gt "$most" ]; then
            most=${position##*-}
            TAKES_CHANGES=$server
        fi
    done
    [ -n "$TAKES_CHANGES" ] || return 1
    position=$(received "$TAKES_CHANGES")
    if [ -n "$(followed "$TAKES_CHANGES" Gtid_IO_Pos)" ]; then
        [ "$(on "$TAKES_CHANGES" -N -e "select master_gtid_wait('$position', 60)")" = 0 ] || return 1
    fi
    on "$TAKES_CHANGES" -e 'stop slave; reset slave all'
    local others=
    for server in "$@"; do
        if [ "$server" != "$TAKES_CHANGES" ] && on "$server" -e 'select 1' >/dev/null 2>&1; then
            follow "$server" "$TAKES_CHANGES"
            others=1
        fi
    done
    take_changes "$TAKES_CHANGES" "$others"
}
