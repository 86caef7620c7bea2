-- Lines that somebody pasted and that are not placed yet: kept until they are, or are dropped on purpose.
create table open_line (
    id           uuid primary key,
    household_id uuid not null references household,
    text         varchar(400) not null,
    kept_at      timestamp not null
);
create index open_line_of_household on open_line (household_id, kept_at);
