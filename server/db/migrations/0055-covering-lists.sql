-- A search that walks the list along its order reads the words from the index itself: looking each job up took longer than the rest.
alter table job_summary
  drop key job_summary_next, drop key job_summary_past,
  add key job_summary_next (company_id, state, scheduled_for, number desc, check_in_due, search_text),
  add key job_summary_past (company_id, state, scheduled_for, number, check_in_due, search_text);
