-- A phase's signature, override and record belong to a circuit of a system or to the job, by its descriptor.
alter table sign_offs add column owner_id char(36) null after job_id;
alter table overrides add column owner_id char(36) null after job_id;
alter table phase_records add column owner_id char(36) null after job_id;

drop trigger sign_offs_no_update;

update sign_offs s join jobs j on j.id = s.job_id
  set s.owner_id = if(s.phase in ('survey', 'scope', 'hand-over'), j.id, j.circuit_id);
update overrides o join jobs j on j.id = o.job_id
  set o.owner_id = if(o.phase in ('survey', 'scope', 'hand-over'), j.id, j.circuit_id);
update phase_records r join jobs j on j.id = r.job_id
  set r.owner_id = if(r.phase in ('survey', 'scope', 'hand-over', 'furnace'), j.id, j.circuit_id);

create trigger sign_offs_no_update before update on sign_offs for each row
  signal sqlstate '45000' set message_text = 'a signature is frozen; amend beside it';

alter table sign_offs modify owner_id char(36) not null,
  add unique key sign_offs_owner (job_id, owner_id, phase), drop key sign_offs_phase;
alter table overrides modify owner_id char(36) not null,
  add unique key overrides_owner (job_id, owner_id, phase, gate), drop key overrides_gate;
alter table phase_records modify owner_id char(36) not null, drop primary key, add primary key (job_id, owner_id, phase);
