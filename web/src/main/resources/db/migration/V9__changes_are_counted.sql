-- Counts the changes that were stored: what lies on the disk is never from before the count that is
-- noted beside it.
create sequence change_count start with 1 no cache;
