-- What was written before a signature, on a device without a connection, and came after it. It changes nothing of what was
-- signed; it stands beside it until whoever leads the job has seen it, and on the paper for good.
create table late_entries (
  id char(36) not null primary key,
  company_id char(36) not null,
  job_id char(36) not null,
  circuit_id char(36) not null,
  sign_off_id char(36) not null,
  what varchar(40) not null,
  body json not null,
  body_hash char(64) not null,
  person_id char(36) not null,
  written_at datetime(3) not null,
  arrived_at datetime(3) not null,
  seen_by char(36) null,
  seen_at datetime(3) null,
  key late_entries_job (company_id, job_id, arrived_at),
  key late_entries_open (company_id, seen_at),
  constraint fk_late_entries_job foreign key (job_id) references jobs (id),
  constraint fk_late_entries_sign_off foreign key (sign_off_id) references sign_offs (id),
  constraint fk_late_entries_person foreign key (person_id) references people (id),
  constraint fk_late_entries_seen foreign key (seen_by) references people (id)
);

create trigger late_entries_no_delete before delete on late_entries for each row
  signal sqlstate '45000' set message_text = 'late entries are append-only';

-- The one change: somebody has seen it.
create trigger late_entries_no_update before update on late_entries for each row
  if old.seen_at is not null or new.seen_at is null or (new.id, new.company_id, new.job_id, new.circuit_id, new.sign_off_id, new.what, new.body_hash, new.body, new.person_id, new.written_at, new.arrived_at) <> (old.id, old.company_id, old.job_id, old.circuit_id, old.sign_off_id, old.what, old.body_hash, old.body, old.person_id, old.written_at, old.arrived_at) then signal sqlstate '45000' set message_text = 'late entries are append-only'; end if;
