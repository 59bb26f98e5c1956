/** The short list of people that a record names until sign-in exists. */
@NullMarked
package yellowtally.server.people;

import org.jspecify.annotations.NullMarked;
