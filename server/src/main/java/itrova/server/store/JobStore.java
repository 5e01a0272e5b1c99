package itrova.server.store;

import itrova.core.brakes.CircuitSheet;
import itrova.core.choice.Selection;
import itrova.core.record.VehicleKind;
import itrova.core.vehicle.AxleEndKind;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.AxleLoad;
import itrova.core.vehicle.BracketShape;
import itrova.core.vehicle.Papers;
import itrova.core.vehicle.Retention;
import itrova.core.vehicle.Side;
import itrova.core.vehicle.SpindleNut;
import itrova.core.vehicle.Surroundings;
import itrova.core.vehicle.VehicleFacts;
import itrova.core.vehicle.VehicleSheet;
import itrova.formats.CircuitDocument;
import itrova.formats.SelectionDocument;
import itrova.formats.SheetDocument;
import itrova.formats.SurroundingsDocument;
import java.sql.Date;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.jdbc.support.KeyHolder;
import org.springframework.stereotype.Repository;

/** Jobs and their axles. */
@Repository
public class JobStore {
    private static final RowMapper<JobRow> JOB = (rs, i) -> new JobRow(
            rs.getLong("id"),
            rs.getInt("version"),
            rs.getString("title"),
            VehicleKind.valueOf(rs.getString("vehicle_kind")),
            rs.getString("vehicle"),
            rs.getString("owner"),
            rs.getBoolean("must_be_reversible"),
            Optional.ofNullable(rs.getDate("promised")).map(Date::toLocalDate),
            rs.getString("notes"),
            SheetDocument.read(rs.getString("sheet")));

    private static final RowMapper<AxleRow> AXLE = (rs, i) -> new AxleRow(
            rs.getLong("id"),
            rs.getLong("job_id"),
            rs.getInt("version"),
            rs.getString("name"),
            form(rs),
            papers(rs),
            load(rs),
            rs.getBoolean("wheel_stays"),
            SurroundingsDocument.read(rs.getString("around")),
            chosen(rs),
            VehicleFacts.of(rs.getBoolean("must_be_reversible"), SheetDocument.read(rs.getString("sheet"))));

    private static final String AXLES =
            "SELECT a.*, j.must_be_reversible, j.sheet, k.code AS chosen_code FROM axle a JOIN job j ON j.id = a.job_id LEFT JOIN kit k ON k.id = a.chosen_kit_id ";

    private final JdbcClient jdbc;

    JobStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** A job's row. */
    public record JobRow(
            long id,
            int version,
            String title,
            VehicleKind vehicleKind,
            String vehicle,
            String owner,
            boolean mustBeReversible,
            Optional<LocalDate> promised,
            String notes,
            VehicleSheet sheet) {}

    /** An axle's row with its chosen kit. */
    public record AxleRow(
            long id,
            long jobId,
            int version,
            String name,
            AxleForm form,
            Papers papers,
            Optional<AxleLoad> load,
            boolean wheelStays,
            Map<Side, Surroundings> around,
            Optional<Selection> chosen,
            VehicleFacts facts) {
        /** Code of the chosen kit. */
        public Optional<String> chosenKit() {
            return chosen.map(Selection::kit);
        }
    }

    private static Optional<Selection> chosen(ResultSet rs) throws SQLException {
        String code = rs.getString("chosen_code");
        if (code == null) {
            return Optional.empty();
        }
        String selection = rs.getString("selection");
        Selection chosen = selection == null ? Selection.of(code) : SelectionDocument.readStored(selection);
        return Optional.of(chosen.inEdition(rs.getInt("chosen_kit_edition")));
    }

    private static AxleForm form(ResultSet rs) throws SQLException {
        return new AxleForm(
                AxleEndKind.valueOf(rs.getString("end_kind")),
                BracketShape.valueOf(rs.getString("bracket_shape")),
                SpindleNut.valueOf(rs.getString("nut")),
                Retention.valueOf(rs.getString("retention")),
                rs.getBoolean("grease_through"),
                rs.getBoolean("handed"),
                rs.getBoolean("tone_ring"),
                rs.getBoolean("electric_brakes"));
    }

    private static Papers papers(ResultSet rs) throws SQLException {
        return new Papers(
                Optional.ofNullable(rs.getString("papers_pattern")),
                Optional.ofNullable(rs.getString("papers_housing")),
                Optional.ofNullable(rs.getString("papers_spindle")));
    }

    private static Optional<AxleLoad> load(ResultSet rs) throws SQLException {
        double kg = rs.getDouble("load_kg");
        return rs.wasNull()
                ? Optional.empty()
                : Optional.of(new AxleLoad(kg, AxleLoad.Source.valueOf(rs.getString("load_source"))));
    }

