/**
 * The fault finder (handbook section 12): complaints, what may be behind them, what can be looked at, and which look tells
 * most for its minutes. What is known stands in data files beside this package; here it is checked and reasoned with.
 */
@NullMarked
package yellowtally.core.diagnosis;

import org.jspecify.annotations.NullMarked;
