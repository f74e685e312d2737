package ruxel.core.finding;

/**
 * The one catalogue of findings (model 6): level, sentence and remedy. Words in braces are facts
 * of the finding.
 */
public enum FindingCode {
  // Files
  NOT_JSON(Level.DECIDE_FIRST, "This is not JSON: {detail}.", "Choose a garment file that was saved by Ruxel, or mend the text there."),
  TOO_BIG(Level.DECIDE_FIRST, "The file has {bytes} bytes; at most {most} are read.", "Split the garment or leave out long notes."),
  WRONG_FORMAT(Level.DECIDE_FIRST, "This is not a garment file: format is ({value}).", "The format must be \"ruxel-garment\"."),
  LATER_VERSION(Level.DECIDE_FIRST, "The file is of version {value}; this program reads up to version {most}.", "Open it with a newer Ruxel."),
  SCHEMA(Level.DECIDE_FIRST, "{detail}.", "Compare the place with docs/garment-file.md."),
  TEXT_CONTROL(Level.DECIDE_FIRST, "A text holds a character that cannot be kept (U+0000, or half of a pair).", "Take it out."),
  REPEATED_ID(Level.DECIDE_FIRST, "The id ({value}) stands twice.", "Give each its own id."),
  MORE(Level.DECIDE_FIRST, "And {more} more.", "Mend these first, then read the file again."),

