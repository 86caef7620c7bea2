-- A check asks for what should be there too, also what no lot was ever seen of; something may be lent; several kits make one round.
alter table check_line alter column lot_id drop not null;
alter table check_line add column supply_id varchar(60) default '' not null;
alter table check_line add column lent_to varchar(1000) default '' not null;
alter table check_round add column tour uuid;
