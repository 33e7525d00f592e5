create table company_logos (
  company_id char(36) not null primary key,
  image mediumblob not null,
  content_hash char(64) not null,
  updated_at datetime(3) not null,
  constraint fk_company_logos_company foreign key (company_id) references companies (id)
);
