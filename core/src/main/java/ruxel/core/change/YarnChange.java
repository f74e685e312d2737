package ruxel.core.change;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruxel.core.decision.KeptTail;
import ruxel.core.decision.OwnFactor;
import ruxel.core.decision.OwnYarn;
import ruxel.core.decision.PieceYarn;
import ruxel.core.decision.RibYarn;
import ruxel.core.decision.SeamYarn;
import ruxel.core.decision.Settings;
import ruxel.core.decision.StripYarn;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.StripId;
import ruxel.core.layout.Layout;
import ruxel.core.measure.Wording;
import ruxel.core.method.Method;
import ruxel.core.piece.Pieces;
import ruxel.core.seam.Seams;
import ruxel.core.yarn.Sample;
import ruxel.core.yarn.Yarn;

/** Yarns of a garment, and what is worked in which. */
public sealed interface YarnChange extends Change {
  int MOST_YARNS = 100;

  /** A yarn more. */
  record YarnAdded(Yarn yarn) implements YarnChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      Settings settings = garment.settings();
      Where where = Where.path("$.settings.yarns");
      int others = settings.of(OwnYarn.class).size();
      if (settings.on(OwnYarn.class, yarn.id()).isPresent()) {
        return Outcome.refused(Finding.of(FindingCode.ID_TAKEN, where, Fact.text("value", yarn.id())));
      }
      if (others >= MOST_YARNS) {
        return Outcome.refused(Finding.of(FindingCode.TOO_MANY, where, Fact.count("count", others + 1L), Fact.text("what", "yarns"), Fact.count("most", MOST_YARNS)));
      }
      return YarnCheck.checked(yarn).then(checked -> Outcome.of(garment.withSettings(settings.with(new OwnYarn(checked)))));
    }

    @Override
    public List<String> added() {
      return List.of(yarn.id());
    }

    @Override
    public Change withAdded(List<String> ids) {
      return new YarnAdded(yarn.withId(ids.get(0)));
    }

    @Override
    public String label(Names names) {
      return "Added a yarn: " + yarn.name().strip();
    }
  }

  /** A yarn told anew. */
  record YarnTold(Yarn yarn) implements YarnChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return known(garment, yarn.id())
          .then(known -> YarnCheck.checked(yarn))
          .then(checked -> Outcome.of(garment.withSettings(garment.settings().with(new OwnYarn(checked)))));
    }

    @Override
    public String label(Names names) {
      return "Told a yarn: " + yarn.name().strip();
    }
  }

  /** A yarn that is not used after all; nothing is worked in it any more. */
  record YarnRemoved(String yarn) implements YarnChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return known(garment, yarn)
          .then(
              found ->
                  Outcome.of(
                      garment.withSettings(
                          garment.settings().without(
                              decision ->
                                  decision instanceof OwnYarn own && own.yarn().id().equals(yarn)
                                      || decision instanceof PieceYarn piece && piece.yarn().equals(yarn)
                                      || decision instanceof RibYarn rib && rib.yarn().equals(yarn)
                                      || decision instanceof SeamYarn seam && seam.yarn().equals(yarn)
                                      || decision instanceof StripYarn strip && strip.yarn().equals(yarn)
                                      || decision instanceof OwnFactor factor && factor.yarn().equals(yarn)))));
    }

    @Override
    public String label(Names names) {
      return "Took out the yarn " + names.yarn(yarn);
    }
  }

  /** The yarn a piece is worked in; empty takes it back. */
  record PieceYarned(PieceId piece, Optional<String> yarn) implements YarnChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return Layout.of(garment)
          .then(layout -> Pieces.named(layout.construct().pieces(), piece, Where.piece(piece)))
          .then(found -> known(garment, yarn))
          .then(known -> Outcome.of(garment.withSettings(garment.settings().with(PieceYarn.class, yarn.map(id -> new PieceYarn(piece, id)), piece))));
    }

    @Override
    public String label(Names names) {
      return yarn.map(id -> "Worked %s in %s".formatted(names.piece(piece), names.yarn(id))).orElseGet(() -> "Took back the yarn of " + names.piece(piece));
    }
  }

  /** The yarn the ribbing of a piece is worked in; empty takes that of the piece. */
  record RibYarned(PieceId piece, Optional<String> yarn) implements YarnChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return Layout.of(garment)
          .then(layout -> Pieces.named(layout.construct().pieces(), piece, Where.piece(piece)))
          .then(found -> known(garment, yarn))
          .then(known -> Outcome.of(garment.withSettings(garment.settings().with(RibYarn.class, yarn.map(id -> new RibYarn(piece, id)), piece))));
    }

    @Override
    public String label(Names names) {
      return yarn.map(id -> "Worked the ribbing of %s in %s".formatted(names.piece(piece), names.yarn(id))).orElseGet(() -> "Worked the ribbing of %s in its yarn".formatted(names.piece(piece)));
    }
  }

  /** The yarn a seam is joined with; empty takes that of its pieces. */
  record SeamYarned(SeamId seam, Optional<String> yarn) implements YarnChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return Layout.of(garment)
          .then(layout -> Seams.named(layout.construct().seams(), seam))
          .then(found -> known(garment, yarn))
          .then(known -> Outcome.of(garment.withSettings(garment.settings().with(SeamYarn.class, yarn.map(id -> new SeamYarn(seam, id)), seam))));
    }

    @Override
    public String label(Names names) {
      return yarn.map(id -> "Join %s with %s".formatted(names.seam(seam), names.yarn(id))).orElseGet(() -> "Join %s with the yarn of its pieces".formatted(names.seam(seam)));
    }
  }

  /** The yarn an edging is worked in; empty takes that of the piece it begins on. */
  record StripYarned(StripId strip, Optional<String> yarn) implements YarnChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return StripChange.knownOrRows(garment, strip)
          .then(found -> known(garment, yarn))
          .then(known -> Outcome.of(garment.withSettings(garment.settings().with(StripYarn.class, yarn.map(id -> new StripYarn(strip, id)), strip))));
    }

    @Override
    public String label(Names names) {
      return yarn.map(id -> "Work %s in %s".formatted(names.strip(strip), names.yarn(id))).orElseGet(() -> "Work %s in the yarn of its piece".formatted(names.strip(strip)));
    }
  }

  /** How long a tail is that was left on a piece to be joined with, mm, where an edge starts; empty where none was left after all. */
  record TailKept(PieceId piece, String corner, Optional<Double> mm) implements YarnChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      Settings settings = garment.settings();
      Where where = Where.path("$.settings.tails");
      if (mm.filter(length -> !(length >= KeptTail.SHORTEST_MM && length <= KeptTail.LONGEST_MM)).isPresent()) {
        return Outcome.refused(Finding.of(FindingCode.TAIL_RANGE, where, Fact.length("least", KeptTail.SHORTEST_MM), Fact.length("most", KeptTail.LONGEST_MM)));
      }
      long others = settings.of(KeptTail.class).stream().filter(tail -> !tail.target().equals(List.of(piece, corner))).count();
      if (mm.isPresent() && others >= KeptTail.MOST) {
        return Outcome.refused(Finding.of(FindingCode.TOO_MANY, where, Fact.count("count", others + 1), Fact.text("what", "tails"), Fact.count("most", KeptTail.MOST)));
      }
      return Layout.of(garment)
          .then(layout -> Pieces.named(layout.construct().pieces(), piece, Where.piece(piece)))
          .then(found -> Pieces.edge(found, corner, Where.piece(piece)))
          .then(edge -> Outcome.of(garment.withSettings(settings.with(KeptTail.class, mm.map(length -> new KeptTail(piece, corner, length)), piece, corner))));
    }

    @Override
    public String label(Names names) {
      return mm.isPresent() ? "Left a tail on " + names.piece(piece) : "Left no tail on " + names.piece(piece);
    }
  }

  /** How much yarn a length of seam took by a method, both in mm: one more sample of the maker's own factor (handbook 8). */
  record FactorMeasured(String method, String yarn, double seamMm, double yarnMm) implements YarnChange {
    public static final double SHORTEST_MM = 20;
    public static final double LONGEST_MM = 100_000;
    public static final double MOST_FACTOR = 30;

    @Override
    public Outcome<Garment> apply(Garment garment) {
      Optional<Finding> wrong = wrong();
      if (wrong.isPresent()) {
        return Outcome.refused(wrong.get());
      }
      return known(garment, yarn).then(found -> Outcome.of(garment.withSettings(garment.settings().with(with(garment.settings())))));
    }

    private Optional<Finding> wrong() {
      Where where = Where.path("$.settings.factors");
      if (Method.of(method).isEmpty()) {
        return Optional.of(Finding.of(FindingCode.UNKNOWN_METHOD, where, Fact.text("value", method), Fact.text("choices", Method.ids())));
      }
      double share = new Sample(seamMm, yarnMm).share();
      return !(seamMm >= SHORTEST_MM && seamMm <= LONGEST_MM) || !(share >= 1 && share <= MOST_FACTOR)
          ? Optional.of(Finding.of(FindingCode.FACTOR_RANGE, where, Fact.length("least", SHORTEST_MM), Fact.count("most", (long) MOST_FACTOR)))
          : Optional.empty();
    }

    private OwnFactor with(Settings settings) {
      List<Sample> before = settings.on(OwnFactor.class, method, yarn).map(OwnFactor::samples).orElse(List.of());
      List<Sample> all = new ArrayList<>(before.subList(Math.max(0, before.size() + 1 - OwnFactor.MOST_SAMPLES), before.size()));
      all.add(new Sample(seamMm, yarnMm));
      return new OwnFactor(method, yarn, all);
    }

    @Override
    public String label(Names names) {
      return "Measured the yarn of %s in %s".formatted(names.method(method), names.yarn(yarn));
    }
  }

  /** What was measured of a method and a yarn is forgotten: the table holds again. */
  record FactorForgotten(String method, String yarn) implements YarnChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return Outcome.of(garment.withSettings(garment.settings().without(OwnFactor.class, method, yarn)));
    }

    @Override
    public String label(Names names) {
      return "Took the table’s yarn of %s in %s again".formatted(names.method(method), names.yarn(yarn));
    }
  }

  private static Outcome<Optional<Yarn>> known(Garment garment, Optional<String> yarn) {
    return yarn.isEmpty() ? Outcome.of(Optional.empty()) : known(garment, yarn.get()).then(found -> Outcome.of(Optional.of(found)));
  }

  private static Outcome<Yarn> known(Garment garment, String yarn) {
    List<OwnYarn> yarns = garment.settings().of(OwnYarn.class);
    String choices = yarns.isEmpty() ? "none: tell a yarn first" : Wording.all(yarns.stream().map(own -> own.yarn().id()).toList());
    return garment.settings().on(OwnYarn.class, yarn)
        .map(own -> Outcome.of(own.yarn()))
        .orElseGet(() -> Outcome.refused(Finding.of(FindingCode.UNKNOWN_YARN, Where.path("$.settings.yarns"), Fact.text("value", yarn), Fact.text("choices", choices))));
  }
}
