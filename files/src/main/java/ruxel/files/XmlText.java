package ruxel.files;

/** Text for documents of the XML family, which know no control characters but tab and line ends. */
final class XmlText {
  private static final int REPLACEMENT = 0xFFFD;

  private XmlText() {}

  /** Characters that such a document cannot hold, each shown as one that says so. */
  static String clean(String text) {
    return text.codePoints()
        .map(point -> isAllowed(point) ? point : REPLACEMENT)
        .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
        .toString();
  }

  private static boolean isAllowed(int point) {
    return point == '\t' || point == '\n' || point == '\r' || point >= 0x20 && point <= 0xD7FF || point >= 0xE000 && point <= 0xFFFD || point >= 0x10000;
  }
}
