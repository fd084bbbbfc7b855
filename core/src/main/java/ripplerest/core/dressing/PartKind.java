package ripplerest.core.dressing;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import ripplerest.core.dressing.tie.Tie;
import ripplerest.core.material.Form;
import ripplerest.core.material.Material;
import ripplerest.core.material.Serves;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.quantity.Require;
import ripplerest.core.quantity.Words;

/**
 * A kind of part: its name, the form of its material, and its fields with bounds and units, read
 * off its record.
 *
 * @param id stable name, such as {@code collar-hackle}
 * @param form what its material has to be
 * @param fields all but how it is tied, in order
 * @param type its record
 */
public record PartKind(String id, Form form, List<Field> fields, Class<? extends Part> type) {
  /** In the order in which most are tied; the compiler keeps no order of its own. */
  private static final List<Class<? extends Part>> TYPES =
      List.of(
          Part.Thread.class,
          Part.Bead.class,
          Part.WeightWire.class,
          Part.Tail.class,
          Part.Shuck.class,
          Part.EggSac.class,
          Part.ExtendedBody.class,
          Part.Tag.class,
          Part.Rib.class,
          Part.Body.class,
          Part.Segments.class,
          Part.Bands.class,
          Part.Flash.class,
          Part.PalmeredHackle.class,
          Part.Thorax.class,
          Part.ThoraxCover.class,
          Part.Legs.class,
          Part.FlatWing.class,
          Part.ForwardPlume.class,
          Part.LoopedWing.class,
          Part.FoldedShuttle.class,
          Part.UprightWing.class,
          Part.Post.class,
          Part.HairWing.class,
          Part.TentWing.class,
          Part.SpentWing.class,
          Part.Indicator.class,
          Part.CollarHackle.class,
          Part.ParachuteHackle.class,
          Part.SoftCollar.class,
          Part.SpunPlume.class,
          Part.HerlHead.class,
          Part.Head.class);

  private static final Map<String, PartKind> ALL = new LinkedHashMap<>();
  private static final Map<Class<?>, PartKind> BY_TYPE = new HashMap<>();

  static {
    TYPES.stream().map(PartKind::read).forEach(kind -> ALL.put(kind.id, kind));
    ALL.values().forEach(kind -> BY_TYPE.put(kind.type, kind));
    if (ALL.size() != Part.class.getPermittedSubclasses().length) {
      throw new IllegalStateException("a kind of part has no place in the order of tying");
    }
  }

  /** What a field holds. */
  public enum Type {
    COUNT,
    NUMBER,
    LENGTH,
    CHOICE
  }

  /**
   * One field.
   *
   * @param name as in the pattern file
   * @param low least value of a count or number
   * @param high greatest value of a count or number
   * @param unit of a count or number
   * @param options words of a choice
   */
  public record Field(
      String name, Type type, double low, double high, String unit, List<String> options) {
    /** Whether more of it holds more: turns, or how many are tied in. */
    public boolean isCounted() {
      return name.equals("turns") || name.equals("count");
    }

    /** Whether it says what the tier has, and is no matter of choice. */
    public boolean isAtHand() {
      return name.equals("feather");
    }

    private Object parsed(Object value, Class<?> raw) {
      if (type == Type.CHOICE && value instanceof String word) {
        return Arrays.stream(raw.getEnumConstants())
            .filter(c -> Words.id((Enum<?>) c).equals(word))
            .findFirst()
            .orElseThrow(
                () ->
                    new OutOfRangeException(name, word, "one of " + options, "Use one of these."));
      }
      if (type == Type.COUNT && value instanceof Number n) {
        return n.intValue();
      }
      return type == Type.NUMBER && value instanceof Number n ? n.doubleValue() : value;
    }
  }

  /** All kinds, in the order in which most are tied. */
  public static List<PartKind> all() {
    return List.copyOf(ALL.values());
  }

  /** The kind of this name; refuses an unknown one and lists those there are. */
  public static PartKind named(String id) {
    PartKind kind = ALL.get(id);
    if (kind == null) {
      throw new OutOfRangeException(
          "part", "\"" + id + "\"", "one of " + ALL.keySet(), "Choose a part from this list.");
    }
    return kind;
  }

  public static PartKind of(Part part) {
    return BY_TYPE.get(part.getClass());
  }

  /** How people call it. */
  public String label() {
    return Words.of(id);
  }

  /** A part of this kind, of a material and else tied as usual. */
  public Part create(String material, Map<String, ?> values) {
    return create(Tie.of(material), values);
  }

