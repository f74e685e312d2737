package ruxel.core.wearer;

/** A measure of the wearer in mm, as a tape takes it, with its bounds; always asked, never guessed (handbook 10). */
public enum Measure {
  CHEST("Chest", 300, 2000),
  HIP("Hip", 300, 2200),
  HEAD("Head", 300, 800),
  UPPER_ARM("Upper arm", 80, 800),
  HAND("Hand, round the knuckles", 80, 400),
  BACK_TO_WRIST("Centre back to wrist", 200, 1300),
  OVER_HEAD("Over the head, neck to neck", 400, 1200);

  private final String words;
  private final double least;
  private final double most;

  Measure(String words, double least, double most) {
    this.words = words;
    this.least = least;
    this.most = most;
  }

  public String words() {
    return words;
  }

  public double least() {
    return least;
  }

  public double most() {
    return most;
  }
}
