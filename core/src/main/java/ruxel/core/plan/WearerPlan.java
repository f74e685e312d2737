package ruxel.core.plan;

import java.util.List;
import java.util.Optional;
import ruxel.core.identity.SeamId;
import ruxel.core.wearer.Fit;
import ruxel.core.wearer.Measure;
import ruxel.core.wearer.Wearer;

/** Who wears the garment, how closely it is to sit, the measures taken (mm), and the cautions that hold for it (handbook 10, 16). */
public record WearerPlan(Optional<Wearer> wearer, Optional<Fit> fit, List<Taken> measures, List<String> care) {
  static final WearerPlan NONE = new WearerPlan(Optional.empty(), Optional.empty(), List.of(), List.of());

  /** A measure that was taken. */
  public record Taken(Measure measure, double mm) {}

  /** What is held against the wearer. */
  public enum Check {
    BODY("Make the pieces wider, or choose a seam that takes less of them."),
    REACH("Work rows onto both sleeves or take some off, or make the cuffs longer or shorter."),
    NECK("Take stitches from both shoulders, deepen the neck, or leave a slit with a button."),
    CUFF("Make the cuff wider, or choose a stretchier edge."),
    ARMHOLE("Make the armhole deeper, and the sleeve wider where there is one."),
    HEM("Make the hem wider, or leave slits at the sides."),
    HOOD("Work more rows or rounds on the hood, or take a taller one."),
    BACK_NECK("Take stitches from both shoulders.");

    private final String remedy;

    Check(String remedy) {
      this.remedy = remedy;
    }

    /** What mends it. */
    public String remedy() {
      return remedy;
    }
  }

  /** How it comes out; {@code ASK} where the wearer was not measured. */
  public enum Verdict {
    FITS,
    TIGHT,
    LONG,
    ASK
  }

  /**
   * A check: what the wearer needs, what is found on finished sizes (an opening as far as it stretches), the verdict, the measure it asks
   * for, and the seam before which it is still easily changed.
   */
  public record CheckView(Check check, String what, Optional<Double> needed, double found, Verdict verdict, Optional<Measure> asks, Optional<SeamId> before, String words) {}
}
