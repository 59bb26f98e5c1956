/** What is asked of the packaged application that no screen would ask: nonsense, crowds, strangers. */
package yellowtally.stress;
