package ruxel.app.garment;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;

/** The made-up garments of a lantern parade in a harbour town, as garment files. */
public enum DemoGarments {
  CARDIGAN("lamplighters-cardigan.json"),
  PULLOVER("tide-bell-pullover.json"),
  JACKET("fog-horn-jacket.json"),
  NOTCHED("net-menders-jacket.json"),
  SET_IN("bell-ringers-blouse.json"),
  SLEEVELESS("lantern-carriers-tunic.json"),
  JOINED_AS_WORKED("ropewalk-top.json"),
  WIDE("sail-loft-drape.json"),
  GROWN_ON("harbour-steps-jacket.json"),
  SIDEWAYS("tide-table-jacket.json"),
  SQUARES("quay-lamp-squares.json"),
  SQUARE_HALVES("small-lantern-jacket.json"),
  HEXAGONS("pier-head-jacket.json"),
  FOLDED_SQUARE("fog-bank-wrap.json");

  private final String name;

  DemoGarments(String name) {
    this.name = name;
  }

  public byte[] file() {
    try (InputStream in = DemoGarments.class.getResourceAsStream("/demo/" + name)) {
      return in.readAllBytes();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
