package itrova.server.api;

import itrova.formats.DocumentException;
import itrova.server.security.FaultFilter;
import itrova.server.store.NotFoundException;
import itrova.server.store.StaleVersionException;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.TransientDataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.security.authentication.AuthenticationServiceException;
import org.springframework.security.authentication.CredentialsExpiredException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.HandlerMethodValidationException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Every refusal as problem details (RFC 9457) with field, value and remedy in plain words. */
@RestControllerAdvice
public class Problems extends ResponseEntityExceptionHandler {
    private static final int LONGEST_VALUE_ECHOED = 80;

    @ExceptionHandler
    public ProblemDetail onBadInput(BadInputException e) {
        ProblemDetail problem = detail(HttpStatus.UNPROCESSABLE_CONTENT, "Cannot be taken", e.getMessage());
        problem.setProperty("field", e.field());
        problem.setProperty(
                "value",
                e.value().length() > LONGEST_VALUE_ECHOED ? e.value().substring(0, LONGEST_VALUE_ECHOED) : e.value());
        problem.setProperty("confirmable", e.confirmable());
        e.mend().ifPresent(text -> problem.setProperty("mend", text));
        return problem;
    }

    @ExceptionHandler
    public ProblemDetail onReadingClash(ReadingClashException e) {
        ProblemDetail problem = detail(HttpStatus.CONFLICT, "Read by two", e.getMessage());
        problem.setProperty("theirs", e.theirs());
        return problem;
    }

    @ExceptionHandler
    public ProblemDetail onDocument(DocumentException e) {
        ProblemDetail problem = detail(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "Nothing was imported",
                e.problems().size() == 1
                        ? "One fault was found; nothing was imported."
                        : e.problems().size() + " faults were found; nothing was imported.");
        problem.setProperty("problems", e.problems());
        return problem;
    }

    @ExceptionHandler
    public ProblemDetail onNotFound(NotFoundException e) {
        return detail(HttpStatus.NOT_FOUND, "Not here", e.getMessage());
    }

    @ExceptionHandler
    public ProblemDetail onStale(StaleVersionException e) {
        return detail(HttpStatus.CONFLICT, "Changed meanwhile", e.getMessage());
    }

    @ExceptionHandler
    public ProblemDetail onConflict(ConflictException e) {
        return detail(HttpStatus.CONFLICT, "Not allowed now", e.getMessage());
    }

    @ExceptionHandler
    public ProblemDetail onSeenOther(SeenOtherException e) {
        ProblemDetail problem = detail(HttpStatus.CONFLICT, "Changed meanwhile", e.getMessage());
        problem.setProperty("seen", e.seen());
        problem.setProperty("now", e.now());
        return problem;
    }

    /** The data base is away or busy: said as such, and when to try again. */
    @ExceptionHandler({
        DataAccessResourceFailureException.class,
        TransientDataAccessException.class,
        CannotGetJdbcConnectionException.class,
        TransactionException.class
    })
    public ResponseEntity<ProblemDetail> onDataBase(Exception e) {
        return unavailable();
    }

    private static ResponseEntity<ProblemDetail> unavailable() {
        return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
                .header(HttpHeaders.RETRY_AFTER, FaultFilter.RETRY_AFTER_SECONDS)
                .body(detail(HttpStatus.SERVICE_UNAVAILABLE, "Not now", FaultFilter.UNAVAILABLE));
    }

    @ExceptionHandler
    public ResponseEntity<ProblemDetail> onTooMany(TooManyException e) {
        return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
                .header(HttpHeaders.RETRY_AFTER, String.valueOf(e.howLong().toSeconds() + 1))
                .body(detail(HttpStatus.TOO_MANY_REQUESTS, "Too many tries", e.getMessage()));
    }

    /** A sign-in that could not be looked at is no wrong password. */
    @ExceptionHandler
    public ResponseEntity<ProblemDetail> onSignInBroken(AuthenticationServiceException e) {
        return unavailable();
    }

    @ExceptionHandler
    public ProblemDetail onSignIn(AuthenticationException e) {
        return detail(HttpStatus.UNAUTHORIZED, "Not signed in", "Name and password do not belong together. Try again.");
    }

    @ExceptionHandler
    public ProblemDetail onRetired(CredentialsExpiredException e) {
        return detail(HttpStatus.UNAUTHORIZED, "Not signed in", "You are not signed in any more. Ask the lead.");
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        for (Throwable cause = e.getCause(); cause != null; cause = cause.getCause()) {
            if (cause.getClass() == IllegalArgumentException.class && cause.getMessage() != null) {
                // a record of ours refused its values and says which
                ProblemDetail refused = detail(HttpStatus.UNPROCESSABLE_CONTENT, "Cannot be taken", cause.getMessage());
                return new ResponseEntity<>(refused, headers, HttpStatus.UNPROCESSABLE_CONTENT);
            }
        }
        ProblemDetail problem = detail(
                HttpStatus.BAD_REQUEST,
                "Not understood",
                "The request is not the JSON this address takes. Check names and values of its fields.");
        return new ResponseEntity<>(problem, headers, status);
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String what = e.getBindingResult().getFieldErrors().stream()
                .map(f -> f.getField() + " " + f.getDefaultMessage())
                .sorted()
                .collect(Collectors.joining("; "));
        ProblemDetail problem = detail(HttpStatus.UNPROCESSABLE_CONTENT, "Cannot be taken", what + ".");
        if (!e.getBindingResult().getFieldErrors().isEmpty()) {
            problem.setProperty(
                    "field", e.getBindingResult().getFieldErrors().get(0).getField());
        }
        return new ResponseEntity<>(problem, headers, HttpStatus.UNPROCESSABLE_CONTENT);
    }

    /** A figure asked for in the address that is out of its bounds. */
    @Override
    protected @Nullable ResponseEntity<Object> handleHandlerMethodValidationException(
            HandlerMethodValidationException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<String> faults = e.getParameterValidationResults().stream()
                .flatMap(r -> r.getResolvableErrors().stream()
                        .map(fault -> r.getMethodParameter().getParameterName() + " of " + r.getArgument() + " "
                                + fault.getDefaultMessage()))
                .sorted()
                .toList();
        ProblemDetail problem =
                detail(HttpStatus.UNPROCESSABLE_CONTENT, "Cannot be taken", String.join("; ", faults) + ".");
        return new ResponseEntity<>(problem, headers, HttpStatus.UNPROCESSABLE_CONTENT);
    }

    private static ProblemDetail detail(HttpStatus status, String title, @Nullable String text) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, text == null ? "" : text);
        problem.setTitle(title);
        return problem;
    }
}
