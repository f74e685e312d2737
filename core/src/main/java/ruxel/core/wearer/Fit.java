package ruxel.core.wearer;

/** How closely a garment is to sit; the wearing ease of each is a house rule (handbook 10). */
public enum Fit {
  CLOSE("close"),
  EASY("easy"),
  LOOSE("loose");

  private final String words;

  Fit(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
