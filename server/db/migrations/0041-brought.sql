-- What came with the file of a job stays beside the company's own: a cylinder is history and no stock, equipment no library.
-- `own` is null for it, so that no two names of the company's own are the same, and those of others do not matter.
alter table cylinders
  add column brought_with char(36) null,
  add column own tinyint(1) null default 1,
  add unique key cylinders_own_tag (company_id, tag, own), drop key cylinders_tag;
alter table library_items
  add column brought_with char(36) null,
  add column own tinyint(1) null default 1,
  add unique key library_items_own (company_id, kind, maker, model, own), drop key library_items_model;
-- A job out of a file says so, with who brought it: what was signed in it is as the file had it.
alter table jobs
  add column brought_at datetime(3) null,
  add column brought_by char(36) null,
  add constraint fk_jobs_brought_by foreign key (brought_by) references people (id);
