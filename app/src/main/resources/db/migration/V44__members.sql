-- Who belongs to which household, and what they may do there. An account may belong to several and has one of them open.

create table membership (
    id           uuid primary key,
    household_id uuid not null references household on delete cascade,
    account_id   uuid not null references account on delete cascade,
    role         varchar(20) not null,
    since        timestamp not null,
    unique (household_id, account_id)
);
create index membership_of_account on membership (account_id);

insert into membership (id, household_id, account_id, role, since)
    select random_uuid(), household_id, id, 'KEEPER', current_timestamp from account;

alter table account alter column household_id rename to open_household_id;
alter table account alter column open_household_id set null;

-- Only the hash of a code is kept; it opens once, and for three days.
create table invitation (
    id           uuid primary key,
    household_id uuid not null references household on delete cascade,
    role         varchar(20) not null,
    hash         varchar(64) not null unique,
    made_by      varchar(80) not null,
    made_at      timestamp not null,
    until        timestamp not null,
    used_by      varchar(80)
);

-- Two keepers erase a household: one asks, another agrees.
create table farewell (
    household_id uuid primary key references household on delete cascade,
    asked_by     uuid not null references account on delete cascade,
    asked_at     timestamp not null
);

-- Who came in, who may do what, what left the house, what was erased. Without a household where somebody belonged to none.
create table audit (
    id           uuid primary key,
    household_id uuid,
    at           timestamp not null,
    who          varchar(80) not null,
    kind         varchar(20) not null,
    what         varchar(400) not null
);
create index audit_of_household on audit (household_id, at);

-- What a program may reach, until when, and when it last did. What was made before keeps everything for a year.
alter table access_token add column scopes varchar(60) not null default 'TRIPS,KITS,PEOPLE';
alter table access_token add column until timestamp;
alter table access_token add column last_used timestamp;
update access_token set until = dateadd('YEAR', 1, current_timestamp);
alter table access_token alter column until set not null;
alter table access_token alter column scopes drop default;

-- Feeds likewise: three lists apart, until a day, and when it was last read.
alter table calendar_feed add column until timestamp;
alter table calendar_feed add column last_read timestamp;
update calendar_feed set until = dateadd('YEAR', 1, current_timestamp);
alter table calendar_feed alter column until set not null;