  // Answers
  ANSWER_UNKNOWN(Level.DECIDE_FIRST, "There is no question ({value}) in this construction.", "Remove the answer."),
  ANSWER_NOT_NUMBER(Level.DECIDE_FIRST, "{question}: a number is expected, got ({value}).", "Type a number."),
  ANSWER_NOT_WHOLE(Level.DECIDE_FIRST, "{question}: stitches and rows are whole, got ({value}).", "Type a whole number."),
  ANSWER_OUT_OF_RANGE(Level.DECIDE_FIRST, "{question}: {value} is outside {least} to {most}.", "Count again and type a number in between."),
  ANSWER_NOT_CHOICE(Level.DECIDE_FIRST, "{question}: ({value}) is none of {choices}.", "Choose one of them."),
  SHOULDERS_TOO_WIDE(Level.DECIDE_FIRST, "Two shoulders of {shoulder} take {both} of the back's {back} stitches; no neck is left.", "Make each shoulder at most {most:stitches}, or the back wider."),
  SHOULDER_WIDER_THAN_FRONT(Level.DECIDE_FIRST, "The shoulder has {shoulder:stitches}, the front only {front}.", "Make the shoulder at most {front:stitches}, or the front wider."),
  SHAPING_TOO_LONG(Level.DECIDE_FIRST, "{shaped:rows} get narrower, but there are only {rows}.", "Let at most {rows:rows} get narrower."),
  SHAPING_WITHOUT_ROWS(Level.DECIDE_FIRST, "{count:stitches} are to be left in no row at all.", "Tell in how many rows, or leave them with the stitches of the underarm."),
  NOTCH_TOO_HIGH(Level.DECIDE_FIRST, "{notch:rows} of the sleeve are to sit in the notch, the sleeve has only {rows}.", "Let fewer rows sit in the notch, or make the sleeve longer."),
  CAP_TOO_NARROW(Level.DECIDE_FIRST, "The cap leaves {off:stitches} of each side, {both} in all, of {widest}; nothing stays at its top.", "Leave fewer, or make the sleeve wider."),
  FRONT_NOT_WIDER(Level.DECIDE_FIRST, "The front has {front:stitches}, the back {back}; nothing is left to hang.", "Make the front wider than the back, or choose another construction."),
  ARMHOLE_LONGER_THAN_SIDE(Level.DECIDE_FIRST, "The armhole has {armhole:stitches}, the whole side only {body}.", "Make the armhole shorter, or the body longer."),
  RIBS_TAKE_NECK(Level.DECIDE_FIRST, "Two shoulders of {shoulder} ribs take all {back} of the back; no neck is left.", "Repeat the rib more often for the back, or less often for each front."),
  WALK_STEPS(Level.DECIDE_FIRST, "A walk round a piece has {least} to {most} edges, this one {count}.", "Tell each edge once."),
  WALK_STEP(Level.DECIDE_FIRST, "Edge {number} of the walk cannot be: it needs a name of its own, 1 to {most} stitches or rows of 0.5 to 300 mm, and a turn of at most 180°.", "Mend that edge."),
  WALK_OPEN(Level.DECIDE_FIRST, "The walk ends {gap} from where it began.", "{remedy}."),
  WALK_CROSSES(Level.DECIDE_FIRST, "{first} and {second} cross each other.", "Look at the turns between them."),
  WALK_RIGHT_HAND(Level.DECIDE_FIRST, "The walk goes round with the piece at its right hand.", "Turn to the left at its corners, so that the piece lies at your left."),
  NOT_YOUR_OWN(Level.DECIDE_FIRST, "{value} comes from the construction, not from you.", "Turn it into a piece of your own first."),
  NOT_OF_CONSTRUCTION(Level.DECIDE_FIRST, "{value} is not a seam of the construction.", "Only those can be put back as they were; make others by hand."),
  YOUR_OWN_ALREADY(Level.DECIDE_FIRST, "{piece} is a piece of your own already.", "Walk round it anew to change it."),
  LAST_PIECE(Level.DECIDE_FIRST, "This is the only piece of the garment.", "Add another one first, or put the garment into the archive."),
  SEAM_WITHOUT_TWIN(Level.DECIDE_FIRST, "Not every piece of {seam} has a mirror image.", "Mirror the pieces first, or join the other side by hand."),
  SEAM_NOT_PARTED(Level.DECIDE_FIRST, "{seam} cannot be parted at {anchor}: it is a stitch or an end, not a border between two.", "Choose another anchor, or pin one between two stitches."),
  SEAM_END_NOWHERE(Level.DECIDE_FIRST, "{seam} cannot end there: nothing of it would be joined, or nothing of one side would stay open.", "End it further in, or join it to its end."),
  END_BY_EARLIER_PLAN(Level.DECIDE_FIRST, "It is worked by an earlier plan than today\u2019s: its places are others.", "Work it to its end, or undo it and take it to the bench anew."),
  SEAM_ENDED(Level.NOTE, "{seam} goes from {start} to {end}; the rest of it stays open.", "Join it to its end again, if that was not meant."),
  SEAM_WITH_ITSELF(Level.DECIDE_FIRST, "A seam cannot be put together with itself.", "Choose another one that goes on where it ends."),
  SEAM_WITHOUT_SIDE(Level.DECIDE_FIRST, "A seam joins two sides.", "Choose an edge for each side."),
  SLIT_TOO_LONG(Level.DECIDE_FIRST, "Slits of {slit} leave nothing to join of a side of {side}.", "Make them shorter, or the side longer."),
  ARMHOLE_TOO_LONG(Level.DECIDE_FIRST, "The armhole has {armhole:rows}, the body only {body} above its ribbing.", "Make the armhole at most {most:rows}, or the body longer."),
  SQUARES_ARMHOLE(Level.DECIDE_FIRST, "The armhole is {armhole} half squares deep, the body only {body}.", "Make it at most {most}."),
  SQUARES_STOP_EMPTY(Level.DECIDE_FIRST, "Half of a square with {n:stitches} holds none for the {which}.", "Let the armhole stop between two squares, or give the middle stitch to the {which}."),
  SQUARES_NO_NECK(Level.DECIDE_FIRST, "Two shoulders take {both:squares} of the back's {back}; no neck is left.", "Make each shoulder at most {most:squares}, or the back wider."),
  SQUARES_FRONT_NARROW(Level.DECIDE_FIRST, "A front of {front:squares} is narrower than its shoulder of {shoulder}.", "Make the front wider, or the shoulders narrower."),
  SQUARES_SLEEVE_DEEP(Level.DECIDE_FIRST, "The sleeve begins {sleeve:squares} below the shoulder, the body is only {body} long.", "Make it at most {most} deep."),
  SQUARES_NECK_WIDE(Level.DECIDE_FIRST, "The neck takes {neck} of the {body:squares} across half the body.", "Make it at most {most} wide."),
  SQUARES_NECK_DEEP(Level.DECIDE_FIRST, "The neck is {neck:squares} deep, the body {body}.", "Make the neck at most {most} deep."),
  FOLD_PARITY(Level.DECIDE_FIRST, "Folded {lies}, a side of {n:stitches} does not lie on itself.", "Take {lower} or {higher} stitches, or fold it the other way."),
  FOLD_PAIR(Level.DECIDE_FIRST, "The marked pair is the {pair}. from the fold; a layer has {half:stitches} there, and nothing would be left to be joined.", "Mark at most the {most}."),
  HEXAGON_NECK(Level.DECIDE_FIRST, "The neck takes {neck} of the {side:stitches} over each sleeve.", "Leave at most {most}."),
  HOOD_ODD(Level.DECIDE_FIRST, "The top of a hood of {n} {what} is folded and sewn to itself: a stitch in the middle would be left over.", "Take {lower} or {higher}."),
  HOOD_DOWN(Level.DECIDE_FIRST, "The hood takes {down} of each front edge, and there are fewer below the neck.", "Let it take at most {most}."),
  HOOD_DOWN_PULLOVER(Level.DECIDE_FIRST, "A pullover has no front edges for the hood to run down.", "Take 0, or make it a cardigan."),
  HOOD_WITHOUT_NECK(Level.DECIDE_FIRST, "A hood is sewn along the neck, and this neck is only a slit between the fronts.", "Leave at least one square of each half for the neck, or make it without a hood."),
  NECK_TOO_DEEP(Level.DECIDE_FIRST, "The neck is {neck:rows} deep, the body only {body} above its ribbing.", "Make the neck at most {most:rows} deep."),
  SHOULDER_STEPS(Level.DECIDE_FIRST, "A shoulder of {shoulder:stitches} cannot be worked in {steps} steps.", "At most one step for each stitch."),
  NECK_CENTRE_TOO_WIDE(Level.DECIDE_FIRST, "With {centre:stitches} left at the centre the neck would need as many; it has only {neck}.", "Leave at most {neck}."),
  NECK_LOPSIDED(Level.DECIDE_FIRST, "The neck has {neck:stitches} with {centre} left at the centre: {rest} cannot be shared between two sides.", "Leave {lower} or {higher} at the centre."),

