-- The better kit that somebody was offered for a mat and did not want, so that it is not offered again; empty if none was.
alter table mat add column declined varchar(64) default '' not null;
