create trigger measurements_no_update before update on measurements for each row
  signal sqlstate '45000' set message_text = 'measurements are append-only';

create trigger measurements_no_delete before delete on measurements for each row
  signal sqlstate '45000' set message_text = 'measurements are append-only';

create trigger audit_no_update before update on audit for each row
  signal sqlstate '45000' set message_text = 'the audit trail is append-only';

create trigger audit_no_delete before delete on audit for each row
  signal sqlstate '45000' set message_text = 'the audit trail is append-only';

create trigger sign_offs_no_update before update on sign_offs for each row
  signal sqlstate '45000' set message_text = 'a signature is frozen; amend beside it';

create trigger sign_offs_no_delete before delete on sign_offs for each row
  signal sqlstate '45000' set message_text = 'a signature is frozen; amend beside it';

create trigger run_chunks_no_update before update on run_chunks for each row
  signal sqlstate '45000' set message_text = 'run chunks are append-only';
