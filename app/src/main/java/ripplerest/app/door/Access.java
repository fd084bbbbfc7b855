package ripplerest.app.door;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.server.PathContainer;
import org.springframework.web.util.pattern.PathPattern;
import org.springframework.web.util.pattern.PathPatternParser;
import ripplerest.app.people.Role;

/**
 * Who may ask for what, where people share the application: every endpoint stands in one of these
 * lists, and what stands in none is closed.
 */
final class Access {
  /** Whoever reaches the address: what is needed to come in. */
  static final String ANYBODY =
      """
      GET /api/about
      GET /api/me
      POST /api/session
      DELETE /api/session
      POST /api/join
      POST /api/join/look
      POST /api/tablet
      POST /api/shared
      """;

  /** A tablet at the vise, of the one pattern that it follows. */
  static final String TABLET =
      """
      GET /api/patterns/{id}
      GET /api/patterns/{id}/card
      GET /api/patterns/{id}/tying
      PUT /api/patterns/{id}/tying
      """;

  /** Guests too: what is looked at, and questions, which change nothing; what one says. */
  static final String GUEST =
      """
      GET /api/people
      PUT /api/me/name
      PUT /api/me/password
      POST /api/me/leaving
      GET /api/me/things
      GET /api/book
      GET /api/book/naturals
      GET /api/book/file
      GET /api/book/folder
      GET /api/patterns
      GET /api/patterns/{id}
      GET /api/patterns/{id}/export
      GET /api/patterns/{id}/card
      GET /api/patterns/{id}/card.txt
      GET /api/patterns/{id}/card.pdf
      GET /api/patterns/{id}/card.svg
      GET /api/patterns/{id}/tying
      GET /api/patterns/{id}/comments
      POST /api/patterns/{id}/comments
      DELETE /api/patterns/{id}/comments/{comment}
      GET /api/patterns/{id}/changes
      GET /api/changes
      GET /api/loans
      POST /api/cards
      POST /api/answers
      POST /api/estimates
      POST /api/comparisons
      POST /api/lengths
      POST /api/differences
      GET /api/outcomes
      GET /api/parts
      GET /api/colours
      GET /api/colours/nearest
      GET /api/styles
      GET /api/styles/{style}/parts/{kind}
      GET /api/hooks
      GET /api/hooks/table
      GET /api/hooks/matches
      GET /api/materials
      GET /api/materials/unobtainable
      GET /api/materials/table
      GET /api/drawer
      GET /api/drawer/table
      GET /api/drawer/tieable
      GET /api/drawer/shopping
      GET /api/drawer/shopping.csv
      GET /api/log
      GET /api/log/{id}
      GET /api/log/{id}/picture
      GET /api/log/{id}/as-tied
      GET /api/log/{id}/stock
      GET /api/log/trends
      GET /api/log.json
      GET /api/log.csv
      GET /api/tests
      GET /api/tests/{id}
      GET /api/tests/{id}/picture
      GET /api/tests/{id}/foretold
      GET /api/tests/next
      GET /api/tests/changed
      GET /api/tests/learning
      GET /api/tests.json
      GET /api/tests.csv
      GET /api/boxes
      GET /api/boxes/moves.csv
      GET /api/outings
      GET /api/outings/{id}
      GET /api/outings/history
      GET /api/outings/seasons
      GET /api/outings/calendar.ics
      GET /api/evenings
      GET /api/evenings/calendar.ics
      GET /api/practice
      GET /api/practice/looks.csv
      GET /api/deleted
      """;

