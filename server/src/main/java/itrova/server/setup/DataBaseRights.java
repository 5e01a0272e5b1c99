package itrova.server.setup;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.flywaydb.core.api.callback.Callback;
import org.flywaydb.core.api.callback.Context;
import org.flywaydb.core.api.callback.Event;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Gives the server's own account what it needs of each table, and no more: only adding and reading where triggers keep rows from
 * changing, nothing at all on the migrations' record. Done anew after each migration by the account that made the tables; where one
 * account does both, nothing is given.
 */
@Component
class DataBaseRights implements Callback {
    private final String account;
    private final String owner;

    DataBaseRights(
            @Value("${spring.datasource.username}") String account, @Value("${spring.flyway.user:}") String owner) {
        this.account = account;
        this.owner = owner;
    }

    @Override
    public boolean supports(Event event, Context context) {
        return event == Event.AFTER_MIGRATE && !owner.isBlank() && !owner.equals(account);
    }

    @Override
    public boolean canHandleInTransaction(Event event, Context context) {
        return false;
    }

    @Override
    public String getCallbackName() {
        return "rights of the server's account";
    }

    @Override
    public void handle(Event event, Context context) {
        if (!account.matches("[a-z_]+")) {
            throw new IllegalStateException("The data base account's name is to be of small letters: " + account);
        }
        Connection db = context.getConnection();
        try {
            for (String table : tables(db)) {
                String rights = isOnlyAddedTo(db, table) ? "SELECT, INSERT" : "SELECT, INSERT, UPDATE, DELETE";
                try (Statement grant = db.createStatement()) {
                    grant.execute("GRANT " + rights + " ON `" + db.getCatalog() + "`.`" + table + "` TO '" + account
                            + "'@'127.0.0.1'");
                }
            }
        } catch (SQLException e) {
            throw new IllegalStateException("The server's account could not be given its rights.", e);
        }
    }

    private static List<String> tables(Connection db) throws SQLException {
        List<String> tables = new ArrayList<>();
        try (PreparedStatement ask = db.prepareStatement(
                "SELECT table_name FROM information_schema.tables WHERE table_schema = DATABASE() AND table_name <> 'flyway_schema_history'")) {
            try (ResultSet rs = ask.executeQuery()) {
                while (rs.next()) {
                    tables.add(rs.getString(1));
                }
            }
        }
        return tables;
    }

    /** Its trigger says so: one list of such tables, not two. */
    private static boolean isOnlyAddedTo(Connection db, String table) throws SQLException {
        try (PreparedStatement ask = db.prepareStatement(
                "SELECT COUNT(*) FROM information_schema.triggers WHERE trigger_schema = DATABASE() AND trigger_name = ?")) {
            ask.setString(1, table + "_never_changes");
            try (ResultSet rs = ask.executeQuery()) {
                rs.next();
                return rs.getInt(1) > 0;
            }
        }
    }
}
