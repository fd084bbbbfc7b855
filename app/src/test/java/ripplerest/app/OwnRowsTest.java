package ripplerest.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import ripplerest.app.box.BoxStore;
import ripplerest.app.drawer.DrawerStore;
import ripplerest.app.http.NotFoundException;
import ripplerest.app.library.HookStore;
import ripplerest.app.library.MaterialStore;
import ripplerest.app.library.StyleStore;
import ripplerest.app.log.LogStore;
import ripplerest.app.outings.OutingStore;
import ripplerest.app.patterns.PatternEntity;
import ripplerest.app.patterns.PatternStore;
import ripplerest.app.people.CurrentPerson;
import ripplerest.app.people.People;
import ripplerest.app.practice.PracticeStore;
import ripplerest.app.tests.TestStore;
import ripplerest.app.work.LongWork;

/** Several people before one database: whatever is asked, nobody has what is somebody else's. */
class OwnRowsTest {
  private static final UUID ADA = UUID.randomUUID();
  private static final UUID BERT = UUID.randomUUID();
  private static final UUID STRANGER = UUID.randomUUID();
  private static RunningApplication app;
  private static JdbcTemplate jdbc;

  @BeforeAll
  static void start() {
    app = RunningApplication.shared();
    jdbc = app.context.getBean(JdbcTemplate.class);
    for (UUID person : List.of(ADA, BERT)) {
      jdbc.update("insert into person (id, name, created_at) values (?, ?, now())", person, "P");
    }
  }

  private static <T> T as(UUID person, Supplier<T> work) {
    return CurrentPerson.as(person, work);
  }

  private static <T> T local(Supplier<T> work) {
    return as(CurrentPerson.LOCAL, work);
  }

  private static <T> T of(Class<T> type) {
    return app.context.getBean(type);
  }

  private static List<String> owned() {
    return jdbc.queryForList(
        "select table_name from information_schema.columns where table_schema = 'public'"
            + " and column_name = 'owner_id' order by 1",
        String.class);
  }

  private static long rows(String table) {
    return jdbc.queryForObject("select count(*) from " + table, Long.class);
  }

  @Test
  void everyTableWithAnOwnerIsItsOwnersAlone() {
    assertThat(owned()).hasSizeGreaterThan(15);
    List<String> filled = new ArrayList<>();
    for (String table : owned()) {
      boolean forced =
          jdbc.queryForObject(
              "select relrowsecurity and relforcerowsecurity from pg_class where oid = ?::regclass",
              Boolean.class,
              table);
      assertThat(forced).as(table).isTrue();
      if (as(CurrentPerson.LOCAL, () -> rows(table)) > 0) {
        filled.add(table); // the demo is the local person's
      }
      assertThat(rows(table)).as("of nobody: " + table).isZero();
      assertThat(as(STRANGER, () -> rows(table))).as(table).isZero();
    }
    assertThat(filled).contains("pattern", "logged_fly", "drawer_item", "practice_trial");
  }

  @Test
  void nothingOfOthersIsChangedOrTakenOver() {
    for (String table : owned()) {
      long before = as(CurrentPerson.LOCAL, () -> rows(table));
      assertThat(as(STRANGER, () -> jdbc.update("delete from " + table))).as(table).isZero();
      assertThat(as(STRANGER, () -> jdbc.update("update " + table + " set owner_id = ?", STRANGER)))
          .as(table)
          .isZero();
      assertThat(as(CurrentPerson.LOCAL, () -> rows(table))).as(table).isEqualTo(before);
    }
    String gift =
        "insert into fly_box (id, owner_id, name, note, made_at, revision)"
            + " values (gen_random_uuid(), ?, 'x', '', now(), 0)";
    assertThatThrownBy(() -> as(STRANGER, () -> jdbc.update(gift, ADA)))
        .isInstanceOf(DataAccessException.class);
  }

