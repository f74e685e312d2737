package ruxel.app.work;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.namedparam.MapSqlParameterSource;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcOperations;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import ruxel.core.bench.Departure;
import ruxel.core.bench.Look;
import ruxel.core.bench.Work;
import ruxel.core.identity.BoardId;
import ruxel.core.identity.LineId;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.StripId;
import ruxel.core.identity.WorkRef;
import ruxel.core.seam.Side;

/** What was taken to the bench and what was done to it; events are only ever added. */
@Repository
public class WorkStore {
  /** Something taken to the bench; the plan is frozen bench-plan JSON of a format. */
  public record Row(UUID id, UUID garment, WorkRef of, int garmentVersion, int planFormat, String plan) {}

  /** A work that is to be begun. */
  record Begun(UUID garment, WorkRef of, int garmentVersion, int planFormat, String plan, int joints, List<PieceId> pieces, Optional<String> workedAs) {}

  /** What is needed to add events to a work. */
  record Held(UUID garment, int joints, boolean current, boolean deleted) {}

  private static final String SEAM = "SEAM";
  private static final String LINE = "LINE";
  private static final String STRIP = "STRIP";

  private final JdbcClient jdbc;
  private final NamedParameterJdbcOperations batches;

  WorkStore(JdbcClient jdbc, NamedParameterJdbcOperations batches) {
    this.jdbc = jdbc;
    this.batches = batches;
  }

  /** Begins a work; its id, or none when there is one in hand already. */
  Optional<UUID> insert(Begun begun) {
    return jdbc.sql(
            """
            INSERT INTO work (id, garment_id, join_kind, board, join_id, garment_version, plan_format, plan, joints, pieces, worked_as, started_at)
            VALUES (:id, :garment, :kind, :board, :of, :version, :format, :plan::jsonb, :joints, string_to_array(:pieces, E'\\n'), :workedAs, clock_timestamp())
            ON CONFLICT (garment_id, join_kind, board, join_id) WHERE current DO NOTHING
            RETURNING id
            """)
        .param("id", UUID.randomUUID())
        .param("garment", begun.garment())
        .param("kind", kind(begun.of()))
        .param("board", board(begun.of()).orElse(null), Types.VARCHAR)
        .param("of", begun.of().id().text())
        .param("version", begun.garmentVersion())
        .param("format", begun.planFormat())
        .param("plan", begun.plan())
        .param("joints", begun.joints())
        .param("pieces", begun.pieces().stream().map(PieceId::text).collect(Collectors.joining("\n")))
        .param("workedAs", begun.workedAs().orElse(null), Types.VARCHAR)
        .query(UUID.class)
        .optional();
  }

  public Optional<Row> find(UUID id) {
    return jdbc.sql("SELECT id, garment_id, join_kind, board, join_id, garment_version, plan_format, plan::text AS plan FROM work WHERE id = :id")
        .param("id", id)
        .query(WorkStore::row)
        .optional();
  }

  /** What is in hand or done of something. */
  Optional<UUID> current(UUID garment, WorkRef of) {
    return jdbc.sql("SELECT id FROM work WHERE garment_id = :garment AND join_kind = :kind AND board IS NOT DISTINCT FROM :board AND join_id = :of AND current")
        .param("garment", garment)
        .param("kind", kind(of))
        .param("board", board(of).orElse(null), Types.VARCHAR)
        .param("of", of.id().text())
        .query(UUID.class)
        .optional();
  }

  /** Holds the work until the transaction ends, so that its events are added one after the other. */
  Optional<Held> lock(UUID id) {
    return jdbc.sql(
            """
            SELECT w.garment_id, w.joints, w.current, g.state = 'DELETED' AS deleted
            FROM work w JOIN garment g ON g.id = w.garment_id
            WHERE w.id = :id
            FOR UPDATE OF w
            """)
        .param("id", id)
        .query((rs, n) -> new Held(rs.getObject("garment_id", UUID.class), rs.getInt("joints"), rs.getBoolean("current"), rs.getBoolean("deleted")))
        .optional();
  }

