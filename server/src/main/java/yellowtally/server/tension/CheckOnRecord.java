package yellowtally.server.tension;

import yellowtally.server.worklog.WorkRecord;

/** A tension check and the work record that it is told with. */
public record CheckOnRecord(TensionCheck check, WorkRecord record) {}
