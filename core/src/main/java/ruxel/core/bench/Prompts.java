package ruxel.core.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import ruxel.core.bench.BenchPlan.Prompt;
import ruxel.core.match.Ease;
import ruxel.core.plan.SeamPlan;

/** When to stop and look along a seam, with what may look odd and is right (handbook 14, 6). */
final class Prompts {
  private static final int TUG_EVERY = 5;

  private final SeamPlan plan;
  private final int joints;
  private final boolean needle;

  Prompts(SeamPlan plan, int joints, boolean needle) {
    this.plan = plan;
    this.joints = joints;
    this.needle = needle;
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
    if (needle) {
      for (int joint = TUG_EVERY; joint < joints; joint += TUG_EVERY) {
        int here = joint;
        if (prompts.stream().noneMatch(prompt -> Math.abs(prompt.joint() - here) <= 2)) {
          prompts.add(new Prompt(joint, Prompt.Kind.TUG, "Tug the yarn straight.", "Gaps show now; they close when you tug."));
        }
      }
    }
    prompts.sort(Comparator.comparingInt(Prompt::joint));
    return List.copyOf(prompts);
  }

  private Prompt marker(SeamPlan.CheckpointPlan checkpoint, int since) {
    String words =
        "Marker %d: %s should lie at %s. If not, the slip is in the %d before it."
            .formatted(checkpoint.number(), checkpoint.nameA(), checkpoint.nameB(), since);
    return new Prompt(checkpoint.joint(), Prompt.Kind.MARKER, words, expected());
  }

  private String expected() {
    boolean eased = plan.ease().filter(ease -> ease.verdict() == Ease.Verdict.EASE_EVENLY || ease.verdict() == Ease.Verdict.EASE_WITH_MARKERS).isPresent();
    if (eased) {
      SeamPlan.EaseView ease = plan.ease().orElseThrow();
      String longer = (ease.aMm() >= ease.bMm() ? plan.a() : plan.b()).name().toLowerCase(Locale.ROOT);
      return "The %s looks a little full; that is the ease, and it is right.".formatted(longer);
    }
    return needle ? "Gaps show until you tug." : "It should neither ripple nor pull.";
  }
}
