-- A reader joins the ranks; the check of V8 goes with its column.
alter table person add column rank_of varchar(20);
update person set rank_of = role;
alter table person drop column role;
alter table person alter column rank_of rename to role;
alter table person alter column role set not null;
alter table person add check (role in ('OFFICER', 'OPERATOR', 'READER'));

-- Who left stays in the records.
alter table person add column left_on date;
alter table crew add column left_on date;

-- The fleet as it was set up: one row, and none before that.
create table fleet (
    id smallint primary key check (id = 1),
    name varchar(80) not null,
    zone varchar(60) not null,
    demo boolean not null,
    at timestamp with time zone not null
);

-- How somebody signs in. No record of work: what it said once is forgotten.
create table credential (
    person_id uuid primary key references person (id),
    -- In small letters.
    sign_in_name varchar(40) not null unique,
    password varchar(100) not null,
    -- Given by an officer: to be changed before anything else.
    one_time boolean not null,
    pin varchar(100),
    pin_locked boolean not null,
    -- Counts up when all that was signed in before shall end.
    epoch integer not null
);

-- A browser that somebody signed in from; its cookie carries the secret of which this is the SHA-256.
create table device (
    id uuid primary key,
    secret varchar(64) not null unique,
    name varchar(60) not null,
    shared boolean not null,
    first_at timestamp with time zone not null,
    last_at timestamp with time zone not null,
    forgotten boolean not null
);

-- What changed about people, crews and devices.
create table people_event (
    id uuid primary key,
    at timestamp with time zone not null,
    by_id uuid not null references person (id),
    device varchar(60),
    person_id uuid references person (id),
    crew_id uuid references crew (id),
    kind varchar(20) not null,
    said varchar(200)
);
create index people_event_by_time on people_event (at);

-- On which device it was written down; empty in what is older.
alter table stock_move add column device varchar(60);
alter table stock_order add column device varchar(60);
alter table stock_order add column closed_device varchar(60);
alter table fuel_can add column emptied_device varchar(60);
alter table outing add column device varchar(60);
alter table outing add column back_device varchar(60);
alter table outing add column struck_device varchar(60);
alter table refuel add column device varchar(60);
alter table refuel add column struck_device varchar(60);
alter table sharpening add column device varchar(60);
alter table setting_change add column device varchar(60);
alter table visit add column device varchar(60);
alter table visit add column ended_device varchar(60);
alter table visit add column struck_device varchar(60);
alter table work_void add column device varchar(60);
alter table saw_hold add column device varchar(60);
alter table visit_event add column person_id uuid references person (id);
alter table visit_event add column device varchar(60);
alter table hold_release add column device varchar(60);
alter table loop_change add column device varchar(60);
alter table part_event add column device varchar(60);
alter table saw_event add column device varchar(60);
alter table scale_calibration add column device varchar(60);
