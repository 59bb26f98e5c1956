package yellowtally.server.state;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.server.support.Notices;
import yellowtally.server.support.Sentences;

/** For the beam across every screen: whether all is well. */
@RestController
class StateController {

    private final List<Notices> all;
    private final Sentences sentences;

    StateController(List<Notices> all, Sentences sentences) {
        this.all = all;
        this.sentences = sentences;
    }

    /** How it does; {@code writing}: whether anything can be recorded. */
    record StateView(boolean writing, List<NoticeView> notices) {}

    /** What is to be said, in a sentence. */
    record NoticeView(String code, String sentence, boolean holdsWriting) {}

    @GetMapping("/api/state")
    StateView state() {
        List<NoticeView> notices = all.stream()
                .flatMap(some -> some.now().stream())
                .map(one -> new NoticeView(one.what().code(), sentences.of(one.what()), one.holdsWriting()))
                .toList();
        return new StateView(notices.stream().noneMatch(NoticeView::holdsWriting), notices);
    }
}
