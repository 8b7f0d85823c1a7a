-- What a turner says of the air and the wood of a piece's joint.
create table piece_fit (
  piece_id bigint primary key references piece (id) on delete cascade,
  document clob not null
);
