package yellowtally.server.signin;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AuthorizeHttpRequestsConfigurer;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import org.springframework.security.web.util.matcher.RequestMatcher;
import org.springframework.stereotype.Component;
import org.springframework.web.util.pattern.PathPattern;
import org.springframework.web.util.pattern.PathPatternParser;
import yellowtally.server.people.Person.Role;

/**
 * The rule of every address, in one place: who may ask for it at least. An address that stands in no line is there for nobody, and
 * {@link RuleCheck} refuses to start with a controller's method that has none.
 *
 * <p>NOBODY may be asked for without signing in, ONE_TIME also with a password that has to be changed first. What hangs on the
 * records as well, such as the rank that striking out takes, the rooms ask in addition.
 */
@Component
public class WhoMay {

    private static final String RULES = """
            NOBODY   GET  /api/sign-in
            NOBODY   POST /api/sign-in
            NOBODY   POST /api/sign-in/pin
            NOBODY   POST /api/sign-out
            NOBODY   POST /api/set-up
            NOBODY   GET  /api/set-up/fleet-file
            NOBODY   POST /api/set-up/fleet-file
            NOBODY   GET  /api/calendar/{secret}.ics
            NOBODY   GET  /api/calendar/{secret}/plan.ics
            ONE_TIME POST /api/account/password

            READER   POST /api/account/pin
            READER   GET  /api/people
            READER   GET  /api/crews
            READER   GET  /api/house
            READER   GET  /api/state
            READER   GET  /api/writes/{id}
            READER   GET  /api/openapi
            READER   GET  /api/board
            READER   GET  /api/minutes
            READER   GET  /api/plan
            READER   GET  /api/packs
            READER   GET  /api/packs/{bookingId}
            READER   GET  /api/lay-out
            READER   GET  /api/reminders
            READER   GET  /api/plan.ics
            READER   POST /api/plan/what-if
            READER   GET  /api/saws
            READER   GET  /api/saws/{tag}
            READER   GET  /api/saws/{tag}/away
            OFFICER  POST /api/saws/{tag}/away
            OFFICER  POST /api/away/{awayId}/words
            OPERATOR POST /api/away/{awayId}/back
            READER   GET  /api/saws/{tag}/complaints
            READER   GET  /api/saws/{tag}/faults
            READER   GET  /api/saws/{tag}/oiling
            READER   GET  /api/saws/{tag}/past
            READER   GET  /api/saws/{tag}/schedule
            READER   GET  /api/saws/{tag}/sharpening
            READER   GET  /api/saws/{tag}/takeable/{step}
            READER   GET  /api/saws/{tag}/tension
            READER   POST /api/saws/{tag}/tension/preview
            READER   GET  /api/saws/{tag}/wear
            READER   GET  /api/parts
            READER   GET  /api/parts/{tag}
            READER   GET  /api/parts/{tag}/away
            READER   GET  /api/parts-away
            OFFICER  POST /api/parts-away
            OPERATOR POST /api/parts-away/back
            OPERATOR POST /api/parts-away/looks/{lookId}/struck
            OPERATOR POST /api/parts-away/seen
            OFFICER  POST /api/parts-away/words
            READER   GET  /api/out-of-use
            READER   POST /api/fit-check
            READER   GET  /api/visits/{visitId}
            READER   GET  /api/faults
            READER   GET  /api/faults/{id}
            READER   GET  /api/oiling/grade
            READER   GET  /api/insights
            READER   GET  /api/caliper
            READER   GET  /api/caliper/stream
            READER   GET  /api/outings/open
            READER   GET  /api/outings/{outingId}
            READER   GET  /api/stores
            READER   GET  /api/stores/costs
            READER   GET  /api/stores/items/{itemId}/moves
            READER   GET  /api/fuel/cans
            READER   GET  /api/fuel/mix
            READER   GET  /api/log
            READER   GET  /api/log.csv
            READER   GET  /api/fleet-file/schema
            READER   GET  /api/calendar.ics
            READER   GET  /api/paper/certificate.pdf
            READER   GET  /api/photos
            READER   GET  /api/photos/{photoId}
            READER   GET  /api/paper/card.pdf
            READER   GET  /api/paper/away.pdf
            READER   GET  /api/paper/parts-away.pdf
            READER   GET  /api/paper/pack.pdf
            READER   GET  /api/paper/day.pdf
            READER   GET  /api/paper/orders.pdf
            READER   GET  /api/paper/labels.pdf
            READER   GET  /api/settings
            READER   GET  /api/seal
            READER   POST /api/seal/check
            READER   GET  /api/seal/papers/{code}
            READER   GET  /api/backups

            OPERATOR POST /api/packs/{bookingId}/ticks
            OPERATOR POST /api/outings/issue
            OPERATOR POST /api/outings/return
            OPERATOR POST /api/outings/{outingId}/correction
            OPERATOR POST /api/outings/{outingId}/correction/preview
            OPERATOR GET  /api/outings/{outingId}/strike
            OPERATOR POST /api/outings/{outingId}/strike
            OPERATOR POST /api/photos
            OPERATOR POST /api/photos/{photoId}/strike
            OPERATOR POST /api/saws/{tag}/refuels
            OPERATOR POST /api/saws/{tag}/refuels/undo
            OPERATOR POST /api/fuel/cans
            OPERATOR POST /api/fuel/cans/{canId}/empty
            OPERATOR POST /api/saws/{tag}/records
            OPERATOR POST /api/saws/{tag}/records/preview
            OPERATOR GET  /api/records/{recordId}/strike
            OPERATOR POST /api/records/{recordId}/strike
            OPERATOR POST /api/saws/{tag}/tension-checks
            OPERATOR POST /api/saws/{tag}/fittings
            OPERATOR POST /api/saws/{tag}/holds
            OPERATOR POST /api/saws/{tag}/visits
            OPERATOR POST /api/visits/{visitId}/steps
            OPERATOR POST /api/visits/{visitId}/skip
            OPERATOR POST /api/visits/{visitId}/undo
            OPERATOR POST /api/visits/{visitId}/end
            OPERATOR POST /api/visits/{visitId}/move
            OPERATOR POST /api/visits/{visitId}/move/preview
            OPERATOR GET  /api/visits/{visitId}/strike
            OPERATOR POST /api/visits/{visitId}/strike
            OPERATOR POST /api/saws/{tag}/sharpening
            OPERATOR POST /api/sharpenings/{sharpeningId}/cutters
            OPERATOR POST /api/sharpenings/{sharpeningId}/deal
            OPERATOR POST /api/sharpenings/{sharpeningId}/filed
            OPERATOR POST /api/sharpenings/{sharpeningId}/finish
            OPERATOR POST /api/sharpenings/{sharpeningId}/leave
            OPERATOR POST /api/caliper/readings
            OPERATOR POST /api/caliper/start
            OPERATOR POST /api/caliper/stop
            OPERATOR POST /api/saws/{tag}/faults
            OPERATOR POST /api/faults/{id}/answers
            OPERATOR POST /api/faults/{id}/back
            OPERATOR POST /api/faults/{id}/cause
            OFFICER  POST /api/faults/{id}/close
            OPERATOR POST /api/faults/{id}/doubt
            OPERATOR POST /api/faults/{id}/look
            OPERATOR POST /api/faults/{id}/sort
            OPERATOR POST /api/faults/{id}/stand
            OPERATOR POST /api/faults/{id}/still-there

            OFFICER  POST /api/faults/{id}/drop
            OFFICER  POST /api/faults/{id}/end
            OFFICER  POST /api/faults/{id}/mechanic
            OFFICER  POST /api/saws/{tag}/release
            OFFICER  GET  /api/new-saw
            OFFICER  GET  /api/models
            OFFICER  POST /api/past/preview
            OFFICER  POST /api/saws
            OFFICER  POST /api/saws/{tag}/past
            OFFICER  POST /api/saws/{tag}/past/use/strike
            OFFICER  POST /api/saws/{tag}/past/preview
            OFFICER  PUT  /api/saws/{tag}
            OFFICER  POST /api/saws/{tag}/tag
            OFFICER  POST /api/saws/{tag}/retirement
            OFFICER  POST /api/saws/{tag}/retirement/undo
            OFFICER  POST /api/parts
            OFFICER  POST /api/parts/{tag}/figures
            OFFICER  POST /api/parts/{tag}/price
            OFFICER  POST /api/parts/{tag}/retire
            OFFICER  POST /api/parts/{tag}/retire/undo
            OFFICER  POST /api/stores/items
            OFFICER  POST /api/stores/items/{itemId}/counted
            OFFICER  POST /api/stores/items/{itemId}/orders
            OFFICER  POST /api/stores/items/{itemId}/received
            OFFICER  POST /api/stores/orders/{orderId}/called-off
            OFFICER  POST /api/stores/part-orders/{orderId}/called-off
            OFFICER  POST /api/stores/part-orders/{orderId}/came
            OFFICER  POST /api/stores/parts/{tag}/orders
            OFFICER  POST /api/plan/changes
            OFFICER  POST /api/settings/changes
            OFFICER  POST /api/calibrations
            OFFICER  POST /api/backups
            OFFICER  GET  /api/fleet-file
            OFFICER  GET  /api/calendar-feeds
            OFFICER  POST /api/calendar-feeds
            OFFICER  POST /api/calendar-feeds/{feedId}/end
            OFFICER  GET  /api/sheets.csv
            OFFICER  GET  /api/photos.zip
            OFFICER  GET  /api/sheets.xlsx
            OFFICER  GET  /api/sheets-in/kinds
            OFFICER  POST /api/sheets-in
            OFFICER  GET  /api/sheets-in/{fileId}
            OFFICER  GET  /api/sheets-in/{fileId}/lines
            OFFICER  GET  /api/sheets-in/{fileId}/match
            OFFICER  GET  /api/sheets-in/{fileId}/run
            OFFICER  POST /api/sheets-in/{fileId}/run
            OFFICER  POST /api/sheets-in/{fileId}/stop
            OFFICER  GET  /api/sheets-in/template.xlsx
            OFFICER  GET  /api/sheets-in/template/{kind}.csv
            OFFICER  PUT  /api/practice/clock
            OFFICER  POST /api/people
            OFFICER  PUT  /api/people/{id}
            OFFICER  POST /api/people/{id}/access
            OFFICER  POST /api/people/{id}/leave
            OFFICER  POST /api/people/{id}/back
            OFFICER  GET  /api/people/access
            OFFICER  GET  /api/people/changes
            OFFICER  POST /api/crews
            OFFICER  PUT  /api/crews/{id}
            OFFICER  POST /api/crews/{id}/leave
            OFFICER  POST /api/crews/{id}/back
            OFFICER  PUT  /api/fleet
            OFFICER  GET  /api/devices
            OFFICER  PUT  /api/devices/{id}
            OFFICER  POST /api/devices/{id}/forget
            """;

