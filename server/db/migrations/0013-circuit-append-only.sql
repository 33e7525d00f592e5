create trigger circuit_entries_no_update before update on circuit_entries for each row
  signal sqlstate '45000' set message_text = 'the circuit log is append-only';

create trigger circuit_entries_no_delete before delete on circuit_entries for each row
  signal sqlstate '45000' set message_text = 'the circuit log is append-only';

create trigger cylinder_movements_no_update before update on cylinder_movements for each row
  signal sqlstate '45000' set message_text = 'the cylinder ledger is append-only';

create trigger cylinder_movements_no_delete before delete on cylinder_movements for each row
  signal sqlstate '45000' set message_text = 'the cylinder ledger is append-only';
