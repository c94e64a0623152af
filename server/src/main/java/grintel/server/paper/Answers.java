package grintel.server.paper;

import grintel.server.paper.PaperService.Examined;
import grintel.server.work.WorkStatus;
import java.util.function.Function;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** What the controllers of papers answer: work, or what is seen of a paper once that is done. */
@Component
class Answers {
    private final JsonMapper json;

    Answers(JsonMapper json) {
        this.json = json;
    }

    WorkView work(WorkStatus work) {
        return WorkView.of(work, json);
    }

    /** What is seen of an examined paper; or, with status 202, the work that examines it. */
    ResponseEntity<?> whenReady(Examined examined, Function<Examined.Ready, ResponseEntity<?>> answer) {
        if (examined instanceof Examined.Ready ready) {
            return answer.apply(ready);
        }
        return ResponseEntity.accepted()
                .contentType(MediaType.APPLICATION_JSON)
                .body(work(((Examined.UnderWay) examined).work()));
    }
}
