package ruxel.core.change;

import java.util.Optional;
import ruxel.core.construction.Construct;
import ruxel.core.construction.Question;
import ruxel.core.construction.Templates;
import ruxel.core.decision.EdgingRows;
import ruxel.core.decision.OwnYarn;
import ruxel.core.decision.Settings;
import ruxel.core.decision.WorkedStrip;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.layout.Layout;
import ruxel.core.measure.Wording;
import ruxel.core.method.Method;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Seams;

/** What the parts of a garment are called in the labels of its history; an unknown id stands for itself. */
public record Names(Optional<Recipe> recipe, Optional<Construct> construct, Settings settings, Wording wording) {
  public static Names of(Garment garment) {
    Optional<Construct> construct =
        Layout.of(garment) instanceof ruxel.core.finding.Outcome.Good<Layout> good
            ? Optional.of(good.value().construct())
            : Optional.empty();
    return new Names(garment.recipe(), construct, garment.settings(), garment.wording());
  }

  String piece(String id) {
    return pieceOf(id).map(piece -> the(piece.name())).orElse(id);
  }

  String edge(String piece, String edge) {
    return pieceOf(piece).flatMap(found -> found.edge(edge)).map(found -> the(found.name())).orElse(edge);
  }

  String seam(String id) {
    return seamOf(id).map(seam -> the(seam.name())).orElse(id);
  }

  String anchor(String seam, String id) {
    return seamOf(seam).flatMap(found -> found.anchor(id)).map(anchor -> the(anchor.name())).orElse(id);
  }

  String method(String id) {
    return Method.of(id).map(method -> Wording.low(method.title(wording))).orElse(id);
  }

  String yarn(String id) {
    return settings.on(OwnYarn.class, id).map(own -> own.yarn().name()).orElse(id);
  }

  String strip(String id) {
    return settings.on(WorkedStrip.class, id).map(worked -> worked.strip().name()).or(() -> EdgingRows.find(settings, id).map(rows -> "the rows on %s of %s".formatted(edge(rows.piece(), rows.edge()), piece(rows.piece())))).orElse(id);
  }

  String question(String key) {
    return recipe
        .flatMap(r -> Templates.of(r.construction()))
        .flatMap(template -> template.questions().stream().filter(q -> q.key().equals(key)).findFirst())
        .map(Question::label)
        .orElse(key);
  }

  String length(double mm) {
    return wording.length(mm);
  }

  String handle(String id) {
    return construct
        .flatMap(c -> c.handles().stream().filter(handle -> handle.id().equals(id)).findFirst())
        .map(handle -> Wording.low(handle.name()))
        .orElse(id);
  }

  private Optional<Piece> pieceOf(String id) {
    return construct.flatMap(c -> Pieces.find(c.pieces(), id));
  }

  private Optional<Seam> seamOf(String id) {
    return construct.flatMap(c -> Seams.find(c.seams(), id));
  }

  private static String the(String name) {
    return "the " + Wording.low(name);
  }
}
