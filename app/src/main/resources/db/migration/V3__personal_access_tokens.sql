-- Personal access tokens for the API. Only a hash is kept: whoever reads the file cannot sign in with it.
create table access_token (
    id           uuid primary key,
    household_id uuid not null references household,
    account_id   uuid not null references account,
    name         varchar(80) not null,
    hash         varchar(64) not null unique,
    made_at      timestamp not null
);
create index access_token_of_household on access_token (household_id, made_at);
