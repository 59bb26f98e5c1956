-- A loop, bar or sprocket is with a mechanic or dealer. What comes with its return is filled in once.
create table part_away (
    id uuid primary key,
    part_id uuid not null references part (id),
    -- The same while it is away: a part is with one at a time.
    open_part_id uuid unique references part (id),
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
    check ((back_at is null) = (open_part_id is not null)),
    check (cost_cents >= 0)
);
create index part_away_of_part on part_away (part_id, back_at);

-- What was said of when it comes back and what that will cost; what was said last counts.
create table part_away_word (
    id uuid primary key,
    away_id uuid not null references part_away (id),
    expected_on date,
    counted boolean not null,
    quote_cents integer,
    note varchar(300),
    at timestamp with time zone not null,
    person_id uuid not null references person (id),
    device varchar(60),
    check (quote_cents >= 0)
);
create index part_away_word_of_away on part_away_word (away_id, at);

-- Somebody looked at it on the shelf when it was back. Taken back, it is a look no more.
create table part_look (
    id uuid primary key,
    away_id uuid not null references part_away (id),
    at timestamp with time zone not null,
    person_id uuid not null references person (id),
    device varchar(60),
    struck_at timestamp with time zone,
    struck_by uuid references person (id),
    struck_device varchar(60),
    struck_reason varchar(300),
    version integer,
    check ((struck_at is null) = (struck_by is null)),
    check ((struck_at is null) = (struck_reason is null))
);
create index part_look_of_away on part_look (away_id);

-- What is told of parts that are overdue names who has them, and each of them.
alter table reminder_told alter column about varchar(80) not null;
alter table reminder_told alter column what varchar(700);
