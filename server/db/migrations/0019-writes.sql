-- Every write that brings its own id: the same again changes nothing, another under the same id is refused.
create table writes (
  id char(36) not null primary key,
  company_id char(36) not null,
  job_id char(36) null,
  what varchar(60) not null,
  body_hash char(64) not null,
  person_id char(36) not null,
  written_at datetime(3) not null
);
