-- Every change of a mat can be taken back: a step keeps the lines it changed, before and after.
alter table mat add column done int default 0 not null;
alter table mat_line add column learn boolean default false not null;

create table mat_step (
    id                  uuid primary key,
    trip_id             uuid not null references mat on delete cascade,
    number              int not null,
    words               varchar(200) not null,
    trip_version_before bigint not null,
    trip_version_after  bigint not null,
    unique (trip_id, number)
);

-- Pieces are null where there is no line.
create table mat_step_line (
    step_id       uuid not null references mat_step on delete cascade,
    supply_id     varchar(60) not null,
    pieces_before int,
    hold_before   varchar(10) not null,
    learn_before  boolean not null,
    pieces_after  int,
    hold_after    varchar(10) not null,
    learn_after   boolean not null,
    primary key (step_id, supply_id)
);

-- Outlines have finer names now.
update own_supply set text = regexp_replace(regexp_replace(regexp_replace(text,
    '(?m)^form\s*=\s*flat\s*$', 'form = pad'),
    '(?m)^form\s*=\s*long\s*$', 'form = splint'),
    '(?m)^form\s*=\s*pouch\s*$', 'form = bag');
