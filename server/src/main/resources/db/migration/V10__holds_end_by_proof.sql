-- A release stands on the records that proved it: struck out, one of them takes the release along, and the saw is held again.
create table hold_release (
    id uuid primary key,
    hold_id uuid not null references saw_hold (id),
    at timestamp with time zone not null,
    person_id uuid not null references person (id)
);
insert into hold_release (id, hold_id, at, person_id) select random_uuid(), hold_id, at, person_id from saw_hold_release;
drop table saw_hold_release;

create table hold_proof (
    release_id uuid not null references hold_release (id),
    record_id uuid not null references work_record (id),
    primary key (release_id, record_id)
);
-- Before, any later record of the same step that did not fail was the proof.
insert into hold_proof (release_id, record_id)
select x.id, r.id from hold_release x join saw_hold h on h.id = x.hold_id join work_record r
    on r.saw_id = h.saw_id and r.step = h.step and r.outcome in ('FINE', 'ATTEND')
    and r.seq = (select max(s.seq) from work_record s
                 where s.saw_id = h.saw_id and s.step = h.step and s.outcome in ('FINE', 'ATTEND')
                 and s.at > h.at and s.recorded_at <= x.at
                 and not exists (select 1 from work_void v where v.record_id = s.id));

-- A strike has its place in the order of records: only what was written after it proves anything.
alter table work_void add column seq bigint default 0 not null;
alter table work_void alter column seq drop default;
-- What was struck out before held no more.
insert into hold_release (id, hold_id, at, person_id)
select random_uuid(), h.id, v.at, v.person_id from saw_hold h join work_void v on v.record_id = h.record_id
where not exists (select 1 from hold_release x where x.hold_id = h.id);

-- Who or what holds. What a failure made is told by its record, a rule that no record made by its findings or its step.
alter table saw_hold add column origin varchar(12);
update saw_hold set origin = case when record_id is not null then 'RULE'
                                  when fault_id is not null then 'COMPLAINT' else 'PERSON' end;
alter table saw_hold alter column origin set not null;
alter table saw_hold add check (origin in ('RULE', 'PERSON', 'COMPLAINT'));
alter table saw_hold add check ((origin = 'COMPLAINT') = (fault_id is not null));
alter table saw_hold add check (record_id is null or origin = 'RULE');

-- What fails in the fire season holds from its first day, however long before it was found.
create table winter_hold (id uuid not null, record_id uuid not null);
insert into winter_hold (id, record_id)
select random_uuid(), r.id from work_record r
where exists (select 1 from work_finding f where f.record_id = r.id and f.finding in ('SCREEN_HOLED', 'SCREEN_MISSING'))
and not exists (select 1 from work_void v where v.record_id = r.id)
and not exists (select 1 from saw_hold h where h.record_id = r.id)
and not exists (select 1 from work_record s where s.saw_id = r.saw_id and s.step = r.step and s.outcome = 'FINE'
                and s.at > r.at and not exists (select 1 from work_void v where v.record_id = s.id));
insert into saw_hold (id, saw_id, step, record_id, note, at, person_id, chain_id, bar_id, sprocket_id, origin)
select w.id, r.saw_id, r.step, r.id, left(r.note, 300), r.at, r.person_id, r.chain_id, r.bar_id, r.sprocket_id, 'RULE'
from winter_hold w join work_record r on r.id = w.record_id;
insert into saw_hold_finding (hold_id, finding)
select w.id, f.finding from winter_hold w join work_finding f on f.record_id = w.record_id
where f.finding in ('SCREEN_HOLED', 'SCREEN_MISSING');
drop table winter_hold;

-- A tag is one thing's, however it is written. Of two that differ in their letters only the later one gets a mark.
update saw set tag = left(tag, 9) || '-' || char(65 + mod(abs(ora_hash(id)), 26))
where id in (select id from (select id, row_number() over (partition by upper(tag) order by in_service, id) n from saw) where n > 1);
alter table saw add column tag_key varchar(12) generated always as (upper(tag));
alter table saw add unique (tag_key);
update part set tag = left(tag, 9) || '-' || char(65 + mod(abs(ora_hash(id)), 26))
where id in (select id from (select id, row_number() over (partition by upper(tag) order by id) n from part) where n > 1);
alter table part add column tag_key varchar(12) generated always as (upper(tag));
alter table part add unique (tag_key);
