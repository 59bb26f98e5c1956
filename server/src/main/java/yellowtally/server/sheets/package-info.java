/** Sheets as spreadsheets open them, written row after row; and the words that a reader expects where records have codes. */
@NullMarked
package yellowtally.server.sheets;

import org.jspecify.annotations.NullMarked;
