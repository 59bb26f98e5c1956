-- Parts as individuals: what they cost, and their end.
alter table chain add column new_cutter_mm double precision;
alter table chain add column cost_cents integer;
alter table chain add column retired_at timestamp with time zone;
alter table chain add column retired_by uuid;
alter table chain add column retired_reason varchar(300);
alter table bar add column cost_cents integer;
alter table bar add column retired_at timestamp with time zone;
alter table bar add column retired_by uuid;
alter table bar add column retired_reason varchar(300);
alter table sprocket add column cost_cents integer;
alter table sprocket add column retired_at timestamp with time zone;
alter table sprocket add column retired_by uuid;
alter table sprocket add column retired_reason varchar(300);
create index set_fitting_by_chain on set_fitting (chain_id, at);
create index set_fitting_by_bar on set_fitting (bar_id, at);

-- A loop in the vice: every cutter before and after, kept while it is measured and filed.
create table sharpening (
    id uuid primary key,
    version integer not null,
    saw_id uuid not null references saw (id),
    chain_id uuid not null references chain (id),
    visit_id uuid references visit (id),
    started_at timestamp with time zone not null,
    person_id uuid not null references person (id),
    dull boolean not null,
    -- Empty: as the loop asks for.
    way varchar(16),
    -- What a stroke was reckoned to take when the plan was made.
    removal_mm double precision,
    base_strokes integer,
    ended_at timestamp with time zone,
    record_id uuid references work_record (id),
    left_reason varchar(300),
    -- Set while it lies in the vice. Unique, so that a loop is there once at most.
    open_chain_id uuid unique
);
create index sharpening_by_chain on sharpening (chain_id, ended_at);

create table sharpening_cutter (
    sharpening_id uuid not null references sharpening (id),
    place integer not null,
    before_mm double precision,
    after_mm double precision,
    damage varchar(12),
    left_out boolean not null,
    -- Strokes that were made; empty until it is filed.
    strokes integer,
    primary key (sharpening_id, place)
);

-- What is counted, not tagged. On the shelf is the sum of its moves.
create table stock_item (
    id uuid primary key,
    version integer not null,
    kind varchar(24) not null,
    name varchar(80) not null unique,
    fits varchar(80),
    least double precision not null,
    lead_days integer,
    pack double precision not null,
    cost_cents integer
);

create table stock_move (
    id uuid primary key,
    item_id uuid not null references stock_item (id),
    amount double precision not null,
    cause varchar(12) not null,
    saw_id uuid references saw (id),
    record_id uuid references work_record (id),
    reason varchar(300),
    at timestamp with time zone not null,
    person_id uuid not null references person (id)
);
create index stock_move_by_item on stock_move (item_id, at);
create index stock_move_by_saw on stock_move (saw_id);
