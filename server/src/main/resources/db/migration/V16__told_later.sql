-- What a loop's maker says of it was told anew: who, when, why, and what stood there before.
create table loop_change (
    id uuid primary key,
    chain_id uuid not null references chain (id),
    at timestamp with time zone not null,
    person_id uuid not null references person (id),
    reason varchar(300) not null,
    -- Absent: that of its pitch held, or of a loop without a mark.
    tang_before_mm double precision,
    new_cutter_before_mm double precision,
    wear_mark_before_mm double precision,
    file_before_mm double precision,
    tang_after_mm double precision,
    new_cutter_after_mm double precision,
    wear_mark_after_mm double precision,
    file_after_mm double precision
);
create index loop_change_by_chain on loop_change (chain_id, at);

-- Work that opened a set, written down after its tension had been read: those readings were taken on a set that was apart.
create table late_opening (
    record_id uuid primary key references work_record (id),
    saw_id uuid not null references saw (id),
    at timestamp with time zone not null
);
create index late_opening_by_saw on late_opening (saw_id);

-- On how many days of a longer outing a saw ran; empty where nobody said.
alter table outing add column days_run integer check (days_run >= 0);
