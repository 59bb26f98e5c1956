-- A record that was told when its saw was brought in: the day on which it was told, and what had been used by then since it was
-- done, in the unit of its task. Empty in what was written down here.
alter table work_record add column told_on date;
alter table work_record add column told_since double precision;
alter table work_record add check (told_since is null or (told_on is not null and told_since >= 0));
