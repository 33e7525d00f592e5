create table library_items (
  id char(36) not null primary key,
  company_id char(36) not null,
  kind enum('outdoor', 'air-handler', 'coil', 'furnace', 'package') not null,
  maker varchar(80) not null,
  model varchar(80) not null,
  tons double null,
  refrigerant varchar(12) null,
  fields json not null,
  version int unsigned not null default 1,
  updated_at datetime(3) not null,
  unique key library_items_model (company_id, kind, maker, model),
  key library_items_size (company_id, kind, tons)
);

create table matched_pairs (
  company_id char(36) not null,
  outdoor_model varchar(80) not null,
  indoor_model varchar(80) not null,
  reference varchar(40) not null,
  cooling_btuh double not null,
  updated_at datetime(3) not null,
  primary key (company_id, outdoor_model, indoor_model)
);

alter table companies add column settings_version int unsigned not null default 1;
