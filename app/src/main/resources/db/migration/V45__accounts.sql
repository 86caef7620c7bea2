-- A second factor (its secret sealed), an address to recover by (sealed), and when the password was last set.
alter table account add column totp varchar(400) not null default '';
alter table account add column mail varchar(900) not null default '';
alter table account add column password_at timestamp;

-- Ways back into an account: recovery codes of one's own, or a link by mail or from a keeper. Only hashes are kept; each opens once.
create table way_back (
    id         uuid primary key,
    account_id uuid not null references account on delete cascade,
    kind       varchar(20) not null,
    hash       varchar(64) not null unique,
    until      timestamp,
    used_at    timestamp
);
create index way_back_of_account on way_back (account_id);
