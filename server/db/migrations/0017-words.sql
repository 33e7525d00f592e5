-- Words are ids and parameters; who reads them decides the language, where they stand decides the time zone.
alter table people add column language varchar(2) not null default 'en',
  add constraint people_language check (language in ('en', 'es'));
alter table customers add column language varchar(2) not null default 'en',
  add constraint customers_language check (language in ('en', 'es'));
alter table companies add column time_zone varchar(60) not null default 'America/New_York';
alter table sites add column time_zone varchar(60) null;
-- What was signed, by id and parameters, beside the words as they were shown; older signatures have the words only.
alter table customer_signatures add column said json null, add column language varchar(2) not null default 'en';
-- What stood there as words stays as words until its job is summed up again.
alter table job_summary modify column waits_for longtext not null, modify column system_name longtext not null;
update job_summary set waits_for = json_object('id', 'words.typed', 'with', json_object('text', waits_for)),
  system_name = json_object('id', 'words.typed', 'with', json_object('text', system_name));
alter table job_summary modify column waits_for json not null, change column system_name system json not null;
