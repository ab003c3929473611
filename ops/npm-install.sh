#!/usr/bin/env bash
# Installs the web packages, unless the lock file is the one already installed.
set -euo pipefail
cd "$(dirname "$0")/../web"
stamp=node_modules/.lock-hash
hash=$(sha256sum package-lock.json | cut -d' ' -f1)
if [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$hash" ]; then exit 0; fi
npm ci --no-audit --no-fund --ignore-scripts --prefer-offline
echo "$hash" > "$stamp"
