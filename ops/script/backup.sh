# shellcheck shell=bash
# Backups: a base of the whole cluster and the log since, each encrypted with a public key before it touches the folder.
# Whoever has the folder has nothing without the private key. Sessions are in none: their tables are not logged.

backup_settings() {
    local name missing=()
    for name in "$@"; do
        [ -n "${!name:-}" ] || missing+=("$name")
    done
    [ ${#missing[@]} -eq 0 ] || stop_with "set ${missing[*]} in the environment first; docs/backup.md says what each means"
}

# The database's settings that archive its log into a folder.
archive_settings() {
    local folder=$1 key=$2
    printf -- "-c archive_mode=on -c archive_timeout=60 -c wal_level=replica -c archive_command='%s/ops/backup/archive-log %s %s %%p %%f'" \
        "$HERE" "$folder" "$key"
}

# backup: WAYPOST_BACKUP_DB, a libpq address of a role that may replicate; WAYPOST_BACKUP_DIR; WAYPOST_BACKUP_KEY.
backup() {
    [ $# -eq 0 ] || stop_with "backup: found '$*', allowed: nothing; it reads its settings from the environment"
    need_tools postgres age
    backup_settings WAYPOST_BACKUP_DB WAYPOST_BACKUP_DIR WAYPOST_BACKUP_KEY
    local at file
    at=$(date -u +%Y%m%dT%H%M%SZ)
    file="$WAYPOST_BACKUP_DIR/base-$at.tar.age"
    mkdir -p "$WAYPOST_BACKUP_DIR"
    step "writing $file"
    (umask 077 && set -o pipefail &&
        "$(postgres_bin)/pg_basebackup" -d "$WAYPOST_BACKUP_DB" -D - -Ft -X fetch -c fast |
        age -r "$WAYPOST_BACKUP_KEY" -o "$file.part") || stop_with "backup: the database gave no whole base; nothing was kept"
    mv "$file.part" "$file"
    psql -qAt -d "$WAYPOST_BACKUP_DB" -c "select pg_switch_wal()" >/dev/null
    step "kept $(du -h "$file" | cut -f 1); the log since is archived by the database itself, at least once a minute"
}

# restore --at MOMENT --key FILE --into FOLDER: the latest base before the moment, and the log up to it.
restore() {
    local at="" key="" into=""
    while [ $# -gt 0 ]; do
        case "$1" in
        --at) at=${2:-} && shift 2 ;;
        --key) key=$(readlink -f "${2:-}") && shift 2 ;;
        --into) into=${2:-} && shift 2 ;;
        *) stop_with "restore: found '$1', allowed: --at '2031-04-03 10:15:00Z' --key FILE --into FOLDER" ;;
        esac
    done
    need_tools postgres age
    backup_settings WAYPOST_BACKUP_DIR
    [ -n "$at" ] && [ -n "$into" ] || stop_with "restore: allowed: --at '2031-04-03 10:15:00Z' --key FILE --into FOLDER"
    [ -r "$key" ] || stop_with "restore: no key can be read from '$key'; without it the backup is unreadable"
    [ ! -e "$into" ] || stop_with "restore: '$into' is there already; name a folder that is not"
    local stamp base
    stamp=$(date -u -d "$at" +%Y%m%dT%H%M%SZ) || stop_with "restore: found '$at', allowed: a moment such as '2031-04-03 10:15:00Z'"
    base=$(find "$WAYPOST_BACKUP_DIR" -maxdepth 1 -name 'base-*.tar.age' | sort |
        awk -v last="base-$stamp.tar.age" '{ name = $0; sub(".*/", "", name); if (name <= last) found = $0 } END { print found }')
    [ -n "$base" ] || stop_with "restore: no base before $at in $WAYPOST_BACKUP_DIR"
    restore_from "$base" "$at" "$key" "$into"
}

restore_from() {
    local base=$1 at=$2 key=$3 into=$4
    step "unpacking $(basename "$base") into $into"
    mkdir -p "$into/data" "$into/socket"
    chmod 700 "$into/data"
    age -d -i "$key" "$base" | tar -x -C "$into/data" || stop_with "restore: this key does not open $base"
    cp "$key" "$into/key"
    cat >>"$into/data/postgresql.auto.conf" <<CONF
restore_command = '$HERE/ops/backup/fetch-log $WAYPOST_BACKUP_DIR $into/key %f %p'
recovery_target_time = '$at'
recovery_target_action = promote
archive_mode = off
CONF
    touch "$into/data/recovery.signal"
    [ "$(id -u)" -ne 0 ] || chown -R postgres "$into"
    chmod 600 "$into/key"
    recover "$into" "$at"
}

recover() {
    local into=$1 at=$2 port tries=0
    port=$(free_port 54429)
    step "playing the log up to $at"
    as_postgres "$(postgres_bin)/pg_ctl" -D "$into/data" -w -l "$into/log" \
        -o "-p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories=$into/socket -c hot_standby=on" start >/dev/null ||
        stop_with "restore: the database did not come up; $into/log says why"
    until as_postgres "$(postgres_bin)/pg_controldata" "$into/data" | grep -q "state: *in production"; do
        tries=$((tries + 1))
        [ "$tries" -lt 300 ] || stop_with "restore: the log did not reach $at; $into/log says how far it came"
        sleep 1
    done
    rm -f "$into/key"
    step "restored to $at; it answers on 127.0.0.1:$port until: pg_ctl -D $into/data stop"
}
