package ruxel.core.change;

import java.util.Optional;
import ruxel.core.construction.Construct;
import ruxel.core.construction.Question;
import ruxel.core.construction.Templates;
import ruxel.core.decision.OwnYarn;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.StripId;
import ruxel.core.layout.LaidNames;
import ruxel.core.layout.Layout;
import ruxel.core.measure.Wording;

/** What the parts of a garment are called in the labels of its history; an unknown id stands for itself. */
public record Names(Optional<Recipe> recipe, LaidNames laid) {
  public static Names of(Garment garment) {
    Optional<Construct> construct = Layout.of(garment) instanceof Outcome.Good<Layout> good ? Optional.of(good.value().construct()) : Optional.empty();
    return new Names(garment.recipe(), new LaidNames(construct, garment.settings(), garment.wording()));
  }

  String piece(PieceId id) {
    return laid.piece(id);
  }

  String edge(PieceId piece, String edge) {
    return laid.edge(piece, edge);
  }

  String seam(SeamId id) {
    return laid.seam(id);
  }

  String anchor(SeamId seam, String id) {
    return laid.anchor(seam, id);
  }

  String method(String id) {
    return laid.method(id);
  }

  String strip(StripId id) {
    return laid.strip(id);
  }

  String yarn(String id) {
    return laid.settings().on(OwnYarn.class, id).map(own -> own.yarn().name()).orElse(id);
  }

  String question(String key) {
    return recipe
        .flatMap(r -> Templates.of(r.construction()))
        .flatMap(template -> template.questions().stream().filter(q -> q.key().equals(key)).findFirst())
        .map(Question::label)
        .orElse(key);
  }

  String length(double mm) {
    return laid.wording().length(mm);
  }

  String handle(String id) {
    return laid.construct()
        .flatMap(c -> c.handles().stream().filter(handle -> handle.id().equals(id)).findFirst())
        .map(handle -> Wording.low(handle.name()))
        .orElse(id);
  }
}
