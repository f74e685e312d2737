package ruxel.core.strip;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.glue.GluedJoin;
import ruxel.core.glue.Gluing;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.StripId;
import ruxel.core.piece.Piece;
import ruxel.core.piece.UnitKind;
import ruxel.core.strip.WorkedOn.RoundOf;
import ruxel.core.strip.WorkedOn.Worked;

/**
 * The strips of a garment, one after the other, each on the edges that are free then (model 2): a later one may stand on an earlier
 * one's outer edge. One that cannot be worked is told of and left out. Near linear in the segments of the garment, and
 * again for each strip that meets another.
 *
 * @param refusals why a strip cannot be worked, by its id
 */
public record Strips(List<WorkedOn> worked, Gluing gluing, Map<StripId, List<Finding>> refusals, List<Finding> findings) {
  public Strips {
    worked = List.copyOf(worked);
    refusals = Map.copyOf(refusals);
    findings = List.copyOf(findings);
  }

  /**
   * @param joins what glues the pieces
   */
  public static Strips of(List<Piece> pieces, List<GluedJoin> joins, Gluing bare, List<Strip> strips, List<Stitches> told) {
    Builder builder = new Builder(pieces, joins, bare, told);
    strips.forEach(builder::work);
    builder.untold();
    return new Strips(builder.worked, builder.now(), builder.refusals, builder.findings);
  }

  public Optional<WorkedOn> find(StripId id) {
    return worked.stream().filter(each -> each.strip().id().equals(id)).findFirst();
  }

  /** The strip that a face is, if it is one. */
  public Optional<WorkedOn> onFace(PieceId face) {
    return worked.stream().filter(each -> each.face().id().equals(face)).findFirst();
  }

  /** The seams that a strip, or one it stands on, runs over, in the order in which it meets them. Linear in those strips. */
  public List<SeamId> runsOver(WorkedOn strip) {
    Set<SeamId> seams = new LinkedHashSet<>();
    Set<WorkedOn> found = new LinkedHashSet<>(Set.of(strip));
    for (Deque<WorkedOn> open = new ArrayDeque<>(found); !open.isEmpty(); ) {
      WorkedOn worked = open.remove();
      worked.line().junctions().stream().flatMap(junction -> junction.crossed().stream()).flatMap(join -> join.asSeam().stream()).forEach(seams::add);
      worked.line().stretches().stream().flatMap(stretch -> onFace(stretch.piece()).stream()).filter(found::add).forEach(open::add);
    }
    return List.copyOf(seams);
  }

  /** Which of some stretches is the mirror image of one. */
  public static Optional<Integer> mirrored(Stretch stretch, List<Stretch> among, List<Piece> faces) {
    return stretch.on().image(faces).flatMap(image -> IntStream.range(0, among.size()).boxed().filter(i -> among.get(i).on().equals(image)).findFirst());
  }

  private static final class Builder {
    private final List<Piece> faces;
    private final List<GluedJoin> joins;
    private final List<Stitches> told;
    private final List<WorkedOn> worked = new ArrayList<>();
    private final List<Finding> findings = new ArrayList<>();
    private final Map<StripId, List<Finding>> refusals = new HashMap<>();
    private final Gluing bare;
    /** With all strips so far; empty where one has been worked since. */
    private Optional<Gluing> gluing;

    Builder(List<Piece> pieces, List<GluedJoin> joins, Gluing bare, List<Stitches> told) {
      faces = new ArrayList<>(pieces);
      this.joins = new ArrayList<>(joins);
      this.told = told;
      this.bare = bare;
      gluing = Optional.of(bare);
    }

    void work(Strip asked) {
      Optional<WorkedOn> original = asked.mirrorOf().flatMap(id -> worked.stream().filter(each -> each.strip().id().equals(id)).findFirst());
      Strip strip = original.map(mirrored -> asked.like(mirrored.strip())).orElse(asked);
      Outcome<WorkedOn> outcome = strip.rounds().isEmpty() && strip.band().isEmpty() || faces.stream().anyMatch(face -> face.id().equals(strip.id().face())) ? Outcome.refused(gone(strip)) : worked(strip, original);
      if (!outcome.findings().isEmpty()) {
        refusals.put(strip.id(), outcome.findings());
        findings.addAll(outcome.findings());
      }
      if (outcome instanceof Outcome.Good<WorkedOn> good) {
        WorkedOn done = good.value();
        worked.add(done);
        joins.addAll(StripFace.joins(done.strip().id(), done.face(), done.line(), faces));
        faces.add(done.face());
        gluing = Optional.empty();
      }
    }

