create table scope_decisions (
  id char(36) not null primary key,
  company_id char(36) not null,
  job_id char(36) not null,
  seq bigint unsigned not null auto_increment,
  item varchar(60) not null,
  decision enum('in', 'out') not null,
  reason varchar(500) null,
  person_id char(36) not null,
  created_at datetime(3) not null,
  unique key scope_decisions_seq (seq),
  key scope_decisions_job (company_id, job_id, seq),
  constraint fk_scope_decisions_job foreign key (job_id) references jobs (id),
  constraint fk_scope_decisions_person foreign key (person_id) references people (id),
  constraint scope_decisions_reason check (decision = 'in' or reason is not null)
);

create table customer_signatures (
  id char(36) not null primary key,
  company_id char(36) not null,
  job_id char(36) not null,
  seq bigint unsigned not null auto_increment,
  subject varchar(60) not null,
  answer enum('yes', 'no') not null,
  reason varchar(500) null,
  text_signed text not null,
  text_hash char(64) not null,
  customer varchar(120) not null,
  ink mediumtext null,
  items json null,
  witness_id char(36) not null,
  signed_at datetime(3) not null,
  unique key customer_signatures_seq (seq),
  key customer_signatures_job (company_id, job_id, seq),
  constraint fk_customer_signatures_job foreign key (job_id) references jobs (id),
  constraint fk_customer_signatures_witness foreign key (witness_id) references people (id),
  constraint customer_signatures_reason check (answer = 'yes' or reason is not null)
);

create table fit_sheets (
  job_id char(36) not null,
  company_id char(36) not null,
  kind varchar(20) not null,
  record json not null,
  measured json not null,
  version int unsigned not null default 1,
  updated_by char(36) not null,
  updated_at datetime(3) not null,
  primary key (job_id, kind),
  constraint fk_fit_sheets_job foreign key (job_id) references jobs (id),
  constraint fk_fit_sheets_person foreign key (updated_by) references people (id)
);
