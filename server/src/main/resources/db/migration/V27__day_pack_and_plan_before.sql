-- Which key opens the cover: bar nuts, across flats, mm. Empty where nobody has said.
alter table saw add column nut_mm double precision;

-- Something was ticked off when a gang packed; what was said last of it counts.
create table pack_tick (
    id uuid primary key,
    booking_id uuid not null references crew_booking (id),
    kind varchar(20) not null,
    name varchar(130) not null,
    figure double precision,
    -- How much of it; 0 when it was taken out again.
    amount double precision not null,
    at timestamp with time zone not null,
    person_id uuid not null references person (id),
    device varchar(60),
    check (amount >= 0)
);
create index pack_tick_of_booking on pack_tick (booking_id, at);

-- What the plan had last, so that the next one stays near it after a restart, too. No record: it goes into no file and has no seal.
create table plan_before (
    id integer primary key,
    made_on date not null,
    -- Per saw its days and the bookings that it served, as JSON.
    kept character large object not null,
    check (id = 1)
);
