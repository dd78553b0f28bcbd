# Safekeeping, a part of ./unbo: all that there is in one file, taken while it runs, looked through before it is put
# back, and what it replaces kept beside it. A backup is a tar archive of two files: about.txt, and data.sql.gz, or
# data.sql.gz.enc where a passphrase is set.

KEPT=${UNBO_BACKUPS:-$STATE/backups}
KEEP_FORMAT=unbo-backup-1
KEEP_DAYS=7 KEEP_WEEKS=4 KEEP_MONTHS=12
MIGRATIONS=app/src/main/resources/db/migration

# keep_version SCHEMA: the number of its last migration; empty where it has none
keep_version() { sql -N -e "SELECT MAX(CAST(version AS UNSIGNED)) FROM $1.flyway_schema_history WHERE success" 2>/dev/null; }
# newest_version: the number of the last migration that this program knows
newest_version() {
  local file newest=0 n
  for file in "$MIGRATIONS"/V*__*.sql; do
    n=${file##*/V}; n=${n%%__*}
    [ "$n" -gt "$newest" ] 2>/dev/null && newest=$n
  done
  say "$newest"
}
keep_cipher() { openssl enc "$1" -aes-256-ctr -pbkdf2 -iter 200000 -pass env:UNBO_PASSPHRASE; }
keep_sum() { sha256sum "$1" | cut -d' ' -f1; }
about() { sed -n "s/^$2 //p" "$1/about.txt" 2>/dev/null | head -n 1; }

# write_backup SCHEMA FILE: whole or not at all
write_backup() {
  local schema=$1 file=$2 work data version
  version=$(keep_version "$schema")
  [ -n "$version" ] && [ "$version" != NULL ] || { why="there is nothing in it yet"; return 1; }
  mkdir -p "$(dirname "$file")" || { why="$(dirname "$file") cannot be written"; return 1; }
  work=$(mktemp -d "$(dirname "$file")/.keep.XXXXXX") || { why="$(dirname "$file") cannot be written"; return 1; }
  chmod 700 "$work"
  data=data.sql.gz
  if ! (set -o pipefail; mariadb-dump --no-defaults --protocol=socket --socket="$SOCKETS/$db_name.sock" -u "$(id -un)" \
      --single-transaction --quick --hex-blob --no-tablespaces --default-character-set=utf8mb4 "$schema" 2>"$work/error" | gzip >"$work/$data"); then
    why=$(head -n 1 "$work/error"); rm -rf "$work"; return 1
  fi
  if [ -n "${UNBO_PASSPHRASE:-}" ]; then
    keep_cipher -e <"$work/$data" >"$work/$data.enc" || { why="it could not be encrypted"; rm -rf "$work"; return 1; }
    rm -f "$work/$data"; data=$data.enc
  fi
  rm -f "$work/error"
  {
    say "$KEEP_FORMAT"
    say "taken $(date -u +%Y-%m-%dT%H:%M:%SZ)"
    say "version $version"
    say "data $data"
    say "sha256 $(keep_sum "$work/$data")"
  } >"$work/about.txt"
  if ! tar -cf "$work/whole" -C "$work" about.txt "$data" || ! mv -f "$work/whole" "$file"; then
    why="$file could not be written: $(free_mb) MB are free"; rm -rf "$work"; return 1
  fi
  chmod 600 "$file"; rm -rf "$work"
}

# open_backup FILE FOLDER: its parts into a folder, looked through; what is wrong with it in why
open_backup() {
  local file=$1 work=$2 data
  [ -r "$file" ] || { why="$file is not there, or cannot be read"; return 1; }
  # of a file that is cut off tar gives what it finds first, and an error: the first line tells
  tar -xf "$file" -C "$work" about.txt 2>/dev/null
  [ "$(head -n 1 "$work/about.txt" 2>/dev/null)" = "$KEEP_FORMAT" ] || { why="$file is no backup of Unbo"; return 1; }
  data=$(about "$work" data)
  case $data in data.sql.gz|data.sql.gz.enc) ;; *) why="$file is no backup of Unbo"; return 1;; esac
  if ! tar -xf "$file" -C "$work" "$data" 2>/dev/null || [ "$(keep_sum "$work/$data")" != "$(about "$work" sha256)" ]; then
    why="$file is damaged or cut off: its contents are not what was written"; return 1
  fi
  if [ "$(about "$work" version)" -gt "$(newest_version)" ] 2>/dev/null; then
    why="$file is of a newer Unbo (its data stand at $(about "$work" version), this one knows $(newest_version)): take that Unbo"; return 1
  fi
  if [ "$data" = data.sql.gz.enc ]; then
    [ -n "${UNBO_PASSPHRASE:-}" ] || { why="$file is encrypted: set UNBO_PASSPHRASE to the passphrase it was made with"; return 1; }
    keep_cipher -d <"$work/$data" >"$work/data.sql.gz" 2>/dev/null
  fi
  gzip -t "$work/data.sql.gz" 2>/dev/null || { why="$file cannot be read: UNBO_PASSPHRASE is not the one it was made with"; return 1; }
}

# fill SCHEMA FOLDER: a schema from what was looked through
fill() {
  sql -e "DROP DATABASE IF EXISTS $1; CREATE DATABASE $1" &&
    gzip -dc "$2/data.sql.gz" | sql "$1" 2>"$STATE/keep.log" && [ "$(keep_version "$1")" = "$(about "$2" version)" ]
}

