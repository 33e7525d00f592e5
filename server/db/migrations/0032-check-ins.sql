alter table job_summary add column check_in_due datetime(3) null;
