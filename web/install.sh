#!/bin/sh
# Installs the packages of the lock file, unless those that are there are the same already.
set -eu
cd "$(dirname "$0")"
if [ ! -f node_modules/.installed ] || ! cmp -s package-lock.json node_modules/.installed; then
  npm ci --ignore-scripts --no-progress
  cp package-lock.json node_modules/.installed
fi
