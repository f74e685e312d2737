package ruxel.app;

import java.util.List;

/** What the maker typed after {@code demo} or {@code start}. */
record ServeOptions(boolean demo, boolean fresh, int port) {
  static ServeOptions parse(List<String> words, int usualPort) {
    boolean demo = "demo".equals(words.get(0));
    boolean fresh = demo && words.contains("--fresh");
    int flag = words.indexOf("--port");
    int port = flag < 0 ? usualPort : portAt(words, flag + 1);
    return new ServeOptions(demo, fresh, port);
  }

  private static int portAt(List<String> words, int index) {
    String text = index < words.size() ? words.get(index) : "";
    if (!text.matches("\\d{1,5}") || Integer.parseInt(text) > 65535) {
      throw new IllegalArgumentException("Expected a port after --port, got (" + text + "), for example --port 9000");
    }
    return Integer.parseInt(text);
  }
}
