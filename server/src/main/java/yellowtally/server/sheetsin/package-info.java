/**
 * Brings in what people have in spreadsheets: a file is read as it is, its columns are matched to what is known here, every line is
 * tried, and then all of them are brought in or none. Formulas are text here; nothing in a file is ever run.
 */
@NullMarked
package yellowtally.server.sheetsin;

import org.jspecify.annotations.NullMarked;
