package ruxel.files;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruxel.core.decision.ChosenMethod;
import ruxel.core.decision.Decision;
import ruxel.core.decision.EdgingRows;
import ruxel.core.decision.LaidPiece;
import ruxel.core.decision.LeaningPiece;
import ruxel.core.decision.LeftFinding;
import ruxel.core.decision.MadeCount;
import ruxel.core.decision.MarkedEdge;
import ruxel.core.decision.MeasuredEdge;
import ruxel.core.decision.MovedAnchor;
import ruxel.core.decision.OwedItem;
import ruxel.core.decision.OwnAnchor;
import ruxel.core.decision.RunPart;
import ruxel.core.decision.Settings;
import ruxel.core.decision.SideWorking;
import ruxel.core.decision.ToldCorner;
import ruxel.core.decision.ToldRun;
import ruxel.core.decision.WantedOrder;
import ruxel.core.decision.WorkedSeam;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Lean;
import ruxel.core.piece.Marker;
import ruxel.core.seam.Seam;

/** Between the settings of a garment and those of its file, both ways. */
final class SettingsMapper {
  private SettingsMapper() {}

  static Settings settings(GarmentFile.SettingsOf s) {
    List<Decision> all = new ArrayList<>();
    s.counts().forEach(c -> all.add(new MadeCount(c.piece(), c.edge(), c.run(), c.count(), c.when().orElse(Counts.Source.AS_MADE))));
    s.anchors().forEach(m -> all.add(new MovedAnchor(m.seam(), m.anchor(), m.side(), FileMapper.spot(m.spot()))));
    s.methods().forEach(m -> all.add(new ChosenMethod(m.seam(), m.method())));
    s.laid().forEach(l -> all.add(new LaidPiece(l.piece(), l.dxMm(), l.dyMm(), l.quarterTurns())));
    if (!s.order().isEmpty()) {
      all.add(new WantedOrder(s.order()));
    }
    s.told().forEach(t -> all.add(new ToldRun(t.piece(), t.edge(), t.run(), t.parts().stream().map(SettingsMapper::part).toList())));
    s.measured().forEach(m -> all.add(new MeasuredEdge(m.piece(), m.edge(), m.mm())));
    s.marks().forEach(m -> all.add(new MarkedEdge(m.piece(), m.edge(), landmark(m.landmark()))));
    s.worked().forEach(w -> all.add(worked(w)));
    s.pins().forEach(p -> all.add(new OwnAnchor(p.seam(), FileMapper.anchor(p.anchor()))));
    s.owed().forEach(o -> all.add(new OwedItem(o.id(), o.piece(), o.what(), o.before())));
    s.corners().forEach(c -> all.add(new ToldCorner(c.piece(), c.behind(), c.kind())));
    s.leans().forEach(l -> all.add(new LeaningPiece(l.piece(), new Lean(l.mm(), l.expected()))));
    s.edgings().forEach(e -> all.add(new EdgingRows(e.piece(), e.edge(), e.rows(), e.rowMm(), e.stitches())));
    s.left().forEach(l -> all.add(new LeftFinding(l.finding(), l.reason())));
    return new Settings(all);
  }

  private static RunPart part(GarmentFile.PartOf p) {
    return new RunPart(
        p.kind(), p.count(), p.widthMm(), p.fabric(), p.noEase(), p.label().orElse(""), p.chains().orElse(0), p.heldBack().orElse(0));
  }

  private static WorkedSeam worked(GarmentFile.WorkedOf w) {
    return new WorkedSeam(
        w.seam(), new Seam.Working(w.together(), w.surplus(), w.fullness(), w.fuller(), w.seamPlaces()),
        new SideWorking(w.a().placesPerRow(), w.a().spaces()), new SideWorking(w.b().placesPerRow(), w.b().spaces()));
  }

