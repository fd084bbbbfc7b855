package ripplerest.app.people;

/** What somebody may do here. */
public enum Role {
  /** Everything, and say who may come in. */
  WARDEN,
  /** Tie: everything of one's own, and what is the club's. */
  TIER,
  /** Look at what is the club's and say something to it. */
  GUEST
}
