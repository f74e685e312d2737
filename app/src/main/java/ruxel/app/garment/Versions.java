package ruxel.app.garment;

import java.util.Optional;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import ruxel.app.web.Problems;

/** Versions as they travel: as ETag with what is read, as If-Match with what is written. */
final class Versions {
  private Versions() {}

  static <T> ResponseEntity<T> tagged(int version, T body) {
    // Work moves on without a new version, so that a kept copy would be out of date.
    return ResponseEntity.ok().cacheControl(CacheControl.noStore()).eTag("\"" + version + "\"").body(body);
  }

  /**
   * The version a write is based on; −1, which is no version, for a tag that is none of ours.
   *
   * @throws Problems.NoVersion when none is named
   */
  static int required(Optional<String> ifMatch) {
    String tag = tag(ifMatch);
    return tag.matches("\\d{1,9}") ? Integer.parseInt(tag) : -1;
  }

  /** The same where it is not a number. */
  static String tag(Optional<String> ifMatch) {
    return ifMatch.orElseThrow(Problems.NoVersion::new).replaceAll("^(W/)?\"|\"$", "");
  }
}
