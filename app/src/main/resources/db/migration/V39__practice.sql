-- What somebody practised, and when it is asked again.
create table practised (
    household_id uuid        not null references household,
    who          varchar(80) not null,
    problem_id   varchar(80) not null,
    ease         double precision not null,
    days         int         not null,
    repetitions  int         not null,
    due_on       date        not null,
    last_on      date        not null,
    times        int         not null,
    last_right   int         not null,
    last_asked   int         not null,
    last_seconds int         not null,
    primary key (household_id, who, problem_id)
);