  // Pieces and edges
  UNKNOWN_PIECE(Level.DECIDE_FIRST, "There is no piece ({value}).", "Name one of {choices}."),
  UNKNOWN_EDGE(Level.DECIDE_FIRST, "The piece {piece} has no edge ({value}).", "Name one of {choices}."),
  UNKNOWN_RUN(Level.DECIDE_FIRST, "The edge {edge} of {piece} has no run ({value}).", "Name one of {choices}."),
  CUT_GONE(Level.DECIDE_FIRST, "The place {offset} from the run's {end} no longer exists: {run} has only {count}.", "Set it anew."),
  OUTLINE_OPEN(Level.LOOK_FIRST, "The outline of {piece} does not close: {gap} are missing between its last edge and its first.", "Opposite edges have different counts: count them again."),
  HEXAGON_FLAT(Level.LOOK_FIRST, "{piece} measures {middle} from its middle to the middle of a side of {side}: {share} of it, where half is right. It lies too flat and will pull at the underarm.", "Work more stitches into each round, or lower ones, until it ripples."),
  HEXAGON_SIDES(Level.LOOK_FIRST, "The sides of {piece} have {least} to {most:stitches}; those of a hexagon are equal.", "Count them again, each from corner to corner."),
  LAYERS_DIFFER(Level.DECIDE_FIRST, "{piece}, {edge}: {upper} from the fold on the upper layer and {lower} on the lower one.", "Count both layers again from the fold; move the marker of one."),
  BACK_NECK_NARROW(Level.LOOK_FIRST, "The shoulders leave {neck} for the back neck; it should have {least}.", "Take stitches from both shoulders, or change the house rule: for a child 8 cm will do."),
  LENGTHS_DIFFER(Level.LOOK_FIRST, "The edge {edge} of {piece} measures {measured}, its count and gauge say {gauge}.", "Count, gauge or tape is wrong: check all three."),
  TOO_MANY(Level.DECIDE_FIRST, "The garment has {count} {what}; at most {most} are worked with.", "Part it into two garments."),
  TOO_MANY_RUNS(Level.DECIDE_FIRST, "The edge {edge} of {piece} is told in {count} parts; at most {most} are worked with.", "Put like parts together."),
  TOO_MANY_UNITS(Level.DECIDE_FIRST, "The edge {edge} of {piece} has {count} stitches or rows; at most {most} are worked with.", "Count again."),

