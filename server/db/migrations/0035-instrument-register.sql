-- The company's own instruments: who has them, when they were zeroed, until when they are calibrated.
create table register_instruments (
  id char(36) not null primary key,
  company_id char(36) not null,
  name varchar(60) not null,
  kind varchar(24) not null,
  serial varchar(60) null,
  kept_by char(36) null,
  calibrated_to date null,
  zeroed_on date null,
  retired tinyint(1) not null default 0,
  version int unsigned not null default 1,
  constraint fk_register_instruments_company foreign key (company_id) references companies (id),
  key register_instruments_kept_by (company_id, kept_by)
);
