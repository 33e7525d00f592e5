alter table circuits modify plate json null, modify refrigerant varchar(12) null, modify metering varchar(20) null, modify nominal_tons double null;

alter table equipment modify maker varchar(80) null, modify model varchar(80) null;