    /** A page of the jobs whose title, vehicle or owner holds a text, promised first first. */
    public List<JobRow> jobs(String text, int offset, int limit) {
        return jdbc.sql("""
                SELECT * FROM job WHERE :text = '' OR CONCAT(title, ' ', vehicle, ' ', owner) LIKE :like
                ORDER BY COALESCE(promised, '9999-12-31'), id LIMIT :limit OFFSET :offset
                """)
                .param("text", text)
                .param("like", like(text))
                .param("limit", limit)
                .param("offset", offset)
                .query(JOB)
                .list();
    }

    /** How many jobs hold a text. */
    public int count(String text) {
        return jdbc.sql(
                        "SELECT COUNT(*) FROM job WHERE :text = '' OR CONCAT(title, ' ', vehicle, ' ', owner) LIKE :like")
                .param("text", text)
                .param("like", like(text))
                .query(Integer.class)
                .single();
    }

    private static String like(String text) {
        return "%" + text.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_") + "%";
    }

    /** The axles of several jobs, in the order of each job. */
    public List<AxleRow> axles(List<Long> jobIds) {
        return jobIds.isEmpty()
                ? List.of()
                : jdbc.sql(AXLES + "WHERE a.job_id IN (:jobs) ORDER BY a.job_id, a.ordinal")
                        .param("jobs", jobIds)
                        .query(AXLE)
                        .list();
    }

    /** Keeps others from changing the job until this write is done. */
    public void lockJob(long id) {
        jdbc.sql("SELECT id FROM job WHERE id = :id FOR UPDATE")
                .param("id", id)
                .query(Long.class)
                .optional()
                .orElseThrow(() -> new NotFoundException("Job " + id));
    }

    /** Keeps others from changing the axle, or adding to its record, until this write is done. */
    public void lockAxle(long id) {
        jdbc.sql("SELECT id FROM axle WHERE id = :id FOR UPDATE")
                .param("id", id)
                .query(Long.class)
                .optional()
                .orElseThrow(() -> new NotFoundException("Axle " + id));
    }

    public JobRow job(long id) {
        return jdbc.sql("SELECT * FROM job WHERE id = :id")
                .param("id", id)
                .query(JOB)
                .optional()
                .orElseThrow(() -> new NotFoundException("Job " + id));
    }

    public List<AxleRow> axles(long jobId) {
        return jdbc.sql(AXLES + "WHERE a.job_id = :job ORDER BY a.ordinal")
                .param("job", jobId)
                .query(AXLE)
                .list();
    }

    public AxleRow axle(long id) {
        return jdbc.sql(AXLES + "WHERE a.id = :id")
                .param("id", id)
                .query(AXLE)
                .optional()
                .orElseThrow(() -> new NotFoundException("Axle " + id));
    }

    /** The brakes of the whole vehicle, as written down. */
    public CircuitSheet circuit(long jobId) {
        return CircuitDocument.read(jdbc.sql("SELECT circuit FROM job WHERE id = :id")
                .param("id", jobId)
                .query(String.class)
                .single());
    }

    /** Writes the brakes of the whole vehicle down, if the job is still in the version given. */
    public void changeCircuit(long jobId, int version, CircuitSheet circuit) {
        int changed = jdbc.sql(
                        "UPDATE job SET circuit = :circuit, version = version + 1 WHERE id = :id AND version = :version")
                .param("id", jobId)
                .param("version", version)
                .param("circuit", CircuitDocument.write(circuit))
                .update();
        if (changed == 0) {
            throw new StaleVersionException("The job");
        }
    }

    /** Writes the brakes of the whole vehicle of a new job down. */
    public void setCircuit(long jobId, CircuitSheet circuit) {
        jdbc.sql("UPDATE job SET circuit = :circuit WHERE id = :id")
                .param("id", jobId)
                .param("circuit", CircuitDocument.write(circuit))
                .update();
    }

    /** Adds a job and gives its key. */
    public long addJob(JobRow job, long personId) {
        KeyHolder key = new GeneratedKeyHolder();
        jdbc.sql("""
                INSERT INTO job (title, vehicle_kind, vehicle, owner, must_be_reversible, promised, notes, sheet, created_at, created_by)
                VALUES (:title, :kind, :vehicle, :owner, :reversible, :promised, :notes, :sheet, :now, :person)
                """)
                .param("title", job.title())
                .param("kind", job.vehicleKind().name())
                .param("vehicle", job.vehicle())
                .param("owner", job.owner())
                .param("reversible", job.mustBeReversible())
                .param("promised", job.promised().map(Date::valueOf).orElse(null))
                .param("notes", job.notes())
                .param("sheet", SheetDocument.write(job.sheet()))
                .param("now", Timestamp.from(Instant.now()))
                .param("person", personId)
                .update(key, "id");
        return key.getKeyAs(Number.class).longValue();
    }

