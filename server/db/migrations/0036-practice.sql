-- Rounds of the practice yard: a seed and the moves that were made, and what came of them. No job knows of them.
create table practice_rounds (
  id char(36) not null primary key,
  company_id char(36) not null,
  person_id char(36) not null,
  level varchar(16) not null,
  seed int unsigned not null,
  moves json not null,
  total smallint unsigned not null,
  was_right tinyint(1) not null,
  minutes smallint unsigned not null,
  harm smallint unsigned not null,
  finished_at datetime(3) not null,
  received_at datetime(3) not null,
  constraint fk_practice_rounds_company foreign key (company_id) references companies (id),
  constraint fk_practice_rounds_person foreign key (person_id) references people (id),
  key practice_rounds_person (company_id, person_id, finished_at)
);
