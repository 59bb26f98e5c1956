-- Of each step the latest record is read by its index alone, as it is already for chains, bars and sprockets: the first
-- board after a start does not go through the years.
create index work_record_by_saw_and_step on work_record (saw_id, step, at);
