#!/usr/bin/env bash
# The list, a page, trips and a save of one crew where there are ten houses in the database, and where there are many more of others: turn
# by turn, as ratios of the two; and how each query is planned where there are many.
#   tests/bench/growth.sh [HOUSES] [CREWS]     100000 and 1000 unless said; made in minutes, kept below var/growth
set -euo pipefail
. "$(dirname "${BASH_SOURCE[0]}")/../../bin/lib.sh"

HOUSES=${1:-100000}
CREWS=${2:-1000}

install_packages
install_dependencies
export APP_ENV=testing DB_POOL=512M
open_instance growth
trap close_instance EXIT
start_database
sql -e "create database if not exists bouclier_ten character set utf8mb4; create database if not exists bouclier_many character set utf8mb4"
for database in bouclier_ten bouclier_many; do
    DB_DATABASE=$database php artisan migrate --force --no-interaction >"$INSTANCE/logs/migrate.log" 2>&1
    DB_DATABASE=$database php artisan db:seed --class=DemoSeeder --force --no-interaction >>"$INSTANCE/logs/migrate.log" 2>&1
done
php tests/bench/growth.php "$HOUSES" "$CREWS"
