package ruxel.core.finding;

/**
 * The one catalogue of findings (model 6): severity, sentence and remedy. Words in braces are facts
 * of the finding.
 */
public enum FindingCode {
  // Files
  NOT_JSON(Severity.ERROR, "This is not JSON: {detail}.", "Choose a garment file that was saved by Ruxel, or mend the text there."),
  TOO_BIG(Severity.ERROR, "The file has {bytes} bytes; at most {most} are read.", "Split the garment or leave out long notes."),
  WRONG_FORMAT(Severity.ERROR, "This is not a garment file: format is ({value}).", "The format must be \"ruxel-garment\"."),
  LATER_VERSION(Severity.ERROR, "The file is of version {value}; this program reads up to version {most}.", "Open it with a newer Ruxel."),
  SCHEMA(Severity.ERROR, "{detail}.", "Compare the place with docs/garment-file.md."),
  TEXT_CONTROL(Severity.ERROR, "A text holds a character that cannot be kept (U+0000, or half of a pair).", "Take it out."),
  REPEATED_ID(Severity.ERROR, "The id ({value}) stands twice.", "Give each its own id."),
  MORE(Severity.ERROR, "And {more} more.", "Mend these first, then read the file again."),

  // Answers
  ANSWER_UNKNOWN(Severity.ERROR, "There is no question ({value}) in this construction.", "Remove the answer."),
  ANSWER_NOT_NUMBER(Severity.ERROR, "{question}: a number is expected, got ({value}).", "Type a number."),
  ANSWER_NOT_WHOLE(Severity.ERROR, "{question}: stitches and rows are whole, got ({value}).", "Type a whole number."),
  ANSWER_OUT_OF_RANGE(Severity.ERROR, "{question}: {value} is outside {least} to {most}.", "Count again and type a number in between."),
  ANSWER_NOT_CHOICE(Severity.ERROR, "{question}: ({value}) is none of {choices}.", "Choose one of them."),
  SHOULDERS_TOO_WIDE(Severity.ERROR, "Two shoulders of {shoulder} take {both} of the back's {back} stitches; no neck is left.", "Make each shoulder at most {most} stitches, or the back wider."),
  SHOULDER_WIDER_THAN_FRONT(Severity.ERROR, "The shoulder has {shoulder} stitches, the front only {front}.", "Make the shoulder at most {front} stitches, or the front wider."),
  ARMHOLE_TOO_LONG(Severity.ERROR, "The armhole has {armhole} rows, the body only {body} above its ribbing.", "Make the armhole at most {most} rows, or the body longer."),
  NECK_TOO_DEEP(Severity.ERROR, "The neck is {neck} rows deep, the body only {body} above its ribbing.", "Make the neck at most {most} rows deep."),
  NECK_CENTRE_TOO_WIDE(Severity.ERROR, "{centre} stitches are left at the centre, but the neck has only {neck}.", "Leave at most {neck}."),
  NECK_LOPSIDED(Severity.ERROR, "The neck has {neck} stitches with {centre} left at the centre: {rest} cannot be shared between two sides.", "Leave {lower} or {higher} at the centre."),

  // Pieces and edges
  UNKNOWN_PIECE(Severity.ERROR, "There is no piece ({value}).", "Name one of {choices}."),
  UNKNOWN_EDGE(Severity.ERROR, "The piece {piece} has no edge ({value}).", "Name one of {choices}."),
  UNKNOWN_RUN(Severity.ERROR, "The edge {edge} of {piece} has no run ({value}).", "Name one of {choices}."),
  CUT_GONE(Severity.ERROR, "The place {offset} from the run's {end} no longer exists: {run} has only {count}.", "Set it anew."),
  OUTLINE_OPEN(Severity.WARNING, "The outline of {piece} does not close: {gap} are missing between its last edge and its first.", "Opposite edges have different counts: count them again."),
  LENGTHS_DIFFER(Severity.WARNING, "The edge {edge} of {piece} measures {measured}, its count and gauge say {gauge}.", "Count, gauge or tape is wrong: check all three."),
  TOO_MANY(Severity.ERROR, "The garment has {count} {what}; at most {most} are worked with.", "Part it into two garments."),
  TOO_MANY_RUNS(Severity.ERROR, "The edge {edge} of {piece} is told in {count} parts; at most {most} are worked with.", "Put like parts together."),
  TOO_MANY_UNITS(Severity.ERROR, "The edge {edge} of {piece} has {count} stitches or rows; at most {most} are worked with.", "Count again."),

