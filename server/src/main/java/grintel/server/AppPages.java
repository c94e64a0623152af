package grintel.server;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** The addresses the web application knows; all of them are its one page. */
@Controller
class AppPages {
    @GetMapping({"/", "/papers", "/papers/{id}", "/bring", "/account"})
    String page() {
        return "forward:/index.html";
    }
}
