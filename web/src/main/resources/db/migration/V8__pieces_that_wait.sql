-- What is not to be worked on before a day: a blank that dries, a coat that cures.
alter table piece add column waits_until date;
alter table piece add column waits_for varchar(120) default '' not null;
create index piece_wood on piece (wood);
