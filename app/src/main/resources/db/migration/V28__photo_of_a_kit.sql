-- A photo of a kit, small and as text.
create table kit_photo (
    kit_id       uuid primary key,
    household_id uuid not null references household on delete cascade,
    jpeg         varchar(1000000) not null
);