  // Seams
  SPAN_EMPTY(Severity.ERROR, "A span of {seam} on {piece}, {edge} holds nothing: it starts at {from} and ends at {to}.", "Let it end after its start."),
  SPANS_OVERLAP(Severity.ERROR, "{first} and {second} both take {count} of the same stitches or row ends on {piece}, {edge}.", "Let one end where the other begins."),
  SIDE_BROKEN(Severity.ERROR, "In {seam}, {first} and {second} do not meet: no other seam brings them together.", "Add the seam between them, or part the side in two."),
  SETTING_GONE(Severity.WARNING, "A decision about {what} no longer has its place.", "Put the answer back, or remove the decision."),
  UNKNOWN_METHOD(Severity.ERROR, "There is no joining method ({value}).", "Name one of {choices}."),
  METHOD_NEVER(Severity.ERROR, "{method} is not for this seam: {reason}", "{instead}"),
  ANCHOR_OFF_SEAM(Severity.ERROR, "The anchor {anchor} does not lie on {seam}.", "Put it on a place of the seam."),
  ANCHOR_HALF(Severity.ERROR, "The anchor {anchor} would join a place to the border between two places.", "Put it on {before} or {after}."),
  ANCHORS_CROSS(Severity.ERROR, "The anchors {first} and {second} cross or fall together.", "Move one of them to the other side."),
  EMPTY_INTERVAL(Severity.ERROR, "Between {first} and {second} one side has {count} places and the other none.", "Move one of the two anchors."),
  TOO_LARGE(Severity.ERROR, "{seam} has {a} places on {b}: too many to plan at once.", "Put an anchor in its middle."),
  SHOULDER_UNEQUAL(Severity.WARNING, "{seam}: {a} stitches meet {b}. Shoulders are made equal.", "Count both again; more than one stitch is not eased here."),
  ROWS_DIFFER(Severity.WARNING, "{seam}: from {start} to {end} {a} row ends meet {b}. Rows on rows are joined one to one; the difference is {gap}.", "Count the rows of both again before you join; a row too few is found or worked sooner than it is eased."),
  TWINS_DIFFER(Severity.WARNING, "{piece} and {twin} are not alike: {count} {units} and {other} at the {edge}; that is {gap}.", "Count both again; left and right should be worked alike."),
  COUNTS_DIFFER(Severity.ERROR, "{seam}: from {start} to {end} {a} places meet {b}, and its surplus may go nowhere.", "Make the counts equal, or let the surplus go somewhere: the repairs show how."),
  SKIP_STITCHES(Severity.ERROR, "{seam}: from {start} to {end} {a} places meet {b}; stitches are never passed over.", "Take two into one instead: let the surplus go evenly or to one end."),
  SKIP_TOO_MANY(Severity.ERROR, "{seam}: from {start} to {end} {a} places meet {b}; too many would have to be passed over in a row.", "Take several into one instead, or join less of the longer side."),
  LOCAL_SURPLUS(Severity.NOTE, "{seam}: between {start} and {end} the {longer} is {gap} longer, far more than elsewhere.", "Pin this stretch first, or move the anchor beside it."),
  HELD_BACK(Severity.NOTE, "{seam}: from {start} to {end} {rows} rows are still held back; the counts meet once they are worked.", "Nothing to do now."),
  PHASE_OFF(Severity.WARNING, "{seam}: {met} of {count} {marks} meet; the worst misses by {places} ({gap}).", "See the repairs of this seam: begin elsewhere, or pin them together."),
  LANDMARK_GONE(Severity.WARNING, "{mark} lies outside {edge} of {piece}: it starts at {at}, the edge has {count}.", "Move it onto the edge, or remove it."),
  LANDMARK_TOO_LONG(Severity.WARNING, "{mark} on {edge} of {piece} comes back every {every}, {times} times: that is {length}, the edge has {count}.", "Let it come back fewer times, or count again."),
  GAP(Severity.NOTE, "In {seam} the joints lie {gap} apart and could leave gaps.", "Take two places of each row."),
  OFF_CENTRE(Severity.WARNING, "In {seam} the middle of {piece} lies {gap} from the shoulder.", "Move the anchor at the shoulder, or check that the piece is not upside down."),

  // The garment as a whole
  TURNED(Severity.ERROR, "{piece} shows its wrong side: it is turned over at {seam}.", "Turn the piece over, or give one side of the seam the other direction."),
  NO_RIGHT_SIDE(Severity.ERROR, "Not every right side can be outside: {seam} closes a half twist.", "Untwist one of the pieces before joining."),
  HANDLE(Severity.ERROR, "{seam} joins two openings to each other; they belong to different ends of the garment.", "Check that both its sides are the edges you mean."),
  SPANS_TOO_FINE(Severity.ERROR, "{seam}: its sides have {a} and {b} stretches, more than the other side has stitches or rows to meet them.", "Put short stretches together, or count again."),
  SEWN_SHUT(Severity.ERROR, "{opening} is sewn shut by {seam}.", "Leave it open, or remove that seam."),
  OPENING_UNPLANNED(Severity.NOTE, "The garment has {count} openings; {expected} are usual for it.", "Look whether a seam is missing."),

