package ruxel.core.finding;

import java.util.ArrayList;
import java.util.List;
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

  public boolean isError() {
    return code.severity() == FindingCode.Severity.ERROR;
  }

  public String sentence(Wording wording) {
    return fill(code.sentence(), wording);
  }

  public String remedy(Wording wording) {
    return fill(code.remedy(), wording);
  }

  private String fill(String template, Wording wording) {
    String text = template;
    for (Fact fact : facts) {
      text = text.replace("{" + fact.name() + "}", fact.worded(wording));
    }
    return Wording.capital(text);
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
