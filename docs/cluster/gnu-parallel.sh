#!/bin/bash
# 16 shards over the hosts of a list (one name a line), two at a time on each. A shard that fails is tried twice more.
set -euo pipefail
table=/films/lines.csv
out=/films/delivered
shards=16
seq "$shards" | parallel --sshloginfile hosts.txt --jobs 2 --retries 3 --joblog shards.log \
  /opt/gray-kite/kite batch "$table" -o "$out" --format csv,glb --jobs 2 --shard "{}/$shards"
/opt/gray-kite/kite batch "$table" -o "$out" --report
