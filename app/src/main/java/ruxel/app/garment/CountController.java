package ruxel.app.garment;

import java.util.Arrays;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ruxel.core.measure.Counting;
import ruxel.core.measure.Corner;
import ruxel.core.measure.Counting.Total;

/** Help with counting an edge: a total and its sum, shown before it is used. */
@RestController
@RequestMapping(path = "/api/count", produces = MediaType.APPLICATION_JSON_VALUE)
class CountController {
  /** The ways of counting. */
  enum Way {
    IN_TWOS,
    REPEATED,
    TURNING_CHAIN,
    FOUNDATION,
    SQUARE,
    BANDS
  }

  /** What was counted; which numbers matter depends on the way. */
  record Counted(Way way, int first, int each, int more, int after, boolean flag, Corner corner) {}

  record CornerChoice(Corner corner, String words) {}

  @GetMapping("/corners")
  List<CornerChoice> corners() {
    return Arrays.stream(Corner.values()).map(corner -> new CornerChoice(corner, corner.words())).toList();
  }

  @PostMapping
  Total total(@RequestBody Counted c) {
    return switch (c.way()) {
      case IN_TWOS -> Counting.inTwos(c.first(), c.flag());
      case REPEATED -> Counting.repeated(c.first(), c.each(), c.more(), c.after());
      case TURNING_CHAIN -> Counting.withTurningChain(c.first(), c.flag());
      case FOUNDATION -> Counting.foundationChain(c.first(), c.each(), c.flag());
      case BANDS -> Counting.byBands(c.first(), c.more(), c.each(), c.after());
      case SQUARE -> Counting.squareSide(c.first(), c.corner());
    };
  }
}
