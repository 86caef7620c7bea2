-- Where a pack is sold, if the price list says so; and in what money a household reckons, as an ISO 4217 code, empty if nobody said.
alter table price_offer add shop varchar(80) default '' not null;
alter table stock_head add currency varchar(3) default '' not null;
