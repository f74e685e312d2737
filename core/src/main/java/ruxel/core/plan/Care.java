package ruxel.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruxel.core.decision.Settings;
import ruxel.core.decision.WornBy;
import ruxel.core.wearer.Wearer;
import ruxel.core.yarn.Yarn;

/** Cautions (handbook 16), each said once, by who wears it and what it is made of. They defer to local rules and qualified advice. */
final class Care {
  private Care() {}

  static List<String> of(Settings settings, List<Yarn> yarns) {
    Optional<Wearer> wearer = settings.on(WornBy.class).map(WornBy::wearer);
    boolean child = wearer.filter(Wearer::isChild).isPresent();
    List<String> care = new ArrayList<>();
    care.add(
        "Count needles, pins and clips in and out"
            + (child ? "; for a child use locking markers, never loose needles or pins." : "."));
    care.add(steam(yarns));
    care.add("Change task, stretch, and stop when it hurts.");
    if (wearer.isEmpty() || child) {
      care.add("For a child: no cords, ties or long loops at hood, neck, waist or hem, and a neck that passes the head without force. Local children’s clothing rules decide.");
    }
    if (wearer.isEmpty() || wearer.get() == Wearer.SMALL_CHILD) {
      care.add("For a small child: no buttons, pompoms, fringe or beads that could be pulled off, no loose strands inside mitts, cuffs and feet.");
    }
    if (child && yarns.stream().anyMatch(yarn -> yarn.is(Yarn.Trait.FUZZY))) {
      care.add("Fuzzy yarn sheds: keep it from a baby’s face.");
    }
    care.add("This is no medical or legal advice: follow labels and local rules, and ask a qualified adviser before you sell.");
    return List.copyOf(care);
  }

  private static String steam(List<Yarn> yarns) {
    boolean bears = !yarns.isEmpty() && yarns.stream().allMatch(yarn -> yarn.is(Yarn.Trait.STEAMABLE));
    return bears
        ? "Steam scalds: test a swatch, keep the iron off, and never steam, press or pin on a person."
        : "Steam scalds, and can flatten or melt yarn for good: test a swatch first, and never steam, press or pin on a person.";
  }
}
