# One archive of a place: what bin/restore brings up. Sourced, never run. Who sources it says what the database holds: database, on its
# standard output.

# What of the settings is a secret: no archive holds it.
SECRETS='^[A-Z_]*(KEY|PASSWORD|SECRET|TOKEN)[A-Z_]*='

# $1: its name; $2: the folder it goes to; $3: how many of that name are kept there, all where it is empty; $4: the folder of photographs;
# $5: settings; $6: where it may be put together. Prints the archive's path, and notes beside the photographs
# when that was. What of it is not whole yet is `made` and `part`.
write_archive() {
    local name=$1 to=$2 keep=$3 photos=$4 settings=$5 file
    made=$(mktemp -d "$6/backup.XXXXXX")
    # The database first: a photograph that comes after it is one too many, one that is missing would be missed.
    database >"$made/database.sql" || fail 'The database could not be written out'
    mkdir "$made/photos"
    [ ! -d "$photos" ] || cp -a --reflink=auto "$photos/." "$made/photos/"
    grep -vE "$SECRETS" "$settings" >"$made/settings" || true
    (cd "$made" && find . -type f ! -name sums -print0 | LC_ALL=C sort -z | xargs -0 sha256sum) >"$made.sums"
    mv "$made.sums" "$made/sums"

    mkdir -p "$to"
    file=$to/bouclier-$name-$(date -u +%Y%m%dT%H%M%SZ).tar.gz
    part=$file.part
    tar -C "$made" -czf "$part" . || fail "The archive could not be written to $to"
    sync "$part"
    # There whole or not at all.
    mv "$part" "$file"
    mkdir -p "$(dirname "$photos")"
    date -u +%Y-%m-%dT%H:%M:%SZ >"$(dirname "$photos")/backed-up-at"
    if [ -n "$keep" ]; then
        find "$to" -maxdepth 1 -name "bouclier-$name-*.tar.gz" | LC_ALL=C sort -r | tail -n "+$((keep + 1))" | xargs -r rm -f
    fi
    rm -rf "$made"
    printf '%s\n' "$file"
}
