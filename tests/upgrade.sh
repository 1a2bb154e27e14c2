#!/usr/bin/env bash
# The data of the version that landed last is brought up to this one, and that version goes on beside it: nothing it reads or writes is
# gone, what it wrote it can write again, and each house is what it was. tests/upgrade/landed.tar.gz holds that version's database and the
# files of its houses.
#   tests/upgrade.sh
#   tests/upgrade.sh --keep     makes that archive anew from this version: done when it has landed
set -euo pipefail
. "$(dirname "${BASH_SOURCE[0]}")/../bin/lib.sh"

KEPT=$ROOT/tests/upgrade/landed.tar.gz
WORK=$(mktemp -d)
install_packages
install_dependencies
rm -rf var/upgrade
open_instance upgrade
trap 'close_instance; rm -rf "$WORK" "$ROOT/var/upgrade"' EXIT
start_database
quietly() { "$@" >"$WORK/log" 2>&1 || { cat "$WORK/log"; fail "failed: $*"; }; }

if [ "${1:-}" = --keep ]; then
    quietly php artisan migrate --force --no-interaction
    quietly php artisan db:seed --class=DemoSeeder --force --no-interaction
    quietly php tests/upgrade/work.php
    mkdir "$WORK/houses"
    quietly php artisan houses:files "$WORK/houses"
    dump() { mariadb-dump --no-defaults --socket="$DB_SOCKET" --user="$(id -un)" --hex-blob --complete-insert --skip-dump-date "$@"; }
    dump --no-data "$DB_DATABASE" >"$WORK/schema.sql"
    dump --no-create-info "$DB_DATABASE" migrations >"$WORK/migrations.sql"
    dump --no-create-info --ignore-table="$DB_DATABASE.migrations" "$DB_DATABASE" >"$WORK/data.sql"
    tar -C "$WORK" --owner=0 --group=0 --mtime=@0 -cf - schema.sql migrations.sql data.sql houses | gzip -n >"$KEPT"
    say "Kept in $KEPT."
    exit 0
fi

tar -C "$WORK" -xzf "$KEPT"
cat "$WORK"/{schema,migrations,data}.sql | sql "$DB_DATABASE"
columns() {
    sql -N -e "select table_name, column_name, column_type, is_nullable, column_default is not null or extra like '%auto_increment%',
            coalesce(generation_expression, '') != ''
        from information_schema.columns where table_schema = '$DB_DATABASE' order by 1, 2"
}
columns >"$WORK/before"
quietly php artisan migrate --force --no-interaction
columns >"$WORK/after"

# Expand, then contract: what the version before reads is there as it was, and a row it writes lacks nothing.
awk -F'\t' '
    NR == FNR { was[$1 "." $2] = $3 " " $4; tables[$1] = 1; next }
    { is[$1 "." $2] = $3 " " $4 }
    ($1 in tables) && !(($1 "." $2) in was) && $4 == "NO" && $5 == 0 && $6 == 0 {
        print $1 "." $2 " is new, and nobody gave it a value before"
        bad = 1
    }
    END {
        for (column in was) {
            now = (column in is) ? is[column] : "gone"
            if (now != was[column]) { print column " was " was[column] ", and is " now; bad = 1 }
        }
        exit bad
    }' "$WORK/before" "$WORK/after" || fail 'The version before cannot run beside this one'
{
    echo 'set foreign_key_checks = 0;'
    cut -f1 "$WORK/before" | sort -u | grep -vx migrations | awk '{ print "delete from `" $1 "`;" }'
} | sql "$DB_DATABASE"
sql "$DB_DATABASE" <"$WORK/data.sql" || fail 'What the version before writes is not taken any more'

mkdir "$WORK/now"
quietly php artisan houses:files "$WORK/now"
count=0
for file in "$WORK"/houses/*.json; do
    cmp "$file" "$WORK/now/$(basename "$file")" || fail "$(basename "$file") is not the house it was"
    count=$((count + 1))
done
[ "$count" -gt 0 ] || fail 'No house was compared'
say "$count houses are what they were, and $(cut -f1 "$WORK/before" | sort -u | wc -l) tables serve both versions."
