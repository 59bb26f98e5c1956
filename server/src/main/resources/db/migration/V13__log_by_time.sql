-- A page of the log begins at a moment: each kind of record is found by its time, however many there are.
create index outing_by_time_out on outing (out_at);
create index set_fitting_by_time on set_fitting (at);
create index visit_by_time_ended on visit (ended_at);
create index saw_hold_by_time on saw_hold (at);
create index hold_release_by_time on hold_release (at);
create index saw_event_by_time on saw_event (at);
