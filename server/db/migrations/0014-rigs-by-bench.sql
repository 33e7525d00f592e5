alter table rigs add column bench varchar(20) not null default 'system' after job_id;

alter table rigs drop foreign key fk_rigs_job;

alter table rigs drop primary key, add primary key (job_id, bench);

alter table rigs add constraint fk_rigs_job foreign key (job_id) references jobs (id);
