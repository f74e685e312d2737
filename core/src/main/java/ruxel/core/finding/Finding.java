package ruxel.core.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import ruxel.core.measure.Wording;

/** Something the maker should know: a code, its place and its facts; equal by these (model 6). */
public record Finding(FindingCode code, Where where, List<Fact> facts) {
  private static final int MOST = 200;

  public Finding {
    facts = List.copyOf(facts);
  }

  public static Finding of(FindingCode code, Where where, Fact... facts) {
    return new Finding(code, where, List.of(facts));
  }

  /**
   * Names this finding as long as its place, its numbers and its names stay: what the maker left so is asked anew once
   * the figures change. Lengths count only where there are no numbers.
   */
  public String key() {
    boolean counted = facts.stream().anyMatch(Fact.Count.class::isInstance);
    String figures =
        facts.stream().filter(fact -> !counted || fact instanceof Fact.Count || fact instanceof Fact.Text).map(Fact::toString).collect(Collectors.joining());
    String said = where.piece() + "|" + where.edge() + "|" + where.seam() + "|" + figures;
    return code + "." + Integer.toHexString(said.hashCode());
  }

  public String sentence(Wording wording) {
    return Fact.filled(code.sentence(), facts, wording);
  }

  public String remedy(Wording wording) {
    return Fact.filled(code.remedy(), facts, wording);
  }

  /** At most 200 findings; the rest is counted in a last one. */
  public static List<Finding> capped(List<Finding> all) {
    if (all.size() <= MOST) {
      return List.copyOf(all);
    }
    List<Finding> shown = new ArrayList<>(all.subList(0, MOST));
    shown.add(of(FindingCode.MORE, Where.NOWHERE, Fact.count("more", all.size() - MOST)));
    return List.copyOf(shown);
  }
}
