-- What the company remembers of each circuit of each job; made again whenever the job changes.
create table job_memory (
  job_id char(36) not null,
  circuit_id char(36) not null,
  company_id char(36) not null,
  system_id char(36) not null,
  done_on date null,
  refrigerant varchar(12) null,
  tons double null,
  year smallint unsigned null,
  worked_h double null,
  over_plate_oz double null,
  remembered json not null,
  primary key (job_id, circuit_id),
  key job_memory_system (company_id, system_id, done_on),
  key job_memory_like (company_id, refrigerant, tons, done_on),
  constraint fk_job_memory_job foreign key (job_id) references jobs (id)
);
