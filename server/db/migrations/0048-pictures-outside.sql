-- Pictures may lie on a shelf outside the database; the row keeps what they are and their hash.
drop trigger photos_no_update;

alter table photos modify image mediumblob null, modify thumbnail mediumblob null;

-- The one change a picture may see: its bytes go to the shelf.
create trigger photos_no_update before update on photos for each row
  if new.image is not null or new.thumbnail is not null or (new.id, new.company_id, new.job_id, new.subject, new.content_hash, new.person_id, new.taken_at, new.bytes) <> (old.id, old.company_id, old.job_id, old.subject, old.content_hash, old.person_id, old.taken_at, old.bytes) or not new.caption <=> old.caption or not new.system_id <=> old.system_id then signal sqlstate '45000' set message_text = 'photos are append-only'; end if;
