-- The private address of a household's calendar; only a hash is kept, so that whoever reads the file cannot read the feed.
create table calendar_feed (
    household_id uuid primary key references household,
    secret_hash  varchar(64) not null unique,
    made_at      timestamp not null
);

create table mail_digest (
    household_id uuid primary key references household,
    address      varchar(254) not null,
    every_days   int not null,
    last_sent    date
);

-- Where mail goes while no mail server is named: a simulated outbox.
create table simulated_outbox (
    id           uuid primary key,
    household_id uuid not null references household,
    sent_at      timestamp not null,
    address      varchar(254) not null,
    subject      varchar(200) not null,
    body         varchar(100000) not null
);
create index simulated_outbox_of_household on simulated_outbox (household_id, sent_at);
