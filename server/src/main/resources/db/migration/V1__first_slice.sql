create table person (
    id uuid primary key,
    name varchar(80) not null unique,
    role varchar(20) not null
);

create table crew (
    id uuid primary key,
    name varchar(80) not null unique
);

create table chain (
    id uuid primary key,
    version integer not null,
    tag varchar(12) not null unique,
    pitch varchar(20) not null,
    gauge varchar(10) not null,
    drive_links integer not null,
    sequence varchar(20) not null,
    cutter_profile varchar(20) not null,
    top_plate_angle double precision not null,
    down_tilt double precision not null,
    tang_depth_mm double precision,
    -- Derived from the fitting records: where the part hangs now. Unique, so that a part is on one saw at most.
    saw_id uuid unique
);

create table bar (
    id uuid primary key,
    version integer not null,
    tag varchar(12) not null unique,
    length_mm double precision not null,
    pitch varchar(20) not null,
    gauge varchar(10) not null,
    drive_links integer not null,
    nose varchar(24) not null,
    saw_id uuid unique
);

create table sprocket (
    id uuid primary key,
    version integer not null,
    tag varchar(12) not null unique,
    kind varchar(10) not null,
    teeth integer not null,
    pitch varchar(20) not null,
    saw_id uuid unique
);

create table saw (
    id uuid primary key,
    version integer not null,
    tag varchar(12) not null unique,
    make varchar(60) not null,
    model varchar(60) not null,
    power varchar(12) not null,
    handle varchar(8) not null,
    displacement_cc double precision,
    volts double precision,
    in_service date not null,
    fuel_ratio integer,
    fuel_tank_ml double precision,
    oil_tank_ml double precision,
    oiler varchar(24) not null,
    brake_seat varchar(8) not null,
    adjuster varchar(12) not null,
    adjuster_lead_mm double precision not null,
    adjuster_travel_mm double precision,
    captive_nuts boolean not null,
    spark_arrestor boolean not null,
    plug_code varchar(30),
    house_method varchar(24),
    usual_work varchar(12) not null,
    fitting_id uuid,
    retired_at timestamp with time zone,
    retired_reason varchar(300)
);

create table set_fitting (
    id uuid primary key,
    saw_id uuid not null references saw (id),
    chain_id uuid references chain (id),
    bar_id uuid references bar (id),
    sprocket_id uuid references sprocket (id),
    new_chain boolean not null,
    soak_hours double precision,
    note varchar(500),
    at timestamp with time zone not null,
    recorded_at timestamp with time zone not null,
    person_id uuid not null references person (id),
    device varchar(60) not null
);
create index set_fitting_by_saw on set_fitting (saw_id, at);

create table outing (
    id uuid primary key,
    version integer not null,
    saw_id uuid not null references saw (id),
    crew_id uuid not null references crew (id),
    chain_id uuid references chain (id),
    fitting_id uuid references set_fitting (id),
    out_at timestamp with time zone not null,
    out_person_id uuid not null references person (id),
    back_at timestamp with time zone,
    back_person_id uuid references person (id),
    tanks double precision,
    -- Set while the saw is out, empty once it is back. Unique, so that a saw is out once at most.
    open_saw_id uuid unique
);
create index outing_by_chain on outing (chain_id, back_at);
create index outing_by_saw on outing (saw_id, out_at);

create table tension_check (
    id uuid primary key,
    saw_id uuid not null references saw (id),
    chain_id uuid not null references chain (id),
    fitting_id uuid not null references set_fitting (id),
    at timestamp with time zone not null,
    recorded_at timestamp with time zone not null,
    person_id uuid not null references person (id),
    device varchar(60) not null,
    occasion varchar(24) not null,
    work varchar(12) not null,
    outcome varchar(16) not null,
    provisional boolean not null,
    turns double precision not null,
    adjuster_lead_mm double precision not null,
    bar_length_mm double precision not null,
    tang_depth_mm double precision not null,
    target_mm double precision not null,
    joint_play_mm double precision,
    note varchar(500),
    amends_id uuid unique references tension_check (id),
    amend_reason varchar(300)
);
create index tension_check_by_chain on tension_check (chain_id, at);
create index tension_check_by_saw on tension_check (saw_id, at);

create table tension_reading (
    check_id uuid not null references tension_check (id),
    seq integer not null,
    method varchar(24) not null,
    typed varchar(40),
    figure double precision,
    tips varchar(8),
    springs_back boolean,
    nuts_slack boolean not null,
    brake_off boolean not null,
    nose_up boolean not null,
    cold boolean not null,
    oiled boolean not null,
    pulled_round boolean not null,
    movement varchar(16) not null,
    tips_clear boolean not null,
    tight_spot boolean not null,
    turns_before double precision not null,
    outcome varchar(16) not null,
    provisional boolean not null,
    primary key (check_id, seq)
);

create table hold (
    id uuid primary key,
    saw_id uuid not null references saw (id),
    reason varchar(24) not null,
    check_id uuid not null references tension_check (id),
    at timestamp with time zone not null,
    person_id uuid not null references person (id)
);

create table hold_release (
    hold_id uuid primary key references hold (id),
    clearing_check_id uuid not null references tension_check (id),
    at timestamp with time zone not null,
    person_id uuid not null references person (id)
);

create table setting_change (
    id uuid primary key,
    setting_key varchar(60) not null,
    -- Empty: back to the standard value.
    setting_value varchar(60),
    reason varchar(300) not null,
    at timestamp with time zone not null,
    person_id uuid not null references person (id)
);
create index setting_change_by_key on setting_change (setting_key, at);

create table scale_calibration (
    id uuid primary key,
    method varchar(24) not null,
    saw_id uuid not null references saw (id),
    figure double precision not null,
    pull_down_mm double precision not null,
    share double precision not null,
    at timestamp with time zone not null,
    person_id uuid not null references person (id)
);

create table applied_write (
    id uuid primary key,
    fingerprint varchar(64) not null,
    at timestamp with time zone not null
);
