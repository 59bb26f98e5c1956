-- A part is one thing, whatever its kind: one tag, one place, one end. What only a chain, bar or sprocket has stays in a table
-- of its own.
create table part (
    id uuid primary key,
    version integer not null,
    kind varchar(8) not null check (kind in ('CHAIN', 'BAR', 'SPROCKET')),
    tag varchar(12) not null unique,
    -- Derived from the fitting records: where the part hangs now.
    saw_id uuid references saw (id),
    cost_cents integer check (cost_cents >= 0),
    retired_at timestamp with time zone,
    retired_by uuid references person (id),
    retired_reason varchar(300),
    -- One part of a kind on a saw; a retired part hangs nowhere.
    unique (saw_id, kind),
    check (retired_at is null or saw_id is null),
    check ((retired_at is null) = (retired_by is null))
);

-- A tag was one part's alone within its kind only: of two with one tag the bar, then the sprocket, has it with a mark.
insert into part (id, version, kind, tag, saw_id, cost_cents, retired_at, retired_by, retired_reason)
select id, version, 'CHAIN', tag, saw_id, cost_cents, retired_at, retired_by, retired_reason from chain;
insert into part (id, version, kind, tag, saw_id, cost_cents, retired_at, retired_by, retired_reason)
select b.id, b.version, 'BAR',
       case when exists (select 1 from part p where p.tag = b.tag) then left(b.tag, 10) || '-B' else b.tag end,
       b.saw_id, b.cost_cents, b.retired_at, b.retired_by, b.retired_reason from bar b;
insert into part (id, version, kind, tag, saw_id, cost_cents, retired_at, retired_by, retired_reason)
select s.id, s.version, 'SPROCKET',
       case when exists (select 1 from part p where p.tag = s.tag) then left(s.tag, 10) || '-S' else s.tag end,
       s.saw_id, s.cost_cents, s.retired_at, s.retired_by, s.retired_reason from sprocket s;

alter table chain drop column version;
alter table chain drop column tag;
alter table chain drop column saw_id;
alter table chain drop column cost_cents;
alter table chain drop column retired_at;
alter table chain drop column retired_by;
alter table chain drop column retired_reason;
alter table bar drop column version;
alter table bar drop column tag;
alter table bar drop column saw_id;
alter table bar drop column cost_cents;
alter table bar drop column retired_at;
alter table bar drop column retired_by;
alter table bar drop column retired_reason;
alter table sprocket drop column version;
alter table sprocket drop column tag;
alter table sprocket drop column saw_id;
alter table sprocket drop column cost_cents;
alter table sprocket drop column retired_at;
alter table sprocket drop column retired_by;
alter table sprocket drop column retired_reason;
alter table chain add foreign key (id) references part (id);
alter table bar add foreign key (id) references part (id);
alter table sprocket add foreign key (id) references part (id);

-- Works and woods of an outing are rows, not words in a line.
create table outing_work (
    outing_id uuid not null references outing (id),
    work varchar(12) not null check (work in ('FELLING', 'LIMBING', 'BRUSH', 'BUCKING')),
    primary key (outing_id, work)
);
create table outing_wood (
    outing_id uuid not null references outing (id),
    wood varchar(12) not null check (wood in ('SOFT', 'HARD', 'DIRTY', 'FROZEN')),
    primary key (outing_id, wood)
);
insert into outing_work (outing_id, work)
select o.id, w.word from outing o, (values ('FELLING'), ('LIMBING'), ('BRUSH'), ('BUCKING')) w (word)
where o.works like '%' || w.word || '%';
insert into outing_wood (outing_id, wood)
select o.id, w.word from outing o, (values ('SOFT'), ('HARD'), ('DIRTY'), ('FROZEN')) w (word)
where o.woods like '%' || w.word || '%';
alter table outing drop column works;
alter table outing drop column woods;

-- A tension check is a work record with readings: what both told is told by the record alone.
drop index tension_check_by_chain;
drop index tension_check_by_saw;
alter table tension_check drop column saw_id;
alter table tension_check drop column chain_id;
alter table tension_check drop column fitting_id;
alter table tension_check drop column at;
alter table tension_check drop column recorded_at;
alter table tension_check drop column person_id;
alter table tension_check drop column device;
alter table tension_check drop column note;
alter table tension_check add foreign key (id) references work_record (id);

-- What one row says of another holds.
alter table saw add foreign key (fitting_id) references set_fitting (id);
alter table outing add foreign key (open_saw_id) references saw (id);
alter table visit add foreign key (open_saw_id) references saw (id);
alter table work_record add foreign key (visit_id) references visit (id);
alter table work_record add foreign key (replaced_id) references part (id);
alter table saw_hold add foreign key (chain_id) references chain (id);
alter table saw_hold add foreign key (bar_id) references bar (id);
alter table saw_hold add foreign key (sprocket_id) references sprocket (id);
alter table sharpening add foreign key (open_chain_id) references chain (id);

-- What can never be is never stored, whoever writes it.
alter table person add check (role in ('OFFICER', 'OPERATOR'));
alter table chain add check (drive_links between 20 and 250);
alter table chain add check (tang_depth_mm > 0);
alter table chain add check (new_cutter_mm > 0);
alter table bar add check (drive_links between 20 and 250);
alter table bar add check (length_mm > 0);
alter table sprocket add check (teeth between 5 and 12);
alter table saw add check (power in ('PETROL', 'BATTERY', 'CORDED'));
alter table saw add check (adjuster_lead_mm > 0);
alter table saw add check (fuel_ratio > 0);
alter table outing add check (open_saw_id is null or open_saw_id = saw_id);
alter table outing add check ((open_saw_id is null) = (back_at is not null));
alter table outing add check (back_at >= out_at);
alter table outing add check (tanks >= 0);
alter table outing add check (oil_share >= 0);
alter table outing add check (back_at is null or (back_person_id is not null and tanks is not null));
alter table refuel add check (oil_share >= 0);
alter table visit add check (open_saw_id is null or open_saw_id = saw_id);
alter table visit add check ((open_saw_id is null) = (ended_at is not null));
alter table visit add check ((ended_at is null) = (ended_by is null));
alter table visit add check ((ended_at is null) = (decision is null));
alter table visit add check (ended_at >= started_at);
alter table visit add check (decision in ('FIT', 'DUE', 'HELD'));
alter table work_record add check (outcome in ('FINE', 'ATTEND', 'FAIL', 'SKIPPED'));
alter table work_record add check (at <= recorded_at);
alter table work_measure add check (figure between -1000 and 10000);
alter table saw_hold add check (record_id is null or fault_id is null);
alter table tension_check add check ((amends_id is null) = (amend_reason is null));
alter table tension_check add check (amends_id <> id);
alter table tension_check add check (adjuster_lead_mm > 0 and bar_length_mm > 0 and tang_depth_mm > 0 and target_mm > 0);
alter table tension_reading add check (seq >= 0);
alter table sharpening add check (open_chain_id is null or open_chain_id = chain_id);
alter table sharpening add check ((open_chain_id is null) = (ended_at is not null));
alter table sharpening_cutter add check (place >= 0);
alter table sharpening_cutter add check (before_mm > 0);
alter table sharpening_cutter add check (after_mm > 0);
alter table sharpening_cutter add check (strokes >= 0);
alter table stock_item add check (least >= 0 and pack > 0);
alter table stock_item add check (cost_cents >= 0);
alter table setting_change add check (scope in ('FLEET', 'MODEL', 'SAW'));
create index applied_write_by_time on applied_write (at);
