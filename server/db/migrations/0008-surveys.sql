create table photos (
  id char(36) not null primary key,
  company_id char(36) not null,
  job_id char(36) not null,
  subject varchar(60) not null,
  caption varchar(200) null,
  width_px int unsigned not null,
  height_px int unsigned not null,
  bytes int unsigned not null,
  content_hash char(64) not null,
  image mediumblob not null,
  thumbnail mediumblob not null,
  person_id char(36) not null,
  taken_at datetime(3) not null,
  key photos_job (company_id, job_id, taken_at),
  constraint fk_photos_job foreign key (job_id) references jobs (id),
  constraint fk_photos_person foreign key (person_id) references people (id)
);

create table observations (
  id char(36) not null primary key,
  company_id char(36) not null,
  job_id char(36) not null,
  seq bigint unsigned not null auto_increment,
  fact varchar(40) not null,
  value json null,
  unit varchar(12) not null,
  method varchar(12) not null,
  source varchar(120) not null,
  confidence enum('high', 'medium', 'low') not null,
  note varchar(500) null,
  photo_id char(36) null,
  found_on_the_day boolean not null,
  person_id char(36) not null,
  occurred_at datetime(3) not null,
  received_at datetime(3) not null default current_timestamp(3),
  unique key observations_seq (seq),
  key observations_job (company_id, job_id, seq),
  constraint fk_observations_job foreign key (job_id) references jobs (id),
  constraint fk_observations_photo foreign key (photo_id) references photos (id),
  constraint fk_observations_person foreign key (person_id) references people (id)
);

create table before_waivers (
  id char(36) not null primary key,
  company_id char(36) not null,
  job_id char(36) not null,
  item varchar(20) not null,
  reason varchar(500) not null,
  person_id char(36) not null,
  created_at datetime(3) not null,
  unique key before_waivers_item (job_id, item),
  constraint fk_before_waivers_job foreign key (job_id) references jobs (id),
  constraint fk_before_waivers_person foreign key (person_id) references people (id)
);
