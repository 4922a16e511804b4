# shellcheck shell=bash
# What one machine carries: generated years of 1, 20 and 200 clinics, each with forty visits a weekday.

scale() {
    local clinics
    [ $# -gt 0 ] || set -- 1 20
    for clinics in "$@"; do
        [[ $clinics =~ ^[1-9][0-9]{0,3}$ ]] || stop_with "scale: found '$clinics', allowed: how many clinics, 1 to 9999, rising"
    done
    need_tools java maven node postgres
    step "building"
    mvn -q -B --no-transfer-progress -Pbenchmarks -DskipTests package
    database_forget scale
    # Every plan that the server makes is written down as it was carried out; the rows are invented.
    database_start scale -c shared_buffers=1GB -c work_mem=16MB -c maintenance_work_mem=512MB -c max_wal_size=8GB \
        -c fsync=off -c full_page_writes=off -c synchronous_commit=off -c session_preload_libraries=auto_explain -c log_min_messages=log \
        -c auto_explain.log_analyze=on -c auto_explain.log_timing=off -c auto_explain.log_buffers=on -c auto_explain.log_min_duration=-1
    trap 'kill "${SCALE_APP:-}" 2>/dev/null || true; database_stop scale' EXIT
    database_ensure waypost
    scale_app
    # The demo clinic, of which the others are made, is entered after the application begins to listen.
    until database_sql -d waypost -tc "select count(*) from demo_data" | grep -q 1; do sleep 1; done
    scale_app_stop
    local have=0
    for clinics in "$@"; do
        [ "$clinics" -gt "$have" ] || stop_with "scale: found $clinics after $have, allowed: rising numbers"
        step "clinics $((have + 1)) to $clinics: making their year"
        scale_generate $((have + 1)) "$clinics"
        have=$clinics
        scale_figures "$clinics"
    done
}

# In tens, so that no statement sorts a whole region's year at once.
scale_generate() {
    local from=$1 to=$2 upto
    while [ "$from" -le "$to" ]; do
        upto=$((from + 9 < to ? from + 9 : to))
        database_sql -d waypost -At -v first="$from" -v last="$upto" -f ops/scale/year.sql | grep -qx '0|0|0' ||
            stop_with "scale: what was made does not fit together"
        from=$((upto + 1))
    done
    database_sql -d waypost -c "vacuum analyze"
}

scale_figures() {
    step "$1 clinics: sizes"
    database_sql -d waypost -At -F ' ' -c "
        select relname, to_char(reltuples, 'FM999,999,999') || ' rows,', pg_size_pretty(pg_table_size(oid)), 'and indexes',
               pg_size_pretty(pg_indexes_size(oid))
          from pg_class where relkind = 'r' and relnamespace = 'public'::regnamespace and pg_total_relation_size(oid) > 10000000
         order by pg_total_relation_size(oid) desc" -c "select 'all of it', pg_size_pretty(pg_database_size('waypost'))"
    scale_app
    step "$1 clinics: pages"
    java -cp benchmarks/target/benchmarks.jar waypost.benchmarks.ScalePages "http://localhost:$SCALE_PORT" "tidewick demo clinic"
    scale_app_stop
    # Once more with every plan written down, which takes time itself.
    database_sql -d waypost -c "alter database waypost set auto_explain.log_min_duration = 0"
    scale_app
    : >"$WAYPOST_DB_LOG"
    java -cp benchmarks/target/benchmarks.jar waypost.benchmarks.ScalePages "http://localhost:$SCALE_PORT" "tidewick demo clinic" >/dev/null
    scale_app_stop
    database_sql -d waypost -c "alter database waypost set auto_explain.log_min_duration = -1"
    step "$1 clinics: plans"
    scale_plans
}

# How many plans there were, and which read a table of a clinic's years from end to end.
scale_plans() {
    local large='reading|set_done|read_log|signature|visit_note|check_in|appointment|visit|course|statement|patient'
    grep -c "  plan:" "$WAYPOST_DB_LOG" | sed 's/$/ plans/'
    echo "which read a large table from end to end:"
    awk -v large="Seq Scan on ($large) " '
        /Query Text:/ { text = $0; sub(/.*Query Text: */, "", text) }
        /duration: .* plan:/ { took = $0; sub(/.*duration: /, "", took); sub(/ ms.*/, "", took) }
        $0 ~ large { scan = $0; sub(/.*Seq Scan on /, "", scan); sub(/ .*/, "", scan); seen[scan ": " substr(text, 1, 100)]++ }
        END { for (each in seen) print "  " seen[each] " times " each; if (length(seen) == 0) print "  none" }' "$WAYPOST_DB_LOG"
    echo "slowest:"
    awk '/Query Text:/ && took != "" { text = $0; sub(/.*Query Text: */, "", text); print took " ms " substr(text, 1, 110); took = "" }
         /duration: .* plan:/ { took = $0; sub(/.*duration: /, "", took); sub(/ ms.*/, "", took) }' "$WAYPOST_DB_LOG" |
        sort -rn | awk 'NR <= 8 { print "  " $0 }'
}

scale_app() {
    SCALE_PORT=$(free_port 8290)
    SPRING_PROFILES_ACTIVE=demo SERVER_ADDRESS=127.0.0.1 SERVER_PORT=$SCALE_PORT java -jar app/target/waypost-app-*-demo.jar \
        --waypost.sign-in.tries-per-address=100000 >/dev/null &
    SCALE_APP=$!
    wait_for_port "$SCALE_PORT"
}

scale_app_stop() {
    kill "$SCALE_APP" && wait "$SCALE_APP" || true
    SCALE_APP=
}
