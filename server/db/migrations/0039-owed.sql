-- What a job still owes its customer, by date: part of the projection that lists read. Rows are written anew when their job changes.
alter table job_summary add column owed json not null default '[]', add column owed_on date null;
alter table job_summary add key job_summary_owed (company_id, owed_on);
