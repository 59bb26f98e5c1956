package yellowtally.server.paper;

import java.io.IOException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import yellowtally.core.holds.Hold.HoldOrigin;
import yellowtally.core.log.MonthOfUse;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.fleet.SawView;
import yellowtally.server.log.LogKind;
import yellowtally.server.log.LogLine;
import yellowtally.server.log.LogOfSaw;
import yellowtally.server.paper.Page.Column;
import yellowtally.server.people.People;
import yellowtally.server.seal.Seals;
import yellowtally.server.signin.FleetName;
import yellowtally.server.standing.Standings;
import yellowtally.server.support.HouseUnits;
import yellowtally.server.worklog.HoldHistory;
import yellowtally.server.worklog.SawHold;
import yellowtally.server.worklog.WorkRecord;

/**
 * The service certificate of a saw: what was done, read and found in a span of time, its parts, its holds, the releases with what
 * each stands on, and who did it. It tells what is on record and releases nothing (handbook section 11).
 */
@Component
class Certificate {

    private static final List<Column> WORK = List.of(
            new Column("When", 18),
            new Column("Step", 32),
            new Column("Outcome", 10),
            new Column("Read", 24),
            new Column("Found, note", 18),
            new Column("Part", 8),
            new Column("By", 11));

    private final Fleet fleet;
    private final FleetName name;
    private final Standings standings;
    private final LogOfSaw log;
    private final HoldHistory holds;
    private final People people;
    private final Seals seals;
    private final PhotoPages photos;
    private final PaperWords words;
    private final HouseUnits house;
    private final Clock clock;

    Certificate(
            Fleet fleet,
            FleetName name,
            Standings standings,
            LogOfSaw log,
            HoldHistory holds,
            People people,
            Seals seals,
            PhotoPages photos,
            PaperWords words,
            HouseUnits house,
            Clock clock) {
        this.fleet = fleet;
        this.name = name;
        this.standings = standings;
        this.log = log;
        this.holds = holds;
        this.people = people;
        this.seals = seals;
        this.photos = photos;
        this.words = words;
        this.house = house;
        this.clock = clock;
    }

    /**
     * Makes it.
     *
     * @param from the first day
     * @param to the last day
     */
    Document of(Saw saw, LocalDate from, LocalDate to) throws IOException {
        Instant start = from.atStartOfDay(clock.getZone()).toInstant();
        Instant end = to.plusDays(1).atStartOfDay(clock.getZone()).toInstant();
        LogOfSaw.Span span = log.read(saw.id(), start, end);
        String title = "Service certificate, saw " + saw.tag();
        String days = words.day(from) + " to " + words.day(to);
        Page page = new Page(title, PaperStyle.of(house, name.now() + ", saw " + saw.tag() + ", " + days));
        Element body = page.body();
        page.child(body, "h1", title);
        page.child(body, "p", name.now() + ". What is on record from " + days + ".");
        head(page, body, saw);
        PhotoPages.Numbered pictures = photos.of(saw.id(), span.lines());
        use(page, body, saw, span.use());
        holds(page, body, holds.ofSaw(saw.id(), start, end));
        told(page, body, "Complaints and faults", span.lines(), LogKind.FAULT, pictures);
        fitted(page, body, span.lines());
        told(page, body, "Tag, coming and going", span.lines(), LogKind.SAW, pictures);
        work(page, body, span.lines(), pictures);
        struck(page, body, span.struck());
        photos.show(page, body, pictures);
        if (span.notUnderstood() > 0) {
            page.child(
                            body,
                            "p",
                            span.notUnderstood()
                                    + " more records of these days cannot be read. The check in the log says why.")
                    .setAttribute("class", "caution");
        }
        end(page, body);
        return page.document();
    }

    private void head(Page page, Element body, Saw saw) {
        SawView view = fleet.view(saw);
        Map<String, @Nullable String> facts = new LinkedHashMap<>();
        facts.put("Make and model", view.card().model().title());
        facts.put("Power", words.power(view.card().power()));
        facts.put("In service since", words.day(view.card().inService()));
        facts.put("Tags before", String.join(", ", view.formerTags()));
        facts.put("Bar", view.bar() == null ? null : view.bar().tag());
        facts.put("Chain", view.chain() == null ? null : view.chain().tag());
        facts.put("Sprocket", view.sprocket() == null ? null : view.sprocket().tag());
        page.facts(body, facts);
        String state = saw.retiredAt() == null
                ? words.state(standings.of(saw))
                : "Left the fleet on " + words.day(saw.retiredAt()) + ": " + saw.retiredReason();
        page.child(body, "p", "On " + words.moment(clock.instant()) + ": " + state)
                .setAttribute("class", "state");
        page.child(
                        body,
                        "p",
                        "This paper tells what is on record. It releases no saw: whether this one may go out is looked up on the day,"
                                + " and the maker's manual and local rules come first.")
                .setAttribute("class", "quiet");
    }

    private void use(Page page, Element body, Saw saw, List<MonthOfUse> use) {
        page.child(body, "h2", "Use");
        if (use.isEmpty()) {
            page.child(body, "p", "No return is on record in these days.");
            return;
        }
        page.table(
                body,
                List.of(new Column("Month", 3), new Column("Came back", 2), new Column("Burned", 4)),
                use.stream()
                        .map(month -> Page.row(
                                words.month(month.month()),
                                String.valueOf(month.returns()),
                                words.burned(month.burned(), saw.details().power())))
                        .toList());
    }

