package ruxel.core.change;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import ruxel.core.decision.TakenOut;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Given;
import ruxel.core.layout.GivenSpan;
import ruxel.core.layout.Layout;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.MirrorImage;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamParts;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Seams;
import ruxel.core.seam.Span;

/** Seams made, told anew or taken out by hand. One of the construction that is told anew is the maker's own from then on. */
public sealed interface OwnSeam extends Change {
  /** Runs of an edge, from the first to the last in ring order, and which way the seam goes along them. */
  record Part(PieceId piece, String edge, String first, String last, Span.Along along) {
    Span span() {
      return Span.ofRuns(piece, edge, first, last, along);
    }
  }

  /** Parts of edges joined by hand. */
  record SeamMade(SeamId seam, String name, SeamRole role, List<Part> a, List<Part> b) implements OwnSeam {
    public SeamMade {
      a = List.copyOf(a);
      b = List.copyOf(b);
    }

    @Override
    public Outcome<Garment> apply(Garment garment) {
      if (a.isEmpty() || b.isEmpty()) {
        return Outcome.refused(Finding.of(FindingCode.SEAM_WITHOUT_SIDE, Where.seam(seam)));
      }
      return called(seam, name)
          .then(
              called ->
                  Layout.of(garment)
                      .then(layout -> made(layout.construct().pieces(), called))
                      .then(made -> free(garment, seam).then(given -> given.with(List.of(), List.of(made)))));
    }

    private Outcome<Seam> made(List<Piece> laid, String called) {
      return side(laid, a).then(sideA -> side(laid, b).then(sideB -> Outcome.of(new Seam(seam, called, role, sideA, sideB, List.of(), List.of(), Seam.Working.USUAL, Optional.empty()))));
    }

    /** Called after what it begins with: "Back, left side". */
    private static Outcome<Seam.SideOf> side(List<Piece> pieces, List<Part> parts) {
      Part first = parts.get(0);
      String name =
          Pieces.find(pieces, first.piece())
              .map(piece -> piece.name() + piece.edge(first.edge()).map(edge -> ", " + edge.name()).orElse(""))
              .orElse(first.piece().text());
      return GivenSpan.all(pieces, parts.stream().map(Part::span).toList()).then(spans -> Outcome.of(Seam.SideOf.of(name.substring(0, Math.min(name.length(), Garment.MOST_NAME)), spans.toArray(Span[]::new))));
    }

    @Override
    public List<String> added() {
      return List.of(seam.text());
    }

    @Override
    public Change withAdded(List<String> ids) {
      return new SeamMade(new SeamId(ids.get(0)), name, role, a, b);
    }

    @Override
    public String label(Names names) {
      return "Made the seam " + name.strip();
    }
  }

  /** A seam taken out: one made by hand is gone, one of the construction is not to be joined. */
  record SeamUnmade(SeamId seam) implements OwnSeam {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return Given.of(garment).then(given -> Seams.named(given.construct().seams(), seam).then(found -> given.with(List.of(seam), List.of())));
    }

