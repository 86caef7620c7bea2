-- What is sealed is bound to its row and column, by a trigger on each table (Sealing). Which columns that was done for stands here,
-- sealed. A line of text is enough for a name or a note.
alter table seal_proof add column bound varchar(20000) default '' not null;
alter table carrier alter column name set data type varchar(1000);
alter table care_note alter column note set data type varchar(400000);

-- Notes of changes that hold texts sealed before, for no place, could be read no longer.
delete from change_note where before_rows like '%"sealed:%' or after_rows like '%"sealed:%';
