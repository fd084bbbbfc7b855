# Everything in one file, and back. Read by ./ripple-rest.

tables_of() { # tables_of DATABASE: how many rows each table has, as JSON; kept answers are nobody's data
  sql "$1" -tAc "select json_object_agg(t, n order by t) from (select table_name t, (xpath('/row/c/text()', query_to_xml(format('select count(*) as c from %I', table_name), false, true, '')))[1]::text::bigint n from information_schema.tables where table_schema = 'public' and table_name not in ('kept_answer', 'spring_session', 'spring_session_attributes', 'bucket')) x"
}

schema_of() { # schema_of DATABASE: version of its last migration, 0 for none
  sql "$1" -tAc "select coalesce(floor(max(version::numeric))::int, 0) from flyway_schema_history where success" 2>/dev/null || echo 0
}

# This program: "version build schema".
own_version() { "$JAVA" -XX:TieredStopAtLevel=1 -jar "$APP_JAR" --version --short; }

field() { sed -n "s/.*\"$1\" *: *\"\{0,1\}\([^\",}]*\)\"\{0,1\}.*/\1/p" "$2" | head -1; } # field NAME FILE

# pack FILE: a dump of the database and a manifest, in one file; whole or not there at all. Answers that can
# be worked out again are left out, and who is signed in: a copy that is put back signs nobody in.
pack() {
  local file=$1 work version build
  work=$(mktemp -d)
  read -r version build _ < <(own_version)
  (umask 077; db_env "$PG_BIN/pg_dump" -Fc --exclude-table-data=kept_answer --exclude-table-data=spring_session --exclude-table-data=spring_session_attributes --exclude-table-data=bucket -d "$DB_USER" >"$work/data.dump" 9>&-) || { rm -rf "$work"; return 1; }
  cat >"$work/manifest.json" <<MANIFEST
{
  "format": "ripple-rest/backup",
  "version": 1,
  "program": "${version:-unknown}",
  "build": "${build:-unknown}",
  "schema": $(schema_of "$DB_USER"),
  "made": "$(date -u +%Y-%m-%dT%H:%M:%SZ)",
  "rows": $(tables_of "$DB_USER")
}
MANIFEST
  (umask 077; tar -C "$work" -cf "$file.part" manifest.json data.dump) && mv "$file.part" "$file"
  local status=$?
  rm -rf "$work" "$file.part"
  return $status
}

backup() {
  local file=${1:-ripple-rest-$(date +%Y%m%d-%H%M%S).backup}
  choose_state
  [ -f "$DATA/global/pg_control" ] || die "there is no data in $STATE yet; start the application first."
  [ ! -e "$file" ] || die "$file is there already; name another file. Nothing was written."
  mkdir -p "$(dirname "$file")" 2>/dev/null || die "cannot make the folder of $file; name another file."
  need_programs
  trap stop_own_db EXIT
  start_db
  need_disk "$(dirname "$file")" 50
  pack "$file" || die "could not write $file; is there room, and may you write there? Nothing was left behind."
  say "everything is in $file ($(du -h "$file" | cut -f1)); put it back with ./ripple-rest restore $file"
}

restore() {
  local file=${1:-}
  [ -n "$file" ] || die "name the file: ./ripple-rest restore FILE"
  [ -f "$file" ] || die "there is no file $file. Nothing was changed."
  choose_state
  need_programs
  work=$(mktemp -d) # seen by the trap, after this function is over
  trap 'rm -rf "$work"; sql postgres -qc "drop database if exists ripplerest_restored" >/dev/null 2>&1; stop_own_db' EXIT
  tar -C "$work" -xf "$file" manifest.json data.dump 2>/dev/null && [ "$(field format "$work/manifest.json")" = ripple-rest/backup ] \
    || die "$file is no backup of this program. Nothing was changed."
  local schema own
  schema=$(field schema "$work/manifest.json")
  own=$(own_version | cut -d' ' -f3)
  [ "$(field version "$work/manifest.json")" = 1 ] && [ "${schema:-999}" -le "${own:-0}" ] \
    || die "$file was made by a newer program ($(field program "$work/manifest.json"), schema ${schema:-unknown}; this one knows ${own:-none}). Update this program first. Nothing was changed."
  start_db
  sql postgres -qc "drop database if exists ripplerest_restored" 2>/dev/null
  sql postgres -qc "create database ripplerest_restored"
  # where nobody has shared anything yet there is not the role that rows are kept apart by
  sql postgres -qc "create role ripplerest_shared nologin" 2>/dev/null || true
  db_env "$PG_BIN/pg_restore" --no-owner --exit-on-error -d ripplerest_restored "$work/data.dump" 9>&- \
    || die "$file is damaged: its data cannot be read back. Nothing was changed."
  [ "$(schema_of ripplerest_restored)" = "$schema" ] || die "$file is damaged: its data is not of the schema that it says. Nothing was changed."
  local before
  before="$STATE/before-restore-$(date +%Y%m%d-%H%M%S).backup"
  # the application lets go while the databases change places; whoever watches it starts it again
  : >"$STATE/restoring"
  stop_app
  pack "$before" || { rm -f "$STATE/restoring"; die "could not keep what is there now in $before. Nothing was changed."; }
  sql postgres -q \
    -c "select pg_terminate_backend(pid) from pg_stat_activity where datname in ('$DB_USER', 'ripplerest_restored')" \
    -c "drop database if exists ripplerest_before" \
    -c "alter database $DB_USER rename to ripplerest_before" \
    -c "alter database ripplerest_restored rename to $DB_USER" >/dev/null
  rm -f "$STATE/restoring"
  say "put back what $file holds ($(field made "$work/manifest.json")); what was here before is in $before"
}
