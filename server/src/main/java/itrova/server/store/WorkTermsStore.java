package itrova.server.store;

import itrova.core.remedy.WorkKind;
import itrova.core.settings.WorkTerms;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** What kinds of work take in this shop, where it set its own terms. */
@Repository
public class WorkTermsStore {
    private final JdbcClient jdbc;
    private final EditionStore editions;

    WorkTermsStore(JdbcClient jdbc, EditionStore editions) {
        this.jdbc = jdbc;
        this.editions = editions;
    }

    /** Terms as set; a version of 0 stands for those never set. */
    public record Row(WorkKind kind, int version, WorkTerms terms) {}

    public List<Row> all() {
        return jdbc.sql("SELECT kind, version, who, minutes, cents, days FROM work_terms")
                .query((rs, i) -> new Row(
                        WorkKind.valueOf(rs.getString(1)),
                        rs.getInt(2),
                        new WorkTerms(rs.getString(3), rs.getInt(4), rs.getLong(5), rs.getInt(6))))
                .list();
    }

    /** Sets what a kind of work takes, or puts it back to what is usual, if its version is still the one given. */
    @Transactional
    public void save(WorkKind kind, Optional<WorkTerms> terms, int version, long personId) {
        WorkTerms before = all().stream()
                .filter(r -> r.kind() == kind)
                .map(Row::terms)
                .findFirst()
                .orElse(kind.defaultTerms());
        WorkTerms now = terms.orElse(kind.defaultTerms());
        String sql = version == 0
                ? "INSERT IGNORE INTO work_terms (kind, who, minutes, cents, days) VALUES (:kind, :who, :minutes, :cents, :days)"
                : """
                UPDATE work_terms SET version = version + 1, who = :who, minutes = :minutes, cents = :cents, days = :days
                WHERE kind = :kind AND version = :version
                """;
        JdbcClient.StatementSpec statement = jdbc.sql(sql)
                .param("kind", kind.name())
                .param("who", now.who())
                .param("minutes", now.minutes())
                .param("cents", now.cents())
                .param("days", now.days());
        if ((version == 0 ? statement : statement.param("version", version)).update() == 0) {
            throw new StaleVersionException("What “" + kind.title() + "” takes");
        }
        editions.keep(EditionStore.Shelf.WORK, kind.name(), version + 1, words(before), words(now), personId);
    }

    private static String words(WorkTerms t) {
        return t.who() + "; " + t.minutes() + " min; " + t.cents() / 100.0 + "; " + t.days() + " days";
    }
}
