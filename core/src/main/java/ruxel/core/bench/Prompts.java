package ruxel.core.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;
import ruxel.core.bench.BenchPlan.Prompt;
import ruxel.core.match.Checkpoint;
import ruxel.core.match.Ease;
import ruxel.core.measure.Wording;
import ruxel.core.plan.SeamPlan;

/** When to stop and look along a seam, with what may look odd and is right (handbook 14, 6). */
final class Prompts {
  /** A tug this near to a marker is left out: the marker is a stop anyway. */
  private static final int NEAR = 2;
  /** After so many joints the first look is worth it: little is lost yet. */
  private static final int FIRST_LOOK = 10;

  private final SeamPlan plan;
  private final int joints;
  private final OptionalInt tugEvery;

  /**
   * @param tugEvery joints after which a needle seam is tugged straight; empty for a hook
   */
  Prompts(SeamPlan plan, int joints, OptionalInt tugEvery) {
    this.plan = plan;
    this.joints = joints;
    this.tugEvery = tugEvery;
  }

  List<Prompt> all() {
    List<Prompt> prompts = new ArrayList<>();
    int before = 0;
    for (SeamPlan.CheckpointPlan checkpoint : plan.checkpoints()) {
      if (checkpoint.joint() > 0 && checkpoint.joint() < joints) {
        prompts.add(marker(checkpoint, checkpoint.joint() - before));
        before = checkpoint.joint();
      }
    }
    if (joints >= 2 * FIRST_LOOK) {
      prompts.add(
          new Prompt(
              FIRST_LOOK, Prompt.Kind.LOOK, "Look at the right side, now that little is lost: is it flat, without gaps, and does nothing peek through?",
              "If yarn peeks through: another method or colour from here, or a chain worked over it. If it puckers: %s.".formatted(Looks.bigger(tugEvery.isPresent()))));
    }
    tugEvery.ifPresent(every -> tugs(every, prompts));
    prompts.sort(Comparator.comparingInt(Prompt::joint));
    return List.copyOf(prompts);
  }

  private void tugs(int every, List<Prompt> prompts) {
    for (int joint = every; joint < joints; joint += every) {
      int here = joint;
      if (prompts.stream().noneMatch(prompt -> Math.abs(prompt.joint() - here) <= NEAR)) {
        prompts.add(new Prompt(joint, Prompt.Kind.TUG, "Tug the yarn straight.", "Gaps show now; they close when you tug."));
      }
    }
  }

  private Prompt marker(SeamPlan.CheckpointPlan checkpoint, int since) {
    String words =
        "Marker %d: %s should lie at %s. If not, the slip is in the %d before it."
            .formatted(checkpoint.number(), checkpoint.nameA(), checkpoint.nameB(), since);
    if (checkpoint.kind() == Checkpoint.Kind.SHOULDER_STEP) {
      return new Prompt(
          checkpoint.joint(), Prompt.Kind.MARKER, words + " Here the shoulder steps up: in the next joint take one loop only of the higher piece, then both again.",
          "Neither a hole nor a lump shows at the step.");
    }
    return new Prompt(checkpoint.joint(), Prompt.Kind.MARKER, words, expected());
  }

  private String expected() {
    boolean eased = plan.ease().filter(ease -> ease.verdict() == Ease.Verdict.EASE_EVENLY || ease.verdict() == Ease.Verdict.EASE_WITH_MARKERS).isPresent();
    if (eased) {
      SeamPlan.EaseView ease = plan.ease().orElseThrow();
      String longer = Wording.low((ease.aMm() >= ease.bMm() ? plan.a() : plan.b()).name());
      return "The %s looks a little full; that is the ease, and it is right.".formatted(longer);
    }
    return tugEvery.isPresent() ? "Gaps show until you tug." : "It should neither ripple nor pull.";
  }
}