    private void work(Page page, Element body, List<LogLine> lines, PhotoPages.Numbered pictures) {
        page.child(body, "h2", "Work, readings and findings");
        List<List<@Nullable String>> rows = WorkLines.of(lines, pictures, clock.getZone()).stream()
                .map(line -> Page.row(
                        words.moment(line.at()),
                        line.steps(),
                        line.outcome(),
                        line.read(),
                        line.found(),
                        line.part(),
                        line.by()))
                .toList();
        if (rows.isEmpty()) {
            page.child(body, "p", "No work is on record in these days.");
        } else {
            page.table(body, WORK, rows);
        }
    }

    private void fitted(Page page, Element body, List<LogLine> lines) {
        List<List<@Nullable String>> rows = lines.stream()
                .filter(line -> line.kind() == LogKind.FITTED)
                .map(line -> Page.row(
                        words.moment(line.at()),
                        line.told().what(),
                        line.told().part(),
                        line.told().note(),
                        line.by()))
                .toList();
        if (!rows.isEmpty()) {
            page.child(body, "h2", "Parts that came on");
            page.table(
                    body,
                    List.of(
                            new Column("When", 17),
                            new Column("What", 15),
                            new Column("Chain; bar; sprocket", 30),
                            new Column("Note", 24),
                            new Column("By", 14)),
                    rows);
        }
    }

    private void holds(Page page, Element body, List<HoldHistory.Told> told) {
        page.child(body, "h2", "Holds and releases");
        if (told.isEmpty()) {
            page.child(body, "p", "It was not held in these days by a record of its own.");
            return;
        }
        Map<UUID, String> names = people.names();
        List<List<@Nullable String>> rows = new ArrayList<>();
        for (HoldHistory.Told one : told) {
            SawHold hold = one.hold();
            String why = Stream.concat(
                            Stream.of(words.of("step", hold.step())),
                            hold.findings().stream().map(finding -> words.of("finding", finding)))
                    .collect(Collectors.joining(": "));
            rows.add(Page.row(
                    words.moment(hold.at()),
                    joined(origin(hold.origin()) + why, hold.note()),
                    names.get(hold.personId()),
                    one.releases().isEmpty() ? "not released" : null,
                    null));
            for (HoldHistory.Release release : one.releases()) {
                rows.add(Page.row(
                        null,
                        null,
                        null,
                        words.moment(release.release().at()) + ", "
                                + names.getOrDefault(release.release().personId(), "")
                                + (release.stands() ? "" : "; does not stand, a proof was struck out"),
                        release.proofs().isEmpty()
                                ? null
                                : release.proofs().stream()
                                        .map(proof -> proof(proof, names))
                                        .collect(Collectors.joining("; "))));
            }
        }
        page.table(
                body,
                List.of(
                        new Column("Held", 17),
                        new Column("Why", 27),
                        new Column("By", 12),
                        new Column("Released", 18),
                        new Column("Proved by", 26)),
                rows);
    }

    private String proof(WorkRecord proof, Map<UUID, String> names) {
        return words.of("step", proof.step()) + ", " + words.moment(proof.at()) + ", "
                + names.getOrDefault(proof.personId(), "");
    }

    private static String origin(HoldOrigin origin) {
        return switch (origin) {
            case RULE -> "";
            case PERSON -> "By hand, until proved by ";
            case COMPLAINT -> "Complaint, until proved by ";
        };
    }

    private void told(
            Page page, Element body, String title, List<LogLine> lines, LogKind kind, PhotoPages.Numbered pictures) {
        List<List<@Nullable String>> rows = lines.stream()
                .filter(line -> line.kind() == kind)
                .map(line -> Page.row(
                        words.moment(line.at()),
                        line.told().what(),
                        joined(joined(line.told().found(), line.told().note()), pictures.said(line.id())),
                        line.by()))
                .toList();
        if (!rows.isEmpty()) {
            page.child(body, "h2", title);
            page.table(
                    body,
                    List.of(
                            new Column("When", 17),
                            new Column("What", 33),
                            new Column("Told", 36),
                            new Column("By", 14)),
                    rows);
        }
    }

    private void struck(Page page, Element body, List<LogLine> lines) {
        if (!lines.isEmpty()) {
            page.child(body, "h2", "Struck out, does not count");
            page.table(
                    body,
                    List.of(
                            new Column("When", 17),
                            new Column("What", 23),
                            new Column("Said", 20),
                            new Column("By", 12),
                            new Column("Struck out by, and why", 28)),
                    lines.stream()
                            .map(line -> Page.row(
                                    words.moment(line.at()),
                                    line.told().what(),
                                    joined(line.told().outcome(), line.told().read()),
                                    line.by(),
                                    line.told().struck()))
                            .toList());
        }
    }

    private void end(Page page, Element body) {
        Element end = page.box(body, "whole");
        page.child(
                        end,
                        "p",
                        "Written out by " + people.acting().name() + " on " + words.moment(clock.instant())
                                + ". Seal of the records then: " + seals.code()
                                + ". Typed in on the page of records, it tells whether one of them was altered since.")
                .setAttribute("class", "quiet");
        Element table = page.child(end, "table");
        table.setAttribute("class", "sign");
        Element sign = page.child(page.child(table, "tbody"), "tr");
        for (String line : List.of("Signed for the fleet", "Name", "Day")) {
            page.child(sign, "td", line);
            page.child(sign, "td", "").setAttribute("class", "gap");
        }
    }

    static @Nullable String joined(@Nullable String first, @Nullable String second) {
        return first == null ? second : second == null ? first : first + "; " + second;
    }
}