  // Changes
  ID_FORM(Severity.ERROR, "An id is a letter or digit and then letters, digits, dots, dashes, underlines and ~, 100 characters at most; ({value}) is not.", "Choose another."),
  ID_TAKEN(Severity.ERROR, "The id ({value}) stands for something else already.", "Choose another."),
  LABEL_LENGTH(Severity.ERROR, "{edge} of {piece}, part {part}: a label has at most {most} characters, this one {count}.", "Shorten it."),
  PLACES_PER_ROW(Severity.ERROR, "A row end gives 1 to 3 places, got ({value}).", "Choose 1, 2 or 3, or leave it to the height of the row."),
  KEY_USED(Severity.ERROR, "A request with this key was carried out already, and it asked for something else.", "Send each request with a key of its own."),
  KEY_LENGTH(Severity.ERROR, "A key has at most {most} characters, this one {count}.", "Shorten it."),
  TOO_MANY_CHANGES(Severity.ERROR, "At most {most} changes are made at once, these are {count}.", "Send them in several requests."),
  NO_RECIPE(Severity.ERROR, "This garment is given piece by piece; it has no answers to change.", "Change its pieces themselves."),
  NAME_LENGTH(Severity.ERROR, "A name has 1 to {most} characters, this one {count}.", "Shorten it."),
  COUNT_OUT_OF_RANGE(Severity.ERROR, "A count is a whole number from {least} to {most}, got ({value}).", "Count again."),
  LENGTH_OUT_OF_RANGE(Severity.ERROR, "{edge} of {piece}: a length of {value} mm is outside {least} to {most} mm.", "Measure again, or leave the field empty."),
  RUN_PARTS(Severity.ERROR, "{edge} of {piece}: a run is told in 1 to {most} parts, got {count}.", "Put like parts together."),
  PART_WIDTH(Severity.ERROR, "{edge} of {piece}, part {part}: a unit is {least} to {most} mm wide, got {value} mm.", "Type the width of one stitch, row or space."),
  PART_KIND(Severity.ERROR, "{edge} of {piece}, part {part}: ({value}) belongs to a corner or a seam, not to an edge.", "Choose stitches, foundation loops, row ends or chain spaces."),
  LEAN_RANGE(Severity.ERROR, "A lean is at most {most} mm to either side, got ({value}).", "Measure again, with the piece lying flat."),
  EDGING_RANGE(Severity.ERROR, "{edge} of {piece}: edging takes 1 to {rows} rows, each {least} to {most} mm high, in {runs} to {count} stitches.", "Type numbers in between."),
  LANDMARK_OUTSIDE(Severity.ERROR, "{edge} of {piece} has {count} stitches or rows; {mark} would lie at {at}.", "Choose a place from 0 to {count}."),
  LANDMARK_OVERLONG(Severity.ERROR, "{mark} comes back every {every} and would need {length}; {edge} of {piece} has only {count}.", "Let it come back at most {most} times."),
  MARKER_LENGTH(Severity.ERROR, "A marker's colour has at most {colour} characters, when to take it out at most {count}.", "Shorten it."),
  FULLNESS_RANGE(Severity.ERROR, "A fullness is 0 to {most} percent, got {value} percent.", "Type how much longer the gathered side is."),
  NOTE_LENGTH(Severity.ERROR, "A note has 1 to {most} characters, this one {count}.", "Shorten it."),
  DEPTH_OUT_OF_RANGE(Severity.ERROR, "A depth of {value} mm is outside {least} to {most} mm.", "Measure again."),
  HANDLE_UNKNOWN(Severity.ERROR, "There is nothing to drag called ({value}).", "Name one of {choices}."),
  UNKNOWN_SEAM(Severity.ERROR, "There is no seam ({value}).", "Name one of {choices}."),
  UNKNOWN_ANCHOR(Severity.ERROR, "The seam {seam} has no anchor ({value}).", "Name one of {choices}."),
  CHANGE_INCOMPLETE(Severity.ERROR, "The change {kind} needs {missing}.", "Send it with the change."),
  STEP_TOO_EARLY(Severity.ERROR, "{seam} comes after {first}: that brings its ends together.", "Join {first} first."),
  STEP_FORBIDDEN(Severity.ERROR, "The {seam} cannot come before the {first}. {why}", "Leave it behind the {first}."),
  STEP_FINISHED(Severity.ERROR, "{seam} is joined already; finished steps keep their place.", "Move only steps that are still to come."),
  PIECE_TOO_FAR(Severity.ERROR, "A piece is moved at most {most}.", "Move it less far, or put it back in its place."),
  BEGUN_WITHOUT_PIECES(Severity.ERROR, "{seam} is begun at the bench; this would take it away.", "Undo that seam at the bench first."),
  ARCHIVED(Severity.ERROR, "{name} is in the archive.", "Put it back on the shelf, then change it."),
  NOTHING_TO_UNDO(Severity.ERROR, "There is nothing to undo.", "Go on from here."),
  NOTHING_TO_REDO(Severity.ERROR, "There is nothing to do again.", "Go on from here."),
  ORDER_CIRCLE(Severity.ERROR, "{seams} each wait for the other.", "Part one of the seams in two.");

  /** What a finding does to the garment. */
  public enum Severity {
    ERROR,
    WARNING,
    NOTE
  }

  private final Severity severity;
  private final String sentence;
  private final String remedy;

  FindingCode(Severity severity, String sentence, String remedy) {
    this.severity = severity;
    this.sentence = sentence;
    this.remedy = remedy;
  }

  public Severity severity() {
    return severity;
  }

  String sentence() {
    return sentence;
  }

  String remedy() {
    return remedy;
  }
}
