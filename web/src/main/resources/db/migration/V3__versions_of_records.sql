alter table piece_record add column if not exists version int default 1 not null;

-- Runs from before a fact held all that it says of the wood are made whole at the next start.
alter table run add column if not exists whole boolean default true not null;
update run set whole = false;
