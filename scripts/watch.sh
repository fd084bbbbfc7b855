# The application and its stand-ins: started, watched and ended. Read by ./ripple-rest.

# A process is known by its number and the moment it began: numbers come again.
began() { awk '{print $22}' "/proc/$1/stat" 2>/dev/null; }
own() { echo "$2 $(began "$2")" >"$STATE/$1.pid"; } # own NAME PID: this is ours
owned() { # owned NAME: its number, if it still runs
  local pid since
  [ -f "$STATE/$1.pid" ] && read -r pid since <"$STATE/$1.pid" || return 1
  [ -n "$since" ] && [ "$(began "$pid")" = "$since" ] && echo "$pid"
}

end() { # end NAME: gently, then not
  local pid
  pid=$(owned "$1") || { rm -f "$STATE/$1.pid"; return 0; }
  kill "$pid" 2>/dev/null || true
  for _ in $(seq 100); do [ "$(owned "$1")" = "$pid" ] || break; sleep 0.1; done
  [ "$(owned "$1")" = "$pid" ] && kill -9 "$pid" 2>/dev/null
  rm -f "$STATE/$1.pid"
}

stop_app() { end_apps; }

# Caliper and scale that are not there; another copy's may have the usual ports already.
start_devices() {
  local page
  for page in $(seq 7410 10 7600); do
    if port_taken "$page" || port_taken $((page + 1)) || port_taken $((page + 2)); then continue; fi
    setsid "$JAVA" -Xmx32m -jar "$CLI_JAR" devices --page "$page" --caliper $((page + 1)) --scale $((page + 2)) \
      >"$LOGS/devices.log" 2>&1 </dev/null 9>&- &
    own devices $!
    for _ in $(seq 50); do
      if grep -q '^Play' "$LOGS/devices.log"; then
        DEVICES_PAGE=$page
        return
      fi
      owned devices >/dev/null || break # another copy was quicker
      sleep 0.1
    done
    end devices
  done
  DEVICES_PAGE=
}

answers() { # answers PORT: asks for the health page, over bash's own sockets where it is not in TLS
  if [ -n "$SHARED" ] && [ "$INSTANCES" -eq 1 ]; then
    [[ $(printf 'GET /actuator/health HTTP/1.0\r\nHost: localhost:%s\r\n\r\n' "$1" |
      timeout 3 openssl s_client -quiet -connect "$(reached):$1" 2>/dev/null 9>&-) == *" 200"* ]]
    return
  fi
  (
    exec 3<>"/dev/tcp/127.0.0.1/$1" || exit 1
    printf 'GET /actuator/health HTTP/1.0\r\nHost: 127.0.0.1:%s\r\n\r\n' "$1" >&3
    read -r -t 2 answer <&3
    [[ $answer == *" 200"* ]]
  ) 2>/dev/null
}

# What the application runs with: little room, and long answers at the lowest priority.
APP_FLAGS=(-Xmx512m -XX:+UseSerialGC -XX:+ExitOnOutOfMemoryError -XX:ThreadPriorityPolicy=1 -XX:JavaPriority1_To_OSPriority=19)

launch_app() { # launch_app PORT [NAME]: of several copies each has a name, and logs by it
  local page=${DEVICES_PAGE:-7410} name=${2:-app} temporary console
  temporary="$STATE/tmp${2:+-$2}"
  console="$LOGS/console${2:+-$2}.log"
  if [ -f "$console" ]; then mv "$console" "$console.1"; fi
  rm -rf "${temporary:?}"
  mkdir -p "$temporary"
  rm -f "$STATE/$name.pid"
  # in a shell of its own, which says nothing when the application is killed and ends with its status
  (
    if [ ${#SHARED_ENV[@]} -gt 0 ]; then export "${SHARED_ENV[@]}"; fi
    RIPPLE_REST_DB_URL="jdbc:postgresql://127.0.0.1:$DB_PORT/${DB_NAME:-$DB_USER}" RIPPLE_REST_DB_USER=$DB_USER \
      RIPPLE_REST_DB_PASSWORD=$(cat "$STATE/secret") RIPPLE_REST_PORT=$1 RIPPLE_REST_STATE_DIR=$STATE \
      RIPPLE_REST_CALIPER=127.0.0.1:$((page + 1)) RIPPLE_REST_SCALE=127.0.0.1:$((page + 2)) \
      LOGGING_FILE_NAME=$LOGS/$name.log \
      setsid "$JAVA" "${APP_FLAGS[@]}" \
      -Djava.io.tmpdir="$temporary" \
      -jar "$APP_JAR" >"$console" 2>&1 </dev/null &
    own "$name" $!
    wait $!
  ) 2>/dev/null 9>&- &
  APP_SHELL=$!
  for _ in $(seq 50); do
    if [ -s "$STATE/$name.pid" ]; then break; fi
    sleep 0.1
  done
}

# wait_until_ready PORT [NAME]: 0 once it answers, 1 if it ended, 2 if it never did
wait_until_ready() {
  for _ in $(seq 900); do
    owned "${2:-app}" >/dev/null || return 1
    if answers "$1"; then return 0; fi
    sleep 0.1
  done
  return 2
}

# The database ended by itself: it recovers, on the port that the application knows if that is free.
revive_db() {
  local before=$DB_PORT
  say "the database ended by itself; starting it again (log: $LOGS)"
  start_db
  if [ "$DB_PORT" != "$before" ]; then end_apps; fi
}

MOST_RESTARTS=3
WITHIN_SECONDS=600

# watch PORT: starts the application again when it ends by itself, but not for ever.
watch() {
  local port=$1 status starts=()
  while true; do
    status=0
    while owned app >/dev/null; do
      sleep 1
      if ! db_alive; then revive_db; fi
    done
    wait "$APP_SHELL" || status=$?
    rm -f "$STATE/app.pid"
    if [ -f "$STATE/restoring" ]; then
      say "other data is put in place"
      while [ -f "$STATE/restoring" ]; do sleep 0.2; done
    elif [ -f "$STATE/stopping" ]; then
      return 0
    else
      local now=$SECONDS recent=()
      for t in "${starts[@]}"; do if [ $((now - t)) -lt $WITHIN_SECONDS ]; then recent+=("$t"); fi; done
      starts=("${recent[@]}")
      if [ "${#starts[@]}" -ge $MOST_RESTARTS ]; then
        die "the application ended $((MOST_RESTARTS + 1)) times in ten minutes (last with status $status) and is not started again. What was saved is safe; $LOGS/app.log and $LOGS/console.log say why."
      fi
      starts+=("$now")
      say "the application ended by itself with status $status; starting it again (${#starts[@]} of $MOST_RESTARTS in ten minutes; log: $LOGS/app.log)"
    fi
    launch_app "$port"
    if wait_until_ready "$port"; then say "ready again at $(site "$port")"; fi
  done
}
