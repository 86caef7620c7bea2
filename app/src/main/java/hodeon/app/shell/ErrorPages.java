package hodeon.app.shell;

import hodeon.app.storage.seal.Seal;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.ConversionNotSupportedException;
import org.springframework.beans.InvalidPropertyException;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.ui.Model;
import org.springframework.validation.BindException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.multipart.support.MissingServletRequestPartException;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.NoHandlerFoundException;
import org.springframework.web.servlet.resource.NoResourceFoundException;

/** Says what went wrong and what to do, on a page like the others; never a stack trace. */
@ControllerAdvice
class ErrorPages {

    private static final Logger LOG = LoggerFactory.getLogger(ErrorPages.class);

    @ExceptionHandler({
        NotHere.class,
        NoHandlerFoundException.class,
        NoResourceFoundException.class,
        MethodArgumentTypeMismatchException.class
    })
    @ResponseStatus(HttpStatus.NOT_FOUND)
    String notHere(Model model) {
        return page(
                model,
                "Nothing here",
                "This address leads to nothing of yours: it may have been deleted, or mistyped.",
                "Go back to the shelf and open it from there.");
    }

    @ExceptionHandler(InvalidPropertyException.class)
    @ResponseStatus(HttpStatus.BAD_REQUEST)
    String tooManyRows(Model model) {
        return page(
                model,
                "Too many rows",
                "The form holds more rows than an outing can: at most 60 people and 20 legs. Nothing was saved.",
                "Give people who are alike one row with a number, or split the outing.");
    }

    @ExceptionHandler({
        BindException.class,
        MissingServletRequestParameterException.class,
        HttpRequestMethodNotSupportedException.class,
        MaxUploadSizeExceededException.class,
        ConversionNotSupportedException.class,
        HttpMessageNotReadableException.class,
        IllegalStateException.class
    })
    @ResponseStatus(HttpStatus.BAD_REQUEST)
    String notUnderstood(HttpServletRequest request, Exception e, Model model) {
        LOG.info("Not understood: {}: {}", where(request), e.getClass().getSimpleName());
        return page(
                model,
                "Not understood",
                "What was sent is incomplete, too large (at most 512 kB) or not what this page expects. Nothing was saved.",
                "Go back, reload the page and try again.");
    }

    @ExceptionHandler(Seal.Locked.class)
    @ResponseStatus(HttpStatus.LOCKED)
    String locked(Seal.Locked e, Model model) {
        return page(
                model,
                "People are locked",
                Wording.says("errorPages.whatIsWrittenAboutPeople", e.getMessage()),
                "Put the key file back from your copy and press “Look again” above. Everything else works.");
    }

    /** A part of a form, such as a file, is missing. */
    @ExceptionHandler(MissingServletRequestPartException.class)
    @ResponseStatus(HttpStatus.BAD_REQUEST)
    String partMissing(MissingServletRequestPartException e, Model model) {
        return page(
                model,
                "Not understood",
                Wording.says("errorPages.aFileIsNeeded", e.getRequestPartName()),
                "Go back, choose the file and send it again.");
    }

    /** An upload that was cut off, or is not written as one. */
    @ExceptionHandler(MultipartException.class)
    @ResponseStatus(HttpStatus.BAD_REQUEST)
    String uploadBroken(HttpServletRequest request, MultipartException e, Model model) {
        LOG.info("Upload broken: {}: {}", where(request), e.getClass().getSimpleName());
        return page(
                model,
                "Not understood",
                "The upload was cut off, or what was sent is no form with a file (multipart/form-data with its boundary). Nothing was"
                        + " saved.",
                "Go back, reload the page and send the file again, whole.");
    }

    /** What the database says around it hides that it is the key that is missing. */
    @ExceptionHandler(DataAccessException.class)
    String inTheDatabase(HttpServletRequest request, HttpServletResponse response, DataAccessException e, Model model) {
        if (NestedExceptionUtils.getMostSpecificCause(e) instanceof Seal.Locked locked) {
            response.setStatus(HttpStatus.LOCKED.value());
            return locked(locked, model);
        }
        response.setStatus(HttpStatus.INTERNAL_SERVER_ERROR.value());
        return ourFault(request, e, model);
    }

    @ExceptionHandler(Exception.class)
    String any(HttpServletRequest request, HttpServletResponse response, Exception e, Model model) {
        // What Spring itself answers with a client's status is a client's fault: a wrong content type, an Accept nobody
        // can meet.
        if (e instanceof ErrorResponse known && known.getStatusCode().is4xxClientError()) {
            String said = notUnderstood(request, e, model);
            response.setStatus(known.getStatusCode().value());
            return said;
        }
        response.setStatus(HttpStatus.INTERNAL_SERVER_ERROR.value());
        return ourFault(request, e, model);
    }

    private static String ourFault(HttpServletRequest request, Exception e, Model model) {
        LOG.error("Failed: {}", where(request), e);
        return page(
                model,
                "Our fault",
                "Something in Hodeon failed. What was confirmed as saved is safe; this last step was not done.",
                "Try again; if it fails again, restart Hodeon. The log says more.");
    }

    record ErrorPage(String title, String what, String remedy) {}

    /** The page as a pattern: what stands in an address may be a secret, and what was typed may be about somebody. */
    private static String where(HttpServletRequest request) {
        Object pattern = request.getAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE);
        return request.getMethod() + " " + (pattern == null ? "no page" : pattern);
    }

    private static String page(Model model, String title, String what, String remedy) {
        return Shown.page("error/page", new ErrorPage(title, what, remedy), model);
    }
}