    private Outcome<WorkedOn> worked(Strip strip, Optional<WorkedOn> original) {
      return line(strip).then(line -> strip.band().isPresent() ? banded(strip, line) : edged(strip, line, original));
    }

    /** What lies on no other strip is found without gluing them all anew. */
    private Outcome<Line> line(Strip strip) {
      boolean onStrip = Stream.concat(Stream.of(strip.from()), strip.to().stream()).anyMatch(spot -> worked.stream().anyMatch(done -> done.face().id().equals(spot.piece())));
      if (!onStrip) {
        Outcome<Line> line = new Unrolling(faces, bare).of(strip);
        if (!(line instanceof Outcome.Good<Line> good) || worked.stream().noneMatch(done -> done.line().overlaps(good.value()))) {
          return line;
        }
      }
      return new Unrolling(faces, now()).of(strip);
    }

    private Gluing now() {
      if (gluing.isEmpty()) {
        gluing = Optional.of(Gluing.of(faces, joins));
      }
      return gluing.get();
    }

    private static Finding gone(Strip strip) {
      return Finding.of(FindingCode.STRIP_GONE, at(strip), Fact.text("strip", strip.name()));
    }

    /** Counts told of stretches that are there no more. */
    void untold() {
      for (Stitches each : told) {
        boolean lies = worked.stream().filter(done -> done.strip().id().equals(each.strip())).anyMatch(done -> done.line().stretches().stream().anyMatch(stretch -> lies(each, stretch)));
        if (!lies && worked.stream().anyMatch(done -> done.strip().id().equals(each.strip()))) {
          findings.add(Finding.of(FindingCode.STRIP_COUNT_GONE, Where.edge(each.at().piece(), each.at().edge()), Fact.count("count", each.wanted().or(each::worked).orElse(0))));
        }
      }
    }

    private boolean lies(Stitches each, Stretch stretch) {
      return faces.stream().filter(face -> face.id().equals(stretch.piece())).anyMatch(face -> each.isOf(stretch, face.edges().get(stretch.edgeIndex())));
    }

    private Optional<Stitches> told(StripId strip, Stretch stretch) {
      return told.stream().filter(each -> each.strip().equals(strip) && lies(each, stretch)).findFirst();
    }

    private Outcome<WorkedOn> banded(Strip strip, Line line) {
      RibBand band = strip.band().orElseThrow();
      Optional<Finding> hindrance = band.hindrance(strip, line, at(strip));
      if (hindrance.isPresent()) {
        return Outcome.refused(hindrance.get());
      }
      int rows = band.rowsFor(line);
      band.misfit(strip, line, at(strip)).ifPresent(findings::add);
      band.turning(strip, line, at(strip)).ifPresent(findings::add);
      List<Integer> outer = StripFace.shared(line.stretches().stream().map(Stretch::lengthMm).toList(), rows);
      Piece face = StripFace.of(strip, line, outer, UnitKind.ROW_END, band.rowMm(), band.widthMm());
      return Outcome.of(new WorkedOn(strip, line, List.of(), rows, rows * band.rowMm(), band.widthMm(), face, outer, List.of()));
    }

    private Outcome<WorkedOn> edged(Strip strip, Line line, Optional<WorkedOn> original) {
      List<List<Integer>> trials = trials(strip, line, original);
      Optional<List<RoundOf>> worked = Rounds.of(strip, line, wishes(strip, line, original, trials));
      if (worked.isEmpty()) {
        return Outcome.refused(
            Finding.of(FindingCode.STRIP_MULTIPLE, at(strip), Fact.text("strip", strip.name()), Fact.count("of", strip.multiple().of()), Fact.count("more", strip.multiple().more())));
      }
      List<RoundOf> rounds = worked.get();
      for (int i = 0; i < rounds.size(); i++) {
        if (rounds.get(i).total() < LEAST || rounds.get(i).outerMm() <= 0) {
          return Outcome.refused(Finding.of(FindingCode.STRIP_SHUT, at(strip), Fact.text("strip", strip.name()), Fact.count("round", i + 1L), Fact.count("most", i)));
        }
      }
      RoundOf last = rounds.get(rounds.size() - 1);
      int meets = strip.multiple().roundOf(rounds.size());
      if (!strip.multiple().meets(rounds.get(meets).total())) {
        findings.add(
            Finding.of(
                FindingCode.STRIP_MULTIPLE_MISSED, at(strip), Fact.text("strip", strip.name()), Fact.count("round", meets + 1L), Fact.count("total", rounds.get(meets).total()), Fact.count("of", strip.multiple().of()), Fact.count("more", strip.multiple().more())));
      }
      List<Double> shares = IntStream.range(0, line.stretches().size()).mapToObj(i -> last.segments().stream().filter(each -> each.stretch() == i).mapToDouble(each -> Math.max(1, each.stitches())).sum()).toList();
      double height = strip.rounds().stream().mapToDouble(Round::heightMm).sum();
      List<Integer> outer = StripFace.shared(shares, last.total());
      Piece face = StripFace.of(strip, line, outer, UnitKind.STITCH_TOP, last.round().widthMm(), height);
      return Outcome.of(new WorkedOn(strip, line, rounds, last.total(), last.outerMm(), height, face, outer, trials));
    }

