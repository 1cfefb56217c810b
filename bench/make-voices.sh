#!/usr/bin/env bash
# Speaks the sentences of bench/sentences.txt with the free voices of flite, which print when each phone ends.
# Needs Debian's flite (apt-get install flite). Fills bench/target/voices for "./kite bench accuracy".
set -euo pipefail
cd "$(dirname "$0")"
mkdir -p target/voices
number=0
while read -r sentence; do
  number=$((number + 1))
  for voice in slt rms awb kal16; do
    stem=target/voices/$voice-$(printf '%03d' $number)
    flite -voice $voice -psdur -t "$sentence" "$stem.wav" > "$stem.psdur"
    printf '%s\n' "$sentence" > "$stem.txt"
  done
done < sentences.txt
echo "$number sentences by four voices in bench/target/voices"
