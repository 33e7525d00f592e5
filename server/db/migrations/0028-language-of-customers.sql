-- What a customer of the company reads where nobody has said anything else.
alter table companies add column customer_language varchar(2) not null default 'en',
  add constraint companies_language check (customer_language in ('en', 'es'));
