-- Tagged parts that were ordered, like one that is known; what comes gets its tag when it is there.
create table part_order (
    id uuid primary key,
    like_id uuid not null references part (id),
    amount double precision not null,
    supplier varchar(80),
    expected_on date,
    at timestamp with time zone not null,
    person_id uuid not null references person (id),
    device varchar(60),
    -- Came in, or called off; empty while it is awaited.
    closed_at timestamp with time zone,
    closed_by uuid references person (id),
    closed_device varchar(60),
    check (amount >= 1),
    check ((closed_at is null) = (closed_by is null))
);
create index part_order_by_part on part_order (like_id, at);
