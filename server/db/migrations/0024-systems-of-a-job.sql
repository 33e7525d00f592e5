-- Survey, scope and fit sheets belong to a system; what is the house's (salt air, suspected asbestos, pictures of them)
-- has no system and is asked once. What stands there already is of the system that the job was made for.
drop trigger observations_no_update;
drop trigger photos_no_update;
drop trigger scope_decisions_no_update;
drop trigger customer_signatures_no_update;
drop trigger sign_offs_no_update;

alter table observations add column system_id char(36) null after job_id;
alter table photos add column system_id char(36) null after job_id;
alter table before_waivers add column system_id char(36) null after job_id;
alter table scope_decisions add column system_id char(36) null after job_id;
alter table customer_signatures add column system_id char(36) null after job_id;
alter table fit_sheets add column system_id char(36) null after job_id;

update observations o join jobs j on j.id = o.job_id set o.system_id = j.system_id
  where o.fact not in ('saltAir', 'asbestos', 'asbestosClearedBy', 'asbestosClearedNumber', 'asbestosClearedWork', 'oilTank', 'coAlarm', 'damage');
update photos p join jobs j on j.id = p.job_id set p.system_id = j.system_id
  where p.subject not in ('fact:saltAir', 'fact:asbestos', 'fact:asbestosClearedBy', 'fact:asbestosClearedNumber', 'fact:asbestosClearedWork', 'fact:oilTank', 'fact:coAlarm', 'fact:damage');
update before_waivers w join jobs j on j.id = w.job_id set w.system_id = j.system_id;
update scope_decisions d join jobs j on j.id = d.job_id set d.system_id = j.system_id;
update customer_signatures s join jobs j on j.id = s.job_id set s.system_id = j.system_id;
update fit_sheets f join jobs j on j.id = f.job_id set f.system_id = j.system_id;
update sign_offs s join jobs j on j.id = s.job_id set s.owner_id = j.system_id where s.phase in ('survey', 'scope');
update overrides o join jobs j on j.id = o.job_id set o.owner_id = j.system_id where o.phase in ('survey', 'scope');
update phase_records r join jobs j on j.id = r.job_id set r.owner_id = j.system_id where r.phase in ('scope', 'removal', 'furnace');

alter table before_waivers modify system_id char(36) not null,
  add unique key before_waivers_of_system (job_id, system_id, item), drop key before_waivers_item;
alter table scope_decisions modify system_id char(36) not null;
alter table customer_signatures modify system_id char(36) not null;
alter table fit_sheets modify system_id char(36) not null, drop primary key, add primary key (job_id, system_id, kind);

create trigger observations_no_update before update on observations for each row
  signal sqlstate '45000' set message_text = 'observations are append-only';
create trigger photos_no_update before update on photos for each row
  signal sqlstate '45000' set message_text = 'photos are append-only';
create trigger scope_decisions_no_update before update on scope_decisions for each row
  signal sqlstate '45000' set message_text = 'decisions are append-only';
create trigger customer_signatures_no_update before update on customer_signatures for each row
  signal sqlstate '45000' set message_text = 'a customer signature is frozen';
create trigger sign_offs_no_update before update on sign_offs for each row
  signal sqlstate '45000' set message_text = 'a signature is frozen; amend beside it';
