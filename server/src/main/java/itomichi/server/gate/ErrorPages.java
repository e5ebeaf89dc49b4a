package itomichi.server.gate;

import itomichi.server.platform.Problem;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is told where something went wrong outside of every controller: one line like every other problem. */
@RestController
class ErrorPages implements ErrorController {

    @RequestMapping(path = "/error")
    ResponseEntity<Problem> told(HttpServletRequest request) {
        Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        HttpStatus status = code instanceof Integer number
                ? HttpStatus.valueOf(number)
                // nobody was sent here: the address itself was asked for
                : HttpStatus.NOT_FOUND;
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_JSON)
                .body(new Problem(line(status), null));
    }

    static String line(HttpStatus status) {
        return status.is5xxServerError()
                ? "That could not be done; the reason is in the application’s log."
                : "There is nothing to be had at this address in this way.";
    }
}
