-- Who changed what, with the rows as they stood before and after. What is sealed in its table is sealed here.

create table change_note (
    id uuid primary key,
    number bigint generated always as identity,
    household_id uuid not null references household (id),
    noted_at timestamp not null,
    who varchar(80) not null,
    kind varchar(20) not null,
    thing_table varchar(40) not null,
    thing_key varchar(200) not null,
    before_rows varchar(1000000),
    after_rows varchar(1000000)
);

create index change_note_of_household on change_note (household_id, noted_at);
create index change_note_of_thing on change_note (household_id, thing_key);
