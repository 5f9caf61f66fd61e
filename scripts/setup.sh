# Sourced by the scripts beside it. Finds what is needed, installs it on Debian when root, and otherwise says what to install.

root_folder="$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)"
jar="$root_folder/desktop/target/wildchalk-desktop-0.1.0.jar"
stamp="$root_folder/desktop/target/.built"
archive="$root_folder/desktop/target/classes.jsa"
command_archive="$root_folder/desktop/target/commands.jsa"

say() { echo "$*" >&2; }

# Without a UTF-8 locale Java can neither open nor name a file with an umlaut; every Debian has this one.
case "${LC_ALL:-${LC_CTYPE:-${LANG:-}}}" in
  *UTF-8* | *utf8*) ;;
  *) export LC_ALL=C.UTF-8 ;;
esac

# need COMMAND PACKAGE...: makes sure that a command is there.
need() {
  local command="$1"
  shift
  command -v "$command" >/dev/null 2>&1 || install_packages "$@"
}

install_packages() {
  if [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null 2>&1; then
    say "Installing: $*"
    apt-get update -qq >&2 && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$@" >&2 && return
  fi
  say "Wild Chalk needs these packages: $*"
  say "On Debian: sudo apt-get install --no-install-recommends $*"
  exit 2
}

# Sets JAVA_HOME to a JDK of version 17 or newer.
find_jdk() {
  local candidate
  for candidate in "${JAVA_HOME:-}" "$(dirname "$(dirname "$(readlink -f "$(command -v javac 2>/dev/null)" 2>/dev/null)")" 2>/dev/null)" /usr/lib/jvm/*; do
    if [ -n "$candidate" ] && [ -x "$candidate/bin/javac" ] && [ "$("$candidate/bin/javac" -version 2>&1 | sed -E 's/javac ([0-9]+).*/\1/')" -ge 17 ] 2>/dev/null; then
      export JAVA_HOME="$candidate"
      return 0
    fi
  done
  return 1
}

need_jdk() {
  find_jdk && return
  install_packages openjdk-17-jdk
  find_jdk || { say "A JDK 17 or newer is needed; set JAVA_HOME to one."; exit 2; }
}

# Libraries that the window draws with; they are no commands, so they are looked for by name.
need_window_libraries() {
  local missing=()
  local pair
  for pair in libgtk-3.so.0:libgtk-3-0 libXtst.so.6:libxtst6 libGL.so.1:libgl1; do
    ldconfig -p 2>/dev/null | grep -q "${pair%%:*}" || missing+=("${pair##*:}")
  done
  [ ${#missing[@]} = 0 ] || install_packages "${missing[@]}"
}

# Compiles when something has changed since the last time.
build() {
  local changed=""
  if [ -f "$stamp" ] && [ -f "$jar" ]; then
    changed="$(cd "$root_folder" && find pom.xml */pom.xml core/src/main picture/src/main desktop/src/main -newer "$stamp" -print -quit)"
  else
    changed="everything"
  fi
  if [ -n "$changed" ]; then
    need_jdk
    need mvn maven
    say "Building Wild Chalk (the first time fetches its libraries) ..."
    (cd "$root_folder" && mvn -q -B -DskipTests -Dspotless.check.skip=true package >&2) || exit 1
    rm -f "$archive" "$command_archive"
    touch "$stamp"
  fi
}

# Starts a virtual display where there is no monitor.
need_display() {
  if [ -n "${DISPLAY:-}${WAYLAND_DISPLAY:-}" ]; then
    return
  fi
  need Xvfb xvfb
  # the server itself picks a number that nobody else has, and tells it
  local told
  told="$(mktemp)"
  Xvfb -displayfd 3 -screen 0 1280x800x24 -nolisten tcp 3>"$told" >/dev/null 2>&1 &
  display_process=$!
  trap 'kill "$display_process" 2>/dev/null' EXIT
  local tries=0
  until [ -s "$told" ] || [ $tries -ge 200 ]; do
    read -r -t 0.1 <> <(:) || true
    tries=$((tries + 1))
  done
  if [ ! -s "$told" ]; then
    say "The virtual display (Xvfb) did not start; see whether Xvfb runs by hand."
    exit 2
  fi
  DISPLAY=":$(cat "$told")"
  rm -f "$told"
  export DISPLAY
  virtual_display=yes
  say "There is no monitor here: the window opens on the virtual display $DISPLAY (1280 x 800)."
}

java_options() {
  options=(-XX:+UseSerialGC -XX:TieredStopAtLevel=1 -Xshare:auto "-Dwildchalk.demo=$root_folder/demo/binder")
  if [ "${virtual_display:-no}" = yes ]; then
    options+=(-Dprism.order=sw)
  fi
}

class_path() {
  echo "$jar:$root_folder/desktop/target/lib/*"
}
