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
import ruxel.core.change.BoardChange;
import ruxel.core.change.BoardShape;
import ruxel.core.change.Change;
import ruxel.core.change.CountMade;
import ruxel.core.change.OwnChange;
import ruxel.core.change.OwnSeam;
import ruxel.core.change.PieceChange;
import ruxel.core.change.SeamChange;
import ruxel.core.change.StripChange;
import ruxel.core.construction.Answers;
import ruxel.core.decision.RunPart;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.StripId;
import ruxel.core.identity.WorkRef;
import ruxel.core.measure.Gauge;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.UnitKind;
import ruxel.core.strip.PlainEdge;
import ruxel.core.strip.RibBand;
import ruxel.core.strip.Trims;
import ruxel.files.AnswerValues;
import ruxel.files.WorkRefJson;
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
      Map.ofEntries(
          Map.entry(Change.AnswersChanged.class, Told.class), Map.entry(PieceChange.LeanFound.class, Lean.class), Map.entry(SeamChange.SeamWorked.Way.class, Way.class),
          Map.entry(RibBand.class, BandTold.class), Map.entry(Trims.class, TrimsTold.class), Map.entry(StripChange.StripStitches.class, Counted.class), Map.entry(OwnSeam.SeamMade.class, NewSeam.class),
          Map.entry(OwnSeam.SeamParted.class, NewPart.class), Map.entry(OwnSeam.SeamMirrored.class, NewTwin.class), Map.entry(OwnSeam.GussetLetIn.class, NewGusset.class),
          Map.entry(OwnChange.PieceAdded.class, NewPiece.class), Map.entry(BoardShape.BoardLaid.class, NewPiece.class), Map.entry(OwnChange.PieceCopied.class, NewCopy.class),
          Map.entry(StripChange.StripMirrored.class, NewMirror.class), Map.entry(StripChange.BandWorkedOn.class, NewNext.class), Map.entry(BoardChange.ColourwayAdded.class, NewColourway.class));

  public ChangeJson() {
    super("changes");
    setMixInAnnotation(Change.class, ByKind.class);
    setMixInAnnotation(CountMade.class, CountedRun.class);
    setMixInAnnotation(RunPart.class, Part.class);
    setMixInAnnotation(Answers.Answer.class, Answered.class);
    setMixInAnnotation(WorkRef.class, WorkRefJson.class);
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
    return Map.of(CountMade.class, CountTold.class, RunPart.class, PartTold.class, WorkRef.class, WorkRefJson.WorkReference.class);
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

  private interface TrimsTold {
    @JsonSetter(nulls = Nulls.AS_EMPTY)
    List<PlainEdge> plain();
  }

  private interface BandTold {
    @JsonSetter(nulls = Nulls.AS_EMPTY)
    boolean workedOn();
  }

  // What is added has an id given to it where none is told.

  private interface NewSeam {
    @JsonSetter(nulls = Nulls.AS_EMPTY)
    SeamId seam();
  }

  private interface NewPart {
    @JsonSetter(nulls = Nulls.AS_EMPTY)
    SeamId part();
  }

  private interface NewTwin {
    @JsonSetter(nulls = Nulls.AS_EMPTY)
    SeamId twin();
  }

  private interface NewGusset {
    @JsonSetter(nulls = Nulls.AS_EMPTY)
    PieceId piece();

    @JsonSetter(nulls = Nulls.AS_EMPTY)
    SeamId onto();
  }

  private interface NewPiece {
    @JsonSetter(nulls = Nulls.AS_EMPTY)
    PieceId piece();
  }

  private interface NewCopy {
    @JsonSetter(nulls = Nulls.AS_EMPTY)
    PieceId copy();
  }

  private interface NewMirror {
    @JsonSetter(nulls = Nulls.AS_EMPTY)
    StripId mirror();
  }

  private interface NewNext {
    @JsonSetter(nulls = Nulls.AS_EMPTY)
    StripId next();
  }

  private interface NewColourway {
    @JsonSetter(nulls = Nulls.AS_EMPTY)
    String id();
  }

  /** A run as counted; without a count it is taken back. */
  public record CountTold(PieceId piece, String edge, String run, Optional<Integer> count, Optional<When> when) {
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
