/** Who may use it, and for what: the fleet's set-up, sign-in by password and by PIN, sessions, devices, people and their access. */
@NullMarked
package yellowtally.server.signin;

import org.jspecify.annotations.NullMarked;
