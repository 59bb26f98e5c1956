package yellowtally.server.paper;

import yellowtally.core.measure.LengthUnit;
import yellowtally.server.support.HouseUnits;

/** How papers with text look: on the paper that a fleet of its units has in its printer. */
final class PaperStyle {

    private PaperStyle() {}

    /**
     * The style of a paper.
     *
     * @param foot what stands at the foot of every page, besides its number
     */
    static String of(HouseUnits house, String foot) {
        String size = house.lengthUnit() == LengthUnit.INCH ? "8.5in 11in" : "210mm 297mm";
        return """
                @page {
                  size: %s; margin: 16mm 15mm 18mm;
                  @bottom-left { content: "%s"; font-family: Barlow; font-size: 7.5pt; color: #59635C; }
                  @bottom-right { content: counter(page) " of " counter(pages); font-family: Barlow; font-size: 7.5pt; color: #59635C; }
                }
                body { margin: 0; font-family: Barlow; font-size: 9pt; line-height: 1.3; color: #20261F; }
                h1, h2, h3 { font-family: 'Barlow Condensed'; font-weight: 600; margin: 0; page-break-after: avoid; }
                h1 { font-size: 21pt; line-height: 1.1; }
                h2 { font-size: 13pt; margin-top: 5mm; padding-bottom: 0.6mm; border-bottom: 0.5pt solid #20261F; }
                h3 { font-size: 11pt; margin-top: 3.5mm; }
                p { margin: 1.2mm 0 0; }
                .quiet { color: #59635C; }
                .state { font-weight: 600; font-size: 10.5pt; margin-top: 2.5mm; }
                .caution { border-left: 2pt solid #A33A22; padding-left: 2mm; margin-top: 1mm; }
                .whole { page-break-inside: avoid; }
                table { width: 100%%; table-layout: fixed; border-collapse: collapse; margin-top: 1.5mm; -fs-table-paginate: paginate; }
                th { text-align: left; font-weight: 600; }
                th, td { padding: 0.5mm 2mm 0.5mm 0; font-size: 8.5pt; line-height: 1.2; vertical-align: top; border-bottom: 0.4pt solid #DAD7C8; word-wrap: break-word; }
                td:first-child { white-space: nowrap; }
                tr { page-break-inside: avoid; }
                .facts { width: auto; table-layout: auto; }
                .facts th { font-weight: 400; color: #59635C; padding-right: 5mm; white-space: nowrap; }
                .facts td, .facts th { border-bottom: 0; padding-top: 0.2mm; padding-bottom: 0.2mm; }
                .sign { margin-top: 14mm; page-break-inside: avoid; }
                .sign td { border-bottom: 0; border-top: 0.5pt solid #20261F; width: 30%%; }
                .sign td.gap { border-top: 0; width: 5%%; }
                .card h1 { font-size: 44pt; }
                .card h2 { font-size: 16pt; }
                .card p, .card td, .card th { font-size: 12pt; }
                .photo { display: inline-block; width: 84mm; margin: 2mm 4mm 3mm 0; vertical-align: top; page-break-inside: avoid; }
                .photo img { max-width: 84mm; max-height: 84mm; }
                .box { border: 0.6pt solid #20261F; width: 3.6mm; height: 3.6mm; }
                .line { border-bottom: 0.5pt solid #59635C; }
                """.formatted(
                        size, foot.replace("\\", "\\\\").replace("\"", "\\\"").replace("\n", " "));
    }
}
