package ripplerest.exchange.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import ripplerest.core.dressing.Length;
import ripplerest.core.dressing.Part;
import ripplerest.core.dressing.tie.Place;
import ripplerest.core.dressing.tie.Winding;
import ripplerest.core.estimate.Estimator;
import ripplerest.core.estimate.Options;
import ripplerest.core.estimate.PreparedFly;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.Materials;
import ripplerest.core.sizing.Sizer;
import ripplerest.core.sizing.Style;
import ripplerest.exchange.view.EstimateView;
import tools.jackson.databind.json.JsonMapper;

class PatternFormatTest {
  private static final Path FORMAT = Path.of("../docs/format");
  private static final Path DEMO = Path.of("../app/src/main/resources/demo");
  private static final Materials MATERIALS = Materials.standard();
  private static final Sizer SIZER = new Sizer(MATERIALS);
  private static final PatternReader READER = new PatternReader(SIZER);

  static Stream<Path> shipped() throws IOException {
    Stream<Path> examples = Files.list(FORMAT.resolve("examples"));
    return Stream.concat(examples, Files.list(DEMO)).sorted();
  }

  private static String example() throws IOException {
    return Files.readString(FORMAT.resolve("examples/upright-collar.json"));
  }

  private static PatternFile read(String text) {
    return READER.read(text.getBytes(StandardCharsets.UTF_8));
  }

  private static InvalidDocumentException refusal(String text) {
    return catchThrowableOfType(InvalidDocumentException.class, () -> read(text));
  }

  @ParameterizedTest
  @MethodSource("shipped")
  void whatShipsIsValidAndComesBackTheSame(Path file) throws IOException {
    PatternFile once = READER.read(Files.readAllBytes(file));
    String canonical = PatternWriter.write(once);
    PatternFile again = read(canonical);
    assertThat(again).isEqualTo(once);
    assertThat(PatternWriter.write(again)).isEqualTo(canonical);
  }

  @Test
  void estimateOfAnExportIsTheSameByteForByte() throws IOException {
    PatternFile original = read(example());
    PatternFile returned = read(PatternWriter.write(original));
    assertThat(estimate(returned)).isEqualTo(estimate(original));
  }

  private static String estimate(PatternFile file) {
    var estimate =
        Estimator.estimate(
            PreparedFly.of(SIZER.size(file.pattern()), MATERIALS, file.conditions()),
            Options.poseOnly());
    return JsonMapper.shared().writeValueAsString(EstimateView.of(estimate));
  }

