-- Lists of a company with a hundred thousand jobs: the nearest first from either side of today, and words by their beginnings.
alter table job_summary
  add key job_summary_next (company_id, state, scheduled_for, number desc),
  add key job_summary_past (company_id, state, scheduled_for, number),
  add key job_summary_silent (company_id, check_in_due),
  add fulltext key job_summary_words (search_text),
  drop key job_summary_list;
