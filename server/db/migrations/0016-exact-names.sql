alter table people modify sign_in varchar(120) character set utf8mb4 collate utf8mb4_bin not null;
