package ruxel.core.repair;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.Wording;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.PiecePlan;
import ruxel.core.plan.SeamPlan;

/** What is different between two plans of one garment, apart from one seam, in sentences. */
public final class Effects {
  private static final double SEEN_MM = 0.5;

  private final GarmentPlan before;
  private final GarmentPlan after;
  private final Wording wording;
  private final List<String> told = new ArrayList<>();

  private Effects(GarmentPlan before, GarmentPlan after) {
    this.before = before;
    this.after = after;
    wording = new Wording(before.unit(), before.terms(), before.hand());
  }

  /**
   * @param seam told elsewhere, and left out
   */
  public static List<String> between(GarmentPlan before, GarmentPlan after, SeamId seam) {
    return between(before, after, Optional.of(seam));
  }

  /** On all seams. */
  public static List<String> between(GarmentPlan before, GarmentPlan after) {
    return between(before, after, Optional.empty());
  }

  private static List<String> between(GarmentPlan before, GarmentPlan after, Optional<SeamId> seam) {
    Effects effects = new Effects(before, after);
    effects.sizes();
    effects.openings();
    effects.seams(seam);
    effects.findings(seam);
    return List.copyOf(effects.told);
  }

  private void sizes() {
    for (PiecePlan now : after.pieces()) {
      before.pieces().stream()
          .filter(piece -> piece.id().equals(now.id()))
          .findFirst()
          .ifPresent(
              old -> {
                changed(now.name() + ", width", old.size().widthMm(), now.size().widthMm());
                changed(now.name() + ", height", old.size().heightMm(), now.size().heightMm());
              });
    }
  }

  private void openings() {
    Map<String, Double> old = lengths(before);
    Map<String, Double> now = lengths(after);
    now.forEach((name, length) -> Optional.ofNullable(old.get(name)).ifPresent(was -> changed("Opening " + Wording.low(name), was, length)));
    now.forEach((name, length) -> told(!old.containsKey(name), "Open then, too: %s, %s.", name, length));
    old.forEach((name, length) -> told(!now.containsKey(name), "No opening any more: %s, %s.", name, length));
  }

  private void told(boolean isSo, String words, String opening, double mm) {
    if (isSo) {
      told.add(words.formatted(Wording.low(opening), wording.length(mm)));
    }
  }

  private static Map<String, Double> lengths(GarmentPlan plan) {
    Map<String, Double> lengths = new LinkedHashMap<>();
    plan.gluing().openings().forEach(opening -> lengths.put(opening.name(), opening.lengthMm()));
    return lengths;
  }

  private void changed(String what, double was, double is) {
    if (Math.abs(was - is) > SEEN_MM) {
      told.add("%s: %s instead of %s.".formatted(what, wording.length(is), wording.length(was)));
    }
  }

  private void seams(Optional<SeamId> apart) {
    for (SeamPlan now : after.seams()) {
      before.seams().stream()
          .filter(seam -> seam.id().equals(now.id()) && !apart.equals(Optional.of(seam.id())))
          .findFirst()
          .filter(old -> !old.counts().equals(now.counts()))
          .ifPresent(old -> told.add("%s: %s instead of %s.".formatted(now.name(), now.counts(), old.counts())));
    }
  }

  private void findings(Optional<SeamId> apart) {
    List<String> old = sentences(before, apart);
    List<String> now = sentences(after, apart);
    now.stream().filter(sentence -> !old.contains(sentence)).forEach(sentence -> told.add("New: " + sentence));
    old.stream().filter(sentence -> !now.contains(sentence)).forEach(sentence -> told.add("No longer: " + sentence));
  }

  private static List<String> sentences(GarmentPlan plan, Optional<SeamId> apart) {
    return plan.findings().stream()
        .filter(finding -> apart.isEmpty() || !finding.seam().equals(apart))
        .map(FindingView::sentence)
        .distinct()
        .collect(Collectors.toList());
  }

  /** The seams whose counts or pieces change, by id. */
  static List<SeamId> touched(GarmentPlan before, GarmentPlan after) {
    List<SeamId> touched = new ArrayList<>();
    for (SeamPlan now : after.seams()) {
      boolean same =
          before.seams().stream()
              .anyMatch(old -> old.id().equals(now.id()) && old.counts().equals(now.counts()) && old.intervals().equals(now.intervals()));
      if (!same) {
        touched.add(now.id());
      }
    }
    return List.copyOf(touched);
  }
}
