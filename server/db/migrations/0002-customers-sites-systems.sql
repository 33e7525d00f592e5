create table customers (
  id char(36) not null primary key,
  company_id char(36) not null,
  name varchar(120) not null,
  phone varchar(40) null,
  version int unsigned not null default 1,
  key customers_company (company_id, name),
  constraint fk_customers_company foreign key (company_id) references companies (id)
);

create table sites (
  id char(36) not null primary key,
  company_id char(36) not null,
  customer_id char(36) not null,
  address varchar(160) not null,
  town varchar(80) not null,
  elevation_ft double not null,
  version int unsigned not null default 1,
  key sites_company (company_id),
  constraint fk_sites_customer foreign key (customer_id) references customers (id),
  constraint sites_elevation check (elevation_ft between -1000 and 15000)
);

create table systems (
  id char(36) not null primary key,
  company_id char(36) not null,
  site_id char(36) not null,
  name varchar(80) not null,
  kind varchar(40) not null,
  version int unsigned not null default 1,
  constraint fk_systems_site foreign key (site_id) references sites (id)
);

create table equipment (
  id char(36) not null primary key,
  company_id char(36) not null,
  system_id char(36) not null,
  kind varchar(40) not null,
  maker varchar(80) not null,
  model varchar(80) not null,
  serial varchar(80) null,
  version int unsigned not null default 1,
  constraint fk_equipment_system foreign key (system_id) references systems (id)
);

create table circuits (
  id char(36) not null primary key,
  company_id char(36) not null,
  system_id char(36) not null,
  equipment_id char(36) not null,
  name varchar(40) not null,
  refrigerant varchar(12) not null,
  metering varchar(20) not null,
  nominal_tons double not null,
  plate json not null,
  version int unsigned not null default 1,
  constraint fk_circuits_system foreign key (system_id) references systems (id),
  constraint fk_circuits_equipment foreign key (equipment_id) references equipment (id)
);
