-- Medicines of one's own, notes about countries, addresses and mails are about people too: sealed at the next start, and longer so.

alter table own_medicine alter column name varchar(700);
alter table own_medicine alter column ingredient varchar(400);
alter table own_medicine alter column classes varchar(1400);
alter table own_medicine alter column confirmed varchar(1100);
alter table own_medicine alter column also_holds varchar(1400);
alter table own_medicine alter column bands varchar(12000);
alter table country_note alter column country varchar(500);
alter table country_note alter column note varchar(1700);
alter table country_note alter column source varchar(800);
alter table mail_digest alter column address varchar(900);
alter table simulated_outbox alter column address varchar(900);
alter table simulated_outbox alter column subject varchar(800);
alter table simulated_outbox alter column body varchar(300000);
