package yellowtally.server.paper;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.w3c.dom.Element;
import yellowtally.server.log.LogLine;
import yellowtally.server.people.People;
import yellowtally.server.photos.Photos;
import yellowtally.server.support.Refusal;

/** The photos of a certificate: numbered, each with what it is of, two beside each other. */
@Component
class PhotoPages {

    /** More are left in the log, so that a paper can be made at all. */
    static final int MOST = 40;

    /** The longer side of a picture, dots: sharp at the width of half a page. */
    private static final int LONGEST = 800;

    private final Photos photos;
    private final People people;
    private final PaperWords words;

    PhotoPages(Photos photos, People people, PaperWords words) {
        this.photos = photos;
        this.people = people;
        this.words = words;
    }

    /** Photos in the order of their numbers, from 1, and the lines that they belong to. */
    record Numbered(List<Photos.Told> photos, Map<UUID, LogLine> lines) {

        /** The numbers of a line's photos as they are said beside it; absent where it has none. */
        @Nullable
        String said(UUID line) {
            List<String> numbers = new ArrayList<>();
            for (int i = 0; i < photos.size(); i++) {
                if (photos.get(i).aboutId().equals(line)) {
                    numbers.add(String.valueOf(i + 1));
                }
            }
            return numbers.isEmpty() ? null : (numbers.size() == 1 ? "photo " : "photos ") + String.join(", ", numbers);
        }
    }

    /** Numbers those of a saw's photos that belong to these lines. */
    Numbered of(UUID sawId, List<LogLine> lines) {
        Map<UUID, LogLine> byId =
                lines.stream().collect(Collectors.toMap(LogLine::id, line -> line, (one, other) -> one));
        return new Numbered(
                photos.ofSaw(sawId).stream()
                        .filter(photo -> byId.containsKey(photo.aboutId()))
                        .toList(),
                byId);
    }

    /** Puts them on the page; nothing where there are none. */
    void show(Page page, Element body, Numbered numbered) throws IOException {
        List<Photos.Told> all = numbered.photos();
        if (all.isEmpty()) {
            return;
        }
        // The heading goes to the next page with the first of them.
        Element first = page.box(body, "whole");
        page.child(first, "h2", "Photos");
        Map<UUID, String> names = people.names();
        for (int i = 0; i < Math.min(MOST, all.size()); i++) {
            Photos.Told photo = all.get(i);
            LogLine line = numbered.lines().get(photo.aboutId());
            String of = line == null ? "" : said(line.told()) + ", " + words.day(line.at());
            Element box = page.box(i == 0 ? first : body, "photo");
            picture(page, box, photo, of);
            page.child(
                    box,
                    "p",
                    (i + 1) + ". " + of + ". Photo by " + names.getOrDefault(photo.personId(), "") + ", "
                            + words.moment(photo.at()) + ".");
        }
        if (all.size() > MOST) {
            page.child(body, "p", (all.size() - MOST) + " more photos of these days are in the log.");
        }
    }

    private static String said(LogLine.Told told) {
        return told.found() == null ? told.what() : told.what() + ": " + told.found();
    }

    private void picture(Page page, Element box, Photos.Told photo, String of) throws IOException {
        try {
            String jpeg = Base64.getEncoder().encodeToString(photos.picture(photo.id(), LONGEST));
            Element picture = page.child(box, "img");
            picture.setAttribute("src", "data:image/jpeg;base64," + jpeg);
            picture.setAttribute("alt", "Photo: " + of);
        } catch (Refusal missing) {
            // A paper without one picture says so, and is a paper all the same.
            page.child(box, "p", "The picture is not beside the records as it was kept.");
        }
    }
}
