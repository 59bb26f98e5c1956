package yellowtally.server.paper;

import java.util.Locale;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.w3c.dom.Document;
import org.w3c.dom.Element;

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

    /** Adds a box with a class. */
    Element box(Element to, String kind) {
        Element box = child(to, "div");
        box.setAttribute("class", kind);
        return box;
    }
}
