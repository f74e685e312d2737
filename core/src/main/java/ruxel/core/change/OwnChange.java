package ruxel.core.change;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import ruxel.core.construction.Walk;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.layout.Layout;
import ruxel.core.measure.Ids;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Cloth;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamResolver;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Seams;
import ruxel.core.seam.Span;

/** Pieces and seams of the maker's own: beside those of the recipe, or without one. */
public sealed interface OwnChange extends Change {
  /** A piece walked round its edges. */
  record PieceAdded(String piece, String name, Piece.Part part, Cloth.Dye colour, List<Walk.Step> walk) implements OwnChange {
    public PieceAdded {
      walk = List.copyOf(walk);
    }

    @Override
    public Outcome<Garment> apply(Garment garment) {
      Walk told = new Walk(walk);
      List<Finding> findings = told.findings();
      return findings.isEmpty() ? added(garment, piece, name, told.piece(piece, name.strip(), part, colour)) : Outcome.refused(findings);
    }

    /** A garment that begins with this piece. */
    public Outcome<Garment> alone(String garmentName) {
      List<Finding> findings = new Walk(walk).findings();
      if (!findings.isEmpty()) {
        return Outcome.refused(findings);
      }
      if (!Ids.isWellFormed(piece) || name.isBlank() || name.length() > Garment.MOST_NAME) {
        return Outcome.refused(nameLength(Where.piece(piece), name));
      }
      return new Renamed(garmentName).apply(Garment.of("", new Walk(walk).piece(piece, name.strip(), part, colour)));
    }

    @Override
    public String label(Names names) {
      return "Added " + Wording.low(name.strip());
    }
  }

