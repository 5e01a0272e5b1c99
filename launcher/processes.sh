# Processes known by their number, the time they began and the boot they began in: a number alone passes to strangers.
# Sourced by ./itrova.

began() { # NUMBER: when a process began, in the kernel's ticks; nothing when it is gone or only waits to be buried
  local stat
  stat=$(cat "/proc/$1/stat" 2>/dev/null) || return 1
  stat=${stat##*) } # the command's name may hold blanks and brackets
  # shellcheck disable=SC2086
  set -- $stat
  [ "$1" != Z ] && echo "${20}"
}

boot() { cat /proc/sys/kernel/random/boot_id 2>/dev/null || echo unknown; }

remember() { # FILE NUMBER
  printf '%s %s %s\n' "$2" "$(began "$2" || echo gone)" "$(boot)" >"$1"
}

alive() { # FILE
  local number time of
  [ -f "$1" ] || return 1
  read -r number time of <"$1" || true
  [[ ${number:-} =~ ^[0-9]+$ ]] && [ -n "${time:-}" ] && [ "${of:-}" = "$(boot)" ] && [ "$(began "$number")" = "$time" ]
}

end_process() { # FILE: asks politely, then insists; a stranger who has the number now is let be
  local number
  if ! alive "$1"; then
    rm -f "$1"
    return 0
  fi
  read -r number _ <"$1"
  kill "$number" 2>/dev/null || true
  for _ in $(seq 1 150); do
    alive "$1" || { rm -f "$1"; return 0; }
    sleep 0.1
  done
  kill -9 "$number" 2>/dev/null || true
  rm -f "$1"
}

# One command at a time changes what runs; others wait. Programs started meanwhile must not inherit the lock (9>&-).
lock() {
  mkdir -p "$state"
  exec 9>"$state/lock"
  flock -n 9 && return 0
  say "Another ./itrova is at work here; waiting for it ..."
  flock -w 900 9 || die "the other ./itrova did not end within 15 minutes. See: ps -ef | grep itrova"
}
unlock() { exec 9>&-; }

is_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }
free_port() { local p=$1; while ! is_free "$p"; do p=$((p + 1)); done; echo "$p"; }
secret() { (umask 077; head -c 24 /dev/urandom | od -An -tx1 | tr -d ' \n' >"$1"); }
