package ruxel.files;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import ruxel.core.change.Change;
import ruxel.core.change.StripChange;
import ruxel.core.decision.EdgingRows;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.StripId;
import ruxel.core.measure.Stitch;
import ruxel.core.method.Method;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.strip.Buttons;
import ruxel.core.strip.Fringe;
import ruxel.core.strip.Loop;
import ruxel.core.strip.PlainEdge;
import ruxel.core.strip.RibBand;
import ruxel.core.strip.Round;
import ruxel.core.strip.Strip;
import ruxel.core.strip.Trims;

/** Edgings and bands, with values as {@link RandomChanges} has them. */
final class RandomStrips {
  private final RandomChanges changes;
  private final Random random;

  RandomStrips(RandomChanges changes, Random random) {
    this.changes = changes;
    this.random = random;
  }

  Change next() {
    return switch (random.nextInt(10)) {
      case 9 -> new StripChange.BandWorkedOn(id(), band(), id());
      case 0 -> new StripChange.StripMirrored(id(), id(), "The other one");
      case 1 -> new StripChange.StripRemoved(id());
      case 4 -> new StripChange.StripMoved(id(), changes.maybe(changes::seam));
      case 2 -> new StripChange.StripStitches(id(), spot(), changes.maybe(() -> changes.number(-1, 90)), changes.maybe(() -> changes.number(1, 90)));
      case 3 -> new StripChange.StripStitches(id(), spot(), Optional.empty(), changes.maybe(() -> changes.number(1, 90)), IntStream.range(0, random.nextInt(6)).mapToObj(i -> changes.number(-1, 5)).toList());
      default -> {
        Strip strip = new Strip(
            random.nextInt(9) == 0 ? new StripId(changes.word()) : id(), random.nextInt(9) == 0 ? changes.word() : "Edging", random.nextInt(5) == 0 ? onStrip() : spot(), changes.maybe(this::spot), rounds(), multiple(), random.nextBoolean(), trims(),
            random.nextInt(4) == 0 ? Optional.of(band()) : Optional.empty(), Optional.empty());
        yield random.nextInt(3) == 0 ? new StripChange.StripTold(strip) : new StripChange.StripAdded(strip);
      }
    };
  }

  StripId id() {
    return new StripId("strip." + random.nextInt(4));
  }

  /** Told by itself, or rows that a piece has. */
  StripId any() {
    Piece piece = changes.piece();
    return piece.edges().stream().filter(edge -> edge.runs().stream().anyMatch(run -> run.origin().isOver())).map(edge -> new StripId(piece.id() + ":" + edge.id())).findFirst().orElseGet(this::id);
  }

  private Spot onStrip() {
    return Spot.cut(id().face(), "outer", Cut.startOf("s" + changes.number(1, 4)));
  }

  private Spot spot() {
    Piece piece = changes.piece();
    Edge edge = piece.edges().get(random.nextInt(piece.edges().size()));
    Run run = edge.runs().get(random.nextInt(edge.runs().size()));
    return Spot.cut(piece.id(), edge.id(), new Cut(random.nextInt(20) == 0 ? "none" : run.id(), random.nextInt(Math.max(1, run.count())), changes.one(Cut.End.values())));
  }

  private List<Round> rounds() {
    return IntStream.range(0, changes.number(0, 5)).mapToObj(i -> new Round(changes.one(Stitch.values()), random.nextInt(20) == 0 ? changes.length() : 3 + 5 * random.nextDouble(), 3 + 9 * random.nextDouble(), random.nextBoolean(), changes.maybe(() -> changes.one(Loop.values())), changes.maybe(() -> random.nextInt(9) == 0 ? changes.length() : 4.5))).toList();
  }

  private Strip.Multiple multiple() {
    int of = random.nextInt(20) == 0 ? changes.number(-2, 200) : changes.number(1, 8);
    return new Strip.Multiple(of, random.nextInt(20) == 0 ? of : random.nextInt(Math.max(1, of)));
  }

  private Trims trims() {
    return new Trims(
        changes.maybe(() -> changes.number(0, 90)), changes.maybe(() -> changes.number(1, 5)), plain(), changes.maybe(() -> new Buttons(changes.number(1, 8), random.nextInt(9) == 0 ? changes.length() : 20, 15, changes.maybe(() -> changes.one(Buttons.Lies.values())))),
        changes.maybe(() -> new Fringe(changes.number(1, 4), random.nextInt(9) == 0 ? changes.length() : 120, changes.number(1, 4), random.nextBoolean(), changes.maybe(() -> changes.number(1, 60)), changes.maybe(() -> changes.number(1, 60)))));
  }

  private List<PlainEdge> plain() {
    return IntStream.range(0, random.nextInt(3)).mapToObj(i -> changes.piece()).map(piece -> new PlainEdge(random.nextInt(9) == 0 ? new PieceId(changes.word()) : piece.id(), changes.one(piece.edges().toArray(Edge[]::new)).id())).toList();
  }

  private RibBand band() {
    return new RibBand(changes.one(RibBand.Kind.values()), random.nextInt(9) == 0 ? changes.length() : 40, 5, changes.maybe(() -> changes.number(1, 120)), changes.maybe(() -> random.nextInt(4) == 0 ? changes.word() : changes.one(Method.values()).id()), random.nextBoolean());
  }

  /** From some run of an edge to its last. */
  EdgingRows.Within within(Edge edge) {
    List<Run> runs = edge.runs();
    return new EdgingRows.Within(runs.get(random.nextInt(runs.size())).origin().base(), runs.get(runs.size() - 1).origin().base());
  }
}
