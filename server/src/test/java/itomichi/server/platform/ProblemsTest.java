package itomichi.server.platform;

import static org.testng.Assert.assertEquals;

import java.sql.SQLException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A database that is away is told apart from a fault of ours: only the first is worth asking again. */
public class ProblemsTest {

    @DataProvider
    Object[][] failures() {
        // SQLSTATE classes by the manual of PostgreSQL, appendix A: 08 connection exceptions, 57P operator intervention
        return new Object[][] {
            {new CannotCreateTransactionException("begin", new SQLException("refused", "08001")), 503},
            {new TransactionSystemException("rollback", new SQLException("closed", "08003")), 503},
            {new TransactionSystemException("commit", new SQLException("terminating connection", "57P01")), 503},
            {new DataAccessResourceFailureException("select"), 503},
            {undone(new DataAccessResourceFailureException("select")), 503},
            {undone(new DataIntegrityViolationException("insert")), 503},
            {new TransactionSystemException("commit", new SQLException("serialization", "40001")), 503},
            {new DataIntegrityViolationException("insert", new SQLException("duplicate", "23505")), 422},
            {new DataIntegrityViolationException("insert", new SQLException("no such book", "23503")), 500},
            {new DataIntegrityViolationException("insert", new SQLException("disk full", "53100")), 503},
            {new DataIntegrityViolationException("rollback", new SQLException("This connection has been closed.")), 503
            },
        };
    }

    /** A rollback that failed too, as the pool tells it: without a SQLSTATE. */
    private static TransactionSystemException undone(RuntimeException first) {
        TransactionSystemException rollback =
                new TransactionSystemException("rollback", new SQLException("Connection is closed"));
        rollback.initApplicationException(first);
        return rollback;
    }

    @Test(dataProvider = "failures")
    public void onlyADatabaseThatIsAwayIsWorthAskingAgain(RuntimeException failure, int status) {
        assertEquals(new Problems().database(failure).getStatusCode().value(), status);
    }
}
