package ruxel.core.change;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import ruxel.core.construction.Outlining;
import ruxel.core.construction.Walk;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.identity.PieceId;
import ruxel.core.layout.Given;
import ruxel.core.layout.Layout;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Cloth;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;
import ruxel.core.seam.Seam;

/** Pieces of the maker's own: beside those of the recipe, in their place, or without one. */
public sealed interface OwnChange extends Change {
  /** A piece walked round its edges. */
  record PieceAdded(PieceId piece, String name, Piece.Part part, Cloth.Dye colour, List<Walk.Step> walk) implements OwnChange {
    public PieceAdded {
      walk = List.copyOf(walk);
    }

    @Override
    public Outcome<Garment> apply(Garment garment) {
      Walk told = new Walk(walk);
      List<Finding> findings = told.findings();
      return findings.isEmpty() ? OwnChange.with(garment, piece, name, told.piece(piece, name.strip(), part, colour)) : Outcome.refused(findings);
    }

    /** A garment that begins with this piece. */
    public Outcome<Garment> alone(String garmentName) {
      List<Finding> findings = new Walk(walk).findings();
      if (!findings.isEmpty()) {
        return Outcome.refused(findings);
      }
      PieceId id = piece.text().isEmpty() ? new PieceId("own.1") : piece;
      if (!id.isWellFormed() || name.isBlank() || name.length() > Garment.MOST_NAME) {
        return Outcome.refused(nameLength(Where.piece(id), name));
      }
      return new Renamed(garmentName).apply(Garment.of("", new Walk(walk).piece(id, name.strip(), part, colour)));
    }

    @Override
    public List<String> added() {
      return List.of(piece.text());
    }

    @Override
    public Change withAdded(List<String> ids) {
      return new PieceAdded(new PieceId(ids.get(0)), name, part, colour, walk);
    }

    @Override
    public String label(Names names) {
      return "Added " + Wording.low(name.strip());
    }
  }

  /** A piece like another one, or its mirror image. */
  record PieceCopied(PieceId piece, PieceId copy, String name, boolean mirrored) implements OwnChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return Layout.of(garment)
          .then(layout -> Pieces.named(layout.construct().pieces(), piece, Where.piece(piece)))
          .then(found -> Outcome.of(found.asGiven()))
          .then(found -> OwnChange.with(garment, copy, name, mirrored ? found.mirrored(copy, name.strip(), Map.of()) : like(found)));
    }

    private Piece like(Piece of) {
      return new Piece(copy, name.strip(), of.part(), of.edges(), Optional.empty(), of.cloth(), of.corners(), Optional.empty(), of.board(), of.fold());
    }

    @Override
    public List<String> added() {
      return List.of(copy.text());
    }

    @Override
    public Change withAdded(List<String> ids) {
      return new PieceCopied(piece, new PieceId(ids.get(0)), name, mirrored);
    }

    @Override
    public String label(Names names) {
      return (mirrored ? "Mirrored " : "Copied ") + names.piece(piece);
    }
  }

  /** A piece of the maker's own taken away, with the seams made on it. */
  record PieceRemoved(PieceId piece) implements OwnChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      if (Pieces.find(garment.pieces(), piece).isEmpty()) {
        return Outcome.refused(Finding.of(FindingCode.NOT_YOUR_OWN, Where.piece(piece), Fact.text("value", piece)));
      }
      if (garment.recipe().isEmpty() && garment.pieces().size() == 1) {
        return Outcome.refused(Finding.of(FindingCode.LAST_PIECE, Where.piece(piece)));
      }
      List<Seam> kept = garment.seams().stream().filter(seam -> seam.spans().noneMatch(span -> span.piece().equals(piece))).toList();
      return Outcome.of(garment.withOwn(garment.pieces().stream().filter(own -> !own.id().equals(piece)).toList(), kept));
    }

    @Override
    public String label(Names names) {
      return "Took away " + names.piece(piece);
    }
  }

  /** A piece of the construction that is the maker's own from now on: answers leave it alone. */
  record PieceOwned(PieceId piece) implements OwnChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return Given.of(garment)
          .then(given -> Pieces.named(given.construct().pieces(), piece, Where.piece(piece)))
          .then(
              found ->
                  Pieces.find(garment.pieces(), piece).isPresent()
                      ? Outcome.refused(Finding.of(FindingCode.YOUR_OWN_ALREADY, Where.piece(piece), Fact.text("piece", found.name())))
                      : Outcome.of(garment.withOwn(Stream.concat(garment.pieces().stream(), Stream.of(found)).toList(), garment.seams())));
    }

    @Override
    public String label(Names names) {
      return "Made %s a piece of your own".formatted(names.piece(piece));
    }
  }

  /** A piece of the maker's own called something else. */
  record PieceNamed(PieceId piece, String name) implements OwnChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return name.isBlank() || name.length() > Garment.MOST_NAME
          ? Outcome.refused(nameLength(Where.piece(piece), name))
          : told(garment, piece, own -> Outcome.of(own.named(name.strip())));
    }

    @Override
    public String label(Names names) {
      return "Called %s %s".formatted(names.piece(piece), Wording.low(name.strip()));
    }
  }

  /** A piece of the maker's own walked round anew. */
  record PieceOutlined(PieceId piece, List<Outlining.Told> outline) implements OwnChange {
    public PieceOutlined {
      outline = List.copyOf(outline);
    }

    @Override
    public Outcome<Garment> apply(Garment garment) {
      return told(
          garment, piece,
          own -> {
            if (own.board().isPresent() && !outline.equals(Outlining.of(own))) {
              return Outcome.refused(Finding.of(FindingCode.BOARD_OUTLINE, Where.piece(piece), Fact.text("piece", own.name())));
            }
            List<Finding> findings = Outlining.findings(own, outline);
            return findings.isEmpty() ? Outcome.of(Outlining.outlined(own, outline)) : Outcome.refused(findings);
          });
    }

    @Override
    public String label(Names names) {
      return "Walked round %s anew".formatted(names.piece(piece));
    }
  }

  /** With a piece of the maker's own told anew; refused where it is none. */
  private static Outcome<Garment> told(Garment garment, PieceId id, Function<Piece, Outcome<Piece>> anew) {
    return Pieces.find(garment.pieces(), id)
        .map(
            own ->
                anew.apply(own)
                    .then(changed -> Outcome.of(garment.withOwn(garment.pieces().stream().map(piece -> piece == own ? changed : piece).toList(), garment.seams())))
                    .then(changed -> Layout.of(changed).then(fits -> Outcome.of(changed))))
        .orElseGet(() -> Outcome.refused(Finding.of(FindingCode.NOT_YOUR_OWN, Where.piece(id), Fact.text("value", id))));
  }

  static Outcome<Garment> with(Garment garment, PieceId id, String name, Piece piece) {
    if (!id.isWellFormed()) {
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

  static Finding nameLength(Where where, String name) {
    return Finding.of(FindingCode.NAME_LENGTH, where, Fact.count("most", Garment.MOST_NAME), Fact.count("count", name.strip().length()));
  }
}