  static Landmark landmark(GarmentFile.LandmarkOf l) {
    return new Landmark(l.id(), l.name(), l.kind(), FileMapper.cut(l.at()), l.every(), l.times(),
        l.marker().map(m -> new Marker(m.purpose(), m.colour().orElse(""), m.takeOut().orElse(""))));
  }

  static GarmentFile.SettingsOf file(Settings s) {
    return new GarmentFile.SettingsOf(
        s.of(MadeCount.class).stream().map(c -> new GarmentFile.CountOf(c.piece(), c.edge(), c.run(), c.count(), Optional.of(c.when()).filter(Counts.Source.AS_WORKED::equals))).toList(),
        s.of(MovedAnchor.class).stream().map(m -> new GarmentFile.MovedOf(m.seam(), m.anchor(), m.side(), FileMapper.spot(m.spot()))).toList(),
        s.of(ChosenMethod.class).stream().map(m -> new GarmentFile.MethodOf(m.seam(), m.method())).toList(),
        s.of(LaidPiece.class).stream().map(l -> new GarmentFile.LaidOf(l.piece(), l.dxMm(), l.dyMm(), l.quarterTurns())).toList(),
        s.order(),
        s.of(ToldRun.class).stream()
            .map(t -> new GarmentFile.ToldOf(t.piece(), t.edge(), t.run(), t.parts().stream().map(SettingsMapper::part).toList()))
            .toList(),
        s.of(MeasuredEdge.class).stream().map(m -> new GarmentFile.MeasuredOf(m.piece(), m.edge(), m.mm())).toList(),
        s.of(MarkedEdge.class).stream().map(m -> new GarmentFile.MarkOf(m.piece(), m.edge(), landmark(m.landmark()))).toList(),
        s.of(WorkedSeam.class).stream().map(SettingsMapper::worked).toList(),
        s.of(OwnAnchor.class).stream().map(p -> new GarmentFile.PinOf(p.seam(), FileMapper.anchor(p.anchor()))).toList(),
        s.of(OwedItem.class).stream().map(o -> new GarmentFile.OwedOf(o.id(), o.piece(), o.what(), o.before())).toList(),
        s.of(ToldCorner.class).stream().map(c -> new GarmentFile.ToldCornerOf(c.piece(), c.behind(), c.corner())).toList(),
        s.of(LeaningPiece.class).stream().map(l -> new GarmentFile.LeaningOf(l.piece(), l.lean().mm(), l.lean().expected())).toList(),
        s.of(EdgingRows.class).stream().map(e -> new GarmentFile.EdgingOf(e.piece(), e.edge(), e.rows(), e.rowMm(), e.stitches())).toList(),
        s.of(LeftFinding.class).stream().map(l -> new GarmentFile.LeftOf(l.finding(), l.reason())).toList());
  }

  private static GarmentFile.PartOf part(RunPart p) {
    return new GarmentFile.PartOf(
        p.kind(), p.count(), p.widthMm(), p.fabric(), p.noEase(), FileMapper.some(p.label()), FileMapper.some(p.chains()), FileMapper.some(p.heldBack()));
  }

  private static GarmentFile.WorkedOf worked(WorkedSeam w) {
    return new GarmentFile.WorkedOf(
        w.seam(), w.working().together(), w.working().surplus(), w.working().fullness(), w.working().fuller(), w.working().seamPlaces(), gives(w.a()), gives(w.b()));
  }

  private static GarmentFile.GivesOf gives(SideWorking side) {
    return new GarmentFile.GivesOf(side.placesPerRow(), side.spaces());
  }

  static GarmentFile.LandmarkOf landmark(Landmark l) {
    return new GarmentFile.LandmarkOf(l.id(), l.name(), l.kind(), FileMapper.cut(l.first()), l.every(), l.times(),
        l.marker().map(m -> new GarmentFile.MarkerOf(m.purpose(), FileMapper.some(m.colour()), FileMapper.some(m.takeOut()))));
  }
}
