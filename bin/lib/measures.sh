#!/usr/bin/env bash
# Prints the measures that the code is held to; ends with 1 where one is missed.
set -euo pipefail
cd "$1"
exec java --add-exports jdk.compiler/com.sun.tools.javac.api=ALL-UNNAMED bin/lib/Measures.java
