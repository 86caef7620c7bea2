-- The label sheets a household has (tenths of a millimetre), and what stood on each card when it was last printed.
create table label_grid (
    household_id uuid not null primary key references household,
    across_count int  not null,
    down_count   int  not null,
    label_width  int  not null,
    label_height int  not null,
    margin_left  int  not null,
    margin_top   int  not null,
    gap_across   int  not null,
    gap_down     int  not null
);

create table printed_card (
    scope_id     uuid         not null,
    card         varchar(120) not null,
    household_id uuid         not null references household,
    digest       varchar(64)  not null,
    printed_at   timestamp    not null,
    primary key (scope_id, card)
);
