package ruxel.core.layout;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import ruxel.core.decision.Decision;
import ruxel.core.decision.MovedAnchor;
import ruxel.core.decision.OwnAnchor;
import ruxel.core.decision.Settings;
import ruxel.core.match.AnchorMove;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.Piece;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamResolver;

/**
 * Puts the anchors that the maker has moved or added on their seams. One that has no place there any more is set
 * aside as gone, so that the seam can be planned without it.
 */
final class OwnAnchors {
  private final List<Piece> pieces;
  private final HouseRules rules;
  private final List<Carries> carries;
  private final List<Seam> seams = new ArrayList<>();
  private final List<OwnAnchor> gonePins;
  private final List<MovedAnchor> goneMoves;

  /**
   * @param carries what leads from the runs that places are told by to those of {@code pieces}, in order
   */
  OwnAnchors(List<Piece> pieces, List<Seam> bare, Settings settings, List<Carries> carries, HouseRules rules) {
    this.carries = carries;
    this.pieces = pieces;
    this.rules = rules;
    gonePins = new ArrayList<>(settings.of(OwnAnchor.class));
    goneMoves = new ArrayList<>(settings.of(MovedAnchor.class));
    bare.forEach(seam -> seams.add(with(seam, settings)));
  }

  List<Seam> seams() {
    return List.copyOf(seams);
  }

  /** Anchors added or moved that have no place on these pieces. */
  List<Decision> gone() {
    List<Decision> gone = new ArrayList<>(goneMoves);
    gone.addAll(gonePins);
    return gone;
  }

  private Seam with(Seam bare, Settings settings) {
    List<OwnAnchor> pins = settings.of(OwnAnchor.class).stream().filter(pin -> pin.seam().equals(bare.id())).toList();
    List<MovedAnchor> moves = settings.of(MovedAnchor.class).stream().filter(move -> move.seam().equals(bare.id())).toList();
    Optional<ResolvedSeam> resolved =
        pins.isEmpty() && moves.isEmpty() ? Optional.empty() : SeamResolver.find(pieces, List.of(bare), bare.id());
    if (resolved.isEmpty()) {
      return bare;
    }
    List<Own> own = new ArrayList<>();
    pins.forEach(pin -> own.add(new Own(pin.anchor().id(), List.of(pin), List.of())));
    moves.stream()
        .collect(Collectors.groupingBy(MovedAnchor::anchor, LinkedHashMap::new, Collectors.toList()))
        .forEach((anchor, ofAnchor) -> own.add(new Own(anchor, List.of(), ofAnchor)));
    return together(resolved.get(), bare, own).orElseGet(() -> oneByOne(resolved.get(), bare, own));
  }

  /** What the maker decided of one anchor: that it is there, or where it lies on each side. */
  private record Own(String anchor, List<OwnAnchor> pins, List<MovedAnchor> moves) {}

  private Seam on(Seam seam, Own own) {
    List<Anchor> anchors = new ArrayList<>(seam.anchors());
    own.pins().forEach(pin -> anchors.add(carried(pin.anchor())));
    own.moves().forEach(move -> anchors.replaceAll(a -> a.id().equals(move.anchor()) ? a.with(move.side(), Carries.all(carries, move.spot())) : a));
    return seam.withAnchors(anchors);
  }

  private Anchor carried(Anchor anchor) {
    return new Anchor(anchor.id(), anchor.name(), Carries.all(carries, anchor.a()), Carries.all(carries, anchor.b()));
  }

  private Optional<Seam> together(ResolvedSeam resolved, Seam bare, List<Own> own) {
    Seam seam = bare;
    for (Own each : own) {
      seam = on(seam, each);
    }
    Seam all = seam;
    boolean stand = own.stream().allMatch(each -> AnchorMove.stands(resolved, all, each.anchor(), rules));
    if (stand) {
      own.forEach(this::keep);
    }
    return stand ? Optional.of(seam) : Optional.empty();
  }

  private Seam oneByOne(ResolvedSeam resolved, Seam bare, List<Own> own) {
    Seam seam = bare;
    for (Own each : own) {
      Seam with = on(seam, each);
      if (AnchorMove.stands(resolved, with, each.anchor(), rules)) {
        seam = with;
        keep(each);
      }
    }
    return seam;
  }

  private void keep(Own own) {
    gonePins.removeAll(own.pins());
    goneMoves.removeAll(own.moves());
  }
}
