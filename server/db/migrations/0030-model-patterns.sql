create table model_patterns (
  company_id char(36) not null,
  part varchar(12) not null,
  pattern varchar(60) not null,
  per_ton double not null,
  confidence varchar(8) not null,
  source varchar(120) not null,
  updated_at datetime(3) not null,
  primary key (company_id, part, pattern)
);
