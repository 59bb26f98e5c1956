-- Mixed fuel in its can: which ratio, how much, and since when, so that its age is counted and not typed.
create table fuel_can (
    id uuid primary key,
    name varchar(40) not null,
    -- Parts of fuel to one of oil.
    ratio integer not null,
    fuel_ml double precision not null,
    mixed_on date not null,
    at timestamp with time zone not null,
    person_id uuid not null references person (id),
    device varchar(60) not null,
    -- Empty or poured away; both are empty while there is fuel in it.
    emptied_at timestamp with time zone,
    emptied_by uuid references person (id),
    check (ratio between 10 and 200),
    check (fuel_ml > 0 and fuel_ml <= 200000),
    check ((emptied_at is null) = (emptied_by is null))
);
create index fuel_can_by_time on fuel_can (at);
