package ruxel.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Locale;

/**
 * How numbers and words are shown to one maker: cm or inches, US or UK terms, right- or left-handed. Every sentence of the
 * core is put together here or with the help of this record; nothing else formats.
 */
public record Wording(Unit unit, Terms terms, Hand hand) {
  /** What is taken until the maker says otherwise. */
  public static final Wording USUAL = new Wording(Unit.CM, Terms.US, Hand.RIGHT);

  /** The hand that holds hook or needle: mirrors directions and pictures, never counts (handbook 2). */
  public enum Hand {
    RIGHT,
    LEFT
  }

  /** The maker's unit of length. */
  public enum Unit {
    CM,
    INCH
  }

  private static final double MM_PER_INCH = 25.4;
  private static final String[] NUMBERS = {
    "no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve"
  };

  /** A length for reading: whole and tenth centimetres, or inches to the quarter. */
  public String length(double mm) {
    if (unit == Unit.CM) {
      return trimmed(mm / 10) + " cm";
    }
    long quarters = Math.round(mm / MM_PER_INCH * 4);
    String[] parts = {"", "¼", "½", "¾"};
    long whole = quarters / 4;
    String part = parts[(int) Math.abs(quarters % 4)];
    return (whole == 0 && !part.isEmpty() ? "" : Long.toString(whole)) + part + " in";
  }

  /** A length of yarn: as it is cut while short, in metres or yards once it is long. */
  public String yarn(double mm) {
    if (mm < LONG_YARN_MM) {
      return length(mm);
    }
    return unit == Unit.CM ? trimmed(mm / MM_PER_M) + " m" : trimmed(mm / MM_PER_YARD) + " yd";
  }

  private static final double LONG_YARN_MM = 3000;
  private static final double MM_PER_M = 1000;
  private static final double MM_PER_YARD = 914.4;

  /** A small difference: millimetres, or inches to the hundredth. */
  public String difference(double mm) {
    return unit == Unit.CM
        ? "%d mm".formatted(Math.round(mm))
        : String.format(Locale.ROOT, "%.2f in", mm / MM_PER_INCH);
  }

  /** The size of one stitch or row: tenths of a millimetre, or inches to the hundredth. */
  public String fine(double mm) {
    return unit == Unit.CM ? trimmed(mm) + " mm" : difference(mm);
  }

  public String percent(double share) {
    return String.format(Locale.ROOT, "%.1f %%", share * 100);
  }

  public String stitch(Stitch stitch) {
    return stitch.name(terms);
  }

  /** A number in letters up to twelve. */
  public static String number(long n) {
    return n >= 0 && n < NUMBERS.length ? NUMBERS[(int) n] : Long.toString(n);
  }

  /** "1 row end", "24 stitches": a number with what is counted, given as several. */
  public static String counted(long n, String several) {
    return n + " " + (n == 1 ? several.replaceFirst("(?<=ch)es$|s$", "") : several);
  }

  /** "2nd", "13th". */
  public static String ordinal(long n) {
    long tens = n % 100;
    boolean isTeen = tens > 10 && tens < 14;
    return n + (isTeen ? "th" : n % 10 == 1 ? "st" : n % 10 == 2 ? "nd" : n % 10 == 3 ? "rd" : "th");
  }

  /** How often: once, twice, 3 times. */
  public static String times(long n) {
    return n == 1 ? "once" : n == 2 ? "twice" : n + " times";
  }

  public static String trimmed(double value) {
    return BigDecimal.valueOf(value).setScale(1, RoundingMode.HALF_UP).stripTrailingZeros().toPlainString();
  }

  /** The sentence with its first letter as a capital. */
  public static String capital(String text) {
    return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
  }

  /** A name in the middle of a sentence. */
  public static String low(String name) {
    return name.toLowerCase(Locale.ROOT);
  }

  /** A sentence as a part of another. */
  public static String uncapital(String words) {
    return words.isEmpty() ? words : Character.toLowerCase(words.charAt(0)) + words.substring(1);
  }

  /** Named one after the other: "a, b and c". */
  public static String all(List<String> words) {
    int last = words.size() - 1;
    return last < 1 ? String.join("", words) : String.join(", ", words.subList(0, last)) + " and " + words.get(last);
  }
}
