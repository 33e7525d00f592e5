-- An override falls when an entry it rested on is withdrawn or corrected; the same gate can then be overridden again.
alter table overrides
  add column after_entry_id char(36) null after reason,
  add key overrides_of_gate (job_id, owner_id, phase, gate), drop key overrides_owner;
