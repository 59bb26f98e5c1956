-- What some work at the bench turned out to take; the latest of a setting holds until people set it anew.
create table minutes_taken (
    id uuid primary key,
    setting_key varchar(60) not null,
    -- Empty: what people set holds again.
    counts double precision,
    times double precision not null,
    at_least double precision not null,
    at_most double precision not null,
    at timestamp with time zone not null,
    person_id uuid not null references person (id),
    device varchar(60),
    check (counts >= 0),
    check (times > 0),
    check (at_least >= 0 and at_most >= at_least)
);
create index minutes_taken_by_key on minutes_taken (setting_key, at);
