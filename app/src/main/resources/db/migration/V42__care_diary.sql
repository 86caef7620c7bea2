-- What was found and given, and whether it helped, casualty by casualty; sealed like all that is written about people.
create table care_note (
    id           uuid      not null primary key,
    household_id uuid      not null references household,
    person_id    uuid      not null,
    noted_at     timestamp not null,
    note         text      not null
);
create index care_note_person on care_note (household_id, person_id, noted_at);
