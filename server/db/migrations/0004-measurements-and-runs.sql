create table rigs (
  job_id char(36) not null primary key,
  company_id char(36) not null,
  config json not null,
  state json not null,
  constraint fk_rigs_job foreign key (job_id) references jobs (id)
);

create table runs (
  id char(36) not null primary key,
  company_id char(36) not null,
  job_id char(36) not null,
  circuit_id char(36) not null,
  phase varchar(20) not null,
  source enum('instrument', 'simulated', 'replayed') not null,
  speed double not null,
  state enum('running', 'stopped', 'interrupted') not null,
  started_by char(36) not null,
  started_at datetime(3) not null,
  ended_at datetime(3) null,
  key runs_job (company_id, job_id, started_at),
  constraint fk_runs_job foreign key (job_id) references jobs (id)
);

create table run_chunks (
  run_id char(36) not null,
  seq int unsigned not null,
  company_id char(36) not null,
  from_s double not null,
  to_s double not null,
  samples json not null,
  events json not null,
  rig_state json null,
  received_at datetime(3) not null,
  primary key (run_id, seq),
  constraint fk_run_chunks_run foreign key (run_id) references runs (id)
);

create table measurements (
  id char(36) not null primary key,
  company_id char(36) not null,
  job_id char(36) not null,
  equipment_id char(36) not null,
  circuit_id char(36) not null,
  phase varchar(20) not null,
  mode varchar(10) not null,
  stage varchar(20) not null,
  set_id char(36) not null,
  quantity varchar(40) not null,
  value double not null,
  uncertainty double not null,
  location varchar(120) not null,
  gauge_reference enum('vented', 'sealed') null,
  barometer_psia double null,
  source enum('typed', 'instrument', 'simulated', 'replayed') not null,
  instrument varchar(80) not null,
  person_id char(36) not null,
  run_id char(36) null,
  run_seconds double null,
  detail json null,
  supersedes_id char(36) null,
  occurred_at datetime(3) not null,
  received_at datetime(3) not null default current_timestamp(3),
  key measurements_job (company_id, job_id, phase, received_at),
  constraint fk_measurements_job foreign key (job_id) references jobs (id),
  constraint fk_measurements_circuit foreign key (circuit_id) references circuits (id),
  constraint fk_measurements_person foreign key (person_id) references people (id)
);