  /** Whoever ties: every change of one's own things and of the club's. */
  static final String TIER =
      """
      POST /api/book/imports
      POST /api/patterns
      POST /api/patterns/imports
      PUT /api/patterns/{id}
      DELETE /api/patterns/{id}
      POST /api/patterns/{id}/copies
      POST /api/patterns/{id}/undo
      POST /api/patterns/{id}/redo
      POST /api/patterns/{id}/archive
      DELETE /api/patterns/{id}/archive
      PUT /api/patterns/{id}/favourite
      DELETE /api/patterns/{id}/favourite
      POST /api/patterns/{id}/restoration
      PUT /api/patterns/{id}/tying
      DELETE /api/patterns/{id}/tying
      POST /api/patterns/{id}/tying/finish
      POST /api/patterns/{id}/club
      POST /api/patterns/{id}/own
      GET /api/patterns/{id}/links
      POST /api/patterns/{id}/links
      DELETE /api/patterns/{id}/links/{link}
      POST /api/patterns/{id}/tablets
      GET /api/patterns/{id}/tablets
      DELETE /api/tablets/{id}
      POST /api/shared/copies
      POST /api/styles
      PUT /api/styles/{id}/rules/{part}/{dimension}
      DELETE /api/styles/{id}
      POST /api/hooks
      POST /api/hooks/table
      DELETE /api/hooks/{id}
      POST /api/materials
      POST /api/materials/table
      DELETE /api/materials/{id}
      POST /api/drawer
      PUT /api/drawer/{id}
      DELETE /api/drawer/{id}
      POST /api/drawer/table
      POST /api/drawer/picks
      POST /api/drawer/gauge
      POST /api/log
      PUT /api/log/{id}
      DELETE /api/log/{id}
      POST /api/log/imports
      PUT /api/log/{id}/picture
      POST /api/log/{id}/marks
      POST /api/devices/{what}/reading
      POST /api/tests
      PUT /api/tests/{id}
      DELETE /api/tests/{id}
      POST /api/tests/table
      POST /api/tests/imports
      PUT /api/tests/{id}/picture
      POST /api/tests/{id}/marks
      POST /api/tests/learning
      PUT /api/tests/learning
      POST /api/boxes
      PUT /api/boxes/{id}
      DELETE /api/boxes/{id}
      POST /api/boxes/moves
      DELETE /api/boxes/moves/{id}
      POST /api/boxes/moves/table
      POST /api/boxes/selections
      POST /api/outings
      PUT /api/outings/{id}
      DELETE /api/outings/{id}
      POST /api/outings/{id}/lives
      POST /api/outings/{id}/report
      PUT /api/evenings
      POST /api/evenings/lacking
      POST /api/evenings/plan
      POST /api/practice/exercises
      POST /api/practice/exercises/{id}/answer
      POST /api/practice/looks/table
      POST /api/deleted/{kind}/{id}/restoration
      """;

  /** Wardens: who may come in, and as what. */
  static final String WARDEN =
      """
      PUT /api/people/{id}/role
      DELETE /api/people/{id}
      POST /api/people/{id}/invitation
      POST /api/invitations
      DELETE /api/invitations/{id}
      """;

  /** The page, whichever view of it, and its files: what is in it is asked for from the lists. */
  private static final Door PAGES = new Door("GET", parsed("/**"));

  private static final List<PathPattern> NO_PAGES =
      List.of(
          parsed("/api/**"),
          parsed("/v3/**"),
          parsed("/actuator"),
          parsed("/actuator/{other:(?!health$).*}/**"));

  private static final List<Door> ANYBODY_S = doors(ANYBODY);
  private static final List<Door> TABLET_S = doors(TABLET);
  private static final List<Door> GUEST_S = doors(GUEST);
  private static final List<Door> TIER_S = doors(TIER);
  private static final List<Door> WARDEN_S = doors(WARDEN);

  private Access() {}

  private record Door(String method, PathPattern path) {
    boolean leads(String asked, PathContainer to) {
      return (method.equals(asked) || method.equals("GET") && asked.equals("HEAD"))
          && path.matches(to);
    }
  }

  private static List<Door> doors(String lines) {
    List<Door> doors = new ArrayList<>();
    for (String line : lines.lines().toList()) {
      String[] words = line.split(" ");
      doors.add(new Door(words[0], parsed(words[1])));
    }
    return doors;
  }

  private static PathPattern parsed(String pattern) {
    return PathPatternParser.defaultInstance.parse(pattern);
  }

  /** Whether somebody, or nobody that is known, may ask for this. */
  static boolean may(Optional<Visitor> visitor, String method, String address) {
    PathContainer path = PathContainer.parsePath(address);
    if (PAGES.leads(method, path) && NO_PAGES.stream().noneMatch(p -> p.matches(path))) {
      return true;
    }
    if (visitor.isEmpty()) {
      return leads(ANYBODY_S, method, path);
    }
    Visitor v = visitor.get();
    if (v.isTablet()) {
      return leads(ANYBODY_S, method, path)
          || v.account().role() != Role.GUEST
              && TABLET_S.stream()
                  .anyMatch(d -> d.leads(method, path) && isOf(v.follows().pattern(), d, path));
    }
    Role role = v.account().role();
    return leads(ANYBODY_S, method, path)
        || leads(GUEST_S, method, path)
        || role != Role.GUEST && leads(TIER_S, method, path)
        || role == Role.WARDEN && leads(WARDEN_S, method, path);
  }

  private static boolean leads(List<Door> doors, String method, PathContainer path) {
    return doors.stream().anyMatch(d -> d.leads(method, path));
  }

  private static boolean isOf(UUID pattern, Door door, PathContainer path) {
    return pattern.toString().equals(door.path().matchAndExtract(path).getUriVariables().get("id"));
  }
}
