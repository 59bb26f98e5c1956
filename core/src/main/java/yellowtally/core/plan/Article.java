package yellowtally.core.plan;

/**
 * Something that visits take from the shelf: an item of the stores, or one kind of tagged part.
 *
 * @param key what names it among all, whatever it is called
 * @param name as the stores call it
 */
public record Article(String key, String name) implements Comparable<Article> {

    @Override
    public int compareTo(Article other) {
        return key.compareTo(other.key);
    }
}