  /** A part of this kind; refuses a missing or wrong field by name. */
  public Part create(Tie tie, Map<String, ?> values) {
    RecordComponent[] components = type.getRecordComponents();
    Object[] arguments = new Object[components.length];
    Class<?>[] types = new Class<?>[components.length];
    arguments[0] = tie;
    types[0] = Tie.class;
    for (int i = 1; i < components.length; i++) {
      Field field = fields.get(i - 1);
      Object value = values.get(field.name());
      if (value == null) {
        throw new OutOfRangeException(field.name(), "missing", "given", "Add the missing field.");
      }
      types[i] = components[i].getType();
      arguments[i] = field.parsed(value, types[i]);
    }
    try {
      Part part = type.getConstructor(types).newInstance(arguments);
      check(part);
      return part;
    } catch (InvocationTargetException e) {
      throw e.getCause() instanceof RuntimeException r ? r : new IllegalStateException(e);
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Values of all fields, by name; a choice as its word. */
  public Map<String, Object> values(Part part) {
    Map<String, Object> values = new LinkedHashMap<>();
    for (RecordComponent c : type.getRecordComponents()) {
      Object value = value(c, part);
      values.put(c.getName(), value instanceof Enum<?> e ? Words.id(e) : value);
    }
    values.remove("tie");
    return values;
  }

  Part with(Part part, String field, Object value) {
    if (field.equals("material")) {
      return part.withMaterial((String) value);
    }
    Map<String, Object> values = values(part);
    values.put(field, value);
    return create(part.tie(), values);
  }

  /** Whether parts of this kind can do something, such as {@link Hackle}. */
  public boolean can(Class<?> ability) {
    return ability.isAssignableFrom(type);
  }

  /** Whether a part of this name can; hook, tippet and the like can nothing. */
  public static boolean can(String name, Class<?> ability) {
    PartKind kind = ALL.get(Pattern.kindOf(name));
    return kind != null && kind.can(ability);
  }

  /** Whether it has a field of this name. */
  public boolean has(String field) {
    return fields.stream().anyMatch(f -> f.name().equals(field));
  }

  /** Holds the fields of a part against their bounds; refuses the first that lies outside. */
  static void check(Part part) {
    PartKind kind = of(part);
    Tie tie = Require.present("tie", part.tie());
    if (!tie.with().isEmpty() && !kind.can(Turned.class)) {
      throw new OutOfRangeException(
          "with", tie.with().size() + " feathers", "none on a " + kind.label(), "Leave them out.");
    }
    RecordComponent[] components = kind.type.getRecordComponents();
    for (int i = 1; i < components.length; i++) {
      Field f = kind.fields.get(i - 1);
      Object value = value(components[i], part);
      switch (f.type()) {
        case COUNT -> Require.inRange(f.name(), (Integer) value, (int) f.low(), (int) f.high());
        case NUMBER -> Require.inRange(f.name(), (Double) value, f.low(), f.high(), f.unit());
        default -> Require.present(f.name(), value);
      }
    }
  }

  private static PartKind read(Class<? extends Part> type) {
    List<Field> fields =
        Arrays.stream(type.getRecordComponents()).skip(1).map(PartKind::field).toList();
    return new PartKind(id(type), type.getAnnotation(MadeOf.class).value(), fields, type);
  }

  private static Field field(RecordComponent c) {
    Range range = c.getAnnotation(Range.class);
    Type type =
        c.getType() == Length.class
            ? Type.LENGTH
            : c.getType().isEnum()
                ? Type.CHOICE
                : c.getType() == int.class ? Type.COUNT : Type.NUMBER;
    List<String> options =
        type == Type.CHOICE
            ? Arrays.stream(c.getType().getEnumConstants()).map(k -> Words.id((Enum<?>) k)).toList()
            : List.of();
    return range == null
        ? new Field(c.getName(), type, 0, 0, "", options)
        : new Field(c.getName(), type, range.low(), range.high(), range.unit(), options);
  }

  private static Object value(RecordComponent c, Part part) {
    try {
      return c.getAccessor().invoke(part);
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException(e);
    }
  }

  private static String id(Class<?> type) {
    return type.getSimpleName().replaceAll("(?<=.)([A-Z])", "-$1").toLowerCase(Locale.ROOT);
  }

  /** Whether a part of this kind can be made of a material, and tiers do. */
  public boolean isMadeOf(Material material) {
    return form().fits(material) && Serves.as(id(), material.id());
  }
}
