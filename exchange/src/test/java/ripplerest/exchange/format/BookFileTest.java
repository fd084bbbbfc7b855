package ripplerest.exchange.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import ripplerest.core.hook.HookSpec;
import ripplerest.core.material.MaterialRow;
import ripplerest.core.material.Materials;
import ripplerest.core.quantity.OutOfRangeException;
import ripplerest.core.sizing.Sizer;
import ripplerest.exchange.table.HookTable;
import ripplerest.exchange.table.MaterialTable;

class BookFileTest {
  private static final PatternReader READER = new PatternReader(new Sizer(Materials.standard()));

  private final List<PatternFile> examples = new ArrayList<>();

  @TempDir Path folder;

  @BeforeEach
  void readExamples() throws IOException {
    try (var files = Files.list(Path.of("../docs/format/examples"))) {
      for (Path file : files.sorted().toList()) {
        examples.add(READER.read(Files.readAllBytes(file)));
      }
    }
  }

  private List<PatternFile> read(byte[] bytes) throws IOException {
    List<PatternFile> found = new ArrayList<>();
    BookFile.read(Files.write(folder.resolve("book"), bytes), READER, found::add, n -> {});
    return found;
  }

  private static BookFile.Book book(List<PatternFile> patterns) {
    return new BookFile.Book(patterns, List.of());
  }

  private List<PatternFile> read(String text) throws IOException {
    return read(text.getBytes(StandardCharsets.UTF_8));
  }

  @Test
  void aBookComesBackAsItWasWritten() throws IOException {
    ByteArrayOutputStream file = new ByteArrayOutputStream();
    BookFile.write(book(examples), file);
    assertThat(read(file.toByteArray())).isEqualTo(examples);
    ByteArrayOutputStream folder = new ByteArrayOutputStream();
    BookFile.writeFolder(book(examples), folder);
    assertThat(read(folder.toByteArray())).containsExactlyInAnyOrderElementsOf(examples);
    ByteArrayOutputStream empty = new ByteArrayOutputStream();
    BookFile.write(book(List.of()), empty);
    assertThat(read(empty.toByteArray())).isEmpty();
  }

  @Test
  void patternsOfOneNameGetFilesOfTheirOwn() throws IOException {
    ByteArrayOutputStream folder = new ByteArrayOutputStream();
    PatternFile one = examples.get(0);
    BookFile.writeFolder(book(List.of(one, one, one)), folder);
    assertThat(read(folder.toByteArray())).hasSize(3);
  }

  @Test
  void aFolderThatWasCutOffAnywhereIsRefused() throws IOException {
    ByteArrayOutputStream whole = new ByteArrayOutputStream();
    BookFile.writeFolder(book(examples), whole);
    byte[] bytes = whole.toByteArray();
    for (int length = 2; length < bytes.length; length += 13) {
      byte[] cut = Arrays.copyOf(bytes, length);
      assertThatThrownBy(() -> read(cut)).isInstanceOf(InvalidDocumentException.class);
    }
  }

