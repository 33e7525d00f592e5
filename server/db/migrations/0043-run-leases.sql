-- Which server reads a run: it says so every second and a half; one that is silent for five loses it to another.
create table run_leases (
  run_id char(36) not null primary key,
  holder char(36) not null,
  address varchar(120) not null,
  beat_at datetime(3) not null,
  key run_leases_holder (holder),
  constraint fk_run_leases_run foreign key (run_id) references runs (id) on delete cascade
);
-- Running runs are looked for every two seconds.
create index runs_state on runs (state, started_at);
