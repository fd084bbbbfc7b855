package ripplerest.app.http;

import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.JsonNode;

/**
 * Completes the OpenAPI document: every field of an answer is there unless its type is one that may
 * be null, and the server is wherever the document came from.
 */
@Configuration
class ApiDescription {
  private static final Set<String> MAY_BE_NULL =
      Set.of(
          "RestView",
          "ReserveView",
          "FootprintView",
          "EndView",
          "BandView",
          "OutlineView",
          "IntervalView",
          "WaitView",
          "ProgressView",
          "LandingView",
          "EstimateView",
          "WhatIfsView",
          "WhatIfView",
          "LeanView",
          "CarryView",
          "FilmView",
          "SceneView",
          "ReliefView",
          "SettlingView",
          "SurfaceView",
          "DisagreementsView",
          "ComparisonView",
          "AsTiedView",
          "NoRest",
          "Quantity",
          "UnderView",
          "OverTimeView",
          "LimitView",
          "AmountsView",
          "SizeRunView",
          "SubstitutesView",
          "SupportedView",
          "FootprintsView",
          "ChangesView",
          "PlaceView",
          "ProblemDocument",
          "AddedView",
          "PhotographView",
          "Foretold",
          "ByTestsView",
          "LearningView",
          "NextTestsView",
          "ChangedView",
          "Lasted",
          "GlassMarks",
          "StoredView",
          "Life",
          "SetBarView",
          "Somebody",
          "Follows",
          "InsectView");

  /** Fields of plain types that may be null, by the name of what they belong to. */
  private static final Map<String, Set<String>> NULL_FIELDS =
      Map.ofEntries(
          Map.entry("FiguresView", Set.of("reserve")),
          Map.entry("Differences", Set.of("sat")),
          Map.entry("Foretold", Set.of("minutes")),
          Map.entry("GlassMarks", Set.of("point")),
          Map.entry("Noted", Set.of("sits", "popsBack")),
          Map.entry("Life", Set.of("dressAgainMinutes")),
          Map.entry("NaturalView", Set.of("oneSmaller")),
          Map.entry("Slot", Set.of("fly")),
          Map.entry("EyeView", Set.of("due", "hands")),
          Map.entry("ExerciseView", Set.of("glanceMs", "document")),
          Map.entry("ChoiceView", Set.of("barbMm")),
          Map.entry("AnsweredView", Set.of("right")),
          Map.entry("Tablet", Set.of("since")));

  /** Fields that are always there, though their type may be null elsewhere. */
  private static final Map<String, String> ALWAYS =
      Map.of("ChangedLine", "byTests", "LearntLine", "found", "SharedView", "estimate");

  private static final Set<String> REQUESTS =
      Set.of(
          "TypedLengthRequest",
          "NewPattern",
          "NewStyle",
          "NewHook",
          "NewRule",
          "Marks",
          "Change",
          "Figures",
          "FigureChange",
          "TestChange",
          "NextExercise");

  static {
    SpringDocUtils.getConfig().replaceWithClass(JsonNode.class, Object.class);
  }

  @Bean
  OpenApiCustomizer completeApi() {
    return api -> {
      api.setServers(List.of(new Server().url("/")));
      @SuppressWarnings("rawtypes")
      Map<String, Schema> schemas = api.getComponents().getSchemas();
      schemas.forEach(
          (name, schema) -> {
            if (!REQUESTS.contains(name)) {
              require(name, schema);
            }
          });
    };
  }

  @SuppressWarnings("unchecked")
  private static void require(String of, Schema<?> schema) {
    List<String> required = new ArrayList<>();
    if (schema.getProperties() == null) {
      return;
    }
    schema
        .getProperties()
        .forEach(
            (name, property) -> {
              String ref = property.get$ref();
              String type = ref == null ? "" : ref.substring(ref.lastIndexOf('/') + 1);
              boolean there = !MAY_BE_NULL.contains(type) || name.equals(ALWAYS.get(of));
              if (there && !NULL_FIELDS.getOrDefault(of, Set.of()).contains(name)) {
                required.add(name);
              }
            });
    schema.setRequired(required);
  }
}
