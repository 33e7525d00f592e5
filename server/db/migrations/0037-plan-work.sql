-- The company's own pieces of work are read by kind, across its jobs.
alter table circuit_entries add key circuit_entries_kind (company_id, kind, seq);
