-- The example a household looks at among its own things, so that one touch takes it away.
create table example (
    household_id uuid not null primary key references household,
    trip_id      uuid not null,
    kit_id       uuid not null,
    list_id      uuid not null
);
