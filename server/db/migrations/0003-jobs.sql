create table jobs (
  id char(36) not null primary key,
  company_id char(36) not null,
  number int unsigned not null,
  system_id char(36) not null,
  circuit_id char(36) not null,
  lead_id char(36) not null,
  scheduled_for date not null,
  mode enum('cooling', 'heating') not null default 'cooling',
  created_at datetime(3) not null default current_timestamp(3),
  version int unsigned not null default 1,
  unique key jobs_number (company_id, number),
  constraint fk_jobs_system foreign key (system_id) references systems (id),
  constraint fk_jobs_circuit foreign key (circuit_id) references circuits (id),
  constraint fk_jobs_lead foreign key (lead_id) references people (id)
);

create table phase_records (
  job_id char(36) not null,
  company_id char(36) not null,
  phase varchar(20) not null,
  record json not null,
  version int unsigned not null default 1,
  updated_by char(36) not null,
  updated_at datetime(3) not null,
  primary key (job_id, phase),
  constraint fk_phase_records_job foreign key (job_id) references jobs (id)
);

create table overrides (
  id char(36) not null primary key,
  company_id char(36) not null,
  job_id char(36) not null,
  phase varchar(20) not null,
  gate varchar(40) not null,
  reason varchar(500) not null,
  person_id char(36) not null,
  created_at datetime(3) not null,
  unique key overrides_gate (job_id, phase, gate),
  constraint fk_overrides_job foreign key (job_id) references jobs (id),
  constraint fk_overrides_person foreign key (person_id) references people (id)
);

create table job_summary (
  job_id char(36) not null primary key,
  company_id char(36) not null,
  number int unsigned not null,
  customer varchar(120) not null,
  address varchar(250) not null,
  system_name varchar(160) not null,
  lead_name varchar(120) not null,
  scheduled_for date not null,
  phase varchar(20) not null,
  state enum('open', 'done') not null,
  mark enum('good', 'look-again', 'stop', 'not-proven') not null,
  waits_for varchar(250) not null,
  search_text varchar(600) not null,
  key job_summary_list (company_id, state, scheduled_for),
  constraint fk_job_summary_job foreign key (job_id) references jobs (id)
);
