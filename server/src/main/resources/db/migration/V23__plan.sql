-- A crew wants saws on a day. Never changed: one that is changed is called off, and another one names it.
create table crew_booking (
    id uuid primary key,
    crew_id uuid not null references crew (id),
    leaves_on date not null,
    -- By the clock of the fleet, as 07:00.
    leaves_at varchar(5) not null,
    until_on date not null,
    saws integer not null,
    bar_at_least_mm double precision,
    handle varchar(10),
    power varchar(10),
    note varchar(200),
    amends_id uuid references crew_booking (id),
    at timestamp with time zone not null,
    person_id uuid not null references person (id),
    device varchar(60),
    ended_at timestamp with time zone,
    ended_by uuid references person (id),
    ended_device varchar(60),
    check (saws between 1 and 200),
    check (until_on >= leaves_on),
    check (bar_at_least_mm > 0),
    check ((ended_at is null) = (ended_by is null))
);
create index crew_booking_by_day on crew_booking (until_on);

-- Minutes that the benches have: on one day, or on every such day of the week. What was said last counts.
create table bench_minutes (
    id uuid primary key,
    day_on date,
    weekday integer,
    minutes double precision not null,
    note varchar(200),
    at timestamp with time zone not null,
    person_id uuid not null references person (id),
    device varchar(60),
    check ((day_on is null) <> (weekday is null)),
    check (weekday between 1 and 7),
    check (minutes between 0 and 1440)
);
create index bench_minutes_by_day on bench_minutes (day_on);

-- What the officer wants of the plan: a saw on that day, or not at all; in force until it is taken back or done.
create table plan_wish (
    id uuid primary key,
    saw_id uuid not null references saw (id),
    day_on date,
    at timestamp with time zone not null,
    person_id uuid not null references person (id),
    device varchar(60),
    ended_at timestamp with time zone,
    ended_by uuid references person (id),
    ended_device varchar(60),
    check ((ended_at is null) = (ended_by is null))
);
create index plan_wish_of_saw on plan_wish (saw_id, ended_at);
