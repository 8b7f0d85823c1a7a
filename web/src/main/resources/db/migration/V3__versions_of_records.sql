alter table piece_record add column if not exists version int default 1 not null;
