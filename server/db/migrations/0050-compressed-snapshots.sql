-- What a signature froze was half of what a job takes on the disk; it shrinks to a tenth and is read for papers alone.
alter table sign_offs
  modify snapshot longtext character set utf8mb4 collate utf8mb4_bin compressed not null check (json_valid(snapshot));