  // Seams
  SPAN_EMPTY(Level.DECIDE_FIRST, "A span of {seam} on {piece}, {edge} holds nothing: it starts at {from} and ends at {to}.", "Let it end after its start."),
  SPANS_OVERLAP(Level.DECIDE_FIRST, "{first} and {second} both take {count} of the same stitches or row ends on {piece}, {edge}.", "Let one end where the other begins."),
  SIDE_BROKEN(Level.DECIDE_FIRST, "In {seam}, {first} and {second} do not meet: no other seam brings them together.", "Add the seam between them, or part the side in two."),
  SETTING_GONE(Level.LOOK_FIRST, "A decision about {what} no longer has its place.", "Put the answer back, or remove the decision."),
  LEFT_GONE(Level.NOTE, "What was left so no longer stands as it did: {reason}.", "Nothing to do; it is asked again where the figures have changed."),
  FIGURE_RANGE(Level.DECIDE_FIRST, "{what}: {least} to {most} is possible, got {value}.", "Look at the label or the tape and type it again."),
  WORDS_LENGTH(Level.DECIDE_FIRST, "{what} takes at most {most} characters, got {count}.", "Say it shorter."),
  UNKNOWN_YARN(Level.DECIDE_FIRST, "There is no yarn ({value}).", "Name one of {choices}."),
  TAIL_RANGE(Level.DECIDE_FIRST, "A tail to be joined with is {least} to {most} long.", "Measure it again; leave it out where none was left."),
  FACTOR_RANGE(Level.DECIDE_FIRST, "A seam of at least {least} takes 1 to {most} times its length of yarn.", "Measure the worked stretch and its yarn again, without the tails."),
  SCHOOL_OTHER(Level.DECIDE_FIRST, "({value}) answers another question.", "Choose one of {choices}."),
  WEAK_FOR_LOAD(Level.LOOK_FIRST, "{seam} carries {load} g/cm, and {method} is not strong.", "Take a strong method, or sew a stay along the wrong side, unstretched."),
  WISH_UNMET(Level.NOTE, "{seam} is to be {wish}, and no method that can be used here is.", "Take what comes nearest, or work another kind of edge."),
  LESS_YARN(Level.DECIDE_FIRST, "{yarn} runs out at the {seam}: {lacks} are missing for all seams that are to be joined with it.", "Buy more, choose a method that takes less, or join some seams with another yarn."),
  YARN_WITHOUT_LABEL(Level.LOOK_FIRST, "What is left of {yarn} was weighed, but metres and grams of a ball are not told.", "Tell both, so that grams become a length."),
  WEARER_LARGE(Level.LOOK_FIRST, "{what}: {found}, and {needed} would be enough.", "{remedy}"),
  WEARER_TIGHT(Level.LOOK_FIRST, "{what}: {found}, the wearer needs {needed}.", "{remedy}"),
  NECK_TOO_SMALL(Level.DECIDE_FIRST, "{what} stretches to {found}, the head needs {needed}: it does not pass.", "{remedy}"),
  REACH_OFF(Level.LOOK_FIRST, "From the centre of the back to the wrist {found}, the wearer measures {needed}.", "{remedy}"),
  MEASURES_CLASH(Level.LOOK_FIRST, "The wearer’s measures contradict each other: {first} and {second}.", "Take both again with the tape."),
  UNKNOWN_METHOD(Level.DECIDE_FIRST, "There is no joining method ({value}).", "Name one of {choices}."),
  ROW_BEYOND(Level.DECIDE_FIRST, "The {piece} has {rows} rows; there is no row {row}.", "Name a row from 1 to {rows}, counted from the {first} on."),
  LINE_TOO_EARLY(Level.DECIDE_FIRST, "This line is worked over those {first}, which are not joined yet.", "Join those first, or work it all the same."),
  FACING_NOT_ALLOWED(Level.DECIDE_FIRST, "{method} is not worked with the pieces {value}.", "Hold them {choices}; or choose another method."),
  DIRECTION_BY_ROW(Level.DECIDE_FIRST, "{seam} runs the way of its row, from {start} to {end}.", "Choose a method that joins two finished edges, or work the row from its other side."),
  METHOD_NEVER(Level.DECIDE_FIRST, "{method} is not for this seam: {reason}", "{instead}"),
  ANCHOR_OFF_SEAM(Level.DECIDE_FIRST, "The anchor {anchor} does not lie on {seam}.", "Put it on a place of the seam."),
  ANCHOR_HALF(Level.DECIDE_FIRST, "The anchor {anchor} would join a place to the border between two places.", "Put it on {before} or {after}."),
  ANCHORS_CROSS(Level.DECIDE_FIRST, "The anchors {first} and {second} cross or fall together.", "Move one of them to the other side."),
  EMPTY_INTERVAL(Level.DECIDE_FIRST, "Between {first} and {second} one side has {count:places} and the other none.", "Move one of the two anchors."),
  TOO_LARGE(Level.DECIDE_FIRST, "{seam} has {a:places} on {b}: too many to plan at once.", "Put an anchor in its middle."),
  SHOULDER_UNEQUAL(Level.DECIDE_FIRST, "{seam}: {a:stitches} {a?meets:meet} {b}. Shoulders are made equal.", "Count both again; a single stitch may be left so, more is mended."),
  ROWS_DIFFER(Level.DECIDE_FIRST, "{seam}: from {start} to {end} {a:row ends} {a?meets:meet} {b}. Rows on rows are joined one to one; the difference is {gap}.", "Count the rows of both again before you join; a row too few is found or worked sooner than it is eased."),
  TOPS_DIFFER(Level.DECIDE_FIRST, "{seam}: from {start} to {end} {a:stitches} {a?meets:meet} {b}. Stitch tops are joined one to one; one or two apart is most often a miscount.", "Count both again before you join."),
  EASE_TOO_MUCH(Level.DECIDE_FIRST, "{seam}: its sides are {share} apart, {gap} from {start} to {end}; that is more than can be eased.", "See the repairs of this seam, or make one side anew."),
  BAND_LONGER(Level.DECIDE_FIRST, "{seam}: {longer} is {gap} longer than the edge it goes on; a band is as long or a little shorter.", "Work fewer rows or stitches on it, or swap which side is meant to be fuller."),
  TWIN_RUN_MISSING(Level.DECIDE_FIRST, "{piece} has {label} at the {edge}; {twin} has nothing like it.", "Look whether it was left out there; left and right should be worked alike."),
  SIDES_DIFFER(Level.DECIDE_FIRST, "{piece} is not alike left and right: {count} {units} at the {edge} and {other} at the {opposite}; that is {gap}.", "Count both again; its two sides should be worked alike."),
  SEAMS_DIFFER(Level.DECIDE_FIRST, "{seam} and {twin} are not alike: {count} stitches and rows on {side} and {other} there.", "Count both again; left and right should be joined alike."),
  TWINS_DIFFER(Level.DECIDE_FIRST, "{piece} and {twin} are not alike: {count} {units} and {other} at the {edge}; that is {gap}.", "Count both again; left and right should be worked alike."),
  COUNTS_DIFFER(Level.DECIDE_FIRST, "{seam}: from {start} to {end} {a:places} {a?meets:meet} {b}, and its surplus may go nowhere.", "Make the counts equal, or let the surplus go somewhere: the repairs show how."),
  SKIP_STITCHES(Level.DECIDE_FIRST, "{seam}: from {start} to {end} {a:places} {a?meets:meet} {b}; a stitch would have to be passed over.", "Take two into one instead: let the surplus go evenly or to one end."),
  SKIP_TOO_MANY(Level.DECIDE_FIRST, "{seam}: from {start} to {end} {a:places} {a?meets:meet} {b}; too many would have to be passed over in a row.", "Take several into one instead, or join less of the longer side."),
  LOCAL_SURPLUS(Level.NOTE, "{seam}: between {start} and {end} the {longer} is {gap} longer, far more than elsewhere.", "Pin this stretch first, or move the anchor beside it."),
  HELD_BACK(Level.NOTE, "{seam}: from {start} to {end} {rows:rows} still held back; the counts meet once worked.", "Nothing to do now."),
  PHASE_OFF(Level.LOOK_FIRST, "{seam}: {met} of {count} {marks} meet; the worst misses by {places} ({gap}).", "See the repairs of this seam: begin elsewhere, or pin them together."),
  LANDMARK_GONE(Level.LOOK_FIRST, "{mark} lies outside {edge} of {piece}: it starts at {at}, the edge has {count}.", "Move it onto the edge, or remove it."),
  LANDMARK_TOO_LONG(Level.LOOK_FIRST, "{mark} on {edge} of {piece} comes back every {every}, {times} times: that is {length}, the edge has {count}.", "Let it come back fewer times, or count again."),
  GAP(Level.NOTE, "In {seam} the joints lie {gap} apart and could leave gaps.", "Take two places of each row."),
  OFF_CENTRE(Level.LOOK_FIRST, "In {seam} the middle of {piece} lies {gap} from the shoulder.", "Move the anchor at the shoulder, or check that the piece is not upside down."),

