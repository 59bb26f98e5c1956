package yellowtally.server.fleet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Violations;

/** Makes new parts for the shelf; stores nothing. */
@Service
public class NewParts {

    private final PartChooser chooser;

    NewParts(PartChooser chooser) {
        this.chooser = chooser;
    }

    /** One like a part that is known, under a tag of its own; a tag that cannot be is said in {@code wrong}. */
    public Part another(Part like, String field, String tag, Violations wrong) {
        chooser.newTag(field, tag, wrong);
        return like.another(UUID.randomUUID(), tag);
    }

    /** The parts described; all that is wrong with them is told at once. */
    public List<Part> shelve(SetInput input) {
        Violations wrong = new Violations();
        ChosenSet chosen = chooser.choose(input, null, wrong);
        wrong.refuseIfAny();
        List<Part> parts = new ArrayList<>();
        for (Part part : Arrays.asList(chosen.chain(), chosen.bar(), chosen.sprocket())) {
            if (part != null) {
                parts.add(part);
            }
        }
        if (parts.isEmpty()) {
            throw Refusal.unfit("set", "part.none");
        }
        return parts;
    }
}
