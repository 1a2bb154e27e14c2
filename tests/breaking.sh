#!/usr/bin/env bash
# Two application nodes and two databases on loopback. While people save, a node is killed, and then the database that takes changes; each
# change that was acknowledged is looked for on the one that is left. Prints "acknowledged N, lost 0". In an instance of its own below
# var/.
#   tests/breaking.sh [ROUNDS] [PEOPLE]     once and twenty unless said
set -euo pipefail
. "$(dirname "${BASH_SOURCE[0]}")/../bin/lib.sh"

ROUNDS=${1:-1}
PEOPLE=${2:-20}
NODES=2 REPLICAS=1

install_packages
install_dependencies
rm -rf var/breaking
open_instance breaking
gone() {
    [ -z "${KEEPER:-}" ] || kill "$KEEPER" 2>/dev/null || true
    pkill -f tests/breaking.mjs || true
    # What the keeper started is not this shell's own: a node that is asked to end takes its processes along.
    pkill -f "$INSTANCE/run/(fpm|nginx|worker)" || true
    close_instance
}
trap gone EXIT
start_database
php artisan migrate --force --no-interaction >"$INSTANCE/logs/migrate.log" 2>&1
php artisan db:seed --class=DemoSeeder --force --no-interaction >>"$INSTANCE/logs/migrate.log" 2>&1
start_web 28180
keep_up 2>"$INSTANCE/logs/kept-up.log" &
KEEPER=$!
node tests/breaking.mjs "$APP_URL" "$INSTANCE" "$ROUNDS" "$PEOPLE"
