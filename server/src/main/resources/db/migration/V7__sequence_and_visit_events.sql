-- Records are numbered in the order in which they were written: of two records of one moment the number tells which came
-- first. What was written before is numbered by its time.
alter table work_record add column seq bigint;
alter table fault_event add column seq bigint;

-- What happened in a visit beside its work records, never changed: a step was put in, or called for again. What was done is
-- told by work records with a higher number. Before, the state of a step was kept and written over.
create table visit_event (
    id uuid primary key,
    seq bigint,
    visit_id uuid not null references visit (id),
    step varchar(24) not null,
    why varchar(16) not null,
    task varchar(24),
    finding varchar(32),
    -- The record that called for it: struck out, it takes this along. Empty when none did.
    by_record uuid references work_record (id),
    at timestamp with time zone not null
);

insert into visit_event (id, visit_id, step, why, task, finding, by_record, at)
select random_uuid(), s.visit_id, s.step, s.why, s.task, s.finding,
       -- Steps were opened a microsecond after the record that called for them.
       case when s.why in ('FINDING', 'FOLLOWS', 'CLOSES')
            then (select max(r.id) from work_record r
                  where r.visit_id = s.visit_id and r.recorded_at < s.since
                  and r.recorded_at >= dateadd(microsecond, -2, s.since))
       end,
       s.since
from visit_step s;

create table numbering (id uuid not null, n bigint not null);
insert into numbering (id, n)
select x.id, row_number() over (order by x.moment, x.kind, x.at, x.id)
from (select id, recorded_at moment, 1 kind, at from work_record
      union all select id, at, 0, at from visit_event
      union all select id, at, 2, at from fault_event) x;
create index numbering_by_id on numbering (id);
update work_record r set seq = (select n.n from numbering n where n.id = r.id);
update visit_event e set seq = (select n.n from numbering n where n.id = e.id);
update fault_event e set seq = (select n.n from numbering n where n.id = e.id);
drop table numbering;
drop table visit_step;

alter table work_record alter column seq set not null;
alter table visit_event alter column seq set not null;
alter table fault_event alter column seq set not null;
create unique index work_record_by_seq on work_record (seq);
create unique index visit_event_by_seq on visit_event (seq);
create unique index fault_event_by_seq on fault_event (seq);
create index visit_event_by_visit on visit_event (visit_id, seq);

-- The latest record of a step is the last of its index, by time and then by number.
drop index work_record_by_saw_and_step;
drop index work_record_by_chain;
drop index work_record_by_bar;
drop index work_record_by_sprocket;
create index work_record_by_saw_and_step
    on work_record (saw_id, step, at, seq, outcome, id, visit_id, chain_id, bar_id, sprocket_id);
create index work_record_by_chain on work_record (chain_id, step, at, seq, id, fitting_id);
create index work_record_by_bar on work_record (bar_id, step, at, seq, id);
create index work_record_by_sprocket on work_record (sprocket_id, step, at, seq, id);
