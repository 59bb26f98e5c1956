package yellowtally.server.paper;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.jspecify.annotations.Nullable;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/** A page to be printed, as elements: text stays text, whatever stands in it. */
final class Page {

    private final Document document;
    private final Element body;

    /**
     * An empty page.
     *
     * @param title what a reader of the file is told first
     * @param style CSS
     */
    Page(String title, String style) {
        try {
            this.document = DocumentBuilderFactory.newDefaultInstance()
                    .newDocumentBuilder()
                    .newDocument();
        } catch (ParserConfigurationException e) {
            throw new IllegalStateException(e);
        }
        Element html = document.createElement("html");
        html.setAttribute("lang", Locale.ENGLISH.getLanguage());
        document.appendChild(html);
        Element head = child(html, "head");
        child(head, "title", title);
        Element about = child(head, "meta");
        about.setAttribute("name", "subject");
        about.setAttribute("content", title);
        child(head, "style", style);
        this.body = child(html, "body");
    }

    Document document() {
        return document;
    }

    Element body() {
        return body;
    }

    /** Adds an element. */
    Element child(Element to, String name) {
        Element child = document.createElement(name);
        to.appendChild(child);
        return child;
    }

    /** Adds an element with text. */
    Element child(Element to, String name, String text) {
        Element child = child(to, name);
        child.setTextContent(text);
        return child;
    }

    /** A row of a table; what is {@code null} stays empty. */
    static List<@Nullable String> row(@Nullable String... cells) {
        return Arrays.asList(cells);
    }

    /**
     * A column of a table.
     *
     * @param share how wide it is, as a share of all of them
     */
    record Column(String heading, int share) {}

    /** Adds a table with a row of headings that is there again on every page; a cell without anything is empty. */
    Element table(Element to, List<Column> columns, List<List<@Nullable String>> rows) {
        Element table = child(to, "table");
        int whole = columns.stream().mapToInt(Column::share).sum();
        Element top = child(child(table, "thead"), "tr");
        for (Column column : columns) {
            Element heading = child(top, "th", column.heading());
            heading.setAttribute("scope", "col");
            heading.setAttribute("style", String.format(Locale.ROOT, "width: %.2f%%", 100.0 * column.share() / whole));
        }
        Element body = child(table, "tbody");
        for (List<@Nullable String> row : rows) {
            Element line = child(body, "tr");
            row.forEach(cell -> child(line, "td", cell == null ? "" : cell));
        }
        return table;
    }

    /** Gives each row of a table a box to be ticked, in its first cell. */
    void ticks(Element table) {
        NodeList rows = table.getElementsByTagName("td");
        for (int i = 0; i < rows.getLength(); i++) {
            if (rows.item(i) instanceof Element cell && cell.getPreviousSibling() == null) {
                box(cell, "box");
            }
        }
    }

    /** Adds names with what they stand for; one without anything is left out. */
    void facts(Element to, Map<String, @Nullable String> facts) {
        Element table = child(to, "table");
        table.setAttribute("class", "facts");
        Element body = child(table, "tbody");
        facts.forEach((name, said) -> {
            if (said != null && !said.isEmpty()) {
                Element line = child(body, "tr");
                child(line, "th", name).setAttribute("scope", "row");
                child(line, "td", said);
            }
        });
    }

    /** Adds a box with a class. */
    Element box(Element to, String kind) {
        Element box = child(to, "div");
        box.setAttribute("class", kind);
        return box;
    }
}
