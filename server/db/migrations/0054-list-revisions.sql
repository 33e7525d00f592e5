-- When what the list of jobs shows last changed, as 0045-revisions has it of a sheet: a page of the list that a server keeps is good
-- as long as the number stands. What the lists of owed visits and of the week show beside it does not count.
create table list_revisions (
  company_id char(36) not null primary key,
  n bigint unsigned not null
);
create trigger job_summary_insert_counts after insert on job_summary for each row
  insert into list_revisions (company_id, n) values (new.company_id, uuid_short()) on duplicate key update n = values(n);
create trigger job_summary_delete_counts after delete on job_summary for each row
  insert into list_revisions (company_id, n) values (old.company_id, uuid_short()) on duplicate key update n = values(n);
create trigger job_summary_update_counts after update on job_summary for each row
  if not (old.circuit_id <=> new.circuit_id and old.number = new.number and old.customer = new.customer and old.address = new.address and old.system = new.system and old.lead_name = new.lead_name and old.scheduled_for = new.scheduled_for and old.phase = new.phase and old.state = new.state and old.mark = new.mark and old.waits_for = new.waits_for and old.check_in_due <=> new.check_in_due and old.search_text = new.search_text) then insert into list_revisions (company_id, n) values (new.company_id, uuid_short()) on duplicate key update n = values(n); end if;
