alter table customer_signatures add column terms json null;
