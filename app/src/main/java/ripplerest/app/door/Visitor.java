package ripplerest.app.door;

import ripplerest.app.people.Account;
import ripplerest.app.people.Tablets;

/**
 * Whoever is signed in.
 *
 * @param follows of a tablet: the fly that it follows; null for a person
 */
record Visitor(Account account, Tablets.Followed follows) {
  boolean isTablet() {
    return follows != null;
  }
}
