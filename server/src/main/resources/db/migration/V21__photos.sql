-- A photo that was put to a complaint or to a record of work. The picture itself lies beside the database under the SHA-256 of its
-- bytes, so that the seal of this row holds for it too.
create table photo (
    id uuid primary key,
    saw_id uuid not null references saw (id),
    fault_id uuid references fault (id),
    record_id uuid references work_record (id),
    file_sum varchar(64) not null,
    width_px integer not null,
    height_px integer not null,
    at timestamp with time zone not null,
    person_id uuid not null references person (id),
    device varchar(60),
    struck_at timestamp with time zone,
    struck_by uuid references person (id),
    struck_device varchar(60),
    struck_reason varchar(300),
    check ((fault_id is null) <> (record_id is null)),
    check ((struck_at is null) = (struck_by is null) and (struck_at is null) = (struck_reason is null))
);
create index photo_of_fault on photo (fault_id);
create index photo_of_record on photo (record_id);
