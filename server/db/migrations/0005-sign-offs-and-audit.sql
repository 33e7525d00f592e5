create table sign_offs (
  id char(36) not null primary key,
  company_id char(36) not null,
  job_id char(36) not null,
  phase varchar(20) not null,
  person_id char(36) not null,
  signed_at datetime(3) not null,
  snapshot json not null,
  content_hash char(64) not null,
  unique key sign_offs_phase (job_id, phase),
  constraint fk_sign_offs_job foreign key (job_id) references jobs (id),
  constraint fk_sign_offs_person foreign key (person_id) references people (id)
);

create table amendments (
  id char(36) not null primary key,
  company_id char(36) not null,
  sign_off_id char(36) not null,
  person_id char(36) not null,
  note varchar(1000) not null,
  created_at datetime(3) not null,
  constraint fk_amendments_sign_off foreign key (sign_off_id) references sign_offs (id),
  constraint fk_amendments_person foreign key (person_id) references people (id)
);

create table audit (
  id bigint unsigned not null auto_increment primary key,
  company_id char(36) not null,
  person_id char(36) null,
  job_id char(36) null,
  what varchar(60) not null,
  detail json not null,
  at datetime(3) not null default current_timestamp(3),
  key audit_job (company_id, job_id, id)
);
