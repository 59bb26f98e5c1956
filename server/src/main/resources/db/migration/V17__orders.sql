-- What was ordered of an item of the stores, from whom, and when it should come; open until it came in or was called off.
create table stock_order (
    id uuid primary key,
    item_id uuid not null references stock_item (id),
    amount double precision not null,
    supplier varchar(80),
    expected_on date,
    at timestamp with time zone not null,
    person_id uuid not null references person (id),
    -- Came in, or called off; both are empty while it is awaited.
    closed_at timestamp with time zone,
    closed_by uuid references person (id),
    check (amount > 0),
    check ((closed_at is null) = (closed_by is null))
);
create index stock_order_by_item on stock_order (item_id, at);