  // The garment as a whole
  TURNED(Level.DECIDE_FIRST, "{piece} shows its wrong side: it is turned over at {seam}.", "Turn the piece over, or give one side of the seam the other direction."),
  SQUARES_SHORT(Level.DECIDE_FIRST, "{count:squares} {count?is:are} lacking for the {piece}: the boards take {needed}, {made} are made.", "Make {count} more, or leave out as many."),
  COLOUR_SHORT(Level.DECIDE_FIRST, "{colourway} lies on {count:squares}, only {made} of it {made?is:are} made.", "Make {more} more, or place the colours anew."),
  SQUARES_ALIKE(Level.LOOK_FIRST, "Square {one} and square {other} are both {colourway}; {count:pairs} of neighbours {count?is:are} alike.", "Swap squares, or place the colours anew."),
  NO_COLOURWAY(Level.DECIDE_FIRST, "There is no colourway to place.", "Tell the colourways of your squares first."),
  NO_BOARD(Level.DECIDE_FIRST, "Nothing of this garment is made of squares.", "Place colours on a garment of squares."),
  NOT_OF_SQUARES(Level.DECIDE_FIRST, "{piece} is not made of squares.", "Name a board."),
  FOLDED_OUTLINE(Level.DECIDE_FIRST, "{piece} lies folded: its outline is that of its layers.", "Count the stitches of its sides, or make it anew with other numbers."),
  BOARD_OUTLINE(Level.DECIDE_FIRST, "{piece} is made of squares: its outline is theirs.", "Add squares, take some away, or count the stitches of their sides."),
  NO_SUCH_SQUARE(Level.DECIDE_FIRST, "There is no square {value} on this board.", "Name one by its row and column, counted from 1."),
  UNKNOWN_COLOURWAY(Level.DECIDE_FIRST, "There is no colourway ({value}).", "Name one of {choices}."),
  BOARD_LOOSE(Level.DECIDE_FIRST, "Square {value} does not hang together with the others by a side.", "Add the squares between, or make it a board of its own."),
  BOARD_HOLE(Level.DECIDE_FIRST, "The board has a hole beside square {value}.", "Fill the hole, or make it two boards."),
  BOARD_EDGES(Level.DECIDE_FIRST, "{count:edges} {count?is:are} named; the board has {edges}.", "Name each of its straight sides, counter-clockwise from the lowest, or none."),
  SQUARE_TAKEN(Level.DECIDE_FIRST, "Square {value} cannot be added: it is there already, or lies outside the grid, whose rows and columns begin with 1.", "Name a free place beside the board."),
  SQUARE_TWICE(Level.DECIDE_FIRST, "Square {value} is told twice.", "Leave one of them out."),
  MOTIFS_DIFFER(Level.LOOK_FIRST, "{seam} joins squares of {one} with squares of {other}.", "Count the places of both along a whole side; corners that are told apart give each seam its own."),
  NOT_TURNED(Level.DECIDE_FIRST, "{value} shows its right side in every seam.", "Nothing to turn over."),
  NO_RIGHT_SIDE(Level.DECIDE_FIRST, "Not every right side can be outside: {seams} {count?closes:close} a half twist{count?: together}.", "Untwist one of the pieces before joining."),
  HANDLE(Level.DECIDE_FIRST, "{seam} joins two openings to each other; they belong to different ends of the garment.", "Check that both its sides are the edges you mean."),
  SPANS_TOO_FINE(Level.DECIDE_FIRST, "{seam}: its sides have {a} and {b} stretches, more than the other side has stitches or rows to meet them.", "Put short stretches together, or count again."),
  SEWN_SHUT(Level.DECIDE_FIRST, "{opening} is sewn shut by {seam}.", "Leave it open, or remove that seam."),
  OPENING_SPLIT(Level.DECIDE_FIRST, "{opening} is partly joined by {seam}; {count} openings are left of it.", "Leave it open all the way, or remove that seam."),
  ORDER_BROKEN(Level.LOOK_FIRST, "The order asks for the {seam} before the {first}, which must come first; it is put behind it.", "Move the step behind it, or put the order back."),
  OPENING_UNPLANNED(Level.NOTE, "The garment has {count} openings where {expected} are usual for it.", "Look whether a seam is missing."),