    /** Who may at least; in this order each may what those before it may. */
    public enum Rank {
        NOBODY,
        ONE_TIME,
        READER,
        OPERATOR,
        OFFICER;

        private String[] andAbove() {
            return Arrays.stream(values())
                    .filter(other -> other.compareTo(this) >= 0)
                    .map(Rank::name)
                    .toArray(String[]::new);
        }
    }

    /** One line. */
    public record Rule(Rank least, String method, String path) {

        /** As it is named in the description of the interface. */
        String named() {
            return method + " " + path;
        }
    }

    /** A rule and the framework's matcher of its path, which reads the path as the framework does that looks for the controller. */
    private record Line(Rule rule, RequestMatcher path) implements RequestMatcher {

        /** HEAD is carried out as GET. */
        @Override
        public boolean matches(HttpServletRequest request) {
            String method = request.getMethod().equals("HEAD") ? "GET" : request.getMethod();
            return rule.method().equals(method) && path.matches(request);
        }
    }

    /** Of two that match, the more specific stands first: the controller is found in this order too. */
    private final List<Line> lines = rules().sorted(Comparator.comparing(WhoMay::pattern))
            .map(rule -> new Line(rule, PathPatternRequestMatcher.pathPattern(rule.path())))
            .toList();

    private static PathPattern pattern(Rule rule) {
        return PathPatternParser.defaultInstance.parse(rule.path());
    }