  /** A piece like another one, or its mirror image. */
  record PieceCopied(String piece, String copy, String name, boolean mirrored) implements OwnChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return Layout.of(garment)
          .then(layout -> Pieces.named(layout.construct().pieces(), piece, Where.piece(piece)))
          .then(found -> Outcome.of(found.asGiven()))
          .then(found -> added(garment, copy, name, mirrored ? found.mirrored(copy, name.strip(), Map.of()) : like(found)));
    }

    private Piece like(Piece of) {
      return new Piece(copy, name.strip(), of.part(), of.edges(), Optional.empty(), of.cloth(), of.corners(), Optional.empty());
    }

    @Override
    public String label(Names names) {
      return (mirrored ? "Mirrored " : "Copied ") + names.piece(piece);
    }
  }

  /** A piece of the maker's own taken away, with the seams made on it. */
  record PieceRemoved(String piece) implements OwnChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      if (Pieces.find(garment.pieces(), piece).isEmpty()) {
        return Outcome.refused(Finding.of(FindingCode.NOT_YOUR_OWN, Where.piece(piece), Fact.text("value", piece)));
      }
      if (garment.recipe().isEmpty() && garment.pieces().size() == 1) {
        return Outcome.refused(Finding.of(FindingCode.LAST_PIECE, Where.piece(piece)));
      }
      List<Seam> kept = garment.seams().stream().filter(seam -> spans(seam).noneMatch(span -> span.piece().equals(piece))).toList();
      return Outcome.of(garment.withOwn(garment.pieces().stream().filter(own -> !own.id().equals(piece)).toList(), kept));
    }

    @Override
    public String label(Names names) {
      return "Took away " + names.piece(piece);
    }
  }

  /** Runs of an edge, from the first to the last in ring order, and which way the seam goes along them. */
  record Part(String piece, String edge, String first, String last, Span.Along along) {
    Span span() {
      return Span.ofRuns(piece, edge, first, last, along);
    }
  }

  /** Parts of edges joined by hand; one with the same id is made anew. */
  record SeamMade(String seam, String name, SeamRole role, List<Part> a, List<Part> b) implements OwnChange {
    public SeamMade {
      a = List.copyOf(a);
      b = List.copyOf(b);
    }

    @Override
    public Outcome<Garment> apply(Garment garment) {
      if (!Ids.isWellFormed(seam)) {
        return Outcome.refused(Finding.of(FindingCode.ID_FORM, Where.seam(seam), Fact.text("value", seam)));
      }
      if (name.isBlank() || name.length() > Garment.MOST_NAME) {
        return Outcome.refused(nameLength(Where.seam(seam), name));
      }
      if (a.isEmpty() || b.isEmpty()) {
        return Outcome.refused(Finding.of(FindingCode.SEAM_WITHOUT_SIDE, Where.seam(seam)));
      }
      return Layout.of(garment)
          .then(
              before -> {
                if (isOfRecipe(garment, before)) {
                  return Outcome.refused(Finding.of(FindingCode.ID_TAKEN, Where.seam(seam), Fact.text("value", seam)));
                }
                List<Piece> pieces = before.construct().pieces();
                List<Seam> seams = new ArrayList<>(garment.seams().stream().filter(own -> !own.id().equals(seam)).toList());
                seams.add(
                    new Seam(seam, name.strip(), role, side(pieces, a), side(pieces, b), List.of(), List.of(), Seam.Working.USUAL, Optional.empty()));
                Garment made = garment.withOwn(garment.pieces(), seams);
                return Layout.of(made).then(SeamMade.this::checked).then(layout -> Outcome.of(made));
              });
    }

    private boolean isOfRecipe(Garment garment, Layout layout) {
      return Seams.find(garment.seams(), seam).isEmpty() && Seams.find(layout.construct().seams(), seam).isPresent();
    }

    /** Every part is there, free, and each side goes on where it left off. */
    private Outcome<Layout> checked(Layout layout) {
      List<Finding> findings =
          SeamResolver.resolve(layout.construct().pieces(), layout.construct().seams()).findings().stream()
              .filter(finding -> finding.where().seam().filter(seam::equals).isPresent())
              .toList();
      return findings.isEmpty() ? Outcome.of(layout) : Outcome.refused(findings);
    }

    /** Called after what it begins with: "Back, left side". */
    private static Seam.SideOf side(List<Piece> pieces, List<Part> parts) {
      Part first = parts.get(0);
      String name =
          Pieces.find(pieces, first.piece())
              .map(piece -> piece.name() + piece.edge(first.edge()).map(edge -> ", " + edge.name()).orElse(""))
              .orElse(first.piece());
      return Seam.SideOf.of(name.substring(0, Math.min(name.length(), Garment.MOST_NAME)), parts.stream().map(Part::span).toArray(Span[]::new));
    }

    @Override
    public String label(Names names) {
      return "Made the seam " + name.strip();
    }
  }

  /** A seam made by hand taken out again. */
  record SeamUnmade(String seam) implements OwnChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return Seams.find(garment.seams(), seam).isPresent()
          ? Outcome.of(garment.withOwn(garment.pieces(), garment.seams().stream().filter(own -> !own.id().equals(seam)).toList()))
          : Outcome.refused(Finding.of(FindingCode.NOT_YOUR_OWN, Where.seam(seam), Fact.text("value", seam)));
    }

    @Override
    public String label(Names names) {
      return "Took out " + names.seam(seam);
    }
  }

  private static Outcome<Garment> added(Garment garment, String id, String name, Piece piece) {
    if (!Ids.isWellFormed(id)) {
      return Outcome.refused(Finding.of(FindingCode.ID_FORM, Where.piece(id), Fact.text("value", id)));
    }
    if (name.isBlank() || name.length() > Garment.MOST_NAME) {
      return Outcome.refused(nameLength(Where.piece(id), name));
    }
    return Layout.of(garment)
        .then(
            layout -> {
              if (Pieces.find(layout.construct().pieces(), id).isPresent()) {
                return Outcome.refused(Finding.of(FindingCode.ID_TAKEN, Where.piece(id), Fact.text("value", id)));
              }
              Garment with = garment.withOwn(Stream.concat(garment.pieces().stream(), Stream.of(piece)).toList(), garment.seams());
              return Layout.of(with).then(fits -> Outcome.of(with));
            });
  }

  private static Finding nameLength(Where where, String name) {
    return Finding.of(FindingCode.NAME_LENGTH, where, Fact.count("most", Garment.MOST_NAME), Fact.count("count", name.strip().length()));
  }

  private static Stream<Span> spans(Seam seam) {
    return Stream.concat(seam.a().spans().stream(), seam.b().spans().stream());
  }
}
