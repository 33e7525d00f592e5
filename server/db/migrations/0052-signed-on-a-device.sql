-- When a signature that was given on a device without a connection reached the server; null for one that was given to it.
alter table sign_offs add column arrived_at datetime(3) null after signed_at;
