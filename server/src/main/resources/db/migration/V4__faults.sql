-- What a crew complained of, or somebody saw. Never changed: what happens to it is told by its events.
create table fault (
    id uuid primary key,
    saw_id uuid not null references saw (id),
    -- Code in the knowledge of faults, as are check, answer and cause below.
    complaint varchar(60) not null,
    origin varchar(8) not null,
    seen varchar(300),
    at timestamp with time zone not null,
    person_id uuid not null references person (id),
    device varchar(60) not null,
    -- The outing that it came back from; empty when it was seen otherwise.
    outing_id uuid references outing (id)
);
create index fault_by_saw on fault (saw_id, at);
create index fault_by_time on fault (at);

create table fault_event (
    id uuid primary key,
    fault_id uuid not null references fault (id),
    kind varchar(16) not null,
    check_code varchar(60),
    answer varchar(60),
    cause varchar(60),
    wet varchar(10),
    note varchar(300),
    at timestamp with time zone not null,
    person_id uuid not null references person (id),
    device varchar(60) not null
);
create index fault_event_by_fault on fault_event (fault_id, at);
create index fault_event_by_time on fault_event (at);

-- The fault that a hold was set for; empty for all others.
alter table saw_hold add column fault_id uuid references fault (id);
