-- Every piece of bench work is one record here, whatever its step; a tension check has its own table beside it and the
-- same id. Never changed: what was wrong is struck out in work_void.
create table work_record (
    id uuid primary key,
    saw_id uuid not null references saw (id),
    -- Empty outside a visit.
    visit_id uuid,
    step varchar(24) not null,
    outcome varchar(8) not null,
    at timestamp with time zone not null,
    recorded_at timestamp with time zone not null,
    person_id uuid not null references person (id),
    device varchar(60) not null,
    chain_id uuid references chain (id),
    bar_id uuid references bar (id),
    sprocket_id uuid references sprocket (id),
    fitting_id uuid references set_fitting (id),
    -- The part that was taken off by a replacing step.
    replaced_id uuid,
    note varchar(500)
);
create index work_record_by_saw on work_record (saw_id, at);
create index work_record_by_chain on work_record (chain_id, step, at);
create index work_record_by_bar on work_record (bar_id, step, at);
create index work_record_by_sprocket on work_record (sprocket_id, step, at);
create index work_record_by_visit on work_record (visit_id);
create index work_record_by_time on work_record (at);

create table work_measure (
    record_id uuid not null references work_record (id),
    measure varchar(24) not null,
    figure double precision not null,
    primary key (record_id, measure)
);

create table work_finding (
    record_id uuid not null references work_record (id),
    finding varchar(32) not null,
    primary key (record_id, finding)
);

create table work_void (
    record_id uuid primary key references work_record (id),
    reason varchar(300) not null,
    at timestamp with time zone not null,
    person_id uuid not null references person (id)
);

create table visit (
    id uuid primary key,
    version integer not null,
    saw_id uuid not null references saw (id),
    started_at timestamp with time zone not null,
    started_by uuid not null references person (id),
    ended_at timestamp with time zone,
    ended_by uuid references person (id),
    left_open_reason varchar(300),
    decision varchar(8),
    -- Set while the saw is on the bench. Unique, so that a saw is there once at most.
    open_saw_id uuid unique
);
create index visit_by_saw on visit (saw_id, started_at);

create table visit_step (
    visit_id uuid not null references visit (id),
    step varchar(24) not null,
    why varchar(16) not null,
    task varchar(24),
    finding varchar(32),
    -- A record counts for the step from here on: it was put into the visit, or opened again.
    since timestamp with time zone not null,
    primary key (visit_id, step)
);

create table saw_hold (
    id uuid primary key,
    saw_id uuid not null references saw (id),
    step varchar(24) not null,
    -- The record that made it; empty when a person holds.
    record_id uuid references work_record (id),
    note varchar(300),
    at timestamp with time zone not null,
    person_id uuid not null references person (id),
    chain_id uuid,
    bar_id uuid,
    sprocket_id uuid
);
create index saw_hold_by_saw on saw_hold (saw_id);

create table saw_hold_finding (
    hold_id uuid not null references saw_hold (id),
    finding varchar(32) not null,
    primary key (hold_id, finding)
);

create table saw_hold_release (
    hold_id uuid primary key references saw_hold (id),
    at timestamp with time zone not null,
    person_id uuid not null references person (id)
);

insert into work_record (id, saw_id, step, outcome, at, recorded_at, person_id, device, chain_id, bar_id, sprocket_id,
                         fitting_id, note)
select t.id, t.saw_id, 'TENSION',
       case when t.outcome in ('FIRM', 'RIGHT') and not t.provisional then 'FINE'
            when t.outcome = 'THROW_RISK' then 'FAIL' else 'ATTEND' end,
       t.at, t.recorded_at, t.person_id, t.device, t.chain_id, f.bar_id, f.sprocket_id, t.fitting_id, t.note
from tension_check t join set_fitting f on f.id = t.fitting_id;

insert into work_void (record_id, reason, at, person_id)
select t.amends_id, coalesce(t.amend_reason, 'Amended'), t.recorded_at, t.person_id
from tension_check t where t.amends_id is not null;

insert into saw_hold (id, saw_id, step, record_id, at, person_id, chain_id, bar_id, sprocket_id)
select h.id, h.saw_id, 'TENSION', h.check_id, h.at, h.person_id, r.chain_id, r.bar_id, r.sprocket_id
from hold h join work_record r on r.id = h.check_id;

insert into saw_hold_release (hold_id, at, person_id)
select r.hold_id, r.at, r.person_id from hold_release r;

drop table hold_release;
drop table hold;

alter table outing add column bar_id uuid references bar (id);
alter table outing add column sprocket_id uuid references sprocket (id);
alter table outing add column out_recorded_at timestamp with time zone;
alter table outing add column out_reason varchar(300);
alter table outing add column back_recorded_at timestamp with time zone;
alter table outing add column back_reason varchar(300);
alter table outing add column oil_share double precision;
alter table outing add column works varchar(60) default '' not null;
alter table outing add column woods varchar(60) default '' not null;
alter table outing add column rain boolean default false not null;
alter table outing add column ground_struck boolean default false not null;
alter table outing add column dust_seen boolean default false not null;
alter table outing add column complaint varchar(300);
update outing o set bar_id = (select f.bar_id from set_fitting f where f.id = o.fitting_id),
                    sprocket_id = (select f.sprocket_id from set_fitting f where f.id = o.fitting_id);
update outing set out_recorded_at = out_at, back_recorded_at = back_at;
create index outing_by_bar on outing (bar_id, back_at);
create index outing_by_sprocket on outing (sprocket_id, back_at);
create index outing_by_time on outing (back_at);

create table refuel (
    id uuid primary key,
    outing_id uuid not null references outing (id),
    at timestamp with time zone not null,
    person_id uuid not null references person (id)
);
create index refuel_by_outing on refuel (outing_id);

create index set_fitting_by_sprocket on set_fitting (sprocket_id, at);

alter table setting_change add column scope varchar(8) default 'FLEET' not null;
-- Make and model, or the tag of the saw; empty for the fleet.
alter table setting_change add column scope_key varchar(140) default '' not null;
