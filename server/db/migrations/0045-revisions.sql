-- When what a job's sheet is read from last changed, table by table, as a number that no other change has or had, on whichever
-- server it was made; not a count, which a restored backup would go through twice. A copy of a sheet that a server keeps is
-- good as long as the numbers stand; of one that is not, only what changed is read again.
create table job_revisions (
  job_id char(36) not null,
  part varchar(24) not null,
  n bigint unsigned not null,
  primary key (job_id, part)
);
-- The same of what all jobs of a company share: its cylinders, and everything else.
create table company_revisions (
  company_id char(36) not null,
  part varchar(24) not null,
  n bigint unsigned not null,
  primary key (company_id, part)
);

-- Of one job.
create trigger measurements_insert_counts after insert on measurements for each row
  insert into job_revisions (job_id, part, n) values (new.job_id, 'measurements', uuid_short()) on duplicate key update n = values(n);
create trigger sign_offs_insert_counts after insert on sign_offs for each row
  insert into job_revisions (job_id, part, n) values (new.job_id, 'sign_offs', uuid_short()) on duplicate key update n = values(n);
create trigger observations_insert_counts after insert on observations for each row
  insert into job_revisions (job_id, part, n) values (new.job_id, 'observations', uuid_short()) on duplicate key update n = values(n);
create trigger scope_decisions_insert_counts after insert on scope_decisions for each row
  insert into job_revisions (job_id, part, n) values (new.job_id, 'scope_decisions', uuid_short()) on duplicate key update n = values(n);
create trigger scope_lines_insert_counts after insert on scope_lines for each row
  insert into job_revisions (job_id, part, n) values (new.job_id, 'scope_lines', uuid_short()) on duplicate key update n = values(n);
create trigger customer_signatures_insert_counts after insert on customer_signatures for each row
  insert into job_revisions (job_id, part, n) values (new.job_id, 'customer_signatures', uuid_short()) on duplicate key update n = values(n);
create trigger circuit_entries_insert_counts after insert on circuit_entries for each row
  insert into job_revisions (job_id, part, n) values (new.job_id, 'circuit_entries', uuid_short()) on duplicate key update n = values(n);
create trigger acceptances_insert_counts after insert on acceptances for each row
  insert into job_revisions (job_id, part, n) values (new.job_id, 'acceptances', uuid_short()) on duplicate key update n = values(n);
create trigger overrides_insert_counts after insert on overrides for each row
  insert into job_revisions (job_id, part, n) values (new.job_id, 'overrides', uuid_short()) on duplicate key update n = values(n);
create trigger overrides_update_counts after update on overrides for each row
  insert into job_revisions (job_id, part, n) values (new.job_id, 'overrides', uuid_short()) on duplicate key update n = values(n);
create trigger overrides_delete_counts after delete on overrides for each row
  insert into job_revisions (job_id, part, n) values (old.job_id, 'overrides', uuid_short()) on duplicate key update n = values(n);
create trigger runs_insert_counts after insert on runs for each row
  insert into job_revisions (job_id, part, n) values (new.job_id, 'runs', uuid_short()) on duplicate key update n = values(n);
create trigger runs_update_counts after update on runs for each row
  insert into job_revisions (job_id, part, n) values (new.job_id, 'runs', uuid_short()) on duplicate key update n = values(n);
create trigger runs_delete_counts after delete on runs for each row
  insert into job_revisions (job_id, part, n) values (old.job_id, 'runs', uuid_short()) on duplicate key update n = values(n);
create trigger phase_records_insert_counts after insert on phase_records for each row
  insert into job_revisions (job_id, part, n) values (new.job_id, 'phase_records', uuid_short()) on duplicate key update n = values(n);
create trigger phase_records_update_counts after update on phase_records for each row
  insert into job_revisions (job_id, part, n) values (new.job_id, 'phase_records', uuid_short()) on duplicate key update n = values(n);
create trigger phase_records_delete_counts after delete on phase_records for each row
  insert into job_revisions (job_id, part, n) values (old.job_id, 'phase_records', uuid_short()) on duplicate key update n = values(n);
create trigger before_waivers_insert_counts after insert on before_waivers for each row
  insert into job_revisions (job_id, part, n) values (new.job_id, 'before_waivers', uuid_short()) on duplicate key update n = values(n);
create trigger before_waivers_update_counts after update on before_waivers for each row
  insert into job_revisions (job_id, part, n) values (new.job_id, 'before_waivers', uuid_short()) on duplicate key update n = values(n);
create trigger before_waivers_delete_counts after delete on before_waivers for each row
  insert into job_revisions (job_id, part, n) values (old.job_id, 'before_waivers', uuid_short()) on duplicate key update n = values(n);
create trigger photos_insert_counts after insert on photos for each row
  insert into job_revisions (job_id, part, n) values (new.job_id, 'photos', uuid_short()) on duplicate key update n = values(n);
create trigger photos_update_counts after update on photos for each row
  insert into job_revisions (job_id, part, n) values (new.job_id, 'photos', uuid_short()) on duplicate key update n = values(n);
create trigger photos_delete_counts after delete on photos for each row
  insert into job_revisions (job_id, part, n) values (old.job_id, 'photos', uuid_short()) on duplicate key update n = values(n);
