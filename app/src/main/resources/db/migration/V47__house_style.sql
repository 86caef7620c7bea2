-- In which units, dates and language each household reads and writes; what is kept elsewhere stays metric.

create table house_style (
    household_id uuid primary key references household (id),
    mass varchar(20) not null,
    volume varchar(20) not null,
    temperature varchar(20) not null,
    dates varchar(20) not null,
    week_begins varchar(10) not null,
    zone varchar(60),
    paper varchar(10) not null,
    language varchar(20) not null
);
