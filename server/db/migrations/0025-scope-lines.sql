-- Work that no rule knows: written by hand into the scope of a system, never changed, taken out by a decision.
create table scope_lines (
  id char(36) not null primary key,
  company_id char(36) not null,
  job_id char(36) not null,
  system_id char(36) not null,
  seq bigint unsigned not null auto_increment,
  say varchar(200) not null,
  hours double not null,
  materials double not null,
  person_id char(36) not null,
  created_at datetime(3) not null,
  unique key scope_lines_seq (seq),
  key scope_lines_system (company_id, job_id, system_id, seq),
  constraint fk_scope_lines_job foreign key (job_id) references jobs (id),
  constraint fk_scope_lines_person foreign key (person_id) references people (id)
);
create trigger scope_lines_no_update before update on scope_lines for each row
  signal sqlstate '45000' set message_text = 'lines of a scope are append-only';
create trigger scope_lines_no_delete before delete on scope_lines for each row
  signal sqlstate '45000' set message_text = 'lines of a scope are append-only';