create trigger fit_sheets_insert_counts after insert on fit_sheets for each row
  insert into job_revisions (job_id, part, n) values (new.job_id, 'fit_sheets', uuid_short()) on duplicate key update n = values(n);
create trigger fit_sheets_update_counts after update on fit_sheets for each row
  insert into job_revisions (job_id, part, n) values (new.job_id, 'fit_sheets', uuid_short()) on duplicate key update n = values(n);
create trigger fit_sheets_delete_counts after delete on fit_sheets for each row
  insert into job_revisions (job_id, part, n) values (old.job_id, 'fit_sheets', uuid_short()) on duplicate key update n = values(n);
create trigger job_circuits_insert_counts after insert on job_circuits for each row
  insert into job_revisions (job_id, part, n) values (new.job_id, 'job_circuits', uuid_short()) on duplicate key update n = values(n);
create trigger job_circuits_update_counts after update on job_circuits for each row
  insert into job_revisions (job_id, part, n) values (new.job_id, 'job_circuits', uuid_short()) on duplicate key update n = values(n);
create trigger job_circuits_delete_counts after delete on job_circuits for each row
  insert into job_revisions (job_id, part, n) values (old.job_id, 'job_circuits', uuid_short()) on duplicate key update n = values(n);
create trigger jobs_update_counts after update on jobs for each row
  insert into job_revisions (job_id, part, n) values (new.id, 'jobs', uuid_short()) on duplicate key update n = values(n);
-- The new equipment of a circuit stands on every job it was part of.
create trigger circuits_update_counts after update on circuits for each row
  insert into job_revisions (job_id, part, n) select job_id, 'circuits', uuid_short() from job_circuits where circuit_id = new.id
  on duplicate key update n = values(n);
-- Of a company.
create trigger companies_update_counts after update on companies for each row
  insert into company_revisions (company_id, part, n) values (new.id, 'company', uuid_short()) on duplicate key update n = values(n);
create trigger people_update_counts after update on people for each row
  insert into company_revisions (company_id, part, n) values (new.company_id, 'company', uuid_short()) on duplicate key update n = values(n);
create trigger customers_update_counts after update on customers for each row
  insert into company_revisions (company_id, part, n) values (new.company_id, 'company', uuid_short()) on duplicate key update n = values(n);
create trigger sites_update_counts after update on sites for each row
  insert into company_revisions (company_id, part, n) values (new.company_id, 'company', uuid_short()) on duplicate key update n = values(n);
create trigger systems_update_counts after update on systems for each row
  insert into company_revisions (company_id, part, n) values (new.company_id, 'company', uuid_short()) on duplicate key update n = values(n);
create trigger library_items_insert_counts after insert on library_items for each row
  insert into company_revisions (company_id, part, n) values (new.company_id, 'company', uuid_short()) on duplicate key update n = values(n);
create trigger library_items_update_counts after update on library_items for each row
  insert into company_revisions (company_id, part, n) values (new.company_id, 'company', uuid_short()) on duplicate key update n = values(n);
create trigger library_items_delete_counts after delete on library_items for each row
  insert into company_revisions (company_id, part, n) values (old.company_id, 'company', uuid_short()) on duplicate key update n = values(n);
create trigger matched_pairs_insert_counts after insert on matched_pairs for each row
  insert into company_revisions (company_id, part, n) values (new.company_id, 'company', uuid_short()) on duplicate key update n = values(n);
create trigger matched_pairs_update_counts after update on matched_pairs for each row
  insert into company_revisions (company_id, part, n) values (new.company_id, 'company', uuid_short()) on duplicate key update n = values(n);
create trigger matched_pairs_delete_counts after delete on matched_pairs for each row
  insert into company_revisions (company_id, part, n) values (old.company_id, 'company', uuid_short()) on duplicate key update n = values(n);
create trigger model_patterns_insert_counts after insert on model_patterns for each row
  insert into company_revisions (company_id, part, n) values (new.company_id, 'company', uuid_short()) on duplicate key update n = values(n);
create trigger model_patterns_update_counts after update on model_patterns for each row
  insert into company_revisions (company_id, part, n) values (new.company_id, 'company', uuid_short()) on duplicate key update n = values(n);
create trigger model_patterns_delete_counts after delete on model_patterns for each row
  insert into company_revisions (company_id, part, n) values (old.company_id, 'company', uuid_short()) on duplicate key update n = values(n);
create trigger cylinders_insert_counts after insert on cylinders for each row
  insert into company_revisions (company_id, part, n) values (new.company_id, 'cylinders', uuid_short()) on duplicate key update n = values(n);
create trigger cylinders_update_counts after update on cylinders for each row
  insert into company_revisions (company_id, part, n) values (new.company_id, 'cylinders', uuid_short()) on duplicate key update n = values(n);
create trigger cylinders_delete_counts after delete on cylinders for each row
  insert into company_revisions (company_id, part, n) values (old.company_id, 'cylinders', uuid_short()) on duplicate key update n = values(n);
create trigger cylinder_movements_insert_counts after insert on cylinder_movements for each row
  insert into company_revisions (company_id, part, n) values (new.company_id, 'cylinders', uuid_short()) on duplicate key update n = values(n);