    @Override
    public String label(Names names) {
      return "Took out " + names.seam(seam);
    }
  }

  /** A seam of the construction as it was, before it was taken out or told anew. */
  record SeamPutBack(SeamId seam) implements OwnSeam {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return Given.of(garment)
          .then(
              given ->
                  given.isMade(seam)
                      ? given.with(List.of(seam), List.of())
                      : Outcome.refused(Finding.of(FindingCode.NOT_OF_CONSTRUCTION, Where.seam(seam), Fact.text("value", seam))))
          .then(changed -> Given.standing(changed.withSettings(changed.settings().without(TakenOut.class, seam)), List.of(seam)));
    }

    @Override
    public String label(Names names) {
      return "Put back " + names.seam(seam);
    }
  }

  /** Another name, and what it is. */
  record SeamNamed(SeamId seam, String name, SeamRole role) implements OwnSeam {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return called(seam, name).then(called -> told(garment, seam, found -> Outcome.of(List.of(found.seam().named(called, role)))));
    }

    @Override
    public String label(Names names) {
      return "Called %s %s".formatted(names.seam(seam), name.strip());
    }
  }

  /** One seam parted at an anchor; the second part has an id and a name of its own. */
  record SeamParted(SeamId seam, String anchor, SeamId part, String name) implements OwnSeam {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return called(part, name).then(called -> free(garment, part).then(free -> told(garment, seam, found -> parted(found, called))));
    }

    private Outcome<List<Seam>> parted(ResolvedSeam found, String called) {
      Optional<Anchor> at = found.seam().anchor(anchor);
      if (at.isEmpty()) {
        String choices = String.join(", ", found.seam().anchors().stream().map(Anchor::id).toList());
        return Outcome.refused(
            Finding.of(
                FindingCode.UNKNOWN_ANCHOR, Where.seam(seam), Fact.text("seam", found.seam().name()), Fact.text("value", anchor),
                Fact.text("choices", choices.isEmpty() ? "none: pin one where it is to be parted" : choices)));
      }
      return SeamParts.split(found, at.get(), part, called)
          .map(Outcome::of)
          .orElseGet(
              () ->
                  Outcome.refused(
                      Finding.of(FindingCode.SEAM_NOT_PARTED, Where.seam(seam), Fact.text("seam", found.seam().name()), Fact.text("anchor", at.get().name()))));
    }

    @Override
    public List<String> added() {
      return List.of(part.text());
    }

    @Override
    public Change withAdded(List<String> ids) {
      return new SeamParted(seam, anchor, new SeamId(ids.get(0)), name);
    }

    @Override
    public String label(Names names) {
      return "Parted %s at %s".formatted(names.seam(seam), names.anchor(seam, anchor));
    }
  }

  /** Another seam joined in one pass with this one, from where this one ends. */
  record SeamsTogether(SeamId seam, SeamId next) implements OwnSeam {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      if (seam.equals(next)) {
        return Outcome.refused(Finding.of(FindingCode.SEAM_WITH_ITSELF, Where.seam(seam)));
      }
      return Given.of(garment)
          .then(given -> given.told(seam).then(first -> given.told(next).then(second -> given.with(List.of(seam, next), List.of(SeamParts.joined(first, second, given.resolved()))))));
    }

    @Override
    public String label(Names names) {
      return "Joined %s and %s in one pass".formatted(names.seam(seam), names.seam(next));
    }
  }

  /** Rows let in between both sides of a seam, in the gauge of its first piece: a piece of one's own, worked {@code onto} side A and closed by what was the seam. */
  record GussetLetIn(SeamId seam, PieceId piece, SeamId onto, int rows) implements OwnSeam {
    public static final int MOST_ROWS = 200;

    @Override
    public Outcome<Garment> apply(Garment garment) {
      if (rows < 1 || rows > MOST_ROWS) {
        return Outcome.refused(Finding.of(FindingCode.COUNT_OUT_OF_RANGE, Where.seam(seam), Fact.count("least", 1), Fact.count("most", MOST_ROWS), Fact.count("value", rows)));
      }
      return Given.of(garment)
          .then(given -> given.told(seam))
          .then(
              found -> {
                Gusset gusset = Gusset.of(found, piece, onto, rows, garment.rules());
                return called(onto, gusset.onto().name())
                    .then(called -> free(garment, onto))
                    .then(free -> OwnChange.with(garment, piece, gusset.piece().name(), gusset.piece()))
                    .then(with -> Given.of(with).then(given -> given.with(gusset.seams(given).stream().map(Seam::id).toList(), gusset.seams(given))));
              });
    }

    @Override
    public List<String> added() {
      return List.of(piece.text(), onto.text());
    }

    @Override
    public Change withAdded(List<String> ids) {
      return new GussetLetIn(seam, new PieceId(ids.get(0)), new SeamId(ids.get(1)), rows);
    }

    @Override
    public String label(Names names) {
      return "Let a gusset in at " + names.seam(seam);
    }
  }

  /** The same on the other half of the garment. */
  record SeamMirrored(SeamId seam, SeamId twin, String name) implements OwnSeam {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return called(twin, name)
          .then(called -> free(garment, twin))
          .then(free -> Given.of(garment))
          .then(given -> given.told(seam).then(found -> mirrored(given, found.seam())));
    }

    private Outcome<Garment> mirrored(Given given, Seam of) {
      MirrorImage mirror = new MirrorImage(given.construct().pieces());
      if (!mirror.has(of)) {
        return Outcome.refused(Finding.of(FindingCode.SEAM_WITHOUT_TWIN, Where.seam(seam), Fact.text("seam", of.name())));
      }
      Seam image =
          new Seam(twin, name.strip(), of.role(), mirror.of(of.a()), mirror.of(of.b()), of.anchors().stream().map(mirror::of).toList(), of.hidden(), of.working(), of.method());
      return given.with(List.of(), List.of(image));
    }

    @Override
    public List<String> added() {
      return List.of(twin.text());
    }

    @Override
    public Change withAdded(List<String> ids) {
      return new SeamMirrored(seam, new SeamId(ids.get(0)), name);
    }

    @Override
    public String label(Names names) {
      return "Made the seam %s like %s".formatted(name.strip(), names.seam(seam));
    }
  }

  /** A seam told anew, with all that was decided of it. */
  static Outcome<Garment> told(Garment garment, SeamId seam, Function<ResolvedSeam, Outcome<List<Seam>>> anew) {
    return Given.of(garment).then(given -> given.told(seam).then(anew).then(seams -> given.with(List.of(seam), seams)));
  }

  private static Outcome<Given> free(Garment garment, SeamId id) {
    return Given.of(garment)
        .then(given -> given.isMade(id) || Seams.find(given.construct().seams(), id).isPresent() ? Outcome.refused(taken(id)) : Outcome.of(given));
  }

  private static Finding taken(SeamId id) {
    return Finding.of(FindingCode.ID_TAKEN, Where.seam(id), Fact.text("value", id));
  }

  /** The name without blanks round it; refused where the id or the name cannot be. */
  private static Outcome<String> called(SeamId id, String name) {
    if (!id.isWellFormed()) {
      return Outcome.refused(Finding.of(FindingCode.ID_FORM, Where.seam(id), Fact.text("value", id)));
    }
    return name.isBlank() || name.length() > Garment.MOST_NAME ? Outcome.refused(OwnChange.nameLength(Where.seam(id), name)) : Outcome.of(name.strip());
  }
}
