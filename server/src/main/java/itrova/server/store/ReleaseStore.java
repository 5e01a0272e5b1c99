package itrova.server.store;

import itrova.core.choice.Selection;
import itrova.core.work.BenchPlan;
import itrova.formats.PlanDocument;
import itrova.formats.ReportSeal;
import itrova.formats.SelectionDocument;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What was signed or ordered, and the plans frozen with it; only ever added to. */
@Repository
public class ReleaseStore {
    private final JdbcClient jdbc;

    ReleaseStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * A frozen plan.
     *
     * @param number counts from 1 for each axle
     * @param selection what it is for
     * @param plan its steps
     */
    public record Revision(int number, Selection selection, BenchPlan plan, String by, Instant at) {}

    /** Keeps what was released under the seal of its report; what is kept already stays as it is. The axle must be locked. */
    public void keep(long axleId, String seal, String document, long personId) {
        if (document(axleId, seal).isEmpty()) {
            jdbc.sql("""
                    INSERT INTO released (axle_id, seal, hash, document, person_id, at)
                    VALUES (:axle, :seal, :hash, :document, :person, :now)
                    """)
                    .param("axle", axleId)
                    .param("seal", seal)
                    .param("hash", ReportSeal.of(document))
                    .param("document", document)
                    .param("person", personId)
                    .param("now", Timestamp.from(Instant.now()))
                    .update();
        }
    }

    /** What was released under a seal. */
    public Optional<String> document(long axleId, String seal) {
        return jdbc.sql("SELECT document FROM released WHERE axle_id = :axle AND seal = :seal")
                .param("axle", axleId)
                .param("seal", seal)
                .query(String.class)
                .optional();
    }

    /** Freezes a plan as the axle's next revision. The axle must be locked. */
    public void freeze(long axleId, Selection selection, BenchPlan plan, long personId) {
        jdbc.sql("""
                INSERT INTO plan_revision (axle_id, number, selection, steps, person_id, at)
                SELECT :axle, COALESCE(MAX(number), 0) + 1, :selection, :steps, :person, :now
                FROM plan_revision WHERE axle_id = :axle
                """)
                .param("axle", axleId)
                .param("selection", SelectionDocument.write(selection))
                .param("steps", PlanDocument.write(plan))
                .param("person", personId)
                .param("now", Timestamp.from(Instant.now()))
                .update();
    }

    /** The plan revisions of an axle, first to last. */
    public List<Revision> revisions(long axleId) {
        return jdbc.sql("""
                SELECT r.*, p.name AS person_name FROM plan_revision r JOIN person p ON p.id = r.person_id
                WHERE r.axle_id = :axle ORDER BY r.number
                """)
                .param("axle", axleId)
                .query((rs, i) -> new Revision(
                        rs.getInt("number"),
                        SelectionDocument.readStored(rs.getString("selection")),
                        PlanDocument.readStored(rs.getString("steps")),
                        rs.getString("person_name"),
                        rs.getTimestamp("at").toInstant()))
                .list();
    }

    /** The newest plan frozen for a selection. */
    public Optional<Revision> revision(long axleId, Selection selection) {
        return revisions(axleId).stream()
                .filter(r -> r.selection().isSameAs(selection))
                .reduce((first, second) -> second);
    }
}
