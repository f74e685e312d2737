#!/usr/bin/env bash
# Builds the front end with the machine's own npm into target/classes/static.
set -euo pipefail
cd "$(dirname "$0")"
export npm_config_loglevel=error
marker=node_modules/.package-lock.json
if [ ! -e "$marker" ] || [ package-lock.json -nt "$marker" ]; then
  npm ci
  touch "$marker"
fi
npm run --silent check
npm run --silent build