    /** Changes a job if its version is still the one given. */
    public void changeJob(JobRow job) {
        int changed = jdbc.sql("""
                UPDATE job SET version = version + 1, title = :title, vehicle_kind = :kind, vehicle = :vehicle, owner = :owner,
                  must_be_reversible = :reversible, promised = :promised, notes = :notes, sheet = :sheet
                WHERE id = :id AND version = :version
                """)
                .param("title", job.title())
                .param("kind", job.vehicleKind().name())
                .param("vehicle", job.vehicle())
                .param("owner", job.owner())
                .param("reversible", job.mustBeReversible())
                .param("promised", job.promised().map(Date::valueOf).orElse(null))
                .param("notes", job.notes())
                .param("sheet", SheetDocument.write(job.sheet()))
                .param("id", job.id())
                .param("version", job.version())
                .update();
        if (changed == 0) {
            job(job.id());
            throw new StaleVersionException("The job “" + job.title() + "”");
        }
    }

    /** Adds an axle and gives its key. */
    public long addAxle(long jobId, int ordinal, AxleRow axle) {
        KeyHolder key = new GeneratedKeyHolder();
        jdbc.sql("""
                INSERT INTO axle (job_id, ordinal, name, end_kind, bracket_shape, nut, retention, grease_through, handed,
                  tone_ring, electric_brakes, papers_pattern, papers_housing, papers_spindle, load_kg, load_source, wheel_stays, around)
                VALUES (:job, :ordinal, :name, :kind, :shape, :nut, :retention, :grease, :handed, :ring, :electric, :pattern,
                  :housing, :spindle, :load, :source, :stays, :around)
                """)
                .param("job", jobId)
                .param("ordinal", ordinal)
                .param("around", SurroundingsDocument.write(axle.around()))
                .params(columns(axle))
                .update(key, "id");
        return key.getKeyAs(Number.class).longValue();
    }

    private static Map<String, @Nullable Object> columns(AxleRow axle) {
        Map<String, @Nullable Object> columns = new HashMap<>();
        AxleForm form = axle.form();
        columns.put("name", axle.name());
        columns.put("kind", form.kind().name());
        columns.put("shape", form.bracketShape().name());
        columns.put("nut", form.nut().name());
        columns.put("retention", form.retention().name());
        columns.put("grease", form.greaseThrough());
        columns.put("handed", form.handed());
        columns.put("ring", form.toneRing());
        columns.put("electric", form.electricBrakes());
        columns.put("pattern", axle.papers().wheelPattern().orElse(null));
        columns.put("housing", axle.papers().housingEnd().orElse(null));
        columns.put("spindle", axle.papers().spindle().orElse(null));
        columns.put("load", axle.load().map(AxleLoad::kg).orElse(null));
        columns.put("source", axle.load().map(l -> l.source().name()).orElse(null));
        columns.put("stays", axle.wheelStays());
        return columns;
    }

    /** Changes what was seen of an axle if its version is still the one given. */
    public void changeAxle(AxleRow axle) {
        int changed = jdbc.sql("""
                UPDATE axle SET version = version + 1, name = :name, end_kind = :kind, bracket_shape = :shape, nut = :nut,
                  retention = :retention, grease_through = :grease, handed = :handed, tone_ring = :ring,
                  electric_brakes = :electric, papers_pattern = :pattern, papers_housing = :housing, papers_spindle = :spindle,
                  load_kg = :load, load_source = :source, wheel_stays = :stays
                WHERE id = :id AND version = :version
                """)
                .params(columns(axle))
                .param("id", axle.id())
                .param("version", axle.version())
                .update();
        if (changed == 0) {
            throw new StaleVersionException("The " + axle(axle.id()).name());
        }
    }

    /** Changes what stands around the wheels of an axle if its version is still the one given. */
    public void changeAround(long axleId, int version, Map<Side, Surroundings> around) {
        int changed = jdbc.sql(
                        "UPDATE axle SET version = version + 1, around = :around WHERE id = :id AND version = :version")
                .param("around", SurroundingsDocument.write(around))
                .param("id", axleId)
                .param("version", version)
                .update();
        if (changed == 0) {
            throw new StaleVersionException("The " + axle(axleId).name());
        }
    }

    /**
     * Chooses for an axle, or takes the choice back, if the axle's version is still the one given.
     *
     * @param chosen what is chosen, its edition told
     * @param kitId key of its kit
     */
    public void choose(long axleId, int version, Optional<Selection> chosen, Optional<Long> kitId) {
        int changed = jdbc.sql("""
                UPDATE axle SET version = version + 1, chosen_kit_id = :kit, chosen_kit_edition = :edition, selection = :selection
                WHERE id = :id AND version = :version
                """)
                .param("kit", kitId.orElse(null))
                .param("edition", chosen.map(s -> s.edition().orElseThrow()).orElse(null))
                .param("selection", chosen.map(SelectionDocument::write).orElse(null))
                .param("id", axleId)
                .param("version", version)
                .update();
        if (changed == 0) {
            AxleRow now = axle(axleId);
            throw new StaleVersionException("The choice for the " + now.name() + " (now "
                    + now.chosenKit().orElse("none") + ")");
        }
    }
}