  // Changes
  ID_FORM(Level.DECIDE_FIRST, "An id is a letter or digit and then letters, digits, dots, dashes, underlines and ~, 100 characters at most; ({value}) is not.", "Choose another."),
  ID_TAKEN(Level.DECIDE_FIRST, "The id ({value}) stands for something else already.", "Choose another."),
  LABEL_LENGTH(Level.DECIDE_FIRST, "{edge} of {piece}, part {part}: a label has at most {most} characters, this one {count}.", "Shorten it."),
  PLACES_PER_ROW(Level.DECIDE_FIRST, "A row end gives 1 to 3 places, got ({value}).", "Choose 1, 2 or 3, or leave it to the height of the row."),
  KEY_USED(Level.DECIDE_FIRST, "A request with this key was carried out already, and it asked for something else.", "Send each request with a key of its own."),
  KEY_LENGTH(Level.DECIDE_FIRST, "A key has at most {most} characters, this one {count}.", "Shorten it."),
  TOO_MANY_CHANGES(Level.DECIDE_FIRST, "At most {most} changes are made at once, these are {count}.", "Send them in several requests."),
  NO_RECIPE(Level.DECIDE_FIRST, "This garment is given piece by piece; it has no answers to change.", "Change its pieces themselves."),
  NAME_LENGTH(Level.DECIDE_FIRST, "A name has 1 to {most} characters, this one {count}.", "Shorten it."),
  COUNT_OUT_OF_RANGE(Level.DECIDE_FIRST, "A count is a whole number from {least} to {most}, got ({value}).", "Count again."),
  LENGTH_OUT_OF_RANGE(Level.DECIDE_FIRST, "{edge} of {piece}: a length of {value} mm is outside {least} to {most} mm.", "Measure again, or leave the field empty."),
  RUN_PARTS(Level.DECIDE_FIRST, "{edge} of {piece}: a run is told in 1 to {most} parts, got {count}.", "Put like parts together."),
  PART_WIDTH(Level.DECIDE_FIRST, "{edge} of {piece}, part {part}: a unit is {least} to {most} mm wide, got {value} mm.", "Type the width of one stitch, row or space."),
  PART_KIND(Level.DECIDE_FIRST, "{edge} of {piece}, part {part}: ({value}) belongs to a corner or a seam, not to an edge.", "Choose stitches, foundation loops, row ends or chain spaces."),
  LEAN_RANGE(Level.DECIDE_FIRST, "A lean is at most {most} mm to either side, got ({value}).", "Measure again, with the piece lying flat."),
  GONE_UNKNOWN(Level.DECIDE_FIRST, "Nothing without a place is called {value}; it may be there again, or removed already.", "Open the garment anew."),
  STRIP_MULTIPLE_MISSED(Level.LOOK_FIRST, "{strip}: round {round} has {total:stitches}, which is no multiple of {of} and {more} more.", "Let another round have the multiple, or change the counts before it."),
  STRIP_GONE(Level.LOOK_FIRST, "{strip}: the edge it is worked onto is no more.", "Under Edges: lay it on an opening, or remove it."),
  STRIP_TAKEN(Level.LOOK_FIRST, "{strip}: the {edge} of the {piece} is joined there; nothing can be worked onto it.", "Under Edges: lay it on an edge that stays open, or remove it."),
  STRIP_EMPTY(Level.LOOK_FIRST, "{strip}: it ends where it begins; nothing lies between.", "Let it end further on, or work it all round."),
  STRIP_APART(Level.LOOK_FIRST, "{strip}: it begins on one opening and ends on another.", "Let it end on the opening it begins on."),
  STRIP_MULTIPLE(Level.DECIDE_FIRST, "{strip}: no count that is equal left and right is a multiple of {of} and {more} more.", "Choose another multiple, or free a count you have set."),
  STRIP_SHUT(Level.DECIDE_FIRST, "{strip}: round {round} closes the opening.", "Work at most {most:rounds}, or lower ones."),
  STRIP_UNLIKE(Level.LOOK_FIRST, "{strip}: {count:stitches} along the {edge}, {other} on the other side.", "Work that stretch anew with {other}, or count both again."),
  STRIP_WRONG_SIDE(Level.LOOK_FIRST, "{strip}: the last round is worked from the wrong side.", "Turn once more or once less, so that it ends on the right side."),
  STRIP_COUNT_GONE(Level.LOOK_FIRST, "The {count:stitches} told of an edging lie on a stretch that is no more.", "Count that stretch anew."),
  BAND_LENGTH(Level.DECIDE_FIRST, "{strip}: {rows:rows} for an edge of {edge}; it takes {least} to {most}.", "Make it {least} to {most:rows} long."),
  BAND_STITCHES(Level.DECIDE_FIRST, "{strip}: two rows for every two stitches give {rows:rows} for an edge of {edge}; it takes {least} to {most}.", "Work {least} to {most:stitches} in the row before, or let the rows come out wider or narrower."),
  BAND_ONTO_STITCHES(Level.DECIDE_FIRST, "{strip}: a band is worked onto stitches, and this edge has other places.", "Work a row of single crochet along the edge first, with an even count, and the band onto that."),
  BAND_CORNER(Level.LOOK_FIRST, "{strip} turns {corners:outer corners} and ribs lie straight: {width} wide, its outer side is {lacking} short there.", "Let it end at the corners, one band for each side, or work rounds instead."),
  BAND_ODD(Level.DECIDE_FIRST, "{strip}: every two rows take two stitches, and the edge has {stitches}.", "Work {less} or {more:stitches} in the row before."),
  PICOTS_OFF(Level.DECIDE_FIRST, "{strip}: picots on every {every} stitch do not fit {stitches:stitches} {where}.", "Work {counts} in the round before."),
  GATHER_OFF(Level.DECIDE_FIRST, "{strip}: {from:stitches} cannot be gathered to {to} in one round.", "Gather to {least} to {from}, or in two rounds."),
  FRINGE_OFF(Level.DECIDE_FIRST, "The fringe of the {strip} would begin on stitch {first} and end on stitch {last}: none hangs there.", "Let it begin before it ends."),
  BUTTONS_OFF(Level.DECIDE_FIRST, "{strip}: {count:buttons} with these margins do not fit {length}.", "Take fewer buttons or smaller margins."),
  STRIP_RANGE(Level.DECIDE_FIRST, "{what} has to be from {least} to {most}.", "Type a number in these bounds."),
  STRIP_TRIAL(Level.DECIDE_FIRST, "A list found by trial has up to {places:places}, each with 0 to {most:stitches}, not all 0; it stands in the place of a count.", "Type it like 3, 2, 3, and leave the count empty."),
  STRIP_UNKNOWN(Level.DECIDE_FIRST, "There is no edging called {value} here.", "Load the garment again."),
  STRIP_NO_TWIN(Level.DECIDE_FIRST, "{strip} lies on a piece that has no mirror image.", "Work the other one along its own opening."),
  STRIP_STOOD_ON(Level.DECIDE_FIRST, "{strip} carries {others}.", "Remove {others} first."),
  ROW_ON_WRONG_SIDE(Level.LOOK_FIRST, "Row {row} of the {piece} joins on the wrong side, if row 1 was one of the right side.", "Keep back the last row of the other piece instead, or make this one a row shorter."),
  ROW_PARTED(Level.LOOK_FIRST, "One row of the {piece} joins the {seams}: it is worked in one go.", "Let these seams follow each other in the order of work, or choose another way for one."),
  ROW_JOINS(Level.DECIDE_FIRST, "The row along the {edge} of the {piece} joins the {seams}.", "Choose another way to join there first."),
  EDGING_RANGE(Level.DECIDE_FIRST, "{edge} of {piece}: edging takes 1 to {rows} rows, each {least} to {most} mm high, in {runs} to {count} stitches.", "Type numbers in between."),
  LANDMARK_OUTSIDE(Level.DECIDE_FIRST, "{edge} of {piece} has {count} stitches or rows; {mark} would lie at {at}.", "Choose a place from 0 to {count}."),
  LANDMARK_OVERLONG(Level.DECIDE_FIRST, "{mark} comes back every {every} and would need {length}; {edge} of {piece} has only {count}.", "Let it come back at most {most} times."),
  FINDING_UNKNOWN(Level.DECIDE_FIRST, "There is no such finding to leave ({value}).", "Open the garment again and look whether it still stands."),
  MARKER_LENGTH(Level.DECIDE_FIRST, "A marker's colour has at most {colour} characters, when to take it out at most {count}.", "Shorten it."),
  FULLNESS_RANGE(Level.DECIDE_FIRST, "A fullness is 0 to {most} percent, got {value} percent.", "Type how much longer the gathered side is."),
  NOTE_LENGTH(Level.DECIDE_FIRST, "A note has 1 to {most} characters, this one {count}.", "Shorten it."),
  DEPTH_OUT_OF_RANGE(Level.DECIDE_FIRST, "A depth of {value} mm is outside {least} to {most} mm.", "Measure again."),
  HANDLE_UNKNOWN(Level.DECIDE_FIRST, "There is nothing to drag called ({value}).", "Name one of {choices}."),
  UNKNOWN_SEAM(Level.DECIDE_FIRST, "There is no seam ({value}).", "Name one of {choices}."),
  UNKNOWN_ANCHOR(Level.DECIDE_FIRST, "The seam {seam} has no anchor ({value}).", "Name one of {choices}."),
  STRIP_TOO_EARLY(Level.DECIDE_FIRST, "The {strip} runs over the {first}: its edge is not closed yet.", "Join the {first} first."),
  STEP_TOO_EARLY(Level.DECIDE_FIRST, "{seam} comes after {first}: that brings its ends together.", "Join {first} first."),
  STEP_FORBIDDEN(Level.DECIDE_FIRST, "The {seam} cannot come before the {first}. {why}", "Leave it behind the {first}."),
  STEP_FINISHED(Level.DECIDE_FIRST, "{seam} is joined already; finished steps keep their place.", "Move only steps that are still to come."),
  PIECE_TOO_FAR(Level.DECIDE_FIRST, "A piece is moved at most {most}.", "Move it less far, or put it back in its place."),
  BEGUN_WITHOUT_PIECES(Level.DECIDE_FIRST, "{seam} is begun at the bench; this would take it away.", "Undo that work at the bench first."),
  BEGUN_TOLD_ANEW(Level.DECIDE_FIRST, "{seam} is begun at the bench; this would join something else.", "Undo that seam at the bench first."),
  ARCHIVED(Level.DECIDE_FIRST, "{name} is in the archive.", "Put it back on the shelf, then change it."),
  NOTHING_TO_UNDO(Level.DECIDE_FIRST, "There is nothing to undo.", "Go on from here."),
  NOTHING_TO_REDO(Level.DECIDE_FIRST, "There is nothing to do again.", "Go on from here."),
  RULE_RANGE(Level.DECIDE_FIRST, "{rule}: at least {least}, at most {most}, got {value}.", "Choose a number in between, or take the house's own."),
  RULE_CLASH(Level.DECIDE_FIRST, "\u201c{lower}\u201d would be more than \u201c{higher}\u201d.", "Change the other one first, or choose a number that fits."),
  ORDER_CIRCLE(Level.DECIDE_FIRST, "{seams} each wait for the other.", "Part one of the seams in two.");