  @Test
  void fieldsInAnotherOrderMakeTheSameCanonicalDocument() throws IOException {
    var mapper = JsonMapper.shared();
    var root = (tools.jackson.databind.node.ObjectNode) mapper.readTree(example());
    var turned = mapper.createObjectNode();
    List<String> names = new java.util.ArrayList<>(root.propertyNames());
    java.util.Collections.reverse(names);
    names.forEach(n -> turned.set(n, root.get(n)));
    assertThat(PatternWriter.write(read(turned.toString())))
        .isEqualTo(PatternWriter.write(read(example())));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"size\": 14 | \"size\": 40 | /pattern/hook/size | 40 | 32",
        "\"size\": 14 | \"size\": \"14\" | /pattern/hook/size | \"14\" | integer",
        "\"version\": 3 | \"version\": 7 | /version | 7 | at most 3",
        "\"count\": 8 | \"count\": 8.5 | /pattern/parts/0/count | 8.5 | integer",
        "\"factor\": 1.75 | \"factor\": 90 | /pattern/parts/3/barb/factor | 90 | 5",
        "\"rule\": \"gap\" | \"rule\": \"elbow\" | /pattern/parts/3/barb/rule | \"elbow\" | gap",
        "\"name\": \"Lantern Dun\", |  | /pattern/name | missing | required",
        "\"touchdownFactor\": 2 | \"touchdownFactor\": 0 | /conditions/touchdownFactor | 0 | 1"
      })
  void aBadFieldIsNamedWithItsValueItsBoundAndARemedy(
      String from, String to, String pointer, String value, String bound) throws IOException {
    String text = example().replace(from, to == null ? "" : to);
    assertThat(text).isNotEqualTo(example());
    InvalidDocumentException e = refusal(text);
    assertThat(e.problems()).hasSize(1);
    FieldProblem problem = e.problems().get(0);
    assertThat(problem.pointer()).isEqualTo(pointer);
    assertThat(problem.value()).isEqualTo(value);
    assertThat(problem.bound()).contains(bound);
    assertThat(problem.remedy()).isNotBlank();
  }

  @Test
  void pinnedLengthInAnotherUnitIsRefused() throws IOException {
    String text =
        Files.readString(DEMO.resolve("heather-ghost.json")).replace("\"mm\"", "\"inch\"");
    FieldProblem problem = refusal(text).problems().get(0);
    assertThat(problem.pointer()).isEqualTo("/pattern/parts/3/barb/unit");
    assertThat(problem.bound()).contains("mm");
  }

  @Test
  void anUnknownFieldIsRefusedRatherThanLost() throws IOException {
    InvalidDocumentException e =
        refusal(example().replace("\"size\": 14", "\"size\": 14, \"bend\": 3"));
    assertThat(e.problems().get(0).pointer()).isEqualTo("/pattern/hook/bend");
  }

  @Test
  void allBadFieldsAreNamedAtOnce() throws IOException {
    String text =
        example().replace("\"size\": 14", "\"size\": 0").replace("\"count\": 8", "\"count\": 0");
    assertThat(refusal(text).problems()).hasSize(2);
    assertThat(refusal(text).document().status()).isEqualTo(422);
  }

  @Test
  void severalPartsOfAKindAreKeptApartAndInOrder() throws IOException {
    String tail =
        "{\"part\":\"tail\",\"material\":\"tail-barb\",\"count\":3,\"length\":{\"value\":7,\"unit\":\"mm\"}},";
    PatternFile two = read(example().replace("\"parts\": [", "\"parts\": [" + tail));
    assertThat(two.pattern().names()).startsWith("tail", "tail-2");
    assertThat(read(PatternWriter.write(two))).isEqualTo(two);
  }

  @Test
  void versionOneIsStillRead() throws IOException {
    PatternFile old = READER.read(Files.readAllBytes(Path.of("src/test/resources/version-1.json")));
    assertThat(old.pattern()).isEqualTo(read(example()).pattern());
    assertThat(PatternWriter.write(old))
        .contains("\"version\" : 3")
        .contains("\"trim\" : \"full\"");
  }

  @Test
  void versionTwoIsStillRead() {
    String wing = "{\"part\":\"hair-wing\",\"material\":\"deer-hair\",\"count\":20,\"length\":%s}";
    String hackle =
        "{\"part\":\"%s\",\"material\":\"dry-hackle\",\"turns\":3,"
            + "\"barb\":{\"rule\":\"gap\",\"factor\":%s},\"trim\":\"full\",\"feather\":0}";
    String document =
        "{\"format\":\"ripple-rest/pattern\",\"version\":2,\"pattern\":{\"name\":\"Old Sedge\","
            + "\"school\":\"hair-wing-sedge\",\"hook\":{\"size\":12,\"shape\":\"straight\"},\"parts\":["
            + wing.formatted("{\"rule\":\"hook-length\",\"factor\":%s}")
            + ","
            + hackle.formatted("collar-hackle", "1.5")
            + ","
            + hackle.formatted("mixed-hackle", "1.2")
            + "]}}";
    PatternFile old = read(document.formatted("0.95"));
    assertThat(old.pattern().style()).isEqualTo("hair-wing-sedge");
    assertThat(old.pattern().names()).containsExactly("hair-wing", "collar-hackle");
    assertThat(old.pattern().parts().get(1).tie().with())
        .singleElement()
        .satisfies(f -> assertThat(f.barb()).contains(new Length.Rule(Length.Reference.GAP, 1.2)));
    assertThat(old.pattern().parts().get(1).tie().wound()).isEqualTo(Winding.THROUGH);
    assertThat(wing(old)).isEqualTo(new Length.Reach(Place.at(Place.Landmark.BEND)));
    assertThat(wing(read(document.formatted("0.9"))))
        .as("what a tier typed stays")
        .isEqualTo(new Length.Rule(Length.Reference.HOOK_LENGTH, 0.9));
    assertThat(read(PatternWriter.write(old))).isEqualTo(old);
  }

  private static Length wing(PatternFile file) {
    return file.pattern().part(Part.HairWing.class).orElseThrow().length();
  }

  @Test
  void whatAPartLeavesOutIsAsItsStyleHasIt() {
    String bare =
        "{\"format\":\"ripple-rest/pattern\",\"version\":3,\"pattern\":{\"name\":\"Bare\","
            + "\"style\":\"parachute\",\"hook\":{\"size\":14,\"shape\":\"straight\"},"
            + "\"parts\":[{\"part\":\"tail\"},{\"part\":\"body\"},{\"part\":\"post\"},{\"part\":\"parachute-hackle\"}]}}";
    assertThat(read(bare).pattern().parts())
        .isEqualTo(
            Sizer.defaults(
                    Style.named("parachute"), new HookSpec(14, HookSpec.Shape.STRAIGHT, 0, 0), "x")
                .parts());
  }

  @Test
  void aMaterialThatDoesNotSuitIsNamedWithThoseThatDo() throws IOException {
    FieldProblem problem =
        refusal(example().replace("\"dry-dubbing\"", "\"dry-hackle\"")).problems().get(0);
    assertThat(problem.pointer()).isEqualTo("/pattern/parts/1/material");
    assertThat(problem.remedy()).contains("dry-dubbing");
  }

  @Test
  void aMeasuredHookComesBackTheSame() throws IOException {
    String measured =
        "\"size\": 14, \"measured\": {\"name\": \"bin 3\", \"shankMm\": 7.1, \"gapMm\": 4.2,"
            + " \"wireMm\": 0.4, \"eyeMm\": 0.9, \"tenMg\": 175}";
    PatternFile file = read(example().replace("\"size\": 14", measured));
    assertThat(SIZER.size(file.pattern()).hook().massMg(7.85)).isEqualTo(17.5);
    assertThat(read(PatternWriter.write(file))).isEqualTo(file);
  }

  /** The definitions of parts follow from the core's records. */
  @Test
  void theSchemaThatShipsIsTheOneThePartsMake() throws IOException {
    var mapper = JsonMapper.shared();
    Path shipped = FORMAT.resolve("pattern.schema.json");
    var schema = (tools.jackson.databind.node.ObjectNode) mapper.readTree(shipped.toFile());
    var wanted = schema.deepCopy();
    ((tools.jackson.databind.node.ObjectNode) wanted.get("$defs")).setAll(PatternSchema.parts());
    Files.createDirectories(Path.of("target"));
    Files.writeString(
        Path.of("target/pattern.schema.json"),
        mapper.writerWithDefaultPrettyPrinter().writeValueAsString(wanted) + "\n");
    assertThat((Object) mapper.readTree(schema.toString()))
        .as("copy exchange/target/pattern.schema.json over docs/format if the change is meant")
        .isEqualTo(mapper.readTree(wanted.toString()));
  }

  @ParameterizedTest
  @CsvSource({
    "''",
    "'not json'",
    "'{'",
    "'[]'",
    "'null'",
    "'{\"a\":1,\"a\":2}'",
    "'{} trailing'",
    "'{\"version\":1}'"
  })
  void whatIsNoPatternIsRefusedClearly(String text) {
    assertThatThrownBy(() -> read(text)).isInstanceOf(InvalidDocumentException.class);
  }

  @Test
  void fiftyMegabytesAreRefusedWithoutBeingParsed() {
    byte[] huge = new byte[50_000_000];
    InvalidDocumentException e =
        catchThrowableOfType(InvalidDocumentException.class, () -> READER.read(huge));
    assertThat(e.problems().get(0).bound()).contains("1000000 bytes");
  }
}
