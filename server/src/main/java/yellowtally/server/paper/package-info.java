/** What is printed: PDF files of text with headings and a language, and labels for plates. */
@NullMarked
package yellowtally.server.paper;

import org.jspecify.annotations.NullMarked;
