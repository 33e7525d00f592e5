-- Samples and the state of a simulated system shrink to a fifth; they are read whole or not at all.
alter table run_chunks
  modify samples longtext character set utf8mb4 collate utf8mb4_bin compressed not null check (json_valid(samples)),
  modify rig_state longtext character set utf8mb4 collate utf8mb4_bin compressed null check (json_valid(rig_state));
