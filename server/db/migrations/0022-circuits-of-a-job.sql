-- A job works on one or several circuits, of one system or of several of the same house.
create table job_circuits (
  job_id char(36) not null,
  circuit_id char(36) not null,
  company_id char(36) not null,
  ord int unsigned not null,
  primary key (job_id, circuit_id),
  unique key job_circuits_order (job_id, ord),
  constraint fk_job_circuits_job foreign key (job_id) references jobs (id),
  constraint fk_job_circuits_circuit foreign key (circuit_id) references circuits (id)
);
insert into job_circuits (job_id, circuit_id, company_id, ord) select id, circuit_id, company_id, 1 from jobs;

-- Each circuit has its own simulated rig, beside the bench of its phase.
alter table rigs add column circuit_id char(36) null after job_id;
update rigs r join jobs j on j.id = r.job_id set r.circuit_id = j.circuit_id;
alter table rigs modify circuit_id char(36) not null, drop primary key, add primary key (job_id, circuit_id, bench);

-- Which circuit the job's next step is on; null where it is the first.
alter table job_summary add column circuit_id char(36) null after job_id;

-- The release to take the old equipment out is the job's.
update phase_records set phase = 'removal', owner_id = job_id where phase = 'recover';
