package grintel.server;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** The addresses the web application knows; all of them are its one page. */
@Controller
class AppPages {
    @GetMapping({
        "/",
        "/papers",
        "/papers/{id}",
        "/papers/{id}/table",
        "/papers/{id}/figure",
        "/papers/{id}/appendix",
        "/table",
        "/figure",
        "/appendix",
        "/bring",
        "/brief",
        "/from-text",
        "/house-rules",
        "/shared-rules/{token}",
        "/settings",
        "/new-password"
    })
    String page() {
        return "forward:/index.html";
    }

    /** Any other address is answered by the application's own page too, which says so; files and requests are not. */
    @GetMapping(path = "/{first:^(?!api$|assets$|faces$|actuator$)[^.]*$}/**", produces = MediaType.TEXT_HTML_VALUE)
    String unknown(HttpServletResponse response) {
        response.setStatus(HttpServletResponse.SC_NOT_FOUND);
        return page();
    }
}
