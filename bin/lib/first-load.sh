#!/usr/bin/env bash
# Adds up what the first screen fetches, gzipped as the server sends it: the page and every script and style it names or preloads.
set -euo pipefail
address=$1
page=$(curl -fsS "$address/")
total=$(curl -fsS -H 'Accept-Encoding: gzip' "$address/" | wc -c)
for part in $(grep -oE '(src|href)="/assets/[^"]+"' <<<"$page" | sed -E 's/.*"(.*)"/\1/' | sort -u); do
  size=$(curl -fsS -H 'Accept-Encoding: gzip' "$address$part" | wc -c)
  printf '%8d  %s\n' "$size" "$part"
  total=$((total + size))
done
printf 'First load: %d kB gzipped, fonts not counted (wanted: under 350 kB)\n' $((total / 1000))
