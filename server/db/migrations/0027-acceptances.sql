-- A look-again that the lead and the customer let stand, with reason and both names; never changed.
create table acceptances (
  id char(36) not null primary key,
  company_id char(36) not null,
  job_id char(36) not null,
  circuit_id char(36) not null,
  seq bigint unsigned not null auto_increment,
  finding varchar(60) not null,
  said json not null,
  text_signed text not null,
  language varchar(2) not null,
  reason varchar(500) not null,
  customer varchar(120) not null,
  ink mediumtext not null,
  person_id char(36) not null,
  created_at datetime(3) not null,
  unique key acceptances_seq (seq),
  key acceptances_circuit (company_id, job_id, circuit_id, seq),
  constraint fk_acceptances_job foreign key (job_id) references jobs (id),
  constraint fk_acceptances_person foreign key (person_id) references people (id)
);
create trigger acceptances_no_update before update on acceptances for each row
  signal sqlstate '45000' set message_text = 'a customer signature is frozen';
create trigger acceptances_no_delete before delete on acceptances for each row
  signal sqlstate '45000' set message_text = 'a customer signature is frozen';
