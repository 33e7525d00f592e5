-- A person comes by an invitation: until it is taken there is no password, and a new one is a new invitation.
alter table people
  modify password_hash varchar(255) null,
  add column certified_until date null after certificate_number,
  add column invite_hash char(64) null,
  add column invite_until datetime(3) null,
  add unique key people_invite (invite_hash);
alter table companies
  add column version int unsigned not null default 1;
