-- The address of a person's calendar feed: whoever has it reads their days, nothing else.
alter table people add column calendar_token char(43) null;
alter table people add unique key people_calendar_token (calendar_token);
-- Jobs of a week are found by their day.
alter table jobs add key jobs_day (company_id, scheduled_for);
