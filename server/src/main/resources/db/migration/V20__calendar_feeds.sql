-- Addresses under which a calendar program reads the schedule without signing in. No record of work.
create table calendar_feed (
    id uuid primary key,
    -- SHA-256 of what the address carries.
    secret varchar(64) not null unique,
    person_id uuid not null references person (id),
    at timestamp with time zone not null,
    ended_at timestamp with time zone
);
