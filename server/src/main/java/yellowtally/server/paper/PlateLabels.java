package yellowtally.server.paper;

import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import org.springframework.web.util.UriUtils;
import org.w3c.dom.Document;
import org.w3c.dom.Element;

/** Labels for plates: the number, one line of size, and a code that leads to the saw's page. */
final class PlateLabels {

    private static final double PADDING = 2;
    private static final double TAG_SHARE = 0.42;

    /** Width of a W as a share of the height of its type. */
    private static final double WIDEST_LETTER = 0.75;

    private PlateLabels() {}

    /**
     * One label.
     *
     * @param size a few words: bar and power
     * @param address of the saw's page
     */
    record Label(String tag, String size, String address) {}

    /** Where a saw's page is, under the name and port that this request was sent to. */
    static String address(HttpServletRequest request, String tag) {
        return request.getScheme() + "://" + request.getHeader("Host") + "/saws/"
                + UriUtils.encode(tag, StandardCharsets.UTF_8);
    }

    /**
     * All labels on as many pages as they take.
     *
     * @param used labels that are off the first page already
     */
    static Document page(List<Label> labels, LabelPaper paper, int used) {
        Page page = new Page("Plate labels", style(paper));
        Element sheet = page.body();
        int open = -1;
        for (int i = 0; i < labels.size(); i++) {
            LabelPaper.Place place = paper.place(used + i);
            if (place.page() != open) {
                open = place.page();
                sheet = page.box(page.body(), "page");
                Element heading = page.child(sheet, "h1", "Plate labels, page " + (open + 1));
                heading.setAttribute("class", "told");
            }
            label(page, sheet, labels.get(i), paper, place);
        }
        return page.document();
    }

    private static void label(Page page, Element sheet, Label label, LabelPaper paper, LabelPaper.Place place) {
        Element box = page.box(sheet, "label");
        box.setAttribute("style", "left:" + mm(place.left()) + ";top:" + mm(place.top()));
        Element code = page.child(box, "img");
        code.setAttribute("src", QrCode.picture(label.address()));
        code.setAttribute("alt", "Leads to " + label.address());
        Element tag = page.child(box, "h2", label.tag());
        tag.setAttribute("style", "font-size:" + mm(tagHeight(label.tag(), paper)));
        page.child(box, "p", label.size());
    }

    /** As large as there is height for, and no wider than what the code leaves. */
    private static double tagHeight(String tag, LabelPaper paper) {
        return Math.min(paper.height() * TAG_SHARE, beside(paper) / (tag.length() * WIDEST_LETTER));
    }

    /** What the code leaves of the width. */
    private static double beside(LabelPaper paper) {
        return paper.width() - paper.height() - PADDING;
    }

    private static String mm(double length) {
        return String.format(Locale.ROOT, "%.3fmm", length);
    }

    private static String style(LabelPaper paper) {
        double code = paper.height() - 2 * PADDING;
        return """
                @page { size: %s %s; margin: 0; }
                body { margin: 0; font-family: Barlow; font-size: 9pt; }
                .page { position: relative; width: %s; height: %s; page-break-after: always; }
                .page:last-child { page-break-after: auto; }
                .told { position: absolute; left: 0; top: 0; font-size: 1pt; line-height: 1pt; margin: 0; color: #FFFFFF; font-weight: 400; font-family: Barlow; }
                .label { position: absolute; width: %s; height: %s; overflow: hidden; }
                .label img { position: absolute; right: %s; top: %s; width: %s; height: %s; }
                .label h2 { position: absolute; left: 3mm; top: %s; margin: 0; font-family: 'Barlow Condensed'; font-weight: 600; line-height: 1; }
                .label p { position: absolute; left: 3mm; bottom: 3mm; margin: 0; width: %s; line-height: 1.15; }
                """.formatted(
                        mm(paper.pageWidth()),
                        mm(paper.pageHeight()),
                        mm(paper.pageWidth()),
                        mm(paper.pageHeight() - 0.2),
                        mm(paper.width()),
                        mm(paper.height()),
                        mm(PADDING),
                        mm(PADDING),
                        mm(code),
                        mm(code),
                        mm(PADDING + 1),
                        mm(beside(paper)));
    }
}
