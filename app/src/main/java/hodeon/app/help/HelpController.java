package hodeon.app.help;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** What each page is for and what to do first, and what the words mean. */
@Controller
class HelpController {

    @GetMapping("/help")
    String help() {
        return "help/help";
    }
}
