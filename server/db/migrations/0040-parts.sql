-- The company's list of parts: what one costs, how much is in it, how much the truck carries.
create table company_parts (
  company_id char(36) not null,
  code varchar(40) not null,
  name varchar(80) not null,
  unit varchar(12) not null,
  pack double not null,
  price double not null,
  on_truck double not null,
  updated_at datetime(3) not null,
  primary key (company_id, code),
  constraint fk_company_parts_company foreign key (company_id) references companies (id)
);
