-- What officers have been told: each once, and anew when it says something else or had been over.
create table reminder_told (
    id uuid primary key,
    kind varchar(20) not null,
    about varchar(40) not null,
    on_day date,
    what varchar(300),
    missing integer not null,
    -- Empty where none falls due.
    tasks varchar(500),
    told_at timestamp with time zone not null,
    -- When it no longer was so.
    over_at timestamp with time zone
);
create index reminder_told_open on reminder_told (over_at);
