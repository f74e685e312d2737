package ruxel.app.garment;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.Nulls;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import ruxel.core.change.Change;
import ruxel.core.change.CountMade;
import ruxel.core.change.PieceChange;
import ruxel.core.change.SeamChange;
import ruxel.core.change.StripChange;
import ruxel.core.construction.Answers;
import ruxel.core.decision.RunPart;
import ruxel.core.measure.Gauge;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.UnitKind;
import ruxel.core.strip.RibBand;
import ruxel.files.AnswerValues;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.annotation.JsonDeserialize;
import tools.jackson.databind.annotation.JsonSerialize;
import tools.jackson.databind.jsontype.NamedType;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.util.StdConverter;

/**
 * Changes over the wire: each record of {@link Change} as it is, told apart by its {@code kind}, which is the record's name in
 * capitals. What a window may leave out, or tell in another way, is here too.
 */
@Component
public final class ChangeJson extends SimpleModule {
  static final TypeReference<List<Change>> LIST = new TypeReference<>() {};
  private static final long serialVersionUID = 1L;
  private static final Map<Class<?>, Class<?>> DEFAULTED = 
      Map.of(Change.AnswersChanged.class, Told.class, PieceChange.LeanFound.class, Lean.class, SeamChange.SeamWorked.Way.class, Way.class, RibBand.class, BandTold.class, StripChange.StripStitches.class, Counted.class);

  public ChangeJson() {
    super("changes");
    setMixInAnnotation(Change.class, ByKind.class);
    setMixInAnnotation(CountMade.class, CountedRun.class);
    setMixInAnnotation(RunPart.class, Part.class);
    setMixInAnnotation(Answers.Answer.class, Answered.class);
    DEFAULTED.forEach(this::setMixInAnnotation);
    kinds().forEach((kind, type) -> registerSubtypes(new NamedType(type, kind)));
  }

  /** Every change by the name of its kind, in the order in which the core lists them. */
  public static Map<String, Class<?>> kinds() {
    Map<String, Class<?>> kinds = new LinkedHashMap<>();
    records(Change.class).forEach(type -> kinds.put(type.getSimpleName().replaceAll("(?<=[a-z])(?=[A-Z])", "_").toUpperCase(Locale.ROOT), type));
    return kinds;
  }

  /** The records that stand on the wire for records of the core. */
  public static Map<Class<?>, Class<?>> stands() {
    return Map.of(CountMade.class, CountTold.class, RunPart.class, PartTold.class);
  }

  /** Whether a field that is not {@code Optional} may be left out all the same. */
  public static boolean isDefaulted(Class<?> record, String field) {
    return Stream.ofNullable(DEFAULTED.get(record)).flatMap(mixin -> Stream.of(mixin.getDeclaredMethods())).anyMatch(method -> method.getName().equals(field));
  }

  private static Stream<Class<?>> records(Class<?> type) {
    return type.isSealed() ? Stream.of(type.getPermittedSubclasses()).flatMap(ChangeJson::records) : Stream.of(type);
  }

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  private interface ByKind {}

  @JsonDeserialize(converter = AnswerValues.Read.class)
  @JsonSerialize(converter = AnswerValues.Written.class)
  private interface Answered {}

  @JsonDeserialize(converter = CountRead.class)
  private interface CountedRun {}

  @JsonDeserialize(converter = PartRead.class)
  private interface Part {}

  private interface Told {
    @JsonSetter(nulls = Nulls.AS_EMPTY)
    Map<String, Answers.Answer> answers();

    @JsonSetter(nulls = Nulls.AS_EMPTY)
    Set<String> cleared();
  }

  private interface Lean {
    @JsonSetter(nulls = Nulls.AS_EMPTY)
    boolean expected();
  }

  private interface Way {
    @JsonSetter(nulls = Nulls.AS_EMPTY)
    boolean seamPlaces();
  }

  private interface Counted {
    @JsonSetter(nulls = Nulls.AS_EMPTY)
    List<Integer> trial();
  }

  private interface BandTold {
    @JsonSetter(nulls = Nulls.AS_EMPTY)
    boolean workedOn();
  }

  /** A run as counted; without a count it is taken back. */
  public record CountTold(String piece, String edge, String run, Optional<Integer> count, Optional<When> when) {
    /** When it was counted: on the finished piece, or once joining or edging had changed it. */
    public enum When {
      AS_MADE,
      AS_WORKED
    }
  }

  /** How many lie over 10 cm or 4 in. */
  public record PartGauge(double count, Gauge.Over over) {}

  /** A part of a run, its units by width or by gauge; without either they keep the recipe's width. */
  public record PartTold(
      UnitKind unit,
      int count,
      Optional<Double> widthMm,
      Optional<PartGauge> gauge,
      Optional<Fabric> fabric,
      Optional<Boolean> noEase,
      Optional<String> label,
      Optional<Integer> chains,
      Optional<Integer> heldBack) {}

  private static final class CountRead extends StdConverter<CountTold, CountMade> {
    @Override
    public CountMade convert(CountTold told) {
      boolean worked = told.when().filter(CountTold.When.AS_WORKED::equals).isPresent();
      return new CountMade(told.piece(), told.edge(), told.run(), told.count(), worked ? Counts.Source.AS_WORKED : Counts.Source.AS_MADE);
    }
  }

  private static final class PartRead extends StdConverter<PartTold, RunPart> {
    @Override
    public RunPart convert(PartTold told) {
      return new RunPart(
          told.unit(), told.count(), told.gauge().map(gauge -> gauge.over().mm() / gauge.count()).or(told::widthMm), told.fabric().orElse(Fabric.PLAIN),
          told.noEase().orElse(false), told.label().orElse("").strip(), told.chains().orElse(0), told.heldBack().orElse(0));
    }
  }
}
