-- What a saw used on a day before it was brought in, as it was told out of a sheet.
create table past_use (
    id uuid primary key,
    saw_id uuid not null references saw (id),
    used_on date not null,
    tanks double precision not null,
    at timestamp with time zone not null,
    person_id uuid not null references person (id),
    device varchar(60),
    struck_at timestamp with time zone,
    struck_by uuid references person (id),
    struck_device varchar(60),
    struck_reason varchar(300),
    check (tanks >= 0),
    check ((struck_at is null) = (struck_by is null) and (struck_at is null) = (struck_reason is null))
);
create index past_use_of_saw on past_use (saw_id);
