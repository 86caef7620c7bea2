package hodeon.app.api;

import hodeon.app.shell.NotHere;
import hodeon.app.shell.Wording;
import hodeon.core.notice.Fault;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.ErrorResponseException;
import org.springframework.web.HttpMediaTypeNotAcceptableException;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MultipartException;

/** Every error of the API as problem+json (RFC 9457); never a stack trace. */
@RestControllerAdvice(basePackageClasses = ApiErrors.class)
@Order(Ordered.HIGHEST_PRECEDENCE)
class ApiErrors {

    private static final Logger LOG = LoggerFactory.getLogger(ApiErrors.class);

    /** A fault as the API tells it. */
    record Told(String field, String value, String limit, String remedy) {

        static Told of(Fault fault) {
            return new Told(fault.field(), fault.value(), fault.limit(), fault.remedy());
        }
    }

    @ExceptionHandler(NotValid.class)
    ProblemDetail notValid(NotValid e) {
        List<Fault> faults = e.faults();
        ProblemDetail problem = problem(
                HttpStatus.UNPROCESSABLE_CONTENT,
                Wording.says("faults.title", faults.size()),
                faults.getFirst().sentence());
        problem.setProperty("faults", faults.stream().map(Told::of).toList());
        return problem;
    }

    @ExceptionHandler(CannotHold.class)
    ProblemDetail cannotHold(CannotHold e) {
        ProblemDetail problem = problem(
                HttpStatus.CONFLICT,
                "What must come cannot hold together",
                "These cannot hold together: " + String.join("; ", e.conflict()) + ".");
        problem.setProperty("conflict", e.conflict());
        problem.setProperty("floors", e.floors());
        return problem;
    }

    @ExceptionHandler(HttpMessageNotReadableException.class)
    ProblemDetail notReadable() {
        return problem(
                HttpStatus.BAD_REQUEST,
                "Not JSON",
                "The body could not be read as JSON, or is larger than " + BodyLimit.MEGABYTES
                        + " MB. Check brackets, commas and quotes.");
    }

    @ExceptionHandler(HttpMediaTypeNotSupportedException.class)
    ProblemDetail mediaType() {
        return problem(
                HttpStatus.UNSUPPORTED_MEDIA_TYPE, "Not JSON", "Send the body with Content-Type: application/json.");
    }

    @ExceptionHandler({NotHere.class, MethodArgumentTypeMismatchException.class})
    ProblemDetail notHere() {
        return problem(HttpStatus.NOT_FOUND, "Nothing here", "This address leads to nothing of yours.");
    }

    @ExceptionHandler(HttpRequestMethodNotSupportedException.class)
    ProblemDetail method(HttpRequestMethodNotSupportedException e) {
        return problem(
                HttpStatus.METHOD_NOT_ALLOWED,
                "Not this method",
                e.getMethod() + " is not answered here; see the OpenAPI document at /api/v1/openapi.yaml.");
    }

    @ExceptionHandler(ErrorResponseException.class)
    ProblemDetail known(ErrorResponseException e) {
        return e.getBody();
    }

    /** Whoever accepts nothing that is written here is told in what is. */
    @ExceptionHandler(HttpMediaTypeNotAcceptableException.class)
    ResponseEntity<ProblemDetail> notAcceptable() {
        return ResponseEntity.status(HttpStatus.NOT_ACCEPTABLE)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem(
                        HttpStatus.NOT_ACCEPTABLE,
                        "Not acceptable",
                        "Accept: only application/json is written here. Ask for it, or leave the header out."));
    }

    @ExceptionHandler(MultipartException.class)
    ProblemDetail multipart() {
        return mediaType();
    }

    @ExceptionHandler(Exception.class)
    ProblemDetail ourFault(HttpServletRequest request, Exception e) {
        LOG.error("Failed: {} {}", request.getMethod(), request.getRequestURI(), e);
        return problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Our fault",
                "Something in Hodeon failed; nothing was half-saved. The log says more.");
    }

    private static ProblemDetail problem(HttpStatusCode status, String title, String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setTitle(title);
        return problem;
    }
}
