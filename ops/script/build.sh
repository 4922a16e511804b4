# shellcheck shell=bash
# Building, starting, counting.

build_app() {
    step "building Waypost (the first time takes a few minutes)"
    with_progress mvn -q -B --no-transfer-progress -DskipTests package ||
        stop_with "the build failed; the lines above say where"
}

build_library() {
    [ -d library/target/classes ] && [ -f library/target/classpath ] &&
        [ -z "$(find core/src/main library -newer library/target/classpath -not -path '*/target/*' -type f | head -n 1)" ] &&
        return
    step "building the library" >&2
    mvn -q -B --no-transfer-progress -pl library -am package -DskipTests \
        org.apache.maven.plugins:maven-dependency-plugin:build-classpath \
        -Dmdep.outputFile=target/classpath -Dmdep.includeScope=runtime
}

library_classpath() {
    echo "$PWD/core/target/classes:$PWD/library/target/classes:$(cat library/target/classpath)"
}

build_instruments() {
    [ -f instruments/target/classpath ] &&
        [ -z "$(find instruments/src/main -newer instruments/target/classpath -type f | head -n 1)" ] && return
    step "building the simulated instruments" >&2
    mvn -q -B --no-transfer-progress -pl instruments package -DskipTests \
        org.apache.maven.plugins:maven-dependency-plugin:build-classpath \
        -Dmdep.outputFile=target/classpath -Dmdep.includeScope=runtime
}

run_instrument() {
    exec java -Xmx48m -XX:TieredStopAtLevel=1 -XX:+UseSerialGC \
        -cp "$HERE/instruments/target/classes:$(cat "$HERE/instruments/target/classpath")" \
        waypost.instrument.simulated.InstrumentCommand "$@"
}

# Each simulated instrument as a process of its own on a free loopback port; the application is told where.
start_instruments() {
    local kind port=7301
    build_instruments
    for kind in goniometer dynamometer force-plate scale; do
        port=$(free_port "$port")
        run_instrument "$(echo "$kind" | tr - _)" --port "$port" --seed "$port" >/dev/null &
        INSTRUMENTS+=($!)
        INSTRUMENT_SETTINGS+=("--waypost.instruments.$kind=http://127.0.0.1:$port")
        port=$((port + 1))
    done
}

stop_instruments() {
    [ ${#INSTRUMENTS[@]} -eq 0 ] || kill "${INSTRUMENTS[@]}" 2>/dev/null || true
}

# The first word says which jar: exec for production, demo with the demo's people in it.
run_app() {
    local kind=$1
    shift
    java -jar app/target/waypost-app-*-"$kind".jar "$@"
}

# Everybody can read the demo's password, so the jar for production must not have it.
no_demo_in_production() {
    local found
    found=$(jar tf app/target/waypost-app-*-exec.jar | grep -c 'waypost/app/demo/\|templates/demo/' || true)
    [ "$found" = 0 ] || stop_with "the production jar holds $found files of the demo, allowed: none"
    step "the production jar holds no file of the demo"
}

lines_of() {
    git ls-files -- "$@" | tr '\n' '\0' | xargs -0 -r cat | grep -cvE '^[[:space:]]*$' || true
}

count_lines() {
    local main tests
    main=$(lines_of '*src/main/*.java' '*src/main/*.html' '*src/main/*.xml' '*src/main/*.css' '*src/main/*.js' '*src/main/*.sql')
    tests=$(lines_of '*src/test/*.java')
    step "code $main lines, tests $tests lines: tests are $((100 * tests / (tests + main + 1))) % of both"
    echo "  library data: $(lines_of 'library/*.yaml') lines"
}

wait_for_port() {
    local tries=0
    until (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; do
        tries=$((tries + 1))
        [ "$tries" -lt 120 ] || stop_with "nothing answers on port $1 after two minutes"
        sleep 1
    done
}