  /** Whether two sides are joined, as at a seam; an edging has one. Reads the frozen plan. */
  boolean isOfSides(UUID id) {
    return jdbc.sql("SELECT coalesce(jsonb_typeof(plan -> 'plan') = 'object', false) FROM work WHERE id = :id").param("id", id).query(Boolean.class).single();
  }

  /** How a work is worked by the plan of today, where it was by the one before. */
  void setWorkedAs(UUID id, Optional<String> before, Optional<String> now) {
    jdbc.sql("UPDATE work SET worked_as = :now WHERE id = :id AND worked_as IS NOT DISTINCT FROM :before")
        .param("id", id)
        .param("before", before.orElse(null), Types.VARCHAR)
        .param("now", now.orElse(null), Types.VARCHAR)
        .update();
  }

  /** A seam that was undone is taken anew: this work is past. */
  void close(UUID id) {
    jdbc.sql("UPDATE work SET current = false WHERE id = :id").param("id", id).update();
  }

  /** What is in hand or done of garments, each folded by the database, by garment and what is worked. */
  Map<UUID, Map<WorkRef, Progress.OfWork>> progress(List<UUID> garments) {
    Map<UUID, Map<WorkRef, Progress.OfWork>> all = new HashMap<>();
    jdbc.sql(
            """
            SELECT w.garment_id, w.id, w.join_kind, w.board, w.join_id, w.pieces, w.worked_as, place.joint, last.kind
            FROM work w
            LEFT JOIN LATERAL (
              SELECT joint FROM work_event
              WHERE work_id = w.id AND kind IN ('JOINT', 'DONE_TO', 'BACK_TO')
              ORDER BY seq DESC LIMIT 1) AS place ON true
            LEFT JOIN LATERAL (
              SELECT kind FROM work_event
              WHERE work_id = w.id AND kind NOT IN ('AS_WORKED', 'LOOKED')
              ORDER BY seq DESC LIMIT 1) AS last ON true
            WHERE w.current AND w.garment_id IN (:garments)
            """)
        .param("garments", garments)
        .query(
            rs -> {
              Work.State state = Optional.ofNullable(rs.getString("kind")).map(Work.Kind::valueOf).map(Work.BEGUN::stateAfter).orElse(Work.BEGUN.state());
              List<PieceId> pieces = Arrays.stream((String[]) rs.getArray("pieces").getArray()).map(PieceId::new).toList();
              all.computeIfAbsent(rs.getObject("garment_id", UUID.class), key -> new HashMap<>())
                  .put(ref(rs), new Progress.OfWork(rs.getObject("id", UUID.class), state, rs.getInt("joint"), pieces, Optional.ofNullable(rs.getString("worked_as"))));
            });
    return all;
  }

  Set<WorkRef> everBegun(UUID garment) {
    return jdbc.sql("SELECT DISTINCT join_kind, board, join_id FROM work WHERE garment_id = :garment").param("garment", garment).query((rs, n) -> ref(rs)).set();
  }

  public List<Work.Event> events(UUID work) {
    return jdbc.sql("SELECT seq, kind, joint, note, what, side, count, faults, mm FROM work_event WHERE work_id = :work ORDER BY seq")
        .param("work", work)
        .query((rs, n) -> event(rs))
        .list();
  }

  /** How long the newest joints of a work took, ms, of those that followed another without anything between. */
  List<Long> jointGaps(UUID work, int newest) {
    return jdbc.sql(
            """
            SELECT gap FROM (
              SELECT seq, (extract(epoch FROM at - lag(at) OVER by_seq) * 1000)::bigint AS gap, seq - lag(seq) OVER by_seq AS step
              FROM work_event
              WHERE work_id = :work AND kind = 'JOINT'
              WINDOW by_seq AS (ORDER BY seq)
              ORDER BY seq DESC
              LIMIT :newest) AS joints
            WHERE step = 1
            """)
        .param("work", work)
        .param("newest", newest)
        .query(Long.class)
        .list();
  }

