create table companies (
  id char(36) not null primary key,
  name varchar(120) not null,
  settings json not null,
  demo boolean not null default false,
  created_at datetime(3) not null default current_timestamp(3)
);

create table people (
  id char(36) not null primary key,
  company_id char(36) not null,
  full_name varchar(120) not null,
  sign_in varchar(120) not null,
  password_hash varchar(255) not null,
  role enum('owner', 'office', 'lead', 'helper') not null,
  certification enum('none', 'type-I', 'type-II', 'type-III', 'universal') not null default 'none',
  certificate_number varchar(40) null,
  active boolean not null default true,
  version int unsigned not null default 1,
  unique key people_sign_in (sign_in),
  key people_company (company_id),
  constraint fk_people_company foreign key (company_id) references companies (id)
);

create table sessions (
  session_id varchar(128) collate utf8mb4_bin not null primary key,
  expires int unsigned not null,
  data mediumtext collate utf8mb4_bin
);
