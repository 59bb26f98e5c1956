-- Of each step the latest record is found by its index, as it is already for chains, bars and sprockets, and what the rules
-- ask of it stands in the index too: the first board after a start does not go through the records of years.
create index work_record_by_saw_and_step
    on work_record (saw_id, step, at, outcome, id, visit_id, chain_id, bar_id, sprocket_id);
-- Whether a record measured anything is asked by its id.
drop index work_record_by_chain;
drop index work_record_by_bar;
drop index work_record_by_sprocket;
create index work_record_by_chain on work_record (chain_id, step, at, id);
create index work_record_by_bar on work_record (bar_id, step, at, id);
create index work_record_by_sprocket on work_record (sprocket_id, step, at, id);
