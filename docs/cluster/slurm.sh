#!/bin/bash
#SBATCH --job-name=kite-lines.csv
#SBATCH --array=1-80
#SBATCH --cpus-per-task=2
#SBATCH --mem=4G
#SBATCH --time=12:00:00
exec '/opt/gray-kite/kite' batch '/films/lines.csv' -o '/films/delivered' --jobs "${SLURM_CPUS_PER_TASK:-1}" --shard "$SLURM_ARRAY_TASK_ID/80" '--format' 'csv,glb'
