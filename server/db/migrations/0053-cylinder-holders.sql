-- Which device has a cylinder checked out: without a connection only that one fills or empties it. Who had it before is on the trail.
create table cylinder_holders (
  cylinder_id char(36) not null primary key,
  company_id char(36) not null,
  device_id char(36) not null,
  person_id char(36) not null,
  held_at datetime(3) not null,
  key cylinder_holders_company (company_id),
  constraint fk_cylinder_holders_cylinder foreign key (cylinder_id) references cylinders (id),
  constraint fk_cylinder_holders_company foreign key (company_id) references companies (id),
  constraint fk_cylinder_holders_person foreign key (person_id) references people (id)
);
