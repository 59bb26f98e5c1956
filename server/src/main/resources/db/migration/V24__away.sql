-- A saw is with a mechanic or dealer. What comes with its return is filled in once.
create table away (
    id uuid primary key,
    saw_id uuid not null references saw (id),
    -- The same while it is away: a saw is with one at a time.
    open_saw_id uuid unique references saw (id),
    who varchar(80) not null,
    why varchar(300) not null,
    since date not null,
    at timestamp with time zone not null,
    person_id uuid not null references person (id),
    device varchar(60),
    back_at timestamp with time zone,
    back_by uuid references person (id),
    back_device varchar(60),
    done varchar(300),
    cost_cents integer,
    version integer,
    check ((back_at is null) = (back_by is null)),
    check ((back_at is null) = (done is null)),
    check ((back_at is null) = (open_saw_id is not null)),
    check (cost_cents >= 0)
);
create index away_of_saw on away (saw_id);

-- What was said of when it comes back and what that will cost; what was said last counts.
create table away_word (
    id uuid primary key,
    away_id uuid not null references away (id),
    expected_on date,
    counted boolean not null,
    quote_cents integer,
    new_cents integer,
    note varchar(300),
    at timestamp with time zone not null,
    person_id uuid not null references person (id),
    device varchar(60),
    check (quote_cents >= 0),
    check (new_cents > 0)
);
create index away_word_of_away on away_word (away_id, at);
