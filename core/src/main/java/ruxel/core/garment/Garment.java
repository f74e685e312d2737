package ruxel.core.garment;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import ruxel.core.construction.ExpectedOpening;
import ruxel.core.decision.Settings;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Piece;
import ruxel.core.seam.Seam;

/**
 * A garment as the maker describes it (model 5): by a recipe, by pieces and seams of their own, or both, with settings on top.
 * Everything else is computed from it.
 */
public record Garment(
    String name,
    Wording.Unit unit,
    Terms terms,
    Wording.Hand hand,
    Optional<Recipe> recipe,
    List<Piece> pieces,
    List<Seam> seams,
    List<ExpectedOpening> openings,
    Settings settings,
    HouseRules rules) {
  public static final int MOST_NAME = 200;

  public Garment {
    // Boards stand behind other pieces, as they do in the file.
    pieces = pieces.stream().sorted(Comparator.comparing(piece -> piece.board().isPresent())).toList();
    seams = List.copyOf(seams);
    openings = List.copyOf(openings);
    if (recipe.isEmpty() && pieces.isEmpty()) {
      throw new IllegalArgumentException("Expected a recipe, or at least one piece");
    }
  }

  public static Garment of(String name, Recipe recipe) {
    return new Garment(
        name, Wording.Unit.CM, Terms.US, Wording.Hand.RIGHT, Optional.of(recipe), List.of(), List.of(), List.of(), Settings.NONE, HouseRules.USUAL);
  }

  /** One that begins with a piece of its own. */
  public static Garment of(String name, Piece first) {
    return new Garment(
        name, Wording.Unit.CM, Terms.US, Wording.Hand.RIGHT, Optional.empty(), List.of(first), List.of(), List.of(), Settings.NONE, HouseRules.USUAL);
  }

  public Wording wording() {
    return new Wording(unit, terms, hand);
  }

  public Garment withName(String changed) {
    return new Garment(changed, unit, terms, hand, recipe, pieces, seams, openings, settings, rules);
  }

  public Garment withWording(Wording changed) {
    return new Garment(name, changed.unit(), changed.terms(), changed.hand(), recipe, pieces, seams, openings, settings, rules);
  }

  public Garment withRecipe(Recipe changed) {
    return new Garment(name, unit, terms, hand, Optional.of(changed), pieces, seams, openings, settings, rules);
  }

  /** With other pieces and seams of the maker's own. */
  public Garment withOwn(List<Piece> ownPieces, List<Seam> ownSeams) {
    return new Garment(name, unit, terms, hand, recipe, ownPieces, ownSeams, openings, settings, rules);
  }

  public Garment withRules(HouseRules changed) {
    return new Garment(name, unit, terms, hand, recipe, pieces, seams, openings, settings, changed);
  }

  public Garment withSettings(Settings changed) {
    return new Garment(name, unit, terms, hand, recipe, pieces, seams, openings, changed, rules);
  }
}
