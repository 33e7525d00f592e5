create trigger observations_no_update before update on observations for each row
  signal sqlstate '45000' set message_text = 'observations are append-only';

create trigger observations_no_delete before delete on observations for each row
  signal sqlstate '45000' set message_text = 'observations are append-only';

create trigger scope_decisions_no_update before update on scope_decisions for each row
  signal sqlstate '45000' set message_text = 'decisions are append-only';

create trigger scope_decisions_no_delete before delete on scope_decisions for each row
  signal sqlstate '45000' set message_text = 'decisions are append-only';

create trigger customer_signatures_no_update before update on customer_signatures for each row
  signal sqlstate '45000' set message_text = 'a customer signature is frozen';

create trigger customer_signatures_no_delete before delete on customer_signatures for each row
  signal sqlstate '45000' set message_text = 'a customer signature is frozen';

create trigger photos_no_update before update on photos for each row
  signal sqlstate '45000' set message_text = 'photos are append-only';
