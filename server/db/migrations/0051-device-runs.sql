-- Simulated instruments of a device without a connection: their run is made there and comes afterwards, piece by piece.
alter table runs add column on_device tinyint(1) not null default 0;
