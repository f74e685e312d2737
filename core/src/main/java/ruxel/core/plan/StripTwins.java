package ruxel.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.piece.Piece;
import ruxel.core.strip.Stitches;
import ruxel.core.strip.Stretch;
import ruxel.core.strip.Strips;
import ruxel.core.strip.WorkedOn;

/** An edging and the one it mirrors, compared once the second is counted (handbook 11, mirror ledger): stretch by stretch as worked, else as planned. */
record StripTwins(Strips strips, List<Piece> faces, BiFunction<WorkedOn, Stretch, Optional<Stitches>> told, Function<Stretch, String> name) {
  /** One finding for each stretch that has come to another count than its twin. */
  List<Finding> unlike(WorkedOn worked) {
    return worked.strip().mirrorOf().flatMap(strips::find).map(original -> unlike(worked, original)).orElse(List.of());
  }

  private List<Finding> unlike(WorkedOn worked, WorkedOn original) {
    List<Finding> findings = new ArrayList<>();
    for (Stretch stretch : worked.line().stretches()) {
      Optional<Integer> here = told.apply(worked, stretch).flatMap(Stitches::worked);
      Optional<Integer> there = Strips.mirrored(stretch, original.line().stretches(), faces).flatMap(twin -> count(original, twin));
      if (here.isPresent() && there.isPresent() && !here.equals(there)) {
        findings.add(
            Finding.of(
                FindingCode.STRIP_UNLIKE, Where.edge(stretch.piece(), stretch.edge()).ofStrip(worked.strip().id()), Fact.text("strip", worked.strip().name()), Fact.count("count", here.get()),
                Fact.text("edge", name.apply(stretch)), Fact.count("other", there.get())));
      }
    }
    return findings;
  }

  private Optional<Integer> count(WorkedOn original, int stretch) {
    return told.apply(original, original.line().stretches().get(stretch))
        .flatMap(Stitches::worked)
        .or(() -> original.rounds().stream().limit(1).flatMap(round -> round.segments().stream()).filter(segment -> segment.stretch() == stretch).map(WorkedOn.Worked::stitches).findFirst());
  }
}
