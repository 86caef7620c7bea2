-- Which school a household follows where careful teaching differs.
create table followed_school (
    household_id uuid not null references household,
    topic        varchar(40) not null,
    choice       varchar(40) not null,
    primary key (household_id, topic)
);

-- Each press while somebody was helped is a time; sealed like everything about people.
alter table log_entry add column moments varchar(40000) default '' not null;
