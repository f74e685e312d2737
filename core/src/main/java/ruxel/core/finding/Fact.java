package ruxel.core.finding;

import java.util.List;
import java.util.regex.Pattern;
import ruxel.core.identity.Id;
import ruxel.core.measure.Wording;

/** One fact of a finding: a name and a value with its unit. */
public sealed interface Fact {
  String name();

  String worded(Wording wording);

  static Fact count(String name, long value) {
    return new Count(name, value);
  }

  static Fact length(String name, double mm) {
    return new Length(name, mm);
  }

  static Fact difference(String name, double mm) {
    return new Difference(name, mm);
  }

  static Fact fine(String name, double mm) {
    return new Fine(name, mm);
  }

  static Fact share(String name, double share) {
    return new Share(name, share);
  }

  static Fact text(String name, String text) {
    return new Text(name, text);
  }

  static Fact text(String name, Id id) {
    return new Text(name, id.text());
  }

  /** A number of things. */
  record Count(String name, long value) implements Fact {
    @Override
    public String worded(Wording wording) {
      return Long.toString(value);
    }
  }

  /** A length in mm. */
  record Length(String name, double mm) implements Fact {
    @Override
    public String worded(Wording wording) {
      return wording.length(mm);
    }
  }

  /** A small difference of lengths in mm. */
  record Difference(String name, double mm) implements Fact {
    @Override
    public String worded(Wording wording) {
      return wording.difference(mm);
    }
  }

  /** The size of one stitch or row in mm. */
  record Fine(String name, double mm) implements Fact {
    @Override
    public String worded(Wording wording) {
      return wording.fine(mm);
    }
  }

  /** A share of one, shown in per cent. */
  record Share(String name, double share) implements Fact {
    @Override
    public String worded(Wording wording) {
      return wording.percent(share);
    }
  }

  /** A name or a word the maker typed. */
  record Text(String name, String text) implements Fact {
    @Override
    public String worded(Wording wording) {
      return text;
    }
  }

  /** A sentence with its facts in their places: {@code {n}}, {@code {n:stitches}} counted, {@code {n?is:are}} for one or several. */
  static String filled(String template, List<Fact> facts, Wording wording) {
    String text = template;
    for (Fact fact : facts) {
      text = text.replace("{" + fact.name() + "}", fact.worded(wording));
      if (fact instanceof Fact.Count count && (text.contains("{" + count.name() + ":") || text.contains("{" + count.name() + "?"))) {
        text = counted(text, count);
      }
    }
    return Wording.capital(text);
  }

  /** Fills {@code {a:stitches}}, the number with what is counted, and {@code {a?meets:meet}}, the word for one or for several. */
  private static String counted(String text, Fact.Count count) {
    String counted =
        Pattern.compile("\\{" + count.name() + ":([^}]*)}").matcher(text).replaceAll(found -> Wording.counted(count.value(), found.group(1)));
    return Pattern.compile("\\{" + count.name() + "\\?([^:]*):([^}]*)}").matcher(counted).replaceAll(found -> found.group(count.value() == 1 ? 1 : 2));
  }
}
