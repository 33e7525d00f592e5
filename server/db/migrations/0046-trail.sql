-- The trail of a whole company, newest first.
create index audit_company on audit (company_id, id);
