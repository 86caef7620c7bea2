-- What a household adds to what could happen, and to what a kit can do about it.
create table own_capability (
    household_id  uuid          not null references household,
    capability_id varchar(80)   not null,
    name          varchar(80)   not null,
    text          varchar(1000) not null,
    deleted_at    timestamp,
    primary key (household_id, capability_id)
);

-- text as in problems.txt, words as in procedures.txt, each the parts that somebody may write themselves.
create table own_problem (
    household_id uuid          not null references household,
    problem_id   varchar(80)   not null,
    name         varchar(80)   not null,
    text         varchar(4000) not null,
    words        varchar(4000) not null,
    deleted_at   timestamp,
    primary key (household_id, problem_id)
);