  /** How much a finding stands in the way (model 6). What is refused outright is to be decided first as well. */
  public enum Level {
    NOTE("Note"),
    LOOK_FIRST("Look first"),
    /** The step is not taken to the bench before it is mended, or left so with a reason. */
    DECIDE_FIRST("Decide first");

    private final String words;

    Level(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  private final Level level;
  private final String sentence;
  private final String remedy;

  FindingCode(Level level, String sentence, String remedy) {
    this.level = level;
    this.sentence = sentence;
    this.remedy = remedy;
  }

  public Level level() {
    return level;
  }

  /** Whether the maker may leave it so: the work can be done all the same. */
  public boolean mayBeLeft() {
    return switch (this) {
      case METHOD_NEVER, SHOULDER_UNEQUAL, ROWS_DIFFER, TOPS_DIFFER, EASE_TOO_MUCH, BAND_LONGER, TWINS_DIFFER, TWIN_RUN_MISSING, SIDES_DIFFER,
          SEAMS_DIFFER, TURNED, NO_RIGHT_SIDE, HANDLE, SEWN_SHUT, OPENING_SPLIT, ORDER_BROKEN, LESS_YARN, SQUARES_SHORT, COLOUR_SHORT, NECK_TOO_SMALL -> true;
      default -> false;
    };
  }

  /** Whether it tells two twins apart, and so concerns both. */
  public boolean comparesTwins() {
    return this == TWINS_DIFFER || this == TWIN_RUN_MISSING || this == SIDES_DIFFER || this == SEAMS_DIFFER;
  }

  String sentence() {
    return sentence;
  }

  String remedy() {
    return remedy;
  }
}