  @Test
  void anothersIdAnswersLikeOneThatNeverWas() {
    PatternEntity mine = local(() -> of(PatternStore.class).latest(1).get(0));
    UUID fly = local(() -> of(LogStore.class).all().flies().get(0).id());
    UUID test = local(() -> of(TestStore.class).all().get(0).test().id());
    UUID outing = local(() -> of(OutingStore.class).all().get(0).id());
    UUID box = local(() -> of(BoxStore.class).boxes().get(0).id());
    UUID item = local(() -> of(DrawerStore.class).all().get(0).id());
    likeNone(id -> of(PatternStore.class).get(id), mine.id());
    likeNone(id -> of(PatternStore.class).archive(id, true), mine.id());
    likeNone(
        id -> {
          of(PatternStore.class).delete(id);
          return id;
        },
        mine.id());
    likeNone(id -> of(LogStore.class).get(id), fly);
    likeNone(id -> of(TestStore.class).get(id), test);
    likeNone(id -> of(OutingStore.class).get(id), outing);
    likeNone(id -> of(BoxStore.class).call(id, 0, "x", ""), box);
    likeNone(
        id -> {
          of(DrawerStore.class).delete(id);
          return id;
        },
        item);
    assertThat(local(() -> of(PatternStore.class).get(mine.id())).id()).isEqualTo(mine.id());
  }

  private static void likeNone(java.util.function.Function<UUID, ?> ask, UUID anothers) {
    UUID never = UUID.randomUUID();
    String of = refusal(() -> ask.apply(never)).replace(never.toString(), "…");
    String others = refusal(() -> ask.apply(anothers)).replace(anothers.toString(), "…");
    assertThat(others).isEqualTo(of);
  }

  private static String refusal(Supplier<?> ask) {
    try {
      return "answered " + as(BERT, ask::get);
    } catch (NotFoundException e) {
      return e.getMessage();
    }
  }

  @Test
  void whatOneMakesIsOnesOwn() {
    as(ADA, () -> of(BoxStore.class).add("Ada's", ""));
    as(BERT, () -> of(BoxStore.class).add("Bert's", ""));
    assertThat(as(ADA, () -> of(BoxStore.class).boxes())).hasSize(1);
    assertThat(as(BERT, () -> of(BoxStore.class).boxes().get(0).name())).isEqualTo("Bert's");
    assertThat(local(() -> of(BoxStore.class).boxes()))
        .extracting("name")
        .doesNotContain("Ada's", "Bert's");
  }

  @Test
  void twoCallAStyleAlikeAndKnowAMaterialOtherwise() {
    for (UUID person : List.of(ADA, BERT)) {
      as(person, () -> of(StyleStore.class).copy("parachute", "The old way"));
    }
    assertThat(as(ADA, () -> of(StyleStore.class).styles().offered().size()))
        .isEqualTo(local(() -> of(StyleStore.class).styles().offered().size()) + 1);
    assertThat(as(BERT, () -> of(MaterialStore.class).materials().offered().size()))
        .isEqualTo(local(() -> of(MaterialStore.class).materials().offered().size()));
    assertThat(as(BERT, () -> of(HookStore.class).all())).isEmpty();
    assertThat(as(BERT, () -> of(PracticeStore.class).trials(""))).isEmpty();
  }

  @Test
  void longWorkIsDoneForWhoeverAskedForIt() throws Exception {
    CompletableFuture<UUID> done = new CompletableFuture<>();
    as(
        ADA,
        () -> {
          of(LongWork.class)
              .submit(
                  new LongWork.Job() {
                    @Override
                    public boolean waits(int before) {
                      return true;
                    }

                    @Override
                    public void run() {
                      done.complete(CurrentPerson.now());
                    }
                  });
          return ADA;
        });
    assertThat(done.get(20, TimeUnit.SECONDS)).isEqualTo(ADA);
    assertThat(CurrentPerson.now()).isEqualTo(CurrentPerson.LOCAL);
    List<UUID> each = new ArrayList<>();
    of(People.class).each(() -> each.add(CurrentPerson.now()));
    assertThat(each).contains(ADA, BERT, CurrentPerson.LOCAL).doesNotHaveDuplicates();
  }
}