    private static final int LEAST = 2;

    private static Where at(Strip strip) {
      return Where.edge(strip.from().piece(), strip.from().edge()).ofStrip(strip.id());
    }

    /** As told of a stretch, else as on its mirror image here, else as on that of the strip that this one mirrors. */
    private List<List<Integer>> trials(Strip strip, Line line, Optional<WorkedOn> original) {
      List<List<Integer>> own = line.stretches().stream().map(stretch -> Trial.over(told(strip.id(), stretch).map(Stitches::trial).orElse(List.of()), stretch.finished())).toList();
      List<List<Integer>> trials = new ArrayList<>();
      for (int i = 0; i < own.size(); i++) {
        Stretch stretch = line.stretches().get(i);
        List<Integer> here = mirrored(stretch, line.stretches(), faces).map(own::get).orElse(List.of());
        List<Integer> there = original.flatMap(of -> mirrored(stretch, of.line().stretches(), faces).map(of.trials()::get)).orElse(List.of());
        trials.add(!own.get(i).isEmpty() ? own.get(i) : Trial.mirrored(here.isEmpty() ? there : here));
      }
      return trials;
    }

    private List<Wish> wishes(Strip strip, Line line, Optional<WorkedOn> original, List<List<Integer>> trials) {
      double w = strip.rounds().get(0).widthMm();
      List<Optional<Integer>> twins = IntStream.range(0, line.stretches().size()).mapToObj(i -> mirrored(line.stretches().get(i), line.stretches(), faces)).toList();
      List<Optional<Integer>> settled = new ArrayList<>();
      for (int i = 0; i < line.stretches().size(); i++) {
        Stretch stretch = line.stretches().get(i);
        Optional<Integer> byTrial = Optional.of(Trial.total(trials.get(i))).filter(count -> count > 0);
        Optional<Integer> own = told(strip.id(), stretch).flatMap(Stitches::wanted).or(() -> byTrial);
        settled.add(own.or(() -> original.flatMap(of -> asThere(of, stretch))));
      }
      List<Wish> wishes = new ArrayList<>();
      for (int i = 0; i < line.stretches().size(); i++) {
        Stretch stretch = line.stretches().get(i);
        int group = twins.get(i).map(twin -> Math.min(twin, wishes.size())).orElse(i);
        boolean tops = !stretch.kind().isRowEnd() && stretch.kind() != UnitKind.CHAIN_SPACE && Math.abs(w / stretch.finishedMm() - 1) <= Rounds.ALIKE;
        double target = tops ? line.flatIntoEach(i, strip.rounds().get(0)) : line.flat(i, strip.rounds().get(0));
        Optional<Integer> count = settled.get(i).or(() -> twins.get(wishes.size()).flatMap(settled::get));
        wishes.add(new Wish(target, stretch.finished(), group, line.before(i).seam() || line.after(i).seam(), count));
      }
      return wishes;
    }

    /** What was worked, else is planned, on the mirror image of a stretch of the strip that this one mirrors. */
    private Optional<Integer> asThere(WorkedOn original, Stretch stretch) {
      return mirrored(stretch, original.line().stretches(), faces)
          .flatMap(
              i ->
                  told(original.strip().id(), original.line().stretches().get(i))
                      .flatMap(Stitches::worked)
                      .or(() -> original.rounds().get(0).segments().stream().filter(each -> each.stretch() == i).map(Worked::stitches).findFirst()));
    }
  }
}
