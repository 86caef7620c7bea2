-- Which column of a table is what, as a household said it once: the same headings are understood from then on.
create table table_columns (
    household_id uuid not null references household,
    head         varchar(400) not null,
    meanings     varchar(1000) not null,
    primary key (household_id, head)
);