# with_own_database: asks the one that runs, else starts it for as long as this takes
with_own_database() {
  [ -z "${UNBO_DB_URL:-}" ] || fail "UNBO_DB_URL names a database that Unbo does not look after: back it up where it is."
  install_missing "$RUN_NEEDS $KEEP_NEEDS"
  if alive "$STATE/running" && alive "$STATE/db.pid"; then db_name=db; return; fi
  lock || fail "Unbo is starting here: once more when it runs."
  end_orphans
  start_database db
}

backup() { # backup SCHEMA [FILE]
  local schema=$1 file=${2:-$KEPT/unbo-$(date +%Y-%m-%d-%H%M%S).unbo}
  case $file in /*) ;; *) file=$PWD_BEFORE/$file;; esac
  [ -d "$STATE/db/mysql" ] || fail "there is nothing to keep: Unbo was not started here yet."
  check_disk 200
  guard
  with_own_database
  step "Writing $file" write_backup "$schema" "$file" || fail "no backup was written: $why."
  mkdir -p "$KEPT" && say "$(date -u +%Y-%m-%dT%H:%M:%SZ) $file" >"$KEPT/last"
  say "It holds everything: jobs, photos, drafts, timers, settings, own tables.${UNBO_PASSPHRASE:+ It is encrypted by UNBO_PASSPHRASE.}"
}

# keep_before_upgrade SCHEMA: what an older program left is kept as it is before the new one changes its tables
keep_before_upgrade() {
  local was file; was=$(keep_version "$1")
  case $was in ''|NULL|*[!0-9]*) return;; esac
  [ "$was" -lt "$(newest_version)" ] || return 0
  file=$KEPT/before-upgrade-$was-$(date +%Y-%m-%d-%H%M%S).unbo
  step "Keeping the data as they were before the upgrade in $file" write_backup "$1" "$file" ||
    fail "what is here could not be kept before its tables are changed: $why. Nothing was changed."
}

restore() { # restore SCHEMA FILE
  local schema=$1 file=${2:-} work before
  [ -n "$file" ] || fail "say which file: ./unbo restore FILE. Backups lie in $KEPT."
  case $file in /*) ;; *) file=$PWD_BEFORE/$file;; esac
  check_disk 600
  lock || fail "Unbo runs here: ./unbo stop first, then restore. Nothing was changed."
  guard
  scratch=$(mktemp -d "$STATE/restore.XXXXXX") || fail "$STATE cannot be written."
  work=$scratch
  open_backup "$file" "$work" || fail "$why. Nothing was changed."
  with_own_database
  step "Trying it beside what is here" fill unbo_tried "$work" || fail "$file could not be read into a database, see $STATE/keep.log. Nothing was changed."
  sql -e "DROP DATABASE IF EXISTS unbo_tried"
  before=''
  if [ -n "$(keep_version "$schema")" ]; then
    before=$KEPT/before-restore-$(date +%Y-%m-%d-%H%M%S).unbo
    step "Keeping what is here in $before" write_backup "$schema" "$before" || fail "what is here could not be kept: $why. Nothing was changed."
  fi
  if ! step "Putting it in its place" fill "$schema" "$work"; then
    if [ -n "$before" ]; then open_backup "$before" "$work" && fill "$schema" "$work"; fi
    fail "it could not be put in its place, see $STATE/keep.log; what was here was put back."
  fi
  say "Restored: the data of $(about "$work" taken).${before:+ To undo it: ./unbo restore $before}"
}

# too_old: of the daily ones those that are neither of the last days, nor the newest of their week or month
too_old() {
  local file day week month days=0 weeks=' ' months=' ' w=0 m=0
  for file in $(ls -r "$KEPT"/daily-*.unbo 2>/dev/null); do
    day=${file##*/daily-}; day=${day%.unbo}
    week=$(date -d "$day" +%G-%V 2>/dev/null) || continue
    month=${day%-*}
    local keep=no
    days=$((days + 1)); [ $days -le $KEEP_DAYS ] && keep=yes
    case $weeks in *" $week "*) ;; *) weeks="$weeks$week "; w=$((w + 1)); [ $w -le $KEEP_WEEKS ] && keep=yes;; esac
    case $months in *" $month "*) ;; *) months="$months$month "; m=$((m + 1)); [ $m -le $KEEP_MONTHS ] && keep=yes;; esac
    [ $keep = yes ] || say "$file"
  done
}

# keep_daily SCHEMA: one a day for as long as it runs, as soon as there is something to keep
keep_daily() {
  local file
  while :; do
    file=$KEPT/daily-$(date +%Y-%m-%d).unbo
    if [ ! -f "$file" ] && [ "$(free_mb)" -ge 200 ]; then
      if write_backup "$1" "$file" 2>>"$STATE/keep.log"; then
        say "$(date -u +%Y-%m-%dT%H:%M:%SZ) $file" >"$KEPT/last"
        too_old | while read -r old; do rm -f "$old"; done
      else
        say "$(date -u +%Y-%m-%dT%H:%M:%SZ) $why" >>"$STATE/keep.log"
      fi
    fi
    sleep "${UNBO_KEEP_EVERY:-600}"
  done
}
