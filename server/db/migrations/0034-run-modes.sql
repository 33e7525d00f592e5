-- A start-up proves each mode and stage by itself.
alter table jobs modify mode varchar(16) not null default 'cooling';
alter table measurements modify mode varchar(16) not null;
