/**
 * The plan of the coming days: which saw goes on the bench on which day, which crew bookings that meets, and what meets the others.
 * {@link yellowtally.core.plan.SawOutlook} tells what a saw will need on each day, {@link yellowtally.core.plan.Planner} finds the
 * plan, {@link yellowtally.core.plan.WaysOut} what could still be done about a booking that is short.
 */
@NullMarked
package yellowtally.core.plan;

import org.jspecify.annotations.NullMarked;
