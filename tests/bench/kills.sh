#!/usr/bin/env bash
# Kills the database 30 times and workers of PHP 15 times while changes are saved, and asks afterwards for every one that was acknowledged.
# In an instance of its own below var/, beside whatever else runs. Prints what was kept; ends with 1 when something is lost.
set -euo pipefail
. "$(dirname "${BASH_SOURCE[0]}")/../../bin/lib.sh"

DATABASE_KILLS=${1:-30}
WORKER_KILLS=${2:-15}

install_packages
install_dependencies
open_instance kills
trap '[ -z "${KEEPER:-}" ] || kill "$KEEPER" 2>/dev/null || true; pkill -f "bench/kills.mjs" || true; pkill -9 -f "$INSTANCE/mysql" || true; close_instance; pkill -f "$INSTANCE/run/" || true' EXIT
start_database
php artisan migrate:fresh --force --no-interaction >"$INSTANCE/logs/migrate.log" 2>&1
php artisan db:seed --class=DemoSeeder --force --no-interaction >>"$INSTANCE/logs/migrate.log" 2>&1
php artisan cache:clear --no-interaction >>"$INSTANCE/logs/migrate.log" 2>&1
start_web 28080
keep_up &
KEEPER=$!
node tests/bench/kills.mjs "$APP_URL" "$INSTANCE" "$DATABASE_KILLS" "$WORKER_KILLS"
