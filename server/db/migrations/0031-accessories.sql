alter table library_items modify kind varchar(16) not null;
