-- What the shelf is searched by; the wood of the version in force stands beside the name.
alter table piece add column wood varchar(120) default '' not null;
alter table piece add column away boolean default false not null;
alter table piece add column gone_at timestamp(3) with time zone;

update piece set wood = coalesce((
  select regexp_replace(cast(d.document as varchar), '^.*"species":"([^"]{0,119})".*$', '$1', 'n')
  from piece_design d
  where d.piece_id = piece.id and d.version = piece.head and d.document like '%"species":"%'
), '') where exists (
  select 1 from piece_design d
  where d.piece_id = piece.id and d.version = piece.head and length(d.document) < 100000
);

create index piece_changed on piece (changed_at);
