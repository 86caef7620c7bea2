-- What belongs in a kit: how many after a refill, how many at least, in which module and why; and every version of it. The table keeps
-- its first name, kit, so that every earlier backup can be read.
alter table kit_line add column least int default 0 not null;
alter table kit_line add column module varchar(80) default '' not null;
alter table kit_line add column why varchar(200) default '' not null;

create table list_version (
    id      uuid primary key,
    kit_id  uuid not null references kit on delete cascade,
    number  int not null,
    made_at timestamp not null,
    made_by varchar(80) not null,
    why     varchar(200) not null,
    unique (kit_id, number)
);
create table list_version_line (
    version_id uuid not null references list_version on delete cascade,
    position   int not null,
    supply_id  varchar(60) not null,
    pieces     int not null,
    least      int default 0 not null,
    module     varchar(80) default '' not null,
    why        varchar(200) default '' not null,
    primary key (version_id, position)
);
insert into list_version select random_uuid(), id, 1, saved_at, '', '' from kit;
insert into list_version_line
    select v.id, l.position, l.supply_id, l.pieces, 0, '', '' from kit_line l join list_version v on v.kit_id = l.kit_id;

-- A kit is a thing in the world: where it stands, who knows that, what state it is in, what it is filled from; what lies in what to any
-- depth, and where a module belongs that was lifted out.
alter table stock_place add column stands varchar(160) default '' not null;
alter table stock_place add column known_by varchar(1000) default '' not null;
alter table stock_place add column condition varchar(200) default '' not null;
alter table stock_place add column filled_from uuid references stock_place on delete set null;
alter table stock_place add column belongs_in uuid references stock_place;
alter table stock_place add column retired_on date;
alter table stock_place add column deleted_at timestamp;
update stock_place set belongs_in = inside;

create table place_move (
    id           uuid primary key,
    household_id uuid not null references household,
    place_id     uuid not null references stock_place,
    out_of       uuid references stock_place,
    put_into     uuid references stock_place,
    made_at      timestamp not null,
    made_by      varchar(80) not null
);
create index place_move_of_household on place_move (household_id, place_id, made_at);
