# shellcheck shell=bash
# A private PostgreSQL cluster on loopback. The server refuses root, so as root it runs as the system user postgres.

as_postgres() {
    if [ "$(id -u)" -eq 0 ]; then
        (cd / && runuser -u postgres -- "$@")
    else
        "$@"
    fi
}

# The cluster's folder: inside the checkout, or under /var/lib/waypost where a parent can't be entered by its user.
database_home() {
    local name=$1 here="$PWD/.waypost"
    if [ "$(id -u)" -eq 0 ] && ! as_postgres test -x "$PWD"; then
        here="/var/lib/waypost/$(printf '%s' "$PWD" | sha256sum | cut -c1-12)"
    fi
    echo "$here/$name"
}

free_port() {
    local port=$1
    while (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null; do
        port=$((port + 1))
    done
    echo "$port"
}

database_forget() {
    local home
    home=$(database_home "$1")
    database_stop "$1"
    rm -rf "$home"
}

database_stop() {
    local home
    home=$(database_home "$1")
    if [ -f "$home/data/postmaster.pid" ]; then
        step "stopping the $1 database"
        as_postgres "$(postgres_bin)/pg_ctl" -D "$home/data" -m fast -w stop >/dev/null || true
    fi
}

database_create() {
    local home=$1
    step "making a private database in $home"
    mkdir -p "$home"
    (umask 077 && head -c 24 /dev/urandom | base64 | tr -d '/+=\n' >"$home/password")
    if [ "$(id -u)" -eq 0 ]; then
        chown -R postgres "$home"
        chmod 755 "$(dirname "$home")"
    fi
    as_postgres "$(postgres_bin)/initdb" -D "$home/data" -U waypost_owner --pwfile="$home/password" \
        -A scram-sha-256 -E UTF8 --locale=C.UTF-8 >/dev/null
    as_postgres mkdir -p "$home/socket"
}

# The server's own log holds no row, no statement and nothing typed: only that it started, stopped or broke.
QUIET_LOG="-c log_min_messages=fatal -c log_min_error_statement=panic -c log_statement=none \
    -c log_min_duration_statement=-1 -c log_error_verbosity=terse \
    -c log_parameter_max_length=0 -c log_parameter_max_length_on_error=0"

# database_start NAME [server option...]: exports where it is.
database_start() {
    local name=$1 home
    shift
    home=$(database_home "$name")
    [ -f "$home/data/PG_VERSION" ] || database_create "$home"
    if ! as_postgres "$(postgres_bin)/pg_ctl" -D "$home/data" status >/dev/null 2>&1; then
        local port
        port=$(free_port 54329)
        step "starting the $name database on 127.0.0.1:$port"
        as_postgres "$(postgres_bin)/pg_ctl" -D "$home/data" -w -l "$home/log" \
            -o "-p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories=$home/socket $QUIET_LOG $*" start >/dev/null ||
            stop_with "the database did not start; its log is $home/log"
    fi
    export WAYPOST_DB_LOG="$home/log"
    DATABASE_PORT=$(sed -n 4p "$home/data/postmaster.pid")
    DATABASE_PASSWORD=$(cat "$home/password")
    export PGPASSWORD=$DATABASE_PASSWORD
}

database_sql() {
    psql -q -h 127.0.0.1 -p "$DATABASE_PORT" -U waypost_owner -v ON_ERROR_STOP=1 "$@"
}

# database_ensure NAME: the database and the application's role, which may neither change tables nor rewrite the past.
database_ensure() {
    database_sql -d postgres -tc "select 1 from pg_roles where rolname = 'waypost_app'" | grep -q 1 ||
        database_sql -d postgres -c "create role waypost_app login password '$DATABASE_PASSWORD'"
    database_sql -d postgres -tc "select 1 from pg_database where datname = '$1'" | grep -q 1 ||
        database_sql -d postgres -c "create database $1"
    export WAYPOST_DB_URL="jdbc:postgresql://127.0.0.1:$DATABASE_PORT/$1"
    export WAYPOST_DB_USER=waypost_app WAYPOST_DB_PASSWORD=$DATABASE_PASSWORD
    export WAYPOST_DB_OWNER=waypost_owner WAYPOST_DB_OWNER_PASSWORD=$DATABASE_PASSWORD
}

# A cluster of its own for the tests, with an empty database for each process of tests at each run; durability does not
# matter there. The address lacks the number of the process, which app/pom.xml adds.
database_for_tests() {
    local number
    database_start test -c fsync=off -c synchronous_commit=off -c full_page_writes=off
    trap 'database_stop test' EXIT
    TEST_PROCESSES=$(($(nproc) > 1 ? 2 : 1))
    for number in $(seq "$TEST_PROCESSES"); do
        database_sql -d postgres -c "drop database if exists waypost_test_$number with (force)"
        database_ensure "waypost_test_$number"
    done
    export WAYPOST_DB_URL=${WAYPOST_DB_URL%_*}
}
