package ruxel.core.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import ruxel.core.construction.Construct;
import ruxel.core.construction.Template;
import ruxel.core.construction.Templates;
import ruxel.core.decision.ChosenMethod;
import ruxel.core.decision.Decision;
import ruxel.core.decision.MovedAnchor;
import ruxel.core.decision.OwnAnchor;
import ruxel.core.decision.Settings;
import ruxel.core.decision.TakenOut;
import ruxel.core.decision.TurnedSeam;
import ruxel.core.decision.WorkedSeam;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.identity.SeamId;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Seams;
import ruxel.core.seam.Span;

/**
 * Pieces and seams as they are given, before anything decided is laid over them: those of the recipe without the seams taken out,
 * and those of the maker's own.
 *
 * @param made what the recipe makes; empty without one
 * @param idle seams taken out that the recipe does not make
 */
public record Given(Garment garment, Optional<Construct> made, Construct construct, List<TakenOut> idle) {
  /** Decisions that are put into a seam when the maker takes it in hand. */
  private static final Set<Class<? extends Decision>> TOLD = Set.of(WorkedSeam.class, ChosenMethod.class, OwnAnchor.class, MovedAnchor.class, TurnedSeam.class);

  public static Outcome<Given> of(Garment garment) {
    List<TakenOut> out = garment.settings().of(TakenOut.class);
    if (garment.recipe().isEmpty()) {
      return OwnParts.alone(garment).then(construct -> Outcome.of(new Given(garment, Optional.empty(), construct, out)));
    }
    return built(garment.recipe().get())
        .then(
            made -> {
              List<TakenOut> idle = out.stream().filter(taken -> Seams.find(made.seams(), taken.seam()).isEmpty()).toList();
              List<Seam> kept = made.seams().stream().filter(seam -> garment.settings().on(TakenOut.class, seam.id()).isEmpty()).toList();
              return OwnParts.beside(made.withSeams(kept), garment).then(construct -> Outcome.of(new Given(garment, Optional.of(made), construct, idle)));
            });
  }

  private static Outcome<Construct> built(Recipe recipe) {
    Optional<Template> template = Templates.of(recipe.construction());
    return template
        .map(found -> Made.by(found, recipe))
        .orElseGet(
            () ->
                Outcome.refused(
                    Finding.of(
                        FindingCode.ANSWER_NOT_CHOICE, Where.path("$.recipe.construction"),
                        Fact.text("question", "Construction"),
                        Fact.text("value", recipe.construction()),
                        Fact.text("choices", String.join(", ", Templates.all().stream().map(Template::id).toList())))));
  }

  /** A seam with what was decided of its anchors, working and method put into it. */
  public Outcome<ResolvedSeam> told(SeamId id) {
    return Seams.named(construct.seams(), id)
        .then(
            seam -> {
              Settings settings = garment.settings();
              Seam worked = settings.on(WorkedSeam.class, id).map(decided -> decided.on(seam)).orElse(seam);
              List<Anchor> anchors = new ArrayList<>(worked.anchors());
              settings.of(OwnAnchor.class).stream().filter(pin -> pin.seam().equals(id)).forEach(pin -> anchors.add(pin.anchor()));
              settings.of(MovedAnchor.class).stream()
                  .filter(move -> move.seam().equals(id))
                  .forEach(move -> anchors.replaceAll(anchor -> anchor.id().equals(move.anchor()) ? anchor.with(move.side(), move.spot()) : anchor));
              Seam told = worked.withAnchors(anchors).withMethod(settings.on(ChosenMethod.class, id).map(ChosenMethod::method).or(worked::method));
              boolean isTurned = settings.on(TurnedSeam.class, id).filter(TurnedSeam::turned).isPresent();
              return Seams.resolved(construct.pieces(), List.of(isTurned ? told.turned() : told), id);
            });
  }

  /** All seams that can be, on the pieces as they are given. */
  public List<ResolvedSeam> resolved() {
    return construct.resolved().seams();
  }

  /** Whether the recipe makes a seam of that id. */
  public boolean isMade(SeamId id) {
    return made.filter(construct -> Seams.find(construct.seams(), id).isPresent()).isPresent();
  }

  /**
   * The garment with seams in the place of others, what was decided of those being part of them now; refused where one cannot be on
   * the pieces.
   */
  public Outcome<Garment> with(List<SeamId> old, List<Seam> seams) {
    List<Seam> own = new ArrayList<>(garment.seams().stream().filter(seam -> !old.contains(seam.id())).toList());
    own.addAll(seams);
    Settings settings = garment.settings().without(decision -> isToldBy(decision, old));
    for (SeamId id : old) {
      if (isMade(id) && Seams.find(seams, id).isEmpty()) {
        settings = settings.with(new TakenOut(id));
      }
    }
    Garment changed = garment.withOwn(garment.pieces(), own).withSettings(settings);
    return standing(changed, seams.stream().map(Seam::id).toList());
  }

  /** What stands first in the target of each of these is their seam. */
  private static boolean isToldBy(Decision decision, List<SeamId> seams) {
    return TOLD.contains(decision.getClass()) && seams.contains(decision.target().get(0));
  }

  /** Whether a seam that the maker told by hand joins another stretch, or from another end, than before. */
  public static boolean isToldAnew(Garment before, Garment after, SeamId seam) {
    boolean byHand = Stream.of(before, after).anyMatch(garment -> Seams.find(garment.seams(), seam).isPresent());
    return byHand && !sides(before, seam).equals(sides(after, seam));
  }

  private static List<List<Span>> sides(Garment garment, SeamId seam) {
    return of(garment) instanceof Outcome.Good<Given> good
        ? Seams.find(good.value().construct.seams(), seam).map(found -> List.of(found.a().spans(), found.b().spans())).orElse(List.of())
        : List.of();
  }

  /** A garment on which every part of these seams is there, free, and each side goes on where it left off; else refused. */
  public static Outcome<Garment> standing(Garment garment, List<SeamId> seams) {
    return Layout.of(garment)
        .then(
            layout -> {
              List<Finding> findings =
                  layout.construct().resolved().findings().stream()
                      .filter(finding -> finding.where().seam().filter(seams::contains).isPresent())
                      .toList();
              return findings.isEmpty() ? Outcome.of(garment) : Outcome.refused(findings);
            });
  }
}
