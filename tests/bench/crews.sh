#!/usr/bin/env bash
# How many crews at work one machine carries: each on a house of its own of sixty outlets, two seconds between what it does. More and more
# of them, until one answer in twenty takes longer than a second.
#   tests/bench/crews.sh [NODES] [REPLICAS] [SECONDS A STEP]
set -euo pipefail
. "$(dirname "${BASH_SOURCE[0]}")/../../bin/lib.sh"

NODES=${1:-1} REPLICAS=${2:-0}
MOST=160

install_packages
install_dependencies
rm -rf var/crews
# As on a real node: the limits are those of the application, but all ask from one address here.
export NODE_CHILDREN=${NODE_CHILDREN:-4}
open_instance crews
trap close_instance EXIT
start_database
php artisan migrate --force --no-interaction >"$INSTANCE/logs/migrate.log" 2>&1
php tests/bench/crews.php "$MOST" >"$INSTANCE/crews.json"
SERVE_CHECKS_CODE=0 start_web 28280
node tests/bench/crews.mjs "$APP_URL" "$INSTANCE/crews.json" "${3:-30}"
