#!/usr/bin/env bash
# A backup is made while houses come in, brought up as another instance, and compared house by house. In instances of its own below var/.
set -euo pipefail
. "$(dirname "${BASH_SOURCE[0]}")/../bin/lib.sh"

FROM=backup-from
INTO=backup-into
WORK=$(mktemp -d)
quietly() { "$@" >"$WORK/log" 2>&1 || { cat "$WORK/log"; fail "failed: $*"; }; }
refuses() { if "$@" >"$WORK/log" 2>&1; then fail "should have been refused: $*"; fi; }

trap '[ -z "${WRITER:-}" ] || kill "$WRITER" 2>/dev/null || true; close_instance; rm -rf "$WORK" "$ROOT/var/$FROM" "$ROOT/var/$INTO"' EXIT
rm -rf "$ROOT/var/$FROM" "$ROOT/var/$INTO"
open_instance "$FROM"
start_database
quietly php artisan migrate --force --no-interaction
quietly php artisan db:seed --class=DemoSeeder --force --no-interaction
printf 'PHOTO_MB=77\n' >>"$INSTANCE/settings"
mkdir -p "$PHOTOS/house"
head -c 50000 /dev/urandom >"$PHOTOS/house/one.jpg"
sql "$DB_DATABASE" -e "update users set totp_secret = 'sealed with a key that is gone', totp_confirmed_at = now()"

php tests/backup-writer.php >"$WORK/writer.log" 2>&1 &
WRITER=$!
# Some are in, and more are coming.
until [ "$(sql -N "$DB_DATABASE" -e 'select count(*) from houses')" -gt 4 ]; do sleep 0.2; done
archive=$(bash bin/backup --instance "$FROM" --to "$WORK/out")
kill -0 "$WRITER" || fail "The houses stopped coming in: $(cat "$WORK/writer.log")"
kill "$WRITER"
wait "$WRITER" 2>/dev/null || true
WRITER=
mkdir "$WORK/before" "$WORK/after"
quietly php artisan houses:files "$WORK/before"
sum=$(sha256sum <"$PHOTOS/house/one.jpg")
close_instance

if tar -xzOf "$archive" ./settings | grep -E 'KEY|PASSWORD'; then fail 'The archive holds a secret'; fi
head -c 2000 "$archive" >"$WORK/torn.tar.gz"
refuses bash bin/restore "$WORK/torn.tar.gz" --instance "$INTO"
refuses bash bin/restore "$archive" --instance "$FROM"
[ ! -e "$ROOT/var/$INTO" ] || fail 'A restore that was refused left something behind'
quietly bash bin/restore "$archive" --instance "$INTO"

open_instance "$INTO"
start_database
quietly php artisan houses:files "$WORK/after"
[ "$PHOTO_MB" = 77 ] || fail 'A setting that is no secret is gone'
[ "$(sha256sum <"$PHOTOS/house/one.jpg")" = "$sum" ] || fail 'A photograph is not what it was'
[ "$(sql -N "$DB_DATABASE" -e 'select count(*) from users where totp_secret is not null')" = 0 ] || fail 'A second step is left that nobody can pass'
count=0
for file in "$WORK/after"/*.json; do
    cmp "$file" "$WORK/before/$(basename "$file")" || fail "$(basename "$file") is not the house it was"
    count=$((count + 1))
done
[ "$count" -gt 4 ] || fail "Only $count houses came back"
say "$count houses came back as they were, of $(ls "$WORK/before" | wc -l) there were in the end."
