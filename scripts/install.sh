# Installs what is missing from Debian's packages. Sourced by ./ruxel.

as_root() {
  if [ "$(id -u)" = 0 ]; then
    "$@"
  elif command -v sudo >/dev/null; then
    sudo "$@"
  else
    echo "This needs root once: install sudo, or run as root: $*" >&2
    exit 1
  fi
}

apt_install() {
  echo "Installing from Debian's packages: $*" >&2
  as_root apt-get update -qq >&2
  as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends \
    -o Dpkg::Options::=--force-confold "$@" >&2
}

require_tools() {
  local tool missing=()
  for tool in java:default-jdk-headless javac:default-jdk-headless mvn:maven node:nodejs npm:npm; do
    command -v "${tool%%:*}" >/dev/null || missing+=("${tool#*:}")
  done
  [ ${#missing[@]} -eq 0 ] || apt_install "${missing[@]}"
}

# The server's programs only: Debian's own default cluster is neither wanted nor touched.
require_server() {
  compgen -G '/usr/lib/postgresql/*/bin/initdb' >/dev/null && return
  local settings=/etc/postgresql-common/createcluster.conf
  if [ ! -e "$settings" ]; then
    as_root mkdir -p "$(dirname "$settings")"
    echo "create_main_cluster = false" | as_root tee "$settings" >/dev/null
  fi
  apt_install postgresql
}

require_browser() {
  command -v chromium >/dev/null || apt_install chromium
}
