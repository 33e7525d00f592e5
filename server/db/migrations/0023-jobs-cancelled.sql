-- A job that does not go ahead, with who said so and why; it may be opened again.
alter table jobs
  add column cancelled_at datetime(3) null,
  add column cancelled_by char(36) null,
  add column cancel_reason varchar(300) null,
  add constraint fk_jobs_cancelled_by foreign key (cancelled_by) references people (id);

-- Neither open nor done.
alter table job_summary modify state enum('open', 'done', 'cancelled') not null;
