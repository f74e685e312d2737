package ruxel.core.measure;

import java.util.regex.Pattern;

/** What an id of a piece, edge, seam or mark looks like. */
public final class Ids {
  private static final Pattern FORM = Pattern.compile("[A-Za-z0-9][A-Za-z0-9._~-]{0,99}");

  private Ids() {}

  public static boolean isWellFormed(String id) {
    return FORM.matcher(id).matches();
  }
}
