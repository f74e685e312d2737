package ruxel.core.finding;

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
}
