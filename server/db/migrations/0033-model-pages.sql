create table model_pages (
  item_id char(36) not null primary key,
  company_id char(36) not null,
  image mediumblob not null,
  content_hash char(64) not null,
  updated_at datetime(3) not null,
  constraint fk_model_pages_company foreign key (company_id) references companies (id),
  constraint fk_model_pages_item foreign key (item_id) references library_items (id)
);
