package ripplerest.core.quantity;

/** A value outside its bound; says which field, what it was, what is allowed and what to do. */
public final class OutOfRangeException extends IllegalArgumentException {
  private static final long serialVersionUID = 1L;

  private final String field;
  private final String value;
  private final String bound;
  private final String remedy;

  public OutOfRangeException(String field, Object value, String bound, String remedy) {
    super(field + " is " + value + ", must be " + bound + ". " + remedy);
    this.field = field;
    this.value = String.valueOf(value);
    this.bound = bound;
    this.remedy = remedy;
  }

  public String field() {
    return field;
  }

  public String value() {
    return value;
  }

  public String bound() {
    return bound;
  }

  public String remedy() {
    return remedy;
  }
}
