# The private PostgreSQL in the state folder. Read by ./ripple-rest; uses STATE, say, die, tools.sh.

# PostgreSQL refuses to run as root: then Debian's own account for it does the work.
as_db() {
  if [ "$(id -u)" -eq 0 ]; then
    (cd / && exec runuser -u postgres -- "$@" 9>&-)
  else
    "$@" 9>&-
  fi
}

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

db_running() { [ -f "$DATA/postmaster.pid" ] && as_db "$PG_BIN/pg_ctl" -D "$DATA" status >/dev/null 2>&1; }

# Made aside and renamed when it is whole, so that one that was cut short is never taken for one.
make_cluster() {
  need_disk "$STATE" 300
  say "making a private database in $DATA"
  local made="$DATA.making"
  rm -rf "$made"
  if [ -e "$DATA" ]; then mv "$DATA" "$DATA.half-made-$(date +%Y%m%d-%H%M%S)"; fi
  (umask 077; head -c 24 /dev/urandom | base64 | tr -d '/+=\n' >"$STATE/secret.new")
  local pwfile
  pwfile=$(mktemp)
  cp "$STATE/secret.new" "$pwfile"
  mkdir "$made"
  if [ "$(id -u)" -eq 0 ]; then chown postgres "$made" "$pwfile"; fi
  if ! as_db "$PG_BIN/initdb" -D "$made" -U "$DB_USER" --auth=scram-sha-256 --pwfile="$pwfile" -E UTF8 --locale=C.UTF-8 >"$LOGS/initdb.log" 2>&1; then
    rm -rf "$made" "$pwfile" "$STATE/secret.new"
    die "could not make the database: $(tail -1 "$LOGS/initdb.log") (log: $LOGS/initdb.log)"
  fi
  rm -f "$pwfile"
  mv "$STATE/secret.new" "$STATE/secret"
  mv "$made" "$DATA"
}

start_db() {
  need_postgres
  if [ -f "$DATA/global/pg_control" ]; then
    local made installed
    made=$(cat "$DATA/PG_VERSION")
    installed=$(basename "$(dirname "$PG_BIN")")
    if [ "$made" != "$installed" ]; then
      [ -x "/usr/lib/postgresql/$made/bin/pg_ctl" ] \
        || die "the data in $DATA was made by PostgreSQL $made, and $installed is installed; install postgresql-$made, or move that folder away to begin anew. Nothing was changed."
      PG_BIN=/usr/lib/postgresql/$made/bin
    fi
  else
    make_cluster
  fi
  if db_running; then
    DB_PORT=$(sed -n 4p "$DATA/postmaster.pid")
    return
  fi
  need_disk "$STATE" 100
  DB_STARTED=1
  local log="$LOGS/postgres-start.log" try
  DB_PORT=${DB_PORT:-54329}
  for try in $(seq 40); do
    while port_taken "$DB_PORT"; do DB_PORT=$((DB_PORT + 1)); done
    : >"$log"
    if [ "$(id -u)" -eq 0 ]; then chown postgres "$log"; fi
    # its own log turns over by itself: a file a weekday, each begun anew a week later
    if as_db "$PG_BIN/pg_ctl" -D "$DATA" -w -t 60 -l "$log" \
      -o "-p $DB_PORT -c listen_addresses=127.0.0.1 -c unix_socket_directories= -c fsync=on -c synchronous_commit=on -c full_page_writes=on -c logging_collector=on -c log_directory='$LOGS' -c log_filename=postgres-%a.log -c log_truncate_on_rotation=on -c log_rotation_age=1d -c log_rotation_size=0 -c log_file_mode=0600" start >/dev/null </dev/null 2>&1; then
      break
    fi
    # another program, or another copy of this one, was quicker: the next port
    port_taken "$DB_PORT" && [ "$try" -lt 40 ] || die "the database did not start: $(tail -1 "$log") (log: $log)"
    DB_PORT=$((DB_PORT + 1))
  done
  sql postgres -tAc "select 1 from pg_database where datname = '$DB_USER'" | grep -q 1 \
    || sql postgres -qc "create database $DB_USER"
}

db_env() { PGPASSWORD=$(cat "$STATE/secret") PGHOST=127.0.0.1 PGPORT=$DB_PORT PGUSER=$DB_USER PGOPTIONS="-c client_min_messages=warning" "$@"; }

sql() { # sql DATABASE PSQL-ARGUMENT...
  local database=$1
  shift
  db_env "$PG_BIN/psql" -X -v ON_ERROR_STOP=1 -d "$database" "$@" 9>&-
}

# Whether its process is there; asked every second, so without starting another for it.
db_alive() { [ -d "/proc/$(head -1 "$DATA/postmaster.pid" 2>/dev/null || echo none)" ]; }

stop_db() {
  if [ -n "${PG_BIN:-}" ] && db_running; then
    as_db "$PG_BIN/pg_ctl" -D "$DATA" -w -m fast stop >/dev/null 2>&1 </dev/null || true
  fi
}

# Ends the database only if this very command started it.
stop_own_db() { if [ -n "${DB_STARTED:-}" ]; then stop_db; fi; }