  @Test
  void aSinglePatternIsABookOfOne() throws IOException {
    assertThat(read(PatternWriter.write(examples.get(0)))).containsExactly(examples.get(0));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "[]",
        "{}",
        "nonsense",
        "{\"format\":\"ripple-rest/book\",\"patterns\":[]}",
        "{\"format\":\"ripple-rest/book\",\"version\":2,\"patterns\":[]}",
        "{\"format\":\"ripple-rest/book\",\"version\":1,\"patterns\":{}}",
        "{\"format\":\"ripple-rest/book\",\"version\":1,\"patterns\":[],\"more\":1}",
        "{\"format\":\"ripple-rest/book\",\"version\":1,\"patterns\":[]} {}",
        "{\"format\":\"ripple-rest/book\",\"version\":1,\"patterns\":[",
        "{\"format\":\"ripple-rest/book\",\"version\":1,\"patterns\":[7]}",
        "PK\u0003\u0004"
      })
  void whatIsNoBookIsRefusedWithARemedy(String text) {
    assertThatThrownBy(() -> read(text))
        .isInstanceOfSatisfying(
            InvalidDocumentException.class,
            e -> {
              assertThat(e.problems()).isNotEmpty();
              assertThat(e.problems()).allMatch(p -> !p.remedy().isBlank());
            });
  }

  @Test
  void aBadPatternIsPointedToInTheBook() {
    String good = PatternWriter.write(examples.get(0));
    String bad = good.replaceFirst("\"size\" : \\d+", "\"size\" : 400");
    String book =
        "{\"format\":\"ripple-rest/book\",\"version\":1,\"patterns\":[" + good + "," + bad + "]}";
    assertThatThrownBy(() -> read(book))
        .isInstanceOfSatisfying(
            InvalidDocumentException.class,
            e ->
                assertThat(e.problems().get(0).pointer())
                    .isEqualTo("/patterns/1/pattern/hook/size"));
  }

  @ParameterizedTest
  @CsvSource({"a\\u0000b", "a\\ud800b", "a\\u0007b"})
  void charactersThatAreNoTextAreRefused(String name) {
    String bad = PatternWriter.write(examples.get(0)).replaceFirst("\"name\" : \"[^\"]*\"", "NAME");
    String text = bad.replace("NAME", "\"name\" : \"" + name + "\"");
    assertThatThrownBy(() -> read(text))
        .isInstanceOfSatisfying(
            InvalidDocumentException.class,
            e -> assertThat(e.problems().get(0).pointer()).isEqualTo("/pattern/name"));
  }

  @Test
  void theNaturalTravelsWithThePattern() throws IOException {
    String text = PatternWriter.write(examples.get(0));
    String named = text.replaceFirst("\"natural\" : \"[^\"]*\"", "\"natural\" : \"olive dun\"");
    PatternFile read = READER.read(named.getBytes(StandardCharsets.UTF_8));
    assertThat(read.pattern().natural()).isEqualTo("olive dun");
    assertThat(PatternWriter.write(read)).isEqualTo(named);
    String tooLong = named.replace("olive dun", "x".repeat(81));
    assertThatThrownBy(() -> READER.read(tooLong.getBytes(StandardCharsets.UTF_8)))
        .isInstanceOf(InvalidDocumentException.class);
  }

  @Test
  void theMaterialTableComesBackAsItWasWritten() throws IOException {
    String csv = MaterialTable.write(Materials.standard());
    List<MaterialRow> rows = MaterialRow.readAll(new StringReader(csv));
    assertThat(MaterialTable.write(Materials.standard().with(rows))).isEqualTo(csv);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "foam,,density,0.94,0.02,kg/m3,HANDBOOK,x | line 2/unit",
        "foam,,weight,0.94,0.02,g/cm3,HANDBOOK,x | line 2/property",
        "foam,,density,heavy,0.02,g/cm3,HANDBOOK,x | line 2/value",
        "foam,,density,940,0.02,g/cm3,HANDBOOK,x | line 2/density",
        "foam,,density,0.94,0.02,g/cm3,RUMOUR,x | line 2/kind",
        "Foam!,,density,0.94,0.02,g/cm3,HANDBOOK,x | line 2/material",
        "foam,,density,0.94 | line 2/columns"
      })
  void aMaterialRowThatDoesNotFitIsPointedTo(String row, String field) {
    String text = String.join(",", MaterialRow.COLUMNS) + "\r\n" + row + "\r\n";
    assertThatThrownBy(() -> MaterialRow.readAll(new StringReader(text)))
        .isInstanceOfSatisfying(
            OutOfRangeException.class, e -> assertThat(e.field()).isEqualTo(field));
  }

  @Test
  void aNewMaterialNeedsWhatTheWaterAsksFor() throws IOException {
    String header = String.join(",", MaterialRow.COLUMNS) + "\r\n";
    String row = "straw,Straw,density,0.4,0.1,g/cm3,ASSUMPTION,dry stalk\r\n";
    List<MaterialRow> rows = MaterialRow.readAll(new StringReader(header + row));
    assertThatThrownBy(() -> Materials.standard().with(rows))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("advancing-untreated");
  }

  @Test
  void measuredHooksComeBackAndTheCatalogueIsPassedOver() throws IOException {
    HookSpec table = new HookSpec(14, HookSpec.Shape.STRAIGHT, 0, 0);
    HookSpec.Measured mine =
        new HookSpec.Measured("mine", 7.1, 4.2, 0.4, 0.9, java.util.Optional.of(175.0));
    HookSpec own = new HookSpec(14, HookSpec.Shape.CURVED, 0, 0, java.util.Optional.of(mine));
    String csv = HookTable.write(List.of(table, own));
    assertThat(HookTable.read(new StringReader(csv))).containsExactly(own);
  }
}