  private static Work.Event event(ResultSet rs) throws SQLException {
    int joint = rs.getInt("joint");
    Optional<Side> side = Optional.ofNullable(rs.getString("side")).map(Side::valueOf);
    int count = rs.getInt("count");
    Optional<Departure> departure = Optional.ofNullable(rs.getString("what")).map(what -> new Departure(joint, Departure.What.valueOf(what), side, count));
    Optional<Double> mm = Optional.ofNullable(rs.getObject("mm", Double.class));
    Optional<Look> look = rs.getArray("faults") == null ? Optional.empty() : Optional.of(new Look(joint, mm, faults(rs)));
    return new Work.Event(rs.getInt("seq"), Work.Kind.valueOf(rs.getString("kind")), joint, rs.getString("note"), departure, look);
  }

  private static List<Look.Fault> faults(ResultSet rs) throws SQLException {
    return Arrays.stream((String[]) rs.getArray("faults").getArray()).map(Look.Fault::valueOf).toList();
  }

  /** Adds events whose numbers are free; the work is held. */
  void append(UUID work, List<Work.Event> events, String client) {
    MapSqlParameterSource[] rows =
        events.stream()
            .map(
                event ->
                    new MapSqlParameterSource()
                        .addValue("work", work)
                        .addValue("seq", event.seq())
                        .addValue("kind", event.kind().name())
                        .addValue("joint", event.joint())
                        .addValue("note", event.note())
                        .addValue("what", event.departure().map(departure -> departure.what().name()).orElse(null), Types.VARCHAR)
                        .addValue("side", event.departure().flatMap(Departure::side).map(Side::name).orElse(null), Types.VARCHAR)
                        .addValue("count", event.departure().map(Departure::count).orElse(null), Types.INTEGER)
                        .addValue("faults", event.look().map(look -> look.faults().stream().map(Look.Fault::name).collect(Collectors.joining("\n"))).orElse(null), Types.VARCHAR)
                        .addValue("mm", event.look().flatMap(Look::mm).orElse(null), Types.DOUBLE)
                        .addValue("client", client))
            .toArray(MapSqlParameterSource[]::new);
    batches.batchUpdate(
        """
        INSERT INTO work_event (work_id, seq, kind, joint, note, what, side, count, faults, mm, client, at)
        VALUES (:work, :seq, :kind, :joint, :note, :what, :side, :count, string_to_array(:faults, E'\\n'), :mm, :client, clock_timestamp())
        """,
        rows);
  }

  private static String kind(WorkRef of) {
    if (of instanceof WorkRef.OfBoard board) {
      throw new IllegalArgumentException("Expected what is worked in one go; a board is worked line by line (%s)".formatted(board.id()));
    }
    return of instanceof WorkRef.OfLine ? LINE : of instanceof WorkRef.OfStrip ? STRIP : SEAM;
  }

  private static Optional<String> board(WorkRef of) {
    return of instanceof WorkRef.OfLine line ? Optional.of(line.board().text()) : Optional.empty();
  }

  private static WorkRef ref(ResultSet rs) throws SQLException {
    String id = rs.getString("join_id");
    return switch (rs.getString("join_kind")) {
      case SEAM -> WorkRef.seam(new SeamId(id));
      case LINE -> WorkRef.line(BoardId.of(rs.getString("board")), new LineId(id));
      case STRIP -> WorkRef.strip(new StripId(id));
      default -> throw new IllegalStateException("Expected a work of a known kind (%s)".formatted(rs.getString("join_kind")));
    };
  }

  private static Row row(ResultSet rs, int number) throws SQLException {
    return new Row(
        rs.getObject("id", UUID.class),
        rs.getObject("garment_id", UUID.class),
        ref(rs),
        rs.getInt("garment_version"),
        rs.getInt("plan_format"),
        rs.getString("plan"));
  }
}