    /** All lines. */
    public static Stream<Rule> rules() {
        return RULES.lines().map(String::strip).filter(line -> !line.isEmpty()).map(line -> {
            String[] told = line.split(" +", -1);
            return new Rule(Rank.valueOf(told[0]), told[1], told[2]);
        });
    }

    /** What somebody of a role is refused, as the description of the interface names it. */
    static List<String> refusedTo(Role role) {
        return rules().filter(rule -> rule.least().compareTo(rank(role)) > 0)
                .map(Rule::named)
                .toList();
    }

    private static Rank rank(Role role) {
        return Rank.valueOf(role.name());
    }

    /** Puts every line among what is asked of a request. */
    public void apply(AuthorizeHttpRequestsConfigurer<HttpSecurity>.AuthorizationManagerRequestMatcherRegistry all) {
        lines.forEach(line -> {
            if (line.rule().least() == Rank.NOBODY) {
                all.requestMatchers(line).permitAll();
            } else {
                all.requestMatchers(line).hasAnyRole(line.rule().least().andAbove());
            }
        });
    }

    /** Who may at least; absent where there is no such address. */
    Optional<Rank> least(HttpServletRequest request) {
        return lines.stream()
                .filter(line -> line.matches(request))
                .map(line -> line.rule().least())
                .findFirst();
    }

    /** Whether the address takes something, be it not this. */
    boolean isThere(HttpServletRequest request) {
        return lines.stream().anyMatch(line -> line.path().matches(request));
    }

    /** What somebody has come in as. */
    static Rank rank(@Nullable Authentication known) {
        return Arrays.stream(Rank.values())
                .filter(rank -> known != null
                        && known.getAuthorities().stream()
                                .anyMatch(role -> ("ROLE_" + rank).equals(role.getAuthority())))
                .findFirst()
                .orElse(Rank.NOBODY);
    }
}
