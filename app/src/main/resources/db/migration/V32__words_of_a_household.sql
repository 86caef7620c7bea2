-- What a household calls a supply where the shipped words would have asked, or said another: chosen once, understood from then on.
create table own_word (
    household_id uuid not null references household,
    words        varchar(400) not null,
    supply_id    varchar(60) not null,
    primary key (household_id, words)
);
