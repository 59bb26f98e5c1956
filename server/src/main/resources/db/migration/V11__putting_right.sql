-- A wrong entry is struck out, and stays readable; one that takes its place names it.
alter table outing add column struck_at timestamp with time zone;
alter table outing add column struck_by uuid references person (id);
alter table outing add column struck_reason varchar(300);
alter table outing add column amends_id uuid unique references outing (id);
alter table outing add check ((struck_at is null) = (struck_by is null) and (struck_at is null) = (struck_reason is null));
alter table outing add check (amends_id <> id);

alter table refuel add column struck_at timestamp with time zone;
alter table refuel add column struck_by uuid references person (id);
alter table refuel add check ((struck_at is null) = (struck_by is null));

alter table visit add column struck_at timestamp with time zone;
alter table visit add column struck_by uuid references person (id);
alter table visit add column struck_reason varchar(300);
alter table visit add column amends_id uuid unique references visit (id);
alter table visit add check ((struck_at is null) = (struck_by is null) and (struck_at is null) = (struck_reason is null));
alter table visit add check (amends_id <> id);

-- What was struck out is under way no more, whether it ended or not.
execute immediate (select 'alter table outing drop constraint "' || c.constraint_name || '"'
    from information_schema.check_constraints c join information_schema.table_constraints t
    on t.constraint_schema = c.constraint_schema and t.constraint_name = c.constraint_name
    where t.table_name = 'OUTING' and c.check_clause like '%("OPEN_SAW_ID" IS NULL) = %');
alter table outing add check ((open_saw_id is null) = (back_at is not null or struck_at is not null));
execute immediate (select 'alter table visit drop constraint "' || c.constraint_name || '"'
    from information_schema.check_constraints c join information_schema.table_constraints t
    on t.constraint_schema = c.constraint_schema and t.constraint_name = c.constraint_name
    where t.table_name = 'VISIT' and c.check_clause like '%("OPEN_SAW_ID" IS NULL) = %');
alter table visit add check ((open_saw_id is null) = (ended_at is not null or struck_at is not null));

-- A saw leaves the fleet, comes back, is given another tag: who, when and why. Who retired a saw before was not kept.
create table saw_event (
    id uuid primary key,
    saw_id uuid not null references saw (id),
    kind varchar(12) not null check (kind in ('RETIRED', 'BROUGHT_BACK', 'TAGGED')),
    at timestamp with time zone not null,
    person_id uuid references person (id),
    reason varchar(300) not null,
    tag_before varchar(12),
    check ((kind = 'TAGGED') = (tag_before is not null))
);
create index saw_event_by_saw on saw_event (saw_id, at);
insert into saw_event (id, saw_id, kind, at, person_id, reason)
select random_uuid(), id, 'RETIRED', retired_at, null, retired_reason from saw where retired_at is not null;

-- Labels with a former tag still find their saw, and no other gets it.
create table former_tag (
    tag_key varchar(12) primary key,
    saw_id uuid not null references saw (id)
);
create index former_tag_by_saw on former_tag (saw_id);

-- The same of parts.
create table part_event (
    id uuid primary key,
    part_id uuid not null references part (id),
    kind varchar(12) not null check (kind in ('RETIRED', 'BROUGHT_BACK')),
    at timestamp with time zone not null,
    person_id uuid references person (id),
    reason varchar(300) not null
);
create index part_event_by_part on part_event (part_id, at);
insert into part_event (id, part_id, kind, at, person_id, reason)
select random_uuid(), id, 'RETIRED', retired_at, retired_by, coalesce(retired_reason, '-') from part
where retired_at is not null;

-- The only release of a hold has the hold's id, as before holds ended by proof: a line of the log keeps its name.
insert into hold_release (id, hold_id, at, person_id)
select r.hold_id, r.hold_id, r.at, r.person_id from hold_release r
where not exists (select 1 from hold_release s where s.hold_id = r.hold_id and s.id <> r.id) and r.id <> r.hold_id;
update hold_proof p set release_id = (select r.hold_id from hold_release r where r.id = p.release_id)
where exists (select 1 from hold_release r join hold_release n on n.id = r.hold_id
              where r.id = p.release_id and r.id <> r.hold_id);
delete from hold_release r where r.id <> r.hold_id and exists (select 1 from hold_release n where n.id = r.hold_id);
