-- Every record carries a seal over its content and the seal before it. A record that changes is sealed anew, each time with a
-- line of its own; the newest line of a record tells what it has to say. Written in the transaction that writes the record.
create table seal (
    n bigint primary key check (n > 0),
    -- The record: its table and its id. Both are empty in a line that tells why records are sealed anew.
    record_table varchar(32),
    record_id uuid,
    remark varchar(200),
    -- SHA-256 of what the record says; empty when it was taken away.
    content varbinary(32),
    at timestamp with time zone not null,
    seal varbinary(32) not null,
    check ((record_table is null) = (record_id is null)),
    check ((record_table is null) = (remark is not null))
);

-- Whoever changes the form of records says why all are sealed anew: the application does it when it starts.
create table to_seal (remark varchar(200) primary key);
insert into to_seal (remark) values ('Form 12: what was recorded before is sealed as it was found');
